import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { allLimits, allows, DIMENSIONS, envelopeOf, looseness, type Envelope } from '../../src/core/envelope';
import type { Item } from '../../src/core/gear';
import { KNOWLEDGE } from '../../src/core/knowledge';
import type { Programme, StepSettings } from '../../src/core/document';
import { plan, type Plan, writeProgramme } from '../../src/core/programme';
import * as arbitrary from './arbitraries';

const RUNS = { numRuns: 400 };

/** Nothing in a step's settings passes its envelope. */
const insideEnvelope = (s: StepSettings, { envelope }: { envelope: Envelope }): boolean =>
  (s.tempC === undefined || allows(envelope, 'washMaxC', s.tempC)) &&
  (s.action === undefined || allows(envelope, 'action', s.action)) &&
  (s.spinRpm === undefined || allows(envelope, 'spinMaxRpm', s.spinRpm)) &&
  (s.heat === undefined || allows(envelope, 'tumble', s.heat === 'medium' || s.heat === 'high' ? 'normal' : s.heat)) &&
  (s.soakMin === undefined || allows(envelope, 'soakMaxMin', s.soakMin)) &&
  (s.ironC === undefined || allows(envelope, 'ironMaxC', s.ironC));

const boundsOf = (thing: Item): Record<string, unknown> => {
  const { bounds } = envelopeOf(thing, allLimits(thing, KNOWLEDGE));
  return Object.fromEntries(
    DIMENSIONS.map((d) => [d, { value: bounds[d].value, by: bounds[d].by && `${bounds[d].by.component} ${bounds[d].by.rule}` }]),
  );
};

describe('the envelope is a meet', () => {
  test('commutative: the order of components does not matter', () => {
    fc.assert(
      fc.property(
        arbitrary.item.chain((thing) =>
          fc.tuple(fc.constant(thing), fc.shuffledSubarray(thing.components, { minLength: thing.components.length })),
        ),
        ([thing, shuffled]) => {
          expect(boundsOf({ ...thing, components: shuffled })).toEqual(boundsOf(thing));
        },
      ),
      RUNS,
    );
  });
  test('idempotent: the same component twice changes nothing', () => {
    fc.assert(
      fc.property(arbitrary.item, (thing) => {
        expect(boundsOf({ ...thing, components: [...thing.components, ...thing.components] })).toEqual(boundsOf(thing));
      }),
      RUNS,
    );
  });
  test('associative: limits may be gathered in any grouping', () => {
    fc.assert(
      fc.property(arbitrary.item, arbitrary.item, arbitrary.item, (a, b, c) => {
        const limits = [a, b, c].map((x) => allLimits({ ...x, label: null, makerSays: [] }, KNOWLEDGE));
        const bare: Item = { ...a, label: null, makerSays: [] };
        const values = (list: readonly (typeof limits)[number][]): unknown =>
          DIMENSIONS.map((d) => envelopeOf(bare, list.flat()).bounds[d].value);
        expect(values([limits[0]!, [...limits[1]!, ...limits[2]!]])).toEqual(
          values([[...limits[0]!, ...limits[1]!], limits[2]!]),
        );
      }),
      RUNS,
    );
  });
  test('one more component never loosens anything', () => {
    fc.assert(
      fc.property(arbitrary.item, arbitrary.component, (thing, extra) => {
        const before = envelopeOf(thing, allLimits(thing, KNOWLEDGE)).bounds;
        const more: Item = { ...thing, components: [...thing.components, extra] };
        const after = envelopeOf(more, allLimits(more, KNOWLEDGE)).bounds;
        for (const d of DIMENSIONS) expect(looseness(d, after[d].value)).toBeLessThanOrEqual(looseness(d, before[d].value));
      }),
      RUNS,
    );
  });
  test('a hard limit is passed by nothing but the label it names', () => {
    fc.assert(
      fc.property(arbitrary.item, arbitrary.seen, arbitrary.household, (thing, inspection, kit) => {
        const made = plan({ item: thing, inspection, kit });
        for (const limit of made.envelope.limits) {
          if (!limit.hard || limit.scope !== 'whole') continue;
          const cap = limit.labelRaises !== undefined && thing.label ? limit.labelRaises : limit.value;
          expect(looseness(limit.dimension, made.envelope.bounds[limit.dimension].value)).toBeLessThanOrEqual(
            looseness(limit.dimension, cap),
          );
        }
      }),
      RUNS,
    );
  });
});

describe('every programme', () => {
  const forAll = (law: (made: Plan, written: Programme) => void, runs = 600): void =>
    arbitrary.forAllPlans(runs, (written, made) => law(made, written));
  test('keeps every step inside its envelope', () => {
    forAll((made) => {
      // A purge runs without the thing.
      for (const step of made.steps.filter((s) => !s.template.do.startsWith('purge-')))
        expect({ step: step.template.id, settings: step.settings, inside: insideEnvelope(step.settings, made) }).toMatchObject({
          inside: true,
        });
    }, 1500);
  });
  test('gives each step a complete sentence and a reason with a basis', () => {
    forAll((_, written) => {
      for (const step of written.steps) {
        expect(step.text).toMatch(/^[A-Z].*[.?]$/s);
        expect(step.title.length).toBeGreaterThan(2);
        expect(step.why.length).toBeGreaterThan(0);
        for (const why of step.why) expect(why.basis).toMatch(/^(standard|practice|memory|label|maker)$/);
        if (step.check) expect(written.steps.some((s) => s.id === step.check?.else)).toBe(true);
      }
    });
  });
  test('uses only what is owned or on the shopping list', () => {
    forAll((made, written) => {
      const { equipment, supplies } = made.request.kit;
      for (const { settings } of written.steps) {
        if (settings.washerId) expect(equipment?.washers?.some((w) => w.id === settings.washerId)).toBe(true);
        if (settings.dryerId) expect(equipment?.dryers?.some((d) => d.id === settings.dryerId)).toBe(true);
        for (const cls of [settings.cleaner, settings.proofer, ...(settings.aids ?? [])]) {
          if (cls)
            expect({
              cls,
              ok:
                (supplies ?? []).some((s) => s.class === cls && s.remainingMl !== 0) ||
                written.shopping.some((s) => s.class === cls),
            }).toMatchObject({ ok: true });
        }
      }
    });
  });
  test('ends dry and stored when it wets something', () => {
    forAll((_, written) => {
      const always = written.steps.filter((s) => s.when === 'always');
      const wet = always.some((s) => s.phase === 'wash' || s.phase === 'rinse');
      if (!wet) return;
      expect(always.some((s) => s.phase === 'dry')).toBe(true);
      expect(always[always.length - 1]?.phase).toBe('store');
    });
  });
  test('lets nothing wait between wetting and drying down', () => {
    forAll((made, written) => {
      if (!made.facts.has('down-filled') || made.method === 'refer') return;
      const from = written.steps.findIndex((s) => s.phase === 'wash');
      const to = written.steps.findIndex((s) => s.do === 'tumble');
      if (from < 0 || to < from) return;
      for (const step of written.steps.slice(from, to))
        if (step.when === 'always' && step.phase !== 'repel' && step.phase !== 'pretreat')
          expect({ key: step.key, mayWait: step.mayWait }).toMatchObject({ mayWait: false });
    });
  });
  test('never uses what it refuses', () => {
    forAll((_, written) => {
      const refused = new Set(written.blocked.map((b) => b.option));
      for (const { settings, key } of written.steps)
        for (const cls of [settings.cleaner, settings.proofer, ...(settings.aids ?? [])])
          if (cls) expect({ key, cls, refused: refused.has(cls) }).toMatchObject({ refused: false });
    });
  });
  test('refers life-safety kit and nothing else of it', () => {
    forAll((made, written) => {
      if (!made.facts.has('life-safety')) return;
      expect(written.aims).toEqual(['refer']);
      expect(written.steps.map((s) => s.do)).toEqual(['refer']);
    });
  });
  test('is the same for the same request', () => {
    fc.assert(
      fc.property(arbitrary.item, arbitrary.seen, arbitrary.household, (thing, inspection, kit) => {
        expect(writeProgramme(plan({ item: thing, inspection, kit }))).toEqual(
          writeProgramme(
            plan({ item: structuredClone(thing), inspection: structuredClone(inspection), kit: structuredClone(kit) }),
          ),
        );
      }),
      { ...RUNS, numRuns: 150 },
    );
  });
});
