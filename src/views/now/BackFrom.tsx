import { lazy, Suspense, useState } from 'react';
import { isEntry, OUTINGS, WEATHERS, type Item, type Kit, type Outing, type UseEntry, type Weather } from '../../core/gear';
import { KIND_WORDS, OUTING_WORDS, WEATHER_WORDS } from '../../core/words';
import { saveEntry } from '../../data/repo';
import { Button, Field, Row } from '../../ui/basics';
import { AnyOf, OneOf } from '../../ui/Choices';
import { NumberField } from '../../ui/Select';
import { Sheet } from '../../ui/Sheet';
import { dayOf, today } from '../../app/now';
import { tell } from '../../app/session';
import { usedToday } from '../../app/used';

const name = (item: Item): string => item.name ?? KIND_WORDS[item.kind];

/** What else there is to say of a use. Everything may stay open. */
function UseSheet({ item, entry, onClose }: { item: Item; entry: UseEntry; onClose: () => void }) {
  const [draft, setDraft] = useState<UseEntry>(entry);
  const set = (patch: Partial<Record<keyof UseEntry, unknown>>): void => {
    const next: Record<string, unknown> = { ...draft, ...patch };
    for (const key of Object.keys(patch)) if (next[key] === undefined) delete next[key];
    setDraft(next as unknown as UseEntry);
  };
  const save = async (): Promise<void> => {
    tell(`The use of ${name(item)} is recorded.`, await saveEntry(draft));
    onClose();
  };
  return (
    <Sheet title={`How was ${name(item)} used?`} open onClose={onClose}>
      <Row $wrap $gap={12} $top>
        <Field>
          Day
          <input
            type="date"
            max={today()}
            value={draft.at.slice(0, 10)}
            onChange={(e) => e.target.value && set({ at: `${e.target.value}T12:00:00Z` })}
          />
        </Field>
        <NumberField label="Hours" value={draft.hours} what="the hours" onChange={(n) => set({ hours: n })} />
        <NumberField label="Nights" value={draft.nights} what="the nights" onChange={(n) => set({ nights: n })} />
        <NumberField label="Distance, km" value={draft.km} what="the kilometres" onChange={(n) => set({ km: n })} />
      </Row>
      <AnyOf
        label="Weather"
        values={draft.weather ?? []}
        options={WEATHERS.map((w) => ({ id: w, name: WEATHER_WORDS[w] }))}
        onChange={(ids) => set({ weather: ids.length > 0 ? (ids as Weather[]) : undefined })}
      />
      <OneOf
        label="How hard was it?"
        value={draft.hard === undefined ? null : draft.hard ? 'yes' : 'no'}
        options={[
          { id: 'no', name: 'As usual' },
          { id: 'yes', name: 'Hard', hint: 'dirt, rubbing, straps' },
        ]}
        onChange={(id) => set({ hard: id === 'yes' })}
      />
      <Field>
        Where
        <input value={draft.place ?? ''} maxLength={200} onChange={(e) => set({ place: e.target.value || undefined })} />
      </Field>
      <Row>
        <Button onClick={() => void save()}>Record it</Button>
      </Row>
    </Sheet>
  );
}

const BackSheet = lazy(() => import('./BackSheet'));
const SHOWN = 5;
const RECENT_MS = 60 * 86_400_000;

/** Back from an outing, with all that came back from it. */
export function BackFrom({ kit }: { kit: Kit }) {
  const [outing, setOuting] = useState<Outing | null>(null);
  return (
    <>
      <Row $wrap $gap={8} role="group" aria-labelledby="back-from">
        <strong id="back-from">Back from</strong>
        {OUTINGS.map((o) => (
          <Button key={o} $quiet onClick={() => setOuting(o)}>
            {OUTING_WORDS[o].name}
          </Button>
        ))}
      </Row>
      {outing && (
        <Suspense fallback={null}>
          <BackSheet kit={kit} outing={outing} onClose={() => setOuting(null)} />
        </Suspense>
      )}
    </>
  );
}

/** One tap for what was worn today: the things most used lately. */
export function UsedToday({ kit, now }: { kit: Kit; now: number }) {
  const [more, setMore] = useState<{ item: Item; entry: UseEntry } | null>(null);
  const log = kit.log ?? [];
  const uses = new Map<string, number>();
  for (const e of log)
    if (e.type === 'use' && e.itemId && now - Date.parse(e.at) < RECENT_MS) uses.set(e.itemId, (uses.get(e.itemId) ?? 0) + 1);
  const often = kit.items
    .filter((i) => uses.has(i.id) && !i.archivedOn && !i.retiredOn && !i.lent)
    .sort((a, b) => (uses.get(b.id) ?? 0) - (uses.get(a.id) ?? 0))
    .slice(0, SHOWN);
  const day = today();
  const done = (item: Item): UseEntry | undefined =>
    log.filter(isEntry('use')).find((e) => e.itemId === item.id && dayOf(e.at) === day);
  if (often.length === 0) return null;
  return (
    <section aria-labelledby="used">
      <h2 id="used">Used today?</h2>
      <Row $wrap $gap={8} style={{ marginTop: 8 }}>
        {often.map((item) => {
          const entry = done(item);
          return entry ? (
            <Button key={item.id} onClick={() => setMore({ item, entry })}>
              {name(item)}, used today: say more
            </Button>
          ) : (
            <Button key={item.id} $quiet onClick={() => void usedToday(item)}>
              {name(item)}
            </Button>
          );
        })}
      </Row>
      {more && <UseSheet item={more.item} entry={more.entry} onClose={() => setMore(null)} />}
    </section>
  );
}
