import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { PLACES, renderShoe, seenIn, type ShoeScene, truthOf } from '../../demo/shoe';
import {
  changeOf,
  type ColourMarks,
  type ColourReading,
  coloursIn,
  courseOf,
  deltaE2000,
  deltaE76,
  GRADES,
  gradeOf,
  labOf,
  outlookOf,
  readColours,
  type Session,
  sunHours,
  xyzOfLab,
} from '../../src/core/colour';
import { type Point, reduce } from '../../src/core/picture';
import { marksIn, readScene } from '../colour-cases';

const SCENE: ShoeScene = {
  width: 256,
  height: 180,
  law: 'real',
  seed: 3,
  yellowed: 0.7,
  cloth: 'navy',
  corners: [
    [0.04, 0.05],
    [0.96, 0.05],
    [0.95, 0.95],
    [0.05, 0.94],
  ],
  lampK: 3200,
  lampShare: 0.3,
  exposure: 0.9,
};
const read = (scene: ShoeScene, marks = marksIn(scene)): readonly ColourReading[] => {
  const result = readScene(scene, marks);
  if (result.status !== 'read') throw new Error(result.status);
  return result.readings;
};
/** A flat picture of one 8-bit colour. */
const flat = (r: number, g: number, b: number, width = 200, height = 150) => {
  const rgba = new Uint8ClampedArray(width * height * 4);
  for (let n = 0; n < width * height; n++) rgba.set([r, g, b, 255], n * 4);
  return reduce(rgba, width, height);
};
const SPOTS = { spots: [{ id: 'one', name: 'one', at: [0.5, 0.5] as const }] };

describe('reading colours off a picture', () => {
  test('what is white against the sheet reads white, what is yellow yellow, and neither because of the lamp', () => {
    for (const lampShare of [0, 0.5]) {
      const scene = { ...SCENE, lampShare, yellowed: 0 };
      const toe = read(scene).find((r) => r.id === 'toe');
      const old = read({ ...scene, yellowed: 1 }).find((r) => r.id === 'toe');
      expect(Math.abs((toe?.yellow.value ?? 99) - truthOf('toe', scene).yellow)).toBeLessThan(4);
      expect((old?.yellow.value ?? 0) - (toe?.yellow.value ?? 0)).toBeGreaterThan(20);
    }
  });
  test('the sheet is found or shown: both read the same', () => {
    const shown = { ...marksIn(SCENE), sheet: [seenIn(SCENE, [150, 120]), seenIn(SCENE, [850, 560]), seenIn(SCENE, [420, 570])] };
    const [found, by] = [read(SCENE), read(SCENE, shown)];
    for (const one of found) {
      const other = by.find((r) => r.id === one.id);
      expect(deltaE76(one.lab, other?.lab ?? { L: 0, a: 0, b: 0 })).toBeLessThan(2.5);
    }
  });
  test('the sheet that was found is told, and lies on the paper', () => {
    const result = readScene(SCENE);
    if (result.status !== 'read') throw new Error(result.status);
    const [u] = seenIn(SCENE, [60, 350]);
    const [v] = seenIn(SCENE, [940, 350]);
    const area = result.sheet.reduce((sum, r) => sum + (r.to - r.from) * (3 / SCENE.height), 0);
    expect(area).toBeGreaterThan(0.35);
    expect(area).toBeLessThan(0.8);
    for (const run of result.sheet) expect(run.from >= u - 0.05 && run.to <= v + 0.05).toBe(true);
    // The toe is no part of it.
    const [tx, ty] = seenIn(SCENE, PLACES.toe);
    expect(result.sheet.some((r) => Math.abs(r.y - ty) < 0.01 && r.from < tx && r.to > tx)).toBe(false);
  });
  test('a soft picture of a thing of nearly the same white: what the sheet flows into by its soft edges is no sheet', () => {
    const pale: ShoeScene = { ...SCENE, width: 400, height: 280, cloth: 'natural', yellowed: 0.35, lampK: 4800, lampShare: 0.25 };
    const { rgba, width, height } = renderShoe(pale);
    for (let round = 0; round < 3; round++) {
      const was = rgba.slice();
      for (let y = 1; y < height - 1; y++)
        for (let x = 1; x < width - 1; x++)
          for (let k = 0; k < 3; k++) {
            let sum = 0;
            for (const dy of [-1, 0, 1]) for (const dx of [-1, 0, 1]) sum += was[((y + dy) * width + x + dx) * 4 + k] as number;
            rgba[(y * width + x) * 4 + k] = sum / 9;
          }
    }
    const marks = marksIn(pale);
    const result = readColours(reduce(rgba, width, height), marks);
    if (result.status !== 'read') throw new Error(result.status);
    for (const {
      id,
      at: [x, y],
    } of marks.spots) {
      expect(result.sheet.some((r) => Math.abs(r.y - y) < 0.01 && r.from < x && r.to > x)).toBe(false);
      const yellow = result.readings.find((r) => r.id === id)?.yellow.value ?? NaN;
      expect(Math.abs(yellow - truthOf(id as keyof typeof PLACES, pale).yellow)).toBeLessThan(3);
    }
  });
  test('a picture with no usable white is refused, each for its own reason', () => {
    expect(readScene({ ...SCENE, exposure: 4 })).toEqual({ status: 'cut-off' });
    expect(readScene({ ...SCENE, exposure: 0.03 })).toEqual({ status: 'dark' });
    expect(readScene({ ...SCENE, law: 'plain', lampK: 1800, lampShare: 1 })).toEqual({ status: 'coloured' });
    expect(readColours(flat(128, 128, 128, 40, 30), SPOTS)).toEqual({ status: 'small' });
    const noise = new Uint8ClampedArray(200 * 150 * 4).map((_, n) => (n * 7919) % 251);
    expect(readColours(reduce(noise, 200, 150), SPOTS)).toEqual({ status: 'none' });
  });
  test('a spot that cannot be read is refused by itself: cut off, dark, outside, far from the sheet', () => {
    const { rgba, width, height } = renderShoe(SCENE);
    const paint = (at: readonly [number, number], colour: number): void => {
      const [cx, cy] = [at[0] * width, at[1] * height];
      for (let y = 0; y < height; y++)
        for (let x = 0; x < width; x++)
          if ((x - cx) ** 2 + (y - cy) ** 2 < 64) rgba.set([colour, colour, colour, 255], (y * width + x) * 4);
    };
    const [toe, rim] = [seenIn(SCENE, PLACES.toe), seenIn(SCENE, PLACES.rim)];
    paint(toe, 255);
    paint(rim, 1);
    const result = readColours(reduce(rgba, width, height), {
      spots: [
        { id: 'glare', name: 'glare', at: toe },
        { id: 'hole', name: 'hole', at: rim },
        { id: 'gone', name: 'gone', at: [-0.4, 0.5] },
      ],
    });
    expect(result).toMatchObject({ status: 'read', readings: [] });
    expect(result.status === 'read' && result.faults).toEqual([
      { id: 'glare', fault: 'cut-off' },
      { id: 'hole', fault: 'dark' },
      { id: 'gone', fault: 'outside' },
    ]);
    const far = readColours(reduce(renderShoe(SCENE).rgba, width, height), {
      sheet: [seenIn(SCENE, [110, 100]), seenIn(SCENE, [140, 130])],
      spots: [{ id: 'far', name: 'far', at: seenIn(SCENE, PLACES.toe) }],
    });
    expect(far.status === 'read' && far.faults).toEqual([{ id: 'far', fault: 'far' }]);
  });
  test('a spot that is moved is read in the light that is known: as if all were read anew, and without the sheet being looked for again', () => {
    const { rgba, width, height } = renderShoe(SCENE);
    const picture = reduce(rgba, width, height);
    const [toe, rim] = [seenIn(SCENE, PLACES.toe), seenIn(SCENE, PLACES.rim)];
    const at = (place: Point, sheet?: readonly Point[]): ColourMarks => ({ spots: [{ id: 's1', name: 'A', at: place }], sheet });
    const shown = [seenIn(SCENE, [650, 260])];
    const all = [at(toe), at(rim), at(rim, shown), at(toe, shown), at(toe)];
    const again = coloursIn(picture);
    expect(all.map((marks) => again(marks))).toEqual(all.map((marks) => readColours(picture, marks)));
    // Without any light in it there is no sheet to be found: only what was known of it is left.
    const dimmed = coloursIn(picture);
    dimmed(at(toe));
    picture.channels.forEach((channel) => channel.fill(0));
    expect(dimmed(at(rim)).status).toBe('read');
    expect(dimmed(at(rim, shown)).status).not.toBe('read');
    expect(readColours(picture, at(rim)).status).not.toBe('read');
  });
  test('nothing changed: the difference holds nought, its grade is 5 or next to it, and nobody sees it', () => {
    const [a, b] = [read(SCENE), read({ ...SCENE, seed: 9, lampShare: 0.1, lampK: 4000 })];
    for (const one of a) {
      const other = b.find((r) => r.id === one.id);
      if (!other) throw new Error(one.id);
      const { deltaE, grade, yellower } = changeOf(one, other);
      expect(deltaE.low).toBeLessThan(1.2);
      expect(['5', '4-5', '4']).toContain(grade);
      expect(yellower.low).toBeLessThan(0.5);
      expect(yellower.high).toBeGreaterThan(-0.5);
    }
  });
  test('the same reading twice differs by nothing, and the other way round by the same', () => {
    const [a, b] = [read(SCENE), read({ ...SCENE, yellowed: 0.2 })];
    const [toe, clean] = [a, b].map((all) => all.find((r) => r.id === 'toe'));
    if (!toe || !clean) throw new Error('no toe');
    expect(changeOf(toe, toe).deltaE).toMatchObject({ value: 0, low: 0 });
    expect(changeOf(toe, clean).deltaE.value).toBeCloseTo(changeOf(clean, toe).deltaE.value, 9);
    expect(changeOf(toe, clean).yellower.value).toBeCloseTo(-changeOf(clean, toe).yellower.value, 9);
    expect(changeOf(toe, clean).yellower.high).toBeLessThan(0);
  });
});

const lab = fc.record({
  L: fc.double({ min: 2, max: 98, noNaN: true }),
  a: fc.double({ min: -60, max: 60, noNaN: true }),
  b: fc.double({ min: -60, max: 60, noNaN: true }),
});
describe('laws of colours', () => {
  test('to tristimulus values and back', () => {
    fc.assert(
      fc.property(lab, (one) => {
        const back = labOf(xyzOfLab(one));
        expect(deltaE76(one, back)).toBeLessThan(1e-9);
      }),
    );
  });
  test('differences: never negative, nought with itself, the same both ways; a greater one never grades better', () => {
    fc.assert(
      fc.property(lab, lab, lab, (a, b, c) => {
        for (const of of [deltaE76, deltaE2000]) {
          expect(of(a, b)).toBeGreaterThanOrEqual(0);
          expect(of(a, a)).toBeLessThan(1e-9);
          expect(of(a, b)).toBeCloseTo(of(b, a), 7);
        }
        expect(deltaE76(a, c)).toBeLessThanOrEqual(deltaE76(a, b) + deltaE76(b, c) + 1e-9);
        const [less, more] = [deltaE76(a, b), deltaE76(a, c)].sort((x, y) => x - y) as [number, number];
        expect(GRADES.indexOf(gradeOf(less))).toBeLessThanOrEqual(GRADES.indexOf(gradeOf(more)));
      }),
    );
  });
});

describe('sessions in the light', () => {
  const session = (value: number, hours = 0.75, light: Session['light'] = 'sun'): Session => ({
    hours,
    light,
    yellow: { value, sd: 1 },
  });
  test('one reading says nothing of what is to come', () => {
    expect(outlookOf([session(40, 0)])).toBeNull();
    expect(courseOf([])).toEqual([]);
  });
  test('an hour under cloud is less than one in the sun', () => {
    expect(sunHours(session(0, 2, 'cloud'))).toBeLessThan(sunHours(session(0, 2, 'lamp')));
    expect(sunHours(session(0, 2, 'lamp'))).toBeLessThan(sunHours(session(0, 2, 'sun')));
  });
  test('while it still falls there is more to gain; where it stands still there is not', () => {
    const falling = outlookOf([session(40, 0), session(31), session(24)]);
    const still = outlookOf([session(40, 0), session(18), session(12), session(11.6), session(11.9), session(11.7)]);
    expect(falling?.worthIt).toBeGreaterThan(0.7);
    expect(falling?.more.likely).toBeGreaterThan(0);
    expect(still?.worthIt).toBeLessThan(0.15);
    expect(still?.more.likely).toBe(0);
  });
  test('whatever was read: bounds in order, no gain below nought, a course that never rises', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -2, max: 60, noNaN: true }), { minLength: 2, maxLength: 6 }),
        fc.constantFrom('sun' as const, 'cloud' as const, 'lamp' as const),
        (values, light) => {
          const sessions = values.map((v, n) => session(v, n === 0 ? 0 : 0.5, light));
          const told = outlookOf(sessions);
          if (!told) throw new Error('no outlook');
          for (const { low, value, high } of [told.limit, told.next]) {
            expect(low).toBeLessThanOrEqual(value);
            expect(value).toBeLessThanOrEqual(high);
          }
          expect(told.next.low).toBeGreaterThanOrEqual(0);
          expect(told.worthIt).toBeGreaterThanOrEqual(0);
          expect(told.worthIt).toBeLessThanOrEqual(1 + 1e-9);
          const course = courseOf(sessions);
          course.forEach((p, n) => n > 0 && expect(p.value).toBeLessThanOrEqual((course[n - 1]?.value ?? 0) + 1e-6));
        },
      ),
      { numRuns: 60 },
    );
  });
});
