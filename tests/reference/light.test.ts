import PerspT from 'perspective-transform';
import { describe, expect, test } from 'vitest';
import { homographyOf, type Point, seenAt } from '../../src/core/loft/light';
import { seededRandom } from '../../src/core/units/seeded';
import { at, errorsOf, LIGHTS, withRight } from '../light-cases';

describe('a plane seen at an angle, beside a registry library (perspective-transform)', () => {
  const next = seededRandom(7);
  const near = (x: number, y: number, by: number): Point => [x + by * (next() - 0.5), y + by * (next() - 0.5)];
  const square = (size: number, by: number): Point[] => [
    near(0, 0, by),
    near(size, 0, by),
    near(size, size, by),
    near(0, size, by),
  ];
  test('200 planes, each at ten places, to a millionth', () => {
    let far = 0;
    for (let n = 0; n < 200; n++) {
      const [from, to] = [square(1000, 300), square(800, 300)];
      const ours = homographyOf(from, to);
      const theirs = PerspT(from.flat(), to.flat());
      if (!ours) throw new Error('no map');
      for (let k = 0; k < 10; k++) {
        const [x, y] = [next() * 1000, next() * 1000];
        const [u, v] = seenAt(ours, [x, y]);
        const [p, q] = theirs.transform(x, y);
        far = Math.max(far, Math.hypot(u - p, v - q));
      }
    }
    expect(far).toBeLessThan(800e-6);
  });
});

/* A few pictures of each kind; the full set, with its figures, is in `bench/`. */
const PICTURES = 4;
describe('grams from a picture against the light: made pictures with tilt, tint, an uneven lamp and noise', () => {
  test.each(LIGHTS)(`$name: ${PICTURES} pictures within the aim`, (light) => {
    const all = errorsOf(light, PICTURES);
    expect(at(all, 0.5)).toBeLessThan(light.median);
    expect(at(all, 0.9)).toBeLessThan(light.most);
  });
  test('a baffle that is known to be right makes it better where the law is another', () => {
    const { without, shown } = withRight(PICTURES);
    expect(at(shown, 0.9)).toBeLessThan(at(without, 0.9) * 0.95);
    expect(shown.reduce((sum, e) => sum + e, 0)).toBeLessThan(without.reduce((sum, e) => sum + e, 0));
  });
});
