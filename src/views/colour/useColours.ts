import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { ColourMarks, ColourResult } from '../../core/colour';
import { db } from '../../data/db';
import { colourWorker } from '../../workers';
import type { ColourPicture, ReadPicture } from '../../workers/colour.protocol';

export interface ColoursOf {
  /** Part of the picture that is read; null when none is being read. */
  readonly share: number | null;
  /** Why it was not read. */
  readonly fault: 'unreadable' | 'stopped' | null;
  /** The answer, and the marks that it is of. */
  readonly answer: { readonly marks: ColourMarks; readonly result: ColourResult } | null;
}
const NONE: ColoursOf = { share: null, fault: null, answer: null };

/**
 * The colours at the marks of a picture. It is read once; then one question is under way at a time and the newest waits, so that dragging never
 * piles them up.
 */
export function useColours(which: ColourPicture, id: string | undefined, marks: ColourMarks): ColoursOf {
  const [state, setState] = useState<ColoursOf & { readonly of: string | undefined; readonly read: boolean }>({
    ...NONE,
    of: undefined,
    read: false,
  });
  useEffect(() => {
    if (!id) return;
    // What is told of a picture after it was read, or after another took its place, is late.
    let over = false;
    let done = false;
    const readIt = async (): Promise<ReadPicture> => {
      const file = (await db.photos.get(id))?.blob;
      if (over) return 'stopped';
      setState({ ...NONE, of: id, read: false, share: 0 });
      if (!file) return 'unreadable';
      return colourWorker().read(
        which,
        file,
        proxy((share: number) => {
          if (!over && !done) setState((s) => ({ ...s, share }));
        }),
      );
    };
    void readIt().then((status) => {
      done = true;
      if (!over) setState((s) => ({ ...s, share: null, fault: status === 'read' ? null : status, read: status === 'read' }));
    });
    return () => {
      over = true;
      void colourWorker().stop(which);
    };
  }, [which, id]);
  const waiting = useRef<ColourMarks | null>(null);
  const busy = useRef(false);
  const { read, of } = state;
  useEffect(() => {
    if (!read || of !== id) return;
    waiting.current = marks;
    if (busy.current) return;
    busy.current = true;
    const ask = async (): Promise<void> => {
      try {
        while (waiting.current) {
          const asked: ColourMarks = waiting.current;
          waiting.current = null;
          const result = await colourWorker().measure(which, asked);
          if (result) setState((s) => (s.of === id ? { ...s, answer: { marks: asked, result } } : s));
        }
      } finally {
        busy.current = false;
      }
    };
    void ask();
  }, [which, id, of, read, marks]);
  return state.of === id ? state : NONE;
}
