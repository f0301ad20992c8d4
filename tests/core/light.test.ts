import { describe, expect, test } from 'vitest';
import { eightBits, encode } from '../../demo/camera';
import { layoutOf, panelOf, START_LAYOUTS } from '../../src/core/loft';
import {
  type LightResult,
  anchorsOf,
  fillByLight,
  homographyOf,
  isConvex,
  type Point,
  reduce,
  Reducer,
  sample,
  seenAt,
  solve,
} from '../../src/core/loft/light';
import { seededRandom } from '../../src/core/units/seeded';
import { lightBasis, lightText } from '../../src/core/telling/loft';
import { blur, lampAround } from '../../src/core/loft/light/lamp';

const grey = (width: number, height: number, code: (x: number, y: number) => number): Uint8ClampedArray => {
  const rgba = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) rgba.set([code(x, y), code(x, y), code(x, y), 255], (y * width + x) * 4);
  return rgba;
};
const STRIPS = panelOf({
  name: 's',
  style: 'vertical',
  xMm: 0,
  yMm: 0,
  widthMm: 400,
  heightMm: 300,
  rows: 4,
  columns: 1,
  thicknessMm: 50,
});
const CORNERS: Point[] = [
  [0.2, 0.2],
  [0.8, 0.2],
  [0.8, 0.8],
  [0.2, 0.8],
];
/** Strips as they would let light through with these optical depths, evenly lit; dark beyond what is shown. */
const strips = (depths: readonly number[], lamp = 230): Uint8ClampedArray =>
  grey(400, 300, (x, y) => {
    const [u, v] = [(x / 400 - 0.2) / 0.6, (y / 300 - 0.2) / 0.6];
    if (u < 0 || u >= 1 || v < 0 || v >= 1) return lamp;
    // Codes from linear light: IEC 61966-2-1.
    const linear = ((lamp / 255 + 0.055) / 1.055) ** 2.4 / (1 + (depths[Math.floor(u * 4)] ?? 0));
    return 255 * (1.055 * linear ** (1 / 2.4) - 0.055);
  });

describe('geometry', () => {
  test('equations: solved, and told when they settle nothing', () => {
    expect(
      solve(
        [
          [0, 2],
          [3, 1],
        ],
        [4, 11],
      )?.map((v) => +v.toFixed(9)),
    ).toEqual([3, 2]);
    expect(
      solve(
        [
          [1, 2],
          [2, 4],
        ],
        [1, 2],
      ),
    ).toBeNull();
  });
  test('the corners go where they are seen; three in a line settle no plane', () => {
    const from: Point[] = [
      [0, 0],
      [100, 0],
      [100, 50],
      [0, 50],
    ];
    const to: Point[] = [
      [10, 20],
      [200, 30],
      [180, 140],
      [5, 120],
    ];
    const h = homographyOf(from, to);
    from.forEach((p, n) => seenAt(h!, p).forEach((v, k) => expect(v).toBeCloseTo(to[n]?.[k] ?? NaN, 6)));
    expect(
      homographyOf(from, [
        [0, 0],
        [50, 50],
        [100, 100],
        [0, 90],
      ]),
    ).toBeNull();
    expect(() => homographyOf(from.slice(1), to)).toThrow(RangeError);
  });
  test('corners that cross over are not those of a flat thing', () => {
    expect(isConvex(CORNERS)).toBe(true);
    expect(isConvex([CORNERS[0]!, CORNERS[2]!, CORNERS[1]!, CORNERS[3]!])).toBe(false);
  });
  test('anchors are points of the layout, clockwise from the upper left', () =>
    expect(anchorsOf(layoutOf(START_LAYOUTS.quilt))).toEqual([
      [0, 0],
      [1300, 0],
      [1150, 1900],
      [150, 1900],
    ]));
});

describe('reducing', () => {
  test('code 188 is half of the light: sRGB, IEC 61966-2-1', () =>
    expect(
      reduce(
        grey(2, 2, () => 188),
        2,
        2,
      ).channels[0][0],
    ).toBeCloseTo(0.503, 3));
  test('the mean is taken of light, not of codes; black and white make half, not code 127', () => {
    const picture = reduce(
      grey(1600, 1600, (x) => (x % 2 ? 255 : 0)),
      1600,
      1600,
    );
    expect([picture.width, picture.scale]).toEqual([800, 0.5]);
    expect(picture.channels[1][1000]).toBeCloseTo(0.5, 6);
    expect([picture.cutOff[7], picture.dark[7]]).toEqual([0.5, 0.5]);
  });
  test('rows may come in pieces of any height', () => {
    const rgba = grey(1700, 30, (x, y) => (x * 7 + y * 13) % 256);
    const pieces = new Reducer(1700, 30);
    for (let y = 0; y < 30; y += 7) pieces.add(rgba.subarray(y * 1700 * 4, Math.min(30, y + 7) * 1700 * 4), y);
    expect(pieces.done().channels[2]).toEqual(reduce(rgba, 1700, 30).channels[2]);
  });
  test('between pixels it is the weighed mean; outside, the edge', () => {
    const two = Float32Array.from([0, 1]);
    expect([0.5, 1, 1.5, -3, 9].map((x) => sample(two, 2, 1, x, 0.5))).toEqual([0, 0.5, 1, 0, 1]);
  });
  test('a blur keeps what is even and spreads a point over its square', () => {
    expect([...blur(new Float32Array(12).fill(3), 4, 3, 1)].every((v) => Math.abs(v - 3) < 1e-6)).toBe(true);
    const point = new Float32Array(49);
    point[24] = 9;
    expect(blur(point, 7, 7, 1)[24]).toBeCloseTo(1, 6);
    expect(blur(point, 7, 7, 1)[8]).toBe(0);
    expect(blur(point, 7, 7, 1)[16]).toBeCloseTo(1, 6);
  });
});

describe('the lamp from bare places', () => {
  const round = (light: (x: number, y: number) => number) =>
    Array.from({ length: 24 }, (_, n) => {
      // At two distances: on one circle alone, x² + y² is a constant and nothing tells the two apart.
      const [x, y] = [0.5 + (0.38 + 0.1 * (n % 2)) * Math.cos(n), 0.5 + (0.38 + 0.1 * (n % 2)) * Math.sin(n)];
      return { x, y, light: light(x, y) };
    });
  const bell = (x: number, y: number): number => 0.8 * Math.exp(-((x - 0.4) ** 2) - 2 * (y - 0.6) ** 2);
  test('a bell of light is found again, also in the middle where nothing was seen', () => {
    const fit = lampAround(round(bell));
    expect(fit!.lamp(0.5, 0.5)).toBeCloseTo(bell(0.5, 0.5), 4);
    expect(fit!.off).toBeLessThan(1e-4);
  });
  test('a hand before the lamp does not count', () => {
    const places = round(bell).map((p, n) => (n < 4 ? { ...p, light: p.light * 0.2 } : p));
    expect(lampAround(places)!.lamp(0.5, 0.5)).toBeCloseTo(bell(0.5, 0.5), 3);
  });
  test('too few places tell nothing', () => expect(lampAround(round(bell).slice(0, 2))).toBeNull());
});

describe('grams by light', () => {
  const measured = (rgba: Uint8ClampedArray, more = {}, corners = CORNERS) =>
    fillByLight(reduce(rgba, 400, 300), null, STRIPS, 100, { corners, cloth: [], ...more });
  test('by hand: depths 1, 2, 3, 4 of equal strips share 100 g as 10, 20, 30, 40; known cloth', () => {
    const rgba = strips([1, 2, 3, 4]);
    // A patch of cloth without down, which here takes nothing: bare light.
    const result = measured(rgba, { cloth: [[0.1, 0.1]], model: 'scattered' });
    if (result.status !== 'measured') throw new Error(result.status);
    result.spread.forEach((s, n) => expect(s.grams).toBeGreaterThan(10 * (n + 1) - 0.7));
    result.spread.forEach((s, n) => expect(s.grams).toBeLessThan(10 * (n + 1) + 0.7));
    expect(result.spread.reduce((sum, s) => sum + s.grams, 0)).toBeCloseTo(100, 6);
    expect(result.clothPasses).toBeCloseTo(1, 1);
  });
  test('by the other law the same picture is ln 2, ln 3, ln 4, ln 5', () => {
    const result = measured(strips([1, 2, 3, 4]), { cloth: [[0.1, 0.1]], model: 'swallowed' });
    const all = Math.log(120);
    [2, 3, 4, 5].forEach((r, n) => expect(result.spread?.[n]?.grams).toBeCloseTo((100 * Math.log(r)) / all, 0));
  });
  test('with both references the law is fitted: a strip declared right takes its even share', () => {
    // Third strip at a depth that the scattering law gives 30 g; declared right, it must come to 25.
    const result = measured(strips([1, 2, 3, 4]), { cloth: [[0.1, 0.1]], right: 's 3' });
    expect(result.status === 'measured' && result.model).toBe('fitted');
    expect(result.spread?.[2]?.grams).toBeLessThan(29);
  });
  test('what cannot be seen is less sure', () => {
    const sure = measured(strips([2, 2, 2, 2]), { cloth: [[0.1, 0.1]] }).spread?.map((s) => s.sure);
    const dark = measured(strips([2, 2, 2, 3000]), { cloth: [[0.1, 0.1]] }).spread?.at(-1);
    expect(sure).toEqual(['good', 'good', 'good', 'good']);
    expect([dark?.sure, (dark?.dark ?? 0) > 0.8]).toEqual(['poor', true]);
  });
  test('what is wrong with it is said, not measured', () => {
    const rgba = strips([1, 2, 3, 4]);
    const crossed = [CORNERS[0]!, CORNERS[2]!, CORNERS[1]!, CORNERS[3]!];
    expect(measured(rgba, {}, crossed).status).toBe('corners');
    expect(
      measured(rgba, {}, [
        [0.2, 0.2],
        [1.4, 0.2],
        [1.4, 0.8],
        [0.2, 0.8],
      ]).status,
    ).toBe('outside');
    expect(
      measured(rgba, {}, [
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 1],
      ]).status,
    ).toBe('lamp');
    expect(
      fillByLight(reduce(rgba, 400, 300), null, { baffles: [{ id: 'a', volumeCm3: 5 }] }, 100, { corners: CORNERS }).status,
    ).toBe('nothing');
    expect(
      measured(
        grey(400, 300, () => 200),
        { cloth: [[0.1, 0.1]] },
      ).status,
    ).toBe('nothing');
    expect(() => fillByLight(reduce(rgba, 400, 300), null, STRIPS, 0, { corners: CORNERS })).toThrow(RangeError);
  });
});

describe('what is said of a picture', () => {
  const one = (grams: number, more = {}) => ({
    baffle: 'a',
    grams,
    sd: 3,
    target: 40,
    ratio: null,
    cutOff: 0,
    dark: 0,
    sure: 'good' as const,
    ...more,
  });
  const said = (spread: readonly ReturnType<typeof one>[], more: Partial<Extract<LightResult, { status: 'measured' }>> = {}) =>
    ({
      status: 'measured',
      model: 'scattered',
      lamp: 'around',
      lampOff: 0.02,
      clothPasses: 0.5,
      clothFrom: 'seams',
      spread,
      ...more,
    }) as const;
  test('the thinnest baffle, or that nothing is missing beyond the doubt', () => {
    expect(lightText(said([one(22), one(38)]))).toBe('Most is missing from a: 22 g, even would be 40 g.');
    expect(lightText(said([one(38), one(42)]))).toBe('The down lies evenly, as far as the light tells.');
    for (const status of ['corners', 'outside', 'lamp', 'nothing'] as const) expect(lightText({ status })).toMatch(/\.$/);
  });
  test('what it rests on, and what was too dark or washed out', () => {
    expect(lightBasis(said([one(40)])).join(' ')).toContain('within 2 %');
    expect(lightBasis(said([one(40)])).join(' ')).toContain('50 % through, from the thinnest places');
    const surer = lightBasis(said([one(40)], { lamp: 'picture', clothFrom: 'spot' })).join(' ');
    expect(surer).toContain('its own picture');
    expect(surer).toContain('as shown');
    expect(lightBasis(said([one(40)], { clothFrom: 'right' })).join(' ')).toContain('holds what it should');
    const lost = lightBasis(said([one(40, { dark: 0.5 }), one(40, { baffle: 'b', cutOff: 0.5 })])).join(' ');
    expect(lost).toContain('Too dark to tell: a. Take it again with a longer exposure.');
    expect(lost).toContain('Washed out: b. Take it again with a shorter exposure.');
  });
});

describe('the camera of the made pictures', () => {
  test('writes each light as eight bits of its curve', () => {
    const dim = (light: number): number => 0.6 * encode(light);
    const next = seededRandom(40);
    for (const of of [encode, dim]) {
      const wrong: number[] = [];
      const written = eightBits(of);
      for (const light of [-1, 0, 1, 7, ...Array.from({ length: 5000 }, () => 2.4 * next() ** 3)])
        if (written(light) !== new Uint8ClampedArray([255 * of(light)])[0]) wrong.push(light);
      expect(wrong).toEqual([]);
    }
  });
});
