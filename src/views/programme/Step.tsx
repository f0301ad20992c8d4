import { Link } from 'react-router';
import styled from 'styled-components';
import type { Dose } from '../../core/dosing';
import type { SupplyClass } from '../../core/gear';
import type { ProgrammeStep } from '../../core/document';
import { minutesText, tempText, volumeText } from '../../core/units';
import { HEAT_WORDS, SUPPLY_WORDS } from '../../core/words';
import { doseWorking } from '../../core/words/dose';
import { Figure, Note, Quiet } from '../../ui/basics';
import { BandEdge, bandOf } from '../../ui/strata';
import { color, phone } from '../../ui/theme';
import { Why } from '../../ui/Why';
import { Reasons } from './Reasons';

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
const Foot = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  gap: 16px;
  > :last-child {
    padding-top: 5px;
  }
`;

/** The figures of a step in one line, in the user's units. */
function figures(step: ProgrammeStep, us: boolean): string[] {
  const s = step.settings;
  const out: string[] = [];
  if (s.tempC !== undefined) out.push(tempText(s.tempC, us));
  if (s.spinRpm !== undefined) out.push(s.spinRpm === 0 ? 'no spin' : `${s.spinRpm} rpm`);
  if (s.heat !== undefined) out.push(HEAT_WORDS[s.heat]);
  if (s.rounds !== undefined && s.rounds > 1) out.push(`${s.rounds} × ${s.checkEveryMin} min`);
  if (s.soakMin !== undefined) out.push(`soak ${minutesText(s.soakMin)}`);
  if (s.rinses !== undefined) out.push(`${s.rinses} ${s.rinses === 1 ? 'rinse' : 'rinses'}`);
  if (s.ironC !== undefined) out.push(tempText(s.ironC, us));
  if (s.doseMl !== undefined && s.cleaner) out.push(`${volumeText(s.doseMl, us)} ${SUPPLY_WORDS[s.cleaner]}`);
  if (s.prooferMl !== undefined) out.push(volumeText(s.prooferMl, us));
  return out;
}

function timeOf(step: ProgrammeStep): string {
  const own = step.attendedMin > 0 ? `${minutesText(step.attendedMin)} of yours` : '';
  const alone = step.unattendedMin > 0 ? `${minutesText(step.unattendedMin)} by itself` : '';
  return [own, alone, step.mayWait ? '' : 'may not wait'].filter(Boolean).join(', ');
}

interface StepProps {
  readonly step: ProgrammeStep;
  readonly number: number;
  readonly us: boolean;
  readonly itemId: string;
  /** How the dose of the main cleaner was worked out. */
  readonly dose: { readonly cleaner: SupplyClass; readonly dose: Dose } | null;
}
/** One step: what to do, its figures, where it bites, what to look at, and why. */
export function Step({ step, number, us, itemId, dose }: StepProps) {
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
          <Why of={step.title}>
            <Reasons why={step.why}>
              {step.settings.doseMl !== undefined && (
                <li>
                  {dose && step.settings.cleaner === dose.cleaner && (
                    <Figure style={{ fontSize: 14 }}>{doseWorking(dose.dose)}. </Figure>
                  )}
                  <Link to={`/bench/dose?item=${encodeURIComponent(itemId)}`}>Work the dose out on the bench</Link>
                </li>
              )}
              {step.settings.rinseModel && step.phase === 'rinse' && (
                <li>
                  <Link to={`/bench/rinse?item=${encodeURIComponent(itemId)}`}>See the rinses as a curve</Link>
                </li>
              )}
            </Reasons>
          </Why>
          {shown.length > 0 && <Quiet>{time}</Quiet>}
        </Foot>
      </div>
    </StepItem>
  );
}
