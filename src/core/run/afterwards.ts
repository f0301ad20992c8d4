import type { Droplet, Inspection, InspectionField, Item, Soil, Stain } from '../gear';
import { surfaceAt } from '../facts';
import { exposedZones, KNOWLEDGE, type LookId, type Surface } from '../knowledge';
import { loftOf } from '../loft';
import { inForce, type RunEvent } from './events';
import type { Run, StepRun } from './state';
import { gradesOf, looseFill, passesFrom } from './index';
import { eventsOf } from './left';
import { lookOf, wayOf } from './looks';
import { caresOf, carried } from './report';

/** Treatments whose look is about these marks only. */
const SPEAKS_OF: Readonly<Record<string, readonly Soil[]>> = {
  'treat-blood': ['blood'],
  'treat-grease': ['grease', 'wax'],
  'treat-sweat-yellow': ['yellowing'],
};
/** What a mending mends. */
const MENDS: Readonly<Record<string, readonly string[]>> = {
  'mend-hole': ['hole', 'seam'],
  'feather-in': ['feather'],
  'mend-part': ['zip', 'sole', 'crack'],
};

/** The looks of a run by name, with how each ended. */
function looksOf(run: Run): readonly { readonly key: string; readonly id: LookId; readonly state: StepRun }[] {
  return run.programme.steps.flatMap((step) => {
    const look = lookOf(step);
    const state = run.steps[step.id];
    return look && state ? [{ key: step.key, id: look.id, state }] : [];
  });
}

/** The looks that speak of one mark where it lies. */
function looksAt({ soil }: Stain, surface: Surface, looks: ReturnType<typeof looksOf>): ReturnType<typeof looksOf> {
  const keys = (...some: readonly string[]): typeof looks => looks.filter((l) => some.includes(l.key));
  switch (surface) {
    case 'rubber':
    case 'foam': {
      const whitened = soil === 'yellowing' ? keys('peroxide-rubber') : [];
      return whitened.length > 0 ? whitened : looks.filter((l) => l.id === 'rubber' && l.key !== 'peroxide-rubber');
    }
    case 'nap':
      return looks.filter((l) => l.id === 'nap');
    case 'leather':
    case 'patent':
      return keys('treat-hide');
    default:
      return looks.filter((l) => l.id === 'treated' && SPEAKS_OF[l.key]?.includes(soil));
  }
}

/**
 * The marks that are still there: all that were, until a look said that they are gone. What outlived a treatment has set. The looks while wet
 * and at the whole thing speak of all of them, but not of what was knowingly left; where nobody looks at all, each mark goes by its own
 * treatment's look, and one without by those that speak of any.
 */
function marksLeft(
  run: Run,
  item: Pick<Item, 'kind' | 'components'>,
  before: Inspection | null,
): NonNullable<Inspection['stains']> {
  const marks = before?.stains ?? [];
  const looks = looksOf(run);
  const at = (id: LookId): typeof looks => looks.filter((l) => l.id === id);
  const passed = (some: typeof looks): boolean => some.length > 0 && some.every((l) => l.state.state === 'passed');
  const knowingly = (some: typeof looks): boolean =>
    some.some(({ state }) => state.state === 'failed' && state.way !== undefined && wayOf(state.way).does === 'leave');
  const wet = at('marks');
  const treated = at('treated');
  const isGone = (mark: NonNullable<Inspection['stains']>[number]): boolean => {
    const own = looksAt(mark, surfaceAt(item, mark), looks);
    if (knowingly(own) || knowingly(wet)) return false;
    if (passed(wet) || passed(at('whole'))) return true;
    return wet.length === 0 && passed(own.length > 0 ? own : treated.filter((l) => !SPEAKS_OF[l.key] && l.key !== 'treat-hide'));
  };
  const left = marks.filter((mark) => !isGone(mark));
  const tried = run.programme.steps.some((s) => (s.phase === 'pretreat' || s.phase === 'wash') && carried(run, s.id) > 0);
  return tried ? left.map((mark) => ({ ...mark, set: true })) : left;
}

/** Soil that a thing shows when marks are left on it. */
const MARKS_SOIL = 1;
/** A look that passed by eye says that the loft is as new. */
const AS_NEW = 1;

interface Ended {
  readonly run: Run;
  readonly item: Pick<Item, 'kind' | 'components'>;
  readonly before: Inspection | null;
  readonly did: ReturnType<typeof caresOf>;
  readonly looks: ReturnType<typeof looksOf>;
  /** The state in which a look was left; null when it was not taken. */
  readonly ended: (look: LookId) => StepRun['state'] | null;
  /** True when a look failed and was left by this way out. */
  readonly left: (way: NonNullable<StepRun['way']>) => boolean;
  readonly wetted: boolean;
  readonly whole: boolean;
  readonly seen: Extract<RunEvent, { readonly type: 'seen' }> | undefined;
  /** Keeps fields as they were before, each with the day it is from. */
  readonly keep: (...fields: InspectionField[]) => void;
}

/** Soil, marks and smell after the run. */
function cleanAfter(next: Inspection, { run, item, before, did, ended, left, wetted, whole, seen, keep }: Ended): void {
  const cleaned = wetted || did.includes('spot-cleaned');
  const marks = marksLeft(run, item, before);
  const looked = (['treated', 'rubber', 'nap'] as const).some((look) => ended(look) === 'passed');

  if (seen) next.soil = seen.soil;
  else if (whole) next.soil = 0;
  else if (wetted) {
    if (marks.length > 0) next.soil = MARKS_SOIL;
  } else if (cleaned && (before?.soil ?? 0) <= MARKS_SOIL && (looked || marks.length > 0))
    next.soil = marks.length > 0 ? MARKS_SOIL : 0;
  else keep('soil');
  if (marks.length > 0) {
    next.stains = marks;
    next.soil = Math.max(next.soil ?? 0, MARKS_SOIL);
  }
  if (!wetted) keep('soils');
  if (left('leave-suds')) {
    next.soils = ['residue'];
    next.soil = Math.max(next.soil ?? 0, MARKS_SOIL);
  }

  if (seen) next.odour = seen.odour;
  else if (whole || ended('smell') === 'passed') next.odour = 0;
  else if (!wetted) keep('odour');
}
/** Drops after the run. */
function dropsAfter(next: Inspection, { run, item, did, ended, wetted, keep }: Ended): void {
  const tests = run.programme.steps.filter((step) => lookOf(step)?.id === 'drops');
  const grades = tests.reduce<Droplet>((all, step) => ({ ...all, ...gradesOf(run, step.id) }), {});
  const reproofed = did.includes('renewed') || did.includes('warmed');
  if (Object.keys(grades).length > 0) {
    next.droplet = grades;
    const { test } = eventsOf(run, 'drops').at(-1) ?? {};
    if (test) next.dropTest = test;
  } else if (ended('drops') === 'passed')
    next.droplet = Object.fromEntries(exposedZones(item.kind, KNOWLEDGE).map((zone) => [zone, passesFrom(tests[0])]));
  else if (!wetted && !reproofed) keep('droplet');
}
/** Loft, damp and clumps after the run. */
function fillAfter(next: Inspection, { run, item, did, looks, ended, left, wetted, keep }: Ended): void {
  const readings = eventsOf(run, 'loft').at(-1)?.readings;
  const ratio = readings && loftOf(readings).ratio;
  if (readings) {
    next.loft = readings.map((r) => ({ ...r }));
    if (ratio !== null && ratio !== undefined) next.loftRatio = ratio;
  } else if (ended('loft') === 'passed') next.loftRatio = AS_NEW;
  else if (!wetted && !did.includes('fluffed')) keep('loftRatio', 'loft', 'fromStorage');

  const dry = ended('weighed') ?? ended('dry');
  const clumps = looks.some((l) => (l.state.clumps ?? []).length > 0 && l.state.state !== 'passed');
  if (left('leave-damp')) next.damp = true;
  else if (dry === 'passed') next.damp = false;
  else if (!wetted) keep('damp');
  // Only loose filling lumps; nothing else is felt for it.
  if (clumps) next.clumped = true;
  else if (dry === 'passed' && looseFill(item)) next.clumped = false;
  else if (!wetted) keep('clumped');
}
/** Damage after the run: less what was mended, with a leak that was found and left. */
function damageAfter(next: Inspection, { run, before, looks }: Ended): void {
  const mended = run.programme.steps.flatMap((s) => (carried(run, s.id) > 0 ? (MENDS[s.key] ?? []) : []));
  const damage = (before?.damage ?? []).filter((d) => !mended.includes(d.kind));
  // A leak that was found and left is known from now on.
  const leaks = looks.some((l) => l.id === 'leak' && l.state.state === 'failed');
  if (leaks && !damage.some((d) => d.kind === 'leak')) damage.push({ kind: 'leak' });
  if (damage.length > 0) next.damage = damage;
}

/**
 * How the thing is after the run: what its looks and measurements saw. What none of them looked at keeps its last value with the day it is
 * from, or is unknown where the work may have changed it. Never fine by itself.
 */
export function afterwards(
  run: Run,
  item: Pick<Item, 'kind' | 'components'>,
  before: Inspection | null,
  at: string,
  id: string,
): Inspection | null {
  const did = caresOf(run);
  const events = inForce(run.events);
  if (did.length === 0 && !events.some((e) => e.type === 'loft' || e.type === 'drops' || e.type === 'seen' || e.type === 'look'))
    return null;
  const next: Inspection = { id, itemId: run.itemId, at };
  const asOf: Partial<Record<InspectionField, string>> = {};
  const keep = <F extends InspectionField>(...fields: F[]): void => {
    for (const field of fields) {
      const value = before?.[field];
      if (value === undefined || before === null) continue;
      next[field] = value;
      asOf[field] = before.asOf?.[field] ?? before.at;
    }
  };
  const looks = looksOf(run);
  const ended = (look: LookId): StepRun['state'] | null => {
    const some = looks.filter((l) => l.id === look && (l.state.times > 0 || l.state.state === 'skipped'));
    return some.at(-1)?.state.state ?? null;
  };
  const left = (way: NonNullable<StepRun['way']>): boolean =>
    looks.some(({ state }) => state.state === 'failed' && state.way === way);
  const wetted = did.includes('washed') || did.includes('rinsed');
  const seen = eventsOf(run, 'seen').at(-1);
  const whole = ended('whole') === 'passed';
  const end: Ended = { run, item, before, did, looks, ended, left, wetted, whole, seen, keep };
  cleanAfter(next, end);
  dropsAfter(next, end);
  fillAfter(next, end);
  keep('discoloured', 'wear');
  damageAfter(next, end);
  if (Object.keys(asOf).length > 0) next.asOf = asOf;
  return next;
}
