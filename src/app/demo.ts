import type { Kit } from '../core/gear';
import type { DayWish } from '../core/washday';
import { foldRun, type RunRecord } from '../core/run';
import { db, type DemoPicture, type Photo, readMeta, writeMeta } from '../data/db';
import { replaceKit, takeFirst } from '../data/kit';
import { savePhotos, saveRuns, saveWashDay, type Undo } from '../data/repo';
import { AS_IT_CAME, undoAll } from '../data/undo';
import { keepAnswers, type Outlines, takeAnswers } from './answers';
import { instantHere } from '../core/units/day';
import { kitIsRead } from './kit';
import { newId, nowIso, nowMs } from './now';
import { whenQuiet } from './quiet';
import { DAY_MS } from '../core/units/time';

/** What the demo server offers; it has held the kit to the rules of the format, and its pictures hold nothing but the picture. */
interface DemoOffer {
  readonly firstVisit: boolean;
  readonly kit: Kit;
  readonly pictures: readonly DemoPicture[];
  readonly weekend?: Pick<DayWish, 'items' | 'people' | 'quiet'>;
  readonly runs: readonly RunRecord[];
  /** What every thing of it needs, by the build that serves this page. */
  readonly answers: Outlines;
}

async function fetchDemo(asked: Promise<Response> = fetch('/api/demo')): Promise<DemoOffer | null> {
  try {
    const response = await asked;
    return response.ok ? ((await response.json()) as DemoOffer) : null;
  } catch {
    return null;
  }
}

/** What is under way in it, each run this browser's own. */
const runsOf = ({ runs }: DemoOffer): RunRecord[] => runs.map((run) => ({ ...run, id: newId('run') }));
const washDayOf = ({ weekend }: DemoOffer): DayWish | undefined =>
  weekend && { ...weekend, from: saturday(), prefer: 'earliest' };

/** Loads the demo kit, with one thing being dried just now, in place of what is here. Gives back what undoes all of it, or null when there is no demo kit here. */
export async function takeDemoKit(): Promise<Undo | null> {
  const demo = await fetchDemo();
  if (!demo) return null;
  const undos = [await replaceKit(demo.kit), await saveRuns(runsOf(demo).map(foldRun))];
  const washDay = washDayOf(demo);
  if (washDay) undos.push(await saveWashDay(washDay, { ...AS_IT_CAME, checked: true }));
  // The photographs come after the kit, which does not wait for them; undoing does.
  const pictures = takePictures(demo.pictures);
  return async () => undoAll(...undos, ...(await pictures))();
}

/** Eight in the morning of the next Saturday. */
function saturday(): string {
  const day = new Date(nowMs());
  day.setDate(day.getDate() + (6 - day.getDay() || 7));
  day.setHours(8, 0, 0, 0);
  return instantHere(day);
}

/** How many pictures are fetched and kept together: each time, what shows pictures is drawn anew. */
const AT_A_TIME = 4;
/** A picture of the club as a photograph of this browser; null where the server has none of that name. */
async function photoOf({ file, itemId, step, daysAgo, colour, width, height }: DemoPicture): Promise<Photo | null> {
  const response = await fetch(`/api/demo/pictures/${file}`);
  if (!response.ok) return null;
  const blob = await response.blob();
  const at = daysAgo === undefined ? nowIso() : new Date(nowMs() - daysAgo * DAY_MS).toISOString();
  const photo = { id: `pho-demo-${file}`, itemId, step, at, width, height, bytes: blob.size, blob };
  return { ...photo, ...(colour ? { colour } : {}) };
}
/** Each has an id of its own, so that taking the demo again does not double it. What has not come yet is remembered: a page may be shut meanwhile. */
async function takePictures(pictures: readonly DemoPicture[]): Promise<Undo[]> {
  const undos: Undo[] = [];
  await writeMeta('demoPictures', pictures);
  await whenQuiet();
  for (let n = 0; n < pictures.length; n += AT_A_TIME) {
    // Something else may have taken the club's place meanwhile, or all but some of its things may be gone.
    if (!(await readMeta('demoPictures'))?.length) return undos;
    if (n > 0) await writeMeta('demoPictures', pictures.slice(n));
    const next = pictures.slice(n, n + AT_A_TIME);
    const owners = await db.items.bulkGet(next.map(({ itemId }) => itemId));
    try {
      const photos = await Promise.all(next.filter((_, k) => owners[k]).map(photoOf));
      const come = photos.filter((photo) => photo !== null);
      if (come.length > 0) undos.push(await savePhotos(come, AS_IT_CAME));
    } catch {
      return undos;
    }
  }
  await writeMeta('demoPictures', []);
  return undos;
}
/** Pictures of the club that a page which was shut did not get. */
export async function restOfPictures(): Promise<void> {
  // An earlier version did not note how large they are; they are left out.
  const rest = ((await readMeta('demoPictures')) ?? []).filter(({ width, height }) => width > 0 && height > 0);
  await (rest.length > 0 ? takePictures(rest) : writeMeta('demoPictures', []));
}

/**
 * On a first visit to a demo server the kit is loaded; it is offered, never forced, elsewhere.
 * @param asked the answer of the server, asked for before this file was here. @param onKit called when pages have the kit: none says for a moment that there is nothing.
 */
export async function firstVisit(asked: Promise<Response>, onKit: () => void): Promise<void> {
  if (await readMeta('demoOffered')) return;
  await writeMeta('demoOffered', true);
  const demo = await fetchDemo(asked);
  if (!demo?.firstVisit || !(await takeFirst(demo.kit, runsOf(demo), washDayOf(demo)))) return;
  const kit = await kitIsRead();
  if (kit) takeAnswers(kit, demo.answers);
  onKit();
  if (kit) void whenQuiet().then(() => keepAnswers(kit, demo.answers));
  // The photographs come after the kit, which does not wait for them.
  await takePictures(demo.pictures);
}
