import type { ChoiceId, Choices, Happening, Rehearsal, Risk } from '../rehearse';
import { TOLD, type Debrief, type Effect, type Kept, type Mend } from '../rehearse/train';
import { minutesText } from '../units';
import { HEAT_WORDS } from '../words';

export const CHOICE_WORDS: Record<ChoiceId, string> = {
  heat: 'Heat',
  checkHeat: 'Before every round',
  balls: 'Balls',
  rounds: 'Stop',
  roundMin: 'A round lasts',
  loads: 'In the drum',
  delayMin: 'Washed, it lies wet for',
  spinRpm: 'Spin',
  rinses: 'Rinses',
  air: 'Dries in',
  hangMin: 'Taken down after',
};
const AIR_WORDS = {
  still: 'still air',
  fan: 'a fan’s air',
  radiator: 'the warm air beside a radiator',
  outdoors: 'the open air',
  sun: 'the sun',
} as const;
const LOAD_WORDS: Readonly<Record<number, string>> = { 1: 'it alone', 2: 'one more like it', 3: 'two more like it' };

/** What a choice says when it has this value. */
export function chosenText<K extends ChoiceId>(id: K, value: Choices[K]): string {
  switch (id) {
    case 'heat':
      return HEAT_WORDS[value as Choices['heat']];
    case 'checkHeat':
      return value ? 'look at the knob' : 'just press start';
    case 'balls':
      return value === 0 ? 'none' : String(value);
    case 'rounds':
      return value === 'feels'
        ? 'when it feels dry'
        : value === 'weighs'
          ? 'when it weighs dry, and one more'
          : value === 1
            ? 'after 1 round'
            : `after ${value} rounds`;
    case 'roundMin':
    case 'hangMin':
      return minutesText(value as number);
    case 'loads':
      return LOAD_WORDS[value as number] ?? String(value);
    case 'delayMin':
      return value === 0 ? 'no time at all' : minutesText(value as number);
    case 'spinRpm':
      return value === 0 ? 'none' : `${value} rpm`;
    case 'air':
      return AIR_WORDS[value as Choices['air']];
    default:
      return String(value);
  }
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const degrees = (c: number): string => `${Math.round(c)} °C`;
const grams = (g: number): string => `${Math.round(g)} g`;
const after = (minutes: number): string => (minutes < 1 ? 'at once' : `after ${minutesText(minutes)}`);

/** What would be hurt, in a sentence with its figures. */
export function riskText(risk: Risk): string {
  switch (risk.id) {
    case 'too-hot':
      return `The cloth gets too hot: up to ${degrees(risk.maxC)} where ${degrees(risk.limitC)} is the most it may, for ${minutesText(Math.max(1, risk.minutes))}, from ${minutesText(risk.atMin)} on. A wet cloth stays cool; it is as it dries that the heat goes through.`;
    case 'put-away-wet':
      return `It is put away wet: ${grams(risk.waterG)} of water where ${grams(risk.bandG)} may be left, ${percent(risk.coreG / Math.max(risk.waterG, 1e-9))} of it in the core. It feels dry outside and clumps or smells within a week.`;
    case 'clumped':
      return risk.later > risk.share + 0.02
        ? `The down clumps: ${percent(risk.share)} of it now, about ${percent(risk.later)} a week later.`
        : `The down stays clumped: about ${percent(risk.share)} of it.`;
    case 'residue':
      return `Cleaner is left: ${percent(risk.share)} of what went in, where ${percent(risk.target)} counts as clear. It glues the filling and draws water and dirt.`;
    case 'lay-wet':
      return `It lies wet for ${minutesText(risk.minutes)}: ${risk.smells ? 'long enough to smell, and ' : ''}wet fill clumps, and dye may bleed.`;
    case 'spun-hard':
      return `It is spun at ${risk.rpm} rpm where ${risk.limitRpm} is the most it may: seams, baffles and coatings take it badly.`;
  }
}
const RISK_NAMES: Record<Risk['id'], string> = {
  'too-hot': 'too hot',
  'put-away-wet': 'put away wet',
  clumped: 'clumped',
  residue: 'cleaner left',
  'lay-wet': 'lay wet',
  'spun-hard': 'spun too hard',
};

/** What happened, as one line of a story. */
export function happenedText({ id, n, heat }: Happening): string {
  const h = heat ? HEAT_WORDS[heat] : '';
  switch (id) {
    case 'wet':
      return 'It gets wet.';
    case 'wash':
      return 'Cleaner works; what was loose in the filling clumps.';
    case 'rinse':
      return `Rinse ${n}.`;
    case 'waits':
      return `It lies wet for ${minutesText(n ?? 0)}.`;
    case 'round':
      return `Round ${n} starts, heat on ${h}.`;
    case 'slipped':
      return `Nobody looks: the knob had slipped to ${h}.`;
    case 'set-back':
      return `The knob had slipped to ${h}; you set it back.`;
    case 'feels-dry':
      return 'Its outside feels dry, and it is taken out.';
    case 'weighs-dry':
      return 'It is back to its dry weight; one more round.';
    case 'hangs':
      return 'It hangs in the air.';
    case 'evened':
      return 'Hands even the filling out.';
    case 'warmed':
      return `Tumbled, heat on ${h}.`;
    case 'stored':
      return 'It is put away.';
  }
}

/** The answer of a rehearsal, before anything else. `at` turns minutes from the start into "at 17:40". */
export function outcomeText(r: Rehearsal, at: (minutes: number) => string): string {
  const away = `goes away ${at(r.endMin)}`;
  if (r.risks.length === 0)
    return r.dryAtMin === null || r.balance.startG === 0
      ? `Nothing is hurt, and it ${away}.`
      : `Dry ${after(r.dryAtMin)}, nothing is hurt, and it ${away}.`;
  const names = r.risks.map((x) => RISK_NAMES[x.id]);
  const last = names.pop() ?? '';
  return `That goes wrong: ${names.length > 0 ? `${names.join(', ')} and ${last}` : last}; it ${away}.`;
}

export const KEPT_WORDS: Record<Kept, readonly [kept: string, missed: string]> = {
  'in-time': ['In time', 'Too late'],
  dry: ['Dry to the core', 'Not dry'],
  unhurt: ['Nothing hurt', 'Something hurt'],
  even: ['The filling is loose', 'Clumped'],
};

const signed = (minutes: number): string => `${minutesText(Math.abs(minutes))} ${minutes > 0 ? 'later' : 'sooner'}`;
/** The one choice to put right first. */
export function mendText({ choice, to, left }: Mend): string {
  const rest =
    left === 0
      ? 'and nothing would have been hurt'
      : left === 1
        ? 'and one harm would be left'
        : `and ${left} harms would be left`;
  return `Put this right first: ${CHOICE_WORDS[choice].toLowerCase()} “${chosenText(choice, to)}”, ${rest}.`;
}
/** What one choice does to the plan on its own. */
export function effectText(e: Effect): string {
  const did: string[] = [];
  if (e.dryMin !== null && Math.abs(e.dryMin) >= TOLD.minutes) did.push(`dry ${signed(e.dryMin)}`);
  if (Math.abs(e.endMin) >= TOLD.minutes) did.push(`put away ${signed(e.endMin)}`);
  if (Math.abs(e.waterG) >= TOLD.waterG)
    did.push(`${grams(Math.abs(e.waterG))} ${e.waterG > 0 ? 'more' : 'less'} water put away`);
  if (Math.abs(e.clumps) >= TOLD.clumps)
    did.push(`${percent(Math.abs(e.clumps))} ${e.clumps > 0 ? 'more' : 'less'} of it clumped`);
  if (Math.abs(e.residue) >= TOLD.residue)
    did.push(`${percent(Math.abs(e.residue))} ${e.residue > 0 ? 'more' : 'less'} cleaner left`);
  if (Math.abs(e.hotMin) >= TOLD.hotMin)
    did.push(`too hot for ${minutesText(Math.abs(e.hotMin))} ${e.hotMin > 0 ? 'more' : 'less'}`);
  return `${CHOICE_WORDS[e.choice]} “${chosenText(e.choice, e.yours)}” instead of “${chosenText(e.choice, e.plans)}”: ${did.join(', ')}.`;
}

/** What the best choices would have done. `drum`: its rounds are part of it. */
export function bestText({ best, goalMin }: Debrief, drum: boolean, at: (minutes: number) => string): string {
  if (best === null) return 'Of all I tried with these machines, nothing ends unharmed.';
  const { choices, endMin } = best;
  const how = drum
    ? `heat ${HEAT_WORDS[choices.heat]}, rounds of ${minutesText(choices.roundMin)}, stop ${chosenText('rounds', choices.rounds)}`
    : `dried in ${chosenText('air', choices.air)}, taken down after ${minutesText(choices.hangMin)}`;
  return endMin <= goalMin
    ? `It can be done: put away ${at(endMin)}, dry and unharmed (${how}).`
    : `Nobody could have kept it: the soonest it goes away dry and unharmed is ${at(endMin)} (${how}). Then the right answer is to say so, or to begin earlier.`;
}
