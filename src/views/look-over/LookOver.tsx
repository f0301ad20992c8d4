import { OfThing, useOfThing } from '../../app/OfThing';
import { useLookDraft } from '../../app/stored';
import { useAnswerKeys } from '../../ui/shortcuts';
import { Said } from '../../ui/said';
import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { toThing, useIdHere } from '../../app/routes';
import { useItem } from '../../app/kit';
import { UnderWayOf } from '../../app/UnderWay';
import { notify } from '../../app/session';
import { newId, nowIso } from '../../app/now';
import { latestInspection, type Inspection, type InspectionPatch, type Item, type Kit } from '../../core/gear';
import type { Programme } from '../../core/document';
import { plan, writeProgramme } from '../../core/programme';
import { patchDraft, saveInspection } from '../../data/repo';
import { Column, Page, Quiet, Row } from '../../ui/basics';
import { NotInKit } from '../../app/NotHere';
import { Button, PressArea } from '../../ui/Button';
import { color, phone } from '../../ui/theme';
import { whenText } from '../../app/time';
import { Card } from './Card';
import { Filling } from './Filling';
import { Compare } from './Compare';
import { answered, CARD_NAMES, CARD_WORDS, cardsFor, type CardId } from './cards';
import { focusOn, reachable } from '../../ui/focus';
import { ThingCrumbs } from '../../app/ThingCrumbs';

const VerdictBar = styled.div`
  border-left: 6px solid ${color.ink};
  padding: 4px 0 4px 16px;
  min-height: 84px;
  strong {
    font-size: 26px;
    line-height: 1.25;
    display: block;
    text-wrap: balance;
  }
  ${phone} {
    strong {
      font-size: 21px;
    }
  }
`;
const Dots = styled.ol`
  display: flex;
  gap: 6px;
  max-width: 560px;
  li {
    flex: 1 1 0;
    min-width: 0;
  }
`;
const Dot = styled(PressArea)<{ $here: boolean; $answered: boolean }>`
  width: 100%;
  height: 44px;
  border: 0;
  background: none;
  padding: 0;
  cursor: pointer;
  &::after {
    content: '';
    display: block;
    height: ${(p) => (p.$here ? 10 : 6)}px;
    border-radius: 2px;
    background: ${(p) => (p.$here ? color.ink : p.$answered ? color.finish : color.line)};
  }
`;
/** On a desk the outline stays beside the questions and fills while they are answered. */
const Beside = styled.div<{ $drawn: boolean }>`
  display: grid;
  grid-template-columns: ${(p) => (p.$drawn ? 'minmax(0, 1fr)' : 'minmax(0, 1.25fr) minmax(0, 1fr)')};
  gap: 40px;
  align-items: start;
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Body = styled.div`
  min-height: 320px;
  display: flex;
  flex-direction: column;
  gap: 20px;
`;

function judge(kit: Kit, item: Item, seen: Partial<Inspection>): Programme {
  return writeProgramme(plan({ item, inspection: { ...seen, id: 'draft', itemId: item.id, at: nowIso() }, kit }));
}

/** A guided look, one question a card; every answer may be skipped and the verdict follows along. */
export function LookOver() {
  const id = useIdHere();
  const { kit, item } = useItem(id);
  const draft = useLookDraft(id);
  if (!kit || draft === undefined) return <Page aria-busy="true" />;
  if (!item) {
    return <NotInKit />;
  }
  return (
    <OfThing item={item}>
      <Cards key={item.id} kit={kit} item={item} seen={draft?.seen ?? {}} start={draft?.card ?? 'soil'} />
    </OfThing>
  );
}

function Cards({ kit, item, seen, start }: { kit: Kit; item: Item; seen: Partial<Inspection>; start: string }) {
  const says = useOfThing();
  const { any, verdict, movedBy, cards, at, go, drawn, card, open, last, answer, save } = useLook(item, start, kit, seen);
  return (
    <Page>
      <UnderWayOf itemId={item.id} />
      <ThingCrumbs item={item} here="Look over" />
      <VerdictBar role="status" aria-live="polite">
        <strong>{any ? verdict.verdict : 'Answer what you can see; skip the rest.'}</strong>
        <Quiet>
          {any
            ? (movedBy ? `Moved by ${says(CARD_NAMES[movedBy])}. ` : '') + `How sure: ${verdict.confidence}.`
            : 'Two minutes. What you skip stays unknown; it does not count as fine.'}
        </Quiet>
      </VerdictBar>
      <nav aria-label="Questions">
        <Dots>
          {cards.map((c, index) => (
            <li key={c}>
              <Dot
                $here={index === at}
                $answered={answered(c, seen) && c !== 'done'}
                aria-label={`${says(CARD_WORDS[c])}${answered(c, seen) && c !== 'done' ? ' answered' : ''}`}
                {...(index === at ? { 'aria-current': 'step' } : {})}
                onPress={() => go(index)}
              />
            </li>
          ))}
        </Dots>
      </nav>
      <Beside $drawn={drawn}>
        <Body data-answers={drawn ? undefined : true}>
          <h1 {...reachable('question')}>{says(CARD_WORDS[card])}</h1>
          {card === 'done' ? (
            <Summary open={open} last={last} item={item} cards={cards} seen={seen} verdict={verdict} any={any} />
          ) : (
            <Card card={card} item={item} seen={seen} last={last} answer={answer} />
          )}
          <Ways at={at} go={go} card={card} any={any} save={save} seen={seen} cards={cards} />
        </Body>
        {!drawn && <Filling item={item} seen={seen} cards={cards} here={card} onGo={(c) => go(cards.indexOf(c))} />}
      </Beside>
    </Page>
  );
}

/** The question that is open, what is answered, and what that says. */
function useLook(item: Item, start: string, kit: Kit, seen: Partial<Inspection>) {
  const cards = useMemo(() => cardsFor(item), [item]);
  const [at, setAt] = useState(Math.max(0, cards.indexOf(start as CardId)));
  const last = useMemo(() => latestInspection(kit.inspections, item.id), [kit, item.id]);
  const [movedBy, setMovedBy] = useState<CardId | null>(null);
  const navigate = useNavigate();
  const card = cards[at] ?? 'done';
  const verdict = useMemo(() => judge(kit, item, seen), [kit, item, seen]);
  const any = cards.some((c) => c !== 'done' && answered(c, seen));
  useEffect(() => {
    focusOn('question');
  }, [at]);
  const go = (to: number): void => {
    setAt(to);
    void patchDraft(item.id, cards[to] ?? 'done');
  };
  const answer = (patch: InspectionPatch): void => {
    const merged = Object.entries({ ...seen, ...patch }).filter(([, value]) => value !== undefined);
    const next = Object.fromEntries(merged) as Partial<Inspection>;
    if (judge(kit, item, next).verdict !== verdict.verdict) setMovedBy(card);
    void patchDraft(item.id, card, patch);
  };
  const save = async (): Promise<void> => {
    // How drops would be tried says nothing where none was.
    const { dropTest: _, ...without } = seen;
    const tried = seen.droplet ? seen : without;
    const undo = await saveInspection({ ...tried, id: newId('ins'), itemId: item.id, at: nowIso() });
    notify('The look is recorded.', undo);
    await navigate(toThing(item.id, 'programme'));
  };
  const open = cards.filter((c) => c !== 'done' && !answered(c, seen));
  // A question that is answered on a drawing brings its own.
  const drawn = card === 'drops' || card === 'stains' || card === 'damage';
  useAnswerKeys(
    (by) => {
      if (cards[at + by]) go(at + by);
    },
    () => focusOn('question'),
  );
  return { any, verdict, movedBy, cards, at, go, drawn, card, open, last, answer, save };
}

/** What is still open, what has changed, and what would change the verdict. */
function Summary({
  open,
  last,
  item,
  cards,
  seen,
  verdict,
  any,
}: {
  open: CardId[];
  last: Inspection | null;
  item: Item;
  cards: CardId[];
  seen: Partial<Inspection>;
  verdict: Programme;
  any: boolean;
}) {
  const says = useOfThing();
  return (
    <Column>
      {open.length > 0 ? (
        <p>Still open: {open.map((c) => says(CARD_NAMES[c])).join(', ')}. That lowers how sure I am.</p>
      ) : (
        <p>Everything is answered.</p>
      )}
      {last && <Compare kind={item.kind} cards={cards} before={last} beforeName={whenText(last.at)} now={seen} />}
      {verdict.wouldChange.length > 0 && any && (
        <ul>
          {verdict.wouldChange.slice(0, 3).map((w) => (
            <li key={w}>
              <Said>{w}</Said>
            </li>
          ))}
        </ul>
      )}
    </Column>
  );
}

/** On to the next question, back, or to the end. */
function Ways({
  at,
  go,
  card,
  any,
  save,
  seen,
  cards,
}: {
  at: number;
  go: (to: number) => void;
  card: CardId;
  any: boolean;
  save: () => Promise<void>;
  seen: Partial<Inspection>;
  cards: CardId[];
}) {
  return (
    <Row $wrap>
      {at > 0 && (
        <Button look="quiet" onPress={() => go(at - 1)}>
          Back
        </Button>
      )}
      {card === 'done' ? (
        <Button data-main-action isDisabled={!any} onPress={() => void save()}>
          Record it and see the programme
        </Button>
      ) : (
        <Button data-main-action onPress={() => go(at + 1)}>
          {answered(card, seen) ? 'Next' : 'Skip'}
        </Button>
      )}
      {card !== 'done' && any && (
        <Button look="quiet" onPress={() => go(cards.length - 1)}>
          That is enough
        </Button>
      )}
    </Row>
  );
}
