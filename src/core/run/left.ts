import type { LogEntry, Residue, Supply, UsedSupply, Washer } from '../gear';
import { inForce, type RunEvent } from './events';
import type { Run } from './state';
import { carried } from './report';

/* What a run took off the bottles and left in the machines. */

type Of<T extends RunEvent['type']> = Extract<RunEvent, { type: T }>;
/** The lines of one kind that still hold, oldest first. */
export const eventsOf = <T extends RunEvent['type']>(run: Run, type: T): Of<T>[] =>
  inForce(run.events).filter((e): e is Of<T> => e.type === type);

/** Takes what was used off the bottles: off the one that was meant first, then off the others of its class. Never below empty. */
export function takeOff(run: Run, supplies: readonly Supply[]): { readonly supplies: Supply[]; readonly used: UsedSupply[] } {
  const left = new Map(supplies.map((s) => [s.id, s.remainingMl]));
  const used = new Map<string, UsedSupply & { ml: number }>();
  const put = (key: string, use: UsedSupply, ml: number): void => {
    used.set(key, { ...use, ml: (used.get(key)?.ml ?? 0) + ml });
  };
  for (const { class: cls, ml, supplyId } of eventsOf(run, 'used')) {
    let want = ml;
    const bottles = supplies.filter((s) => s.class === cls).sort((a, b) => Number(b.id === supplyId) - Number(a.id === supplyId));
    for (const { id } of bottles) {
      const has = left.get(id);
      // A bottle whose rest is not known is enough.
      const out = has === undefined ? want : Math.min(want, has);
      if (out <= 0) continue;
      want -= out;
      if (has !== undefined) left.set(id, has - out);
      put(id, { supplyId: id, class: cls }, out);
      if (want <= 0) break;
    }
    // More than the cupboard knew of: it was used all the same.
    if (want > 0) put(cls, { class: cls }, want);
  }
  return {
    supplies: supplies.map((s) => {
      const rest = left.get(s.id);
      return rest === undefined || rest === s.remainingMl ? s : { ...s, remainingMl: rest };
    }),
    used: [...used.values()],
  };
}

/** What the record says went through a machine and stayed in it since an instant, ms. */
function leftSince(log: readonly LogEntry[], washerId: string, sinceMs: number): Residue[] {
  return log.flatMap((entry): Residue[] => {
    if ((entry.type !== 'care' && entry.type !== 'load') || entry.washerId !== washerId || Date.parse(entry.at) <= sinceMs)
      return [];
    const used = (entry.supplies ?? []).map((s) => s.class);
    return [
      ...(used.includes('powder') ? (['powder'] as const) : []),
      ...(used.includes('chlorine-bleach') ? (['bleach'] as const) : []),
      ...((entry.steps ?? []).some((s) => s.do === 'treat-grease' && s.outcome === 'done') ? (['workshop'] as const) : []),
    ];
  });
}
/**
 * A purge clears a machine's residues; powder, bleach and greasy loads leave their own.
 * @param log the record: what went through the machine after a purge of this run, and was written down before it, stays in it.
 */
export function residues(run: Run, washers: readonly Washer[], iso: string, log: readonly LogEntry[]): Washer[] {
  return washers.map((washer) => {
    let left: readonly Residue[] | undefined = washer.lastLoads;
    let scent = washer.scentPurgedAt;
    for (const step of run.programme.steps) {
      if (step.settings.washerId !== washer.id || carried(run, step.id) === 0) continue;
      if (step.do === 'purge-machine' || step.do === 'purge-scent')
        left = leftSince(log, washer.id, run.steps[step.id]?.finishedAtMs ?? run.seenAtMs);
      if (step.do === 'purge-scent') scent = iso;
      if (step.settings.cleaner === 'powder') left = [...(left ?? []), 'powder'];
      if (step.settings.cleaner === 'chlorine-bleach') left = [...(left ?? []), 'bleach'];
      if (step.do === 'machine-wash' && run.programme.steps.some((s) => s.do === 'treat-grease' && carried(run, s.id) > 0))
        left = [...(left ?? []), 'workshop'];
    }
    // What nobody wrote down stays unknown.
    return { ...washer, ...(left ? { lastLoads: [...new Set(left)] } : {}), ...(scent ? { scentPurgedAt: scent } : {}) };
  });
}
