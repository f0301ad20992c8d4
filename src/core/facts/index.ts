/**
 * Turns a request into plain facts (a set of strings) that knowledge records test with `When`. Names are built from the record's own
 * words ("kind:…", "fill:…", "soil>=2"), so new kinds and materials need no change here. Refuses: deciding anything.
 */
import type { Component, Equipment, Inspection, Item, Kind, Kit, Material, Part, Supply } from '../gear';
import { onceFor, onceForWord } from '../once';
import { isLeft } from '../supplies';
import type { Envelope } from '../envelope';
import { allows, isTakenOut, looseness } from '../envelope';
import type {
  Choice,
  Dimension,
  Fact,
  FactsRead,
  Knowledge,
  LimitValues,
  StainRecord,
  Thresholds,
  Trait,
  When,
} from '../knowledge';
import { surfaceAt } from './place';
import { tag, tagPair } from './tag';
import {
  codesHold,
  DROP_GRADES,
  IRON_MARKS_C,
  KNOWLEDGE,
  ODOUR_GRADES,
  FactSet,
  SOIL_GRADES,
  thresholdsOf,
  WASH_MARKS_C,
  exposedZones,
  SET_SURFACES,
  SPREADING,
  takeThoseThatHold,
  WASHED_SURFACES,
} from '../knowledge';

export { tag, tagPair };
export type Facts = FactSet;
export { componentAt, heldFromOxygen, oxygenByPlace, surfaceAt } from './place';
export { isHardUse, machineWashesInYear, usedFacts, usesSince } from './used';
export { damagesOf, soilsOf, wearAt, wearsOf } from './shows';
/** True when the condition holds. An empty condition always does. */
export function holds(when: When | undefined, facts: FactsRead): boolean {
  if (!when) return true;
  const { codes } = when;
  const { bits } = facts;
  if (codes && bits) return codesHold(codes, bits);
  if (when.all) for (const fact of when.all) if (!facts.has(fact)) return false;
  if (when.none) for (const fact of when.none) if (facts.has(fact)) return false;
  if (when.any) {
    for (const fact of when.any) if (facts.has(fact)) return true;
    return false;
  }
  return true;
}

/** For every record of a table whose condition holds, in order; what one adds, the next can read. */
export function forThoseThatHold<T extends { readonly when: When }>(
  table: readonly T[],
  facts: FactsRead,
  take: (record: T, n: number) => void,
): void {
  if (facts.bits && takeThoseThatHold(table, facts.bits, take)) return;
  for (const [n, record] of table.entries()) if (holds(record.when, facts)) take(record, n);
}

/** The first choice whose condition holds. */
export function pick<T>(choices: readonly Choice<T>[], facts: FactsRead): T | undefined {
  for (const choice of choices) if (holds(choice.when, facts)) return choice.use;
  return undefined;
}

/** Adds every trait whose condition holds, in order. */
export const addTraits = (traits: readonly Trait<Fact>[], facts: Facts): void =>
  forThoseThatHold(traits, facts, (trait) => facts.add(trait.id));

/** The facts of a part of a material: where it stays on, and where it is taken out. */
interface Made {
  readonly stays: readonly Fact[];
  readonly out: readonly Fact[];
}
const madeOf = onceForWord((part: Part) =>
  onceForWord((material: Material): Made => {
    const here = tag('part:', part);
    return {
      stays: [here, tag('mat:', material), tagPair('', part, ':', material), tagPair('stays:', part, ':', material)],
      out: [here, tagPair('out:', part, ':', material)],
    };
  }),
);

function addComponent(item: Item, component: Component, facts: Facts): void {
  const { part, material, attributes } = component;
  const { stays, out } = madeOf(part)(material);
  const gone = isTakenOut(item, component);
  for (const fact of gone ? out : stays) facts.add(fact);
  if (gone) return;
  if (part === 'insole' && component.removable === undefined && component.bonded === undefined) facts.add('insole-not-known');
  if (attributes?.hydrophobic) facts.add('hydrophobic');
  if (attributes?.fabric) facts.add(tag('fabric:', attributes.fabric));
  if (attributes?.denier !== undefined && attributes.denier <= 10) facts.add('denier<=10');
}

/** True when the maker allows what the label forbids. */
function disagree({ label, makerSays }: Item): boolean {
  const allowed = (about: string): boolean =>
    (makerSays ?? []).some((note) => note.about === about && (note.says === 'allows' || note.says === 'requires'));
  return (
    (allowed('tumble') && label?.tumble === 'none') ||
    (allowed('iron') && label?.ironMaxC === 0) ||
    ((allowed('wash') || allowed('machine')) && label?.wash?.allowed === false) ||
    (allowed('machine') && label?.wash?.action === 'hand')
  );
}

/** What the item is, by its own record. */
export function itemFacts(item: Item, facts: Facts = new FactSet()): Facts {
  facts.add(tag('kind:', item.kind));
  for (const component of item.components) addComponent(item, component, facts);
  for (const fitting of item.fittings ?? []) facts.add(tag('fitting:', fitting));
  for (const mark of item.marks ?? []) facts.add(tag('mark:', mark));
  for (const note of item.makerSays ?? []) facts.add(tagPair('maker:', note.says, ':', note.about));
  if (facts.has('maker:forbids:tumble') && facts.has('maker:forbids:iron')) facts.add('maker-forbids-heat');
  if (disagree(item)) facts.add('maker-and-label-differ');
  facts.add(tag('repellency:', item.repellency ?? 'unknown'));
  if (item.lining) facts.add(tag('lining:', item.lining));
  if (item.jobClass) facts.add(tag('job:', item.jobClass));
  if (item.colour?.class) facts.add(tag('colour:', item.colour.class));
  if (item.colour?.bleed !== 'safe') facts.add('bleed-unproved');
  if (item.colour?.bleed === 'bleeds') facts.add('bleeds');
  for (const way of item.label?.naturalDrying ?? []) facts.add(tag('label-dries:', way));
  facts.add(item.label ? 'label:read' : 'label:none');
  if (item.inFreezer) facts.add('in-freezer');
  if (item.own?.tempC !== undefined) facts.add('own-temp');
  if (item.massG === undefined) facts.add('unknown:mass');
  if (item.bulk === undefined) facts.add('unknown:bulk');
  return facts;
}

/** What was seen on one look. What was not looked at becomes "unseen:…", never fine. */
export function seenFacts(
  seen: Inspection | null,
  kind: Kind,
  moved: { readonly [K in keyof Thresholds]?: number | undefined } | undefined,
  facts: Facts = new FactSet(),
  knowledge: Knowledge = KNOWLEDGE,
): Facts {
  const thresholds = thresholdsOf(moved, knowledge.thresholds);
  const soil = seen?.soil;
  if (soil === undefined) facts.add('unseen:soil');
  else {
    if (soil >= thresholds.soilWash) facts.add('soil:wash');
    for (const n of SOIL_GRADES) if (soil >= n) facts.add(tag('soil>=', n));
  }
  const odour = seen?.odour;
  if (odour === undefined) facts.add('unseen:odour');
  else {
    if (odour >= thresholds.odourWash) facts.add('odour:wash');
    for (const n of ODOUR_GRADES) if (odour >= n) facts.add(tag('odour>=', n));
  }
  if (!seen?.soils?.length) facts.add('unseen:soils');
  for (const kind of seen?.soils ?? []) facts.add(tag('soils:', kind));
  // What only looks bad wants no mending.
  for (const damage of seen?.damage ?? []) if (!damage.cosmetic) facts.add(tag('damage:', damage.kind));
  if (seen?.clumped) facts.add('clumped');
  if (seen?.damp) facts.add('damp');
  if (seen?.discoloured) facts.add('discoloured');
  if (seen?.fromStorage) facts.add('from-storage');
  addLoft(seen?.loftRatio, thresholds, facts);
  addDroplets(seen?.droplet, exposedZones(kind, knowledge), thresholds, facts);
  return facts;
}

/**
 * What the marks on it are and where they lie. Those on cloth, and mould wherever it sits, are told by their soil ("stain:…"), for they
 * concern the wash; those on another surface by both ("on:rubber:scuff"). "stain-other": at least one on cloth that has no steps of its own.
 */
export function markFacts(item: Item, seen: Inspection | null, stains: readonly StainRecord[], facts: Facts): void {
  for (const stain of seen?.stains ?? []) {
    const surface = surfaceAt(item, stain);
    const washed = WASHED_SURFACES.has(surface);
    facts
      .add('stained')
      .add(tag('at:', surface))
      .add(tagPair('on:', surface, ':', stain.soil));
    // What sits on rubber or hide is treated there; no wash reaches it.
    if (stain.set && SET_SURFACES.has(surface)) facts.add('stain-set');
    else facts.add('stain-fresh');
    if (washed) facts.add('cloth-marked');
    if (washed || SPREADING.has(stain.soil)) facts.add(tag('stain:', stain.soil));
    const record = stains.find((s) => s.id === stain.soil);
    if (!record) continue;
    facts.add(tag('nature:', record.nature));
    if (!record.own && washed) facts.add('stain-other');
  }
}

function addLoft(ratio: number | undefined, limits: Thresholds, facts: Facts): void {
  if (ratio === undefined) facts.add('unseen:loftRatio');
  else if (ratio < limits.loftWash) facts.add('loft:low');
  else if (ratio <= limits.loftFluff) facts.add('loft:flat');
}

function addDroplets(
  droplet: Readonly<Record<string, number | undefined>> | undefined,
  exposed: readonly string[],
  limits: Thresholds,
  facts: Facts,
): void {
  let worst = Infinity;
  for (const zone in droplet) worst = Math.min(worst, droplet[zone] ?? Infinity);
  if (worst === Infinity) {
    facts.add('unseen:droplet');
    return;
  }
  facts.add(worst >= limits.dropFine ? 'drop:fine' : worst <= limits.dropPoor ? 'drop:poor' : 'drop:tired');
  for (const n of DROP_GRADES) if (worst <= n) facts.add(tag('drop<=', n));
  if (exposed.some((zone) => droplet?.[zone] === worst)) facts.add('drop:exposed');
}

const NO_SUPPLIES: Supply[] = [];
const NO_EQUIPMENT: Equipment = {};
/** What is owned. Machines absent from the record are unknown, an empty list is none. */
export function ownedFacts({ equipment = NO_EQUIPMENT, supplies = NO_SUPPLIES }: Owned, facts: Facts = new FactSet()): Facts {
  // The same for every thing of a kit.
  facts.addAll(machineFacts(equipment));
  facts.addAll(bottleFacts(supplies));
  return facts;
}
type Owned = Pick<Kit, 'equipment' | 'supplies'>;
const machineFacts = onceFor((equipment: Equipment): Facts => {
  const facts: Facts = new FactSet();
  if (equipment.washers === undefined) facts.add('unknown:washers');
  if ((equipment.dryers ?? []).length > 0) facts.add('own:dryer');
  for (const washer of equipment.washers ?? []) facts.add(tag('own:', washer.kind));
  if (equipment.room?.airC === undefined || equipment.room.rhPercent === undefined) facts.add('unknown:room');
  if (equipment.room?.fan) facts.add('own:fan');
  if (equipment.waterHardnessMgPerL === undefined) facts.add('unknown:hardness');
  return facts;
});
const bottleFacts = onceFor((supplies: readonly Supply[]): Facts => {
  const facts: Facts = new FactSet();
  for (const supply of supplies) {
    if (!isLeft(supply)) continue;
    facts.add(tag('have:', supply.class));
    if (supply.traits?.includes('perfume-free')) facts.add(tag('unscented:', supply.class));
  }
  return facts;
});

/** What an envelope may let one do: the fact of it, and how loose the dimension has to be for it. */
interface Permitted {
  readonly dimension: Dimension;
  readonly loose: number;
  readonly fact: Fact;
}
const permitted = <D extends Dimension>(dimension: D, value: LimitValues[D], fact: Fact): Permitted => ({
  dimension,
  loose: looseness(dimension, value),
  fact,
});
const PERMITTED: readonly Permitted[] = [
  ...WASH_MARKS_C.map((c) => permitted('washMaxC', c, tag('can:wash>=', c))),
  ...(['air', 'low', 'normal'] as const).map((tumble) => permitted('tumble', tumble, tag('can:tumble:', tumble))),
  ...(['oxygen', 'any'] as const).map((bleach) => permitted('bleach', bleach, tag('can:bleach:', bleach))),
  ...IRON_MARKS_C.map((c) => permitted('ironMaxC', c, tag('can:iron>=', c))),
];

/** What the envelope lets one do. */
export function envelopeFacts(envelope: Envelope, facts: Facts): void {
  const { bounds } = envelope;
  for (const { dimension, loose, fact } of PERMITTED) if (loose <= looseness(dimension, bounds[dimension].value)) facts.add(fact);
  if (bounds.soakMaxMin.value === null || bounds.soakMaxMin.value > 0) facts.add('can:soak');
  if (allows(envelope, 'softener', 'sparing')) facts.add('can:softener');
  if (bounds.agitator.value === 'none') facts.add('no-agitator');
  if (allows(envelope, 'action', 'very-mild')) facts.add('can:machine');
  if (allows(envelope, 'action', 'hand')) facts.add('can:hand');
  if (allows(envelope, 'action', 'surface')) facts.add('can:surface');
}

/** What the hard limits alone would permit, for schools that pass soft ones. */
export function hardFacts(envelope: Envelope, facts: Facts): void {
  const { washMaxC, action } = envelope.hard;
  for (const c of WASH_MARKS_C) if (washMaxC === null || washMaxC >= c) facts.add(tag('hard:wash>=', c));
  if (action === 'normal' || action === 'mild' || action === 'very-mild') facts.add('hard:machine');
}
