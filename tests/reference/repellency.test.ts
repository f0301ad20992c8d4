import { describe, expect, test } from 'vitest';
import type { CareEntry, Inspection, LogEntry } from '../../src/core/gear';
import { INDEX_OF_GRADE, indexOf, MARK, repellencyOf } from '../../src/core/repellency';
import { seededRandom } from '../../src/core/units/seeded';

const DAY = 86_400_000;
const ZONES = ['hood', 'shoulders', 'chest', 'sleeves', 'hem', 'back'] as const;

/** A year of a jacket by another law than the one that is fitted: so much an hour, more when it is tired; care gives back a share, with luck; grades in whole steps. */
function year(seed: number) {
  const chance = seededRandom(seed);
  const normal = (): number => Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());
  const rate = 0.25 + 0.5 * chance();
  let index = 92 + 5 * chance();
  let at = Date.UTC(2026, 0, 1);
  const inspections: Inspection[] = [];
  const log: LogEntry[] = [];
  const grade = (value: number): number => {
    const up = INDEX_OF_GRADE.findIndex((i) => i > value);
    if (up <= 0) return up === 0 ? 0 : 5;
    const [a, b] = [INDEX_OF_GRADE[up - 1] ?? 0, INDEX_OF_GRADE[up] ?? 100];
    return Math.max(0, Math.min(5, Math.round(up - 1 + (value - a) / (b - a) + 0.35 * normal())));
  };
  const test = (): void => {
    const droplet = Object.fromEntries(ZONES.map((z) => [z, grade(index + 3 * normal())]));
    inspections.push({ id: `i${inspections.length}`, itemId: 'x', at: new Date(at).toISOString(), droplet });
  };
  const wear = (draw: () => number, write: boolean): void => {
    if (draw() >= 0.7) return;
    const hours = 2 + 5 * draw();
    const rain = draw() < 0.4;
    if (write)
      log.push({
        type: 'use',
        id: `u${log.length}`,
        at: new Date(at).toISOString(),
        itemId: 'x',
        hours,
        weather: [rain ? 'rain' : 'dry'],
      });
    index = Math.max(0, index - rate * hours * (rain ? 1.7 : 1) * (index < 80 ? 1.2 : 1));
  };
  test();
  for (let week = 0; week < 16 + 20 * chance(); week++) {
    at += 7 * DAY;
    wear(chance, true);
    if (chance() >= 0.25) continue;
    test();
    if (index >= 78) continue;
    at += 3_600_000;
    const renewed = index < 60;
    const did: CareEntry['did'] = [
      ...(chance() < 0.5 ? (['warmed'] as const) : (['washed', 'warmed'] as const)),
      ...(renewed ? (['renewed'] as const) : []),
    ];
    log.push({ type: 'care', id: `c${log.length}`, at: new Date(at).toISOString(), itemId: 'x', did });
    index += (renewed ? 0.85 : 0.5) * (97 - index) * (0.8 + 0.4 * chance());
    at += 3_600_000;
    test();
  }
  const now = { at, index };
  // The same wear goes on until it is at the mark.
  const later = seededRandom(seed + 1_000_000);
  while (index > MARK && at < now.at + 2000 * DAY) {
    at += 7 * DAY;
    wear(later, false);
  }
  return { inspections, log, now, belowAt: at };
}

describe('repellency followed over a year, beside histories of another law', () => {
  const years = Array.from({ length: 100 }, (_, n) => {
    const made = year(31_000 + n);
    const told = repellencyOf({ id: 'x', kind: 'jacket', finish: 'fluorine-free' }, made.inspections, made.log, made.now.at);
    if (!told) throw new Error('no answer');
    return { made, told };
  });
  test('where it stands lies in the interval in 85 of 100', () => {
    const held = years.filter(({ made: { now }, told }) => now.index >= told.now.low && now.index <= told.now.high).length;
    expect(held).toBeGreaterThanOrEqual(85);
    // An interval that holds everything says nothing.
    const wide = years.map(({ told }) => told.now.high - told.now.low).sort((a, b) => a - b)[50] ?? 100;
    expect(wide).toBeLessThan(20);
  });
  test('the day it falls below the mark lies in its interval, to a week, in 85 of 100', () => {
    const told = years.filter((y) => y.told.below !== null);
    const held = told.filter(({ made, told: { below } }) => {
      if (!below) return false;
      return made.belowAt >= below.low - 7 * DAY && made.belowAt <= below.high + 7 * DAY;
    }).length;
    expect(told.length).toBeGreaterThan(60);
    expect(held / told.length).toBeGreaterThanOrEqual(0.85);
  });
  test('the grades are the ratings of the spray test [ISO 4920: 5 to 0; AATCC TM22: 100 to 0]', () => {
    expect(INDEX_OF_GRADE).toEqual([0, 50, 70, 80, 90, 100]);
    for (const [grade, rating] of INDEX_OF_GRADE.entries()) expect(indexOf({ body: grade }, 'other')).toBe(rating);
  });
});
