import { useMemo } from 'react';
import { rankerOf, type Ranked } from '../core/due/rank';
import type { Kit } from '../core/gear';
import type { ProgrammeOutline } from '../core/outline';
import type { Run } from '../core/run';
import type { Outlines } from './answers';
import { today } from './now';
import { useOpenRuns } from './runs';

type Rank = (programmes: Outlines | null) => Ranked<ProgrammeOutline>[];
/** For the next page of the same kit: what was ranked there keeps its row. */
const rankers = new WeakMap<Kit, { readonly runs: readonly Run[]; readonly day: string; readonly rank: Rank }>();
function rankerFor(kit: Kit, runs: readonly Run[]): Rank {
  const day = today();
  const known = rankers.get(kit);
  if (known?.runs === runs && known.day === day) return known.rank;
  const rank: Rank = rankerOf(kit, day, new Set(runs.map((r) => r.itemId)));
  rankers.set(kit, { runs, day, rank });
  return rank;
}

/** Every thing with its state, its day and its place in the order; null while the runs are read. */
export function useRanked(kit: Kit | undefined, programmes: Outlines | null): Ranked<ProgrammeOutline>[] | null {
  const runs = useOpenRuns();
  return useMemo(() => (kit && runs ? rankerFor(kit, runs)(programmes) : null), [kit, programmes, runs]);
}
