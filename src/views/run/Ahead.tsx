import { Of } from '../../app/OfThing';
import styled from 'styled-components';
import { clockText } from '../../app/time';
import { inPieces } from '../../core/run/ticks';
import { timeText } from '../../core/telling/hand-over';
import { minutesText } from '../../core/units';
import { Quiet } from '../../ui/basics';
import { BandEdge, bandOf } from '../../ui/strata';
import { color, phone } from '../../ui/theme';
import { type LiveRun } from './useLive';
import { MINUTE_MS } from '../../core/units/time';

const Coming = styled.section`
  border-left: 1px solid ${color.line};
  padding-left: 24px;
  li {
    display: grid;
    grid-template-columns: 7px minmax(0, 1fr);
    gap: 12px;
    padding: 6px 0;
  }
  ${phone} {
    display: none;
  }
`;
const SHOWN = 6;

/** What comes after this step, and when all is likely to be over: there is room for it on a desk. */
export function Ahead({ live: { run, step, now, left } }: { live: LiveRun }) {
  const shown = run.programme.steps.filter((s) => s.when === 'always' || run.unlocked.includes(s.id));
  const pieces = inPieces(shown);
  const coming = pieces.slice(pieces.findIndex((piece) => piece.some((s) => s.id === step.id)) + 1);
  if (coming.length === 0) return null;
  const here = left === null ? step.attendedMin + step.unattendedMin : left / MINUTE_MS;
  const minutes = coming.flat().reduce((sum, s) => sum + s.attendedMin + s.unattendedMin, here);
  return (
    <Coming aria-label="What comes next">
      <h2>Then</h2>
      <ol>
        {coming.slice(0, SHOWN).map((piece) => {
          const [first] = piece;
          if (!first) return null;
          const attendedMin = piece.reduce((sum, s) => sum + s.attendedMin, 0);
          const unattendedMin = piece.reduce((sum, s) => sum + s.unattendedMin, 0);
          return (
            <li key={first.id}>
              <BandEdge $band={bandOf(first)} />
              <span>
                {piece.length > 1 ? <Of>Make it ready</Of> : first.title}{' '}
                <Quiet>{timeText({ attendedMin, unattendedMin })}</Quiet>
              </span>
            </li>
          );
        })}
      </ol>
      <Quiet>
        {coming.length > SHOWN && `${coming.length - SHOWN} more. `}
        About {minutesText(Math.round(minutes / 5) * 5)} in all if nothing goes wrong: until{' '}
        {clockText(now + minutes * MINUTE_MS)}.
      </Quiet>
    </Coming>
  );
}
