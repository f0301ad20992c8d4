import { useObservable } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { thresholdsOf, type Thresholds } from '../core/knowledge';
import { readMeta } from '../data/db';
import { live } from '../data/live';

const livePreferences = live(['meta/preferences'], () => readMeta('preferences'));

/** Where one answer turns into another: ours, and what the user moved. */
export function useThresholds(): Thresholds {
  const preferences = useObservable(livePreferences);
  const moved = preferences?.thresholds;
  return useMemo(() => thresholdsOf(moved), [moved]);
}
