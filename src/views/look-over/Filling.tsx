import { useOfThing } from '../../app/OfThing';
import { useId } from 'react';
import styled from 'styled-components';
import type { Inspection, Item } from '../../core/gear';
import { capital } from '../../core/words/text';
import { Quiet } from '../../ui/basics';
import { NamePress } from '../../ui/Button';
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
const Line = styled.div<{ $here: boolean }>`
  position: relative;
  min-height: 44px;
  border-top: 1px solid ${color.line};
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 10px 4px;
  font-weight: ${(p) => (p.$here ? 650 : 400)};
`;
function Answer({ card, here, of, onGo }: { card: CardId; here: boolean; of: string; onGo: (card: CardId) => void }) {
  const says = useOfThing();
  const more = useId();
  return (
    <Line $here={here}>
      <NamePress aria-describedby={more} onPress={() => onGo(card)}>
        {capital(says(CARD_NAMES[card]).replace(/^the /, ''))}
      </NamePress>
      <Quiet id={more}>{of}</Quiet>
    </Line>
  );
}
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
              <Answer card={c} here={c === here} of={said(c, seen, item.kind) ?? 'not yet'} onGo={onGo} />
            </li>
          ))}
      </Lines>
      <Quiet>Keys: 1 to 5 answer, the arrows lead on and back.</Quiet>
    </Aside>
  );
}
