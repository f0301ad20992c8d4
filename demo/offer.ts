import { checkKit } from '../src/core/formats';
import type { Kit } from '../src/core/gear';
import { outlineOf, type ProgrammeOutline } from '../src/core/outline';
import { planItem } from '../src/core/programme';
import { answerCheck, current, finishStep, recordOf, startRun, startTimer, type RunRecord } from '../src/core/run';
import { makeDemoKit } from './kit';
import type { DemoPicture } from './pictures';
import type { DemoWeekend } from './weekend';
import { MINUTE_MS } from '../src/core/units/time';

/** What the demo server offers a browser, ready to be stored: the kit, what is under way in it, the weekend, and which pictures it has. */
export interface DemoOffer {
  readonly kit: Kit;
  readonly runs: readonly RunRecord[];
  readonly weekend: DemoWeekend;
  readonly pictures: readonly DemoPicture[];
  /** What every thing of it needs, so that a first page has its answer before it could plan. */
  readonly answers: Readonly<Record<string, ProgrammeOutline>>;
}

/** What is dried just now was begun so long before. */
const BEFORE_MIN = 180;
/**
 * The demo of a visit at `nowMs`, held here to the rules that every import is held to, and its runs walked to where they stand: a phone has
 * that for nothing. Error: a kit that breaks a rule, with its faults.
 */
export function demoOffer(nowMs: number): DemoOffer {
  const { kit: made, live, weekend, pictures } = makeDemoKit(nowMs);
  const checked = checkKit(JSON.parse(JSON.stringify(made)));
  if (checked.status !== 'read') throw new Error(`The demo kit breaks a rule: ${JSON.stringify(checked)}`);
  const { kit } = checked;
  const runs = live.map(({ itemId, atStep, minutesIn }, n) => {
    const item = kit.items.find((i) => i.id === itemId);
    if (!item) throw new Error(`The demo has no ${itemId}.`);
    const start = nowMs - (minutesIn + BEFORE_MIN) * MINUTE_MS;
    let run = startRun(planItem(kit, item), item.name ?? item.kind, `run-demo-${n + 1}`, start);
    while (run.currentId && run.programme.steps.find((s) => s.id === run.currentId)?.key !== atStep)
      run = current(run)?.check ? answerCheck(run, true, start) : finishStep(run, start);
    return recordOf(startTimer(run, nowMs - minutesIn * MINUTE_MS));
  });
  const answers = Object.fromEntries(kit.items.map((item) => [item.id, outlineOf(kit, item)]));
  return { kit, runs, weekend, pictures, answers };
}
