import { useMemo } from 'react';
import { rankAll, type Outline, type Ranked } from '../core/due/rank';
import type { Kit } from '../core/gear';
import { today } from './now';
import { useOpenRuns } from './runs';

/** Every thing with its state, its day and its place in the order; null while the runs are read. */
export function useRanked<O extends Outline>(
  kit: Kit | undefined,
  programmes: Readonly<Record<string, O>> | null,
): Ranked<O>[] | null {
  const runs = useOpenRuns();
  return useMemo(
    () => (kit && runs ? rankAll(kit, programmes, today(), new Set(runs.map((r) => r.itemId))) : null),
    [kit, programmes, runs],
  );
}
