/**
 * The handbook: every record of the knowledge as an entry with its basis, and which entries a programme rests on. It renders the records the
 * engine reads, so it can never say something else. Refuses: knowledge of its own.
 */
import { capital, listed, restText } from '../words/text';
import { SUPPLY_CLASSES, type Kind } from '../gear';
import type {
  Basis,
  BasisKind,
  Dimension,
  Figure,
  Knowledge,
  LadderRung,
  MaterialRow,
  RungId,
  RungRecord,
  Surface,
  Tool,
} from '../knowledge';
import { cautionsAt, exposedZones, KNOWLEDGE, LABEL_RULES, MAKER_RULES, RUNGS, SURFACES, toolFor } from '../knowledge';
import { DIMENSIONS } from '../envelope';
import type { Words } from '../words';
import {
  AGENT_WORDS,
  AIM_WORDS,
  assessText,
  usualGaps,
  DIMENSION_WORDS,
  FABRIC_WORDS,
  KIND_WORDS,
  LABEL_WORDS,
  limitText,
  MATERIAL_WORDS,
  NATURE_WORDS,
  PART_WORDS,
  SURFACE_WORDS,
  WORDS,
} from '../words';
import { FIGURES, type FigureId } from '../knowledge/all-figures';
import { AGENT_ABOUT } from '../words/agents';
import { FIGURE_WORDS } from '../words/figures';
import { END_WORDS, RUNG_NAMES, STROKE_WORDS, TOOL_WORDS } from '../words/marks';

export { entriesUsedBy } from './used';
export { entryIdOf } from './ids';

export const SECTIONS = [
  { id: 'seen', name: 'What is seen', about: 'From what you see to the least that is needed.' },
  { id: 'material', name: 'Materials', about: 'What each layer can stand. A hard limit is passed by nothing.' },
  { id: 'school', name: 'Schools', about: 'Where practice disagrees: what each way gains and risks.' },
  { id: 'stain', name: 'Marks', about: 'What a mark is, what meets it, mildest first, and what never touches it.' },
  { id: 'rung', name: 'Rungs', about: 'One way of meeting a mark: with what, how, on which surfaces, and when one stops.' },
  {
    id: 'agent',
    name: 'Products',
    about: 'What each product is for, which rungs take it, where it may go, and what it never meets.',
  },
  {
    id: 'caution',
    name: 'Cautions',
    about: 'They stand at the step where they bite. Local rules and the product’s own label come first.',
  },
  { id: 'never', name: 'Never together', about: 'What must not meet in one bath, nor follow without a rinse between.' },
  { id: 'refusal', name: 'Refused', about: 'What stays in the cupboard, and why.' },
  { id: 'label', name: 'Label and maker', about: 'What the words on a care label and a maker’s note limit.' },
  { id: 'reason', name: 'Reasons', about: 'Why a step is done so.' },
  { id: 'figure', name: 'Figures', about: 'Numbers of the models that no standard gives, and how far each may be off.' },
] as const;
export type SectionId = (typeof SECTIONS)[number]['id'];

export interface HandbookRow {
  readonly name: string;
  readonly value: string;
  readonly hard: boolean;
  readonly basis: BasisKind;
  readonly source?: string | undefined;
}
export interface HandbookOption {
  readonly id: string;
  readonly name: string;
  readonly ours: boolean;
  readonly gains: string;
  readonly risks: string;
  /** What makes it impossible. */
  readonly refused: readonly string[];
}
export interface HandbookEntry extends Basis {
  /** "section/record". */
  readonly id: string;
  readonly section: SectionId;
  readonly title: string;
  readonly text: string;
  readonly rows?: readonly HandbookRow[];
  readonly options?: readonly HandbookOption[];
  /** Numbered, mildest first. */
  readonly ladder?: readonly string[];
}

const sentence = (text: string): string => `${capital(text)}${/[.?!]$/.test(text) ? '' : '.'}`;
const titleOf = (id: string): string => capital(id.replace(/-/g, ' '));
const list = (names: readonly string[]): string => listed(names, 'or');
const basisOf = ({ basis, source }: Basis): Basis => ({ basis, ...(source === undefined ? {} : { source }) });

function materialEntry(row: MaterialRow): HandbookEntry {
  const where = [
    ...(row.parts ? [`as ${list(row.parts.map((p) => PART_WORDS[p].toLowerCase()))}`] : []),
    ...(row.bonded ? ['bonded'] : []),
    ...(row.colours ? [list(row.colours)] : []),
    ...(row.kinds ? [`in ${list(row.kinds.map((k: Kind) => KIND_WORDS[k]))}`] : []),
  ];
  const memory: Basis = { basis: 'memory' };
  return {
    id: `material/${row.id}`,
    section: 'material',
    title: capital([row.fabric ? FABRIC_WORDS[row.fabric] : MATERIAL_WORDS[row.material], ...where].join(', ')),
    text: row.labelRaises
      ? `An explicit label may raise: ${Object.entries(row.labelRaises)
          .map(([d, value]) => `${DIMENSION_WORDS[d as Dimension].toLowerCase()} (${limitText(d as Dimension, value)})`)
          .join(', ')}.`
      : '',
    basis: 'memory',
    rows: DIMENSIONS.flatMap((dimension): HandbookRow[] => {
      const value = row.limits[dimension];
      if (value === undefined || value === null) return [];
      const basis = row.basis?.[dimension] ?? memory;
      return [
        {
          name: DIMENSION_WORDS[dimension],
          value: `${limitText(dimension, value)}${row.partScope?.includes(dimension) ? ' (on this part only)' : ''}`,
          hard: row.hard?.includes(dimension) ?? false,
          ...basisOf(basis),
        },
      ];
    }),
  };
}

function schoolEntries(knowledge: Knowledge, words: Words): HandbookEntry[] {
  return knowledge.schools.map((school) => ({
    id: `school/${school.id}`,
    section: 'school',
    title: words.questions[school.id] ?? school.id,
    text: '',
    basis: 'practice',
    options: school.options.map((option) => {
      const said = words.options[`${school.id}=${option.id}`];
      return {
        id: option.id,
        name: said?.name ?? option.id,
        ours: option.id === school.fallback,
        gains: said?.gains ?? '',
        risks: said?.risks ?? '',
        refused: [...new Set((option.refused ?? []).map((r) => words.rules[r.rule] ?? words.blocks[r.rule] ?? r.rule))],
      };
    }),
  }));
}

const valueText = (value: unknown): string =>
  typeof value === 'number'
    ? String(value)
    : Array.isArray(value)
      ? value.map((v: unknown) => (Array.isArray(v) ? v.join(': ') : String(v))).join(', ')
      : Object.entries(value as Record<string, number | readonly number[]>)
          .map(([key, v]) => `${key.replace(/-/g, ' ')} ${Array.isArray(v) ? v.join(' to ') : v}`)
          .join(', ');
function figureEntries(): HandbookEntry[] {
  return (Object.entries(FIGURES) as [string, Figure][]).map(([id, { value, unit, least, most, basis }]) => ({
    id: `figure/${id}`,
    section: 'figure',
    title: FIGURE_WORDS[id as FigureId] ?? titleOf(id),
    text: `${capital(valueText(value))}${unit === '1' ? '' : ` (${unit})`}. Anything from ${least} to ${most} would be reasonable.`,
    basis,
  }));
}

function makerEntries(): HandbookEntry[] {
  return MAKER_RULES.map(({ about, says, limits, hard }) => ({
    id: `label/maker-${says}-${about}`,
    section: 'label',
    title: `The maker ${says.replace(/-/g, ' ')} ${about === 'wash' ? 'washing' : about.replace(/-/g, ' ')}`,
    text: `Then: ${Object.entries(limits)
      .map(([d, value]) => limitText(d as Dimension, value))
      .join(', ')}. ${hard ? 'Nothing passes it.' : 'A label or a school knowingly chosen may pass it.'}`,
    basis: 'maker',
  }));
}

/** A rung with its rest, as a sentence. */
const rungSentence = (words: Words, { rung, restMin }: LadderRung, on: Surface): string =>
  `${sentence(words.rung(rung, on))}${restMin === undefined ? '' : ` Leave it ${restText(restMin)}.`}`;

const practice: Basis = { basis: 'practice' };
const rowsOf = (rows: readonly (readonly [string, string])[]): HandbookRow[] =>
  rows.filter(([, value]) => value !== '').map(([name, value]) => ({ name, value: capital(value), hard: false, ...practice }));
function rungEntries(words: Words): HandbookEntry[] {
  return (Object.keys(RUNGS) as RungId[]).map((id) => {
    const record: RungRecord = RUNGS[id];
    const on = SURFACES.filter((surface) => !record.on || record.on.includes(surface));
    const tools = new Map(on.map((surface) => [surface, toolFor(id, surface)]));
    const usual = record.tool ?? null;
    const other = on.filter((surface) => tools.get(surface) !== usual);
    return {
      id: `rung/${id}`,
      section: 'rung',
      title: capital(RUNG_NAMES[id]),
      text: sentence(words.rung(id, on[0] ?? 'cloth')),
      rows: rowsOf([
        ['On', listed(on.map((surface) => SURFACE_WORDS[surface]))],
        ['Tool', usual ? TOOL_WORDS[usual] : ''],
        ...other.map((surface): [string, string] => [`Tool on ${SURFACE_WORDS[surface]}`, toolText(tools.get(surface))]),
        ['Strokes', record.strokes ? STROKE_WORDS[record.strokes] : ''],
        ['Its end', record.end ? END_WORDS[record.end] : ''],
        ['Hidden place first', HIDDEN_WORDS[record.test ?? (record.agent === null && id !== 'warmer' ? 'never' : 'dyed')]],
        ['Stop', [...new Set(on.map((surface) => words.stops[surface]))].join(' ')],
        [
          'Mind',
          cautionsAt(id, null)
            .map((caution) => words.cautions[caution] ?? '')
            .join(' '),
        ],
      ]),
      ...basisOf(record),
    };
  });
}
const toolText = (tool: Tool | null | undefined): string => (tool ? TOOL_WORDS[tool] : '');
const HIDDEN_WORDS = {
  always: 'always',
  never: 'it leaves no moisture and no colour behind',
  dyed: 'on hide always, on cloth while its dye is not proved',
} as const;
function agentEntries(knowledge: Knowledge): HandbookEntry[] {
  return SUPPLY_CLASSES.map((agent) => {
    const rungs = (Object.keys(RUNGS) as RungId[]).filter((id) => RUNGS[id].agent === agent);
    const on = SURFACES.filter((surface) => rungs.some((id) => mayTouch(id, surface)));
    const apart = knowledge.neverTogether.flatMap(({ one, other }) =>
      one.includes(agent) ? other : other.includes(agent) ? one : [],
    );
    return {
      id: `agent/${agent}`,
      section: 'agent',
      title: capital(AGENT_WORDS[agent]),
      text: AGENT_ABOUT[agent],
      rows: rowsOf([
        ['Rungs', listed(rungs.map((id) => RUNG_NAMES[id]))],
        ['On', listed(on.map((surface) => SURFACE_WORDS[surface]))],
        ['Never with', listed([...new Set(apart.map((a) => AGENT_WORDS[a]))])],
      ]),
      ...practice,
    };
  });
}
const mayTouch = (id: RungId, surface: Surface): boolean => {
  const { on }: RungRecord = RUNGS[id];
  return !on || on.includes(surface);
};

/** Every record as an entry, section by section, each section in the order of its records. */
export function handbook(knowledge: Knowledge = KNOWLEDGE, words: Words = WORDS): HandbookEntry[] {
  const usual = usualGaps(knowledge.thresholds, exposedZones('jacket', knowledge));
  return [
    ...knowledge.assess.map((rule): HandbookEntry => {
      const said = words.assess[rule.id];
      return {
        id: `seen/${rule.id}`,
        section: 'seen',
        title: capital(said ? assessText(said.because, usual) : titleOf(rule.id)),
        text: [
          rule.aim === 'none' ? 'Nothing is needed for it.' : sentence(`then ${AIM_WORDS[rule.aim]}`),
          ...(said?.reverse ? [assessText(said.reverse, usual)] : []),
        ].join(' '),
        ...basisOf(rule),
      };
    }),
    ...knowledge.materials.map(materialEntry),
    ...schoolEntries(knowledge, words),
    ...knowledge.stains.map((stain): HandbookEntry => ({
      id: `stain/${stain.id}`,
      section: 'stain',
      title: capital(words.soils[stain.id] ?? stain.id),
      text: `It is ${NATURE_WORDS[stain.nature]}. ${words.never[stain.id] ?? ''}`,
      ladder: [
        ...stain.ladder.map((rung) => rungSentence(words, rung, 'cloth')),
        ...SURFACES.flatMap((surface) =>
          (stain.at?.[surface] ?? []).map((rung) => `On ${SURFACE_WORDS[surface]}: ${rungSentence(words, rung, surface)}`),
        ),
      ],
      ...basisOf(stain),
    })),
    ...rungEntries(words),
    ...agentEntries(knowledge),
    ...knowledge.cautions.map((caution): HandbookEntry => ({
      id: `caution/${caution.id}`,
      section: 'caution',
      title: titleOf(caution.id),
      text: words.cautions[caution.id] ?? '',
      ...basisOf(caution),
    })),
    ...knowledge.neverTogether.map((pair): HandbookEntry => ({
      id: `never/${pair.id}`,
      section: 'never',
      title: `${capital(list(pair.one.map((c) => AGENT_WORDS[c])))} with ${list(pair.other.map((c) => AGENT_WORDS[c]))}`,
      text: words.rules[pair.id] ?? '',
      ...basisOf(pair),
    })),
    ...knowledge.blocks.map((block): HandbookEntry => ({
      id: `refusal/${block.id}`,
      section: 'refusal',
      title: titleOf(block.id),
      text: words.blocks[block.id] ?? '',
      ...basisOf(block),
    })),
    ...Object.values(LABEL_RULES).map((rule): HandbookEntry => ({
      id: `label/${rule.id}`,
      section: 'label',
      title: titleOf(rule.id.replace('label-', '')),
      text: LABEL_WORDS[rule.id] ?? '',
      ...basisOf(rule),
    })),
    ...makerEntries(),
    ...knowledge.rules.map((rule): HandbookEntry => ({
      id: `reason/${rule.id}`,
      section: 'reason',
      title: titleOf(rule.id),
      text: words.rules[rule.id] ?? '',
      ...basisOf(rule),
    })),
    ...figureEntries(),
  ];
}

/** Entries that contain every word of a query, in any of their texts; all of them for an empty query. */
export function search(entries: readonly HandbookEntry[], query: string): HandbookEntry[] {
  const wanted = query.toLowerCase().split(/\s+/).filter(Boolean);
  return entries.filter((entry) => {
    const text = [
      entry.title,
      entry.text,
      entry.source ?? '',
      entry.id,
      ...(entry.rows ?? []).flatMap((r) => [r.name, r.value]),
      ...(entry.options ?? []).flatMap((o) => [o.name, o.gains, o.risks, ...o.refused]),
      ...(entry.ladder ?? []),
    ]
      .join(' ')
      .toLowerCase();
    return wanted.every((word) => text.includes(word));
  });
}
