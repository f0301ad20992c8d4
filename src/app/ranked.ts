import { useMemo } from 'react';
import { rankerOf, type Outline, type Ranked } from '../core/due/rank';
import type { Kit } from '../core/gear';
import type { Run } from '../core/run';
import { today } from './now';
import { useOpenRuns } from './runs';

interface Ranker {
  readonly runs: readonly Run[];
  readonly day: string;
  readonly rank: ReturnType<typeof rankerOf>;
}
/** For the next page of the same kit: what was ranked there keeps its row. */
const rankers = new WeakMap<Kit, Ranker>();
function rankerFor(kit: Kit, runs: readonly Run[]): Ranker['rank'] {
  const day = today();
  const known = rankers.get(kit);
  if (known?.runs === runs && known.day === day) return known.rank;
  const rank = rankerOf(kit, day, new Set(runs.map((r) => r.itemId)));
  rankers.set(kit, { runs, day, rank });
  return rank;
}

/** Every thing with its state, its day and its place in the order; null while the runs are read. */
export function useRanked<O extends Outline>(
  kit: Kit | undefined,
  programmes: Readonly<Record<string, O>> | null,
): Ranked<O>[] | null {
  const runs = useOpenRuns();
  return useMemo(
    // What goes in as one kind of outline comes out as it.
    () => (kit && runs ? (rankerFor(kit, runs)(programmes) as Ranked<O>[]) : null),
    [kit, programmes, runs],
  );
}
