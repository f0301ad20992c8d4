import { capsText } from '../dose';
import { capital, listed } from '../text';
import { waterWord } from '../water';
import { zoneName } from '../zones';
import type { Kind, Soil } from '../../gear';
import type { CycleStyle, Fact, ForgottenPlace, Surface } from '../../knowledge';
import type { StepSettings } from '../../document';
import { powderG } from '../../dosing';
import { SUPPLY_WORDS } from '../names';
import { DAY_MIN } from '../../units/time';

/** What a step's sentences may speak of. */
export interface StepContext {
  readonly s: StepSettings;
  readonly has: (fact: Fact) => boolean;
  /** Places of this kind that a hand with a spray bottle leaves out. */
  readonly forgotten: readonly ForgottenPlace[];
  /** Zones of this kind that rain and rubbing reach first, by name. */
  readonly exposed: readonly string[];
  readonly kind: Kind;
  /** The grade of drops from which a finish is fine, 1 to 5. */
  readonly fineFrom: number;
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
  /** Within so much of its dry weight it counts as dry. */
  readonly dryBandG: number;
  /** The machine's own programme that is meant; its temperature where the owner wrote it down. */
  readonly cycle: { readonly name: string; readonly tempC?: number | undefined } | null;
  /** The kind of programme to look for on the dial. */
  readonly cycleStyle: CycleStyle;
  /** The machine's programmes are written down, and none of them may be. */
  readonly noCycleFits: boolean;
  readonly marks: readonly MarkSaid[];
  /** Hide that stays on: "the crest (suede)"; empty when there is none. */
  readonly heldOut: string;
}
/** A mark where it lies, with its ladder there. */
export interface MarkSaid {
  /** "Scuff", with its place in brackets. */
  readonly name: string;
  readonly soil: Soil;
  readonly surface: Surface;
  /** It has a step of its own on cloth. */
  readonly own: boolean;
  /** Each as it is said first, and when its amount stands already. */
  readonly rungs: readonly { readonly text: string; readonly again: string }[];
  /** What became of it, where no rung is left. */
  readonly left: string;
  /** Something of what is ahead has not been tried on a hidden place. */
  readonly untested: boolean;
  readonly stop: string;
  readonly never: string;
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

/** What is spoken of: one thing, or all of a stack. */
export const it = (c: StepContext): string => (c.has('several') ? 'all of them' : 'it');
/** "30 °C"; 20 °C where nothing is said. */
export const degrees = (c: StepContext): string => `${c.s.tempC ?? 20} °C`;
/** What a dial may call such a programme. */
const DIAL: Readonly<Record<CycleStyle, string>> = {
  delicate: 'the most delicate programme (delicates, wool or hand wash on the dial)',
  gentle: 'a gentle programme (gentle or synthetics on the dial)',
  normal: 'a normal programme',
  quick: 'a quick programme (half an hour or so)',
  'easy-care': 'an easy-care programme',
  'long-slow': 'a long, slow programme (outdoor or sports shoes on some dials)',
};
/** "on “Wool”, set to 20 °C": the machine's own programme, or what to look for on its dial. */
export const programmeSaid = (c: StepContext): string => {
  const water = `${degrees(c)} (${waterWord(c.s.tempC ?? 20)})`;
  if (!c.cycle) return `on ${DIAL[c.cycleStyle]}${c.noCycleFits ? ', none of those on your list,' : ''} at ${water}`;
  return `on “${c.cycle.name}” ${c.cycle.tempC === undefined || c.cycle.tempC === c.s.tempC ? `at ${water}` : `set to ${water}`}`;
};
/** "spin 600 rpm at most", "without a spin". */
export const spin = (c: StepContext): string => (c.s.spinRpm ? `spin ${c.s.spinRpm} rpm at most` : 'without a spin');
/** "30 mL (2 caps) of down cleaner", "20 mL (20 g) of oxygen booster". */
export const dose = (c: StepContext): string => {
  const { cleaner, doseMl, caps } = c.s;
  if (!cleaner) return 'nothing but water';
  if (!doseMl) return `a little ${SUPPLY_WORDS[cleaner]}`;
  const grams = powderG(cleaner, doseMl);
  const also = [grams === null ? '' : `${Math.round(grams)} g`, caps ? capsText(caps) : ''].filter(Boolean).join(', ');
  return `${doseMl} mL${also ? ` (${also})` : ''} of ${SUPPLY_WORDS[cleaner]}`;
};
/** "3 rinses", "the rinses of the programme". */
export const rinses = (c: StepContext): string =>
  c.s.rinses ? `${c.s.rinses} ${c.s.rinses === 1 ? 'rinse' : 'rinses'}` : 'the rinses of the programme';
/** The programme of a machine, its spin and its cleaner. */
export const machine = (c: StepContext): string => `${programmeSaid(c)}, ${spin(c)}, with ${dose(c)}`;
/** "soak 20 min, knead every part, and soak 20 min more": in one piece where it is too short for that. */
export const soaked = (c: StepContext): string => {
  const [first, second] = c.s.soakParts ?? [];
  return first && second
    ? `soak ${first} min, knead every part, and soak ${second} min more`
    : `knead every part${c.s.soakMin ? `, and soak ${c.s.soakMin} min` : ''}`;
};
const FORGOTTEN: Record<ForgottenPlace, string> = {
  underarm: 'under the arms',
  'hood-back': 'the back of the hood',
  'strap-lines': 'along the strap lines',
  'hem-inside': 'the inside of the hem',
  'seat-seam': 'the seam of the seat',
  'inside-legs': 'the inside of the legs',
  'seams-and-edges': 'seams and edges',
  'between-fingers': 'between the fingers',
  tongue: 'the tongue',
};
/** " By zone: hood 16 mL, shoulders 19 mL and chest 23 mL. Front and back, and not forgotten: under the arms …": for a hand that goes over it. */
export const sprayed = (c: StepContext): string => {
  const zones = c.s.spray ?? [];
  const forgotten = listed(c.forgotten.map((place) => FORGOTTEN[place]));
  const round = zones.some(({ zone }) => zone === 'back' || zone === 'seat') ? 'Front and back' : 'All round';
  if (zones.length < 2) return ` All round, and also ${forgotten}.`;
  return ` By zone: ${listed(zones.map((z) => `${zoneName(z.zone, c.kind)} ${z.ml} mL`))}. ${round}, and also ${forgotten}.`;
};
/** Where rain falls first and straps rub. */
export const exposed = (c: StepContext): string => {
  if (c.exposed.length < 2) return 'the places that rain reaches first';
  return `the ${listed(c.exposed)}`;
};
/** How a tub with an agitator or an impeller is filled; empty for a drum. */
export const topLoader = (c: StepContext): string =>
  c.has('washer:agitator') || c.has('washer:impeller')
    ? ' Let the tub fill a quarter, add the cleaner, and put things in at three quarters.'
    : '';
/** "Scuff (toe): a damp sponge, then soda paste. Stop when … Never …" for every mark that this step meets. */
export const ladders = (c: StepContext, ...on: readonly Surface[]): string => {
  return laddersOf(c.marks.filter((m) => on.includes(m.surface) && (m.surface !== 'cloth' || !m.own)));
};
/** What a hidden place has not borne yet meets no mark. */
const UNTESTED = 'What was not yet tried on a hidden place stays off them.';
/** Marks with one ladder are told together, and each rung with its amount once. */
const laddersOf = (marks: readonly MarkSaid[]): string => {
  const groups = new Map<string, MarkSaid[]>();
  for (const mark of marks) {
    const ladder = mark.rungs.map((r) => r.text).join();
    if (ladder) groups.set(ladder, [...(groups.get(ladder) ?? []), mark]);
  }
  const said = new Set<string>();
  const sentences = [...groups.values()].map((same) => {
    const rungs = (same[0]?.rungs ?? []).map(({ text, again }) => {
      const first = !said.has(again);
      said.add(again);
      return first ? text : again;
    });
    const never = [...new Set(same.map((m) => m.never).filter(Boolean))];
    return [`${capital(same.map((m) => m.name).join(', '))}: ${rungs.join(', then ')}.`, ...never].join(' ');
  });
  const left = marks.filter((m) => m.left !== '').map((m) => `${capital(m.name)}: ${m.left}.`);
  const open = [...groups.values()].flat();
  const ends = [...(open.some((m) => m.untested) ? [UNTESTED] : []), ...new Set(open.map((m) => m.stop))];
  return [...sentences, ...left, ...ends].map((s) => ` ${s}`).join('');
};
/** The same of rubber and foam; yellowing that is whitened later has a step of its own. */
export const rubberLadders = (c: StepContext): string =>
  laddersOf(
    c.marks.filter(
      (m) => (m.surface === 'rubber' || m.surface === 'foam') && !(m.soil === 'yellowing' && c.has('peroxide-work')),
    ),
  );
/** What must not get wet or meet the agent while one place is worked on. */
export const keptOut = (c: StepContext): string => (c.heldOut ? ` Hold ${c.heldOut} out of it, dry.` : '');
/** ", inside out", or nothing. */
export const inside = (c: StepContext): string => (c.s.insideOut ? ', inside out' : '');
/** " with 2 clean plain dryer balls", or nothing. */
export const balls = (c: StepContext): string =>
  c.s.aids?.length ? ` with ${c.s.count ?? 2} clean ${c.s.aids[0] === 'felt-balls' ? 'felt balls' : 'plain dryer balls'}` : '';
/** In which dryer. */
export const where = (c: StepContext): string => (c.s.dryerId ? `in ${c.dryer}` : 'in a large commercial dryer at a launderette');
/** "45 min", "about 3 h", "about 2 days". @param min minutes. */
export const hours = (min: number): string =>
  min < 90 ? `${min} min` : min < 2160 ? `about ${Math.round(min / 60)} h` : `about ${Math.round(min / DAY_MIN)} days`;

/** "wait a minute", "wait 90 s". */
export const waitText = (s: number): string => (s === 60 ? 'wait a minute' : `wait ${s} s`);

/** Where damp stays longest, by construction. */
const DAMP_PLACES: readonly (readonly [Fact, string])[] = [
  ['family:flask', 'Look into corners, valve and tube, and shake it'],
  ['cloth-like', 'Feel the hems and the middle'],
  ['kind:pack', 'Feel straps, padding and the bottom of the pockets'],
  ['kind:running-vest', 'Feel straps, mesh and pockets'],
  ['kind:pads', 'Press the foam'],
  ['kind:costume-head', 'Press the foam and feel behind the face'],
  ['mat:acrylic-pile', 'Part the pile and feel the backing'],
  ['kind:bag', 'Feel seams and corners'],
  ['shelter', 'Feel seams, hems and corners'],
  ['kind:socks', 'Feel heel and toe'],
  ['kind:gloves', 'Feel inside the fingers'],
  ['kind:hat', 'Feel the band'],
  ['kind:trousers', 'Feel waistband, pockets and hems'],
];
/** Where damp hides in such a thing. */
export const dryPlaces = (c: StepContext): string =>
  `${DAMP_PLACES.find(([fact]) => c.has(fact))?.[1] ?? 'Feel seams, cuffs and the thickest place'}.`;
export const DRY_PASS = 'Dry to the touch everywhere, no chill.';

/** Resolves a sentence for a step. */
export const say = (words: Say | undefined, context: StepContext): string =>
  typeof words === 'function' ? words(context) : (words ?? '');
