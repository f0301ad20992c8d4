import { useLayoutEffect, useRef, type RefObject } from 'react';

/**
 * Keeps something where the eye has it while what stands above it changes: call `hold` before the change.
 * @param on what the change makes new.
 */
export function useHeld(on: unknown): { readonly ref: RefObject<HTMLDivElement | null>; readonly hold: () => void } {
  const ref = useRef<HTMLDivElement>(null);
  const top = useRef<number | null>(null);
  useLayoutEffect(() => {
    const was = top.current;
    top.current = null;
    if (was === null || !ref.current) return;
    const by = ref.current.getBoundingClientRect().top - was;
    if (by !== 0) window.scrollBy({ top: by, behavior: 'instant' });
  }, [on]);
  return {
    ref,
    hold: () => {
      top.current = ref.current?.getBoundingClientRect().top ?? null;
    },
  };
}
