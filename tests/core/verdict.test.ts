import { describe, expect, test } from 'vitest';
import { ASSESS_WORDS } from '../../src/core/words/assess';
import { isSeveral, ofSeveral, verdictText } from '../../src/core/words';
import { makeDemoKit } from '../../demo/kit';
import { planItem } from '../../src/core/programme';

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
    expect(verdictText(['wash', 'renew', 'reactivate'], (fact) => fact === 'aim:renew', { kind: 'trousers' })).toBe(
      'Wash them, renew their finish, then warm them.',
    );
    expect(verdictText(['renew'], nothing, { kind: 'boot' })).toBe('Renew their finish; do not wash them.');
  });
});

describe('so do its reasons', () => {
  test.each([
    ['it is damp and otherwise clean', 'they are damp and otherwise clean'],
    ['Look it over: if it is clean, I would only air it.', 'Look them over: if they are clean, I would only air them.'],
    ['it was used since it was last washed', 'they were used since they were last washed'],
    ['Below 85 % of its new loft I would wash it.', 'Below 85 % of their new loft I would wash them.'],
    ['How dirty is it?', 'How dirty are they?'],
    ['How long should it last?', 'How long should they last?'],
    ['How does it smell?', 'How do they smell?'],
    ['What is it dirty with?', 'What are they dirty with?'],
    ['What it can stand', 'What they can stand'],
    ['It goes for good', 'They go for good'],
    ['It gets wet.', 'They get wet.'],
  ])('“%s”', (one, several) => expect(ofSeveral(one)).toBe(several));
  test('whatever is reasoned: no verb of one stands behind several', () => {
    const reasons = Object.values(ASSESS_WORDS).flatMap((w) => [w.because, w.reverse, w.otherwise]);
    const said = reasons.flatMap((text) => (text ? [ofSeveral(text)] : []));
    expect(said.length).toBeGreaterThan(60);
    // Nor is the one who acts a “them”.
    expect(said.filter((text) => /(^|\b(?:if|once|when|where|and) |, )them\b/i.test(text))).toEqual([]);
    expect(said.filter((text) => /\bthey \w+s\b|\bthem (?:is|was|has)\b|\bit\b|\bits\b/i.test(text))).toEqual([]);
  });
  test('no pair of the demo kit is an “it” in its verdict or its reasons', () => {
    const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
    const pairs = kit.items.filter(isSeveral);
    expect(pairs.length).toBeGreaterThan(10);
    for (const item of pairs) {
      const { verdict, because, wouldChange } = planItem(kit, item);
      const text = [verdict, ...because, ...wouldChange].join(' ');
      expect(text).not.toMatch(/\bits?\b/i);
    }
  });
});
