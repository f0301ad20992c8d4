import { Said } from '../ui/said';
import styled from 'styled-components';
import type { Levelling } from '../core/loft';
import { moveText } from '../core/telling/loft';
import { Quiet } from '../ui/basics';
import { color } from '../ui/theme';
import { moveKey, useTicked } from './levelling';
import { Checkbox } from '../ui/Checkbox';

const Moves = styled.ol<{ $large: boolean }>`
  li {
    border-top: 1px solid ${color.line};
  }
  label {
    display: flex;
    width: 100%;
    min-height: ${(p) => (p.$large ? 64 : 44)}px;
    font-size: ${(p) => (p.$large ? 20 : 16)}px;
  }
  label[data-selected] > span:last-child {
    color: ${color.quiet};
    text-decoration: line-through;
  }
`;

/** The moves of an evening in their order, to be ticked off; large for wet hands. */
export function LevellingMoves({ itemId, levelling, large = false }: { itemId: string; levelling: Levelling; large?: boolean }) {
  const [done, tick] = useTicked(itemId, levelling);
  return (
    <>
      <Moves $large={large}>
        {levelling.moves.map((m) => {
          const key = moveKey(m);
          return (
            <li key={key}>
              <Checkbox selected={done.has(key)} onChange={(on) => tick(key, on)}>
                <span>
                  <Said>{moveText(m)}</Said>
                </span>
              </Checkbox>
            </li>
          );
        })}
      </Moves>
      <p style={{ marginTop: 8 }} role="status">
        {done.size > 0 && `${done.size} of ${levelling.moves.length} done. `}
        <Quiet>
          A finger’s width at a time through the openings at the ends, without breaking a stitch; what comes into a baffle comes
          before anything leaves it. A pinch is about a gram, and times are from memory. Shake it flat afterwards.
        </Quiet>
      </p>
    </>
  );
}
