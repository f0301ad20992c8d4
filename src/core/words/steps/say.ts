import { capital, listed } from '../text';
import { waterWord } from '../water';
import type { DropletZone } from '../../gear';
import type { Fact } from '../../knowledge';
import type { StepSettings } from '../../document';
import { SUPPLY_WORDS } from '../names';

/** What a step's sentences may speak of. */
export interface StepContext {
  readonly s: StepSettings;
  readonly has: (fact: Fact) => boolean;
  /** Zones of this kind that rain and rubbing reach first. */
  readonly exposed: readonly DropletZone[];
  readonly washer: string;
  readonly dryer: string;
  /** The machine or bath this goes into, and what stands in it. */
  readonly vessel: string;
  readonly standing: string;
  /** The user's own line, rack or flat place for this step, in brackets after a space; empty when none is recorded. */
  readonly rack: string;
  readonly attendedMin: number;
  readonly unattendedMin: number;
  readonly massG: number;
  readonly cycleName: string | null;
  readonly marks: readonly { readonly name: string; readonly rungs: readonly string[]; readonly never: string }[];
}
type Say = string | ((c: StepContext) => string);
export interface StepWords {
  /** A few words, verb first. */
  readonly title: Say;
  /** Complete sentences: all a person needs. */
  readonly text: Say;
  readonly look?: Say;
  readonly pass?: Say;
}

export const degrees = (c: StepContext): string => `${c.s.tempC ?? 20} °C`;
export const gently: Record<string, string> = {
  normal: 'on a normal programme',
  mild: 'on a gentle programme',
  'very-mild': 'on the most delicate programme',
  hand: 'by hand',
};
export const spin = (c: StepContext): string => (c.s.spinRpm ? `spin ${c.s.spinRpm} rpm at most` : 'without a spin');
export const dose = (c: StepContext): string =>
  c.s.cleaner ? `${c.s.doseMl ? `${c.s.doseMl} mL of ` : 'a little '}${SUPPLY_WORDS[c.s.cleaner]}` : 'nothing but water';
export const rinses = (c: StepContext): string =>
  c.s.rinses ? `${c.s.rinses} ${c.s.rinses === 1 ? 'rinse' : 'rinses'}` : 'its own rinses';
/** How the shoe programme is called, by the school chosen. */
const SHOE_CYCLES = {
  gentle: 'on a gentle programme',
  quick: 'on a quick programme',
  'long-slow': 'on a long, slow programme',
  'permanent-press': 'on an easy-care programme',
} as const;
export const shoeCycle = (c: StepContext): string => {
  const chosen = (Object.keys(SHOE_CYCLES) as (keyof typeof SHOE_CYCLES)[]).find((id) => c.has(`school:SHOE-CYCLE=${id}`));
  if (chosen) return SHOE_CYCLES[chosen];
  return c.has('kind:studded-boot') ? SHOE_CYCLES.quick : c.has('family:trainer') ? SHOE_CYCLES['long-slow'] : SHOE_CYCLES.gentle;
};
export const machine = (c: StepContext): string =>
  `${gently[c.s.action ?? 'mild'] ?? 'gently'} at ${degrees(c)} (${waterWord(c.s.tempC ?? 20)}), ${spin(c)}, with ${dose(c)}`;
/** "soak 20 min, knead every part, and soak 20 min more": in one piece where it is too short for that. */
export const soaked = (c: StepContext): string => {
  const [first, second] = c.s.soakParts ?? [];
  return first && second
    ? `soak ${first} min, knead every part, and soak ${second} min more`
    : `knead every part${c.s.soakMin ? `, and soak ${c.s.soakMin} min` : ''}`;
};
/** Where rain falls first and straps rub. */
export const exposed = (c: StepContext): string => {
  if (c.exposed.includes('body')) return c.has('shoe-like') ? 'toe and seams' : 'the places that rain reaches first';
  return listed(c.exposed);
};
export const topLoader = (c: StepContext): string =>
  c.has('washer:agitator') || c.has('washer:impeller')
    ? ' Let the tub fill a quarter, add the cleaner, and put things in at three quarters.'
    : '';
/** "Scuff: a damp sponge, then soda paste. Never acetone on patent." for every mark. */
export const ladders = (c: StepContext): string =>
  c.marks.map((m) => ` ${capital(m.name)}: ${m.rungs.join(', then ')}. ${m.never}`).join('');
export const inside = (c: StepContext): string => (c.s.insideOut ? ', inside out' : '');
export const balls = (c: StepContext): string =>
  c.s.aids?.length ? ` with ${c.s.count ?? 2} clean ${c.s.aids[0] === 'felt-balls' ? 'felt balls' : 'plain dryer balls'}` : '';
export const where = (c: StepContext): string => (c.s.dryerId ? `in ${c.dryer}` : 'in a large commercial dryer at a launderette');
export const hours = (min: number): string =>
  min < 90 ? `${min} min` : min < 2160 ? `about ${Math.round(min / 60)} h` : `about ${Math.round(min / 1440)} days`;

export const dryLook = { look: 'Feel seams, cuffs and the thickest place.', pass: 'Dry to the touch everywhere, no chill.' };

/** Resolves a sentence for a step. */
export const say = (words: Say | undefined, context: StepContext): string =>
  typeof words === 'function' ? words(context) : (words ?? '');
