import { holds } from '../facts';
import { CUSHION, CUSHIONS, DRUM_LITRES, LOAD_RULES, type LoadRule } from '../knowledge';
import type { Washer } from '../gear';
import { isElsewhere } from './hired';
import { driedIn } from './members';
import type { Conflict, DayLoad, Drying, Member } from './types';

/** What lies with these as a cushion; where one thing alone leaves no room for all of it, as much as goes in. */
export function ballastOf(members: readonly Member[], washer: Pick<Washer, 'capacityKg'>): DayLoad['ballast'] {
  const rule = CUSHIONS.find((c) => members.some((m) => holds(c.when, m.made.facts)));
  if (!rule) return [];
  const own = members.filter((m) => m.item.kind === rule.what).reduce((sum, m) => sum + m.pieces, 0);
  const spareKg = (washer.capacityKg ?? Infinity) - members.reduce((sum, m) => sum + m.kg, 0);
  const room = members.length > 1 ? Infinity : Math.max(0, Math.floor(spareKg / CUSHION[rule.what].kg));
  const count = Math.min(rule.count - own, room);
  return count > 0 ? [{ what: rule.what, count }] : [];
}
/** Dry kilograms and litres of a drum with its cushion; without the palm that stays clear. */
export function fillOf(
  members: readonly Member[],
  washer: Pick<Washer, 'capacityKg'>,
): { readonly kg: number; readonly litres: number } {
  let [kg, litres] = [0, 0];
  for (const m of members) {
    kg += m.kg;
    litres += m.litres;
  }
  for (const { what, count } of ballastOf(members, washer)) {
    kg += CUSHION[what].kg * count;
    litres += CUSHION[what].litres * count;
  }
  return { kg, litres };
}
/** True when several are too heavy together, or leave no palm clear; one alone is the programme's own choice. */
export function overfills(members: readonly Member[], washer: Pick<Washer, 'capacityKg' | 'drumLitres'>): boolean {
  if (members.length < 2) return false;
  const { kg, litres } = fillOf(members, washer);
  if (washer.capacityKg !== undefined && kg > washer.capacityKg + 1e-9) return true;
  return washer.drumLitres !== undefined && litres + DRUM_LITRES.washer.palm > washer.drumLitres + 1e-9;
}

function broken(rule: LoadRule, a: Member, b: Member): boolean {
  const [mine, theirs] = [a.made.facts, b.made.facts];
  if (!holds(rule.when, mine)) return false;
  if (rule.alone || (rule.onlyWith && !holds(rule.onlyWith, theirs))) return true;
  if (rule.neverWith && holds(rule.neverWith, theirs)) return true;
  return rule.most !== undefined && holds(rule.when, theirs) && a.pieces + b.pieces > rule.most;
}

/** The tumbling that may not wait: its dryer, setting and rounds; undefined when it dries otherwise or may wait for it. */
export function hasteOf(
  member: Member,
): { readonly dryerId: string; readonly heat: string; readonly litres: number } | undefined {
  const dry = member.steps.find((s) => s.do === 'tumble' && s.settings.dryerId !== undefined);
  if (!dry) return undefined;
  const before = member.steps.slice(0, member.steps.indexOf(dry));
  const wash = before.findLastIndex((s) => s.phase === 'wash');
  if (before.slice(wash).some((s) => s.mayWait)) return undefined;
  return { dryerId: dry.settings.dryerId ?? '', heat: dry.settings.heat ?? '', litres: member.dryerLitres };
}
/** True when all that must tumble at once goes into one dryer, at one setting. */
function fitsDryers(members: readonly Member[], drumLitres: ReadonlyMap<string, number | undefined>): boolean {
  const hasty = members.flatMap((m) => hasteOf(m) ?? []);
  for (const one of hasty) {
    const same = hasty.filter((h) => h.dryerId === one.dryerId);
    if (same.some((h) => h.heat !== one.heat)) return false;
    const drum = drumLitres.get(one.dryerId);
    const litres = same.reduce((sum, h) => sum + h.litres, 0) + DRUM_LITRES.dryer.palm;
    if (same.length > 1 && drum !== undefined && litres > drum) return false;
  }
  return true;
}

/**
 * Where things that come out of one drum are dried, so that none that may not wait does: as planned where that goes, else in others of one's own.
 * @param drying what is settled already. @returns undefined when there is no room so.
 */
export function dryersFor(
  members: readonly Member[],
  drumLitres: ReadonlyMap<string, number | undefined>,
  drying: Drying = new Map(),
): Drying | undefined {
  const all = (so: Drying): boolean =>
    fitsDryers(
      members.map((m) => driedIn(m, so)),
      drumLitres,
    );
  if (all(drying)) return drying;
  let ways: Drying[] = [drying];
  for (const { item, dryers } of members) {
    const own = dryers.filter((d, n) => n === 0 || !isElsewhere(d.dryerId));
    if (own.length < 2 || drying.has(item.id)) continue;
    ways = ways.flatMap((way) => own.map((d) => new Map([...way, [item.id, d.dryerId]])));
  }
  return ways.find(all);
}

/** Every rule that two things would break in one drum, hard ones first; both ways round. */
export function conflictsOf(a: Member, b: Member): Conflict[] {
  const found: Conflict[] = [];
  for (const rule of LOAD_RULES)
    if ((broken(rule, a, b) || broken(rule, b, a)) && !found.some((c) => c.rule === rule.id))
      found.push({ rule: rule.id, hard: rule.hard, basis: rule.basis });
  const water = a.cleaners.length === 0 && b.cleaners.length === 0;
  if (!water && !a.cleaners.some((c) => b.cleaners.includes(c))) found.push({ rule: 'cleaner', hard: true, basis: 'practice' });
  else if (a.made.cleaner !== b.made.cleaner && [a, b].some((m) => holds({ all: ['technical'] }, m.made.facts)))
    found.push({ rule: 'second-cleaner', hard: false, basis: 'practice' });
  return found.sort((x, y) => Number(y.hard) - Number(x.hard));
}
/** The rule of how many that this drum would break, or undefined. */
export function tooMany(members: readonly Member[]): LoadRule | undefined {
  return LOAD_RULES.find((rule) => {
    if (rule.most === undefined) return false;
    const counted = members.filter((m) => holds(rule.when, m.made.facts));
    return counted.length > 1 && counted.reduce((sum, m) => sum + m.pieces, 0) > rule.most;
  });
}
