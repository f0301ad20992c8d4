import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  dilutionBench,
  doseBench,
  energyBench,
  rinseBench,
  DILUTION_FIELDS,
  DOSE_FIELDS,
  ENERGY_FIELDS,
  RINSE_FIELDS,
} from '../../src/core/bench';
import { dilute, percentToVolume, volumeToPercent } from '../../src/core/dilution';
import { cleanerDose, GUESSED_ML, ownDoseAllowed } from '../../src/core/dosing';
import { HARDNESS_UNITS, WASHER_KINDS, type SupplyClass } from '../../src/core/gear';
import { plan, writeProgramme } from '../../src/core/programme';
import { heldAt, learnRelease, rinseCount, rinseCurve } from '../../src/core/rinsing';
import { alternatives, takes } from '../../src/core/energy/takes';
import { celsius, fahrenheit, fromMgPerL, toMgPerL } from '../../src/core/units';
import * as arbitrary from './arbitraries';

const some = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });
const range = fc.tuple(some(5, 200), some(5, 200));
const doseInput = fc.record({
  cleaner: fc.constantFrom(...(Object.keys(GUESSED_ML) as SupplyClass[])),
  bottle: fc.oneof(
    fc.constant(null),
    range.map((r) => ({ labelDoseRangeMl: r as [number, number] })),
    some(5, 200).map((x) => ({ labelDoseMl: x })),
  ),
  machine: fc.constantFrom(...WASHER_KINDS),
  loadKg: some(0.02, 12),
  soil: fc.integer({ min: 0, max: 4 }),
  hardnessMgPerL: some(0, 900),
  ceilingMl: fc.option(some(5, 150), { nil: null }),
});

describe('dose', () => {
  test('never falls with more load, soil or hardness', () => {
    fc.assert(
      fc.property(doseInput, some(0, 5), fc.integer({ min: 0, max: 4 }), some(0, 500), (input, kg, soil, hard) => {
        const base = cleanerDose(input).ml;
        expect(cleanerDose({ ...input, loadKg: input.loadKg + kg }).ml).toBeGreaterThanOrEqual(base);
        expect(cleanerDose({ ...input, soil: Math.min(4, input.soil + soil) }).ml).toBeGreaterThanOrEqual(base);
        expect(cleanerDose({ ...input, hardnessMgPerL: input.hardnessMgPerL + hard }).ml).toBeGreaterThanOrEqual(base);
      }),
    );
  });
  test('stays inside the label and under our ceiling, to the whole millilitre', () => {
    fc.assert(
      fc.property(doseInput, (input) => {
        const { ml, rangeMl, capped } = cleanerDose(input);
        expect(ml).toBeGreaterThan(0);
        if (input.ceilingMl !== null) expect(ml).toBeLessThanOrEqual(input.ceilingMl + 0.5);
        if (!capped) {
          expect(ml).toBeGreaterThanOrEqual(rangeMl[0] - 0.5);
          expect(ml).toBeLessThanOrEqual(rangeMl[1] + 0.5);
        }
      }),
    );
  });
  test('a figure of one’s own never leaves the label', () => {
    fc.assert(
      fc.property(doseInput, some(0.1, 400), (input, own) => {
        const dose = cleanerDose(input);
        if (dose.basis !== 'guess' && ownDoseAllowed(own, dose, input.ceilingMl)) {
          expect(own).toBeGreaterThanOrEqual(dose.rangeMl[0]);
          expect(own).toBeLessThanOrEqual(dose.rangeMl[1]);
        }
      }),
    );
  });
});

const rinse = fc.record({
  dryKg: some(0.05, 4),
  heldKgPerKg: some(0.1, 8),
  freshL: some(1, 80),
  by: fc.constantFrom('hand' as const, 'drum' as const),
  sorbedShare: some(0, 1),
  release: some(0, 1),
});
describe('rinsing', () => {
  test('another fill never raises the residue, nothing is negative, and what clings never grows', () => {
    fc.assert(
      fc.property(rinse, (input) => {
        let last = { total: 1, sorbed: input.sorbedShare };
        for (const { free, sorbed, total } of rinseCurve(input, 15)) {
          expect(free).toBeGreaterThanOrEqual(0);
          expect(sorbed).toBeGreaterThanOrEqual(0);
          expect(sorbed).toBeLessThanOrEqual(last.sorbed);
          expect(total).toBeLessThanOrEqual(last.total + 1e-12);
          last = { total, sorbed };
        }
      }),
    );
  });
  test('more water, less held, more let go: never more fills; a faster spin never holds more', () => {
    fc.assert(
      fc.property(rinse, some(1, 3), some(100, 1600), (input, more, rpm) => {
        const fills = rinseCount(input).fills;
        expect(rinseCount({ ...input, freshL: input.freshL * more }).fills).toBeLessThanOrEqual(fills);
        expect(rinseCount({ ...input, heldKgPerKg: input.heldKgPerKg / more }).fills).toBeLessThanOrEqual(fills);
        expect(rinseCount({ ...input, release: Math.min(1, input.release * more) }).fills).toBeLessThanOrEqual(fills);
        expect(heldAt(1, rpm * more)).toBeLessThanOrEqual(heldAt(1, rpm));
        expect(heldAt(1, 0)).toBeGreaterThanOrEqual(heldAt(1, rpm));
      }),
    );
  });
  test('what was seen is counted from then on, as far as any let-go share explains it', () => {
    fc.assert(
      fc.property(rinse, fc.integer({ min: 1, max: 9 }), (input, seen) => {
        const release = learnRelease(input, seen);
        expect(release).toBeGreaterThanOrEqual(0);
        expect(release).toBeLessThanOrEqual(1);
        const least = rinseCount({ ...input, release: 1 }).fills;
        const most = rinseCount({ ...input, release: 0.02 }).fills;
        const counted = rinseCount({ ...input, release }).fills;
        if (seen >= least && seen <= most) expect(counted).toBe(seen);
        else if (seen < least) expect(counted).toBe(least);
      }),
    );
  });
});

describe('units and mixtures', () => {
  test('hardness, temperature and volume strength come back as they went', () => {
    fc.assert(
      fc.property(some(0.01, 1000), fc.constantFrom(...HARDNESS_UNITS), (x, unit) => {
        expect(fromMgPerL(toMgPerL(x, unit), unit)).toBeCloseTo(x, 9);
        expect(celsius(fahrenheit(x))).toBeCloseTo(x, 9);
        expect(percentToVolume(volumeToPercent(x))).toBeCloseTo(x, 9);
      }),
    );
  });
  test('what is dissolved is neither made nor lost', () => {
    fc.assert(
      fc.property(some(0.01, 100), some(0, 1), some(1, 5000), (strong, share, total) => {
        fc.pre(share > 1e-6);
        const { stockMl, waterMl } = dilute(strong, strong * share, total);
        expect(stockMl + waterMl).toBeCloseTo(total, 6);
        expect(stockMl * strong).toBeCloseTo(total * strong * share, 4);
        expect(waterMl).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});

describe('instruments on any address', () => {
  const junk = fc.oneof(
    fc.constantFrom(
      '',
      '0',
      '-1',
      '1e9',
      'NaN',
      'Infinity',
      '200',
      '0,5',
      '1.5',
      '  3 ',
      '<b>',
      'drum',
      'oxygen',
      'volume',
      'parts',
      '°dH',
      '400',
    ),
    fc.string({ maxLength: 6 }),
    some(-1e6, 1e6).map(String),
  );
  const numbers = (value: unknown): number[] =>
    typeof value === 'number'
      ? [value]
      : typeof value === 'object' && value !== null
        ? Object.values(value).flatMap(numbers)
        : [];
  test.each([
    { name: 'dose', run: doseBench, fields: Object.keys(DOSE_FIELDS) },
    { name: 'rinse', run: rinseBench, fields: Object.keys(RINSE_FIELDS) },
    { name: 'dilution', run: dilutionBench, fields: Object.keys(DILUTION_FIELDS) },
    { name: 'energy', run: energyBench, fields: Object.keys(ENERGY_FIELDS) },
  ])('$name: an answer of finite numbers, or a sentence beside a field; never both, never neither', ({ run, fields }) => {
    fc.assert(
      fc.property(fc.dictionary(fc.constantFrom(...fields), junk), (query) => {
        const { read, answer } = run((key) => query[key] ?? null);
        const faults = Object.values(read.faults as Record<string, string>);
        expect(answer === null).toBe(faults.length > 0);
        for (const said of faults) expect(said).toMatch(/^[A-Z].*[.]$/);
        for (const x of numbers(answer)) expect(Number.isFinite(x)).toBe(true);
      }),
      { numRuns: 400 },
    );
  });
});

describe('plans', () => {
  const request = fc.record({ item: arbitrary.item, inspection: arbitrary.seen, kit: arbitrary.household });
  test('what a plan takes is finite and not negative, and the alternatives start from it', () => {
    fc.assert(
      fc.property(request, (asked) => {
        const made = plan(asked);
        const { kWh, litres, money, lines } = takes(made);
        for (const x of [kWh, litres, money, ...lines.flatMap((l) => [l.kWh, l.litres])]) {
          expect(Number.isFinite(x)).toBe(true);
          expect(x).toBeGreaterThanOrEqual(0);
        }
        const all = alternatives(made);
        expect(all[0]?.id).toBe('planned');
        const cooler = all.find((a) => a.id === 'cooler');
        if (cooler) expect(cooler.takes.kWh).toBeLessThanOrEqual(kWh + 1e-9);
        const together = all.find((a) => a.id === 'together');
        if (together) expect(together.takes.litres).toBeLessThanOrEqual(litres + 1e-9);
      }),
      { numRuns: 200 },
    );
  });
  test('figures of one’s own never take a plan out of its envelope, its label doses or its least rinses', () => {
    const own = fc.record(
      {
        tempC: some(0, 95),
        drumRinses: fc.integer({ min: 1, max: 12 }),
        bathRinses: fc.integer({ min: 1, max: 12 }),
        dosesMl: fc.dictionary(fc.constantFrom('down-cleaner', 'technical-cleaner', 'plain-liquid', 'mild-soap'), some(1, 300)),
      },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(request, own, (asked, figures) => {
        const made = plan({ ...asked, item: { ...asked.item, own: figures } });
        const max = made.envelope.bounds.washMaxC.value;
        for (const { settings: s, template } of made.steps) {
          if (s.tempC !== undefined && max !== null && template.phase === 'wash') expect(s.tempC).toBeLessThanOrEqual(max);
          const bottle = (asked.kit.supplies ?? []).find((b) => b.id === s.supplyId);
          if (
            s.cleaner &&
            s.doseMl !== undefined &&
            bottle?.labelDoseMl !== undefined &&
            !bottle.labelDoseRangeMl &&
            !bottle.labelDoseByWasher
          )
            expect(s.doseMl).toBeLessThanOrEqual(bottle.labelDoseMl + 0.5);
        }
        if (made.method === 'machine' && made.facts.has('aim:wash'))
          expect(made.cycleRinses + Math.max(0, made.extraRinses)).toBeGreaterThanOrEqual(made.family.minRinses);
        expect(() => writeProgramme(made)).not.toThrow();
      }),
      { numRuns: 200 },
    );
  });
});
