import { useLiveQuery } from 'dexie-react-hooks';
import { thresholdsOf, type Thresholds } from '../core/knowledge';
import { readMeta } from '../data/db';

/** Where one answer turns into another: ours, and what the user moved. */
export function useThresholds(): Thresholds {
  const preferences = useLiveQuery(() => readMeta('preferences'), []);
  return thresholdsOf(preferences?.thresholds);
}
