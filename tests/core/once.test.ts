import { describe, expect, test } from 'vitest';
import { onceFor, onceForWord } from '../../src/core/once';

describe('what is worked out once', () => {
  test('for an object: each its own, and the same object once', () => {
    let made = 0;
    const of = onceFor(({ n }: { n: number }) => [n, made++]);
    const [one, two] = [{ n: 1 }, { n: 1 }];
    expect([of(one), of(two), of(one)]).toEqual([
      [1, 0],
      [1, 1],
      [1, 0],
    ]);
    expect(of(one)).toBe(of(one));
  });
  test('nothing is an answer too', () => {
    let made = 0;
    const of = onceForWord((word: string) => (made++, word === 'a' ? null : word));
    expect([of('a'), of('a'), of('b'), made]).toEqual([null, null, 'b', 2]);
  });
  test('of two things: one within the other', () => {
    const of = onceFor((a: object) => onceForWord((b: string) => ({ a, b })));
    const a = {};
    expect(of(a)('x')).toBe(of(a)('x'));
    expect(of(a)('x')).not.toBe(of({})('x'));
  });
});
