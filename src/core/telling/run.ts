import type { ProgrammeStep } from '../document';
import { CARES, type Care, type CareEntry, type DoneStep, type Item, type Kit, type LogEntry, type UsedSupply } from '../gear';
import { current, cutShort, isUntouched, looseFill, roundsOf, tick, type Run } from '../run';
import type { InUse } from '../run/in-use';
import { lookOf } from '../run/looks';
import { AIM_OF } from '../run/report';
import { minutesText } from '../units';
import { SUPPLY_WORDS } from '../words';
import { capital, listed, uncapital } from '../words/text';
import { FAILED_WORDS, SAT_WORDS, WAY_WORDS } from '../words/looks';
import { MINUTE_MS } from '../units/time';

/** What it means for this thing that it sat after the timer of a step had ended. */
export function satText(step: ProgrammeStep, item: Item | undefined): string {
  const filled = item !== undefined && looseFill(item);
  const inDrum = step.settings.dryerId !== undefined || step.settings.heat !== undefined;
  if (step.settings.soakMin !== undefined) return SAT_WORDS.soaked;
  if (step.phase === 'pretreat') return SAT_WORDS.treated;
  if (step.phase === 'wash' || step.phase === 'rinse') return filled ? SAT_WORDS.wetFill : SAT_WORDS.wet;
  if (step.phase === 'dry' && inDrum) return filled ? SAT_WORDS.wetFill : SAT_WORDS.warm;
  if (inDrum) return SAT_WORDS.warm;
  return step.phase === 'dry' ? SAT_WORDS.dry : SAT_WORDS.idle;
}

/** "Round 2 of about 3", "Part 1 of 2", or nothing where it goes in one. */
export function roundText(step: ProgrammeStep, round: number): string {
  const rounds = roundsOf(step);
  const what = step.settings.soakParts ? 'part' : 'round';
  if (rounds < 2 && round < 2) return '';
  if (round === 0) return `${rounds} ${what}s`;
  return round > rounds
    ? `${capital(what)} ${round}, more than the ${rounds} that were planned`
    : `${capital(what)} ${round} of ${rounds}`;
}

/**
 * What a look at drops in a run asks for where they failed. @param again zones that failed before and were not tried again. @param low that fail
 * now. @param fromGrade from which they pass, 1 to 5, where the user moved it. Zones by name; null where none fails.
 */
export function dropsFailText(again: readonly string[], low: readonly string[], fromGrade: number | undefined): string | null {
  const short = fromGrade === undefined ? null : `not yet grade ${fromGrade}`;
  if (again.length > 0) return `Try ${again.join(', ')} again: ${short === null ? 'it soaked in' : `it was ${short}`} there`;
  return low.length > 0 ? `${short === null ? 'Drops soak in' : capital(short)} on ${low.join(', ')}: go on to the remedy` : null;
}

/** Which time a look is taken, once it is more than the first. */
export function lookCountText(failures: number): string {
  const times = ['', 'The same look again.', 'The same look, for the third time.', 'The same look, for the fourth time.'];
  return times[failures] ?? `The same look, for the ${failures + 1}th time.`;
}

/** How far a run is, in a few words for a list. @param nowMs the instant. */
export function runStateText(run: Run, nowMs: number): string {
  if (run.status === 'finished') return 'It is through. What was done is not in the record yet.';
  if (run.status === 'stopped')
    return isUntouched(run) ? 'It was stopped.' : 'It was stopped. What was done is not in the record yet.';
  const at = tick(run, nowMs);
  const step = current(at);
  const state = step && at.steps[step.id];
  if (!step || !state) return '';
  if (state.state === 'elapsed') return `${step.title}: it has rung, look now.`;
  if (state.state === 'running')
    return `${step.title}, ${minutesText(Math.max(1, Math.ceil((state.endsAtMs - nowMs) / MINUTE_MS)))} to go.`;
  if (state.state === 'paused') return `${step.title}, paused.`;
  return `${step.title}, next.`;
}

/** The question about a round that is ended early: null when it is not. */
export function cutShortText(run: Run, nowMs: number): { readonly ran: number; readonly question: string } | null {
  const ran = cutShort(run, nowMs);
  const step = current(run);
  const state = step && run.steps[step.id];
  if (ran === null || !state) return null;
  const whole = minutesText(state.roundMin);
  return {
    ran,
    question: `Its timer ran ${ran < 1 ? 'less than a minute' : minutesText(Math.round(ran))} of ${whole}. How long was it really running?`,
  };
}

/** "Long grey parka is in Red dryer just now, until 17:40." @param clock writes an instant as a time of day. */
export function occupiedText({ run, untilMs }: InUse, where: string, clock: (ms: number) => string): string {
  const on = current(run)?.settings.place !== undefined;
  return `${run.itemName} is ${on ? 'on' : 'in'} ${where} just now${untilMs === null ? '' : `, until ${clock(untilMs)}`}.`;
}

/** What was found when a look failed too often. */
export const failedText = (step: ProgrammeStep): string => FAILED_WORDS[lookOf(step)?.id ?? 'whole'];

/** What came of a step, in a sentence; null for one that went as planned and has nothing to tell. */
export function stepText(step: DoneStep): string | null {
  const parts: string[] = [];
  const minutes = step.minutes ?? [];
  const ran = minutes.reduce((sum, m) => sum + m, 0);
  // What ran as planned needs no words.
  const other = step.plannedMin !== undefined && Math.abs(ran - step.plannedMin) > Math.max(2, step.plannedMin / 10);
  const spent = ran < 1 ? 'less than a minute' : minutesText(Math.round(ran));
  const pieces = step.do === 'tub-wash' ? 'parts' : 'rounds';
  if (minutes.length > 1) parts.push(`${minutes.length} ${pieces}, ${spent} in all`);
  else if (minutes.length === 1 && other) parts.push(spent);
  if (other && minutes.length > 0) parts.push(`${minutesText(step.plannedMin ?? 0)} were planned`);
  const failed = (step.looks ?? []).filter((l) => !l.passed).length;
  const last = step.looks?.at(-1);
  const times = failed === 1 ? 'once' : failed === 2 ? 'twice' : `${failed} times`;
  // A drying is looked at after every round; that it was not dry before the last says nothing.
  const byRounds = minutes.length > 1 && step.do !== 'machine-rinse';
  if (failed > 0 && last?.passed && !byRounds) parts.push(`not good ${times}, then good`);
  else if (failed > 0 && !last?.passed) parts.push(`not good ${times}`);
  if (last?.passed && last.proof === 'weights') parts.push('dry by its weights and by hand');
  if (last?.passed && last.proof === 'hand') parts.push('taken as dry by hand, not proved by weight');
  const way = step.way && WAY_WORDS[step.way as keyof typeof WAY_WORDS];
  if (way) parts.push(`then: ${uncapital(way.name)}`);
  if ((step.satMin ?? 0) > 10) parts.push(`sat ${minutesText(step.satMin ?? 0)} after the alarm`);
  if (step.why !== undefined) parts.push(step.outcome === 'skipped' ? `left out: ${step.why}` : `the rest left out: ${step.why}`);
  if (step.note) parts.push(`noted: ${step.note}`);
  return parts.length > 0 ? `${parts.join('; ')}.` : null;
}

/** What was done to a thing. */
export const DID_WORDS = {
  washed: 'washed',
  rinsed: 'rinsed',
  'spot-cleaned': 'spot-cleaned',
  aired: 'aired',
  fluffed: 'fluffed',
  warmed: 'warmed',
  renewed: 'finish renewed',
  mended: 'mended',
  conditioned: 'conditioned',
} as const satisfies Record<Care, string>;
/** What was done to a thing by one line of its record; older lines say only what was aimed at. */
const didOf = ({ did, aims = [] }: CareEntry): Care[] => did ?? CARES.filter((care) => aims.some((aim) => AIM_OF[care] === aim));
/** "washed, dried and warmed". */
export const didText = (entry: CareEntry): string => {
  const did = didOf(entry).map((care) => DID_WORDS[care]);
  return did.length === 0 ? 'begun, nothing done' : `${listed(did)}${entry.stopped ? ', then stopped' : ''}`;
};

/** The days on which a thing was last washed, warmed, renewed and mended, newest line first; null = never, as far as is recorded. */
export function lastDays(log: readonly LogEntry[], itemId: string): { readonly name: string; readonly at: string | null }[] {
  const care = log.filter((e): e is CareEntry => e.type === 'care' && e.itemId === itemId).sort((a, b) => (a.at < b.at ? 1 : -1));
  const last = (...cares: Care[]): string | null => care.find((e) => didOf(e).some((c) => cares.includes(c)))?.at ?? null;
  return [
    { name: 'washed', at: last('washed') },
    { name: 'warmed', at: last('warmed') },
    { name: 'renewed', at: last('renewed') },
    { name: 'mended', at: last('mended') },
  ];
}

/** Where a step is done when that is not where it was planned, in a sentence; empty when it is. */
export function movedText(run: Run, step: ProgrammeStep, nameOf: (machineId: string) => string | undefined): string {
  const planned = run.planned.steps.find((s) => s.id === step.id)?.settings;
  const { dryerId, washerId, place } = step.settings;
  if (!planned || (planned.dryerId === dryerId && planned.washerId === washerId && planned.place === place)) return '';
  const machine = dryerId ?? washerId;
  return place === 'launderette'
    ? 'Now in a large dryer at a launderette.'
    : `Now in ${(machine && nameOf(machine)) ?? place ?? 'another place'}.`;
}

/** "80 mL Spray proofer"; what came from no bottle that is recorded says so. */
export function usedText({ ml = 0, supplyId, class: cls }: UsedSupply, supplies: Kit['supplies'] = []): string {
  const name = supplies.find((s) => s.id === supplyId)?.name ?? (cls ? SUPPLY_WORDS[cls] : (supplyId ?? 'something'));
  return `${Math.round(ml)} mL ${name}${supplyId ? '' : ', more than the cupboard knew of'}`;
}
