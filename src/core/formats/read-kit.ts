import 'reflect-metadata';
import { plainToInstance } from 'class-transformer';
import type { ValidationError } from 'class-validator';
import { validateSync } from 'class-validator';
import type { Kit } from '../gear';
import { KitDoc } from './kit/kit';
import { KIT_FORMAT, KIT_VERSION, MAX_KIT_CHARS } from './limits';
import { BYTES_PER_MB } from '../units';

/** A place in a document and what is wrong there. */
export interface Fault {
  /** JSON path, such as `items[3].label.wash.maxC`; empty for the document itself. */
  readonly path: string;
  readonly message: string;
  /** The same for people, where somebody reads it: whose, on which line, what was likely meant. */
  readonly said?: string;
}
export type ReadKit =
  | { readonly status: 'read'; readonly kit: Kit }
  | { readonly status: 'newer'; readonly version: number; readonly faults: readonly Fault[] }
  | { readonly status: 'faulty'; readonly faults: readonly Fault[] };

/** A path as keys: "items[3].label.wash" is "items", 3, "label", "wash". */
export const keysOf = (path: string): (string | number)[] =>
  [...path.matchAll(/([^.[\]]+)|\[(\d+)\]/g)].map(([, key, index]) => (index === undefined ? (key ?? '') : Number(index)));
/** What stands at a path of a document; undefined where nothing does. */
export const valueAt = (document: unknown, path: string | readonly (string | number)[]): unknown =>
  (typeof path === 'string' ? keysOf(path) : path).reduce<unknown>(
    (value, key) => (typeof value === 'object' && value !== null ? (value as Loose)[key as string] : undefined),
    document,
  );

const MAX_FAULTS = 50;
const MAX_DEPTH = 60;
/** As many as are read; that there are more is said. */
export function firstOf(faults: readonly Fault[]): readonly Fault[] {
  const more = faults.length - MAX_FAULTS;
  if (more <= 0) return faults;
  const message = more === 1 ? 'has one more fault like these' : `has ${more} more faults like these`;
  return [...faults.slice(0, MAX_FAULTS), { path: '', message }];
}

const join = (path: string, key: string): string =>
  /^\d+$/.test(key) ? `${path}[${key}]` : path === '' ? key : `${path}.${key}`;

/** Adds what a validator found to the faults, each with its path. */
export function collect(errors: readonly ValidationError[], path: string, faults: Fault[]): void {
  for (const error of errors) {
    const here = join(path, error.property);
    const messages = error.constraints ? Object.values(error.constraints) : [];
    const message = messages.find((m) => m !== 'must be an object') ?? messages[0];
    if (message) {
      const inner = /^(\[\d+\]) (.*)$/s.exec(message);
      faults.push(inner ? { path: here + inner[1], message: inner[2] ?? '' } : { path: here, message });
    }
    if (error.children?.length) collect(error.children, here, faults);
  }
}

type Loose = Readonly<Record<string, unknown>>;
/** True of a JSON object; a list and null are none. */
export const isObject = (value: unknown): value is Loose => typeof value === 'object' && value !== null && !Array.isArray(value);
/** A list of objects, whatever stands there: what is no object has been named as a fault already. */
const objects = (value: unknown): Loose[] => (Array.isArray(value) ? value.map((entry) => (isObject(entry) ? entry : {})) : []);

function duplicates(list: unknown, path: string, faults: Fault[]): void {
  const seen = new Set<string>();
  objects(list).forEach(({ id }, index) => {
    if (typeof id !== 'string') return;
    if (seen.has(id))
      faults.push({ path: `${path}[${index}].id`, message: `must be unique; "${id}" is already used in this list` });
    seen.add(id);
  });
}

/** Fields without which a line of the record says nothing. */
const NEEDED: Readonly<Record<string, readonly string[]>> = {
  treatment: ['itemId', 'soil', 'rung', 'result'],
  'spot-test': ['itemId', 'agent', 'cloth'],
  halves: ['itemId', 'half', 'treatment'],
};
/** Rules that no single field can see; asked even where single fields are wrong, so that all faults come at once. */
const across = (kit: Loose): Fault[] => [...inside(kit), ...references(kit)];
/** Those that rows of one list can break among themselves. */
function inside(kit: Loose): Fault[] {
  const faults: Fault[] = [];
  const equipment = isObject(kit.equipment) ? kit.equipment : {};
  for (const list of ['items', 'inspections', 'supplies', 'log'] as const) duplicates(kit[list], list, faults);
  for (const list of ['washers', 'dryers', 'racks', 'irons'] as const) duplicates(equipment[list], `equipment.${list}`, faults);
  objects(kit.log).forEach((entry, index) => {
    for (const field of (typeof entry.type === 'string' && NEEDED[entry.type]) || [])
      if (entry[field] === undefined)
        faults.push({ path: `log[${index}].${field}`, message: `is needed in a ${String(entry.type)}` });
  });
  objects(kit.items).forEach(({ label, fillMap, worth }, index) => {
    for (const guess of ['asFound', 'after'] as const) {
      const { low, high } = isObject(worth) && isObject(worth[guess]) ? worth[guess] : {};
      if (typeof low === 'number' && typeof high === 'number' && high < low)
        faults.push({ path: `items[${index}].worth.${guess}.high`, message: 'must not be below low' });
    }
    const wash = isObject(label) && isObject(label.wash) ? label.wash : {};
    for (const key of ['maxC', 'action'] as const)
      if (wash.allowed === false && wash[key] !== undefined)
        faults.push({ path: `items[${index}].label.wash.${key}`, message: 'must be absent when washing is not allowed' });
    if (isObject(fillMap)) duplicates(fillMap.baffles, `items[${index}].fillMap.baffles`, faults);
  });
  return faults;
}
/** Rows that are of a thing which is not there. */
function references(kit: Loose): Fault[] {
  const faults: Fault[] = [];
  const ids = new Set(objects(kit.items).map((item) => item.id));
  for (const list of ['inspections', 'weighIns', 'log'] as const)
    objects(kit[list]).forEach(({ itemId }, index) => {
      if (typeof itemId === 'string' && !ids.has(itemId))
        faults.push({
          path: `${list}[${index}].itemId`,
          message: `must be the id of an item in this file; there is no "${itemId}"`,
        });
    });
  return faults;
}

/** True of what is nested deeper than any document of ours: it is refused before anything walks through it. */
export function tooDeep(value: unknown, depth = 0): boolean {
  if (typeof value !== 'object' || value === null) return false;
  if (depth > MAX_DEPTH) return true;
  for (const key of Object.keys(value)) if (tooDeep((value as Record<string, unknown>)[key], depth + 1)) return true;
  return false;
}

const FORBIDDEN = new Set(['__proto__', 'constructor', 'prototype']);

/** Parses JSON and drops keys that could reach into an object's own machinery. */
function parse(text: string): unknown {
  return JSON.parse(text, function (this: unknown, key: string, value: unknown) {
    return FORBIDDEN.has(key) ? undefined : value;
  }) as unknown;
}

/** Every fault of a document that is an object, in the order of its fields. */
export function faultsOf(document: object): Fault[] {
  const faults: Fault[] = [];
  collect(validateSync(plainToInstance(KitDoc, document), { forbidUnknownValues: false, stopAtFirstError: true }), '', faults);
  return [...faults, ...across(document as Loose)];
}
/** Checks a parsed document against the kit format. The document itself is returned, so that unknown fields are kept. */
export function checkKit(document: unknown): ReadKit {
  const faulty = (message: string, path = ''): ReadKit => ({ status: 'faulty', faults: [{ path, message }] });
  if (typeof document !== 'object' || document === null || Array.isArray(document))
    return faulty('must be a JSON object of the umbrastic/kit format');
  const { format, version } = document as Record<string, unknown>;
  if (format === KIT_FORMAT && typeof version === 'number' && version > KIT_VERSION) {
    return {
      status: 'newer',
      version,
      faults: [
        {
          path: 'version',
          message: `is ${version}, made by a newer Umbrastic; this one reads version ${KIT_VERSION}. Nothing was changed`,
        },
      ],
    };
  }
  if (tooDeep(document)) return faulty(`must not be nested deeper than ${MAX_DEPTH} levels`);
  const faults = faultsOf(document);
  return faults.length > 0 ? { status: 'faulty', faults: firstOf(faults) } : { status: 'read', kit: document as Kit };
}

/** A part of a kit that is about to be kept: one row of a list, or the equipment. */
export type KitPart =
  | { readonly list: 'items' | 'inspections' | 'supplies' | 'log'; readonly row: object }
  | { readonly list: 'equipment' | 'preferences'; readonly row: object };

/**
 * Holds rows to the rules that a whole document is held to, before they are kept; whether the things they are of are there is not asked.
 * @returns their faults, all of them; paths as in a document, such as `supplies[0].price.amount`.
 */
export function checkRows(rows: Partial<Kit>): readonly Fault[] {
  const document = { format: KIT_FORMAT, version: KIT_VERSION, items: [], inspections: [], ...rows };
  const faults: Fault[] = [];
  collect(validateSync(plainToInstance(KitDoc, document), { forbidUnknownValues: false, stopAtFirstError: true }), '', faults);
  return [...faults, ...inside(document as Loose)];
}
/** The same for one row. @returns its faults; their paths begin inside the row, such as `price.amount`. */
export function checkPart({ list, row }: KitPart): readonly Fault[] {
  const single = list === 'equipment' || list === 'preferences';
  const own = single ? `${list}.` : `${list}[0].`;
  return checkRows({ [list]: single ? row : [row] } as Partial<Kit>).map(({ path, message }) => ({
    path: path.startsWith(own) ? path.slice(own.length) : path,
    message,
  }));
}

/** Reads a kit from text. Never throws on bad input: every fault names its place. */
export function readKit(text: string): ReadKit {
  if (text.length > MAX_KIT_CHARS)
    return { status: 'faulty', faults: [{ path: '', message: `must be smaller than ${MAX_KIT_CHARS / BYTES_PER_MB} MB` }] };
  const read = readJson(text);
  return 'fault' in read ? { status: 'faulty', faults: [read.fault] } : checkKit(read.document);
}
/** Whether brackets stand in one another deeper than any document's do; asked of the text, before memory is spent on it. */
function nestsTooDeep(text: string): boolean {
  let depth = 0;
  let quoted = false;
  for (let n = 0; n < text.length; n++) {
    const c = text.charCodeAt(n);
    if (quoted) {
      if (c === BACKSLASH) n++;
      else if (c === QUOTE) quoted = false;
    } else if (c === QUOTE) quoted = true;
    else if (c === OPEN_LIST || c === OPEN_OBJECT) {
      if (++depth > MAX_DEPTH + 1) return true;
    } else if (c === CLOSE_LIST || c === CLOSE_OBJECT) depth--;
  }
  return false;
}
const [QUOTE, BACKSLASH, OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [...'"\\[]{}'].map((c) => c.charCodeAt(0));

/** A document from text, or what is wrong with it. */
export function readJson(text: string): { readonly document: unknown } | { readonly fault: Fault } {
  if (nestsTooDeep(text)) return { fault: { path: '', message: `must not be nested deeper than ${MAX_DEPTH} levels` } };
  try {
    return { document: parse(text.replace(/^\uFEFF/, '')) };
  } catch (error) {
    const detail = error instanceof SyntaxError ? error.message.replace(/\s+/g, ' ').slice(0, 120) : 'too deeply nested';
    return { fault: { path: '', message: `is not readable JSON (${detail})` } };
  }
}

/** One line a fault: `items[3].label.wash.maxC: must be one of …`. */
export const faultLine = (fault: Fault, whole = 'kit'): string =>
  (fault.path === '' ? `${whole}: ${fault.message}` : `${fault.path}: ${fault.message}`).replace(/[\r\n]+/g, ' ');
