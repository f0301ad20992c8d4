import { hourAsWritten, weekdayAsWritten } from '../units/day';
import type { Action, SupplyClass } from '../gear';
import { SUN_HOURS, type ApartRule, type CushionRule } from '../knowledge';
import { minutesText } from '../units';
import { SUPPLY_WORDS } from '../words';
import { counted, listed, uncapital } from '../words/text';
import { DAY_MIN } from '../units/time';

/** Why two things do not share a drum. @param both their names. */
export const APART_WORDS: Readonly<Record<ApartRule, (both: string) => string>> = {
  'large-filled-alone': (both) => `${both}: a filled bag, a quilt and anything large and filled is washed alone.`,
  'down-two': (both) => `${both}: down is washed two garments at most at a time, and with nothing else.`,
  'waterproof-two': (both) => `${both}: two waterproof things at most go into one drum.`,
  'waterproof-no-dirt': (both) => `${both}: something so dirty would grind its grit into the waterproof one.`,
  'jersey-alone': (both) => `${both}: a printed jersey goes alone; what rubs against it takes the print off.`,
  'studs-with-towels': (both) => `${both}: studded boots go in three pairs at most, with towels and no clothing.`,
  'shoes-two': (both) => `${both}: shoes go in two pairs at most, with towels as a cushion and nothing else.`,
  'white-shoes-whites': (both) => `${both}: white shoes are washed with whites only.`,
  'microfibre-only': (both) => `${both}: microfibre is washed with microfibre only; it picks up the lint of everything else.`,
  'jobs-apart': (both) => `${both}: cloths of different jobs are washed apart unless they are hardly soiled.`,
  'greasy-apart': (both) => `${both}: wax and grease would go from one cloth to the other.`,
  'bleeds-with-like': (both) => `${both}: a colour that runs is washed only with its like.`,
  'vivid-untested': (both) => `${both}: nobody has tested whether the bright one runs, and the other is paler.`,
  'pale-and-dark': (both) => `${both}: pale things turn grey among dark ones.`,
  'white-and-light': (both) => `${both}: white stays white only among whites.`,
  'scent-own': (both) => `${both}: what must not smell is washed with its own kind only.`,
  'dirty-apart': (both) => `${both}: one is far dirtier than the other and would soil it.`,
  'lint-apart': (both) => `${both}: the cotton sheds lint and holds softener; both spoil the other.`,
  'costume-alone': (both) => `${both}: a costume body is washed alone, with its small parts.`,
  cleaner: (both) => `${both}: no cleaner suits both.`,
  'second-cleaner': (both) => `${both}: one would have to do with a cleaner that is not its best.`,
  drum: (both) => `${both}: together they are too heavy for the drum, or leave no palm of room in it.`,
  dryer: (both) => `${both}: both must be dried at once, and the dryer does not take both.`,
  'no-machine': (both) => `${both}: no one machine may wash both.`,
  wished: (both) => `${both}: kept apart because you asked for it.`,
  'sooner-apart': (both) => `${both}: they could share a drum; this day is no worse with each where it is.`,
};
/** What a soft rule is for: the risk of passing it. */
export const SOFT_RISKS: Readonly<Partial<Record<ApartRule, string>>> = {
  'jersey-alone': 'The print may be rubbed off.',
  'vivid-untested':
    'The bright colour may run into the paler thing. Test it first: a wet white cloth, pressed on a hidden place.',
  'pale-and-dark': 'The pale thing may turn grey.',
  'white-and-light': 'The white may take on a tint.',
  'lint-apart': 'Lint sticks to it, and softener from the cotton spoils what sheds or wicks water.',
  'second-cleaner': 'It comes out clean, though less fresh or with more residue than with its own cleaner.',
  'dirty-apart': 'Dirt may settle on the cleaner thing.',
};

export const GENTLE_WORDS: Readonly<Record<Action, string>> = {
  normal: 'a normal programme',
  mild: 'a gentle programme',
  'very-mild': 'a very gentle programme',
  hand: 'a hand programme',
  surface: 'a damp cloth',
  none: 'no water',
};
const CUSHION_WORDS: Readonly<Record<CushionRule['what'], readonly [string, string]>> = {
  towel: ['towel', 'towels'],
  'white-cotton': ['piece of white cotton', 'pieces of white cotton'],
};
/** "two towels and one sheet". */
export const cushionText = (ballast: readonly { readonly what: CushionRule['what']; readonly count: number }[]): string =>
  listed(ballast.map(({ what, count }) => `${count} ${CUSHION_WORDS[what][count === 1 ? 0 : 1]}`));

/** Hours of hands: "1 h 52", and beyond a day still in hours. */
export const hoursText = (minutes: number): string =>
  minutes < DAY_MIN ? minutesText(minutes) : `${Math.round(minutes / 60)} h`;
const many = (n: number, one: string, more: string): string => `${counted(n)} ${n === 1 ? one : more}`;
const times = (n: number): string => (n === 1 ? 'once' : n === 2 ? 'twice' : `${counted(n).toLowerCase()} times`);

/** "Sunday at 11:40", in the offset that the instant is written in. */
export const momentText = (instant: string): string => `${weekdayAsWritten(instant)} at ${hourAsWritten(instant)}`;

/** What a day comes to, as a person would say it. */
export function dayVerdict(day: {
  readonly things: number;
  readonly loads: number;
  readonly visits: number;
  readonly handsMin: number;
  readonly finish: string;
  /** How many there are to do it. */
  readonly people: number;
}): string {
  const { things, loads, visits, handsMin, finish, people } = day;
  const who = people > 1 ? 'somebody is' : 'you are';
  const work =
    loads === 0
      ? many(things, 'thing', 'things')
      : `${many(things, 'thing', 'things')}, ${many(loads, 'load', 'loads').toLowerCase()}`;
  return `${work}: ${who} needed ${times(visits)}, for ${hoursText(handsMin)} in all; the last is done on ${momentText(finish)}.`;
}
/** The same where it does not fit. */
export const lateVerdict = (until: string, finish: string | null): string =>
  finish === null
    ? 'There are not enough hours for all of it, however late it may end.'
    : `It does not fit until ${momentText(until)}; the earliest end of all of it is on ${momentText(finish)}.`;

/** What is put in and set for a load. */
export function loadText(load: {
  readonly names: readonly string[];
  readonly machine: string;
  readonly tempC?: number;
  readonly action?: Action;
  readonly spinRpm?: number;
  readonly rinses?: number;
  readonly cleaner?: SupplyClass;
  readonly doseMl?: number;
  readonly cycle?: string;
  readonly cushion: string;
}): string {
  const { tempC, action, spinRpm, rinses, cleaner, doseMl, cycle } = load;
  const set = [
    cycle ? `on “${cycle}”` : action ? `on ${GENTLE_WORDS[action]}` : '',
    tempC === undefined ? '' : `at ${tempC} °C`,
    spinRpm === undefined ? '' : spinRpm > 0 ? `spinning at ${spinRpm} rpm at most` : 'without spinning',
    rinses === undefined ? '' : `with ${rinses} ${rinses === 1 ? 'rinse' : 'rinses'} in all`,
  ].filter(Boolean);
  const poured = cleaner ? `${doseMl === undefined ? '' : `${doseMl} mL of `}${SUPPLY_WORDS[cleaner]}` : 'no cleaner';
  const cushion = load.cushion ? ` Put ${load.cushion} in with ${load.names.length > 1 ? 'them' : 'it'} as a cushion.` : '';
  return `Wash ${listed(load.names)} in ${load.machine} ${set.join(', ')}; ${poured}.${cushion}`;
}
/** The name of a wash that is done to several things at once. */
export const WASH_TOGETHER = 'Wash them together';
/** The same when only one of them is left in the drum. */
export const WASH_ALONE = 'Wash it';
/** The short name of hand work on one thing. */
export const handText = (name: string, titles: readonly string[]): string =>
  `${name}: ${listed(titles.map((t) => uncapital(t).replace(/\?$/, '')))}.`;

/** What binds a day that does not fit. */
export const BINDS = {
  chain: (name: string, finish: string): string =>
    `${name} alone, begun at once and never kept waiting, is done on ${momentText(finish)} at the earliest.`,
  hands: (needed: string, there: string): string =>
    `The work of hands alone takes ${needed} at least; until then somebody is there for ${there}.`,
  room: (): string => 'Each thing alone would fit. Together they do not: no order that was tried gets all of them through.',
  never: (name: string): string => `${name}: the hours that somebody is there never leave room for one of its steps.`,
} as const;
export const REMEDIES = {
  until: (finish: string): string => `Allow until ${momentText(finish)}.`,
  from: (from: string): string => `Begin on ${momentText(from)}.`,
  hands: (): string => 'Have somebody there the whole time.',
  second: (): string => 'Have a second pair of hands.',
  less: (name: string): string => `Leave out ${name}.`,
  loud: (): string => 'Let the machines run in the quiet hours.',
  dryer: (): string => 'Use a launderette’s dryer as well.',
  fan: (): string => 'Set a fan by what hangs.',
} as const;
/** What is at hand for the day only. */
export const HIRED_WORDS = {
  dryer: { name: 'Launderette dryer', offer: 'A launderette’s dryer is at hand' },
  fan: { name: 'Fan', offer: 'A fan stands by what hangs' },
} as const;
export const LEFT_OUT = {
  nothing: (name: string): string => `${name} needs nothing now.`,
  unplanned: (name: string): string => `${name} could not be planned; the page of that thing says what to do.`,
  refer: (name: string): string => `${name} goes to a specialist; there is nothing to schedule here.`,
  launderette: (name: string): string =>
    `${name} can only be dried in a large dryer elsewhere; it is planned by itself, unless one is at hand.`,
} as const;
const oClock = (hour: number): string => `${String(hour).padStart(2, '0')}:00`;
export const DAY_ASSUMPTIONS = {
  hands: 'Nobody’s hours were given: one person is taken to be there all the time.',
  grid: 'Every piece of work is taken in whole steps of five minutes.',
  metres: 'Lines and racks whose length is not known are taken to have room for all.',
  sun: `What works by the sun is put between ${oClock(SUN_HOURS.from)} and ${oClock(SUN_HOURS.to)}; look whether it shines.`,
} as const;
