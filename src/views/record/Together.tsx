import { Said } from '../../ui/said';
import { useState } from 'react';
import { bringBoth, saveCopy, type Opened } from '../../app/copy';
import { notify } from '../../app/session';
import { atText, dayText } from '../../app/time';
import type { Kit } from '../../core/gear';
import type { Clash, Side } from '../../core/merging';
import { comingText, countText, recordText, sideText } from '../../core/telling/together';
import { thingName } from '../../core/words';
import { capital, howMany } from '../../core/words/text';
import { dayOf } from '../../core/units/day';
import type { Whole } from '../../data/kit';
import { KEPT_DAYS } from '../../data/snapshots';
import type { Together as Both } from '../../data/together';
import { Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { Disclosure } from '../../ui/Disclosure';
import { RadioList } from '../../ui/RadioList';
import { Sheet } from '../../ui/Sheet';
import { Faults, LeftOutList } from './LeftOutList';

/** So many records are named one by one. */
const NAMED = 200;

interface Asked {
  reading: Opened & { readonly state: 'ready'; readonly name: string };
  current: Kit;
  together: Both;
  whole: Whole;
  onReplace: () => void;
  onClose: () => void;
}
/** What bringing a copy and this browser together would do, and the choice where both have changed one thing. */
export function Together({ reading, current, together: { coming, mine }, whole, onReplace, onClose }: Asked) {
  const { nothing, clashes, named, choices, setChoices, moved, lists, rowOf, busy, bring } = useTogether({
    coming,
    reading,
    current,
    mine,
    whole,
    onClose,
  });
  return (
    <Sheet title={nothing ? 'Nothing in it is new here.' : 'Bring both together?'} open onClose={onClose}>
      <p>
        {reading.name} is a copy of this kit from another browser, or of an earlier day
        {reading.madeAt ? `, saved on ${dayText(dayOf(reading.madeAt))}` : ''}. <Said>{comingText(coming)}</Said>
      </p>
      {reading.left.length > 0 && <LeftOutList left={reading.left} />}
      {clashes.length > 0 && (
        <section aria-labelledby="both-changed">
          <h3 id="both-changed">{howMany(clashes.length, 'record was', 'records were')} changed in both</h3>
          {clashes.map((clash) => (
            <ClashChoice
              key={clash.key}
              clash={clash}
              name={named(clash.key, clash.mine ?? clash.theirs ?? {})}
              value={choices[clash.key] ?? clash.takes}
              onChoose={(side) => setChoices((all) => ({ ...all, [clash.key]: side }))}
            />
          ))}
        </section>
      )}
      <EachChange moved={moved} lists={lists} named={named} rowOf={rowOf} />
      {!nothing && (
        <p>
          Looks and forms that are not finished stay in the browser in which they were begun. What is here now is kept for{' '}
          {KEPT_DAYS} days and can be brought back.
        </p>
      )}
      <Row $wrap>
        {!nothing && (
          <Button look="main" isDisabled={busy} onPress={() => void bring()}>
            Bring both together
          </Button>
        )}
        <Button look="quiet" onPress={onReplace}>
          Replace mine by it instead
        </Button>
        <Button look="quiet" onPress={() => void saveCopy()}>
          Save a copy first
        </Button>
        <Button look="quiet" onPress={onClose}>
          Keep mine as it is
        </Button>
      </Row>
    </Sheet>
  );
}

/** What comes, changes and goes, which side stands where both changed, and the bringing together. */
function useTogether({
  coming,
  reading,
  current,
  mine,
  whole,
  onClose,
}: Pick<Asked, 'reading' | 'current' | 'whole' | 'onClose'> & Pick<Both, 'coming' | 'mine'>) {
  const { joined, comes, changes, goes, clashes } = coming;
  const [choices, setChoices] = useState<Readonly<Record<string, Side>>>(() =>
    // Where nobody noted when, what is here stays unless it is said otherwise.
    Object.fromEntries(clashes.map((c) => [c.key, c.mineAt === 0 && c.theirsAt === 0 ? 'mine' : c.takes])),
  );
  const [busy, setBusy] = useState(false);
  const things = new Map([...reading.kit.items, ...current.items].map((item) => [item.id, thingName(item)]));
  const named = (key: string, row: object): string =>
    recordText(
      key,
      row,
      (id) => things.get(id) ?? id,
      (iso) => dayText(dayOf(iso)),
    );
  const torn = new Set(clashes.map((c) => c.key));
  const lists = [
    { how: 'New', keys: comes },
    { how: 'Changed', keys: changes },
    { how: 'Deleted', keys: goes },
  ].map(({ how, keys }) => ({ how, keys: keys.filter((key) => !torn.has(key)) }));
  const moved = lists.reduce((sum, { keys }) => sum + keys.length, 0);
  const nothing = moved + clashes.length === 0;
  const rowOf = (key: string): object => joined.rows.get(key) ?? mine.rows.get(key) ?? {};
  const bring = async (): Promise<void> => {
    setBusy(true);
    try {
      const undo = await bringBoth(reading.kit, whole, choices);
      const came = countText(comes);
      notify(
        `Both are together now${came ? `: ${came} came` : ''}. Save a copy here and open it there, and the other browser has the same.`,
        undo,
      );
      onClose();
    } finally {
      setBusy(false);
    }
  };
  return { nothing, clashes, named, choices, setChoices, moved, lists, rowOf, busy, bring };
}

/** Every change by its name. */
function EachChange({
  moved,
  lists,
  named,
  rowOf,
}: {
  moved: number;
  lists: { how: string; keys: string[] }[];
  named: (key: string, row: object) => string;
  rowOf: (key: string) => object;
}) {
  return (
    <>
      {moved > 0 && (
        <Disclosure title={`Show each of these changes (${moved})`}>
          <Faults aria-label="What changes here">
            {lists
              .flatMap(({ how, keys }) => keys.map((key) => ({ how, key })))
              .slice(0, NAMED)
              .map(({ how, key }) => (
                <li key={key}>
                  <strong>{how}:</strong> {named(key, rowOf(key))}
                </li>
              ))}
            {moved > NAMED && <li>and {moved - NAMED} more</li>}
          </Faults>
        </Disclosure>
      )}
    </>
  );
}

/** When a side was changed, as far as it is known. */
const since = (ms: number): string => (ms === 0 ? 'time not known' : atText(ms));

/** One record that both have changed: each side with what it says, and which stands. */
function ClashChoice({
  clash,
  name,
  value,
  onChoose,
}: {
  clash: Clash;
  name: string;
  value: Side;
  onChoose: (side: Side) => void;
}) {
  return (
    <div>
      <h4>{capital(name)}</h4>
      <RadioList
        label={name}
        value={value}
        onChange={(id) => onChoose(id === 'mine' ? 'mine' : 'theirs')}
        options={[
          { id: 'mine', name: `Here, ${since(clash.mineAt)}:`, text: sideText(clash, 'mine') },
          { id: 'theirs', name: `In the copy, ${since(clash.theirsAt)}:`, text: sideText(clash, 'theirs') },
        ]}
      />
    </div>
  );
}
