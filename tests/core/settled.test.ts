import { describe, expect, test } from 'vitest';
import type { Inspection, Item, Kit } from '../../src/core/gear';
import { KNOWLEDGE } from '../../src/core/knowledge';
import { envelopeFor, plan, writeProgramme, type Plan } from '../../src/core/programme';
import { canvas, comp, DIRTY, down, downBag, invented, item, KIT, label, shell } from '../make';

/* What a plan settles on the way, each by itself: common practice, no source. */
const look = (rest: object): Inspection => ({ id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', ...rest }) as Inspection;
const settled = (thing: Item, seen: object | null = DIRTY, equipment: object = {}, rest: Partial<Kit> = {}): Plan =>
  plan({ item: thing, inspection: seen && look(seen), kit: { ...KIT, ...rest, equipment: { ...KIT.equipment, ...equipment } } });
const [front] = KIT.equipment!.washers!;
const [dryer] = KIT.equipment!.dryers!;
const CLEAN = { soil: 0, odour: 0 };
const ironable = item('towel', [comp('face', 'cotton')], { label: label(60, 'normal', { ironMaxC: 150 }) });

describe('what is known of machines', () => {
  test.each<[string, string, Plan, boolean]>([
    [
      'drum-unknown',
      'a medium thing in a drum of unknown litres',
      settled(down(), DIRTY, { washers: [{ id: 'w', kind: 'front-loader' }] }),
      true,
    ],
    ['drum-unknown', 'a small thing', settled(shell(), DIRTY, { washers: [{ id: 'w', kind: 'front-loader' }] }), false],
    ['drum-unknown', 'known litres', settled(down()), false],
    ['washer-residue', 'softener before', settled(down(), DIRTY, { washers: [{ ...front, lastLoads: ['softener'] }] }), true],
    ['washer-residue', 'nothing before', settled(down(), DIRTY, { washers: [{ ...front, lastLoads: [] }] }), false],
    [
      'heats-unknown',
      'a dryer that does not say',
      settled(down(), DIRTY, { dryers: [{ id: 'd', kind: 'vented', drumLitres: 112 }] }),
      true,
    ],
    ['heats-unknown', 'one that does', settled(down()), false],
    ['heats-unknown', 'none', settled(down(), DIRTY, { dryers: [] }), false],
    ['launderette', 'no dryer', settled(down(), DIRTY, { dryers: [] }), true],
    ['launderette', 'a dryer', settled(down()), false],
    ['dryer-fits', 'a dryer', settled(down()), true],
    [
      'dryer-runs-hot',
      'low measured above what its mark bears',
      settled(down(), DIRTY, { dryers: [{ ...dryer, heatC: { low: 66 } }] }),
      true,
    ],
    ['dryer-runs-hot', 'low as it should be', settled(down(), DIRTY, { dryers: [{ ...dryer, heatC: { low: 52 } }] }), false],
    ['dryer-runs-hot', 'no dryer', settled(down(), DIRTY, { dryers: [] }), false],
    ['iron-too-hot', 'every iron hotter at one dot', settled(ironable, DIRTY, { irons: [{ id: 'i', oneDotC: 140 }] }), true],
    [
      'iron-too-hot',
      'one that is not',
      settled(ironable, DIRTY, {
        irons: [
          { id: 'i', oneDotC: 140 },
          { id: 'j', oneDotC: 105 },
        ],
      }),
      false,
    ],
    ['iron-too-hot', 'none', settled(ironable, DIRTY, { irons: [] }), false],
    ['bath-not-listed', 'by hand with a basin at hand', settled(canvas({ label: label(30, 'hand') })), false],
    ['bath-not-listed', 'in a machine', settled(down(), DIRTY, { washers: [front] }), false],
    [
      'vessel-standing',
      'bleach stands in the machine',
      settled(down(), DIRTY, { washers: [{ ...front, unrinsed: [{ class: 'chlorine-bleach' }] }] }),
      true,
    ],
    [
      'vessel-standing',
      'in another that is not used',
      settled(down(), DIRTY, { washers: [front, { id: 't', kind: 'tub', unrinsed: [{ class: 'chlorine-bleach' }] }] }),
      false,
    ],
    ['rinse-learned', 'a release was learned', settled(down({ learned: { drumRelease: 0.7 } })), true],
    ['rinse-learned', 'nothing was', settled(down()), false],
    ['proof-at-stake', 'drops soak in', settled(shell(), { ...DIRTY, droplet: { shoulders: 1, back: 1 } }), true],
    ['proof-at-stake', 'nothing that was ever proofed', settled(down()), false],
    ['bulk:large', 'a bag', settled(downBag()), true],
  ])('%s: %s', (fact, _, made, holds) => expect([...made.facts].some((f) => f === fact)).toBe(holds));
});

describe('machines refused are told only where they were wished for', () => {
  const tiny = [
    { id: 'small', kind: 'front-loader' as const, drumLitres: 10 },
    { id: 't', kind: 'tub' as const },
  ];
  const bare = [{ ...dryer, id: 'sd', drumLitres: 20 }];
  const refused = (made: Plan): string[] => made.refusals.map((r) => r.option);
  test('washing and drying down', () =>
    expect(refused(settled(down(), DIRTY, { washers: tiny, dryers: bare }))).toEqual(expect.arrayContaining(['small', 'sd'])));
  test('a thing to be left alone', () =>
    expect(refused(settled(down(), { ...CLEAN, loftRatio: 1, clumped: false }, { washers: tiny, dryers: bare }))).toEqual([]));
  test('a dirty cotton shoe wishes for no dryer', () =>
    expect(refused(settled(canvas(), DIRTY, { dryers: bare }))).not.toContain('sd'));
});

describe('the spin', () => {
  const spin = (spinRpm: number[] | undefined, thing = down()): number =>
    settled(thing, DIRTY, { washers: [{ ...front, spinRpm }] }).spinRpm;
  test.each([
    [[400, 600, 800], 600],
    [[600], 600],
    [[400, 800], 400],
    [[800, 1200], 0],
  ])('of %j the fastest that it bears: %d', (offered, rpm) => expect(spin(offered)).toBe(rpm));
  test('without a list, as fast as it bears', () => expect(spin(undefined)).toBe(600));
});

describe('referring', () => {
  test('no place to wash a large thing: nothing of the wash is left, and the reason is known', () => {
    const made = settled(downBag(), DIRTY, { washers: [{ ...front, drumLitres: 20 }], dryers: [dryer] });
    expect(made.method).toBe('refer');
    expect(made.assessment.aims).toEqual(['refer']);
    expect([...made.facts].filter((f) => f.startsWith('aim:') || f.startsWith('method:')).sort()).toEqual([
      'aim:refer',
      'method:refer',
    ]);
    expect([...made.facts].map(String)).toContain('refer:no-place');
  });
  test('a label that forbids water, a material that does, and a dryer mark that forbids down to be tumbled each say so', () => {
    const never = down({ label: { wash: { allowed: false } } as Item['label'] });
    expect([...settled(never).facts].filter((f) => f.startsWith('refer:'))).toEqual(['refer:label']);
    const noTumble = down({ label: label(30, 'very-mild', { tumble: 'none' }) });
    expect([...settled(noTumble).facts].filter((f) => f.startsWith('refer:'))).toEqual(['refer:down-tumble']);
  });
  test('rinsing with water is done by hand, with nothing in the machine', () => {
    const vest = item('running-vest', [comp('face', 'polyester-mesh')], { massG: 200, bulk: 'small', label: label(30, 'hand') });
    const made = settled(vest, { soil: 1, odour: 1 });
    expect(made.assessment.aims).toContain('rinse');
    expect([made.method, made.washer]).toEqual(['hand', null]);
  });
});

describe('what is to be bought', () => {
  const need = (made: Plan, cls: string): object | undefined => writeProgramme(made).shopping.find((s) => s.class === cls);
  const weak = { ...DIRTY, droplet: { shoulders: 1, back: 1, hood: 1, sleeves: 1 } };
  test('a proofer that is sure to be used, or that a failed check asks for and nobody owns', () => {
    expect(
      need(settled(shell(), weak, {}, { supplies: [] }), 'spray-proofer') ??
        need(settled(shell(), weak, {}, { supplies: [] }), 'wash-in-proofer'),
    ).toBeDefined();
    const owned = [{ id: 'p', class: 'spray-proofer' as const, remainingMl: 1 }];
    const later = settled(shell(), { ...DIRTY, droplet: { shoulders: 4, back: 4 } }, {}, { supplies: owned });
    expect(need(later, 'spray-proofer')).toMatchObject({ perhaps: true });
    const plenty = { supplies: [{ ...owned[0]!, remainingMl: 900 }] };
    expect(need(settled(shell(), { ...DIRTY, droplet: { shoulders: 4, back: 4 } }, {}, plenty), 'spray-proofer')).toBeUndefined();
  });
  test('a cleaner only for a wash', () => {
    expect(need(settled(down(), DIRTY, {}, { supplies: [] }), 'down-cleaner')).toMatchObject({
      needMl: expect.any(Number) as number,
    });
    expect(writeProgramme(settled(down(), { ...CLEAN, loftRatio: 1, clumped: false }, {}, { supplies: [] })).shopping).toEqual(
      [],
    );
  });
});

describe('knowledge that does not hold together is refused by name', () => {
  const request = { item: down(), inspection: look(DIRTY), kit: KIT };
  const step = (rest: object): typeof KNOWLEDGE =>
    invented({ ...KNOWLEDGE, steps: [{ ...KNOWLEDGE.steps[0]!, when: {}, ...rest }] });
  test.each([
    [
      'no family that takes everything',
      invented<typeof KNOWLEDGE>({ ...KNOWLEDGE, families: [{ ...KNOWLEDGE.families[0]!, when: { all: ['never'] } }] }),
    ],
    ['No setting is called teleport', step({ settings: ['teleport'] })],
    ['No duration is called forever', step({ unattended: 'forever' })],
  ])('%s', (said, knowledge) => expect(() => plan(request, knowledge)).toThrow(said));
  test('the envelope of a thing is the plan’s own when no school moves it', () =>
    expect(envelopeFor(down()).bounds.washMaxC.value).toBe(settled(down()).envelope.bounds.washMaxC.value));
});
