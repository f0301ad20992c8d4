import { describe, expect, test } from 'vitest';
import { verdictText } from '../../src/core/words';

/* A pair is spoken of as a pair. Common practice of the language, no source. */
describe('the verdict speaks of what it is about', () => {
  const nothing = (): boolean => false;
  test.each([
    ['jacket', 'Wash it.'],
    ['shoe', 'Wash them.'],
    ['trousers', 'Wash them.'],
  ] as const)('a %s', (kind, said) => expect(verdictText(['wash'], nothing, { kind })).toBe(said));
  test('several kept as one are several; what needs nothing says so of them', () => {
    expect(verdictText(['wash', 'downgrade'], nothing, { kind: 'cloth', count: 6 })).toBe(
      'Wash them, then move them to dirtier jobs.',
    );
    expect(verdictText([], nothing, { kind: 'gloves' })).toBe('Leave them alone: they need nothing.');
    expect(verdictText(['air'], (fact) => fact === 'damp', { kind: 'shoe' })).toBe(
      'Dry them before they are put away; do not wash them.',
    );
    // What is warmed there is the finish.
    expect(verdictText(['wash', 'renew', 'reactivate'], (fact) => fact === 'aim:renew', { kind: 'trousers' })).toBe(
      'Wash them, renew their finish, then warm it.',
    );
    expect(verdictText(['renew'], nothing, { kind: 'boot' })).toBe('Renew their finish; do not wash them.');
  });
});
