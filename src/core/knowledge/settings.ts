import type { Action, Bulk, Heat, JobClass, SupplyClass, SupplyTrait } from '../gear';
import type { AirMoves } from './figures';
import type { CycleStyle, DryWay, WarmWay } from './fact';
import type { Choice, When } from './condition';

/*
 * How numbers are chosen inside the envelope. In each list the first entry whose condition holds is taken. From memory, reproducing common
 * practice, unless a line says otherwise.
 */

/** Dryer heat for filled things. */
const DRY_HEAT: readonly Choice<Heat>[] = [
  { use: 'air', when: { all: ['school:DOWN-HEAT=air'] } },
  { use: 'medium', when: { all: ['school:DOWN-HEAT=medium'] } },
  { use: 'low' },
];
/** Warmest heat wished for waking a finish. Filled things keep to the heat they are dried on. */
const WARM_HEAT: readonly Choice<Heat>[] = [
  { use: 'air', when: { all: ['school:DOWN-HEAT=air'] } },
  { use: 'low', when: { all: ['down-filled'], none: ['school:DOWN-HEAT=medium'] } },
  { use: 'medium' },
];
/** Minutes between looks while tumbling. */
const LOOK_EVERY_MIN: readonly Choice<number>[] = [
  { use: 30, when: { any: ['thin-shell', 'launderette', 'heats-unknown', 'school:ROUND-LOOK=30'] } },
  { use: 60 },
];
const BALLS: readonly Choice<number>[] = [{ use: 3, when: { any: ['bag-like'] } }, { use: 2 }];
/** Which balls, by what is owned and what the item bears. */
const BALL_CLASS: readonly Choice<SupplyClass>[] = [
  { use: 'dryer-balls', when: { any: ['have:dryer-balls', 'fitting:hook-and-loop'] } },
  { use: 'felt-balls', when: { all: ['have:felt-balls'] } },
  { use: 'dryer-balls' },
];
/** Floor of a bath, m², and how deep a thing of this bulk is covered in it, m: just deep enough. A basin's is smaller, so it stands deeper. */
const BATH: Readonly<Record<'tub' | 'basin', { readonly floorM2: number; readonly deepM: Readonly<Record<Bulk, number>> }>> = {
  tub: { floorM2: 0.6, deepM: { small: 0.04, medium: 0.05, large: 0.067 } },
  basin: { floorM2: 0.1, deepM: { small: 0.1, medium: 0.16, large: 0.2 } },
};
/** Washes in a machine that a construction bears in a year [common practice]; none: as often as it needs. */
const MACHINE_WASHES_A_YEAR: readonly Choice<number>[] = [{ use: 3, when: { all: ['kind:running-vest'] } }];
/** Supplies that serve as another class when their label says so [common practice]. */
const STANDS_IN: readonly { readonly as: SupplyClass; readonly classes: readonly SupplyClass[]; readonly trait: SupplyTrait }[] =
  [{ as: 'unscented-cleaner', classes: ['technical-cleaner', 'plain-liquid', 'mild-soap'], trait: 'perfume-free' }];
/** Cloths go down by class; from the last one they go in the bin [common practice]. */
const LOWER_JOB: Partial<Record<JobClass, JobClass>> = { paint: 'general', drying: 'general', general: 'dirty' };
/** Litres a machine rinse, when the cycle does not say. */
const DRUM_RINSE_LITRES = 12;
/** Most things of a kind that go into one drum together, where the construction says so [common practice]; else the machine's kilograms decide. */
const AT_MOST_A_LOAD: readonly Choice<number>[] = [
  { use: 1, when: { any: ['bag-like', 'kind:jersey', 'mat:acrylic-pile', 'shelter', 'bulk:large'] } },
  { use: 2, when: { any: ['down-filled', 'waterproof'] } },
  { use: 3, when: { any: ['shoe-like'] } },
  { use: 4 },
];
/** Fresh fills that a gentle cycle performs, when it does not say. */
const CYCLE_RINSES = 2;
/** Kinds of programme, as a dial names them, and the minutes that each usually takes. */
const CYCLE_MINUTES: Readonly<Record<CycleStyle, number>> = {
  delicate: 50,
  gentle: 50,
  normal: 60,
  quick: 30,
  'easy-care': 70,
  'long-slow': 90,
};
/** The kind of programme that a construction wants; else the one of the action. */
const KIND_STYLE: readonly Choice<CycleStyle>[] = [
  { use: 'quick', when: { all: ['family:studded-boot'] } },
  { use: 'long-slow', when: { all: ['family:trainer'] } },
];
/** The kind of programme that a school wants, before that. */
const CHOSEN_STYLE: readonly Choice<CycleStyle>[] = [
  { use: 'gentle', when: { any: ['school:SHOE-CYCLE=gentle', 'school:CLOTH-CYCLE=gentle'] } },
  { use: 'quick', when: { any: ['school:SHOE-CYCLE=quick', 'school:CLOTH-CYCLE=quick-extra-rinse'] } },
  { use: 'long-slow', when: { all: ['school:SHOE-CYCLE=long-slow'] } },
  { use: 'easy-care', when: { all: ['school:SHOE-CYCLE=permanent-press'] } },
];
/** Where a school asks for the kind of programme alone, it is worked out which kinds come to the same in this machine. */
const STYLE_ASKED: When = { all: ['shoe-like'] };
/** Action by school; null = the family's. The envelope keeps the last word. */
const ACTION_WISH: readonly Choice<Action | null>[] = [
  { use: 'mild', when: { all: ['school:CLOTH-CYCLE=gentle'] } },
  { use: 'normal', when: { all: ['school:SHELL-WATER=warm'] } },
  { use: null },
];
/** Full rinses after the machine's own, at least. */
const EXTRA_RINSES: readonly Choice<number>[] = [
  {
    use: 1,
    when: { any: ['school:DOWN-RINSE=extra-rinse', 'school:CLOTH-CYCLE=quick-extra-rinse', 'family:canvas-shoe'] },
  },
  { use: 0 },
];
/** Warmest wash for what is on it, °C: blood sets in warmth, loose dye runs in it [common practice]. null = no ceiling. */
const SOIL_CEILING_C: readonly Choice<number | null>[] = [{ use: 20, when: { any: ['bloody', 'bleeds'] } }, { use: null }];
/** Usual size of a kind, where it differs from its family's [from memory]. */
const TYPICAL: readonly Choice<{ readonly massG: number; readonly bulk: Bulk; readonly areaM2: number }>[] = [
  { use: { massG: 180, bulk: 'small', areaM2: 0.3 }, when: { all: ['kind:gloves'] } },
  { use: { massG: 90, bulk: 'small', areaM2: 0.1 }, when: { all: ['kind:hat'] } },
  { use: { massG: 80, bulk: 'small', areaM2: 0.12 }, when: { all: ['kind:socks'] } },
  { use: { massG: 280, bulk: 'small', areaM2: 1.2 }, when: { all: ['kind:vest'] } },
  { use: { massG: 350, bulk: 'medium', areaM2: 6 }, when: { all: ['kind:footprint'] } },
  { use: { massG: 600, bulk: 'medium', areaM2: 18 }, when: { all: ['kind:tarp'] } },
];
/** Bath rinse water, °C; null = as the wash. Down is washed cold and rinsed lukewarm. */
const BATH_RINSE_C: readonly Choice<number | null>[] = [{ use: 30, when: { all: ['down-filled'] } }, { use: null }];
const SOAK_MIN: readonly Choice<number>[] = [
  { use: 600, when: { all: ['soil>=4'] } },
  { use: 240, when: { all: ['shoe-like'] } },
  { use: 90 },
];
const LONG_SOAK_MIN = 720;
const TUB_SOAK_MIN = 40;
/** What goes into a soak, best first. */
const SOAK_CLEANERS: readonly Choice<SupplyClass>[] = [
  { use: 'oxygen-booster', when: { all: ['school:SHOE-HEAT=hot', 'can:bleach:oxygen'] } },
  { use: 'stain-remover' },
  { use: 'oxygen-booster', when: { all: ['can:bleach:oxygen'] } },
];
const SOAK_C = 20;
/** Blood is met with water this cold, °C. */
const COLD_TREAT_C = 15;
/** Moving air at the place where it dries. */
const AIR: readonly Choice<AirMoves>[] = [
  { use: 'sun', when: { all: ['dry:shoe-sun'] } },
  { use: 'radiator', when: { all: ['dry:radiator'] } },
  { use: 'outdoors', when: { all: ['school:FIELD-DRY=outdoor-air', 'dry:line'] } },
  { use: 'fan', when: { any: ['dry:moving-air'] } },
  { use: 'fan', when: { all: ['dry:fan', 'own:fan'] } },
  { use: 'outdoors', when: { any: ['dry:pitched'] } },
  { use: 'still' },
];
/** What a label's word on natural drying makes of a family's way of drying; the first that holds is taken. ISO 3758:2012. */
const DRY_BY_LABEL: readonly Choice<DryWay>[] = [
  {
    use: 'flat',
    when: {
      all: ['label-dries:flat'],
      any: ['dry:line', 'dry:insulated-line', 'dry:fan', 'dry:drip', 'dry:indoors', 'dry:radiator'],
    },
  },
  { use: 'drip', when: { all: ['label-dries:drip'], any: ['dry:line', 'dry:fan'] } },
  { use: 'shoe-shade', when: { all: ['label-dries:shade', 'dry:shoe-sun'] } },
];
/** Plain tumbling of things that need no rounds, minutes. */
const PLAIN_TUMBLE_MIN = 60;
/** Our own ceilings on a dose, mL. */
const DOSE_CEILINGS: readonly { readonly cleaner: SupplyClass; readonly when: When; readonly ml: number }[] = [
  { cleaner: 'plain-liquid', when: { all: ['waterproof'] }, ml: 30 },
];
/** Guessed ranges that differ from the class's own, mL. */
const DOSE_GUESSES: readonly {
  readonly cleaner: SupplyClass;
  readonly when: When;
  readonly rangeMl: readonly [number, number];
}[] = [
  { cleaner: 'plain-liquid', when: { all: ['waterproof'] }, rangeMl: [25, 30] },
  { cleaner: 'plain-liquid', when: { all: ['family:jersey'] }, rangeMl: [6, 10] },
  { cleaner: 'mild-soap', when: { all: ['mat:acrylic-pile'] }, rangeMl: [8, 15] },
];
/** Spray proofer, mL per square metre of face, and the share of an item's drying surface that is face. */
const PROOFER_ML_PER_M2 = 65;
const FACE_SHARE = 0.5;
const WASH_IN_PROOFER_ML = 100;
/** Spin by school, rpm; null = the family's. */
const SPIN_WISH: readonly Choice<number | null>[] = [{ use: 1000, when: { all: ['school:JERSEY-SPIN=high'] } }, { use: null }];

/** How heat reaches a finish; the first whose condition holds is taken. */
const WARM_WAYS: readonly Choice<WarmWay>[] = [
  {
    use: 'tumble',
    when: { all: ['can:tumble:low', 'dryer-fits'], any: ['school:PROOF-HEAT=line-then-tumble', 'school:PROOF-HEAT=tumble'] },
  },
  { use: 'iron', when: { all: ['can:iron>=110', 'school:PROOF-HEAT=iron'], none: ['iron-too-hot'] } },
  { use: 'hair-dryer', when: { all: ['school:PROOF-HEAT=hair-dryer'], none: ['maker-forbids-heat'] } },
  { use: 'radiator', when: { all: ['school:PROOF-HEAT=radiator'], none: ['maker-forbids-heat'] } },
  { use: 'iron', when: { all: ['can:iron>=110'], none: ['filled', 'iron-too-hot', 'school:PROOF-HEAT=none'] } },
  { use: 'hair-dryer', when: { none: ['maker-forbids-heat', 'school:PROOF-HEAT=none'] } },
];
/** Days until the next look, by construction: the calendar only backs up what the thing itself shows [common practice, no source]. */
const LOOK_AGAIN_DAYS: readonly Choice<number>[] = [
  { use: 365, when: { all: ['bag-like', 'down-filled'] } },
  { use: 120, when: { all: ['down-filled'] } },
  { use: 60, when: { all: ['waterproof'] } },
  { use: 21, when: { all: ['mark:scent-critical'] } },
  { use: 60, when: { all: ['shoe-like'] } },
  { use: 7, when: { any: ['cloth-like', 'kind:jersey', 'rinse-only'] } },
  { use: 180, when: { all: ['life-safety'] } },
  { use: 90 },
];
/** Pale things show soil first: this share of the time [from memory]. */
const PALE_SHARE = 0.75;

export const SETTINGS = {
  dryHeat: DRY_HEAT,
  warmHeat: WARM_HEAT,
  lookEveryMin: LOOK_EVERY_MIN,
  balls: BALLS,
  ballClass: BALL_CLASS,
  bath: BATH,
  drumRinseLitres: DRUM_RINSE_LITRES,
  atMostALoad: AT_MOST_A_LOAD,
  machineWashesAYear: MACHINE_WASHES_A_YEAR,
  standsIn: STANDS_IN,
  lowerJob: LOWER_JOB,
  cycleRinses: CYCLE_RINSES,
  cycleMinutes: CYCLE_MINUTES,
  chosenStyle: CHOSEN_STYLE,
  kindStyle: KIND_STYLE,
  styleAsked: STYLE_ASKED,
  actionWish: ACTION_WISH,
  extraRinses: EXTRA_RINSES,
  soilCeilingC: SOIL_CEILING_C,
  typical: TYPICAL,
  bathRinseC: BATH_RINSE_C,
  soakMin: SOAK_MIN,
  longSoakMin: LONG_SOAK_MIN,
  tubSoakMin: TUB_SOAK_MIN,
  soakCleaners: SOAK_CLEANERS,
  soakC: SOAK_C,
  coldTreatC: COLD_TREAT_C,
  air: AIR,
  dryByLabel: DRY_BY_LABEL,
  plainTumbleMin: PLAIN_TUMBLE_MIN,
  doseCeilings: DOSE_CEILINGS,
  doseGuesses: DOSE_GUESSES,
  prooferMlPerM2: PROOFER_ML_PER_M2,
  faceShare: FACE_SHARE,
  washInProoferMl: WASH_IN_PROOFER_ML,
  spinWish: SPIN_WISH,
  warmWays: WARM_WAYS,
  lookAgainDays: LOOK_AGAIN_DAYS,
  paleShare: PALE_SHARE,
} as const;
export type Settings = { readonly [K in keyof typeof SETTINGS]: (typeof SETTINGS)[K] };
