import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { envelopeFor, planItem } from '../../src/core/programme';
import { allInUnits } from '../../src/core/units/said';
import { handOver, handOverMarkdown } from '../../src/core/telling/hand-over';
import { thingMarkdown } from '../../src/core/telling/thing';
import { thingName } from '../../src/core/words';

const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));

describe('a programme handed to somebody', () => {
  test('of every thing of the club: all its steps in order, every caution once, no field left open', () => {
    for (const item of kit.items) {
      const programme = planItem(kit, item);
      const handed = handOver(programme, thingName(item));
      expect([...handed.steps, ...handed.later].map((s) => s.title).sort()).toEqual(programme.steps.map((s) => s.title).sort());
      expect(handed.steps.map((s) => s.title)).toEqual(programme.steps.filter((s) => s.when === 'always').map((s) => s.title));
      const cautions = [...handed.steps, ...handed.later].flatMap((s) => s.cautions);
      expect(new Set(cautions).size).toBe(cautions.length);
      expect(new Set(cautions)).toEqual(new Set(programme.steps.flatMap((s) => s.cautions)));
      const text = handOverMarkdown(handed);
      expect(text).not.toMatch(/undefined|NaN|\bnull\b/);
      expect(text.startsWith('# ')).toBe(true);
    }
  });
  test('time is told as hands and waiting, a look with what is good enough', () => {
    const parka = kit.items.find((i) => i.id === 'itm-parka');
    if (!parka) throw new Error('no parka');
    const { steps, figures } = handOver(planItem(kit, parka), 'Parka *of* [mine]');
    expect(steps.some((s) => /^\d+ min, then .* by itself$/.test(s.time))).toBe(true);
    expect(steps.some((s) => s.look?.includes('?'))).toBe(true);
    expect(figures.at(-1)?.label).toBe('In all');
    expect(handOverMarkdown(handOver(planItem(kit, parka), 'Parka *of* [mine]'))).toContain('# Parka \\*of\\* \\[mine\\]');
  });
  test('°F where one reads so', () => {
    const parka = kit.items.find((i) => i.id === 'itm-parka');
    const value = (us: boolean): string | undefined =>
      parka &&
      allInUnits(handOver(planItem(kit, parka), 'x'), us ? 'us' : 'metric').figures.find((f) => f.label === 'Water')?.value;
    expect(value(false)).toBe('20 °C');
    expect(value(true)).toBe('68 °F');
  });
});

describe('a thing as text', () => {
  test('what it is made of, what it bears and what was done; not whose it is, what it cost or how often it was used', () => {
    const parka = kit.items.find((i) => i.id === 'itm-parka')!;
    const text = thingMarkdown(
      kit,
      { ...parka, owner: 'Ansa Rimmel', name: 'Long *grey* parka', price: { amount: 420, currency: 'EUR' } },
      envelopeFor(parka).bounds,
    );
    expect(text).toMatch(/^# Long \\\*grey\\\* parka\n/);
    for (const wanted of [
      '- Fill: ',
      '## What it bears',
      '- Water: 30 °C',
      '## What was done',
      'washed, warmed and finish renewed',
    ])
      expect(text).toContain(wanted);
    expect(text).not.toMatch(/Ansa|420|EUR|used/);
  });
});
