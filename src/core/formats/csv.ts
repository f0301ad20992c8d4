import Papa from 'papaparse';
import type { Item } from '../gear';
import { checkKit, valueAt } from './read-kit';
import { KIT_FORMAT, KIT_VERSION } from './limits';

/*
 * Items as CSV (RFC 4180). One row an item; components as "part:material" joined by "; ". A cell that a spreadsheet would run as a formula is
 * written behind an apostrophe, which reading takes off again. What has no column (label, notes, fill map) stays as it is on an update.
 */
const CSV_COLUMNS = [
  'id',
  'name',
  'kind',
  'owner',
  'massG',
  'bulk',
  'colour',
  'repellency',
  'finish',
  'lining',
  'jobClass',
  'boughtOn',
  'price',
  'currency',
  'targetYears',
  'tags',
  'marks',
  'fittings',
  'components',
] as const;
type Column = (typeof CSV_COLUMNS)[number];
type Cells = Partial<Record<Column, string>>;

const LIST = '; ';
const split = (cell: string): string[] =>
  cell
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean);

function toCells(item: Item): Record<Column, string> {
  return {
    id: item.id,
    name: item.name ?? '',
    kind: item.kind,
    owner: item.owner ?? '',
    massG: item.massG === undefined ? '' : String(item.massG),
    bulk: item.bulk ?? '',
    colour: item.colour?.class ?? '',
    repellency: item.repellency ?? '',
    finish: item.finish ?? '',
    lining: item.lining ?? '',
    jobClass: item.jobClass ?? '',
    boughtOn: item.boughtOn ?? '',
    price: item.price === undefined ? '' : String(item.price.amount),
    currency: item.price?.currency ?? '',
    targetYears: item.targetYears === undefined ? '' : String(item.targetYears),
    tags: (item.tags ?? []).join(LIST),
    marks: (item.marks ?? []).join(LIST),
    fittings: (item.fittings ?? []).join(LIST),
    components: item.components.map((c) => `${c.part}:${c.material}${c.removable ? ':out' : ''}`).join(LIST),
  };
}

/** What a spreadsheet runs: a sign, in full width too, whatever space stands before it. */
const RUNS = /^[\s\u00a0\ufeff]*[=+\-@\uff1d\uff0b\uff0d\uff20]|^[\t\r\n]/;
const asCsv = (fields: readonly string[], data: readonly (readonly (string | number)[])[]): string =>
  `\uFEFF${Papa.unparse({ fields: [...fields], data: data.map((row) => [...row]) }, { escapeFormulae: RUNS })}`;
/** Rows of figures as CSV text, the first of them its heads. */
export const csvOf = ([heads = [], ...rows]: readonly (readonly (string | number)[])[]): string => asCsv(heads.map(String), rows);
/** Items as CSV text with a byte-order mark, a header row and CRLF line ends. */
export function itemsToCsv(items: readonly Item[]): string {
  return asCsv(
    CSV_COLUMNS,
    items.map((item) => Object.values(toCells(item))),
  );
}

/** A row that was read: what it would make, whether that is new, and what is wrong with it. Lines count from 1, the header included. */
export interface CsvRow {
  readonly line: number;
  readonly name: string;
  readonly item: Item | null;
  readonly state: 'new' | 'changed' | 'same' | 'faulty';
  readonly faults: readonly string[];
}
export interface CsvResult {
  readonly rows: readonly CsvRow[];
  /** Columns of the file that are not read. */
  readonly ignored: readonly string[];
  /** What is wrong with the file as a whole, or null. */
  readonly fault: string | null;
}

const plain = (cell: unknown): string =>
  typeof cell === 'string' ? (cell.startsWith("'") && RUNS.test(cell.slice(1)) ? cell.slice(1) : cell).trim() : '';
const number = (cell: string): number => Number(cell.replace(',', '.'));

/** The item a row makes, on top of the one it changes. An empty cell leaves a field unknown; a column that is not there leaves it as it was. */
function fromCells(cells: Cells, has: ReadonlySet<string>, before: Item | undefined, newId: string): Record<string, unknown> {
  const item: Record<string, unknown> = { ...(before ?? { label: null, components: [] }), id: cells.id || before?.id || newId };
  const set = (column: Column, value: (cell: string) => unknown, field: string = column): void => {
    if (!has.has(column)) return;
    const cell = cells[column] ?? '';
    if (cell === '') delete item[field];
    else item[field] = value(cell);
  };
  const text = (cell: string): string => cell;
  for (const column of ['name', 'kind', 'owner', 'bulk', 'repellency', 'finish', 'lining', 'jobClass', 'boughtOn'] as const)
    set(column, text);
  for (const column of ['massG', 'targetYears'] as const) set(column, number);
  for (const column of ['tags', 'marks', 'fittings'] as const) set(column, split);
  set('colour', (cell) => ({ ...before?.colour, class: cell }));
  set('price', (cell) => ({ amount: number(cell), currency: cells.currency || before?.price?.currency || 'EUR' }));
  if (has.has('components') && cells.components)
    item.components = split(cells.components).map((entry) => {
      const [part, material, out] = entry.split(':').map((p) => p.trim());
      const known = before?.components.find((c) => c.part === part && c.material === material);
      return { ...known, part, material, ...(out === 'out' ? { removable: true } : {}) };
    });
  return item;
}

/** Rows between two words on how far it is. */
const ROWS_BETWEEN = 200;
const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Reads items from CSV text against the kit that is there. Never throws: every fault names its line and column.
 * @param newId makes an id for a row without one. @param onRow told how far it is, now and then.
 */
export function itemsFromCsv(
  text: string,
  items: readonly Item[],
  newId: (line: number) => string,
  onRow: (done: number, of: number) => void = () => undefined,
  wrong: (message: string, value: unknown) => string = (message) => message,
): CsvResult {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), { header: true, skipEmptyLines: 'greedy' });
  const columns = parsed.meta.fields ?? [];
  if (!columns.includes('kind') && !columns.includes('id'))
    return { rows: [], ignored: [], fault: 'The first line must name the columns, with “kind” or “id” among them.' };
  // What stands behind it cannot be told apart: rows would be swallowed without a word.
  const open = parsed.errors.find((e) => e.code === 'MissingQuotes');
  if (open) {
    const line = text.slice(0, text.lastIndexOf('"') + 1).split(/\r\n|\n|\r/).length;
    return { rows: [], ignored: [], fault: `A quotation mark at line ${line} or before it is opened and never closed.` };
  }
  const has = new Set(columns);
  const byId = new Map(items.map((item) => [item.id, item]));
  const used = new Set<string>();
  const rows = parsed.data.map((raw, index): CsvRow => {
    const line = index + 2;
    if (index % ROWS_BETWEEN === 0) onRow(index, parsed.data.length);
    const cells = Object.fromEntries(CSV_COLUMNS.map((column) => [column, plain(raw[column])])) as Cells;
    const before = byId.get(cells.id ?? '');
    const made = fromCells(cells, has, before, newId(line));
    const checked = checkKit({ format: KIT_FORMAT, version: KIT_VERSION, items: [made], inspections: [] });
    const faults =
      checked.status === 'read'
        ? []
        : checked.faults.map(({ path, message }) => {
            const inner = path.replace(/^items\[0\]\.?/, '');
            return `${inner || 'row'}: ${inner ? wrong(message, valueAt(made, inner)) : message}`;
          });
    for (const error of parsed.errors) if (error.row === index) faults.push(`row: ${error.message}`);
    if (checked.status === 'read' && (checked.kit.items[0]?.components.length ?? 0) === 0)
      faults.push('components: must name at least one, such as face:polyester-woven');
    if (used.has(String(made.id))) faults.push(`id: "${String(made.id)}" stands in this file twice`);
    used.add(String(made.id));
    const name = cells.name || before?.name || cells.kind || `line ${line}`;
    if (faults.length > 0) return { line, name, item: null, state: 'faulty', faults };
    const item = made as unknown as Item;
    return { line, name, item, state: before ? (same(toCells(before), toCells(item)) ? 'same' : 'changed') : 'new', faults: [] };
  });
  return { rows, ignored: columns.filter((c) => !(CSV_COLUMNS as readonly string[]).includes(c)), fault: null };
}
