import psychrolib from 'psychrolib';
import { describe, expect, test } from 'vitest';
import {
  drumAir,
  drumKgPerS,
  dryBandG,
  evaporationKgPerS,
  hangingBody,
  hangKgPerS,
  hangMinutes,
  humidityRatio,
  latentKJPerKg,
  relativeHumidity,
  saturationKPa,
  secondsToDry,
  soaked,
  tumbleMinutes,
  tumblingBody,
  waterAfter,
  wetBulbC,
  type Body,
  type Water,
} from '../../src/core/drying';
import { doubtWeight, judgeDry, type DrySigns } from '../../src/core/drying/dry';
import { drumStep, integrate } from '../../src/core/drying/integrate';
import { dryMassNow, regain, regainOf } from '../../src/core/drying/sorption';
import { comp } from '../make';

psychrolib.SetUnitSystem(psychrolib.SI);
const PA = 101_300;

describe('moist air against published table rows', () => {
  test.each([
    { source: 'FAO-56 annex 2, table 2.3', c: 10, kPa: 1.228 },
    { source: 'FAO-56 annex 2, table 2.3', c: 20, kPa: 2.338 },
    { source: 'FAO-56 annex 2, table 2.3', c: 30, kPa: 4.243 },
    { source: 'FAO-56 annex 2, table 2.3', c: 40, kPa: 7.376 },
  ])('saturation at $c °C is $kPa kPa ($source)', ({ c, kPa }) => expect(saturationKPa(c)).toBeCloseTo(kPa, 2));
  // The formula is FAO-56's; these are another's: heat of vaporisation of saturated water, IAPWS-IF97 steam tables, figures from memory.
  test.each([
    [10, 2477.2],
    [20, 2453.5],
    [40, 2406.0],
    [60, 2357.7],
  ])('latent heat at %i °C is %d kJ/kg within 0.1 %% (IAPWS-IF97)', (c, kJPerKg) =>
    expect(Math.abs(latentKJPerKg(c) / kJPerKg - 1)).toBeLessThan(0.001),
  );
});

describe('moist air against psychrolib, from 5 to 70 °C and 10 to 95 %', () => {
  const grid = [5, 12, 20, 28, 40, 55, 70].flatMap((c) => [10, 30, 50, 70, 95].map((rh) => [c, rh] as const));
  test('saturation pressure within 0.5 %', () => {
    for (const [c] of grid) expect(Math.abs(saturationKPa(c) / (psychrolib.GetSatVapPres(c) / 1000) - 1)).toBeLessThan(0.005);
  });
  test('humidity ratio within 1 %, and back to where it came from', () => {
    for (const [c, rh] of grid) {
      expect(Math.abs(humidityRatio(c, rh) / psychrolib.GetHumRatioFromRelHum(c, rh / 100, PA) - 1)).toBeLessThan(0.01);
      expect(relativeHumidity(c, humidityRatio(c, rh))).toBeCloseTo(rh, 6);
    }
  });
  test('wet bulb within 0.4 K, where it is above freezing', () => {
    for (const [c, rh] of grid) {
      const theirs = psychrolib.GetTWetBulbFromRelHum(c, rh / 100, PA);
      if (theirs > 0) expect(Math.abs(wetBulbC(c, rh) - theirs)).toBeLessThan(0.4);
    }
  });
});

describe('evaporation', () => {
  test('own arithmetic, not outside: 1 m² at 20 °C, 50 %, 1 m/s by the ASHRAE form with e_s of FAO-56', () => {
    // Wet bulb 13.8 °C: e_s 1.578 kPa; air 1.169 kPa; Y = 2501 − 2.361·13.8 = 2468 kJ/kg; (1.578 − 1.169)(0.089 + 0.0782)/2468.
    expect(evaporationKgPerS(1, 20, 50, 1)).toBeCloseTo(((1.578 - 1.169) * 0.1672) / 2468, 6);
  });
  test('saturated air takes up nothing', () => expect(evaporationKgPerS(1, 20, 100, 1)).toBeCloseTo(0, 9));
});

/** Explicit Euler with steps of 0.2 s: slow, plain, and written apart from the solutions it checks. */
function euler(body: Body, start: Water, rate: number, seconds: number): Water {
  let { shellKg: x, coreKg: y } = start;
  const dt = 0.2;
  for (let s = 0; s < seconds - dt / 2; s += dt) {
    const flow = body.coreKg > 0 ? (y - (body.coreKg * x) / body.shellKg) / body.exchangeS : 0;
    const wet = Math.min(1, Math.max(0, x / (0.1 * body.shellKg)));
    x += (-rate * wet + flow) * dt;
    y -= flow * dt;
  }
  return { shellKg: x, coreKg: y };
}
const CASES = [
  { what: 'a down jacket on low', body: tumblingBody(430, 'low'), held: 1.2, rate: drumKgPerS({ heat: 'low', dryer: 'vented' }) },
  { what: 'a quilt without heat', body: tumblingBody(760, 'air'), held: 1.7, rate: drumKgPerS({ heat: 'air', dryer: 'vented' }) },
  {
    what: 'a plain cloth on the line',
    body: hangingBody(250, 1),
    held: 0.6,
    rate: hangKgPerS({ areaM2: 1.8, air: 'fan', room: undefined }),
  },
  {
    what: 'an insulated shell',
    body: hangingBody(1000, 3.5),
    held: 0.7,
    rate: hangKgPerS({ areaM2: 2.5, air: 'still', room: undefined }),
  },
];
describe.each(CASES)('$what', ({ body, held, rate }) => {
  const start = soaked(body, held);
  const end = (body.shellKg + body.coreKg) * 0.015;
  const seconds = secondsToDry(body, start, rate, end);
  test('the exact stages agree with a fine-step solver', () => {
    for (const share of [0.1, 0.4, 0.8]) {
      const theirs = euler(body, start, rate, seconds * share);
      const ours = waterAfter(body, start, rate, seconds * share);
      expect(Math.abs(ours.shellKg - theirs.shellKg)).toBeLessThan(0.002 * (start.shellKg + start.coreKg));
      expect(Math.abs(ours.coreKg - theirs.coreKg)).toBeLessThan(0.002 * (start.shellKg + start.coreKg));
    }
  });
  test('the stepped curve agrees with the closed form within 2 % (15 % is asked)', () => {
    const curve = integrate(body, start, () => ({ rateKgPerS: rate, airC: 20, wetC: 14 }), {
      minutes: (seconds / 60) * 1.3,
      everyMin: 1,
    });
    const at = curve.findIndex((p) => p.shellG + p.coreG <= end * 1000);
    expect(Math.abs((curve[at]?.minutes ?? 0) / (seconds / 60) - 1)).toBeLessThan(0.02 + 60 / seconds);
  });
  test('at the time named, the water named is left', () => {
    const left = waterAfter(body, start, rate, seconds);
    expect(left.shellKg + left.coreKg).toBeCloseTo(end, 5);
  });
  test('water balance closes: what the curve loses is what evaporated', () => {
    const stepS = 15;
    const curve = integrate(body, start, () => ({ rateKgPerS: rate, airC: 20, wetC: 14 }), {
      minutes: 60,
      stepS,
      everyMin: 0.25,
    });
    const evaporated = curve.slice(0, -1).reduce((sum, p, n) => {
      const wet = (g: number): number => Math.min(1, g / 1000 / (0.1 * body.shellKg));
      return sum + rate * stepS * ((wet(p.shellG) + wet(curve[n + 1]?.shellG ?? 0)) / 2);
    }, 0);
    const lost = start.shellKg + start.coreKg - ((curve.at(-1)?.shellG ?? 0) + (curve.at(-1)?.coreG ?? 0)) / 1000;
    expect(Math.abs(evaporated - lost)).toBeLessThan(0.01 * lost);
  });
});

describe('drying times people know (common practice, no source; rates were set on these, so they are held, not proved)', () => {
  const room = { airC: 20, rhPercent: 50 };
  const tumble = (dryG: number, heat: 'air' | 'low', dryer: 'vented' | 'commercial', heldKgPerKg = 1.2): number =>
    tumbleMinutes({ dryG, heldKgPerKg, heat, dryer, room }) / 60;
  test.each([
    { what: 'light down jacket on low', hours: tumble(430, 'low', 'vented'), low: 1.5, high: 2.5 },
    { what: 'quilt on air', hours: tumble(760, 'air', 'vented'), low: 3.5, high: 5.5 },
    { what: 'big bag in a commercial dryer', hours: tumble(1400, 'low', 'commercial'), low: 1.5, high: 3 },
    {
      what: 'bigger bag, pressed by hand, in a commercial dryer',
      hours: tumble(1800, 'low', 'commercial', 1.6),
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
  test('drying keeps its energy: no plain dryer takes off more than its warm air could pay for', () => {
    for (const heat of ['low', 'medium', 'high'] as const) {
      const { airC, wetC } = drumAir({ heat, dryer: 'vented', room });
      // Sensible heat given up by 0.05 kg/s of air from its temperature down to the wet bulb, cp 1.006 kJ/(kg·K).
      const paid = (0.05 * 1.006 * (airC - wetC)) / latentKJPerKg(wetC);
      expect(drumKgPerS({ heat, dryer: 'vented', room })).toBeLessThan(paid);
    }
  });
  test('a wet surface stays at the wet bulb, and warms to the air as it dries', () => {
    const body = tumblingBody(430, 'low');
    const air = { heat: 'low', dryer: 'vented', room } as const;
    const curve = integrate(body, soaked(body, 1.2), () => drumStep(air, drumKgPerS(air)), { minutes: 240 });
    expect(curve[0]?.fabricC).toBeCloseTo(drumAir(air).wetC, 6);
    expect(curve.at(-1)?.fabricC ?? 0).toBeGreaterThan(drumAir(air).airC - 2);
    expect(Math.max(...curve.map((p) => p.fabricC))).toBeLessThanOrEqual(60);
  });
});

describe('moisture in balance with the air', () => {
  test.each([
    ['cotton', 0.07, 0.085],
    ['wool', 0.136, 0.136],
    ['polyamide-woven', 0.045, 0.045],
    ['polyester-woven', 0.004, 0.004],
    ['acrylic-pile', 0.015, 0.015],
    ['elastane-mesh', 0.013, 0.013],
    ['down', 0.12, 0.12],
  ] as const)('%s at 65 %% (set after ASTM D1909 from memory: held, not proved)', (material, low, high) => {
    expect(regain(material, 65)).toBeGreaterThanOrEqual(low);
    expect(regain(material, 65)).toBeLessThanOrEqual(high);
  });
  test('300 g of down moves about 15 g between 40 and 70 % (from memory)', () =>
    expect(Math.abs(300 * (regain('down', 70) - regain('down', 40)) - 15)).toBeLessThan(1));
  test('a thing is weighed by its fill and the rest by its layers', () => {
    const bag = {
      massG: 1000,
      components: [comp('face', 'polyester-woven'), comp('fill', 'down', { attributes: { fillMassG: 600 } })],
    };
    expect(regainOf(bag, 65)).toBeCloseTo(0.6 * 0.12 + 0.4 * 0.004, 9);
    expect(dryMassNow(bag, 1000, 40, 70)).toBeGreaterThan(1025);
    expect(dryMassNow(bag, 1000, 40, 40)).toBeCloseTo(1000, 9);
    expect(dryMassNow(bag, 1000, undefined, 70)).toBe(1000);
  });
});

describe('dry by the whole rule, and by nothing less (common practice; figures from memory)', () => {
  const dry: DrySigns = { expectedG: 430, nowG: 434, hourAgoG: 437, clump: false, dampCore: false };
  test('band, last hour and hands together', () => {
    expect(judgeDry(dry)).toEqual({ status: 'dry' });
    expect(dryBandG(430)).toBeCloseTo(6.45, 9);
    expect(dryBandG(200)).toBe(5);
  });
  test.each([
    [{ nowG: 440 }, ['too-heavy']],
    [{ nowG: 420 }, ['lighter-than-dry', 'still-losing']],
    [{ hourAgoG: 439 }, ['still-losing']],
    [{ hourAgoG: null }, ['hour-unknown']],
    [{ expectedG: null }, ['weigh-dry-unknown']],
    [{ nowG: null, hourAgoG: null }, ['weigh-now']],
    [{ clump: true }, ['clump']],
    [{ dampCore: true }, ['damp-core']],
    [{ clump: null, dampCore: null }, ['look']],
  ] as const)('%j is not dry: %j', (change, missing) =>
    expect(judgeDry({ ...dry, ...change })).toEqual({ status: 'not-yet', missing }),
  );
  test.each([
    [1.2, 430, null, 'pounds'],
    [19, 430, null, 'ounces'],
    [300, 430, null, 'lighter-than-dry'],
    [4500, 430, null, 'heavier-than-soaked'],
    [700, 430, 640, 'heavier-than-before'],
    [640, 430, 700, null],
    [433, 430, 434, null],
    [700, null, null, null],
  ] as const)('%d g for a thing of %s g after %s g: %s', (g, dryG, before, doubt) =>
    expect(doubtWeight(g, dryG, before)).toBe(doubt),
  );
});
