import styled from 'styled-components';
import type { HandedStep, HandOver } from '../../core/telling/hand-over';
import { Paper } from '../../ui/Paper';

const Figures = styled.dl`
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 4pt 12pt;
  margin: 6pt 0;
  dt {
    font-size: 8.5pt;
  }
  dd {
    margin: 0;
    font-weight: 700;
    small {
      font-weight: 400;
    }
  }
`;
const Line = styled.li`
  display: grid;
  grid-template-columns: 10pt 14pt minmax(0, 1fr);
  gap: 0 5pt;
  i {
    width: 8pt;
    height: 8pt;
    margin-top: 2pt;
    border: 0.7pt solid #000;
  }
`;
function Steps({ steps, from }: { steps: readonly HandedStep[]; from: number }) {
  return (
    <ol>
      {steps.map((step, n) => (
        <Line key={n}>
          <i aria-hidden="true" />
          <span>{from + n}</span>
          <div>
            <strong>{step.title}</strong> ({step.time}). {step.text}
            {step.look && (
              <>
                {' '}
                <em>{step.look}</em>
              </>
            )}
            {step.cautions.map((c) => (
              <div key={c}>
                <strong>Careful:</strong> {c}
              </div>
            ))}
          </div>
        </Line>
      ))}
    </ol>
  );
}
/** A programme on one or two sheets: name, verdict, figures, steps to tick. @param note what stands small below the name. */
export function OnPaper({ of, note }: { of: HandOver; note: string }) {
  return (
    <Paper>
      <h1>{of.name}</h1>
      <p>
        <strong>{of.verdict}</strong> {of.because} {note}
      </p>
      {of.figures.length > 0 && (
        <Figures>
          {of.figures.map((f) => (
            <div key={f.label}>
              <dt>{f.label}</dt>
              <dd>
                {f.value} <small>{f.more}</small>
              </dd>
            </div>
          ))}
        </Figures>
      )}
      {of.toGet.length > 0 && (
        <p>
          <strong>To get first:</strong> {of.toGet.join('; ')}.
        </p>
      )}
      <Steps steps={of.steps} from={1} />
      {of.later.length > 0 && (
        <>
          <h2>Only if a look fails</h2>
          <Steps steps={of.later} from={of.steps.length + 1} />
        </>
      )}
    </Paper>
  );
}
