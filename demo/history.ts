import type { CareEntry, Inspection, Item, Kit, WeighIn } from '../src/core/gear';
import { planItem } from '../src/core/programme';
import {
  answerCheck,
  current,
  finishStep,
  gradeDrops,
  measureLoft,
  noteStep,
  roundsOf,
  seeWhole,
  startRun,
  startTimer,
  timerMinutes,
  weighIn,
  type Run,
} from '../src/core/run';
import { finishRun } from '../src/core/run/finish';
import { lookOf } from '../src/core/run/looks';
import { DAY_MS, MINUTE_MS } from '../src/core/units/time';

/** One invented care: what was seen before it, and what happened at its steps. */
export interface Care {
  readonly id: string;
  readonly itemId: string;
  readonly daysAgo: number;
  readonly before: Omit<Inspection, 'id' | 'itemId' | 'at'>;
  readonly note: string;
  /** Answers that were "not yet" before the good one, by step. */
  readonly notYet?: Readonly<Record<string, number>>;
  /** Written down at a step. */
  readonly notes?: Readonly<Record<string, string>>;
  /** Weights at the looks of the drying, g; the last one dry. */
  readonly weights?: readonly number[];
  readonly loft?: readonly { readonly baffle: string; readonly nowMm: number; readonly newMm: number }[];
  /** It was as clean as this at the end. */
  readonly seen?: { readonly soil: number; readonly odour: number };
}

/** Presses through a run as its owner did, minute by minute. */
function carryOut(start: Run, care: Care): Run {
  let run = start;
  let now = run.startedAtMs;
  const weights = [...(care.weights ?? [])];
  const left = new Map(Object.entries(care.notYet ?? {}));
  const noted = new Set<string>();
  let dried = 0;
  for (let step = current(run); step; step = current(run)) {
    const state = run.steps[step.id];
    if (!state) break;
    const note = care.notes?.[step.key];
    if (note && !noted.has(step.key)) {
      noted.add(step.key);
      run = noteStep(run, note, now);
    }
    // Hands first, then the timer; what goes in rounds without a look in between has them all.
    now += Math.max(1, step.attendedMin / Math.max(1, step.settings.rounds ?? 1)) * MINUTE_MS;
    const minutes = timerMinutes(step, state);
    for (let n = 0; minutes > 0 && n < (step.check ? 1 : roundsOf(step)); n++) {
      run = startTimer(run, now, minutes);
      now += minutes * MINUTE_MS;
    }
    if (step.settings.dryModel && step.do === 'tumble') {
      dried += minutes;
      const massG = weights.shift();
      if (massG !== undefined) run = weighIn(run, { massG, after: 'round', dryMin: dried }, now);
    }
    const look = lookOf(step)?.id;
    const failures = left.get(step.key) ?? (step.do === 'tumble' ? roundsOf(step) - 1 : 0);
    left.set(step.key, failures - 1);
    const good = failures <= 0;
    if (look === 'weighed') {
      const dry = weights.shift();
      if (dry !== undefined && good) run = weighIn(run, { massG: dry, after: 'dry' }, now);
      if (care.loft && good) run = measureLoft(run, care.loft, now);
    }
    if (look === 'drops')
      run = gradeDrops(
        run,
        good ? { shoulders: 5, hood: 4, back: 4, sleeves: 4 } : { shoulders: 3, hood: 2, back: 3, sleeves: 4 },
        now,
      );
    else if (look === 'whole' && care.seen) {
      run = seeWhole(run, care.seen, now);
      if (current(run)?.id === step.id) break;
    } else run = step.check ? answerCheck(run, good, now) : finishStep(run, now);
  }
  return run;
}

/** Lines of the record, looks and weights, each folded from the events of an invented run. */
export function historyOf(
  kit: Kit,
  cares: readonly Care[],
  nowMs: number,
): { readonly log: CareEntry[]; readonly inspections: Inspection[]; readonly weighIns: WeighIn[] } {
  const log: CareEntry[] = [];
  const inspections: Inspection[] = [];
  const weighIns: WeighIn[] = [];
  for (const care of cares) {
    const item = kit.items.find((i) => i.id === care.itemId) as Item;
    const startMs = nowMs - care.daysAgo * DAY_MS;
    const iso = (ms: number): string => `${new Date(ms).toISOString().slice(0, 19)}Z`;
    const before: Inspection = {
      ...care.before,
      id: `ins-${care.id}-before`,
      itemId: item.id,
      at: iso(startMs - 30 * MINUTE_MS),
    };
    const bottles = (kit.supplies ?? []).map((s) => ({ ...s, remainingMl: 9999 }));
    const kitThen = { ...kit, inspections: [before], weighIns: [], supplies: bottles };
    const run = carryOut(startRun(planItem(kitThen, item), item.name ?? item.kind, `run-${care.id}`, startMs), care);
    const endMs = run.finishedAtMs ?? run.seenAtMs;
    const result = finishRun(
      run,
      item,
      before,
      kitThen,
      { iso: iso(endMs), today: iso(endMs).slice(0, 10), logId: care.id, inspectionId: `ins-${care.id}-after` },
      care.note,
    );
    log.push(result.entry);
    inspections.push(before, ...(result.inspection ? [result.inspection] : []));
    weighIns.push(...result.weighIns);
  }
  return { log, inspections, weighIns };
}
