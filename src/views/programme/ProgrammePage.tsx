import { Of, OfThing } from '../../app/OfThing';
import { toRun, toThing, useIdHere } from '../../app/routes';
import { latestInspection, lookedAt, type Item, type Kit } from '../../core/gear';
import { Printer } from 'lucide-react';
import { useContext, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { useItem } from '../../app/kit';
import { planOf, type Planned } from '../../app/plan';
import { beginRun, useRunOf } from '../../app/runs';
import { notify } from '../../app/session';
import { UnderWay } from '../../app/UnderWay';
import { dayText, whenText } from '../../app/time';
import { minutesOf, type Programme } from '../../core/document';
import { minutesText } from '../../core/units';
import { capital } from '../../core/words/text';
import { KIND_WORDS } from '../../core/words';
import { Page, Quiet, TwoColumns } from '../../ui/basics';
import { NotInKit } from '../../app/NotHere';
import { Button, LinkButton } from '../../ui/Button';
import { Units } from '../../ui/units';
import { allInUnits } from '../../core/units/said';
import { Strip } from '../../ui/strata';
import { color, phone } from '../../ui/theme';
import { glanceOf } from '../../core/telling/glance';
import { handOver } from '../../core/telling/hand-over';
import { dayOf } from '../../core/units/day';
import { GlanceCard } from './GlanceCard';
import { OnPaper } from './OnPaper';
import { Steps } from './Steps';
import { Beside } from './Beside';
import type { Run } from '../../core/run';
import { ThingCrumbs } from '../../app/ThingCrumbs';

/** The answer and what can be done from here stay in sight, however far down one reads; on a phone *Start* lies under the thumb. */
const Top = styled.header`
  position: sticky;
  top: 0;
  z-index: 5;
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: flex-start;
  gap: 8px 24px;
  background: ${color.ground};
  padding: 8px 0;
  margin: -16px 0;
  h1 {
    font-size: 30px;
    flex: 1 1 18em;
    max-width: 26em;
  }
  > div {
    display: flex;
    gap: 8px;
  }
  ${phone} {
    h1 {
      font-size: 24px;
    }
    /* Above the bar of places. */
    > div[data-startable] {
      position: fixed;
      inset: auto 0 calc(64px + env(safe-area-inset-bottom)) 0;
      z-index: 19;
      padding: 8px 16px;
      background: ${color.ground};
      border-top: 1px solid ${color.line};
      > :first-child {
        flex: 1;
      }
    }
    /* A low screen keeps its room for reading. */
    @media (max-height: 640px) {
      position: static;
    }
  }
`;

/** What shall I do, and is it safe? Verdict, strip, steps with reasons, limits, choices, what is refused. */
export function ProgrammePage() {
  const { kit, item } = useItem(useIdHere());
  const planned = useMemo(() => (kit && item ? planOf(kit, item) : null), [kit, item]);
  if (!kit) return <Page aria-busy="true" />;
  if (!item || !planned) {
    return <NotInKit />;
  }
  return (
    <OfThing item={item}>
      <Laid kit={kit} item={item} planned={planned} />
    </OfThing>
  );
}

/** What is ticked as ready before it is started, and the start. */
function useStart(item: Item, programme: Programme) {
  const navigate = useNavigate();
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const always = programme.steps.filter((s) => s.when === 'always');
  const start = async (): Promise<void> => {
    const { id, wasUnderWay } = await beginRun(programme, item.name ?? KIND_WORDS[item.kind], { ready: [...ready] });
    if (wasUnderWay) notify('It is already under way; here it is.');
    await navigate(toRun(id));
  };
  const ready = new Set([...ticked].filter((stepId) => always.some((s) => s.id === stepId)));
  const tick = (stepId: string, has: boolean): void =>
    setTicked((old) => (has ? [...old, stepId] : old.filter((other) => other !== stepId)));
  return { ready, tick, start };
}

function Head({ item, programme, run, onStart }: { item: Item; programme: Programme; run: Run | null; onStart: () => void }) {
  const startable = programme.steps.some((s) => s.when === 'always') && programme.method !== 'refer';
  return (
    <Top>
      <h1 aria-live="polite">{programme.verdict}</h1>
      <div className="no-print" data-startable={run ? undefined : true}>
        {run ? null : startable ? (
          <Button data-main-action onPress={onStart}>
            Start
          </Button>
        ) : (
          <LinkButton to={toThing(item.id, 'look-over')} data-main-action>
            <Of>Look it over</Of>
          </LinkButton>
        )}
        <LinkButton look="quiet" to={toThing(item.id, 'rehearse')}>
          Rehearse
        </LinkButton>
        <Button look="quiet" onPress={() => window.print()}>
          <Printer size={18} aria-hidden="true" /> Print
        </Button>
      </div>
    </Top>
  );
}

function Laid({ kit, item, planned }: { kit: Kit; item: Item; planned: Planned }) {
  const run = useRunOf(item.id);
  const units = useContext(Units);
  const { plan } = planned;
  // Shown in the user's units; started, and given to another browser, as it was planned.
  const programme = allInUnits(planned.programme, units);
  const seen = latestInspection(kit.inspections, item.id);
  const time = minutesOf(programme.steps);
  const always = programme.steps.filter((s) => s.when === 'always');
  const { ready, tick, start } = useStart(item, planned.programme);
  const dose = plan.cleaner && plan.dose ? { cleaner: plan.cleaner, dose: plan.dose } : null;
  const figures = allInUnits(glanceOf(planned.programme), units);
  const handed = allInUnits(handOver(planned.programme, item.name ?? KIND_WORDS[item.kind]), units);
  return (
    <Page>
      <OnPaper of={handed} note={seen ? `Looked over ${dayText(dayOf(lookedAt(seen)))}.` : 'Never looked over.'} />
      <ThingCrumbs item={item} here="Programme" />
      {run && <UnderWay run={run} />}
      <Head item={item} programme={programme} run={run} onStart={() => void start()} />
      <p style={{ fontSize: 18 }}>
        {programme.because.length > 0 && <>{capital(programme.because.slice(0, 4).join(', '))}. </>}
        <Quiet style={{ fontSize: 16 }}>
          {seen ? `Looked over ${whenText(lookedAt(seen))}` : 'Never looked over'}; how sure: {programme.confidence}.
        </Quiet>
      </p>
      {always.length > 0 && figures.length === 0 && (
        <Quiet>
          <strong>{minutesText(time.all)}</strong> in all, <strong>{minutesText(time.hands)}</strong> of your time
        </Quiet>
      )}
      <GlanceCard figures={figures} />
      <Strip steps={programme.steps} label="The programme as a strip of time" />
      <TwoColumns $left={1.45}>
        <section aria-label="Steps">
          <Steps programme={programme} dose={dose} ticked={ready} onTick={run ? undefined : tick} />
        </section>
        <Beside kit={kit} item={item} planned={planned} programme={programme} handed={handed} />
      </TwoColumns>
    </Page>
  );
}
