import { startTransition, useEffect, useState } from 'react';

/** So long the page may be held, ms. */
const AT_A_TIME_MS = 8;

/**
 * What is worked out for each of a list, a few at a time, so that a hand is heard in between. @param of the same list = the same answers.
 * @returns all of them, in order; null until then. While a newer list is worked through the last stands.
 * Error: what the work itself throws, where the page is drawn, as if it had been worked out there.
 */
export function useWorked<T, R>(of: readonly T[] | null, work: (one: T) => R): readonly R[] | null {
  const [made, setMade] = useState<readonly R[] | null>(null);
  const [failed, setFailed] = useState<{ readonly error: unknown } | null>(null);
  useEffect(() => {
    if (!of) return;
    const all: R[] = [];
    let next: ReturnType<typeof setTimeout> | undefined;
    const goOn = (): void => {
      const until = performance.now() + AT_A_TIME_MS;
      try {
        for (const one of of.slice(all.length)) {
          if (performance.now() > until) break;
          all.push(work(one));
        }
      } catch (error) {
        setFailed({ error });
        return;
      }
      if (all.length < of.length) next = setTimeout(goOn);
      else startTransition(() => setMade(all));
    };
    next = setTimeout(goOn);
    return () => clearTimeout(next);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what is worked out belongs to the list
  }, [of]);
  if (failed) throw failed.error;
  return made;
}
