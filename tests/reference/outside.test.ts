import { describe, expect, test } from 'vitest';
import { down, item, comp, label, programme, shell, doing, CLEAN } from '../make';

describe('label values in the words of ISO 3758:2012 (own: what is entered binds)', () => {
  const thing = (c: Parameters<typeof label>[0], action: Parameters<typeof label>[1], rest = {}) =>
    item('other', [comp('face', 'cotton')], { repellency: 'none', label: label(c, action, rest) });
  test.each([30, 40, 50, 60, 70, 95] as const)('a tub with %i allows water up to it', (c) =>
    expect(programme(thing(c, 'normal'), { soil: 2 }).envelope.washMaxC).toMatchObject({
      value: c,
      boundBy: { component: 'label' },
    }),
  );
  test('a hand in the tub: 40 °C at most', () =>
    expect(programme(thing(60, 'hand'), { soil: 2 }).envelope.washMaxC.value).toBe(40));
  test.each([
    ['low', 'low'],
    ['normal', 'normal'],
    ['none', 'none'],
  ] as const)('tumble %s', (mark, value) =>
    expect(programme(thing(40, 'normal', { tumble: mark }), { soil: 2 }).envelope.tumble.value).toBe(value),
  );
  test.each([110, 150, 200, 0] as const)('iron %i', (c) =>
    expect(programme(thing(40, 'normal', { ironMaxC: c }), { soil: 2 }).envelope.ironMaxC.value).toBe(c),
  );
  test('low is never dried on medium', () =>
    expect(
      doing(programme(down(), { soil: 2 }, { preferences: { schools: { 'DOWN-HEAT': 'medium' } } }), 'tumble')?.settings.heat,
    ).toBe('low'));
});

describe('drop grades in the words of ISO 4920 / AATCC TM22', () => {
  test.each([
    [5, 'no wetting', []],
    [4, 'slight random wetting', []],
    [3, 'wetting at the drop points', ['reactivate']],
    [2, 'partial wetting beyond them', ['reactivate']],
    [1, 'the whole surface', ['reactivate']],
    [0, 'through to the back', ['reactivate']],
  ] as const)('grade %i on the shoulders, %s', (grade, _, aims) => {
    const p = programme(shell(), { ...CLEAN, droplet: { shoulders: grade } });
    expect(p.aims).toEqual(aims);
    expect(p.steps.some((s) => s.when === 'if-failed' && s.do === 'spray-proof')).toBe(grade <= 2);
  });
});
