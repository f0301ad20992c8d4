import Qty from 'js-quantities';
import { Matrix } from 'ml-matrix';
import { describe, expect, test } from 'vitest';
import {
  dilute,
  hazardsOf,
  MOLAR,
  MOLAR_VOLUME_L,
  oxygenBathPercent,
  PERCARBONATE_PEROXIDE,
  volumeToPercent,
} from '../../src/core/dilution';
import { cleanerDose } from '../../src/core/dosing';
import { coolerSaving, heatingKWh, latentKWh, tumblingKWh } from '../../src/core/energy';
import { idealFills, rinseCurve, rinsesToClear } from '../../src/core/rinsing';
import {
  celsius,
  fahrenheit,
  G_PER_OZ,
  hardnessClass,
  MG_PER_L,
  ML_PER_IMP_FL_OZ,
  ML_PER_US_FL_OZ,
  MM_PER_IN,
  toMgPerL,
} from '../../src/core/units';

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
    [-40, -40],
    [0, 32],
    [20, 68],
    [40, 104],
    [100, 212],
  ])('NIST SP 811: %i °C = %i °F, and back', (c, f) => {
    expect(fahrenheit(c)).toBeCloseTo(f, 9);
    expect(celsius(f)).toBeCloseTo(c, 9);
    if (c > -40) expect(Qty(`${c} tempC`).to('tempF').scalar).toBeCloseTo(fahrenheit(c), 6);
  });
});

describe('hardness as mg/L CaCO₃', () => {
  const grain = Qty('1 grain').to('mg').scalar;
  test.each([
    {
      unit: 'gpg' as const,
      source: 'a grain (NIST Handbook 44: 64.79891 mg) a US gallon',
      theirs: grain / Qty('1 gal').to('l').scalar,
    },
    {
      unit: '°Clark' as const,
      source: 'a grain an imperial gallon of 4.54609 L (UK Weights and Measures Act 1985)',
      theirs: 64.79891 / 4.54609,
    },
    {
      unit: '°dH' as const,
      source: 'DIN 38409-6: 10 mg CaO/L; CaCO₃ 100.0869, CaO 56.0774 g/mol (IUPAC)',
      theirs: (10 * 100.0869) / 56.0774,
    },
    { unit: '°fH' as const, source: 'the French degree: 10 mg CaCO₃/L', theirs: 10 },
    { unit: 'mmol/L' as const, source: 'molar mass of CaCO₃ (IUPAC)', theirs: 40.078 + 12.011 + 3 * 15.999 },
  ])('$unit: $source', ({ unit, theirs }) => expect(Math.abs(MG_PER_L[unit] / theirs - 1)).toBeLessThan(1e-4));
  test.each([
    [60, 'soft'],
    [61, 'moderately hard'],
    [120, 'moderately hard'],
    [121, 'hard'],
    [180, 'hard'],
    [181, 'very hard'],
  ] as const)('USGS: %i mg/L is %s', (mg, name) => expect(hardnessClass(mg)).toBe(name));
  test('10 °dH is hard water of 178 mg/L (USGS classes)', () => {
    expect(toMgPerL(10, '°dH')).toBeCloseTo(178.48, 2);
    expect(hardnessClass(toMgPerL(10, '°dH'))).toBe('hard');
  });
});

describe('doses (common practice, no source)', () => {
  const machine = {
    cleaner: 'down-cleaner' as const,
    bottle: null,
    machine: 'front-loader' as const,
    soil: 2,
    hardnessMgPerL: 100,
    ceilingMl: null,
  };
  test.each([
    { what: 'one down jacket in a machine', loadKg: 0.45, low: 80, high: 120 },
    { what: 'two jackets', loadKg: 1, low: 120, high: 150 },
    { what: 'one big bag', loadKg: 1.4, low: 135, high: 150 },
  ])('$what', ({ loadKg, low, high }) => {
    const { ml, basis } = cleanerDose({ ...machine, loadKg });
    expect(basis).toBe('guess');
    expect(ml).toBeGreaterThanOrEqual(low);
    expect(ml).toBeLessThanOrEqual(high);
  });
  test('a single label dose is exact, whatever the load, the soil and the water', () => {
    for (const loadKg of [0.1, 1, 8])
      expect(cleanerDose({ ...machine, loadKg, soil: 4, hardnessMgPerL: 400, bottle: { labelDoseMl: 30 } }).ml).toBe(30);
  });
  test('the worked sum: 80 mL × 1 × 1.1 × 1.15 × 1 = 101.2, inside 60 to 120 (by hand)', () => {
    const dose = cleanerDose({
      ...machine,
      loadKg: 0.5,
      soil: 3,
      hardnessMgPerL: 150,
      bottle: { labelDoseMl: 80, labelDoseRangeMl: [60, 120] },
    });
    expect(dose).toMatchObject({
      ml: 101,
      baseMl: 80,
      basis: 'label-range',
      factors: { load: 1, soil: 1.1, hardness: 1.15, machine: 1 },
    });
    expect(dose.freeMl).toBeCloseTo(101.2, 9);
  });
  test('the dose of the machine type wins; our ceiling comes last', () => {
    const bottle = { labelDoseMl: 80, labelDoseByWasher: { tub: 40 } };
    expect(cleanerDose({ ...machine, loadKg: 0.5, machine: 'tub', bottle }).ml).toBe(40);
    expect(cleanerDose({ ...machine, loadKg: 0.5, bottle, ceilingMl: 30 })).toMatchObject({ ml: 30, capped: true });
  });
});

describe('rinsing', () => {
  const quilt = { dryKg: 0.7, heldKgPerKg: 4, freshL: 40, by: 'hand' as const };
  test('free compartment alone is the mixed tank: c = (Vr/(Vr+Vw))^n, n = ⌈ln(c₀/c*)/ln(1+Vw/Vr)⌉ (textbook dilution)', () => {
    const free = { ...quilt, sorbedShare: 0 };
    rinseCurve(free, 8).forEach(({ total }, n) => expect(total).toBeCloseTo((2.8 / 42.8) ** (n + 1), 14));
    for (const target of [0.2, 0.03, 0.001, 1e-6]) expect(rinsesToClear(free, target)).toBe(idealFills(free, target));
  });
  test('two compartments against powers of the transition matrix (ml-matrix)', () => {
    for (const [release, sorbed, held, fresh] of [
      [0.5, 0.5, 2.8, 40],
      [0.85, 0.5, 0.5, 12],
      [0.1, 0.9, 6, 9],
    ] as const) {
      const stays = held / (held + fresh);
      const step = new Matrix([
        [stays, stays * release],
        [0, 1 - release],
      ]);
      let state = Matrix.columnVector([1 - sorbed, sorbed]);
      const ours = rinseCurve({ dryKg: 1, heldKgPerKg: held, freshL: fresh, by: 'hand', release, sorbedShare: sorbed }, 12);
      for (const { free, sorbed: clings } of ours) {
        state = step.mmul(state);
        expect(free).toBeCloseTo(state.get(0, 0), 14);
        expect(clings).toBeCloseTo(state.get(1, 0), 14);
      }
    }
  });
  test.each([
    {
      what: 'a 0.6 kg quilt pressed in a 40 L bath (k 4, half let go, clear at 3 %)',
      n: rinsesToClear({ ...quilt, dryKg: 0.6 }),
      low: 4,
      high: 5,
    },
    {
      what: 'a 0.8 kg quilt pressed in a 40 L bath (k 4, half let go, clear at 3 %)',
      n: rinsesToClear({ ...quilt, dryKg: 0.8 }),
      low: 4,
      high: 5,
    },
    {
      what: 'a front loader at low spin (k 1, 15 L)',
      n: rinsesToClear({ dryKg: 0.43, heldKgPerKg: 1, freshL: 15, by: 'drum' }),
      low: 2,
      high: 2,
    },
    {
      what: 'a front loader at low spin (k 1.5, 10 L)',
      n: rinsesToClear({ dryKg: 0.43, heldKgPerKg: 1.5, freshL: 10, by: 'drum' }),
      low: 2,
      high: 2,
    },
  ])('$what, common practice', ({ n, low, high }) => {
    expect(n).toBeGreaterThanOrEqual(low);
    expect(n).toBeLessThanOrEqual(high);
  });
  test('ideal mixing alone would say too few for the quilt (common practice)', () => expect(idealFills(quilt)).toBeLessThan(4));
});

describe('energy', () => {
  // Specific enthalpy of saturated liquid water, kJ/kg, as steam tables after IAPWS-IF97 print it (from memory).
  const ENTHALPY: Readonly<Record<number, number>> = { 10: 42.02, 15: 62.98, 20: 83.91, 30: 125.74, 40: 167.53, 60: 251.18 };
  test.each([
    [10, 20],
    [10, 30],
    [15, 40],
    [20, 60],
    [10, 60],
  ])('heating water from %i to %i °C agrees with the steam tables within 0.5 %%', (from, to) => {
    const table = (15 * ((ENTHALPY[to] ?? 0) - (ENTHALPY[from] ?? 0))) / 3600;
    expect(Math.abs(heatingKWh(15, from, to) / table - 1)).toBeLessThan(0.005);
  });
  test('a litre warmed by 1 K is 4.186 kJ, and nothing is spent on cooling', () => {
    expect(heatingKWh(1, 20, 21) * 3600).toBeCloseTo(4.186, 12);
    expect(heatingKWh(10, 20, 10)).toBe(0);
  });
  test('47 to 74 % is saved at 20 °C against 40 °C by plausible machines (the common claim is two thirds)', () => {
    for (const heatedL of [10, 15, 20])
      for (const inletC of [8, 12, 15])
        for (const motorKWh of [0.08, 0.12]) {
          const saved = coolerSaving({ heatedL, inletC, tempC: 40, motorKWh }, 20);
          expect(saved).toBeGreaterThanOrEqual(0.47);
          expect(saved).toBeLessThanOrEqual(0.74);
        }
    const usual = coolerSaving({ heatedL: 15, inletC: 12, tempC: 40, motorKWh: 0.1 }, 20);
    expect(usual).toBeGreaterThanOrEqual(0.47);
    expect(usual).toBeLessThanOrEqual(0.74);
  });
  test('latent heat at 40 °C is 2406 kJ/kg (steam tables, h_fg, from memory) within 0.5 %; no plain dryer beats it', () => {
    expect(Math.abs((latentKWh(1, 40) * 3600) / 2406 - 1)).toBeLessThan(0.005);
    for (const dryer of ['vented', 'condenser', 'commercial'] as const) {
      const { heatKWh } = tumblingKWh({ waterKg: 0.6, hours: 2, heat: 'low', dryer });
      expect(heatKWh).toBeGreaterThan(latentKWh(0.6));
    }
  });
});

describe('strengths', () => {
  test('molar masses from IUPAC atomic weights, molar volume from CODATA R·T/p', () => {
    const [h, c, o, na] = [1.008, 12.011, 15.999, 22.98976928];
    expect(Math.abs(MOLAR.hydrogenPeroxide / (2 * h + 2 * o) - 1)).toBeLessThan(1e-4);
    expect(MOLAR.sodiumCarbonate).toBeCloseTo(2 * na + c + 3 * o, 2);
    expect(MOLAR_VOLUME_L).toBeCloseTo((8.314462618 * 273.15) / 101.325, 6);
    expect(PERCARBONATE_PEROXIDE).toBeCloseTo(0.325, 3);
  });
  test.each([
    { volume: 10, percent: 3 },
    { volume: 20, percent: 6 },
    { volume: 30, percent: 9 },
    { volume: 40, percent: 12 },
  ])('$volume volume is sold as about $percent % (common practice)', ({ volume, percent }) =>
    expect(Math.abs(volumeToPercent(volume) - percent)).toBeLessThan(0.2),
  );
  test('40 volume is 12.1 % w/v (worked from the molar masses)', () => expect(volumeToPercent(40)).toBeCloseTo(12.14, 2));
  test('c₁V₁ = c₂V₂: 500 mL of 3 % from 12 % is 125 mL and 375 mL of water', () =>
    expect(dilute(12, 3, 500)).toEqual({ stockMl: 125, waterMl: 375 }));
  test('30 g of a powder with 30 % percarbonate in 5 L is 0.06 % peroxide (by hand)', () =>
    expect(oxygenBathPercent(6, 0.3)).toBeCloseTo((6 * 0.3 * 0.325) / 10, 4));
  test.each([
    ['peroxide', 4.9, []],
    ['peroxide', 6, ['peroxide-eye-irritant']],
    ['peroxide', 8, ['peroxide-eye-damage']],
    ['peroxide', 12, ['peroxide-eye-damage']],
    ['acetic-acid', 5, []],
    ['acetic-acid', 10, ['acid-irritant']],
    ['acetic-acid', 25, ['acid-corrosive']],
    ['other', 90, []],
  ] as const)('EU CLP Regulation (EC) No 1272/2008, Annex VI: %s at %d %%', (substance, percent, ids) =>
    expect(hazardsOf(substance, percent).map((h) => h.id)).toEqual(ids),
  );
});
