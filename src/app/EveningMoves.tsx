import styled from 'styled-components';
import type { Evening } from '../core/loft';
import { moveText } from '../core/telling/loft';
import { Quiet } from '../ui/basics';
import { color } from '../ui/theme';
import { moveKey, useTicked } from './evening';

const Moves = styled.ol<{ $large: boolean }>`
  li {
    border-top: 1px solid ${color.line};
  }
  label {
    display: flex;
    gap: 12px;
    align-items: center;
    min-height: ${(p) => (p.$large ? 64 : 44)}px;
    font-size: ${(p) => (p.$large ? 20 : 16)}px;
    cursor: pointer;
  }
  input {
    width: 20px;
    height: 20px;
    flex: none;
    accent-color: ${color.finish};
  }
  input:checked + span {
    color: ${color.quiet};
    text-decoration: line-through;
  }
`;

/** The moves of an evening in their order, to be ticked off; large for wet hands. */
export function EveningMoves({ itemId, evening, large = false }: { itemId: string; evening: Evening; large?: boolean }) {
  const [done, tick] = useTicked(itemId, evening);
  return (
    <>
      <Moves $large={large}>
        {evening.moves.map((m) => {
          const key = moveKey(m);
          return (
            <li key={key}>
              <label>
                <input type="checkbox" checked={done.has(key)} onChange={(e) => tick(key, e.target.checked)} />
                <span>{moveText(m)}</span>
              </label>
            </li>
          );
        })}
      </Moves>
      <p style={{ marginTop: 8 }} role="status">
        {done.size > 0 && `${done.size} of ${evening.moves.length} done. `}
        <Quiet>
          A finger’s width at a time through the openings at the ends, without breaking a stitch; what comes into a baffle comes
          before anything leaves it. A pinch is about a gram, and times are from memory. Shake it flat afterwards.
        </Quiet>
      </p>
    </>
  );
}
