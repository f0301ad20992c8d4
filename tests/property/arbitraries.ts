import fc from 'fast-check';
import type { CareLabel, Component, Inspection, Item, Kit } from '../../src/core/gear';
import * as gear from '../../src/core/gear';
import { SCHOOLS } from '../../src/core/knowledge';
import type { Programme } from '../../src/core/document';
import { plan, type Plan, writeProgramme } from '../../src/core/programme';

/* Random things, looks and households. `fc.option` leaves a field out: unknown. */
const maybe = <T>(arb: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> => fc.option(arb, { nil: undefined });
const clean = <T extends object>(record: T): T =>
  Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined)) as T;

export const component: fc.Arbitrary<Component> = fc
  .record({
    part: fc.constantFrom(...gear.PARTS),
    material: fc.constantFrom(...gear.MATERIALS),
    removable: maybe(fc.boolean()),
    bonded: maybe(fc.constantFrom(...gear.BONDS)),
    denier: maybe(fc.integer({ min: 5, max: 60 })),
  })
  .map(({ denier, ...rest }) => clean({ ...rest, attributes: denier === undefined ? undefined : { denier } }) as Component);

const wash = fc.oneof(
  fc.constant({ allowed: false }),
  fc
    .record({ maxC: maybe(fc.constantFrom(...gear.LABEL_WASH_C)), action: maybe(fc.constantFrom(...gear.LABEL_ACTIONS)) })
    .map((w) => clean({ allowed: true, ...w })),
);
export const careLabel: fc.Arbitrary<CareLabel> = fc
  .record({
    wash: maybe(wash),
    bleach: maybe(fc.constantFrom(...gear.BLEACHES)),
    tumble: maybe(fc.constantFrom(...gear.LABEL_TUMBLES)),
    ironMaxC: maybe(fc.constantFrom(...gear.LABEL_IRON_C)),
    professional: maybe(fc.constantFrom(...gear.PROFESSIONALS)),
  })
  .map((l) => clean(l) as CareLabel);

export const item: fc.Arbitrary<Item> = fc
  .record({
    kind: fc.constantFrom(...gear.KINDS),
    components: fc.array(component, { minLength: 1, maxLength: 6 }),
    label: fc.option(careLabel, { nil: null }),
    massG: maybe(fc.integer({ min: 20, max: 4000 })),
    bulk: maybe(fc.constantFrom(...gear.BULKS)),
    colour: maybe(fc.constantFrom(...gear.COLOURS).map((c) => ({ class: c }))),
    marks: fc.subarray([...gear.MARKS]),
    fittings: fc.subarray([...gear.FITTINGS]),
    repellency: maybe(fc.constantFrom(...gear.REPELLENCIES)),
    lining: maybe(fc.constantFrom(...gear.LININGS)),
    jobClass: maybe(fc.constantFrom(...gear.JOB_CLASSES)),
    makerSays: fc.array(fc.record({ about: fc.constantFrom(...gear.MAKER_TOPICS), says: fc.constantFrom(...gear.MAKER_VERBS) }), {
      maxLength: 2,
    }),
  })
  .map((i) => clean({ id: 'x', ...i }) as Item);

export const seen: fc.Arbitrary<Inspection> = fc
  .record({
    soil: maybe(fc.integer({ min: 0, max: 4 })),
    odour: maybe(fc.integer({ min: 0, max: 3 })),
    soils: maybe(fc.subarray([...gear.SOILS], { maxLength: 3 })),
    droplet: maybe(fc.dictionary(fc.constantFrom(...gear.DROPLET_ZONES), fc.integer({ min: 0, max: 5 }), { maxKeys: 3 })),
    loftRatio: maybe(fc.integer({ min: 50, max: 110 }).map((n) => n / 100)),
    clumped: maybe(fc.boolean()),
    damp: maybe(fc.boolean()),
    discoloured: maybe(fc.boolean()),
    fromStorage: maybe(fc.boolean()),
    stains: maybe(fc.array(fc.record({ soil: fc.constantFrom(...gear.SOILS), set: fc.boolean() }), { maxLength: 2 })),
    damage: maybe(fc.array(fc.record({ kind: fc.constantFrom(...gear.DAMAGES) }), { maxLength: 2 })),
  })
  .map((s) => clean({ id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', ...s }) as Inspection);

const washer = fc
  .record({
    kind: fc.constantFrom(...gear.WASHER_KINDS),
    capacityKg: maybe(fc.integer({ min: 1, max: 12 })),
    drumLitres: maybe(fc.integer({ min: 20, max: 90 })),
    spinRpm: maybe(fc.subarray([400, 600, 800, 1000, 1200, 1400], { minLength: 1 })),
    lastLoads: maybe(fc.subarray([...gear.RESIDUES])),
  })
  .map(clean);
const dryer = fc
  .record({
    kind: fc.constantFrom(...gear.DRYER_KINDS),
    drumLitres: maybe(fc.integer({ min: 40, max: 180 })),
    heats: maybe(fc.subarray([...gear.HEATS], { minLength: 1 })),
  })
  .map(clean);

/** However the records lie in their files, the same seed draws the same. */
const IN_ORDER = [...SCHOOLS].sort((a, b) => a.order - b.order);

export const household: fc.Arbitrary<Pick<Kit, 'equipment' | 'supplies' | 'preferences'>> = fc
  .record({
    washers: maybe(fc.array(washer, { maxLength: 3 })),
    dryers: maybe(fc.array(dryer, { maxLength: 2 })),
    hardness: maybe(fc.integer({ min: 0, max: 500 })),
    supplies: fc.subarray([...gear.SUPPLY_CLASSES]),
    remaining: maybe(fc.integer({ min: 0, max: 300 })),
    schools: fc.record(Object.fromEntries(IN_ORDER.map((s) => [s.id, maybe(fc.constantFrom(...s.options.map((o) => o.id)))]))),
  })
  .map((h) => ({
    equipment: clean({
      washers: h.washers?.map((w, n) => ({ id: `w${n}`, ...w })),
      dryers: h.dryers?.map((d, n) => ({ id: `d${n}`, ...d })),
      waterHardnessMgPerL: h.hardness,
    }) as NonNullable<Kit['equipment']>,
    supplies: h.supplies.map(
      (c) => clean({ id: `s-${c}`, class: c, remainingMl: h.remaining }) as NonNullable<Kit['supplies']>[number],
    ),
    preferences: { schools: clean(h.schools) as Record<string, string> },
  }));

export const request = fc.record({ item, inspection: seen, kit: household });
interface Planned {
  readonly made: Plan;
  readonly written: Programme;
}
const known = new Map<string, Planned>();
/** Tries a law on so many plans. From one seed every law is asked of the same requests: each is planned once. */
export const forAllPlans = (numRuns: number, law: (written: Programme, made: Plan) => void): void =>
  fc.assert(
    fc.property(request, (asked) => {
      const key = JSON.stringify(asked);
      let planned = known.get(key);
      if (!planned) {
        const made = plan(asked);
        planned = { made, written: writeProgramme(made) };
        known.set(key, planned);
      }
      law(planned.written, planned.made);
    }),
    { numRuns },
  );
