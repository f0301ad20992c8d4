import { Of } from '../../app/OfThing';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { Dose } from '../../core/dosing';
import type { SupplyClass } from '../../core/gear';
import type { ProgrammeStep } from '../../core/document';
import { timeText } from '../../core/telling/hand-over';
import { minutesText } from '../../core/units';
import { HEAT_WORDS, SUPPLY_WORDS } from '../../core/words';
import { doseWorking } from '../../core/words/dose';
import { Figure, Note, Quiet, Working } from '../../ui/basics';
import { Checkbox } from '../../ui/Checkbox';
import { Fold } from '../../ui/Disclosure';
import { BandEdge, bandOf } from '../../ui/strata';
import { color } from '../../ui/theme';
import { Why } from '../../ui/Why';
import { Reasons } from './Reasons';
import { toBench } from '../../app/routes';

const Line = styled.li`
  border-bottom: 1px solid ${color.line};
  display: grid;
  grid-template-columns: 7px 24px minmax(0, 1fr);
  gap: 12px;
  padding: 4px 0;
  > :nth-child(2) {
    padding-top: 11px;
  }
`;
const Title = styled.strong`
  font-size: 17px;
  font-weight: 650;
  line-height: 1.3;
`;
const Body = styled.div`
  padding: 0 0 8px;
  display: flex;
  flex-direction: column;
  gap: 6px;
`;
const Ticks = styled.ul`
  padding: 0 0 6px;
  display: flex;
  flex-wrap: wrap;
  column-gap: 24px;
`;

/** The figures of a step in one line. */
function figures(step: ProgrammeStep): string[] {
  const s = step.settings;
  const out: string[] = [];
  if (s.tempC !== undefined) out.push(`${s.tempC} °C`);
  if (s.spinRpm !== undefined) out.push(s.spinRpm === 0 ? 'no spin' : `${s.spinRpm} rpm`);
  if (s.heat !== undefined) out.push(HEAT_WORDS[s.heat]);
  if (s.rounds !== undefined && s.rounds > 1) out.push(`${s.rounds} × ${s.checkEveryMin} min`);
  if (s.soakMin !== undefined) out.push(`soak ${minutesText(s.soakMin)}`);
  if (s.rinses !== undefined) out.push(`${s.rinses} ${s.rinses === 1 ? 'rinse' : 'rinses'}`);
  if (s.ironC !== undefined) out.push(`${s.ironC} °C`);
  if (s.doseMl !== undefined && s.cleaner) out.push(`${s.doseMl} mL ${SUPPLY_WORDS[s.cleaner]}`);
  if (s.prooferMl !== undefined && s.proofer) out.push(`${s.prooferMl} mL ${SUPPLY_WORDS[s.proofer]}`);
  return out;
}

interface StepProps {
  readonly step: ProgrammeStep;
  readonly number: number;
  readonly itemId: string;
  /** How the dose of the main cleaner was worked out. */
  readonly dose: { readonly cleaner: SupplyClass; readonly dose: Dose } | null;
  /** Cautions that stand folded too: those said at no step above. */
  readonly newly: readonly string[];
}
/** One step as a line with its time and its cautions; open: what to do, its figures, what to look at, and why. */
export function Step({ step, number, itemId, dose, newly }: StepProps) {
  const shown = figures(step);
  const again = step.cautions.filter((c) => !newly.includes(c));
  return (
    <Line>
      <BandEdge $band={bandOf(step)} />
      <Quiet style={{ fontSize: 17 }}>{number}</Quiet>
      <Fold
        head={<Title>{step.title}</Title>}
        more={
          <Quiet>
            {timeText(step)}
            {step.mayWait ? '' : ', at once'}
          </Quiet>
        }
        wide
        always={
          newly.length > 0 && (
            <Note tone="alarm" small>
              {newly.join(' ')}
            </Note>
          )
        }
      >
        <Body>
          {shown.length > 0 && <Figure>{shown.join(' · ')}</Figure>}
          <p>{step.text}</p>
          {again.length > 0 && (
            <Note tone="alarm" small>
              {again.join(' ')}
            </Note>
          )}
          {step.check && (
            <p>
              <Quiet>
                Look: {step.check.look} Good: {step.check.pass}
              </Quiet>
            </p>
          )}
          <div>
            <Why of={step.title}>
              <Reasons why={step.why}>
                {step.settings.doseMl !== undefined && (
                  <li>
                    {dose && step.settings.cleaner === dose.cleaner && <Working>{doseWorking(dose.dose)}. </Working>}
                    <Link to={toBench('dose', itemId)}>Work the dose out on the bench</Link>
                  </li>
                )}
                {step.settings.rinseModel && step.phase === 'rinse' && (
                  <li>
                    <Link to={toBench('rinse', itemId)}>See the rinses as a curve</Link>
                  </li>
                )}
              </Reasons>
            </Why>
          </div>
        </Body>
      </Fold>
    </Line>
  );
}

/** What makes the thing ready, to be ticked in any order; open: how each is done, and why. */
export function Ready({
  steps,
  number,
  ticked,
  onTick,
}: {
  steps: readonly ProgrammeStep[];
  number: number;
  ticked: ReadonlySet<string>;
  /** Absent where nothing can be ticked: it is under way, and ticked there. */
  onTick?: ((id: string, has: boolean) => void) | undefined;
}) {
  const first = steps[0];
  if (!first) return null;
  const attendedMin = steps.reduce((sum, s) => sum + s.attendedMin, 0);
  return (
    <Line>
      <BandEdge $band={bandOf(first)} />
      <Quiet style={{ fontSize: 17 }}>{number}</Quiet>
      <Fold
        head={
          <Title>
            <Of>Make it ready</Of>
          </Title>
        }
        more={<Quiet>{timeText({ attendedMin, unattendedMin: 0 })}</Quiet>}
        wide
        always={
          <Ticks>
            {steps.map((s) => (
              <li key={s.id}>
                {onTick ? (
                  <Checkbox selected={ticked.has(s.id)} onChange={(has) => onTick(s.id, has)}>
                    {s.title}
                  </Checkbox>
                ) : (
                  s.title
                )}
              </li>
            ))}
          </Ticks>
        }
      >
        <Body>
          {steps.map((s) => (
            <div key={s.id}>
              <strong>{s.title}.</strong> {s.text !== `${s.title}.` && s.text}{' '}
              {s.why.length > 0 && (
                <Why of={s.title}>
                  <Reasons why={s.why} />
                </Why>
              )}
            </div>
          ))}
        </Body>
      </Fold>
    </Line>
  );
}
