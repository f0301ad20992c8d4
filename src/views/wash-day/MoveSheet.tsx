import { Said } from '../../ui/said';
import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import { requestOf } from '../../app/dayHours';
import type { Kit } from '../../core/gear';
import { momentText, SOFT_RISKS } from '../../core/telling/wash-day';
import type { DayLoad, DayWish, WashDay } from '../../core/washday';
import type { ApartRule } from '../../core/knowledge';
import { Note, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { RadioList } from '../../ui/RadioList';
import { Sheet } from '../../ui/Sheet';
import { dayWorker } from '../../workers';
import { letterOf, namesIn, objection } from './parts';

const ALONE = 'alone';
const OUT = 'out';
const pairs = (id: string, others: readonly string[]): string[][] => others.filter((o) => o !== id).map((o) => [id, o]);
const without = (groups: readonly (readonly string[])[] | undefined, id: string): string[][] =>
  (groups ?? []).filter((g) => !g.includes(id)).map((g) => [...g]);

/** The wish with a thing in another load. */
export function moved(wish: DayWish, itemId: string, from: readonly string[], to: readonly string[]): DayWish {
  return {
    ...wish,
    together: [...without(wish.together, itemId), ...pairs(itemId, to)],
    apart: [
      ...without(wish.apart, itemId),
      ...pairs(
        itemId,
        from.filter((id) => !to.includes(id)),
      ),
    ],
  };
}
/** What a move changes, in a line for each. */
function differences(before: WashDay, after: WashDay, itemId: string): string[] {
  const loadOf = (day: WashDay): DayLoad | undefined => day.loads.find((l) => l.itemIds.includes(itemId));
  const [a, b] = [loadOf(before), loadOf(after)];
  const lines: string[] = [];
  const show = (name: string, x: unknown, y: unknown, unit = ''): void => {
    if (x !== y && y !== undefined) lines.push(`${name}: ${String(x ?? 'none')}${unit} → ${String(y)}${unit}`);
  };
  show('Water', a?.settings.tempC, b?.settings.tempC, ' °C');
  show('Spin', a?.settings.spinRpm, b?.settings.spinRpm, ' rpm');
  show('Rinses', a?.settings.rinses, b?.settings.rinses);
  show('Cleaner', a?.settings.doseMl, b?.settings.doseMl, ' mL');
  show('Runs of a machine', before.loads.length, after.loads.length);
  show('Done', momentText(before.finish), momentText(after.finish));
  show('You are needed', `${before.handsMin} min`, `${after.handsMin} min`);
  return lines;
}

interface Asked {
  kit: Kit;
  wish: DayWish;
  day: WashDay;
  itemId: string;
  /** The load it was set down on. */
  to: string | null;
  onMove: (next: DayWish) => void;
  onClose: () => void;
}
/** Puts a thing into another drum: what may be and what not, and what it changes, before it is done. */
export function MoveSheet(asked: Asked) {
  const { kit, day, itemId, onMove, onClose } = asked;
  const nameOf = namesIn(kit);
  const loads = day.loads.filter((l) => l.purpose === 'wash');
  const here = loads.find((l) => l.itemIds.includes(itemId));
  const others = loads.filter((l) => l !== here);
  const { chosen, setChosen, reachable, against, refused, next, after, taken, lines } = useMoving(asked, here, others);
  return (
    <Sheet title={`Where does ${nameOf(itemId)} go?`} open onClose={onClose}>
      <RadioList
        label="Load"
        value={chosen}
        onChange={setChosen}
        options={[
          ...reachable.map(({ load, why }) => ({
            id: load.id,
            name: `${letterOf(day, load.id)}: ${load.itemIds.map(nameOf).join(', ')}.`,
            text: why ? why.text : 'Nothing speaks against it.',
            disabled: why?.hard ?? false,
          })),
          ...(here && here.itemIds.length > 1 ? [{ id: ALONE, name: 'A drum of its own.', text: 'Washed alone.' }] : []),
          { id: OUT, name: 'Out of the day.', text: 'It is left for another time.' },
        ]}
      />
      <WhatChanges against={against} refused={refused} next={next} after={after} taken={taken} lines={lines} />
      <Row $wrap>
        <Button isDisabled={!next || !taken} onPress={() => next && onMove(next)}>
          {against && !refused ? 'Move it all the same' : chosen === OUT ? 'Leave it out' : 'Move it'}
        </Button>
        <Button look="quiet" onPress={onClose}>
          Leave it as it is
        </Button>
      </Row>
    </Sheet>
  );
}

/** Where it may go, where it is to go, and the day as that would make it. */
function useMoving({ kit, wish, day, itemId, to }: Asked, here: DayLoad | undefined, others: readonly DayLoad[]) {
  const [chosen, setChosen] = useState<string | null>(to);
  const [planned, setPlanned] = useState<{ asked: string; day: WashDay } | null>(null);
  const reachable = others
    .map((load) => ({ load, why: objection(day, itemId, load) }))
    .sort((a, b) => Number(a.why?.hard ?? false) - Number(b.why?.hard ?? false));
  const target = others.find((l) => l.id === chosen);
  const against = target ? objection(day, itemId, target) : null;
  const refused = against?.hard ?? false;
  const next =
    chosen === null || refused
      ? null
      : chosen === OUT
        ? { ...wish, items: wish.items.filter((id) => id !== itemId) }
        : moved(wish, itemId, here?.itemIds ?? [], target?.itemIds ?? []);
  const asked = next === null ? null : JSON.stringify(next);
  useEffect(() => {
    if (asked === null) return;
    const worker = dayWorker();
    const wanted = requestOf(JSON.parse(asked) as DayWish, kit);
    void worker.api
      .plan(
        wanted,
        proxy(() => undefined),
      )
      .then((made) => setPlanned({ asked, day: made }))
      .finally(worker.end);
    return () => worker.end();
  }, [asked, kit]);
  const after = planned?.asked === asked ? planned.day : null;
  const taken =
    after &&
    (target ? after.loads.some((l) => l.itemIds.includes(itemId) && l.itemIds.some((id) => target.itemIds.includes(id))) : true);
  const lines = after && taken ? differences(day, after, itemId) : [];
  return { chosen, setChosen, reachable, against, refused, next, after, taken, lines };
}

/** What the move changes, before it is done. */
function WhatChanges({
  against,
  refused,
  next,
  after,
  taken,
  lines,
}: {
  against: { hard: boolean; text: string; rule: string } | null;
  refused: boolean;
  next: DayWish | null;
  after: WashDay | null;
  taken: boolean | null;
  lines: string[];
}) {
  return (
    <div aria-live="polite">
      {against && (
        <Note tone="alarm">{refused ? against.text : `${against.text} ${SOFT_RISKS[against.rule as ApartRule] ?? ''}`}</Note>
      )}
      {next && !after && <Quiet>Working out what that changes …</Quiet>}
      {after && !taken && <Note tone="alarm">There is no room for it there beside the others.</Note>}
      {after && taken && (
        <ul>
          {lines.length > 0 ? (
            lines.map((line) => (
              <li key={line}>
                <Said>{line}</Said>
              </li>
            ))
          ) : (
            <li>Nothing else changes.</li>
          )}
        </ul>
      )}
    </div>
  );
}
