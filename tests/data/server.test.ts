import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { checkKit } from '../../src/core/formats';
import { makeApp } from '../../server/app';

let server: Server;
let base: string;
let dist: string;
beforeAll(async () => {
  dist = mkdtempSync(join(tmpdir(), 'umbrastic-dist-'));
  mkdirSync(join(dist, 'assets'));
  writeFileSync(join(dist, 'assets', 'a.js'), 'export {};');
  server = makeApp({ dist, demo: true, now: () => Date.parse('2027-01-03T08:00:00Z') }).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => {
  server.close();
  rmSync(dist, { recursive: true });
});

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
    const offer = (await response.json()) as { firstVisit: boolean; kit: unknown; live: { itemId: string }[] };
    expect(offer.firstVisit).toBe(true);
    expect(checkKit(offer.kit).status).toBe('read');
    expect(offer.live[0]?.itemId).toBe('itm-quilt');
  });
  test('lets the page load nothing from elsewhere', async () => {
    const policy = (await fetch(base)).headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).not.toMatch(/https?:|\*/);
  });
  test('answers unknown services and files plainly', async () => {
    expect((await fetch(`${base}/api/nothing`)).status).toBe(404);
    expect((await fetch(`${base}/assets/missing.js`)).status).toBe(404);
    expect((await fetch(`${base}/assets/..%2f..%2fpackage.json`)).status).not.toBe(200);
  });
});
