import Qty from 'js-quantities';
import { describe, expect, test } from 'vitest';
import { doseMl } from '../../src/core/dosing';
import { evaporationKgPerS, hangMinutes, latentKJPerKg, saturationKPa, tumbleMinutes, wetBulbC } from '../../src/core/drying';
import { rinseResidues, rinsesToClear } from '../../src/core/rinsing';
import { fahrenheit, G_PER_OZ, ML_PER_IMP_FL_OZ, ML_PER_US_FL_OZ, MM_PER_IN } from '../../src/core/units';
import { down, item, comp, label, programme, shell, doing, CLEAN } from '../make';

describe('units against a registry library and NIST', () => {
  test.each([
    {
      source: 'NIST Handbook 44 appendix C; js-quantities',
      ours: ML_PER_US_FL_OZ,
      theirs: Qty('1 floz').to('ml').scalar,
      exact: 29.5735295625,
    },
    {
      source: 'NIST Handbook 44 appendix C; js-quantities',
      ours: G_PER_OZ,
      theirs: Qty('1 oz').to('g').scalar,
      exact: 28.349523125,
    },
    { source: 'NIST SP 811; js-quantities', ours: MM_PER_IN, theirs: Qty('1 in').to('mm').scalar, exact: 25.4 },
    {
      source: 'UK Weights and Measures Act 1985: gallon 4.54609 L, 160 fl oz',
      ours: ML_PER_IMP_FL_OZ,
      theirs: 4546.09 / 160,
      exact: 28.4130625,
    },
  ])('$exact ($source)', ({ ours, theirs, exact }) => {
    expect(ours).toBe(exact);
    expect(Math.abs(ours / theirs - 1)).toBeLessThan(1e-5);
  });
  test.each([
    [0, 32],
    [20, 68],
    [40, 104],
    [100, 212],
  ])('NIST SP 811: %i °C = %i °F', (c, f) => expect(fahrenheit(c)).toBeCloseTo(f, 9));
});

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

describe('rinsing', () => {
  test('free part alone follows the mixed-tank closed form c·(Vr/(Vr+Vw))^n', () => {
    const residues = rinseResidues({ dryKg: 1, heldKgPerKg: 2, freshL: 8, by: 'drum' }, 1);
    // After one fill: sorbed 0.5·0.15 stays, free (0.5 + 0.5·0.85)·2/10.
    expect(residues[0]).toBeCloseTo(0.075 + 0.925 * 0.2, 12);
  });
  test.each([
    {
      what: 'quilt pressed by hand in a 40 L bath (k 4, release 0.5, target 3 %)',
      n: rinsesToClear({ dryKg: 0.7, heldKgPerKg: 4, freshL: 40, by: 'hand' }),
      low: 4,
      high: 5,
    },
    {
      what: 'front loader at low spin (k 1.2, 12 L, release 0.85, target 3 %)',
      n: rinsesToClear({ dryKg: 0.43, heldKgPerKg: 1.2, freshL: 12, by: 'drum' }),
      low: 2,
      high: 2,
    },
  ])('$what, common practice', ({ n, low, high }) => {
    expect(n).toBeGreaterThanOrEqual(low);
    expect(n).toBeLessThanOrEqual(high);
  });
  test('more fills never raise the residue, and it never falls below zero', () => {
    const residues = rinseResidues({ dryKg: 0.8, heldKgPerKg: 3, freshL: 20, by: 'hand' }, 20);
    residues.forEach((r, n) => {
      expect(r).toBeGreaterThanOrEqual(0);
      if (n > 0) expect(r).toBeLessThan(residues[n - 1] ?? 0);
    });
  });
  test('NaN and nothing are refused', () => {
    expect(() => rinsesToClear({ dryKg: Number.NaN, heldKgPerKg: 1, freshL: 1, by: 'hand' })).toThrow(RangeError);
    expect(() => tumbleMinutes({ dryG: 0, heldKgPerKg: 1, heat: 'low', dryer: 'vented' })).toThrow(RangeError);
  });
});

describe('dose', () => {
  const base = {
    cleaner: 'down-cleaner' as const,
    machine: 'front-loader' as const,
    bulk: 'medium' as const,
    soil: 2,
    hardnessMgPerL: 100,
    ceilingMl: null,
  };
  test('a single label dose is exact, whatever the load', () => {
    for (const bulk of ['small', 'medium', 'large'] as const)
      expect(
        doseMl({ ...base, bulk, soil: 4, hardnessMgPerL: 400, bottle: { id: 's', class: 'down-cleaner', labelDoseMl: 30 } }).ml,
      ).toBe(30);
  });
  test('factors move it inside the label range only, never down with more soil or hardness', () => {
    const bottle = { id: 's', class: 'down-cleaner' as const, labelDoseRangeMl: [60, 120] as [number, number] };
    let last = 0;
    for (const hardnessMgPerL of [20, 100, 150, 400])
      for (const soil of [0, 1, 2, 3, 4]) {
        const { ml } = doseMl({ ...base, bottle, soil, hardnessMgPerL });
        expect(ml).toBeGreaterThanOrEqual(60);
        expect(ml).toBeLessThanOrEqual(120);
        if (soil > 0) expect(ml).toBeGreaterThanOrEqual(last);
        last = ml;
      }
  });
  test('the dose of the machine type wins; our ceiling comes last', () => {
    const bottle = { id: 's', class: 'plain-liquid' as const, labelDoseMl: 80, labelDoseByWasher: { tub: 40 } };
    expect(doseMl({ ...base, machine: 'tub', bottle }).ml).toBe(40);
    expect(doseMl({ ...base, bottle, ceilingMl: 30 })).toMatchObject({ ml: 30, capped: true });
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
