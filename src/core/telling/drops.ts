/** Sentences about drops: a picture of them, halves that are held against each other, proofers side by side, a wet face or a leak. */
import { DROP_WORDS } from '../words/glossary';
import { SUPPLY_WORDS } from '../words';
import type { Half, HalvesEntry, Kind, Kit, Supply } from '../gear';
import { isShoe } from '../knowledge';
import type { HalvesRead } from '../repellency/halves';
import type { LeakAnswer } from '../repellency/leak';
import type { ProoferPair, ProoferRecord } from '../repellency/proofers';
import type { WettingFault, WettingResult } from '../wetting';
import { capital, uncapital } from '../words/text';
import { minutesText } from '../units';
import { TREATMENT_WORDS } from './repellency';

const FAULTS: Record<WettingFault, string> = {
  small: 'The wet place or the dry one is too small in this picture: go closer, or draw the corners farther apart.',
  dark: 'It is too dark to be read: more daylight, no flash.',
  glare: 'Something shines in it: turn it or yourself until neither lamp nor sky is mirrored in the cloth.',
  uneven: 'The dry place is lit too unevenly to be held against the wet one: no shadow over it, and nothing but dry cloth in it.',
  blurred: 'It is not in focus: hold still, go a little farther off, and take it again.',
  same: 'There is no drop in it and nothing darker than dry cloth. If all rolled off and left nothing, that is a 5: say so by hand. Else the corners may lie wrong, or it is not in focus.',
};
const per = (share: number): string => `${share < 0.095 ? (100 * share).toFixed(1) : Math.round(100 * share)} %`;
/** What a picture looks like, and why it was not read. */
export function wettingText(result: WettingResult): string {
  if (result.status !== 'read') return FAULTS[result.status];
  const { grade, share, beads, beadWidth } = result;
  const span = grade.low === grade.high ? '' : `, or anything from ${grade.low} to ${grade.high}`;
  const pearls = beads === 0 ? 'No drop beads' : beads === 1 ? '1 drop beads' : `${beads} drops bead`;
  const wide = beadWidth === null ? '' : `, each about ${per(beadWidth)} of the place’s width`;
  const dark =
    share.value === 0 ? 'Nothing has darkened' : `${per(share.value)} has darkened (${per(share.low)} to ${per(share.high)})`;
  return `It looks like a ${grade.value}${span}: ${DROP_WORDS[grade.value]?.left ?? ''}. ${dark}. ${pearls}${wide}.`;
}
/** The face alone does not show it. */
export const BACK_TEXT =
  'Whether it has come through to the back no picture of the face can tell: turn it over; wet there is a 0.';

const productOf = (
  used: { readonly supplyId?: string; readonly class?: Supply['class'] } | undefined,
  supplies: readonly Supply[],
): string => {
  const bottle = supplies.find((s) => s.id === used?.supplyId);
  const cls = used?.class ?? bottle?.class;
  return bottle?.name ?? (cls ? SUPPLY_WORDS[cls] : '');
};
/** Of a pair one of the two is a half. */
const isPair = (kind: Kind): boolean => isShoe(kind) || kind === 'gloves';
/** "left half", "right one". */
export const halfName = (kind: Kind, half: Half): string => `${half} ${isPair(kind) ? 'one' : 'half'}`;
/** What stands is seen from its door, what is worn as it is worn. */
export function halfQuestion(kind: Kind): string {
  if (isPair(kind)) return 'Which of the pair is treated?';
  return `Which half is treated, ${kind === 'tent' || kind === 'tarp' ? 'seen from the door' : 'as it is worn'}?`;
}
/** How one half is treated and the other kept from it. @param warms a renewal of such a thing is warmed afterwards. */
export const halfHowText = (care: 'heat' | 'renew', here: string, other: string, warms: boolean): string =>
  care === 'renew'
    ? `Cover the ${other} or keep it away, spray the ${here} on its clean damp face, wipe off the drips, let it dry${warms ? ', and warm both alike, as its programme says' : ''}. Then drops are tried.`
    : `Cover the ${other} with a damp towel or keep it away, and go over the ${here} with a hair dryer a hand’s width off, always moving, never hotter than your hand bears. Let it cool and dry before drops are tried.`;
/** "Left half: a renewal, 30 mL of spray proofer; the right half was left as it was." */
export function halvesText({ half, treatment, supplies = [] }: HalvesEntry, bottles: readonly Supply[], kind: Kind): string {
  const product = productOf(supplies[0], bottles);
  const ml = supplies[0]?.ml;
  const what = [ml === undefined ? '' : `${Math.round(ml)} mL`, product].filter(Boolean).join(' of ');
  const other = halfName(kind, half === 'left' ? 'right' : 'left');
  return `${capital(halfName(kind, half))}: ${uncapital(TREATMENT_WORDS[treatment])}${what ? `, ${what}` : ''}; the ${other} was left as it was.`;
}
const daysText = (days: number): string => (days === 0 ? 'the same day' : days === 1 ? 'after a day' : `after ${days} days`);
/** One reading: "After 14 days and 9 h of wear: treated 4 of 5, untreated 2 of 5." */
export const halfReadText = ({ days, hours, treated, untreated }: HalvesRead['readings'][number]): string =>
  `${capital(daysText(days))}${hours > 0 ? ` and ${minutesText(Math.round(hours * 60))} of wear` : ''}: treated ${treated} of 5, untreated ${untreated} of 5.`;
/** What the comparison says, and how little. */
export function halvesVerdict({ verdict, lasts, readings }: HalvesRead): string {
  if (verdict === 'unread') return 'Not read yet: let drops fall on both halves.';
  const once = readings.length === 1 ? ' Read it again after some wear: then it shows whether it lasts.' : '';
  if (verdict === 'helped')
    return lasts === false
      ? 'It helped, and it did not last: both halves are alike again.'
      : `It helped${lasts ? ', and it lasts' : ''}: the other half is worth the same.${once}`;
  if (verdict === 'worse') return 'The treated half sheds worse than the other: do not treat the other half.';
  return 'It made no difference: the other half need not be treated.';
}

/** A proofer in the record: "Face spray: 3 renewals of 2 things, up by 21 to 93". */
export const prooferName = (p: ProoferRecord, kit: Pick<Kit, 'supplies'>): string =>
  capital(productOf({ class: p.class, ...(p.supplyId === null ? {} : { supplyId: p.supplyId }) }, kit.supplies ?? []));
const signed = (value: number): string => `${Math.round(value)}`.replace('-', '−');
const times = (n: number, one: string): string => `${n} ${n === 1 ? one : `${one}s`}`;
/** What two of them come to, and how little that proves. */
export function proofersText({ one, two, difference }: ProoferPair, kit: Pick<Kit, 'supplies'>): string {
  const [a, b] = [prooferName(one, kit), prooferName(two, kit)];
  const rests = `It rests on ${times(one.renewals.length, 'renewal')} with the one and ${two.renewals.length} with the other, of different things in different states`;
  const honest = 'Treat half of one thing and leave the other half: that is the honest comparison.';
  if (difference === null)
    return `${a} and ${uncapital(b)} cannot be held against each other yet: one of them was used only once. ${honest}`;
  const { value, low, high } = difference;
  const span = `${signed(low)} to ${signed(high)}`;
  if (low > 0 || high < 0) {
    const better = value > 0 ? a : b;
    return `${better} gave back more, by ${Math.round(Math.abs(value))} of 100 (${span}, nine in ten). ${rests}: a hint, no proof. ${honest}`;
  }
  const said =
    Math.abs(value) < 0.5
      ? `${a} and ${uncapital(b)} gave back as much, and the difference may be anything from ${span} of 100, nine in ten`
      : `${a} gave back ${Math.round(Math.abs(value))} of 100 ${value > 0 ? 'more' : 'less'} than ${uncapital(b)}, and the difference may be anything from ${span} of 100, nine in ten`;
  return `No difference is to be seen: ${said}. ${rests}. ${honest}`;
}

/** How water is kept on the place in question, with dry paper behind it. */
export function leakHowText(kind: Kind, minutes: number): string {
  const wait = `wait ${minutes} minutes`;
  if (isShoe(kind))
    return `Fill it with dry kitchen paper and stand it in a basin, the water well below its collar; ${wait}. Then take it out and look at paper and face.`;
  if (kind === 'gloves')
    return `Put dry kitchen paper into every finger, close the cuff in your fist and hold it under water; ${wait}. Then look at paper and face.`;
  return `Lay the place that felt wet over a bowl, face up, dry kitchen paper under it. Press a hollow into it, pour in a cup of water; ${wait}. Then take the water off and look at paper and face.`;
}
/** What a cup of water on the place in question says. */
export const LEAK_WORDS: Record<LeakAnswer, { readonly name: string; readonly text: string }> = {
  leak: {
    name: 'It leaks',
    text: 'Water came through: a seam, a hole or a layer that has parted. No finish mends that; have it mended first.',
  },
  'wet-face': {
    name: 'A wet, cold face',
    text: 'The face soaks up water and the paper stayed dry: it feels like a leak and is none. Warm it, test it with drops, renew it only if they fail.',
  },
  inside: {
    name: 'From inside',
    text: 'Face and paper stayed dry: the wet comes from inside, as sweat that cannot get out, or runs in at collar, cuffs or zip.',
  },
};
