/*
 * What the copy of the project has more than the project, as text: how a function asks whether it is unplugged, and how it is noted which tests come
 * by it. `UNPLUGGED` is the number of the one that is out; `UNPLUG_NOTES` a folder for notes, where notes are wanted.
 */

/** `src/unplugged.ts`: asked in the tests' own process, in pages and in workers. */
export const ASKING = `
// By another name: what is built for pages knows no environment by its own.
const here = globalThis as unknown as Record<string, { env?: Record<string, string> } | undefined>;
const told = here['proc' + 'ess']?.env;
function fromServer(): [string, boolean] {
  const asks = new XMLHttpRequest();
  try {
    asks.open('GET', '/api/unplugged', false);
    asks.send();
  } catch {
    return ['', false];
  }
  const [which = '', notes = ''] = asks.status === 200 ? asks.responseText.split(' ') : [];
  return [which, notes === 'notes'];
}
const [which, notes] = told ? [told.UNPLUGGED ?? '', told.UNPLUG_NOTES !== undefined] : fromServer();
const unplugged = which === '' ? -1 : Number(which);
// A test may load the app anew: what was come by is kept outside of it.
const all = globalThis as unknown as { __seen?: Set<number> };
const seen = (all.__seen ??= new Set<number>());
let fresh: number[] = [];
/** What was come by since the last time. */
export const taken = (): number[] => {
  const those = [...seen];
  seen.clear();
  return those;
};
function tell(): void {
  const ids = fresh.join(',');
  fresh = [];
  fetch('/api/seen', { method: 'POST', body: ids, keepalive: true }).catch(() => undefined);
}
export function out(n: number): boolean {
  if (notes && !seen.has(n)) {
    seen.add(n);
    if (!told && fresh.push(n) === 1) setTimeout(tell, 20);
  }
  return n === unplugged;
}
`;

/** At the end of `tests/setup.ts`. */
export const ENDED = `
import { appendFileSync } from 'node:fs';
import { afterEach } from 'vitest';
import { taken } from '../src/unplugged';
afterEach(({ task }) => {
  if (process.env.UNPLUG_NOTES) appendFileSync(process.env.UNPLUG_NOTES + '/ended', task.file.filepath + '\\t' + taken().join(',') + '\\n');
});
`;

/** In \`makeApp\` of \`server/app.ts\`. */
export const IN_SERVER = `
  const folder = process.env.UNPLUG_NOTES;
  app.get('/api/unplugged', (_request, response) => void response.type('text').send((process.env.UNPLUGGED ?? '') + (folder ? ' notes' : ' ')));
  app.post('/api/seen', express.text({ type: '*/*' }), (request, response) => {
    const world = /devices=([^;]+)/.exec(request.headers.cookie ?? '')?.[1] ?? '';
    if (folder) process.getBuiltinModule('node:fs').appendFileSync(folder + '/seen', world + '\\t' + request.body + '\\n');
    response.status(204).end();
  });
`;

/** In \`tests/browser/visit.ts\`: whose visit it is. */
export const BY_VISIT = `
import { appendFileSync } from 'node:fs';
import { expect } from 'vitest';
import { getCurrentTest } from 'vitest/suite';
function noted(world: string): void {
  const { testPath = '' } = expect.getState();
  const name = getCurrentTest()?.fullTestName?.replaceAll(' > ', ' ') ?? '';
  if (process.env.UNPLUG_NOTES) appendFileSync(process.env.UNPLUG_NOTES + '/visits', world + '\\t' + testPath + '\\t' + name + '\\n');
}
`;
