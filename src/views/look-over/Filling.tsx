import styled from 'styled-components';
import type { Inspection, Item } from '../../core/gear';
import { capital } from '../../core/words/text';
import { Quiet } from '../../ui/basics';
import { PressArea } from '../../ui/Button';
import { Outline } from '../../ui/Outline';
import { color, phone } from '../../ui/theme';
import { CARD_NAMES, said, type CardId } from './cards';
import { drawnPins, pinsOf } from './pinsOf';

const Aside = styled.aside`
  border-left: 1px solid ${color.line};
  padding-left: 32px;
  ${phone} {
    display: none;
  }
`;
const Lines = styled.ul`
  margin-top: 12px;
`;
const Line = styled(PressArea)<{ $here: boolean }>`
  width: 100%;
  min-height: 44px;
  border: 0;
  border-top: 1px solid ${color.line};
  background: none;
  text-align: left;
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 10px 4px;
  cursor: pointer;
  font-weight: ${(p) => (p.$here ? 650 : 400)};
`;
/** What has been answered so far, on the thing's outline and in words; each leads to its question. */
export function Filling({
  item,
  seen,
  cards,
  here,
  onGo,
}: {
  item: Item;
  seen: Partial<Inspection>;
  cards: readonly CardId[];
  here: CardId;
  onGo: (card: CardId) => void;
}) {
  return (
    <Aside aria-label="So far">
      <div style={{ maxWidth: 380 }}>
        <Outline kind={item.kind} grades={seen.droplet ?? {}} pins={drawnPins(pinsOf(seen))} />
      </div>
      <Lines>
        {cards
          .filter((c) => c !== 'done')
          .map((c) => (
            <li key={c}>
              <Line $here={c === here} onPress={() => onGo(c)}>
                <span>{capital(CARD_NAMES[c].replace(/^the /, ''))}</span>
                <Quiet>{said(c, seen, item.kind) ?? 'not yet'}</Quiet>
              </Line>
            </li>
          ))}
      </Lines>
      <Quiet>Keys: 1 to 5 answer, the arrows lead on and back.</Quiet>
    </Aside>
  );
}
