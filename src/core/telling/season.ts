/** Sentences about the weeks ahead. */
import type { Move, RunsOut, SeasonTask, SeasonWeek } from '../season';
import { minutesText } from '../units';
import { SUPPLY_WORDS, thingName } from '../words';
import { UPKEEP_WORDS } from '../words/upkeep';
import { capital, counted } from '../words/text';

/** Hands over weeks are hours, never days: nobody works around the clock. */
export const handsText = (minutes: number): string =>
  minutes < 90 ? minutesText(Math.round(minutes)) : `${Math.round(minutes / 30) / 2}\u00a0h`;
/** The answer first: what all of it takes, and whether a week asks for too much. @param day a day in words. */
export function seasonText(
  weeks: readonly SeasonWeek[],
  moves: readonly Move[],
  handsAWeekMin: number,
  day: (iso: string) => string,
): string {
  const all = weeks.reduce((sum, w) => sum + w.handsMin, 0);
  if (all === 0) return `Nothing is due in the next ${weeks.length} weeks.`;
  const takes = `The next ${weeks.length} weeks take about ${handsText(all)} of your time`;
  const over = weeks.filter((w) => w.over);
  const [first] = over;
  if (!first) return `${takes}, and no week more than ${handsText(handsAWeekMin)}.`;
  const which = over.length === 1 ? `the week of ${day(first.monday)} asks` : `${over.length} weeks ask`;
  const left = Math.max(
    ...over.map((w) => w.handsMin - moves.filter((m) => m.from === w.monday).reduce((sum, m) => sum + m.handsMin, 0)),
  );
  const help =
    moves.length === 0
      ? ' Nothing in it can be moved.'
      : ` ${counted(moves.length)} ${moves.length === 1 ? 'thing' : 'things'} can go to a quieter week${left > handsAWeekMin ? `; that leaves ${handsText(left)}` : ''}.`;
  return `${takes}; ${which} for more than ${handsText(handsAWeekMin)}.${help}`;
}
/** One thing that will be due, as a line. */
export function taskText(task: SeasonTask): string {
  if (task.kind === 'upkeep') {
    const name = `${task.machine.name ?? 'the machine'}: ${UPKEEP_WORDS[task.task].name}`;
    return task.unknown ? `${name} (nobody noted when it was done)` : name;
  }
  const name = thingName(task.item);
  if (task.kind === 'care') return `${name}: care, ${minutesText(task.handsMin)}`;
  return task.kind === 'wash' ? `${name}: likely a wash, ${minutesText(task.handsMin)}` : `${name}: look it over`;
}
/** What runs out when. */
export const runsOutText = (
  { class: cls, week, buyMl, buyCount }: RunsOut,
  firstMonday: string,
  day: (iso: string) => string,
): string =>
  `${capital(SUPPLY_WORDS[cls])}: ${week === firstMonday ? 'too little for this week' : `lasts until the week of ${day(week)}`}; ${buyMl === undefined ? `${buyCount ?? 1} more` : `${buyMl} mL more`} for all of it.`;
