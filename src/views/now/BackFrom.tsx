import { lazy, Suspense, useState } from 'react';
import { isEntry, OUTINGS, type Item, type Kit, type Outing, type UseEntry } from '../../core/gear';
import { OUTING_WORDS, thingName } from '../../core/words';
import { Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { today } from '../../app/now';
import { dayOf } from '../../core/units/day';
import { usedToday } from '../../app/used';
import { DAY_MS } from '../../core/units/time';

/** What else there is to say of a use. Everything may stay open. */
const UseSheet = lazy(() => import('./UseSheet'));
const BackSheet = lazy(() => import('./BackSheet'));
const SHOWN = 5;
const RECENT_MS = 60 * DAY_MS;

/** Back from an outing, with all that came back from it. */
export function BackFrom({ kit }: { kit: Kit }) {
  const [outing, setOuting] = useState<Outing | null>(null);
  return (
    <>
      <Row $wrap $gap={8} role="group" aria-labelledby="back-from">
        <strong id="back-from">Back from</strong>
        {OUTINGS.map((o) => (
          <Button key={o} look="quiet" onPress={() => setOuting(o)}>
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
            <Button key={item.id} named onPress={() => setMore({ item, entry })}>
              {thingName(item)}, used today: say more
            </Button>
          ) : (
            <Button key={item.id} named look="quiet" onPress={() => void usedToday(item)}>
              {thingName(item)}
            </Button>
          );
        })}
      </Row>
      {more && (
        <Suspense fallback={null}>
          <UseSheet item={more.item} entry={more.entry} onClose={() => setMore(null)} />
        </Suspense>
      )}
    </section>
  );
}
