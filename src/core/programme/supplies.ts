import { cleanerDose, isMeasured, ownDoseAllowed, type Dose } from '../dosing';
import { onceFor } from '../once';
import { forThoseThatHold, holds, tag } from '../facts';
import { inOrder, leftOf } from '../supplies';
import type { Supply, SupplyClass } from '../gear';
import { alike, type Block, type When } from '../knowledge';
import { bathLitres } from './machines';
import type { Dosed, Judged, Placed } from './state';

interface Refusing {
  readonly block: Block;
  readonly when: When;
}
/** When each block refuses something that is owned or wished for. */
const refusingOf = onceFor((blocks: readonly Block[]): readonly Refusing[] =>
  alike(
    blocks.map((block) => {
      const { all = [], any, none } = block.when;
      return { block, when: { all: [...all, tag('have:', block.option)], ...(any ? { any } : {}), ...(none ? { none } : {}) } };
    }),
  ),
);
/** Lists the refused supplies that are owned, or wished for by a school already refused; fills `refusals`. */
export function refuseSupplies({ knowledge, facts, refusals }: Judged): void {
  forThoseThatHold(refusingOf(knowledge.blocks), facts, ({ block }) => {
    if (!refusals.some((r) => r.option === block.option)) refusals.push({ option: block.option, rule: block.id });
  });
}

/** The bottle of a class that is taken: enough for its dose first, then by the user's preferences, then the fullest; or null. */
export function bottleOf(state: Placed, cls: SupplyClass): Supply | null {
  const { supplies } = state.request.kit;
  const owned = supplies ? leftOf(supplies, cls) : [];
  if (owned.length < 2) return owned[0] ?? null;
  return inOrder(owned, (bottle) => doseOf(state, cls, bottle).ml, state.request.kit.preferences?.prefer)[0] ?? null;
}

/** The bottle of a class, or of one that serves as it: what is really poured is of the bottle's own class. */
export function servingBottle(state: Placed, cls: SupplyClass): { readonly cls: SupplyClass; readonly bottle: Supply | null } {
  const bottle = bottleOf(state, cls);
  if (bottle) return { cls, bottle };
  for (const { as, classes, trait } of state.knowledge.settings.standsIn) {
    if (as !== cls) continue;
    for (const other of classes) {
      const owned = leftOf(state.request.kit.supplies ?? [], other).find((s) => s.traits?.includes(trait));
      if (owned) return { cls: other, bottle: owned };
    }
  }
  return { cls, bottle: null };
}

/** What a dose of this class comes to here; the user's own figure where the label and our ceiling let it. */
export function doseOf(state: Placed, cleaner: SupplyClass, bottle: Supply | null): Dose {
  const ceiling =
    state.knowledge.settings.doseCeilings.find((c) => c.cleaner === cleaner && holds(c.when, state.facts))?.ml ?? null;
  const guess = state.knowledge.settings.doseGuesses.find((g) => g.cleaner === cleaner && holds(g.when, state.facts))?.rangeMl;
  const kind = state.washer?.kind ?? (state.method === 'hand' ? 'basin' : state.method === 'tub' ? 'tub' : 'front-loader');
  const dose = cleanerDose({
    cleaner,
    bottle,
    machine: kind,
    loadKg: state.massG / 1000,
    soil: state.request.inspection?.soil,
    hardnessMgPerL: state.request.kit.equipment?.waterHardnessMgPerL,
    ceilingMl: ceiling,
    ...(guess ? { guessMl: guess } : {}),
    ...(state.method === 'hand' ? { bathL: bathLitres(state) } : {}),
  });
  const own = state.request.item.own?.dosesMl?.[cleaner];
  return own !== undefined && ownDoseAllowed(own, dose, ceiling) ? { ...dose, ml: own, basis: 'own', capped: false } : dose;
}

export const WATER_ONLY = { cleaner: null, bottle: null, dose: null } as const;
/** The classes that its family washes with and nothing refuses, best first; none = water only. */
export function cleanersOf(state: Pick<Judged, 'facts' | 'refusals'> & Pick<Placed, 'family'>): SupplyClass[] {
  const classes: SupplyClass[] = [];
  if (state.facts.has('maker:forbids:detergent')) return classes;
  for (const choice of state.family.cleaners) {
    if (!holds(choice.when, state.facts) || classes.includes(choice.use)) continue;
    if (state.refusals.some((r) => r.option === choice.use)) continue;
    if (choice.only) return [choice.use];
    classes.push(choice.use);
  }
  return classes;
}

interface Offer {
  readonly cls: SupplyClass;
  readonly bottle: Supply | null;
  readonly dose: Dose;
}
/**
 * The cleaner: the first class of the family's list that is owned in sufficient amount, else the first that is owned at all, else the best
 * class, to be bought. Refused classes are passed over. Null = water only.
 */
export function chooseCleaner(state: Placed): Pick<Dosed, 'cleaner' | 'bottle' | 'dose'> {
  const classes = cleanersOf(state);
  if (classes.length === 0) {
    state.facts.add('no-cleaner');
    return WATER_ONLY;
  }
  let taken: Offer | undefined;
  for (const wished of classes) {
    const { cls, bottle } = servingBottle(state, wished);
    const offer = { cls, bottle, dose: doseOf(state, cls, bottle) };
    const enough = bottle && (bottle.remainingMl ?? Infinity) >= offer.dose.ml;
    if (!taken || enough || (bottle && !taken.bottle)) taken = offer;
    if (enough) break;
  }
  return taken ? { cleaner: taken.cls, bottle: taken.bottle, dose: isMeasured(taken.cls) ? taken.dose : null } : WATER_ONLY;
}
