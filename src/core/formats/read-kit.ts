import 'reflect-metadata';
import { plainToInstance } from 'class-transformer';
import type { ValidationError } from 'class-validator';
import { validateSync } from 'class-validator';
import type { Kit } from '../gear';
import { KitDoc } from './kit/kit';
import { KIT_FORMAT, KIT_VERSION, MAX_KIT_CHARS } from './limits';

/** A place in a document and what is wrong there. */
export interface Fault {
  /** JSON path, such as `items[3].label.wash.maxC`; empty for the document itself. */
  readonly path: string;
  readonly message: string;
}
export type ReadKit =
  | { readonly status: 'read'; readonly kit: Kit }
  | { readonly status: 'newer'; readonly version: number; readonly faults: readonly Fault[] }
  | { readonly status: 'faulty'; readonly faults: readonly Fault[] };

const MAX_FAULTS = 50;
const MAX_DEPTH = 60;

const join = (path: string, key: string): string =>
  /^\d+$/.test(key) ? `${path}[${key}]` : path === '' ? key : `${path}.${key}`;

function collect(errors: readonly ValidationError[], path: string, faults: Fault[]): void {
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

function duplicates(list: readonly { id: string }[] | undefined, path: string, faults: Fault[]): void {
  const seen = new Set<string>();
  list?.forEach((entry, index) => {
    if (seen.has(entry.id))
      faults.push({ path: `${path}[${index}].id`, message: `must be unique; "${entry.id}" is already used in this list` });
    seen.add(entry.id);
  });
}

/** Rules that no single field can see. */
function across(kit: Kit): Fault[] {
  const faults: Fault[] = [];
  duplicates(kit.items, 'items', faults);
  duplicates(kit.inspections, 'inspections', faults);
  duplicates(kit.supplies, 'supplies', faults);
  duplicates(kit.equipment?.washers, 'equipment.washers', faults);
  duplicates(kit.equipment?.dryers, 'equipment.dryers', faults);
  duplicates(kit.log, 'log', faults);
  const ids = new Set(kit.items.map((item) => item.id));
  kit.items.forEach((item, index) => {
    const wash = item.label?.wash;
    if (wash && !wash.allowed) {
      for (const key of ['maxC', 'action'] as const) {
        if (wash[key] !== undefined)
          faults.push({ path: `items[${index}].label.wash.${key}`, message: 'must be absent when washing is not allowed' });
      }
    }
    duplicates(item.fillMap?.baffles, `items[${index}].fillMap.baffles`, faults);
  });
  const gone = (list: readonly { itemId?: string }[] | undefined, path: string): void =>
    list?.forEach((entry, index) => {
      if (entry.itemId !== undefined && !ids.has(entry.itemId))
        faults.push({
          path: `${path}[${index}].itemId`,
          message: `must be the id of an item in this file; there is no "${entry.itemId}"`,
        });
    });
  gone(kit.inspections, 'inspections');
  gone(kit.weighIns, 'weighIns');
  gone(kit.log, 'log');
  return faults;
}

function tooDeep(value: unknown, depth = 0): boolean {
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
  const errors = validateSync(plainToInstance(KitDoc, document), { forbidUnknownValues: false, stopAtFirstError: true });
  const faults: Fault[] = [];
  collect(errors, '', faults);
  if (faults.length > 0) return { status: 'faulty', faults: faults.slice(0, MAX_FAULTS) };
  const kit = document as Kit;
  const more = across(kit);
  return more.length > 0 ? { status: 'faulty', faults: more.slice(0, MAX_FAULTS) } : { status: 'read', kit };
}

/** Reads a kit from text. Never throws on bad input: every fault names its place. */
export function readKit(text: string): ReadKit {
  if (text.length > MAX_KIT_CHARS)
    return { status: 'faulty', faults: [{ path: '', message: `must be smaller than ${MAX_KIT_CHARS / 1e6} MB` }] };
  let document: unknown;
  try {
    document = parse(text.replace(/^\uFEFF/, ''));
  } catch (error) {
    const detail = error instanceof SyntaxError ? error.message.replace(/\s+/g, ' ').slice(0, 120) : 'too deeply nested';
    return { status: 'faulty', faults: [{ path: '', message: `is not readable JSON (${detail})` }] };
  }
  return checkKit(document);
}

/** One line a fault: `items[3].label.wash.maxC: must be one of …`. */
export const faultLine = (fault: Fault): string =>
  (fault.path === '' ? `kit: ${fault.message}` : `${fault.path}: ${fault.message}`).replace(/[\r\n]+/g, ' ');
