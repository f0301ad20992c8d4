import type { UpkeepTask } from '../core/gear';
import { UPKEEP_WORDS } from '../core/words/upkeep';
import { saveEntry } from '../data/repo';
import { newId, nowIso } from './now';
import { notify } from './session';

/** Writes down that a task of a machine was done just now. */
export async function upkeepDone(machine: { readonly id: string }, task: UpkeepTask): Promise<void> {
  notify(
    `${UPKEEP_WORDS[task].name}: written down for today.`,
    await saveEntry({ id: newId('log'), type: 'upkeep', at: nowIso(), machineId: machine.id, tasks: [task] }),
  );
}
