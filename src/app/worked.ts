import { startTransition, useEffect, useState } from 'react';

/** So long the page may be held, ms. */
const AT_A_TIME_MS = 8;

/**
 * Works something out for each of a list, a few at a time, so that a hand is heard in between; nothing of it at once.
 * @param done is given all of it, in order. @param failed is given what the work threw; no more is worked out then. @returns how to stop it.
 */
export function inSlices<T, R>(
  of: readonly T[],
  work: (one: T) => R,
  done: (all: readonly R[]) => void,
  failed: (error: unknown) => void,
): () => void {
  const all: R[] = [];
  const goOn = (): void => {
    const until = performance.now() + AT_A_TIME_MS;
    try {
      for (const one of of.slice(all.length)) {
        if (performance.now() > until) break;
        all.push(work(one));
      }
    } catch (error) {
      failed(error);
      return;
    }
    if (all.length < of.length) next = setTimeout(goOn);
    else done(all);
  };
  let next = setTimeout(goOn);
  return () => clearTimeout(next);
}

/**
 * What is worked out for each of a list, in slices. @param of the same list = the same answers.
 * @returns all of them, in order; null until then. While a newer list is worked through the last stands.
 * Error: what the work itself throws, where the page is drawn, as if it had been worked out there.
 */
export function useWorked<T, R>(of: readonly T[] | null, work: (one: T) => R): readonly R[] | null {
  const [made, setMade] = useState<readonly R[] | null>(null);
  const [failed, setFailed] = useState<{ readonly error: unknown } | null>(null);
  useEffect(() => {
    if (!of) return;
    return inSlices(
      of,
      work,
      (all) => startTransition(() => setMade(all)),
      (error) => setFailed({ error }),
    );
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what is worked out belongs to the list
  }, [of]);
  if (failed) throw failed.error;
  return made;
}
