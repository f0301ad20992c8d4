import type { CareEntry, DropTest, Droplet, HalvesEntry, Inspection, LogEntry } from '../src/core/gear';

/* Two shells over a year: their drops, what was done to them, and one that was treated by half. */
const WAY: DropTest = { water: 'tap', heightMm: 100, drops: 5, waitS: 60 };
const all = (grade: number, more: Droplet = {}): Droplet => ({
  hood: grade,
  shoulders: grade,
  back: grade,
  sleeves: grade,
  ...more,
});
/** As it is now. */
export const SMOCK_SEEN: Pick<Inspection, 'soil' | 'odour' | 'droplet' | 'dropTest'> = {
  soil: 0,
  odour: 0,
  droplet: { hood: 3, shoulders: 2, chest: 4, back: 3, sleeves: 3 },
  dropTest: { ...WAY, drunkS: { shoulders: 18, back: 45 } },
};
/** Thing, days ago, grades, seconds until a drop was drunk. */
const TESTS: readonly (readonly [string, number, Droplet, Droplet?])[] = [
  ['itm-smock', 352, all(4, { shoulders: 3 }), { shoulders: 55 }],
  ['itm-smock', 251, all(3, { shoulders: 1, hood: 2 }), { shoulders: 8, hood: 25 }],
  ['itm-smock', 249, all(5, { shoulders: 4 })],
  ['itm-smock', 196, all(4)],
  ['itm-storm', 349, all(2, { shoulders: 1 }), { shoulders: 5, back: 30 }],
  ['itm-storm', 347, all(4, { hood: 3 }), { hood: 50 }],
  ['itm-storm', 305, all(3, { shoulders: 2 }), { shoulders: 20 }],
];
export const shellTests = (daysAgo: (days: number) => string): Inspection[] =>
  TESTS.map(([itemId, days, droplet, drunkS], n) => ({
    id: `ins-shell-${n}`,
    itemId,
    at: daysAgo(days),
    droplet,
    dropTest: { ...WAY, ...(drunkS ? { drunkS } : {}) },
  }));

const HALVES: Omit<HalvesEntry, 'at' | 'readings'> = {
  id: 'log-halves',
  type: 'halves',
  itemId: 'itm-smock',
  half: 'left',
  treatment: 'renew',
  supplies: [{ supplyId: 's-spray', class: 'spray-proofer', ml: 40 }],
};
export function shellLog(daysAgo: (days: number) => string): LogEntry[] {
  const renewed = (id: string, itemId: string, days: number): CareEntry => ({
    id,
    type: 'care',
    itemId,
    at: daysAgo(days),
    aims: ['wash', 'renew'],
    did: ['washed', 'renewed', 'warmed'],
    method: 'machine',
    supplies: [{ supplyId: 's-washin', class: 'wash-in-proofer', ml: 100 }],
  });
  const worn = (id: string, itemId: string, days: number, hours: number): LogEntry => ({
    id,
    type: 'use',
    itemId,
    at: daysAgo(days),
    hours,
    weather: ['rain'],
  });
  return [
    renewed('log-shell-1', 'itm-smock', 250),
    renewed('log-shell-2', 'itm-storm', 348),
    ...[340, 320, 300, 280, 260].map((days, n) => worn(`log-shell-s${n}`, 'itm-smock', days, 7)),
    ...[335, 325, 312, 290, 275].map((days, n) => worn(`log-shell-t${n}`, 'itm-storm', days, 8)),
    {
      ...HALVES,
      at: daysAgo(30),
      readings: [
        { at: daysAgo(29), treated: 5, untreated: 3 },
        { at: daysAgo(1.1), treated: 4, untreated: 3 },
      ],
    },
  ];
}
