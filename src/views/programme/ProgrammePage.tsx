import { toThing, useIdHere } from '../../app/routes';
import { latestInspection, lookedAt, type Item } from '../../core/gear';
import { Printer } from 'lucide-react';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { useItem } from '../../app/kit';
import { planOf, type Planned } from '../../app/plan';
import { beginRun, useRunOf } from '../../app/runs';
import { tell } from '../../app/session';
import { UnderWay } from '../../app/UnderWay';
import { newId, nowMs, today } from '../../app/now';
import { dayText, whenText } from '../../app/time';
import { isExpired } from '../../core/supplies';
import { minutesOf, type Programme } from '../../core/document';
import { minutesText } from '../../core/units';
import { KIND_WORDS, limitText, SUPPLY_WORDS, thingName } from '../../core/words';
import { Column, Figure, Note, Page, Quiet, Row, TwoColumns, NotInKit } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
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
import { Step } from './Step';
import { TakesCard } from './TakesCard';
import { Disclosure } from '../../ui/Disclosure';

const Answer = styled.h1`
  font-size: 32px;
  max-width: 22em;
  ${phone} {
    font-size: 26px;
  }
`;
const Aside = styled.aside`
  display: flex;
  flex-direction: column;
  gap: 28px;
  h2 {
    margin-bottom: 10px;
  }
`;

/** What can be done from here stays in reach, however far down one reads. */
const Reach = styled.div`
  position: sticky;
  top: 0;
  z-index: 5;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  background: ${color.ground};
  padding: 8px 0;
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
  if (!kit) return <Page aria-busy="true" />;
  if (!item || !planned) {
    return <NotInKit />;
  }
  const { programme, plan } = planned;
  const seen = latestInspection(kit.inspections, item.id);
  const us = kit.preferences?.units === 'us';
  const time = minutesOf(programme.steps);
  const always = programme.steps.filter((s) => s.when === 'always');
  const later = programme.steps.filter((s) => s.when === 'if-failed');
  const start = async (): Promise<void> => {
    const { id, wasUnderWay } = await beginRun(programme, item.name ?? KIND_WORDS[item.kind]);
    if (wasUnderWay) tell('It is already under way; here it is.');
    await navigate(`/run/${id}`);
  };
  const dose = plan.cleaner && plan.dose ? { cleaner: plan.cleaner, dose: plan.dose } : null;
  const meant = new Set(programme.steps.map((s) => s.settings.supplyId));
  const expired = (kit.supplies ?? []).filter((s) => meant.has(s.id) && isExpired(s, today()));
  const figures = glanceOf(programme, us);
  const handed = handOver(programme, item.name ?? KIND_WORDS[item.kind], us);
  const startable = always.length > 0 && programme.method !== 'refer';
  return (
    <Page>
      <OnPaper of={handed} note={seen ? `Looked over ${dayText(dayOf(lookedAt(seen)))}.` : 'Never looked over.'} />
      <Row $between $wrap>
        <Crumbs
          trail={[
            { to: '/kit', name: 'Kit' },
            { to: toThing(item.id), name: item.name ?? KIND_WORDS[item.kind] },
          ]}
          here="Programme"
        />
        <Quiet>{seen ? `looked over ${whenText(lookedAt(seen))}` : 'never looked over'}</Quiet>
      </Row>
      {run && <UnderWay run={run} />}
      <Column $gap={8}>
        <Answer>{programme.verdict}</Answer>
        <p style={{ fontSize: 18 }}>
          {programme.because.length > 0 && <>Because {programme.because.slice(0, 4).join(', ')}. </>}
          <Quiet style={{ fontSize: 16 }}>
            {programme.wouldChange[0] ?? ''} How sure: {programme.confidence}.
          </Quiet>
        </p>
      </Column>
      <Reach className="no-print">
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
        {always.length > 0 && figures.length === 0 && (
          <Quiet>
            <strong>{minutesText(time.all)}</strong> in all, <strong>{minutesText(time.hands)}</strong> of it yours
          </Quiet>
        )}
      </Reach>
      <GlanceCard figures={figures} />
      <Strip steps={programme.steps} label="The programme as a strip of time" />
      <TwoColumns $left={1.45}>
        <section aria-label="Steps">
          {always.length === 0 ? (
            <Note tone="good">Nothing to do. {programme.wouldChange.slice(0, 3).join(' ')}</Note>
          ) : (
            <ol>
              {always.map((step, n) => (
                <Step key={step.id} step={step} number={n + 1} us={us} itemId={item.id} dose={dose} />
              ))}
            </ol>
          )}
          {later.length > 0 && (
            <Disclosure title={`Only if a check fails: ${later.map((s) => s.title.toLowerCase()).join('; ')}`}>
              <ol>
                {later.map((step, n) => (
                  <Step key={step.id} step={step} number={always.length + n + 1} us={us} itemId={item.id} dose={dose} />
                ))}
              </ol>
            </Disclosure>
          )}
        </section>
        <Aside>
          <section aria-labelledby="stand">
            <h2 id="stand">What it can stand</h2>
            <Stack item={item} envelope={plan.envelope} />
          </section>
          <section aria-labelledby="limits">
            <h2 id="limits">Try another setting</h2>
            <Rulers planned={planned} />
            {programme.envelope.waived
              .filter((w, n, list) => list.findIndex((other) => other.limit === w.limit) === n)
              .map((w) => (
                <Note key={w.limit} tone="alarm">
                  {w.by === 'label' ? 'The label' : w.by === 'maker' ? 'The maker' : 'Your choice'} goes past the usual limit,
                  from {limitText(w.limit, w.from)} to {limitText(w.limit, w.to)}. {w.risk}
                </Note>
              ))}
          </section>
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
          <OwnFigures item={item} />
          <TakesCard plan={plan} kit={kit} />
          {programme.blocked.length > 0 && (
            <section aria-labelledby="refused">
              <h2 id="refused">Refused, and why</h2>
              <ul>
                {programme.blocked.map((b) => (
                  <li key={`${b.option}-${b.rule}`} style={{ padding: '4px 0' }}>
                    {b.text}
                  </li>
                ))}
              </ul>
            </section>
          )}
          <Schools plan={plan} kit={kit} />
          <section aria-labelledby="hand" className="no-print">
            <h2 id="hand">Hand it to somebody</h2>
            <Row $wrap>
              <TextButton onPress={() => window.print()}>On paper, one or two sheets</TextButton>
              <TextButton onPress={() => download('programme.md', 'text/markdown', handOverMarkdown(handed))}>
                As Markdown
              </TextButton>
              {always.length > 0 && (
                <TextButton onPress={() => void asFile(programme, item)}>As a file, to carry out in their Umbrastic</TextButton>
              )}
            </Row>
          </section>
          {programme.assumptions.length > 0 && (
            <section aria-labelledby="assumed">
              <h2 id="assumed">What I took for granted</h2>
              <ul>
                {programme.assumptions.map((a) => (
                  <li key={a} style={{ padding: '2px 0' }}>
                    <Quiet>{a}</Quiet>
                  </li>
                ))}
              </ul>
            </section>
          )}
          {programme.wouldChange.length > 1 && always.length > 0 && (
            <section aria-labelledby="change">
              <h2 id="change">What would change my mind</h2>
              <ul>
                {programme.wouldChange.map((w) => (
                  <li key={w} style={{ padding: '2px 0' }}>
                    {w}
                  </li>
                ))}
              </ul>
            </section>
          )}
        </Aside>
      </TwoColumns>
    </Page>
  );
}
