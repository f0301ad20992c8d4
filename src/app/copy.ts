import type { Fault, LeftOut, Sound } from '../core/formats';
import type { CopyRest, ReadCopy } from '../core/formats/copy';
import type { Item, Kit } from '../core/gear';
import { recordOf, type Run } from '../core/run';
import type { DayWish } from '../core/washday';
import type { Side } from '../core/merging';
import { thingName } from '../core/words/names';
import { howMany } from '../core/words/text';
import { writeMeta, type Photo, type Snapshot, type SnapshotReason } from '../data/db';
import { exportKit, loadKit, loadRest, replaceKit, restoreCopy, type Whole } from '../data/kit';
import { bringTogether } from '../data/together';
import type { Undo } from '../data/repo';
import { keepSnapshot, snapshots } from '../data/snapshots';
import { isFull } from '../data/storage';
import { copyWorker, type ReadKitFile } from '../workers';
import { askWhere, download, downloadBlob } from './download';
import { newId, nowIso, nowMs, today } from './now';
import { notify } from './session';
import { HOUR_MS } from '../core/units/time';

/* Everything that is here as one file, and back. */

const SUFFIX: Readonly<Record<string, string>> = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' };
/** What a copy holds besides things and their record, as one says it; empty when there is nothing. */
export function besidesText(photos: number, runs: number): string {
  const parts = [
    photos > 0 ? howMany(photos, 'photograph') : '',
    runs > 0 ? howMany(runs, 'programme under way', 'programmes under way') : '',
  ];
  return parts.filter(Boolean).join(' and ');
}
/** The same of a copy that was read. @param before what stands before it. */
export const besidesOf = ({ rest, photos }: Whole, before: string): string => {
  const text = besidesText(photos.length, underWay(rest.runs));
  return text && before + text;
};
const underWay = (runs: readonly object[]): number =>
  runs.filter((run) => ['live', 'finished', 'stopped'].includes((run as { status?: string }).status ?? '')).length;

/** Does something with a worker for copies, and ends it. */
async function withWorker<T>(job: (api: ReturnType<typeof copyWorker>['api']) => Promise<T>): Promise<T> {
  const { api, end } = copyWorker();
  try {
    return await job(api);
  } finally {
    end();
  }
}
/** Everything that is stored, as a copy. */
async function pack(api: ReturnType<typeof copyWorker>['api']): Promise<{ readonly blob: Blob; readonly photos: number }> {
  const { rest, photos } = await loadRest();
  return { blob: await api.pack(await exportKit(nowIso()), rest, rowsOf(photos), nowIso()), photos: photos.length };
}
const rowsOf = (photos: readonly Photo[]) =>
  photos.map(({ blob, ...row }, n) => ({
    row: { ...row, file: `photos/${n + 1}.${SUFFIX[blob.type] ?? 'bin'}`, type: blob.type },
    blob,
  }));
/** Several things changed one after the other are one change for this long. */
const ONE_CHANGE_MS = HOUR_MS;
/**
 * Keeps everything as it is now, before something large is done; for some days it can be brought back under Record. Where there is no room for
 * it that is said, and what was to be done can be done all the same.
 */
export async function snapshot(why: SnapshotReason): Promise<void> {
  try {
    const [newest] = await snapshots();
    if (why === 'bulk' && newest?.why === 'bulk' && nowMs() - Date.parse(newest.at) < ONE_CHANGE_MS) return;
    const { items } = await loadKit();
    // Of an empty kit there is nothing to bring back.
    if (items.length === 0) return;
    const { blob, photos } = await withWorker(pack);
    await keepSnapshot({ id: newId('snap'), at: nowIso(), why, things: items.length, photos, blob });
  } catch (error) {
    notify(
      isFull(error)
        ? 'There was no room to keep everything as it was before; Undo still takes it back.'
        : 'Everything as it was before could not be kept as well; Undo still takes it back.',
    );
  }
}
/** Brings a kept state back; what is here now is kept in its place. */
export async function bringBack({ blob }: Snapshot): Promise<void> {
  const opened = await openFile(new File([blob], 'copy.zip'));
  if (opened.state === 'refused') {
    notify('It cannot be read any more. What is here stays as it is.');
    return;
  }
  await snapshot('restore');
  notify('Everything is as it was then.', await takeOver(opened.kit, opened.whole));
}
/** Saves everything as one file, and reads it back before it says so. */
export async function saveCopy(): Promise<void> {
  const place = await askWhere('copy', `umbrastic-${today()}.zip`);
  if (!place) return;
  const { blob, read } = await withWorker(async (api) => {
    const made = await pack(api);
    return { ...made, read: await api.read(made.blob) };
  });
  try {
    await place.put(blob);
  } catch {
    notify('The copy could not be written there; nothing of yours is lost. Save it in another place.');
    return;
  }
  if (read.status !== 'read') {
    const [fault] = read.faults;
    notify(
      `The copy is ${place.words}, but ${howMany(read.faults.length, 'entry breaks', 'entries break')} the rules of the format (${fault?.path ?? ''} ${fault?.message ?? ''}). When it is opened, the rest can be taken.`,
    );
    return;
  }
  await writeMeta('copiedAt', nowIso());
  const besides = besidesText(read.rest.photos.length, underWay(read.rest.runs));
  const [lost] = read.left;
  if (lost) {
    notify(
      `The copy is ${place.words}, but ${howMany(read.left.length, 'entry', 'entries')} in it cannot be opened again (${lost.name}, ${lost.path} ${lost.message}).`,
    );
    return;
  }
  notify(`The copy is ${place.words}${besides ? `, with ${besides}` : ''}; it was read back and is whole.`);
}
/** Packs some things with their records and pictures for somebody else; it opens beside what they have. @returns how many pictures went along. */
async function handOver(ids: readonly string[], name: string, more: Partial<Omit<CopyRest, 'photos'>> = {}): Promise<number> {
  const [{ kitOfThings }, kit, { photos }] = await Promise.all([import('../core/formats/beside'), loadKit(), loadRest()]);
  const mine = photos.filter((p) => ids.includes(p.itemId));
  const text = JSON.stringify(kitOfThings(kit, ids, nowIso()), null, 2);
  const blob = await withWorker(async (api) => api.pack(text, { ...NOTHING_ELSE, ...more }, rowsOf(mine), nowIso()));
  downloadBlob(`${fileName(name)}.zip`, blob);
  return mine.length;
}
const STAYS = 'What it cost, your choices and your bottles stay with you.';
const THERE = 'Another Umbrastic takes it in beside its own things';
/** Saves one thing with its record and pictures. */
export async function saveThing(item: Item): Promise<void> {
  const pictures = await handOver([item.id], thingName(item));
  notify(
    `${thingName(item)} is in your downloads, with its record${pictures > 0 ? ` and ${howMany(pictures, 'photograph')}` : ''}. ${STAYS} ${THERE}.`,
  );
}
/** Saves a programme to be carried out by somebody else, from the step at which it stands, with its thing. */
export async function saveRunFor(run: Run): Promise<void> {
  const { runForOthers } = await import('../core/run/for-others');
  await handOver([run.itemId], `${run.itemName} programme`, { runs: [runForOthers(recordOf(run))] });
  notify(
    `The programme of ${run.itemName} is in your downloads, with the thing and its record. ${STAYS} ${THERE}, and it is carried out there.`,
  );
}
/** Saves the things of a wash day, and the day as it was put together, without who is there and with which machines. */
export async function saveDayFor(wish: DayWish): Promise<void> {
  const { items, from, until, prefer } = wish;
  const washDay = { items, from, ...(until === undefined ? {} : { until }), prefer, people: [] };
  await handOver(items, 'wash day', { washDay });
  notify(
    `The wash day is in your downloads, with its ${howMany(items.length, 'thing')}. ${THERE}, and plans the day for its own machines and people.`,
  );
}
const NOTHING_ELSE = { runs: [], drafts: [], sheets: [], views: [], registers: [] };
/** A name as a file may have it everywhere. */
const fileName = (name: string): string =>
  name
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60)
    .toLowerCase() || 'thing';

/** Saves the kit document alone, for other software, and says what it leaves out. */
export async function saveForOthers(): Promise<void> {
  download(`umbrastic-${today()}.json`, 'application/json', await exportKit(nowIso()));
  const { rest, photos } = await loadRest();
  const besides = besidesText(photos.length, underWay(rest.runs));
  notify(
    `The file is in your downloads. ${besides ? `It leaves out ${besides}` : 'It holds no photographs'}, saved views and half-made changes.`,
  );
}

/** What a file holds, or why it cannot be opened. */
export type Opened =
  | {
      readonly state: 'ready';
      readonly kit: Kit;
      readonly left: readonly LeftOut[];
      /** Null for a kit document, which holds nothing else. */
      readonly whole: Whole | null;
      readonly madeAt: string | null;
    }
  | { readonly state: 'refused'; readonly faults: readonly Fault[]; readonly sound: Sound | null };
const photosOf = (rest: CopyRest, pictures: ReadonlyMap<string, Uint8Array>): Photo[] =>
  rest.photos.map(({ file, type, ...row }) => ({
    ...row,
    blob: new Blob([pictures.get(file) as Uint8Array<ArrayBuffer>], { type }),
  }));
/** Reads a copy or a kit document. */
export async function openFile(file: File): Promise<Opened> {
  const first = new Uint8Array(await file.slice(0, 4).arrayBuffer());
  if (first[0] !== 0x50 || first[1] !== 0x4b) {
    const text = await file.text();
    const read = await withWorker<ReadKitFile>(async (api) => api.readKit(text));
    return read.status === 'read'
      ? { state: 'ready', kit: read.kit, left: [], whole: null, madeAt: null }
      : { state: 'refused', faults: read.faults, sound: read.sound };
  }
  const read = await withWorker<ReadCopy>(async (api) => api.read(file));
  if (read.status !== 'read') return { state: 'refused', faults: read.faults, sound: read.sound };
  const { kit, left, madeAt, rest, pictures } = read;
  return { state: 'ready', kit, left, madeAt, whole: { rest, photos: photosOf(rest, pictures) } };
}
/** Brings what was read and what is here together. @param choices of what was changed in both. */
export async function bringBoth(kit: Kit, whole: Whole, choices: Readonly<Record<string, Side>>): Promise<Undo> {
  await snapshot('merge');
  return bringTogether(kit, whole, choices, nowMs());
}
/** Puts what was read in place of what is here. */
export async function takeOver(kit: Kit, whole: Whole | null): Promise<Undo> {
  // Pictures of the club that still come belong to what is replaced.
  await writeMeta('demoPictures', []);
  return whole ? restoreCopy(kit, whole) : replaceKit(kit);
}
