/** What an answer of a worker keeps to. Refuses: doing the work. */

/**
 * A worker's jobs whose answers come last. Reports go over a port of their own, so that one made before the answer may reach the page after it,
 * and a work that has ended would seem to go on for ever: here an answer waits until every report was heard.
 */
export function answeringLast<T extends object>(jobs: T): T {
  const last = Object.entries(jobs).map(([name, job]) => [
    name,
    async (...args: unknown[]): Promise<unknown> => {
      const heard: unknown[] = [];
      const asked = args.map((arg) => (typeof arg === 'function' ? (...said: unknown[]) => void heard.push(arg(...said)) : arg));
      const answer: unknown = await (job as (...asked: unknown[]) => unknown)(...asked);
      await Promise.allSettled(heard);
      return answer;
    },
  ]);
  return Object.fromEntries(last) as T;
}
