import { describe, expect, test } from 'vitest';
import { evaporationKgPerS, hangMinutes, latentKJPerKg, saturationKPa, tumbleMinutes, wetBulbC } from '../../src/core/drying';
import { down, item, comp, label, programme, shell, doing, CLEAN } from '../make';

describe('moist air against published table rows', () => {
  test.each([
    { source: 'FAO-56 annex 2, table 2.3', c: 10, kPa: 1.228 },
    { source: 'FAO-56 annex 2, table 2.3', c: 20, kPa: 2.338 },
    { source: 'FAO-56 annex 2, table 2.3', c: 30, kPa: 4.243 },
    { source: 'FAO-56 annex 2, table 2.3', c: 40, kPa: 7.376 },
  ])('saturation at $c °C is $kPa kPa ($source)', ({ c, kPa }) => expect(saturationKPa(c)).toBeCloseTo(kPa, 2));
  test('latent heat at 20 °C is 2.45 MJ/kg (FAO-56 annex 3)', () => expect(latentKJPerKg(20) / 1000).toBeCloseTo(2.454, 3));
  test('wet bulb at 20 °C and 50 % is about 13.8 °C (psychrometric chart, from memory)', () =>
    expect(Math.abs(wetBulbC(20, 50) - 13.8)).toBeLessThan(0.3));
  test('saturated air takes up nothing', () => expect(evaporationKgPerS(1, 20, 100, 1)).toBeCloseTo(0, 9));
});

describe('drying times people know (common practice, no source)', () => {
  const room = { airC: 20, rhPercent: 50 };
  test.each([
    {
      what: 'light down jacket on low',
      hours: tumbleMinutes({ dryG: 430, heldKgPerKg: 1.2, heat: 'low', dryer: 'vented' }) / 60,
      low: 1.5,
      high: 2.5,
    },
    {
      what: 'quilt on air',
      hours: tumbleMinutes({ dryG: 760, heldKgPerKg: 1.2, heat: 'air', dryer: 'vented' }) / 60,
      low: 3.5,
      high: 5.5,
    },
    {
      what: 'big bag in a commercial dryer',
      hours: tumbleMinutes({ dryG: 1400, heldKgPerKg: 1.2, heat: 'low', dryer: 'commercial' }) / 60,
      low: 1.5,
      high: 3,
    },
    {
      what: 'jersey with a fan',
      hours: hangMinutes({ dryG: 250, heldKgPerKg: 0.6, areaM2: 1.8, coreFactor: 1, air: 'fan', room }) / 60,
      low: 0.5,
      high: 2,
    },
    {
      what: 'stuffed canvas shoes',
      hours: hangMinutes({ dryG: 900, heldKgPerKg: 0.6, areaM2: 0.38, coreFactor: 1.2, air: 'still', room }) / 60,
      low: 20,
      high: 48,
    },
    {
      what: 'insulated shell on a line',
      hours: hangMinutes({ dryG: 1000, heldKgPerKg: 0.7, areaM2: 2.5, coreFactor: 3.5, air: 'still', room }) / 60,
      low: 12,
      high: 30,
    },
  ])('$what', ({ hours, low, high }) => {
    expect(hours).toBeGreaterThanOrEqual(low);
    expect(hours).toBeLessThanOrEqual(high);
  });
  test('drier, warmer or faster air is never slower; more water is', () => {
    const base = { dryG: 500, heldKgPerKg: 0.6, areaM2: 2, coreFactor: 1, air: 'still' as const };
    const at = (airC: number, rhPercent: number): number => hangMinutes({ ...base, room: { airC, rhPercent } });
    expect(at(20, 40)).toBeLessThan(at(20, 60));
    expect(at(25, 50)).toBeLessThan(at(15, 50));
    expect(hangMinutes({ ...base, air: 'fan', room })).toBeLessThan(hangMinutes({ ...base, room }));
    expect(hangMinutes({ ...base, heldKgPerKg: 0.9, room })).toBeGreaterThan(hangMinutes({ ...base, room }));
  });
});

describe('label values of ISO 3758:2012', () => {
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
