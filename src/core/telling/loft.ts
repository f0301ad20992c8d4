import { wordsOf } from '../units/day';
import {
  type CareEvent,
  type Drum,
  type Levelling,
  type LoftRecord,
  type LoftVerdict,
  type Migration,
  type Move,
  type PanelStyle,
} from '../loft';
import type { LightModel, LightResult, Sureness } from '../loft/light';
import { minutesText } from '../units';
import { LOFT_FIGURES } from '../knowledge';

export const LOFT_VERDICTS: Record<LoftVerdict, string> = {
  leave: 'leave it alone',
  fluff: 'fluff it without water',
  wash: 'wash it: dirt and grease hold the down together',
  mend: 'so much is gone that washing alone will not bring it back: look for lost or moved fill, and have it mended',
};
/** "2 pinches from b7 into b8". */
export const moveText = ({ from, to, pinches }: Move): string =>
  `${pinches === 1 ? 'One pinch' : `${pinches} pinches`} from ${from} into ${to}`;

/** Less than this gain in warmth is not worth an evening. */
const WORTH = LOFT_FIGURES.worthGain.value;
/** The answer of a fill map. */
export function levellingText({ moves, minutes, warmthNow: now, warmthAfter: then }: Levelling): string {
  const pinches = moves.reduce((sum, m) => sum + m.pinches, 0);
  const gain = then / now - 1;
  if (moves.length === 0) return 'The down lies evenly: leave it where it is.';
  if (gain < WORTH) return `Nearly even: ${pinches} pinches would move, and you would hardly feel it. Leave it.`;
  return `${pinches === 1 ? 'One pinch' : `${pinches} pinches`} in ${moves.length === 1 ? 'one move' : `${moves.length} moves`}: about ${minutesText(minutes)} of handwork, and it is ${Math.round(gain * 100)} % warmer.`;
}
/** Baffles that nothing reaches. */
export function apartText({ baffles, off }: Levelling['plan']['apart'][number]): string {
  const names = baffles.length > 4 ? `${baffles.slice(0, 3).join(', ')} and ${baffles.length - 3} more` : baffles.join(', ');
  return `${names}: ${Math.round(Math.abs(off) * 100)} % ${off > 0 ? 'more' : 'less'} down than the rest, and no open way in or out. Only an opening that is untied, or a mender, changes that.`;
}

export const LIGHT_MODEL_WORDS: Record<LightModel, string> = {
  scattered: 'scattered (I₀/I − 1)',
  swallowed: 'swallowed (−ln I/I₀)',
  fitted: 'fitted between the two',
};
export const SURE_WORDS: Record<Sureness, string> = { good: 'sure', fair: 'fairly sure', poor: 'a guess' };
const LIGHT_FAULTS: Record<Exclude<LightResult['status'], 'measured'>, string> = {
  corners: 'Those four corners cannot belong to a flat thing: set each where its number stands in the little drawing.',
  outside: 'With these corners part of it lies outside the picture: set them again, or take it from further away.',
  lamp: 'No bare light is seen around it. Add a picture of the light alone, or take it from further away.',
  nothing: 'No down is seen in it: the cloth is as bright as the light itself.',
};
/** What a picture against the light says, as one sentence. */
export function lightText(result: LightResult): string {
  if (result.status !== 'measured') return LIGHT_FAULTS[result.status];
  const off = (s: (typeof result.spread)[number]): number => s.grams - s.target;
  const least = result.spread.reduce((a, b) => (off(b) < off(a) ? b : a));
  const grams = (g: number): string => `${Math.round(g)} g`;
  if (-off(least) < Math.max(1, least.sd)) return 'The down lies evenly, as far as the light tells.';
  return `Most is missing from ${least.baffle}: ${grams(least.grams)}, even would be ${grams(least.target)}.`;
}
const CLOTH_WORDS: Record<Extract<LightResult, { status: 'measured' }>['clothFrom'], (percent: number) => string> = {
  spot: (percent) => `The cloth lets ${percent} % through, as shown.`,
  right: () => 'What the cloth takes of the light is fitted to the baffle that holds what it should.',
  seams: (percent) =>
    `The cloth is taken to let ${percent} % through, from the thinnest places along the seams; a spot of bare cloth is surer.`,
};
/** What the figures rest on, and what would make them surer. */
export function lightBasis(result: Extract<LightResult, { status: 'measured' }>): string[] {
  const said = [
    result.lamp === 'picture'
      ? 'The light is taken from its own picture.'
      : `The light is read around it, within ${Math.max(1, Math.round(result.lampOff * 100))} %; a picture of the light alone is surer.`,
    CLOTH_WORDS[result.clothFrom](Math.round(result.clothPasses * 100)),
  ];
  const lost = result.spread.filter((s) => s.dark > 0.2).map((s) => s.baffle);
  const bright = result.spread.filter((s) => s.cutOff > 0.2).map((s) => s.baffle);
  if (lost.length > 0) said.push(`Too dark to tell: ${lost.join(', ')}. Take it again with a longer exposure.`);
  if (bright.length > 0) said.push(`Washed out: ${bright.join(', ')}. Take it again with a shorter exposure.`);
  return said;
}

export const PANEL_WORDS: Record<PanelStyle, string> = {
  horizontal: 'strips across',
  vertical: 'strips lengthwise',
  box: 'boxes',
  chevron: 'chevrons',
  'foot-box': 'foot box, cut differentially',
};
export const DRUM_WORDS: Record<Drum, string> = {
  'one-way': 'one way, or nobody knows',
  'both-ways': 'both ways in turn',
  tub: 'not at all: a tub',
};
/** What a drum would do to it. */
export function migrationText({ risk, run, open }: Migration, drum: Drum): string {
  if (open === 0) return 'Every opening is shut: its fill stays where it is.';
  const along = `${run.length} baffles from ${run[0]} to ${run.at(-1)} are joined by open ways`;
  if (drum === 'tub') return `In a tub its fill stays nearly where it is, though ${along}.`;
  if (risk === 'high')
    return `${along}: ${drum === 'one-way' ? 'a drum that turns one way heaps the fill at one end' : 'even a drum that turns both ways shifts it'}. Expect an evening of handwork afterwards, or tie some off.`;
  return risk === 'some'
    ? `${along}: some of it will wander, not much.`
    : `${along}: a drum that turns both ways hardly moves it.`;
}
/** Who says that it may be tied off. */
export function tieText(maker: string | undefined): string {
  if (maker === 'forbids' || maker === 'advises-against')
    return 'The maker does not want its openings tied off. These are the ones that the down went through:';
  if (maker === 'requires' || maker === 'allows')
    return 'After the evening tie these off, as the maker says, and leave the ties on through bath and dryer:';
  return 'If its maker lets you tie openings off, these are the ones, after the evening; the ties stay on through bath and dryer:';
}
const percent = (share: number): string => `${Math.round(100 * share)} %`;
/** How it fades and what a wash gives back. @param washBelow share of new below which it is washed. */
export function fadeText({ points, fadePerYear, recovery, belowAt }: LoftRecord, washBelow: number): string {
  const last = points.at(-1);
  const said = [`It holds ${percent(last?.ratio ?? 1)} of its loft when new.`];
  if (fadePerYear !== null && fadePerYear > 0.005) said.push(`Between washes it loses ${percent(fadePerYear)} a year.`);
  else if (fadePerYear !== null) said.push('Between washes it hardly fades.');
  if (recovery !== null)
    said.push(recovery > 0 ? `A wash gave back ${percent(recovery)} on average.` : 'Its washes gave nothing back.');
  const when = belowAt(washBelow);
  if (when && last && when > last.at) {
    const { month, year } = wordsOf(new Date(when));
    said.push(`At this pace it comes to ${percent(washBelow)} in ${month} ${year}.`);
  }
  return said.join(' ');
}
/** What one care did. */
export function careText({ aims, before, after, gaveBackMm }: CareEvent): string {
  const what = aims.includes('wash') ? 'Washing' : aims.includes('repair') ? 'Mending' : 'Fluffing';
  if (before === null || after === null) return `${what}; nobody looked ${before === null ? 'shortly before' : 'shortly after'}.`;
  const mm = gaveBackMm === null ? '' : `${Math.abs(gaveBackMm).toFixed(1)} mm, `;
  return `${what} ${after >= before ? 'gave back' : 'took'} ${mm}${percent(before)} to ${percent(after)} of new.`;
}
