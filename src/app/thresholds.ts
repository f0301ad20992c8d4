import { useObservable } from 'dexie-react-hooks';
import { thresholdsOf, type Thresholds } from '../core/knowledge';
import { readMeta } from '../data/db';
import { live } from '../data/live';

const livePreferences = live(['meta/preferences'], () => readMeta('preferences'));

/** Where one answer turns into another: ours, and what the user moved. */
export function useThresholds(): Thresholds {
  const preferences = useObservable(livePreferences);
  return thresholdsOf(preferences?.thresholds);
}
