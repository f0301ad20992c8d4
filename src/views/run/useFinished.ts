import { latestInspection } from '../../core/gear';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { useDraft } from '../../app/draft';
import { useItem } from '../../app/kit';
import { useLoad } from '../../app/loads';
import { nowIso, today } from '../../app/now';
import { notify } from '../../app/session';
import { type Run } from '../../core/run';
import { finishRun } from '../../core/run/finish';
import { db } from '../../data/db';
import { dropRuns, writeResult } from '../../data/repo';

/** What a run that has ended comes to, as it will be written, and the note that goes with it; null while it is being read. */
export function useFinished(run: Run) {
  const { kit, item } = useItem(run.itemId);
  const entry = useLiveQuery(async () => [await db.log.get(`log-${run.id}`)].find((e) => e?.type === 'care') ?? null, [run.id]);
  const mates = useLoad(run.load?.id);
  const [unsaid] = useState({ note: '' });
  // What is typed here outlives a closed tab, as all that is typed.
  const sheet = useDraft(`end:${run.id}`, unsaid);
  const { note } = sheet.draft;
  const ended = new Date(run.finishedAtMs ?? run.seenAtMs).toISOString();
  const result = useMemo(
    () =>
      kit && item
        ? finishRun(
            run,
            item,
            latestInspection(kit.inspections, item.id),
            kit,
            { iso: ended, today: today(), logId: `log-${run.id}`, inspectionId: `ins-${run.id}` },
            note.trim(),
            mates ?? [],
          )
        : null,
    [run, item, kit, note, ended, mates],
  );
  return kit && entry !== undefined && mates !== undefined
    ? { kit, item, entry, result, note, setNote: (text: string) => sheet.setDraft({ note: text }), forgetDraft: sheet.forget }
    : null;
}
export type FinishedRun = NonNullable<ReturnType<typeof useFinished>>;
/** Writes it into the record. */
export async function writeRun(run: Run, result: NonNullable<FinishedRun['result']>, forgetDraft: () => void): Promise<void> {
  notify(
    'Recorded: supplies, machine and next look are up to date.',
    await writeResult(run.id, { ...result, entry: { ...result.entry, at: nowIso() } }),
  );
  forgetDraft();
}
/** Keeps nothing of it. */
export async function forgetRun(run: Run, forgetDraft: () => void): Promise<void> {
  const undo = await dropRuns([run]);
  forgetDraft();
  notify('Nothing of it is kept.', undo);
}
