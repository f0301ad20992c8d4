import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { db } from '../data/db';
import { pictureWorker } from '../workers';
import type { PictureSlot, ReadPicture } from '../workers/picture.protocol';

export interface PictureReading<M, R> {
  /** Part of the picture that is read; null when none is being read. */
  readonly share: number | null;
  /** Why it was not read. */
  readonly fault: 'unreadable' | 'stopped' | null;
  /** The answer, and the marks that it is of. */
  readonly answer: { readonly marks: M; readonly result: R } | null;
}
const NONE: PictureReading<never, never> = { share: null, fault: null, answer: null };

/**
 * What is read at the marks of a picture. It is read once; then one question is under way at a time and the newest waits, so that dragging never
 * piles them up.
 */
export function usePictureReading<S extends PictureSlot, M, R>(
  which: S,
  id: string | undefined,
  marks: M,
  /** The question to the worker; always the same one. */
  measure: (slot: S, marks: M) => Promise<R | null>,
): PictureReading<M, R> {
  const [state, setState] = useState<PictureReading<M, R> & { readonly of: string | undefined; readonly read: boolean }>({
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
      return pictureWorker().read(
        which,
        file,
        proxy((share: number) => {
          if (!over && !done) setState((s) => ({ ...s, share }));
        }),
      );
    };
    const end = (status: ReadPicture): void => {
      done = true;
      if (!over) setState((s) => ({ ...s, share: null, fault: status === 'read' ? null : status, read: status === 'read' }));
    };
    void readIt().then(end, (error: unknown) => {
      // It is said, as whatever fails without anybody waiting for it.
      end('stopped');
      throw error;
    });
    return () => {
      over = true;
      // Where it was lost there is nothing to stop.
      pictureWorker()
        .stop(which)
        .catch(() => undefined);
    };
  }, [which, id]);
  const waiting = useRef<M | null>(null);
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
          const asked: M = waiting.current;
          waiting.current = null;
          const result = await measure(which, asked);
          if (result) setState((s) => (s.of === id ? { ...s, answer: { marks: asked, result } } : s));
        }
      } finally {
        busy.current = false;
      }
    };
    void ask();
  }, [which, id, of, read, marks, measure]);
  return state.of === id ? state : NONE;
}
