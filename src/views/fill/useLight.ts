import { useCallback, useEffect, useRef, useState } from 'react';
import type { FillMap } from '../../core/gear';
import type { LightMarks, LightResult } from '../../core/loft/light';
import { lightWorker } from '../../workers';

interface Asked {
  readonly map: FillMap;
  readonly fillG: number;
  readonly marks: LightMarks;
  /** Counts the pictures read, so that another picture asks anew. */
  readonly read: number;
}

/**
 * The answer to the marks as they are. One question is under way at a time and the newest waits, so that dragging never piles them up;
 * `stale` while the answer is of earlier marks.
 */
export function useLight(asked: Asked | null): { readonly result: LightResult | null; readonly stale: boolean } {
  const [answered, setAnswered] = useState<{ of: Asked; result: LightResult } | null>(null);
  const waiting = useRef<Asked | null>(null);
  const busy = useRef(false);
  const ask = useCallback(async (): Promise<void> => {
    if (busy.current) return;
    busy.current = true;
    try {
      while (waiting.current) {
        const of: Asked = waiting.current;
        waiting.current = null;
        const result = await lightWorker().measure(of.map, of.fillG, of.marks);
        if (result) setAnswered({ of, result });
      }
    } finally {
      busy.current = false;
    }
  }, []);
  useEffect(() => {
    if (!asked) return;
    waiting.current = asked;
    void ask();
  }, [asked, ask]);
  return { result: answered?.result ?? null, stale: asked !== null && answered?.of !== asked };
}
