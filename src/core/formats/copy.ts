import { COPY_FORMAT, under } from './copy-rows';
import { ManifestDoc, WishDoc, EveningDoc, ROWS, type RowsOf, ROW_WORDS } from './copy-rows';
import 'reflect-metadata';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate';
import { checkRows, collect, isObject, readJson, readKit, tooDeep, type Fault } from './read-kit';
import { MAX_COPY_BYTES } from './limits';
import { soundPart, type LeftOut, type Sound } from './sound';
import { sumOf } from './sum';
import type { Inspection, Kit } from '../gear';
import { BYTES_PER_MB } from '../units';
export const COPY_VERSION = 1;
const MANIFEST = 'manifest.json';
const KIT = 'kit.json';
const REST = 'browser.json';

/** A photograph without its picture. `file`: where in the copy that lies. */
export interface CopiedPhoto {
  readonly id: string;
  readonly itemId: string;
  readonly at: string;
  readonly width: number;
  readonly height: number;
  readonly bytes: number;
  readonly file: string;
  readonly type: string;
}
/** What a kit document does not hold. Rows of the store, of the same names. */
export interface CopyRest {
  readonly runs: readonly object[];
  readonly drafts: readonly object[];
  readonly sheets: readonly object[];
  readonly views: readonly object[];
  /** Who changed which record when; none in a copy of before that was noted. */
  readonly registers: readonly object[];
  readonly photos: readonly CopiedPhoto[];
  readonly evenings?: object;
  readonly washDay?: object;
}
export interface Copy {
  /** The kit document as text. */
  readonly kit: string;
  readonly rest: CopyRest;
  /** Pictures by their `file`. */
  readonly pictures: ReadonlyMap<string, Uint8Array>;
}
export type ReadCopy =
  | {
      readonly status: 'read';
      readonly madeAt: string;
      readonly kit: Kit;
      readonly rest: CopyRest;
      readonly pictures: ReadonlyMap<string, Uint8Array>;
      readonly left: readonly LeftOut[];
    }
  | { readonly status: 'refused'; readonly faults: readonly Fault[]; readonly sound: Sound | null };

/** The same content always gives the same bytes: entries bear no time of their own. */
const NO_TIME = new Date(1980, 0, 1);
/** The copy as the bytes of a ZIP. @param madeAt RFC 3339. Pictures are packed already and only stored. */
export async function packCopy({ kit, rest, pictures }: Copy, madeAt: string): Promise<Uint8Array> {
  const files = new Map<string, Uint8Array>([[KIT, strToU8(kit)], [REST, strToU8(JSON.stringify(rest))], ...pictures]);
  // One after the other: a sum takes a copy of its file.
  const list: { name: string; bytes: number; sha256: string }[] = [];
  for (const [name, data] of files) list.push({ name, bytes: data.length, sha256: await sumOf(data) });
  const manifest = {
    format: COPY_FORMAT,
    version: COPY_VERSION,
    madeAt,
    files: list,
  };
  const zip: Zippable = { [MANIFEST]: [strToU8(JSON.stringify(manifest, null, 2)), { mtime: NO_TIME }] };
  for (const [name, data] of files) zip[name] = [data, { mtime: NO_TIME, level: pictures.has(name) ? 0 : 6 }];
  return zipSync(zip);
}

const refused = (message: string, path = ''): ReadCopy => ({ status: 'refused', faults: [{ path, message }], sound: null });

/**
 * Reads a copy. Never throws on bad input. A file that is not what the manifest says refuses the whole copy; a row of `browser.json` that cannot
 * be read is left out and named.
 */
export async function readCopy(bytes: Uint8Array): Promise<ReadCopy> {
  let size = 0;
  let there: Record<string, Uint8Array>;
  try {
    there = unzipSync(bytes, {
      filter: ({ originalSize }) => (size += originalSize) <= MAX_COPY_BYTES,
    });
  } catch {
    return refused('is no ZIP that can be read; it may have been cut short');
  }
  if (size > MAX_COPY_BYTES) return refused(`holds more than ${MAX_COPY_BYTES / BYTES_PER_MB} MB`);
  const manifest = checkedFile(there[MANIFEST], ManifestDoc);
  if ('faults' in manifest) return { status: 'refused', faults: manifest.faults.map(under(MANIFEST)), sound: null };
  const { version, madeAt, files: list } = manifest.document as ManifestDoc;
  if (version > COPY_VERSION) return refused('was saved by a newer Umbrastic; bring this one up to date first');
  // What the manifest does not name is no part of it.
  const files: Record<string, Uint8Array> = Object.create(null) as Record<string, Uint8Array>;
  for (const { name, bytes: length, sha256: sum } of list) {
    const data = there[name];
    if (!data) return refused('is missing', name);
    if (data.length !== length || (await sumOf(data)) !== sum) return refused('is not what was saved; the copy is damaged', name);
    files[name] = data;
  }
  const kit = readKit(files[KIT] ? strFromU8(files[KIT]) : '');
  if (kit.status !== 'read') {
    const text = files[KIT] ? readJson(strFromU8(files[KIT])) : { fault: { path: '', message: 'is missing' } };
    const sound = 'fault' in text || !isObject(text.document) ? null : soundPart(text.document);
    return { status: 'refused', faults: kit.faults.map(under(KIT)), sound };
  }
  const rest = files[REST] ? readJson(strFromU8(files[REST])) : { fault: { path: '', message: 'is missing' } };
  if ('fault' in rest) return { status: 'refused', faults: [under(REST)(rest.fault)], sound: null };
  if (!isObject(rest.document) || tooDeep(rest.document)) return refused('must be an object', REST);
  const left: LeftOut[] = [];
  const here = new Set(kit.kit.items.map((item) => item.id));
  const rows = Object.fromEntries(
    (Object.keys(ROWS) as RowsOf[]).map((name) => [name, soundRows(rest.document as object, name, here, files, left)]),
  ) as unknown as CopyRest;
  const { evenings, washDay } = rest.document as { evenings?: unknown; washDay?: unknown };
  const one = (value: unknown, cls: new () => object, name: string, path: string): boolean => {
    if (value === undefined) return false;
    const fault = isObject(value) ? faultsIn(value, cls)[0] : { path: '', message: 'must be an object' };
    if (fault) left.push({ name, path: [path, fault.path].filter(Boolean).join('.'), message: fault.message });
    return fault === undefined;
  };
  const moves = Object.entries(isObject(evenings) ? evenings : {}).filter(
    ([id, value]) => here.has(id) && one(value, EveningDoc, 'Moves of the down that are done', `evenings.${id}`),
  );
  return {
    status: 'read',
    madeAt,
    kit: kit.kit,
    rest: {
      ...rows,
      ...(moves.length > 0 ? { evenings: Object.fromEntries(moves) } : {}),
      ...(one(washDay, WishDoc, 'The wash day', 'washDay') ? { washDay: washDay as object } : {}),
    },
    pictures: new Map(rows.photos.map(({ file }) => [file, files[file] as Uint8Array])),
    left,
  };
}

function faultsIn(document: object, cls: new () => object): Fault[] {
  const faults: Fault[] = [];
  collect(validateSync(plainToInstance(cls, document), { forbidUnknownValues: false, stopAtFirstError: true }), '', faults);
  return faults;
}
function checkedFile(data: Uint8Array | undefined, cls: new () => object): { document: object } | { faults: Fault[] } {
  if (!data) return { faults: [{ path: '', message: 'is missing: this is no copy from Umbrastic' }] };
  const read = readJson(strFromU8(data));
  if ('fault' in read) return { faults: [read.fault] };
  if (!isObject(read.document) || tooDeep(read.document)) return { faults: [{ path: '', message: 'must be an object' }] };
  const faults = faultsIn(read.document, cls);
  return faults.length > 0 ? { faults } : { document: read.document };
}
/** A look that was not finished is held to what a look is held to. */
const faultsOfDraft = ({ itemId, seen }: { readonly itemId?: unknown; readonly seen?: unknown }): readonly Fault[] =>
  isObject(seen)
    ? checkRows({ inspections: [{ ...seen, id: 'draft', itemId, at: '2000-01-01T00:00:00Z' } as Inspection] }).map(
        ({ path, message }) => ({ path: path.replace('inspections[0]', 'seen'), message }),
      )
    : [{ path: 'seen', message: 'must be an object' }];
/** What a register holds of a thing that is gone is held to the rules, too: it may come back. */
function faultsOfHeld({ key, row }: { readonly key?: unknown; readonly row?: unknown }): readonly Fault[] {
  if (row === undefined) return [];
  if (!isObject(row)) return [{ path: 'row', message: 'must be an object' }];
  const list = String(key).slice(0, String(key).indexOf('/'));
  return checkRows({ [list]: [row] } as Partial<Kit>).map(({ path, message }) => ({
    path: path.replace(`${list}[0]`, 'row'),
    message,
  }));
}
/** The rows of a list that can be read; the others are named. */
function soundRows(
  document: object,
  name: RowsOf,
  items: ReadonlySet<string>,
  files: Readonly<Record<string, Uint8Array>>,
  left: LeftOut[],
): object[] {
  const list: unknown = (document as Readonly<Record<string, unknown>>)[name];
  if (!Array.isArray(list)) return [];
  return list.filter((row: unknown, n): row is object => {
    const lost = (fault: Fault): boolean => {
      left.push({
        name: ROW_WORDS[name],
        path: fault.path === '' ? `${name}[${n}]` : `${name}[${n}].${fault.path}`,
        message: fault.message,
      });
      return false;
    };
    if (!isObject(row)) return lost({ path: '', message: 'must be an object' });
    const more = name === 'drafts' ? faultsOfDraft(row) : name === 'registers' ? faultsOfHeld(row) : [];
    const [fault] = [...faultsIn(row, ROWS[name]), ...more];
    if (fault) return lost(fault);
    const { itemId, machineId, file } = row as { itemId?: unknown; machineId?: unknown; file?: unknown };
    if (name !== 'views' && name !== 'sheets' && machineId === undefined && typeof itemId === 'string' && !items.has(itemId))
      return lost({ path: 'itemId', message: 'must be the id of an item' });
    if (name === 'photos' && (typeof file !== 'string' || !files[file])) return lost({ path: 'file', message: 'is missing' });
    return true;
  });
}
