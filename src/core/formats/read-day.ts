import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import type { DayRequest, Span, WashDay } from '../washday/types';
import { DayRequestDoc, WashDayDoc } from './day';
import { MAX_KIT_CHARS } from './limits';
import { checkKit, collect, firstOf, readJson, tooDeep, type Fault } from './read-kit';
import { BYTES_PER_MB } from '../units';

export type ReadDayRequest =
  { readonly status: 'read'; readonly request: DayRequest } | { readonly status: 'faulty'; readonly faults: readonly Fault[] };
export type ReadWashDay =
  { readonly status: 'read'; readonly day: WashDay } | { readonly status: 'faulty'; readonly faults: readonly Fault[] };

/** A checked object of a document, or what is wrong with it. */
function checked(
  text: string,
  cls: new () => object,
  what: string,
): { readonly document: object; readonly faults: Fault[] } | Fault {
  if (text.length > MAX_KIT_CHARS) return { path: '', message: `must be smaller than ${MAX_KIT_CHARS / BYTES_PER_MB} MB` };
  const read = readJson(text);
  if ('fault' in read) return read.fault;
  const { document } = read;
  if (typeof document !== 'object' || document === null || Array.isArray(document))
    return { path: '', message: `must be a JSON object of the ${what} format` };
  if (tooDeep(document)) return { path: '', message: 'must not be nested so deep' };
  const faults: Fault[] = [];
  collect(validateSync(plainToInstance(cls, document), { forbidUnknownValues: false, stopAtFirstError: true }), '', faults);
  return { document, faults };
}
/** The end must lie behind the beginning. */
function forwards(spans: readonly Span[] | undefined, path: string, faults: Fault[]): void {
  if (!Array.isArray(spans)) return;
  spans.forEach((span: Partial<Span> | null, n) => {
    if (typeof span?.from === 'string' && typeof span.to === 'string' && !(Date.parse(span.from) < Date.parse(span.to)))
      faults.push({ path: `${path}[${n}].to`, message: 'must be later than its from' });
  });
}
/** Ids that the kit must know. */
function known(list: unknown, path: string, there: ReadonlySet<string>, faults: Fault[]): void {
  if (!Array.isArray(list)) return;
  list.forEach((id: unknown, n) => {
    if (typeof id === 'string' && !there.has(id))
      faults.push({ path: `${path}[${n}]`, message: `must be the id of an item in its kit; there is no "${id}"` });
  });
}

/** Reads what is asked of a day. Never throws on bad input: every fault names its place, those of the kit below `kit`. */
export function readDayRequest(text: string): ReadDayRequest {
  const read = checked(text, DayRequestDoc, 'umbrastic/day-request');
  if (!('faults' in read)) return { status: 'faulty', faults: [read] };
  const { faults } = read;
  const request = read.document as DayRequest;
  const kit = checkKit(request.kit);
  const ofKit = kit.status === 'read' ? [] : kit.faults;
  const items: unknown = kit.status === 'read' ? kit.kit.items : [];
  const there = new Set((items as { id: string }[]).map((i) => i.id));
  if (kit.status === 'read') {
    known(request.items, 'items', there, faults);
    for (const list of ['together', 'apart'] as const)
      if (Array.isArray(request[list])) request[list].forEach((ids, n) => known(ids, `${list}[${n}]`, there, faults));
    for (const id of Object.keys(request.due ?? {}))
      if (!there.has(id)) faults.push({ path: `due.${id}`, message: 'must be the id of an item in its kit' });
  }
  forwards(request.quiet, 'quiet', faults);
  if (Array.isArray(request.hands))
    request.hands.forEach((hand, n) => forwards((hand as { windows?: Span[] } | null)?.windows, `hands[${n}].windows`, faults));
  if (
    typeof request.from === 'string' &&
    typeof request.until === 'string' &&
    !(Date.parse(request.from) < Date.parse(request.until))
  )
    faults.push({ path: 'until', message: 'must be later than from' });
  const all = [...firstOf(faults), ...ofKit.map(({ path, message }) => ({ path: path === '' ? 'kit' : `kit.${path}`, message }))];
  return all.length > 0 ? { status: 'faulty', faults: all } : { status: 'read', request };
}
/** Reads a planned day back. Never throws on bad input. */
export function readWashDay(text: string): ReadWashDay {
  const read = checked(text, WashDayDoc, 'umbrastic/wash-day');
  if (!('faults' in read)) return { status: 'faulty', faults: [read] };
  return read.faults.length > 0
    ? { status: 'faulty', faults: firstOf(read.faults) }
    : { status: 'read', day: read.document as WashDay };
}
