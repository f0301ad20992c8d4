import type { Item, LogEntry, Supply } from '../gear';
import { tableIn, type Clash, type Coming, type Row } from '../merging';
import { SUPPLY_WORDS, thingName } from '../words/names';
import { fieldText, howMany, listed, valueText } from '../words/text';
import { lineText } from './line';

/* What bringing two browsers together does, in words. */

const META_WORDS: Readonly<Record<string, string>> = {
  equipment: 'machines, places, room and water',
  preferences: 'the settings and choices of the kit',
  title: 'the name of the kit',
  rest: 'fields that other software wrote',
  washDay: 'the wash day that is being put together',
  evenings: 'moves of the down that are done',
};
/** One record and many of a table. */
const TABLE_WORDS: Readonly<Record<string, readonly [string, string]>> = {
  items: ['thing', 'things'],
  inspections: ['look', 'looks'],
  log: ['line of the record', 'lines of the record'],
  supplies: ['bottle or tool', 'bottles and tools'],
  weighIns: ['weight', 'weights'],
  photos: ['photograph', 'photographs'],
  views: ['saved view', 'saved views'],
  runs: ['programme under way', 'programmes under way'],
  meta: ['part of the settings', 'parts of the settings'],
};
/** "2 things, 5 looks and 1 photograph"; empty for none. */
export function countText(keys: readonly string[]): string {
  const counts = Object.entries(TABLE_WORDS).map(([table, [one, many]]) => {
    const n = keys.filter((key) => tableIn(key) === table).length;
    return n === 0 ? '' : howMany(n, one, many);
  });
  return listed(counts.filter(Boolean));
}

/** A record as one calls it. @param thing the name of a thing by its id. @param day a day in words. */
export function recordText(key: string, row: Row, thing: (id: string) => string, day: (iso: string) => string): string {
  const { itemId = '', at = '', name = '' } = row as { readonly itemId?: string; readonly at?: string; readonly name?: string };
  const table = tableIn(key);
  if (table === 'items') return thingName(row as Item);
  if (table === 'inspections') return `${thing(itemId)}: the look of ${day(at)}`;
  if (table === 'supplies') return name || SUPPLY_WORDS[(row as Supply).class];
  if (table === 'weighIns') return `${thing(itemId)}: the weight of ${day(at)}`;
  if (table === 'photos') return `${thing(itemId)}: a photograph of ${day(at)}`;
  if (table === 'views') return `the saved view “${name}”`;
  if (table === 'runs') return `the programme of ${(row as { readonly itemName?: string }).itemName ?? ''}`;
  if (table === 'meta') return META_WORDS[(row as { readonly key: string }).key] ?? '';
  const entry = row as LogEntry;
  if (entry.type === 'event') return `the event “${name}”`;
  const what = lineText(entry, { items: [], supplies: [] }) || 'a line of the record';
  return `${itemId ? `${thing(itemId)}: ` : ''}${what}, ${day(at)}`;
}

/** What it does here, in one or two sentences. */
export function comingText({ comes, changes, goes, clashes }: Coming): string {
  const torn = new Set(clashes.map((c) => c.key));
  const plain = (keys: readonly string[]): string => countText(keys.filter((key) => !torn.has(key)));
  const parts = [
    [plain(comes), 'from it'],
    [plain(changes), 'changed there since'],
    [plain(goes), 'deleted there'],
  ].flatMap(([text, how]) => (text ? [`${text} ${how}`] : []));
  if (parts.length === 0) return torn.size === 0 ? 'It holds nothing that is not here already.' : '';
  return `This is what changes here: ${parts.join('; ')}. What was done here stays.`;
}

/** So many differences are named. */
const NAMED = 4;
type Fields = Readonly<Record<string, unknown>>;
const isFields = (value: unknown): value is Fields => typeof value === 'object' && value !== null && !Array.isArray(value);
/** The places at which two values differ, each with its path and the value of the first. */
function differences(a: unknown, b: unknown, path: string): [path: string, value: unknown][] {
  if (JSON.stringify(a) === JSON.stringify(b)) return [];
  if (!isFields(a) && !isFields(b)) return [[path, a]];
  const [left, right] = [isFields(a) ? a : {}, isFields(b) ? b : {}];
  return [...new Set([...Object.keys(left), ...Object.keys(right)])].flatMap((key) =>
    differences(left[key], right[key], path ? `${path}.${key}` : key),
  );
}
/** One side of what was changed in both: where it is another, with what stands there. */
export function sideText(clash: Clash, side: 'mine' | 'theirs'): string {
  const [row, other] = side === 'mine' ? [clash.mine, clash.theirs] : [clash.theirs, clash.mine];
  if (!row) return 'deleted';
  if (!other) return 'kept, with its record';
  const all = differences(row, other, '');
  const named = all
    .slice(0, NAMED)
    .map(
      ([path, value]) => `${fieldText(path)}: ${valueText(value) ?? howMany((value as unknown[]).length, 'entry', 'entries')}`,
    );
  return [...named, ...(all.length > NAMED ? [`${all.length - NAMED} more`] : [])].join('; ');
}
