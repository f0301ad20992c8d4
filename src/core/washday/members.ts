import type { Item, Kit, Washer } from '../gear';
import { latestInspection } from '../gear';
import { DRUM_LITRES, LITRES_PER_KG } from '../knowledge';
import type { Programme, ProgrammeStep } from '../document';
import { cleanersOf, plan, writeProgramme, type Plan } from '../programme';
import type { Drying, InDrum, InDryer, Member } from './types';

const DRUMS: readonly string[] = ['front-loader', 'impeller', 'agitator'];
/** True for a machine that turns, not a tub or basin. */
export const isDrum = (washer: Pick<Washer, 'kind'>): boolean => DRUMS.includes(washer.kind);

/** True when the plan washes it in a drum. */
const inDrum = (made: Plan): boolean => made.method === 'machine' && made.steps.some((s) => s.template.do === 'machine-wash');
const aimsOf = (made: Plan): string => made.assessment.aims.join();

/** The drums that may wash it: its plan's own, then each other that would take it for the same work, as planned with that machine alone. */
function drumsOf(kit: Kit, made: Plan): InDrum[] {
  if (!inDrum(made) || !made.washer) return [];
  const all = kit.equipment?.washers ?? [];
  const drums: InDrum[] = [{ washer: made.washer, made }];
  for (const washer of all) {
    if (!isDrum(washer) || washer.id === made.washer.id) continue;
    const washers = all.filter((w) => !isDrum(w) || w.id === washer.id);
    const there = plan({ ...made.request, kit: { ...kit, equipment: { ...kit.equipment, washers } } }, made.knowledge);
    if (inDrum(there) && aimsOf(there) === aimsOf(made)) drums.push({ washer, made: there });
  }
  return drums;
}

const alwaysOf = (programme: Programme): ProgrammeStep[] => programme.steps.filter((s) => s.when === 'always');
const dryerOf = (steps: readonly ProgrammeStep[]): string | undefined =>
  steps.find((s) => s.do === 'tumble' && s.settings.dryerId !== undefined)?.settings.dryerId;
/** True when the same is done, in the same order and as warm. */
const sameWork = (a: readonly ProgrammeStep[], b: readonly ProgrammeStep[]): boolean =>
  a.length === b.length &&
  a.every(
    (s, n) => s.id === b[n]?.id && s.settings.heat === b[n].settings.heat && s.settings.washerId === b[n].settings.washerId,
  );

/** The dryers that may turn it: its plan's own, then each other in which the same work is done, as planned with that dryer alone. */
function dryersOf(kit: Kit, made: Plan, programme: Programme, steps: readonly ProgrammeStep[]): InDryer[] {
  const own = dryerOf(steps);
  if (own === undefined) return [];
  const found: InDryer[] = [{ dryerId: own, made, programme, steps }];
  for (const dryer of kit.equipment?.dryers ?? []) {
    if (dryer.id === own) continue;
    const there = plan({ ...made.request, kit: { ...kit, equipment: { ...kit.equipment, dryers: [dryer] } } }, made.knowledge);
    if (there.dryer?.id !== dryer.id) continue;
    const written = writeProgramme(there);
    const other = alwaysOf(written);
    if (sameWork(steps, other)) found.push({ dryerId: dryer.id, made: there, programme: written, steps: other });
  }
  return found;
}
/** A thing as it is dried on this day. */
export function driedIn(member: Member, drying: Drying): Member {
  const id = drying.get(member.item.id);
  const there = id === undefined ? undefined : member.dryers.find((d) => d.dryerId === id);
  return there ? { ...member, made: there.made, programme: there.programme, steps: there.steps } : member;
}

/** A thing of the day: its programme, the drums that may take it, its share of a drum. */
export function memberOf(kit: Kit, item: Item): Member {
  const made = plan({ item, inspection: latestInspection(kit.inspections, item.id), kit });
  const programme = writeProgramme(made);
  const kg = made.massG / 1000;
  const steps = alwaysOf(programme);
  const pieces = item.count ?? 1;
  const drum = DRUM_LITRES.washer[made.bulk];
  // A stack of small things is as big as its mass makes it.
  const litres = pieces > 1 && made.bulk === 'small' ? Math.max(drum, LITRES_PER_KG * kg) : drum * pieces;
  return {
    item,
    made,
    programme,
    steps,
    drums: drumsOf(kit, made),
    dryers: dryersOf(kit, made, programme, steps),
    cleaners: cleanersOf(made),
    kg,
    litres,
    dryerLitres: DRUM_LITRES.dryer[made.bulk] * (made.bulk === 'small' ? 1 : pieces),
    pieces,
  };
}
