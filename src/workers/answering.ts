/** What an answer of a worker keeps to. Refuses: doing the work. */

/**
 * A worker's jobs whose answers come last. Reports go over a port of their own, so that one made before the answer may reach the page after it,
 * and a work that has ended would seem to go on for ever: here an answer waits until every report was heard, or for so long that all that was
 * sent before it has gone its way.
 */
export function answeringLast<T extends object>(jobs: T): T {
  const last = Object.entries(jobs).map(([name, job]) => [
    name,
    async (...args: unknown[]): Promise<unknown> => {
      const heard: unknown[] = [];
      const asked = args.map((arg) => (typeof arg === 'function' ? (...said: unknown[]) => void heard.push(arg(...said)) : arg));
      const answer: unknown = await (job as (...asked: unknown[]) => unknown)(...asked);
      if (heard.length > 0) await Promise.race([Promise.allSettled(heard), longest()]);
      return answer;
    },
  ]);
  return Object.fromEntries(last) as T;
}

/** A page that hears nothing any more does not keep its answer back. */
const LONGEST_MS = 2000;
const longest = (): Promise<void> => new Promise((over) => setTimeout(over, LONGEST_MS));
