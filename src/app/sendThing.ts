import type { Item, Kit } from '../core/gear';
import { download } from './download';

/** One thing with what is recorded of it and what went wrong with it, as a file. */
export function saveToSend(kit: Kit, item: Item, failed: string): void {
  const own = <R extends { readonly itemId?: string }>(rows: readonly R[] = []): R[] => rows.filter((r) => r.itemId === item.id);
  const { format, version, equipment, preferences } = kit;
  const part = {
    format,
    version,
    items: [item],
    inspections: own(kit.inspections),
    log: own(kit.log),
    equipment,
    preferences,
    failed,
  };
  download('umbrastic-to-send.json', 'application/json', JSON.stringify(part, null, 2));
}
