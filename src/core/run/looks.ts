import { LOOKS, WAYS, type LookId } from '../knowledge/looks';
import type { LookRecord, WayId, WayRecord } from '../knowledge';
import type { Programme, ProgrammeStep } from '../document';

/** Which look a step takes, or null when it has none. Rinses that were taken in for suds look for suds. */
export function lookOf(step: ProgrammeStep): (LookRecord & { readonly id: LookId }) | null {
  if (!step.check) return null;
  const key = step.key.replace(/-suds$/, '');
  return LOOKS.find((l) => (l.at as readonly string[]).includes(key) || (step.key.endsWith('-suds') && l.id === 'suds')) ?? null;
}
/**
 * Whether this step of a programme measures the loft. In a run that an earlier version began, the last weighing asks for it: nothing after it does.
 */
export const measuresLoft = (step: ProgrammeStep, { steps }: Pick<Programme, 'steps'>): boolean =>
  step.do === 'measure-loft' || (lookOf(step)?.id === 'weighed' && !steps.some((s) => s.do === 'measure-loft'));
/** The record of a way out of a failed look. */
export const wayOf = (id: WayId): WayRecord & { readonly id: WayId } => WAYS.find((w) => w.id === id) as (typeof WAYS)[number];

/** Fewest rinses beyond the counted ones before an end to suds is talked of. */
const FEWEST_MORE_RINSES = 2;
/** Failures after which the ways out are offered. */
export function triesOf(step: ProgrammeStep): number {
  const look = lookOf(step);
  const { rinses = 1, rounds = 1 } = step.settings;
  switch (look?.tries) {
    case undefined:
      return 3;
    case 'twice-counted':
      // By hand every fill is looked at; in a drum the counted ones are behind the first look.
      return step.do === 'bath-rinse' ? 2 * rinses : Math.max(FEWEST_MORE_RINSES, rinses);
    case 'rounds-and-two':
      return rounds + 2;
    default:
      return look?.tries ?? 3;
  }
}

/** The steps of a remedy that this programme has, in order. */
const resolve = (remedy: readonly (readonly string[])[], { steps }: Programme): string[] =>
  remedy.flatMap((keys) => {
    for (const key of keys) {
      const found = steps.find((s) => s.key === key);
      if (found) return [found.id];
    }
    return [];
  });

/**
 * What is done after so many failures of a step's look, before the same look is taken again.
 * @returns ids of steps in order; the step's own id alone when it is carried out again; empty when nothing at hand could help.
 */
export function remedyOf(programme: Programme, step: ProgrammeStep, failures: number, way?: WayRecord): readonly string[] {
  const look = lookOf(step);
  const { ifDone } = look ?? {};
  const before = programme.steps.slice(0, programme.steps.indexOf(step));
  const done = ifDone !== undefined && before.some((s) => s.when === 'always' && ifDone.any.includes(s.key));
  const remedies = way?.remedy ? [way.remedy] : done ? ifDone.remedies : look?.remedies;
  if (!remedies) {
    // Nothing is known of this look: the programme's own branch speaks.
    const target = look ? step.id : (step.check?.else ?? step.id);
    return [target];
  }
  // A remedy of which this programme has nothing is none here.
  const open = remedies.map((remedy) => resolve(remedy, programme)).filter((ids) => ids.length > 0);
  return open[Math.min(failures, open.length) - 1] ?? [];
}

/** The ways out that make sense in this programme. */
export function waysOf(programme: Programme, step: ProgrammeStep): readonly (WayRecord & { readonly id: WayId })[] {
  const look = lookOf(step);
  const at = programme.steps.findIndex((s) => s.id === step.id);
  const washed = programme.steps.slice(0, at).some((s) => s.phase === 'wash' && s.when === 'always');
  // A weighing asks about the drying before it.
  const dried =
    look?.id === 'weighed' ? programme.steps.slice(0, at).filter((s) => s.phase === 'dry' && s.when === 'always') : [step];
  const later = programme.steps.slice(at + 1).some((s) => {
    const other = lookOf(s);
    return s.when === 'always' && other !== null && look !== null && (other.covers ?? []).includes(look.id);
  });
  return (look?.ways ?? ['once-more', 'leave-seen'])
    .map((id) => wayOf(id as WayId))
    .filter(({ does, id, remedy, needs }) => {
      if (needs === 'dryer' && !dried.some((s) => s.settings.dryerId !== undefined)) return false;
      if (needs === 'air' && dried.some((s) => s.settings.heat !== undefined)) return false;
      if (does === 'wash') return washed;
      if (does === 'later') return later;
      if (id === 'this-zone') return resolve(remedy ?? [], programme).length > 0;
      if (does === 'again') return remedyOf(programme, step, Number.MAX_SAFE_INTEGER).length > 0;
      return true;
    });
}
