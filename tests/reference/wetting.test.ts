import { describe, expect, test } from 'vitest';
import { wettingText } from '../../src/core/telling/drops';
import type { WettingMarks } from '../../src/core/wetting';
import { GRADES, gradesRead, MARKS, readScene, sceneOf } from '../drop-cases';

/* The scale is ISO 4920’s / AATCC TM22’s; what wet cloth looks like in the pictures is Ångström’s law (1925), not the reader’s thresholds. */
/* Some pictures of each grade; the full set, with its figures, is in `bench/`. */
const EACH = 6;

describe('a grade from a picture', () => {
  test(`${GRADES.length * EACH} pictures: within one in nine of ten, the truth within what it may be`, () => {
    const { all, within, held, refused, shares } = gradesRead(EACH, 60_000);
    expect(within / all).toBeGreaterThanOrEqual(0.9);
    expect(held / all).toBeGreaterThanOrEqual(0.85);
    expect(refused / all).toBeLessThanOrEqual(0.05);
    for (const share of shares) {
      expect(share.low).toBeLessThanOrEqual(share.value + 1e-9);
      expect(share.value).toBeLessThanOrEqual(share.high + 1e-9);
    }
  });
  test('pearls are counted, and their size is that of the drops', () => {
    for (let n = 0; n < 8; n++) {
      const scene = sceneOf(5, 61_000 + n);
      const read = readScene(scene);
      if (read.status !== 'read') throw new Error(read.status);
      expect(Math.abs(read.beads - scene.drops)).toBeLessThanOrEqual(1);
      expect((read.beadWidth ?? 0) / (2 * scene.radius)).toBeGreaterThan(0.7);
      expect((read.beadWidth ?? 0) / (2 * scene.radius)).toBeLessThan(1.4);
    }
  });
  test('all wet is nearly all of the place, also on pale cloth that hardly darkens', () => {
    const read = readScene(sceneOf(1, 62_000, { cloth: [0.55, 0.6, 0.5] }));
    expect(read).toMatchObject({ status: 'read', grade: { value: 1, low: 0 } });
  });
  test.each([
    ['glare', sceneOf(3, 63_000, { glare: 0.16 }), 'glare'],
    ['a sun on it all', sceneOf(3, 63_001, { exposure: 1.8 }), 'glare'],
    ['blur', sceneOf(3, 63_002, { blur: 7 }), 'blurred'],
    ['no difference', sceneOf(5, 63_003, { drops: 0 }), 'same'],
    ['night', sceneOf(3, 63_004, { exposure: 0.0004 }), 'dark'],
  ] as const)('%s is refused, with what to do', (_, scene, status) => {
    const read = readScene(scene);
    expect(read.status).toBe(status);
    expect(wettingText(read)).toMatch(/[.:] /);
  });
  test('corners too near each other are refused; which of two is named first does not matter', () => {
    const scene = sceneOf(3, 64_000);
    const [a, b] = MARKS.wet;
    const swapped: WettingMarks = { ...MARKS, wet: [b, a] };
    expect(readScene(scene, { ...MARKS, wet: [a, [a[0] + 0.05, a[1] + 0.05]] }).status).toBe('small');
    expect(readScene(scene, { ...MARKS, dry: [MARKS.dry[0], MARKS.dry[0]] }).status).toBe('small');
    expect(readScene(scene, swapped)).toEqual(readScene(scene));
  });
  test('what it is said to look like, with its span', () => {
    expect(
      wettingText({
        status: 'read',
        share: { value: 0.043, low: 0.037, high: 0.05 },
        beads: 1,
        beadWidth: 0.08,
        patches: 5,
        grade: { value: 3, low: 2, high: 3 },
      }),
    ).toBe(
      'It looks like a 3, or anything from 2 to 3: wet where drops fell. 4.3 % has darkened (3.7 % to 5.0 %). 1 drop beads, each about 8.0 % of the place’s width.',
    );
  });
});
