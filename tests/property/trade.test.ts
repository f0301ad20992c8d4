import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { SupplyClass } from '../../src/core/gear';
import type { Programme } from '../../src/core/document';
import { plan, writeProgramme, type Plan } from '../../src/core/programme';
import { keepApart } from '../../src/core/programme/apart';
import { arranged, isShoe, KNOWLEDGE } from '../../src/core/knowledge';
import * as arbitrary from './arbitraries';
import type { PlannedStep } from '../../src/core/programme';

/* Laws of the trade over random things, looks, households and schools. Common practice, no source, unless a line says otherwise. */
const forAll = (law: (p: Programme, made: Plan) => void, numRuns = 600): void => arbitrary.forAllPlans(numRuns, law);
const always = (p: Programme): Programme['steps'] => p.steps.filter((s) => s.when === 'always');

/** Written out again here, so that the engine's own table is not its judge. */
const DEADLY: readonly (readonly [SupplyClass, SupplyClass])[] = [
  ['chlorine-bleach', 'vinegar'],
  ['peroxide-cream', 'vinegar'],
  ['peroxide-cream', 'chlorine-bleach'],
  ['peroxide-cream', 'oxygen-booster'],
  ['oxygen-booster', 'vinegar'],
  ['oxygen-booster', 'chlorine-bleach'],
];

describe('safety', () => {
  test('no two supplies that must never meet follow each other without a rinse between', () => {
    forAll((p) => {
      let left: SupplyClass[] = [];
      for (const step of p.steps) {
        const s = step.settings;
        const brings = [s.cleaner, s.proofer, ...(s.aids ?? [])].filter((c): c is SupplyClass => c !== undefined);
        for (const a of brings)
          for (const b of [...left, ...brings])
            expect(DEADLY.some(([x, y]) => (x === a && y === b) || (x === b && y === a))).toBe(false);
        left = step.phase === 'rinse' || (s.rinses ?? 0) > 0 ? [] : [...left, ...brings];
      }
    }, 1500);
  });
  /* What ships brings no deadly pair by itself; a household's own steps might. Here two such steps stand in every wash. */
  const careless = arranged({
    ...KNOWLEDGE,
    steps: [
      ...KNOWLEDGE.steps,
      ...(['chlorine-bleach', 'vinegar'] as const).map((agent, n) => ({
        ...KNOWLEDGE.steps[0]!,
        id: `pour-${agent}`,
        phase: 'wash' as const,
        order: 10_000 + n,
        when: { all: ['aim:wash' as const] },
        set: { aids: [agent] },
      })),
    ],
  });
  test('a plan leaves out the step that would bring a deadly pair together, and lists why', () => {
    let fired = 0;
    fc.assert(
      fc.property(arbitrary.request, (asked) => {
        const made = plan(asked, careless);
        const poured = made.steps.map((s) => s.template.id).filter((id) => id.startsWith('pour-'));
        expect(poured).not.toContain('pour-vinegar');
        if (!made.facts.has('aim:wash')) return;
        fired += 1;
        expect(made.refusals.some((r) => r.option === 'vinegar' && /^(chlorine|peroxide)-acid$/.test(r.rule))).toBe(true);
      }),
      { numRuns: 300 },
    );
    expect(fired).toBeGreaterThan(50);
  });
  test('steps that would bring a deadly pair together are left out, and the refusal names the pair', () => {
    const step = (id: string, aids: SupplyClass[], phase: 'wash' | 'rinse' = 'wash'): PlannedStep => ({
      template: { ...KNOWLEDGE.steps[0]!, id, phase },
      settings: { aids },
      attendedMin: 1,
      unattendedMin: 0,
    });
    const near = keepApart([step('a', ['chlorine-bleach']), step('b', ['vinegar'])], KNOWLEDGE.neverTogether);
    expect(near.steps.map((s) => s.template.id)).toEqual(['a']);
    expect(near.refused).toEqual([{ option: 'vinegar', rule: 'chlorine-acid' }]);
    const rinsed = keepApart(
      [step('a', ['chlorine-bleach']), step('r', [], 'rinse'), step('b', ['vinegar'])],
      KNOWLEDGE.neverTogether,
    );
    expect(rinsed.steps).toHaveLength(3);
    expect(keepApart([step('one', ['peroxide-cream', 'vinegar'])], KNOWLEDGE.neverTogether).steps).toEqual([]);
  });
  test('nothing wetted with solvent, and no cloth that held grease, goes near a dryer', () => {
    forAll((p, made) => {
      const solvent = p.steps.some((s) => s.settings.aids?.includes('acetone'));
      const greasyCloth =
        ['cloth', 'towel'].includes(made.request.item.kind) &&
        [...(made.request.inspection?.soils ?? []), ...(made.request.inspection?.stains ?? []).map((s) => s.soil)].some((s) =>
          ['grease', 'wax'].includes(s),
        );
      if (!solvent && !greasyCloth) return;
      for (const s of p.steps)
        expect(s.settings.dryerId ?? s.settings.heat ?? (s.settings.place === 'rack' ? 'rack' : '')).toBe('');
    }, 2500);
  });
  test('a membrane without a face is never proofed, and what leaks is never sprayed', () => {
    forAll((p, made) => {
      const { repellency } = made.request.item;
      const leaks = made.request.inspection?.damage?.some((d) => d.kind === 'leak' || d.kind === 'delamination');
      if (repellency !== 'exposed-membrane' && !leaks) return;
      expect(p.steps.filter((s) => s.settings.proofer)).toEqual([]);
    });
  });
  test('down is tumbled or referred, never left to dry in the air after a wash', () => {
    forAll((p, made) => {
      const down = made.request.item.components.some((c) => c.part === 'fill' && c.material === 'down' && c.removable !== true);
      if (!down || !p.aims.includes('wash') || p.method === 'extract' || p.method === 'surface') return;
      if (made.family.id.startsWith('down') || made.family.id === 'insulated-shell')
        expect(always(p).some((s) => s.do === 'tumble')).toBe(true);
    }, 1500);
  });
  test('blood meets no warm water', () => {
    forAll((p, made) => {
      const seen = made.request.inspection;
      if (!seen?.soils?.includes('blood') && !seen?.stains?.some((s) => s.soil === 'blood')) return;
      for (const s of p.steps)
        if (s.phase === 'wash' || s.do === 'treat-blood') expect(s.settings.tempC ?? 0).toBeLessThanOrEqual(20);
    }, 1500);
  });
});

describe('sense', () => {
  test('what a step tells to wait for stands in its minutes, so that it is timed and the day is as long as it is', () => {
    /** The shortest time that the step names: of the rungs of a ladder only the first is sure. Hours are told rounded. */
    const named = (text: string): number =>
      Math.min(
        ...[...text.matchAll(/(\d+) (min|h)\b(?! in)/g)].map(
          ([, n, unit]) => Number(n) * (unit === 'h' ? 60 : 1) - (unit === 'h' ? 30 : 0),
        ),
        ...(/half an hour/.test(text) ? [30] : []),
      );
    let times = 0;
    forAll((p) => {
      for (const { key, text, attendedMin, unattendedMin } of p.steps) {
        const least = named(text);
        if (least === Infinity) continue;
        times++;
        expect(attendedMin + unattendedMin, `${key}: ${text}`).toBeGreaterThanOrEqual(least);
      }
    });
    expect(times).toBeGreaterThan(200);
  });
  test('whatever is wetted, wiped or dried ends stored; whatever is wetted dries', () => {
    forAll((p) => {
      const done = always(p);
      const wet = done.some((s) => ['wash', 'rinse'].includes(s.phase) || s.do === 'wipe' || s.do === 'treat-blood');
      if (!wet) return;
      expect({ aims: p.aims, dries: done.some((s) => s.phase === 'dry'), last: done.at(-1)?.phase }).toMatchObject({
        dries: true,
        last: 'store',
      });
    }, 1500);
  });
  test('a washed finish is warmed or, where glue or coating bears no heat, tested', () => {
    forAll((p, made) => {
      if (made.request.item.repellency !== 'finish' || !p.aims.includes('wash')) return;
      expect(p.aims.includes('reactivate') || p.steps.some((s) => s.do === 'droplet-test')).toBe(true);
    });
  });
  test('a verdict rests only on what was looked at', () => {
    forAll((p, made) => {
      const seen = made.request.inspection as unknown as Record<string, unknown>;
      for (const observation of p.decidedBy) if (observation !== 'kind') expect(seen[observation]).toBeDefined();
    });
  });
  test('the order of components changes nothing', () => {
    fc.assert(
      fc.property(
        arbitrary.request.chain((asked) =>
          fc.tuple(fc.constant(asked), fc.shuffledSubarray(asked.item.components, { minLength: asked.item.components.length })),
        ),
        ([asked, components]) => {
          const as = writeProgramme(plan(asked));
          const shuffled = writeProgramme(plan({ ...asked, item: { ...asked.item, components } }));
          expect(shuffled).toEqual(as);
        },
      ),
      { numRuns: 300 },
    );
  });
  test('a supply that nothing asks for changes nothing: powder and deodoriser are for shoes that smell', () => {
    fc.assert(
      fc.property(arbitrary.request, (asked) => {
        fc.pre(!isShoe(asked.item.kind) || (asked.inspection?.odour ?? 0) === 0);
        const supplies = (asked.kit.supplies ?? []).filter((s) => s.class !== 'shoe-powder' && s.class !== 'deodoriser');
        const more = [...supplies, { id: 'p', class: 'shoe-powder' }, { id: 'd', class: 'deodoriser' }] as typeof supplies;
        expect(writeProgramme(plan({ ...asked, kit: { ...asked.kit, supplies: more } }))).toEqual(
          writeProgramme(plan({ ...asked, kit: { ...asked.kit, supplies } })),
        );
      }),
      { numRuns: 300 },
    );
  });
  test('every limit that was passed was soft, or raised by the label as its record allows, and its risk is told', () => {
    forAll((p, made) => {
      for (const { limit, by } of made.envelope.waived)
        expect(!limit.hard || (by === 'label' && limit.labelRaises !== undefined)).toBe(true);
      for (const waiver of p.envelope.waived) expect(waiver.risk).toMatch(/^[A-Z].*\.$/);
    });
  });
});
