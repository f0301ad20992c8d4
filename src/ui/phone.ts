import { useSyncExternalStore } from 'react';
import { PHONE_PX } from './theme';

const query = (): MediaQueryList => matchMedia(`(max-width: ${PHONE_PX}px)`);
function watch(told: () => void): () => void {
  const list = query();
  list.addEventListener('change', told);
  return () => list.removeEventListener('change', told);
}
/** True at the width of a phone, where trays come from below. What only looks otherwise there is said in CSS. */
export const usePhone = (): boolean => useSyncExternalStore(watch, () => query().matches);
