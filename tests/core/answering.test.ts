import { readdirSync, readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { answeringLast } from '../../src/workers/answering';

const folder = new URL('../../src/workers/', import.meta.url);

test('a report that is heard late is heard before the answer', async () => {
  const heard: string[] = [];
  const jobs = answeringLast({
    work: async (report: (share: number) => void, share: number) => {
      report(share);
      return 'answer';
    },
  });
  // As over a port of its own: the report is heard some time after it was made.
  const late = (share: number): Promise<void> =>
    new Promise((heardIt) => setTimeout(() => heardIt(void heard.push(`${share}`)), 30));
  heard.push(await jobs.work(late, 0.5));
  expect(heard).toEqual(['0.5', 'answer']);
});
test('a page that cannot take a report still gets its answer', async () => {
  const jobs = answeringLast({ work: async (report: () => unknown) => String(typeof report()) });
  await expect(jobs.work(() => Promise.reject(new Error('gone')))).resolves.toBe('undefined');
});
test('a report that is never heard does not keep the answer back', async () => {
  const jobs = answeringLast({
    work: async (report: () => unknown) => {
      report();
      return 'answer';
    },
  });
  await expect(jobs.work(() => new Promise(() => undefined))).resolves.toBe('answer');
});
test.each(readdirSync(folder).filter((file) => file.endsWith('.worker.ts')))('%s answers last', (file) => {
  expect(readFileSync(new URL(file, folder), 'utf8')).toContain('expose(answeringLast(');
});
