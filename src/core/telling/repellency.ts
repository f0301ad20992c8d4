import type { Droplet, DropTest } from '../gear';
import type { TestWay } from '../repellency/drop-test';
import { leastThatHelps, MARK, type Repellency, type Treatment } from '../repellency';
import { dayOf } from '../units/day';
import { DROP_WORDS, zonesByGrade } from '../words/glossary';
import { capital, listed, uncapital } from '../words/text';
import type { Interval } from '../units/weighted';
import { casesText } from './worth';

export const TREATMENT_WORDS: Record<Treatment | 'leave', string> = {
  leave: 'As it is',
  heat: 'Heat alone',
  wash: 'A wash alone',
  'wash-heat': 'A wash, then heat',
  renew: 'A renewal',
};
/** "82 (74 to 88)". */
export const indexText = ({ value, low, high }: Interval): string =>
  `${Math.round(value)} (${Math.round(low)} to ${Math.round(high)})`;
const dayOfMs = (ms: number, dayText: (day: string) => string): string => dayText(dayOf(new Date(ms).toISOString()));

/** Where it stands and when it falls below the mark. @param dayText how a day is written. */
export function repellencyText({ now, below }: Repellency, dayText: (day: string) => string): string {
  if (now.high < MARK) return `It no longer sheds rain: ${indexText(now)} of 100, and ${MARK} would do.`;
  if (now.value < MARK) return `It hardly sheds rain any more: ${indexText(now)} of 100, and ${MARK} would do.`;
  const stands = `It sheds rain: ${indexText(now)} of 100.`;
  if (!below) return stands;
  const [low, high] = [dayOfMs(below.low, dayText), dayOfMs(below.high, dayText)];
  return `${stands} At this pace it falls below ${MARK} about ${dayOfMs(below.value, dayText)}${low === high ? '' : ` (${low} to ${high})`}.`;
}
/** What is likely to bring it back, and when nothing is. @param leaking it lets rain through elsewhere than by its face. */
export function helpText(r: Repellency, can: (way: Treatment) => boolean, leaking = false): string {
  if (leaking) return 'Have it mended first: no care of the finish closes a leak.';
  if (r.worn)
    return 'The last two renewals did not bring it to the mark: the face or the membrane is worn out. Ask a repairer, or keep it for dry days.';
  const least = leastThatHelps(r, can);
  if (least === null)
    return can('renew')
      ? 'Nothing is likely to bring it to the mark by itself: renew it, test it again, and see what that gave.'
      : 'Nothing that it stands is likely to bring it to the mark: ask a repairer, or keep it for dry days.';
  const chance = casesText(r.chances[least]);
  if (least === 'leave') return `As a whole its finish needs nothing: left alone it is at the mark ${chance}.`;
  return `${TREATMENT_WORDS[least]} is likely to do: it is at the mark afterwards ${chance}.`;
}
/** "Heat alone gave back 13, once; a renewal 43, twice." */
export function gainsText({ gains }: Repellency): string {
  const times = (n: number): string => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);
  const said = gains.map(({ treatment, gain, times: n }) => {
    return `${uncapital(TREATMENT_WORDS[treatment])} ${gain >= 0.5 ? `gave back ${Math.round(gain)} of 100` : 'gave nothing back'}, ${times(n)}`;
  });
  return said.length > 0 ? `${capital(said.join('; '))}.` : '';
}
/** What its figures rest on. */
export const REPELLENCY_BASIS = [
  'Grades of drops as the spray test’s own ratings (ISO 4920): 5 is 100, 4 is 90, 3 is 80, 2 is 70, 1 is 50, 0 is 0; zones that rain and straps reach first count double.',
  'How fast it fades and what care gives back begin from what is usual for its finish, from memory, and are learnt from this thing’s own tests, uses and care. Where no use is written down, days stand for it.',
  'Bounds hold nine in ten. A home test is not the standard’s apparatus.',
] as const;

/** How it was: "Shoulders 2, wet beyond the drops; hood, back and sleeves 3, wet where drops fell; the rest beads." */
export function zonesText(droplet: Droplet, name: (zone: string) => string): string {
  const { wet, beads } = zonesByGrade(droplet, name);
  if (wet.length === 0) return beads ? 'Drops bead wherever they were tried.' : '';
  const said = wet.map(({ grade, at }) => `${listed(at)} ${grade}, ${DROP_WORDS[grade]?.left ?? ''}`);
  return `${capital([...said, ...(beads ? ['the rest beads'] : [])].join('; '))}.`;
}
/** "5 drops of tap water from 10 cm on each place, then 1 min." */
export const testWayText = ({ water, heightMm, drops, waitS }: TestWay): string =>
  `${drops === 1 ? '1 drop' : `${drops} drops`} of ${water} water from ${lengthText(heightMm)} on each place; after ${secondsText(waitS)} shake them off and look.`;
const lengthText = (mm: number): string => `${Math.round(mm / 10)} cm`;
/** "45 s", "1 min", "1 min 30 s". */
export function secondsText(s: number): string {
  const [min, rest] = [Math.floor(Math.round(s) / 60), Math.round(s) % 60];
  return [min > 0 ? `${min} min` : '', rest > 0 || min === 0 ? `${rest} s` : ''].filter(Boolean).join(' ');
}
/** After how many seconds a drop had soaked in, where that was timed. @param name how a zone is called. */
export function drunkText({ drunkS = {} }: DropTest, name: (zone: string) => string): string {
  const said = Object.entries(drunkS).flatMap(([zone, s]) => (s === undefined ? [] : [`${name(zone)} after ${secondsText(s)}`]));
  return said.length > 0 ? `Soaked in: ${listed(said)}.` : '';
}

/** What is left in the bottle beside what the rest of the plan asks for. @param leftMl as written down; absent = not known. @param wantedMl in all. */
export function sprayLeftText(leftMl: number | undefined, usedMl: number, wantedMl: number): string {
  const used = Math.round(usedMl);
  const more = Math.max(0, Math.round(wantedMl) - used);
  if (leftMl === undefined) return more > 0 ? `${used} mL so far, ${more} mL to go.` : `${used} mL in all.`;
  const left = Math.max(0, Math.round(leftMl) - used);
  if (left < more) return `About ${left} mL left in the bottle, ${more} mL to go: it is short by ${more - left} mL.`;
  return `About ${left} mL left in the bottle${more > 0 ? `, ${more} mL to go` : ''}.`;
}
