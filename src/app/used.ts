import type { Item, UseEntry } from '../core/gear';
import { thingName } from '../core/words';
import { saveUses } from '../data/repo';
import { newId, nowIso } from './now';
import { notify } from './session';

/** Logs a use with one tap; hours, weather and the rest can follow. */
export async function usedToday(item: Item): Promise<UseEntry> {
  const entry: UseEntry = { id: newId('use'), type: 'use', itemId: item.id, at: nowIso() };
  notify(`${thingName(item)}: used today.`, await saveUses([entry]));
  return entry;
}
