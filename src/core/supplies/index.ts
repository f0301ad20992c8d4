/**
 * What is in the cupboard against what is planned: washes left, what runs out first, the shopping list, which bottle of a class goes first,
 * and what must never meet. Refuses: choosing the class of a cleaner (the programme does) and forbidding anything by preference.
 */
import { isMeasured } from '../dosing';
import { onceFor } from '../once';
import { pairOf } from './pair';
import { DOSING_FIGURES, NEVER_TOGETHER, type NeverPair } from '../knowledge';
import type { Agent, Preferences, Supply, SupplyClass, SupplyPreference } from '../gear';

/** True when the bottle or set can still serve at all. Without any remaining amount there is enough. */
export function isLeft(supply: Supply): boolean {
  return supply.remainingMl !== 0 && supply.remainingCount !== 0;
}
const NONE_LEFT: readonly Supply[] = [];
const leftByClass = onceFor((supplies: readonly Supply[]): ReadonlyMap<SupplyClass, readonly Supply[]> => {
  const byClass = new Map<SupplyClass, Supply[]>();
  for (const supply of supplies) {
    if (!isLeft(supply)) continue;
    const others = byClass.get(supply.class);
    if (others) others.push(supply);
    else byClass.set(supply.class, [supply]);
  }
  return byClass;
});
/** The bottles and sets of a class that can still serve, as they are listed; those of one list are parted once. */
export const leftOf = (supplies: readonly Supply[], cls: SupplyClass): readonly Supply[] =>
  leftByClass(supplies).get(cls) ?? NONE_LEFT;
/** True from the day after the one printed on it. @param today ISO day. */
export const isExpired = (supply: Supply, today: string): boolean => supply.expiresOn !== undefined && supply.expiresOn < today;

/** Price of a usual dose, or null when price, size or dose is not recorded. */
export function costPerWash({ price, sizeMl, labelDoseMl }: Supply): number | null {
  return price && sizeMl && labelDoseMl ? (price.amount / sizeMl) * labelDoseMl : null;
}
/** Whole washes left at the label's dose, or null when it cannot be told. */
export function washesLeft({ remainingMl, labelDoseMl, labelDoseRangeMl }: Supply): number | null {
  const dose = labelDoseMl ?? (labelDoseRangeMl ? (labelDoseRangeMl[0] + labelDoseRangeMl[1]) / 2 : undefined);
  return remainingMl === undefined || dose === undefined ? null : Math.floor(remainingMl / dose + 1e-9);
}

/** True when a bottle is what the preference asks for. Low cost is a comparison, not a property: it fits every bottle. */
export const suits = (supply: Supply, preference: SupplyPreference): boolean =>
  preference === 'low-cost' || (supply.traits ?? []).includes(preference);

/**
 * Bottles of one class in the order they are taken: enough for the dose first, then what the user prefers, then the cheaper one where that
 * is wished, then the fuller one, then by id.
 */
export function inOrder(
  bottles: readonly Supply[],
  needMl: (bottle: Supply) => number,
  prefer: Preferences['prefer'] = [],
): Supply[] {
  const amount = (s: Supply): number => s.remainingMl ?? Infinity;
  const liked = (s: Supply): number => prefer.filter((p) => p !== 'low-cost' && suits(s, p)).length;
  const cost = (s: Supply): number => (prefer.includes('low-cost') ? (costPerWash(s) ?? Infinity) : 0);
  const less = (a: number, b: number): number => (a === b ? 0 : a < b ? -1 : 1);
  return [...bottles].sort(
    (a, b) =>
      Number(amount(b) >= needMl(b)) - Number(amount(a) >= needMl(a)) ||
      liked(b) - liked(a) ||
      less(cost(a), cost(b)) ||
      less(amount(b), amount(a)) ||
      (a.id < b.id ? -1 : 1),
  );
}

/** What one planned programme takes from the cupboard. */
export interface Need {
  readonly itemId: string;
  readonly class: SupplyClass;
  /** Used up, mL. */
  readonly ml?: number;
  /** Used and kept, pieces at a time. */
  readonly count?: number;
  /** Only behind a check that fails. */
  readonly perhaps?: true;
}
/** What the steps of a programme take, those behind a failed check as perhaps. The one count for programme, cupboard and day. */
export function needsOf(
  itemId: string,
  steps: readonly {
    readonly when: string;
    readonly settings: {
      readonly cleaner?: SupplyClass;
      readonly doseMl?: number;
      readonly proofer?: SupplyClass;
      readonly prooferMl?: number;
      readonly aids?: readonly SupplyClass[];
      readonly count?: number;
    };
  }[],
): Need[] {
  const needs: Need[] = [];
  for (const { when, settings } of steps) {
    const { cleaner, doseMl, proofer, prooferMl, aids, count = 1 } = settings;
    const perhaps = when !== 'always';
    if (cleaner) needs.push(needOf(itemId, cleaner, doseMl, perhaps));
    if (proofer) needs.push(needOf(itemId, proofer, prooferMl, perhaps));
    for (const cls of aids ?? []) needs.push(piecesOf(itemId, cls, count, perhaps));
  }
  return needs;
}
const piecesOf = (itemId: string, cls: SupplyClass, count: number, perhaps: boolean): Need =>
  perhaps ? { itemId, class: cls, count, perhaps } : { itemId, class: cls, count };
function needOf(itemId: string, cls: SupplyClass, wantedMl: number | undefined, perhaps: boolean): Need {
  if (!isMeasured(cls)) return piecesOf(itemId, cls, 1, perhaps);
  const ml = wantedMl ?? DOSING_FIGURES.littleMl.value;
  return perhaps ? { itemId, class: cls, ml, perhaps } : { itemId, class: cls, ml };
}
export interface ShoppingLine {
  readonly class: SupplyClass;
  /** All that the plans take, mL, and what of it is missing. */
  readonly needMl?: number;
  readonly buyMl?: number;
  readonly buyCount?: number;
  /** Wanted only if a check fails; what is sure is at hand. */
  readonly perhaps?: true;
  readonly forItems: readonly string[];
}

/**
 * What must be bought for everything that is planned. Volumes add up over the plans; aids are used one programme after another, so the
 * largest count is enough. Expired bottles do not count; a bottle without a remaining amount is enough.
 * @param today ISO day; null = nothing is taken as expired.
 */
export function shoppingFor(needs: readonly Need[], supplies: readonly Supply[], today: string | null): ShoppingLine[] {
  if (needs.length === 0) return [];
  const byClass = new Map<SupplyClass, Need[]>();
  for (const need of needs) {
    const others = byClass.get(need.class);
    if (others) others.push(need);
    else byClass.set(need.class, [need]);
  }
  const lines: ShoppingLine[] = [];
  for (const cls of [...byClass.keys()].sort()) {
    const wanted = byClass.get(cls) ?? [];
    const left = leftOf(supplies, cls);
    const usable = today === null ? left : left.filter((s) => !isExpired(s, today));
    const sure = missing(cls, wanted, usable, false);
    const perhaps = sure ? null : missing(cls, wanted, usable, true);
    if (sure) lines.push(sure);
    else if (perhaps) lines.push({ ...perhaps, perhaps: true });
  }
  return lines;
}
/** What of a class is missing for those who need it for sure, or for all; null = nothing. */
function missing(cls: SupplyClass, needs: readonly Need[], usable: readonly Supply[], perhaps: boolean): ShoppingLine | null {
  const forItems = new Set<string>();
  let needMl = 0;
  let needCount = 0;
  for (const need of needs) {
    if (need.perhaps && !perhaps) continue;
    forItems.add(need.itemId);
    needMl += need.ml ?? 0;
    needCount = Math.max(needCount, need.count ?? 1);
  }
  if (forItems.size === 0) return null;
  if (needMl > 0) {
    if (usable.some((s) => s.remainingMl === undefined)) return null;
    const buyMl = Math.ceil(needMl - usable.reduce((sum, s) => sum + (s.remainingMl ?? 0), 0));
    return buyMl > 0 ? { class: cls, needMl: Math.ceil(needMl), buyMl, forItems: [...forItems] } : null;
  }
  if (usable.some((s) => s.remainingCount === undefined)) return null;
  const buyCount = needCount - usable.reduce((sum, s) => sum + (s.remainingCount ?? 0), 0);
  return buyCount > 0 ? { class: cls, buyCount, forItems: [...forItems] } : null;
}

export interface Matrix {
  readonly classes: readonly Agent[];
  /** cells[i][j]: the pair that keeps classes[i] from classes[j], or null. */
  readonly cells: readonly (readonly (NeverPair | null)[])[];
}
/** Every class that takes part in a pair, against every other. */
export function neverMatrix(pairs: readonly NeverPair[] = NEVER_TOGETHER): Matrix {
  const classes = [...new Set<Agent>(pairs.flatMap((p) => [...p.one, ...p.other]))].sort();
  return { classes, cells: classes.map((a) => classes.map((b) => pairOf(pairs, a, b))) };
}
