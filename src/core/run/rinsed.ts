import type { Item, RinseSeen } from '../gear';
import type { ProgrammeStep } from '../document';
import type { StepSettings } from '../document';
import { learnRelease } from '../rinsing';
import { RINSE_WORDS } from '../words/rinse';
import { fillsOnce, isCounted, type Run } from './index';

type Model = NonNullable<StepSettings['rinseModel']>;
export interface Rinsed extends RinseSeen {
  readonly model: Model;
}

/** The rinse that follows when a wash in a drum still shows suds, or null where the step is no such wash. */
export function rinseAfter(step: ProgrammeStep): ProgrammeStep | null {
  if (step.do !== 'machine-wash' || !step.settings.rinseModel || !step.settings.cleaner) return null;
  const { washerId, spinRpm, action, rinseModel } = step.settings;
  return {
    ...step,
    id: `${step.id}-suds`,
    key: `${step.key}-suds`,
    phase: 'rinse',
    do: 'machine-rinse',
    title: RINSE_WORDS.title,
    text: RINSE_WORDS.text,
    settings: {
      rinses: 1,
      rinseModel,
      ...(washerId === undefined ? {} : { washerId }),
      ...(spinRpm === undefined ? {} : { spinRpm }),
      ...(action === undefined ? {} : { action }),
    },
    attendedMin: 3,
    unattendedMin: 12,
    check: { look: RINSE_WORDS.look, pass: RINSE_WORDS.pass, else: `${step.id}-suds` },
  };
}

/**
 * After how many fresh fills it was clear, as the looks of this run say; null when nobody looked. In a drum, a first look that finds no suds
 * only says that so many were enough, so it teaches nothing unless a rinse was added.
 */
export function rinsedIn(run: Run): Rinsed | null {
  let fills = 0;
  let seen = false;
  let model: Model | undefined;
  for (const step of run.programme.steps) {
    const state = run.steps[step.id];
    // Washed again: what was counted before belongs to another wash.
    if (state && state.sinceMs !== run.startedAtMs && !step.key.endsWith('-suds')) return null;
    if (!state || state.times === 0 || !step.settings.rinseModel) continue;
    model = step.settings.rinseModel;
    if (step.do === 'machine-wash') fills += step.settings.rinses ?? 0;
    else for (let n = 0; n < state.times; n++) fills += fillsOnce(step, n);
    if (state.state === 'passed' && (isCounted(step) || state.times > 1 || step.key.endsWith('-suds'))) seen = true;
  }
  return seen && model && fills > 0 ? { by: model.by, clearAfter: fills, model } : null;
}

/** The item with what this run taught about its rinses; the same item when it taught nothing. */
export function learnRinse(item: Item, rinsed: Rinsed | null): Item {
  if (!rinsed) return item;
  const release = learnRelease(rinsed.model, rinsed.clearAfter);
  const key = rinsed.by === 'hand' ? 'handRelease' : 'drumRelease';
  return { ...item, learned: { ...item.learned, [key]: release, rinseRuns: (item.learned?.rinseRuns ?? 0) + 1 } };
}
