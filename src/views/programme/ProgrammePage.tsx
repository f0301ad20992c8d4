import { toThing, useIdHere } from '../../app/routes';
import { latestInspection, lookedAt, type Item } from '../../core/gear';
import { Printer } from 'lucide-react';
import { useContext, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { useItem } from '../../app/kit';
import { planOf, type Planned } from '../../app/plan';
import { beginRun, useRunOf } from '../../app/runs';
import { notify } from '../../app/session';
import { UnderWay } from '../../app/UnderWay';
import { newId, nowMs, today } from '../../app/now';
import { dayText, whenText } from '../../app/time';
import { isExpired } from '../../core/supplies';
import { minutesOf, type Programme } from '../../core/document';
import { minutesText } from '../../core/units';
import { standsText } from '../../core/telling/stands';
import { capital } from '../../core/words/text';
import { KIND_WORDS, limitText, SUPPLY_WORDS, thingName } from '../../core/words';
import { Column, Figure, Note, Page, Quiet, Row, TwoColumns, NotInKit } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { Units } from '../../ui/units';
import { allInUnits } from '../../core/units/said';
import { Crumbs } from '../../ui/Crumbs';
import { LimitRuler } from '../../ui/LimitRuler';
import { Stack } from '../../ui/Stack';
import { Strip } from '../../ui/strata';
import { color, phone } from '../../ui/theme';
import { glanceOf } from '../../core/telling/glance';
import { handOver, handOverMarkdown } from '../../core/telling/hand-over';
import { dayOf } from '../../core/units/day';
import { download } from '../../app/download';
import { GlanceCard } from './GlanceCard';
import { OnPaper } from './OnPaper';
import { OwnFigures } from './OwnFigures';
import { Schools } from './Schools';
import { Steps } from './Steps';
import { TakesCard } from './TakesCard';
import { Fold } from '../../ui/Disclosure';

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
const Aside = styled.aside`
  display: flex;
  flex-direction: column;
  gap: 24px;
  h2 {
    margin-bottom: 6px;
  }
`;
/** What is asked for seldom, a line each. */
const Folded = styled.div`
  > * {
    border-top: 1px solid ${color.line};
  }
  > :last-child {
    border-bottom: 1px solid ${color.line};
  }
  li {
    padding: 3px 0;
  }
`;
function Rulers({ planned }: { planned: Planned }) {
  const { plan, programme } = planned;
  const wet = programme.steps.find((s) => s.phase === 'wash');
  const hot = programme.steps.find((s) => s.settings.heat !== undefined);
  const spun = programme.steps.find((s) => s.settings.spinRpm !== undefined);
  return (
    <div>
      {wet?.settings.tempC !== undefined && (
        <LimitRuler envelope={plan.envelope} dimension="washMaxC" chosen={wet.settings.tempC} />
      )}
      {wet?.settings.action !== undefined && (
        <LimitRuler envelope={plan.envelope} dimension="action" chosen={wet.settings.action} />
      )}
      {spun?.settings.spinRpm !== undefined && (
        <LimitRuler envelope={plan.envelope} dimension="spinMaxRpm" chosen={spun.settings.spinRpm} />
      )}
      <LimitRuler
        envelope={plan.envelope}
        dimension="tumble"
        chosen={hot?.settings.heat === 'medium' ? 'normal' : (hot?.settings.heat ?? 'none')}
      />
    </div>
  );
}

/** The programme with its thing, as a file that another Umbrastic carries out. */
async function asFile(programme: Programme, item: Item): Promise<void> {
  const [{ saveRunFor }, { startRun }] = await Promise.all([import('../../app/copy'), import('../../core/run')]);
  await saveRunFor(startRun(programme, thingName(item), newId('run'), nowMs()));
}

/** What shall I do, and is it safe? Verdict, strip, steps with reasons, limits, choices, what is refused. */
export function ProgrammePage() {
  const id = useIdHere();
  const { kit, item } = useItem(id);
  const navigate = useNavigate();
  const planned = useMemo(() => (kit && item ? planOf(kit, item) : null), [kit, item]);
  const run = useRunOf(item?.id);
  const units = useContext(Units);
  const [ticked, setTicked] = useState<readonly string[]>([]);
  if (!kit) return <Page aria-busy="true" />;
  if (!item || !planned) {
    return <NotInKit />;
  }
  const { plan } = planned;
  // Shown in the user's units; started, and given to another browser, as it was planned.
  const programme = allInUnits(planned.programme, units);
  const seen = latestInspection(kit.inspections, item.id);
  const time = minutesOf(programme.steps);
  const always = programme.steps.filter((s) => s.when === 'always');
  const start = async (): Promise<void> => {
    const { id, wasUnderWay } = await beginRun(planned.programme, item.name ?? KIND_WORDS[item.kind], { ready: [...ready] });
    if (wasUnderWay) notify('It is already under way; here it is.');
    await navigate(`/run/${id}`);
  };
  const dose = plan.cleaner && plan.dose ? { cleaner: plan.cleaner, dose: plan.dose } : null;
  const meant = new Set(programme.steps.map((s) => s.settings.supplyId));
  const expired = (kit.supplies ?? []).filter((s) => meant.has(s.id) && isExpired(s, today()));
  const figures = allInUnits(glanceOf(planned.programme), units);
  const handed = allInUnits(handOver(planned.programme, item.name ?? KIND_WORDS[item.kind]), units);
  const stands = standsText(plan.envelope);
  const startable = always.length > 0 && programme.method !== 'refer';
  const ready = new Set([...ticked].filter((stepId) => always.some((s) => s.id === stepId)));
  return (
    <Page>
      <OnPaper of={handed} note={seen ? `Looked over ${dayText(dayOf(lookedAt(seen)))}.` : 'Never looked over.'} />
      <Crumbs
        trail={[
          { to: '/kit', name: 'Kit' },
          { to: toThing(item.id), name: item.name ?? KIND_WORDS[item.kind] },
        ]}
        here="Programme"
      />
      {run && <UnderWay run={run} />}
      <Top>
        <h1 aria-live="polite">{programme.verdict}</h1>
        <div className="no-print" data-startable={run ? undefined : true}>
          {run ? null : startable ? (
            <Button data-main-action onPress={() => void start()}>
              Start
            </Button>
          ) : (
            <LinkButton to={toThing(item.id, 'look-over')} data-main-action>
              Look it over
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
          <Steps
            programme={programme}
            dose={dose}
            ticked={ready}
            onTick={
              run
                ? undefined
                : (stepId, has) => setTicked((old) => (has ? [...old, stepId] : old.filter((other) => other !== stepId)))
            }
          />
        </section>
        <Aside>
          {programme.shopping.length > 0 && (
            <section aria-labelledby="shop">
              <h2 id="shop">To get first</h2>
              <ul>
                {programme.shopping.map((s) => (
                  <li key={s.class}>
                    {SUPPLY_WORDS[s.class]} <Figure>{s.needMl ? `${s.needMl} mL` : s.needCount ? `× ${s.needCount}` : ''}</Figure>{' '}
                    {s.perhaps && <Quiet>perhaps, if a check fails</Quiet>}
                  </li>
                ))}
              </ul>
            </section>
          )}
          {expired.map((s) => (
            <Note key={s.id} tone="alarm">
              {s.name ?? SUPPLY_WORDS[s.class]} expired on {dayText(s.expiresOn ?? '')}. Look at its label before you use it.
            </Note>
          ))}
          {programme.envelope.waived
            .filter((w, n, list) => list.findIndex((other) => other.limit === w.limit) === n)
            .map((w) => (
              <Note key={w.limit} tone="alarm">
                {w.by === 'label' ? 'The label' : w.by === 'maker' ? 'The maker' : 'Your choice'} goes past the usual limit, from{' '}
                {limitText(w.limit, w.from)} to {limitText(w.limit, w.to)}. {w.risk}
              </Note>
            ))}
          <Schools plan={plan} kit={kit} />
          <Folded>
            <Fold head={<>What it can stand{stands && <Quiet>: {stands}</Quiet>}</>}>
              <Column>
                <Stack item={item} envelope={plan.envelope} />
                <h3>Try another setting</h3>
                <Rulers planned={planned} />
              </Column>
            </Fold>
            {programme.blocked.length > 0 && (
              <Fold
                head={
                  <>
                    What is refused, and why<Quiet>: {programme.blocked.length}</Quiet>
                  </>
                }
              >
                <Lines of={programme.blocked.map((b) => b.text)} />
              </Fold>
            )}
            {programme.wouldChange.length > 0 && always.length > 0 && (
              <Fold head="What would change this answer">
                <Lines of={programme.wouldChange} />
              </Fold>
            )}
            {programme.assumptions.length > 0 && (
              <Fold
                head={
                  <>
                    What is taken for granted<Quiet>: {programme.assumptions.length}</Quiet>
                  </>
                }
              >
                <Lines of={programme.assumptions} />
              </Fold>
            )}
            <TakesCard plan={plan} kit={kit} />
            <OwnFigures item={item} />
            <Fold head="Hand it to somebody">
              <Row $wrap>
                <TextButton onPress={() => window.print()}>On paper, one or two sheets</TextButton>
                <TextButton onPress={() => download('programme.md', 'text/markdown', handOverMarkdown(handed))}>
                  As Markdown
                </TextButton>
                {always.length > 0 && (
                  <TextButton onPress={() => void asFile(planned.programme, item)}>
                    As a file, to carry out in their Umbrastic
                  </TextButton>
                )}
              </Row>
            </Fold>
          </Folded>
        </Aside>
      </TwoColumns>
    </Page>
  );
}
const Lines = ({ of }: { of: readonly string[] }) => (
  <ul>
    {of.map((line) => (
      <li key={line}>{line}</li>
    ))}
  </ul>
);
