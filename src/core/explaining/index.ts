/**
 * What is wrong with a file, in words for whoever wrote it. Refuses: reading the file, mending it.
 */
import { findNodeAtLocation, getNodeValue, parseTree } from 'jsonc-parser';
import leven from 'leven';
import { keysOf, valueAt, type Fault } from '../formats';
import { KIND_ALSO } from '../words';

/** A fault as a person reads it. */
export interface SaidFault extends Fault {
  /** "Old coat, line 12: kind "coat" is not known here. Did you mean jacket?" */
  readonly said: string;
}
type Loose = Readonly<Record<string, unknown>>;
const isLoose = (value: unknown): value is Loose => typeof value === 'object' && value !== null;
const ONE_OF = /^must be one of (.*)$/s;
/** So many letters may differ in a short word, and this share of a long one. */
const SLIPS = 2;
const SHARE = 0.34;

/** What was likely meant: another word for it, or the nearest by letters; null when none is near. */
export function meant(value: unknown, known: readonly string[]): string | null {
  if (typeof value !== 'string' || value === '') return null;
  const word = value.trim().toLowerCase();
  const also = known.find((one) => (KIND_ALSO as Readonly<Record<string, string | undefined>>)[one]?.split(' ').includes(word));
  if (also) return also;
  const near = known
    .map((one) => ({ one, far: leven(word, one.toLowerCase()) }))
    .filter(({ one, far }) => far <= Math.max(SLIPS, Math.floor(SHARE * one.length)) && far < word.length)
    .sort((a, b) => a.far - b.far)[0];
  return near?.one ?? known.find((one) => one.startsWith(word) || word.startsWith(one)) ?? null;
}

/** Whose it is: the thing, bottle or machine by its name. */
function ownerOf(document: unknown, keys: readonly (string | number)[]): string {
  const [list, index] = keys;
  const depth = list === 'equipment' ? 3 : typeof index === 'number' ? 2 : 0;
  const row = depth > 0 ? valueAt(document, keys.slice(0, depth)) : undefined;
  if (!isLoose(row)) return '';
  const named = (one: Loose): string =>
    typeof one.name === 'string' && one.name !== '' ? one.name : typeof one.id === 'string' ? `“${one.id}”` : '';
  if (typeof row.itemId !== 'string') return named(row);
  const items = valueAt(document, ['items']);
  const item = Array.isArray(items) ? items.find((one): one is Loose => isLoose(one) && one.id === row.itemId) : undefined;
  const what = list === 'inspections' ? 'a look at' : list === 'log' ? 'a line of' : 'a weight of';
  return item ? `${what} ${named(item)}` : '';
}
/** Where each line of a text begins. */
function linesOf(text: string): number[] {
  const starts = [0];
  for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) starts.push(at + 1);
  return starts;
}

/** What is wrong with a value, and what was likely meant. */
export function wrongText(message: string, value: unknown): string {
  const [, list] = ONE_OF.exec(message) ?? [];
  if (list === undefined) return value === undefined || isLoose(value) ? message : `${JSON.stringify(value)} ${message}`;
  const known = list.split(', ');
  const guess = meant(value, known);
  const is = value === undefined ? 'is missing: it is' : `${JSON.stringify(value)} is not`;
  return guess ? `${is} one of those known here. Did you mean ${guess}?` : `${is} one of ${list}`;
}
/**
 * Faults of a file for people: whose, on which line, what stands there, and what was likely meant.
 * @param text the file itself; a text that is no JSON has faults without a place.
 */
export function saidFaults(faults: readonly Fault[], text: string): SaidFault[] {
  const tree = parseTree(text);
  const document: unknown = tree && getNodeValue(tree);
  const starts = linesOf(text);
  const lineOf = (offset: number): number => starts.findLastIndex((start) => start <= offset) + 1;
  return faults.map((fault) => {
    const keys = keysOf(fault.path);
    // What is missing has no place of its own: the one it is missing in has.
    const node = tree && (findNodeAtLocation(tree, keys) ?? findNodeAtLocation(tree, keys.slice(0, -1)));
    const where = [ownerOf(document, keys), node && fault.path !== '' ? `line ${lineOf(node.offset)}` : '']
      .filter(Boolean)
      .join(', ');
    const field = keys.filter((key) => typeof key === 'string').at(-1) ?? '';
    const said = `${field ? `${field} ` : ''}${wrongText(fault.message, valueAt(document, keys))}`;
    return { ...fault, said: where ? `${where}: ${said}` : said };
  });
}
