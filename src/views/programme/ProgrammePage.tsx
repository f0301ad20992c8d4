import { Printer } from 'lucide-react';
import { useMemo } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { planOf, useItem, type Planned } from '../../app/kit';
import { tell } from '../../app/session';
import { newId, nowMs } from '../../app/now';
import { whenText } from '../../app/time';
import { entryIdOf } from '../../core/handbook';
import { latestInspection, type ProgrammeStep } from '../../core/programme';
import { startRun } from '../../core/run';
import { fahrenheit, minutesText, ML_PER_US_FL_OZ } from '../../core/units';
import { basisText, HEAT_WORDS, KIND_WORDS, limitText, SUPPLY_WORDS } from '../../core/words';
import { db } from '../../data/db';
import { saveRun } from '../../data/repo';
import { Button, ButtonLink, Column, Crumbs, Empty, Figure, Note, Page, Quiet, Row } from '../../ui/basics';
import { LimitRuler } from '../../ui/LimitRuler';
import { Stack } from '../../ui/Stack';
import { BandEdge, bandOf, Strip } from '../../ui/strata';
import { color, phone } from '../../ui/theme';
import { OwnFigures } from './OwnFigures';
import { Schools } from './Schools';
import { TakesCard } from './TakesCard';

const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.45fr) minmax(0, 1fr);
  gap: 40px;
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Answer = styled.h1`
  font-size: 32px;
  max-width: 22em;
  ${phone} {
    font-size: 26px;
  }
`;
const StepItem = styled.li`
  border-bottom: 1px solid ${color.line};
  display: grid;
  grid-template-columns: 7px 28px minmax(0, 1fr);
  gap: 12px;
  padding: 10px 0 4px;
`;
const StepHead = styled.div`
  display: flex;
  justify-content: space-between;
  gap: 16px;
  align-items: baseline;
  strong {
    font-size: 17px;
    font-weight: 650;
  }
  ${phone} {
    flex-direction: column;
    gap: 2px;
  }
`;
const Details = styled.details`
  summary {
    cursor: pointer;
    font-size: 14px;
    color: ${color.quiet};
    text-decoration: underline;
    text-underline-offset: 3px;
    min-height: 32px;
    display: inline-flex;
    align-items: center;
  }
  li {
    padding: 3px 0;
    font-size: 15px;
  }
`;
const Foot = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  gap: 16px;
  > :last-child {
    padding-top: 5px;
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

/** The figures of a step in one line, in the user's units. */
export function figures(step: ProgrammeStep, us: boolean): string[] {
  const s = step.settings;
  const out: string[] = [];
  if (s.tempC !== undefined) out.push(us ? `${Math.round(fahrenheit(s.tempC))} °F` : `${s.tempC} °C`);
  if (s.spinRpm !== undefined) out.push(s.spinRpm === 0 ? 'no spin' : `${s.spinRpm} rpm`);
  if (s.heat !== undefined) out.push(HEAT_WORDS[s.heat]);
  if (s.rounds !== undefined && s.rounds > 1) out.push(`${s.rounds} × ${s.checkEveryMin} min`);
  if (s.soakMin !== undefined) out.push(`soak ${minutesText(s.soakMin)}`);
  if (s.rinses !== undefined) out.push(`${s.rinses} ${s.rinses === 1 ? 'rinse' : 'rinses'}`);
  if (s.ironC !== undefined) out.push(`${s.ironC} °C`);
  if (s.doseMl !== undefined && s.cleaner)
    out.push(
      us
        ? `${(s.doseMl / ML_PER_US_FL_OZ).toFixed(1)} US fl oz ${SUPPLY_WORDS[s.cleaner]}`
        : `${s.doseMl} mL ${SUPPLY_WORDS[s.cleaner]}`,
    );
  if (s.prooferMl !== undefined) out.push(`${s.prooferMl} mL`);
  return out;
}

/** What a reason rests on, leading to its entry in the handbook. */
function Basis({ rule, text }: { rule: string; text: string }) {
  const entry = entryIdOf(rule);
  return <Quiet>{entry ? <Link to={`/handbook/${entry}`}>{text}</Link> : text}</Quiet>;
}

function timeOf(step: ProgrammeStep): string {
  const own = step.attendedMin > 0 ? `${minutesText(step.attendedMin)} of yours` : '';
  const alone = step.unattendedMin > 0 ? `${minutesText(step.unattendedMin)} by itself` : '';
  return [own, alone, step.mayWait ? '' : 'may not wait'].filter(Boolean).join(', ');
}

function Step({ step, number, us, itemId }: { step: ProgrammeStep; number: number; us: boolean; itemId: string }) {
  const shown = figures(step, us);
  const time = timeOf(step);
  return (
    <StepItem>
      <BandEdge $band={bandOf(step)} />
      <Quiet style={{ fontSize: 17 }}>{number}</Quiet>
      <div>
        <StepHead>
          <strong>{step.title}</strong>
          {shown.length > 0 ? <Figure>{shown.join(' · ')}</Figure> : <Quiet>{time}</Quiet>}
        </StepHead>
        <p>{step.text}</p>
        {step.cautions.map((c) => (
          <Note key={c} tone="alarm">
            {c}
          </Note>
        ))}
        {step.check && (
          <p>
            <Quiet>
              Look: {step.check.look} Good: {step.check.pass}
            </Quiet>
          </p>
        )}
        <Foot>
          <Details>
            <summary>Why</summary>
            <ul>
              {step.why.map((w, n) => (
                <li key={`${w.rule}-${n}`}>
                  {w.text} <Basis rule={w.rule} text={basisText(w.basis, w.source)} />
                </li>
              ))}
              {step.settings.doseMl !== undefined && (
                <li>
                  <Link to={`/bench/dose?item=${itemId}`}>Work the dose out on the bench</Link>
                </li>
              )}
              {step.settings.rinseModel && step.phase === 'rinse' && (
                <li>
                  <Link to={`/bench/rinse?item=${itemId}`}>See the rinses as a curve</Link>
                </li>
              )}
            </ul>
          </Details>
          {shown.length > 0 && <Quiet>{time}</Quiet>}
        </Foot>
      </div>
    </StepItem>
  );
}

function totals(steps: readonly ProgrammeStep[]): { all: number; hands: number } {
  const always = steps.filter((s) => s.when === 'always');
  const hands = always.reduce((sum, s) => sum + s.attendedMin, 0);
  return { hands, all: hands + always.reduce((sum, s) => sum + s.unattendedMin, 0) };
}

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

/** What shall I do, and is it safe? Verdict, strip, steps with reasons, limits, choices, what is refused. */
export function ProgrammePage() {
  const { id } = useParams();
  const { kit, item } = useItem(id);
  const navigate = useNavigate();
  const planned = useMemo(() => (kit && item ? planOf(kit, item) : null), [kit, item]);
  if (!kit) return <Page aria-busy="true" />;
  if (!item || !planned) {
    return (
      <Page>
        <Empty title="This thing is not in your kit.">
          <ButtonLink to="/kit">To the kit</ButtonLink>
        </Empty>
      </Page>
    );
  }
  const { programme, plan } = planned;
  const seen = latestInspection(kit.inspections, item.id);
  const us = kit.preferences?.units === 'us';
  const time = totals(programme.steps);
  const always = programme.steps.filter((s) => s.when === 'always');
  const later = programme.steps.filter((s) => s.when === 'if-failed');
  const start = async (): Promise<void> => {
    const live = await db.runs
      .where('itemId')
      .equals(item.id)
      .filter((r) => r.status === 'live')
      .first();
    if (live) {
      tell('It is already under way; here it is.');
      await navigate(`/run/${live.id}`);
      return;
    }
    const run = startRun(programme, item.name ?? KIND_WORDS[item.kind], newId('run'), nowMs());
    await saveRun(run);
    await navigate(`/run/${run.id}`);
  };
  const startable = always.length > 0 && programme.method !== 'refer';
  return (
    <Page>
      <Row $between $wrap>
        <Crumbs aria-label="Where">
          <Link to="/kit">Kit</Link> / <Link to={`/kit/${item.id}`}>{item.name ?? KIND_WORDS[item.kind]}</Link> /{' '}
          <strong>Programme</strong>
        </Crumbs>
        <Quiet>{seen ? `looked over ${whenText(seen.at)}` : 'never looked over'}</Quiet>
      </Row>
      <Row $between $wrap $top $gap={24}>
        <Column $gap={8} style={{ flex: '1 1 420px' }}>
          <Answer>{programme.verdict}</Answer>
          <p style={{ fontSize: 18 }}>
            {programme.because.length > 0 && <>Because {programme.because.slice(0, 4).join(', ')}. </>}
            <Quiet style={{ fontSize: 16 }}>
              {programme.wouldChange[0] ?? ''} How sure: {programme.confidence}.
            </Quiet>
          </p>
        </Column>
        <Column $gap={6} style={{ alignItems: 'flex-end' }}>
          <Row $wrap>
            <Button $quiet onClick={() => window.print()}>
              <Printer size={18} aria-hidden="true" /> Print
            </Button>
            {startable ? (
              <Button data-main-action onClick={() => void start()}>
                Start
              </Button>
            ) : (
              <ButtonLink to={`/kit/${item.id}/look-over`} data-main-action>
                Look it over
              </ButtonLink>
            )}
          </Row>
          {always.length > 0 && (
            <Quiet>
              <strong>{minutesText(time.all)}</strong> in all, <strong>{minutesText(time.hands)}</strong> of it yours
            </Quiet>
          )}
        </Column>
      </Row>
      <Strip steps={programme.steps} label="The programme as a strip of time" />
      <Two>
        <section aria-label="Steps">
          {always.length === 0 ? (
            <Note tone="good">Nothing to do. {programme.wouldChange.slice(0, 3).join(' ')}</Note>
          ) : (
            <ol>
              {always.map((step, n) => (
                <Step key={step.id} step={step} number={n + 1} us={us} itemId={item.id} />
              ))}
            </ol>
          )}
          {later.length > 0 && (
            <Details style={{ marginTop: 12 }}>
              <summary>Only if a check fails: {later.map((s) => s.title.toLowerCase()).join('; ')}</summary>
              <ol>
                {later.map((step, n) => (
                  <Step key={step.id} step={step} number={always.length + n + 1} us={us} itemId={item.id} />
                ))}
              </ol>
            </Details>
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
                    {SUPPLY_WORDS[s.class]} <Figure>{s.needMl ? `${s.needMl} mL` : s.needCount ? `× ${s.needCount}` : ''}</Figure>
                  </li>
                ))}
              </ul>
            </section>
          )}
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
          <Schools plan={plan} />
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
      </Two>
    </Page>
  );
}
