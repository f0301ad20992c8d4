import { Of } from '../../app/OfThing';
import styled from 'styled-components';
import { nowMs } from '../../app/now';
import { tickStep } from '../../core/run/load';
import { Checkbox } from '../../ui/Checkbox';
import { reachable } from '../../ui/focus';
import { color } from '../../ui/theme';
import { Big } from './parts';
import { type LiveRun } from './useLive';

const Ticks = styled.ul`
  li {
    border-top: 1px solid ${color.line};
    padding: 6px 0;
    > label {
      min-height: 64px;
      font-size: 21px;
      align-items: flex-start;
      padding-top: 8px;
    }
  }
  small {
    display: block;
    font-size: 17px;
    color: ${color.quiet};
    max-width: 38em;
  }
`;
/** What makes the thing ready, all on one screen, ticked in whatever order the hands take it. */
export function MakeReady({ live: { ready, act } }: { live: LiveRun }) {
  return (
    <div>
      <Big {...reachable('step')}>
        <Of>Make it ready</Of>
      </Big>
      <Ticks>
        {ready.map(({ step, done }) => (
          <li key={step.id}>
            <Checkbox selected={done} onChange={(has) => act((r) => tickStep(r, step.id, has, nowMs()))} more={step.text}>
              {step.title}
            </Checkbox>
          </li>
        ))}
      </Ticks>
    </div>
  );
}
