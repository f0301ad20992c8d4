import type { StepSettings } from '../document';
import { onceFor } from '../once';
import { forThoseThatHold } from '../facts';
import type { StepTemplate } from '../knowledge';
import { keepApart } from './apart';
import { standingIn } from './machines';
import { untested } from './marks';
import { refuseOwn } from './own';
import { DURATIONS, SETTERS, type Setter } from './settings';
import type { PlannedStep, Washed } from './state';

type Minutes = (state: Washed, settings: StepSettings) => number;
/** What carries a template out: its names looked up. */
interface Making {
  readonly setters: readonly Setter[];
  readonly attended: number | Minutes;
  readonly unattended: number | Minutes;
}
const makingsOf = onceFor((templates: readonly StepTemplate[]): readonly Making[] => templates.map(lookUp));
function lookUp({ settings = [], attended, unattended = 0 }: StepTemplate): Making {
  const setters = settings.map((name) => {
    const setter = SETTERS[name];
    if (!setter) throw new RangeError(`No setting is called ${name}.`);
    return setter;
  });
  const minutes = (spec: number | string): number | Minutes => {
    if (typeof spec === 'number') return spec;
    const duration = DURATIONS[spec];
    if (!duration) throw new RangeError(`No duration is called ${spec}.`);
    return duration;
  };
  return { setters, attended: minutes(attended), unattended: minutes(unattended) };
}
const minutesBy = (spec: number | Minutes, state: Washed, settings: StepSettings): number =>
  typeof spec === 'number' ? spec : Math.round(spec(state, settings));

/** The steps of a plan, from all that is settled; what may not meet, and figures of one's own that are out of bounds, are refused. */
export function buildSteps(state: Washed): PlannedStep[] {
  if (untested(state.marks).length > 0) state.facts.add('rung-untested');
  const steps: PlannedStep[] = [];
  const made = makingsOf(state.knowledge.steps);
  forThoseThatHold(state.knowledge.steps, state.facts, (template, n) => {
    const { setters, attended, unattended } = made[n] as Making;
    const settings: StepSettings = {};
    for (const setter of setters) setter(state, settings);
    if (template.set) Object.assign(settings, template.set);
    steps.push({
      template,
      settings,
      attendedMin: minutesBy(attended, state, settings),
      unattendedMin: minutesBy(unattended, state, settings),
    });
  });
  const standing = standingIn(state).map((s) => s.class);
  const apart = keepApart(steps, state.knowledge.neverTogether, standing);
  state.refusals.push(...apart.refused);
  refuseOwn(state, apart.steps);
  return apart.steps;
}
