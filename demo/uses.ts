import type { Item, LogEntry, UpkeepTask } from '../src/core/gear';
import { DAY_MS } from '../src/core/units/time';

/* What was used when, what was done to machines, and how old some things are. */
const iso = (ms: number): string => new Date(Math.round(ms / 1000) * 1000).toISOString().replace('.000Z', 'Z');
const day = (ms: number): string => new Date(ms).toISOString().slice(0, 10);

/** Years since it was bought, and how many it is meant to last. */
const AGES: Readonly<Record<string, readonly [age: number, meant?: number]>> = {
  'itm-parka': [6, 20],
  'itm-storm': [7, 8],
  'itm-tent': [4, 12],
  'itm-bib': [2.5],
};
export function ageOf(itemId: string, nowMs: number): Pick<Item, 'boughtOn' | 'targetYears'> {
  const [age, meant] = AGES[itemId] ?? [];
  return {
    ...(age === undefined ? {} : { boughtOn: day(nowMs - age * 365 * DAY_MS) }),
    ...(meant === undefined ? {} : { targetYears: meant }),
  };
}

export function usesAndUpkeep(nowMs: number): LogEntry[] {
  const use = (id: string, itemId: string, daysAgo: number, hours: number): LogEntry => ({
    id,
    type: 'use',
    itemId,
    at: iso(nowMs - daysAgo * DAY_MS),
    hours,
  });
  const upkeep = (id: string, machineId: string, daysAgo: number, tasks: UpkeepTask[]): LogEntry => ({
    id,
    type: 'upkeep',
    at: iso(nowMs - daysAgo * DAY_MS),
    machineId,
    tasks,
  });
  return [
    upkeep('log-m1', 'w-cellar', 41, ['hot-empty', 'drawer']),
    upkeep('log-m2', 'w-cellar', 75, ['descale']),
    upkeep('log-m3', 'w-porch', 12, ['hot-empty', 'drawer']),
    upkeep('log-m4', 'd-cellar', 30, ['lint']),
    ...[2, 5, 9, 13, 20, 27].map((d, n) => use(`log-u${n}`, 'itm-parka', d, 4)),
    // A summer of racing and camping, a year ago and before.
    ...[196, 182, 168, 154, 140].map((d, n) => use(`log-j${n}`, 'itm-jersey', d, 2)),
    ...[190, 160, 133].map((d, n) => ({ ...use(`log-t${n}`, 'itm-footprint', d, 12), nights: 1 })),
    ...[1, 3, 8].map((d, n) => use(`log-s${n}`, 'itm-smock', d, 6)),
    ...['itm-race-vest', 'itm-flask', 'itm-trainers'].map((itemId, n) => ({
      ...use(`log-r${n}`, itemId, 0.2, 1.5),
      place: 'round the mere',
      outing: 'run' as const,
      outingId: 'out-1',
    })),
    {
      id: 'log-tour',
      type: 'event',
      at: iso(nowMs - 20 * DAY_MS),
      name: 'Long crossing of Lanternmere, two hut nights',
      on: day(nowMs + 12 * DAY_MS),
      readyBy: day(nowMs + 11 * DAY_MS),
      nights: 2,
      itemIds: [
        'itm-parka',
        'itm-quilt',
        'itm-vest',
        'itm-storm',
        'itm-bib',
        'itm-merino',
        'itm-boots',
        'itm-tent',
        'itm-footprint',
      ],
    },
  ];
}
