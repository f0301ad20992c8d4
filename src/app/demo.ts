import type { Kit } from '../core/gear';
import { checkKit } from '../core/formats';
import { planItem } from '../core/programme';
import { finishStep, startRun, startTimer } from '../core/run';
import { readMeta, writeMeta } from '../data/db';
import { loadKit, replaceKit } from '../data/kit';
import { saveRun } from '../data/repo';
import { newId, nowMs } from './now';
import { keepPhotos } from './photos';

interface DemoOffer {
  readonly firstVisit: boolean;
  readonly kit: Kit;
  readonly pictures: readonly { readonly file: string; readonly itemId: string; readonly step: string }[];
  readonly live: readonly { readonly itemId: string; readonly atStep: string; readonly minutesIn: number }[];
}

async function fetchDemo(): Promise<DemoOffer | null> {
  try {
    const response = await fetch('/api/demo');
    return response.ok ? ((await response.json()) as DemoOffer) : null;
  } catch {
    return null;
  }
}

/** Loads the demo kit, with one thing being dried just now. Says whether it could. */
export async function takeDemoKit(offer?: DemoOffer): Promise<boolean> {
  const demo = offer ?? (await fetchDemo());
  if (!demo) return false;
  const checked = checkKit(demo.kit);
  if (checked.status !== 'read') return false;
  await replaceKit(checked.kit);
  for (const live of demo.live) {
    const item = checked.kit.items.find((i) => i.id === live.itemId);
    if (!item) continue;
    const start = nowMs() - (live.minutesIn + 180) * 60_000;
    let run = startRun(planItem(checked.kit, item), item.name ?? item.kind, newId('run'), start);
    while (run.currentId && run.programme.steps.find((s) => s.id === run.currentId)?.key !== live.atStep)
      run = finishStep(run, start);
    await saveRun(startTimer(run, nowMs() - live.minutesIn * 60_000));
  }
  void takePictures(demo.pictures);
  return true;
}

/** The demo's photographs come after its kit, which does not wait for them. */
async function takePictures(pictures: DemoOffer['pictures']): Promise<void> {
  for (const { file, itemId, step } of pictures) {
    try {
      const response = await fetch(`/api/demo/pictures/${file}`);
      if (response.ok) await keepPhotos(itemId, [new File([await response.blob()], file)], { step });
    } catch {
      return;
    }
  }
}

/** On a first visit to a demo server the kit is loaded; it is offered, never forced, elsewhere. */
export async function firstVisit(): Promise<void> {
  if (await readMeta('demoOffered')) return;
  await writeMeta('demoOffered', true);
  if ((await loadKit()).items.length > 0) return;
  const demo = await fetchDemo();
  if (demo?.firstVisit) await takeDemoKit(demo);
}
