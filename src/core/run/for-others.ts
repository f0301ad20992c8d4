import type { ProgrammeStep } from '../document';
import type { RunEvent, RunRecord } from './events';

/** A step without the bottles and machines of its owner, of which somebody else has none. */
function bareStep(step: ProgrammeStep): ProgrammeStep {
  const { washerId: _w, dryerId: _d, supplyId: _s, ...settings } = step.settings;
  return { ...step, settings };
}
function bareEvent(event: RunEvent): RunEvent {
  if (event.type === 'used' && event.supplyId !== undefined) {
    const { supplyId: _s, ...rest } = event;
    return rest;
  }
  if (event.type !== 'moved') return event;
  const { place } = event.to;
  return { ...event, to: place === undefined ? {} : { place } };
}
/**
 * A run as somebody else can go on with it, where it stands: the same steps and lines, without machines and bottles that stay with their owner
 * and without the drum that it shared.
 */
export function runForOthers({ load: _load, ...run }: RunRecord): RunRecord {
  const { programme, events } = run;
  return { ...run, programme: { ...programme, steps: programme.steps.map(bareStep) }, events: events.map(bareEvent) };
}
