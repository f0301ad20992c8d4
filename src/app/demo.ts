import type { Kit } from '../core/gear';
import type { DayWish } from '../core/washday';
import { checkKit } from '../core/formats';
import { answerCheck, current, finishStep, startRun, startTimer } from '../core/run';
import { db, type DemoPicture, readMeta, writeMeta } from '../data/db';
import { loadKit, replaceKit } from '../data/kit';
import { saveRun, saveWashDay, type Undo } from '../data/repo';
import { AS_IT_CAME, undoAll } from '../data/undo';
import { instantOf } from './dayHours';
import { newId, nowMs } from './now';
import { keepPhotos } from './photos';

interface DemoOffer {
  readonly firstVisit: boolean;
  readonly kit: Kit;
  readonly pictures: readonly DemoPicture[];
  readonly weekend?: Pick<DayWish, 'items' | 'people' | 'quiet'>;
  readonly live: readonly { readonly itemId: string; readonly atStep: string; readonly minutesIn: number }[];
}

async function fetchDemo(asked: Promise<Response> = fetch('/api/demo')): Promise<DemoOffer | null> {
  try {
    const response = await asked;
    return response.ok ? ((await response.json()) as DemoOffer) : null;
  } catch {
    return null;
  }
}

/** Loads the demo kit, with one thing being dried just now. `onKit` is called when the kit stands and the rest is on its way. Gives back what undoes all of it, or null when there is no demo kit here. */
export async function takeDemoKit(offer?: DemoOffer, onKit: () => void = () => undefined): Promise<Undo | null> {
  const demo = offer ?? (await fetchDemo());
  if (!demo) return null;
  const checked = checkKit(demo.kit);
  if (checked.status !== 'read') return null;
  const undos = [await replaceKit(checked.kit)];
  if (demo.weekend) undos.push(await saveWashDay({ ...demo.weekend, from: saturday(), prefer: 'earliest' }, AS_IT_CAME));
  onKit();
  // What plans comes when the kit is on the page.
  const { planItem } = await import('../core/programme');
  for (const live of demo.live) {
    const item = checked.kit.items.find((i) => i.id === live.itemId);
    if (!item) continue;
    const start = nowMs() - (live.minutesIn + 180) * 60_000;
    let run = startRun(planItem(checked.kit, item), item.name ?? item.kind, newId('run'), start);
    while (run.currentId && run.programme.steps.find((s) => s.id === run.currentId)?.key !== live.atStep)
      run = current(run)?.check ? answerCheck(run, true, start) : finishStep(run, start);
    undos.push(await saveRun(startTimer(run, nowMs() - live.minutesIn * 60_000)));
  }
  // The photographs come after the kit, which does not wait for them; undoing does.
  const pictures = takePictures(demo.pictures);
  return async () => undoAll(...undos, ...(await pictures))();
}

/** Eight in the morning of the next Saturday. */
function saturday(): string {
  const day = new Date(nowMs());
  day.setDate(day.getDate() + (6 - day.getDay() || 7));
  day.setHours(8, 0, 0, 0);
  return instantOf(day);
}

const DAY_MS = 86_400_000;
/** Each has an id of its own, so that taking the demo again does not double it. What has not come yet is remembered: a page may be shut meanwhile. */
async function takePictures(pictures: readonly DemoPicture[]): Promise<Undo[]> {
  const undos: Undo[] = [];
  await writeMeta('demoPictures', pictures);
  for (const [n, { file, itemId, step, daysAgo, colour }] of pictures.entries()) {
    // Something else may have taken the club's place meanwhile, or all but some of its things may be gone.
    if (!(await readMeta('demoPictures'))?.length) return undos;
    await writeMeta('demoPictures', pictures.slice(n));
    if (!(await db.items.get(itemId))) continue;
    try {
      const response = await fetch(`/api/demo/pictures/${file}`);
      if (!response.ok) continue;
      const kept = await keepPhotos(itemId, [new File([await response.blob()], file)], {
        step,
        id: `pho-demo-${file}`,
        ...(daysAgo === undefined ? {} : { at: new Date(nowMs() - daysAgo * DAY_MS).toISOString() }),
        ...(colour ? { colour } : {}),
        manner: AS_IT_CAME,
      });
      if (kept.undo) undos.push(kept.undo);
    } catch {
      return undos;
    }
  }
  await writeMeta('demoPictures', []);
  return undos;
}
/** Pictures of the club that a page which was shut did not get. */
export async function restOfPictures(): Promise<void> {
  const rest = await readMeta('demoPictures');
  if (rest && rest.length > 0) await takePictures(rest);
}

/**
 * On a first visit to a demo server the kit is loaded; it is offered, never forced, elsewhere.
 * @param asked the answer of the server, asked for before this file was here. @param onKit called when the kit stands.
 */
export async function firstVisit(asked: Promise<Response>, onKit: () => void): Promise<void> {
  if (await readMeta('demoOffered')) return;
  await writeMeta('demoOffered', true);
  if ((await loadKit()).items.length > 0) return;
  const demo = await fetchDemo(asked);
  if (demo?.firstVisit) await takeDemoKit(demo, onKit);
}
