import { useSyncExternalStore } from 'react';
import { PHONE_PX } from './theme';

const query = (): MediaQueryList => matchMedia(`(max-width: ${PHONE_PX}px)`);
function watch(onChange: () => void): () => void {
  const list = query();
  list.addEventListener('change', onChange);
  return () => list.removeEventListener('change', onChange);
}
/** True at the width of a phone, where trays come from below. What only looks otherwise there is said in CSS. */
export const usePhone = (): boolean => useSyncExternalStore(watch, () => query().matches);
