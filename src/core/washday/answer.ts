import { DAY_ASSUMPTIONS, dayVerdict, lateVerdict } from '../telling/wash-day';
import { askedOf, gather } from './asked';
import { instantAt, offsetOf } from './calendar';
import { costsOf, shoppingOf } from './costs';
import { driedIn } from './members';
import { handSlots } from './shapes';
import { minutesOfSlots, type Asked } from './problem';
import { findDay, USUAL_EFFORT, type Effort, type Outcome } from './search';
import type { Costs, DayRequest, WashDay } from './types';
import { whyNot } from './why-not';
import { lettersOf, writeApart, writeLoads, writeTasks, type Writing } from './write';

/**
 * The day that a request asks for: loads, tasks, and how far it could be from the best. Pure and deterministic; effort is counted in steps.
 * @param request a checked request; ids in it that the kit does not know are ignored.
 * @param onBetter told of every better day while it is looked for.
 */
export function planDay(request: DayRequest, effort: Effort = USUAL_EFFORT, onBetter?: (day: WashDay) => void): WashDay {
  const { members, leftOut } = gather(request);
  const asked = askedOf(request, members);
  const write = (outcome: Outcome): WashDay => writeDay(request, asked, outcome, leftOut);
  const outcome = findDay(
    asked,
    effort,
    onBetter && ((found) => onBetter(write({ found, proved: false, bound: { finish: asked.calendar.first, runs: 0 } }))),
  );
  const day = write(outcome);
  return day.status === 'impossible' ? { ...day, impossible: whyNot(request, asked, outcome, effort) } : day;
}

function writeDay(request: DayRequest, asked: Asked, outcome: Outcome, leftOut: WashDay['leftOut']): WashDay {
  const { kit } = request;
  const { calendar, members } = asked;
  const offset = offsetOf(request.from);
  const { found } = outcome;
  const at = (slot: number): string => instantAt(calendar, slot, offset);
  const endless = new Set((kit.equipment?.racks ?? []).flatMap((r) => (r.metres === undefined ? [r.id] : [])));
  const assumptions = [
    ...(request.hands?.length ? [] : [DAY_ASSUMPTIONS.hands]),
    DAY_ASSUMPTIONS.grid,
    ...(found?.problem.nodes.some((n) => n.inSun) ? [DAY_ASSUMPTIONS.sun] : []),
    ...(found?.problem.nodes.some((n) => endless.has(n.on)) ? [DAY_ASSUMPTIONS.metres] : []),
    ...new Set(members.flatMap((m) => m.programme.assumptions)),
  ];
  const cautions = [...new Set(members.flatMap((m) => m.programme.cautions))];
  const base = { format: 'umbrastic/wash-day', version: 1, leftOut, cautions, assumptions } as const;
  if (!found) {
    const none: Costs = { kWh: 0, waterL: 0 };
    const finish = at(calendar.first);
    return {
      ...base,
      status: members.length === 0 ? 'optimal' : 'impossible',
      verdict: members.length === 0 ? 'There is nothing to do.' : lateVerdict(request.until ?? finish, null),
      loads: [],
      tasks: [],
      finish,
      handsMin: 0,
      visits: 0,
      bound: { finish, machineRuns: 0 },
      apart: [],
      takes: none,
      oneByOne: none,
      shopping: [],
    };
  }
  const loadIds = lettersOf(found);
  const dried = members.map((m) => driedIn(m, found.drying));
  const w: Writing = { found, calendar, offset, loadIds, byId: new Map(dried.map((m) => [m.item.id, m])) };
  const handsMin = minutesOfSlots(found.problem.nodes.reduce((sum, n) => sum + handSlots(n), 0));
  const end = found.placed.finish;
  const finish = at(end);
  // A bound that is met is a proof; where there is none it is one step below.
  const least = outcome.proved ? end : Math.min(outcome.bound.finish, end - 1);
  const late = found.late > 0;
  return {
    ...base,
    status: late ? 'impossible' : outcome.proved ? 'optimal' : 'planned',
    verdict: late
      ? lateVerdict(request.until ?? finish, finish)
      : dayVerdict({
          things: members.length,
          loads: found.loads.length,
          visits: found.visits,
          handsMin,
          finish,
          people: calendar.there.length,
        }),
    loads: writeLoads(w),
    tasks: writeTasks(w),
    finish,
    handsMin,
    visits: found.visits,
    bound: { finish: at(Math.max(calendar.first, least)), machineRuns: Math.min(outcome.bound.runs, found.runs) },
    apart: writeApart(members, found.loads, asked.wishes),
    ...costsOf(kit, members, found),
    shopping: shoppingOf(kit, members, found.loads),
  };
}
