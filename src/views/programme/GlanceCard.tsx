import styled from 'styled-components';
import type { Glance } from '../../core/telling/glance';
import { color, font, phone } from '../../ui/theme';
import { Why } from '../../ui/Why';
import { Reasons } from './Reasons';

const Card = styled.dl`
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
  border: 1.5px solid ${color.ink};
  border-radius: 4px;
  background: ${color.panel};
  /* The lines between the figures end at its own. */
  overflow: hidden;
  > div {
    padding: 10px 16px 12px;
    position: relative;
    border-left: 1px solid ${color.line};
    margin-left: -1px;
  }
  dt {
    color: ${color.quiet};
    font-size: 14px;
  }
  dd {
    margin: 0;
  }
  /* Beside the name: a line of its own would push the steps off the screen. */
  dd[data-why] {
    position: absolute;
    top: 0;
    right: 8px;
    font-size: 14px;
  }
  strong {
    display: block;
    font: 700 24px/1.2 ${font.text};
    font-variant-numeric: tabular-nums;
  }
  span {
    display: block;
    font-size: 14px;
    line-height: 1.35;
  }
  ${phone} {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    > div {
      padding: 8px 12px;
      border-top: 1px solid ${color.line};
      margin-top: -1px;
    }
    > div:last-child:nth-child(odd) {
      grid-column: 1 / -1;
    }
    strong {
      font-size: 21px;
    }
  }
`;
/** The figures that are wanted first, each with its reasons; nothing for a programme that has none. */
export function GlanceCard({ figures }: { figures: readonly Glance[] }) {
  if (figures.length === 0) return null;
  return (
    <Card aria-label="In short">
      {figures.map(({ id, label, value, more, step }) => (
        <div key={id}>
          <dt>{label}</dt>
          <dd>
            <strong>{value}</strong>
            <span>{more}</span>
          </dd>
          {step && step.why.length > 0 && (
            <dd data-why>
              <Why of={`${label}, ${step.title}`}>
                <Reasons why={step.why} />
              </Why>
            </dd>
          )}
        </div>
      ))}
    </Card>
  );
}
