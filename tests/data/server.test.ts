import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import jpeg from 'jpeg-js';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { DemoPicture } from '../../demo/pictures';
import { checkKit } from '../../src/core/formats';
import { current, foldRun, type Run, type RunRecord } from '../../src/core/run';
import { makeApp } from '../../server/app';

let server: Server;
let base: string;
let dist: string;
beforeAll(async () => {
  dist = mkdtempSync(join(tmpdir(), 'umbrastic-dist-'));
  mkdirSync(join(dist, 'assets'));
  for (const name of ['a.js', 'a.worker.js']) writeFileSync(join(dist, 'assets', name), 'export {};');
  server = makeApp({ dist, demo: true, now: () => Date.parse('2027-01-03T08:00:00Z') }).listen(0, '127.0.0.1');
  // A connection that is kept must not end of itself while a busy machine is between two requests.
  server.keepAliveTimeout = 120_000;
  await new Promise((resolve) => server.once('listening', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => {
  server.close();
  rmSync(dist, { recursive: true });
});

setFlagsFromString('--expose-gc');
const collect = runInNewContext('gc') as () => void;
/** Bytes that are held on to, not those that nobody has swept up yet: when that is done is no matter of the server. */
function held(): number {
  collect();
  return process.memoryUsage().heapUsed;
}

describe('the server', () => {
  test('says so when the app is not built, and serves it when it is', async () => {
    const before = await fetch(`${base}/kit/itm-parka`);
    expect(before.status).toBe(503);
    expect(await before.text()).toContain('npm run build');
    writeFileSync(join(dist, 'index.html'), '<!doctype html><title>Umbrastic</title>');
    const after = await fetch(`${base}/kit/itm-parka`);
    expect([after.status, await after.text()]).toEqual([200, '<!doctype html><title>Umbrastic</title>']);
  });
  test('offers a valid demo kit of its own day, never cached', async () => {
    const response = await fetch(`${base}/api/demo`);
    expect(response.headers.get('cache-control')).toBe('no-store');
    const offer = (await response.json()) as { firstVisit: boolean; kit: unknown; runs: RunRecord[]; pictures: DemoPicture[] };
    expect(offer.firstVisit).toBe(true);
    expect(checkKit(offer.kit).status).toBe('read');
    const [run] = offer.runs.map(foldRun);
    expect([run?.itemId, current(run as Run)?.key]).toEqual(['itm-quilt', 'tumble-down']);
    // A phone keeps them as they are: each is as large as it is said to be, and nothing stands in it but the picture.
    // All are fetched before one is looked into: a server does not wait for ever for the next request.
    const fetched = await Promise.all(
      offer.pictures.map(async (picture) => {
        const answer = await fetch(`${base}/api/demo/pictures/${picture.file}`);
        return { ...picture, bytes: Buffer.from(await answer.arrayBuffer()) };
      }),
    );
    for (const { file, width, height, bytes } of fetched) {
      expect(jpeg.decode(bytes), file).toMatchObject({ width, height, exifBuffer: undefined });
    }
  });
  test('answers a page of another site nothing, and no other name than its machine’s', async () => {
    const post = (headers: Record<string, string>) =>
      fetch(`${base}/api/devices/reset`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', ...headers },
        body: '{}',
      });
    expect((await post({ Origin: 'http://elsewhere.test' })).status).toBe(403);
    expect((await post({ Origin: base })).status).toBeLessThan(400);
    const { port } = new URL(base);
    const named = await new Promise<number>((resolve, reject) => {
      request({ host: '127.0.0.1', port, path: '/api/demo', headers: { Host: 'elsewhere.test' } }, (r) => {
        r.resume();
        resolve(r.statusCode ?? 0);
      })
        .on('error', reject)
        .end();
    });
    expect(named).toBe(403);
  });
  test.each([
    ['/%', {}, 400],
    ['/assets/nothing.js', {}, 404],
    ['/api/devices/reset', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: '{' }, 400],
    [
      '/api/devices/reset',
      { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify('x'.repeat(20_000)) },
      413,
    ],
  ] as const)('says what went wrong at %s in a sentence, and nothing of how it is made', async (path, how, status) => {
    const response = await fetch(`${base}${path}`, how);
    const text = await response.text();
    expect(response.status).toBe(status);
    expect(text.length).toBeLessThan(120);
    expect(text).not.toMatch(/\n\s+at |node_modules|\/server\/|Error:/);
  });
  test('lets the page load nothing from elsewhere', async () => {
    const policyOf = async (path: string) => (await fetch(base + path)).headers.get('content-security-policy') ?? '';
    const policy = await policyOf('/');
    // A worker has none but its own; what pages load keeps to theirs, and is only what it says it is.
    expect(await policyOf('/assets/a.worker.js')).toBe(policy);
    expect((await fetch(`${base}/assets/a.js`)).headers.get('x-content-type-options')).toBe('nosniff');
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("base-uri 'self'");
    expect(policy).toContain("form-action 'self'");
    expect(policy).not.toMatch(/https?:|\*/);
  });
  test('answers two thousand requests, many at once, and keeps nothing of them', async () => {
    const paths = ['/', '/kit', '/assets/a.js', '/api/demo', '/nowhere.js', '/assets/..%2f..%2fpackage.json'];
    const before = held();
    const failed: string[] = [];
    for (let n = 0; n < 2000; n += 100)
      await Promise.all(
        Array.from({ length: 100 }, async (_, k) => {
          const path = paths[(n + k) % paths.length]!;
          const response = await fetch(base + path);
          const text = await response.text();
          if (response.status >= 500 || text.includes('"devDependencies"')) failed.push(`${path}: ${response.status}`);
        }),
      );
    expect(failed).toEqual([]);
    // A bound against hoarding: all that was sent, kept, would be twenty times as much.
    expect(held() - before).toBeLessThan(200e6);
  });
  test('answers unknown services and files plainly', async () => {
    expect((await fetch(`${base}/api/nothing`)).status).toBe(404);
    expect((await fetch(`${base}/assets/missing.js`)).status).toBe(404);
    expect((await fetch(`${base}/assets/..%2f..%2fpackage.json`)).status).not.toBe(200);
  });
});
