import { SOIL_GRADE_WORDS } from '../words';
import type { ColourChange } from '../colour';
import { isEntry, latestInspection, lookedAt, type CareEntry, type Inspection, type Item, type Kit } from '../gear';
import { DAMAGE_WORDS, KIND_WORDS, madeOf, PART_WORDS, SOIL_WORDS, thingName, WEAR_WORDS } from '../words';
import { capital, howMany, listed, mdText, uncapital } from '../words/text';
import { dayOf } from '../units/day';
import { moneyText } from '../units/money';
import { changeText } from './colour';
import { didText } from './run';
import { treatedText } from './surfaces';

/** What a buyer is told. Nothing in it is claimed that no look has seen. */
export interface SaleSheet {
  readonly title: string;
  /** What is asked for it; null = nothing is written down. */
  readonly price: string | null;
  readonly about: readonly string[];
  readonly done: readonly { readonly on: string; readonly text: string }[];
  readonly measured: readonly string[];
  /** How it looked, as of a day, and what is still there. */
  readonly seen: readonly string[];
  readonly flaws: readonly string[];
  /** What nobody has looked at, or not since. */
  readonly unseen: readonly string[];
}
const SMELLS = ['no smell', 'a faint smell', 'a clear smell', 'a strong smell'] as const;
const SOILS = ['clean', 'clean but for a few marks', ...SOIL_GRADE_WORDS.slice(2)] as const;
const times = (n: number): string => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);
/** Lines of the record that a sheet holds at most. */
const MOST_CARES = 8;

function flawsOf(seen: Inspection): string[] {
  const stains = (seen.stains ?? []).map(({ soil, place, part, set }) => {
    const where = [part ? uncapital(PART_WORDS[part]) : '', place ?? ''].filter(Boolean).join(', ');
    return `${capital(SOIL_WORDS[soil])}${where ? ` (${where})` : ''}${set ? ', set in' : ''}.`;
  });
  const damage = (seen.damage ?? []).map(
    ({ kind, place, cosmetic }) =>
      `${capital(DAMAGE_WORDS[kind])}${place ? ` (${place})` : ''}${cosmetic ? ', only to be seen' : ''}.`,
  );
  const wear = (seen.wear ?? []).map((w) => `${capital(WEAR_WORDS[w])}.`);
  const more = [
    seen.discoloured ? ['Discoloured.'] : [],
    seen.clumped ? ['Its filling lies in clumps.'] : [],
    (seen.odour ?? 0) > 0 ? [`${capital(SMELLS[seen.odour ?? 0] ?? '')}.`] : [],
  ];
  return [...stains, ...damage, ...wear, ...more.flat()];
}
/** What the last look did not see, and what has happened since. */
function unseenOf(item: Item, seen: Inspection | null, kit: Pick<Kit, 'log'>): string[] {
  if (!seen) return ['Nobody has looked it over yet: nothing is said of its condition.'];
  const missed = [
    seen.stains === undefined ? 'marks' : '',
    seen.damage === undefined ? 'damage' : '',
    seen.odour === undefined ? 'smell' : '',
  ].filter(Boolean);
  const uses = (kit.log ?? []).filter(
    (e) => e.type === 'use' && e.itemId === item.id && Date.parse(e.at) > Date.parse(lookedAt(seen)),
  ).length;
  return [
    ...(missed.length > 0 ? [`Nobody looked for ${listed(missed)}.`] : []),
    ...(uses > 0 ? [`Used ${times(uses)} since it was looked over.`] : []),
  ];
}

/** Cares and rungs that took something off, newest first. */
function doneOf(
  cares: readonly CareEntry[],
  item: Item,
  { log = [] }: Pick<Kit, 'log'>,
): { readonly at: string; readonly text: string }[] {
  const rungs = log
    .filter(isEntry('treatment'))
    .filter((e) => e.itemId === item.id && (e.result === 'gone' || e.result === 'paler'))
    .map((e) => ({ at: e.at, text: `${treatedText(e)}.` }));
  const all = [...cares.map((e) => ({ at: e.at, text: `${capital(didText(e))}.` })), ...rungs];
  return all.sort((a, b) => Date.parse(b.at) - Date.parse(a.at)).slice(0, MOST_CARES);
}

/**
 * What can honestly be said of a thing that is for sale.
 * @param colours changes of its places that its pictures show. @param dayText how a day is written.
 */
export function saleSheet(
  kit: Pick<Kit, 'log' | 'inspections' | 'preferences'>,
  item: Item,
  colours: readonly { readonly name: string; readonly change: ColourChange }[],
  dayText: (day: string) => string,
): SaleSheet {
  const seen = latestInspection(kit.inspections, item.id);
  const cares = (kit.log ?? [])
    .filter(isEntry('care'))
    .filter((e): e is CareEntry => e.itemId === item.id && !didText(e).startsWith('begun'))
    .sort((a, b) => (a.at < b.at ? 1 : -1));
  const uses = (kit.log ?? []).filter((e) => e.type === 'use' && e.itemId === item.id).length;
  const layers = item.components.map((c) => `${uncapital(PART_WORDS[c.part])} of ${madeOf(c)}`);
  const { listed: offer } = item.worth ?? {};
  const flaws = seen ? flawsOf(seen) : [];
  const looked = seen !== null && seen.stains !== undefined && seen.damage !== undefined;
  return {
    title: thingName(item),
    price: offer ? moneyText(offer.amount, item.price?.currency ?? kit.preferences?.currency ?? 'EUR') : null,
    about: [
      `${capital(KIND_WORDS[item.kind])}${item.count && item.count > 1 ? `, ${item.count} of them` : ''}: ${listed(layers)}.`,
      ...(item.massG === undefined ? [] : [`Weighs ${item.massG} g dry.`]),
      ...(item.boughtOn === undefined ? [] : [`Bought ${dayText(item.boughtOn)}.`]),
      ...(uses > 0 ? [`Used ${times(uses)} that are written down.`] : []),
    ],
    done: doneOf(cares, item, kit).map(({ at, text }) => ({ on: dayText(dayOf(at)), text })),
    measured: [
      ...colours
        .filter(({ change }) => change.yellower.low > 0 || change.yellower.high < 0)
        .map(({ name, change }) => `${changeText(name, change)} Grey scale ${change.grade} (ISO 105-A02, from photographs).`),
      ...(seen?.loftRatio === undefined ? [] : [`Loft ${Math.round(100 * seen.loftRatio)} % of new.`]),
      ...(seen?.droplet === undefined ? [] : [dropsText(seen.droplet)]),
    ],
    seen:
      seen?.soil === undefined
        ? []
        : [
            `Looked over ${dayText(dayOf(seen.asOf?.soil ?? seen.at))}: ${SOILS[seen.soil] ?? ''}${flaws.length === 0 && looked ? ', nothing found' : ''}.`,
          ],
    flaws,
    unseen: unseenOf(item, seen, kit),
  };
}
/** Drops, 0 to 5, from the worst zone to the best. */
function dropsText(droplet: NonNullable<Inspection['droplet']>): string {
  const grades = Object.values(droplet).filter((g) => g !== undefined);
  const [least, most] = [Math.min(...grades), Math.max(...grades)];
  return `Drops on ${howMany(grades.length, 'zone')}: ${least === most ? least : `${least} to ${most}`} of 5.`;
}

/** The same as Markdown. @param pictures files that lie beside it, with what stands under each. */
export function saleMarkdown(sheet: SaleSheet, pictures: readonly { readonly file: string; readonly caption: string }[]): string {
  const part = (title: string, lines: readonly string[]): string[] =>
    lines.length === 0 ? [] : ['', `## ${title}`, '', ...lines.map((line) => `- ${mdText(line)}`)];
  const lines = [
    `# ${mdText(sheet.title)}`,
    ...(sheet.price === null ? [] : ['', `**${mdText(sheet.price)}**`]),
    ...pictures.flatMap(({ file, caption }) => ['', `![${mdText(caption)}](${file})`]),
    ...part('What it is', sheet.about),
    ...part('How it is', [...sheet.seen, ...sheet.measured]),
    ...part('What is still there', sheet.flaws),
    ...part(
      'What was done',
      sheet.done.map(({ on, text }) => `${on}: ${text}`),
    ),
    ...part('Not looked at', sheet.unseen),
  ];
  return `${lines.join('\n')}\n`;
}
