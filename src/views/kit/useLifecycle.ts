import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { today } from '../../app/now';
import { lastsUntil } from '../../core/season';
import { daysBetween } from '../../core/units/day';
import { dayOfUse } from '../../core/year';
import { notify } from '../../app/session';
import type { Item, Kit } from '../../core/gear';
import { KIND_WORDS } from '../../core/words';
import { changeItems } from '../../data/repo';
import { KNOWLEDGE } from '../../core/knowledge';

/** How long it has lasted, what it went through, and the sheet that is open. */
export function useLifecycle(kit: Kit, item: Item) {
  const [params, setParams] = useSearchParams();
  const [asked, setAsked] = useState<'lend' | 'target' | 'gone' | null>(null);
  // Other pages lead straight to a sheet.
  const wanted = params.get('life');
  const open = asked ?? (wanted === 'lend' ? 'lend' : wanted === 'given-away' ? 'gone' : null);
  const setOpen = (next: typeof asked): void => {
    setAsked(next);
    if (wanted !== null) setParams({}, { replace: true });
  };
  const name = item.name ?? KIND_WORDS[item.kind];
  const now = today();
  const log = (kit.log ?? []).filter((e) => e.itemId === item.id);
  const washes = log.filter((e) => e.type === 'care' && (e.aims ?? []).includes('wash')).length;
  const uses = log.filter((e) => e.type === 'use');
  const lastUse = uses.map(dayOfUse).sort().at(-1);
  const wear = [...new Set(kit.inspections.filter((i) => i.itemId === item.id).flatMap((i) => i.wear ?? []))];
  const lower = item.jobClass ? KNOWLEDGE.settings.lowerJob[item.jobClass] : undefined;
  const age = item.boughtOn ? daysBetween(item.boughtOn, now) : null;
  // Asked and kept, it is not asked again for as long.
  const idle = lastUse || item.keptOn ? daysBetween([lastUse ?? '', item.keptOn ?? ''].sort().at(-1) ?? now, now) : age;
  const until = lastsUntil(item);
  const change = async (said: string, next: Item): Promise<void> => {
    notify(said, await changeItems([next]));
    setOpen(null);
  };
  return { open, setOpen, asked, name, now, washes, uses: uses.length, wear, lower, age, idle, until, change };
}
export type LifeHere = ReturnType<typeof useLifecycle>;
