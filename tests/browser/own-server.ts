import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inject } from 'vitest';
import { makeApp } from '../../server/app';

/** The app on a server of its own, whose files can be changed under it. */
export async function ownServer(): Promise<{ dist: string; base: string; end: () => void }> {
  const dist = mkdtempSync(join(tmpdir(), 'umbrastic-dist-'));
  cpSync(inject('dist'), dist, { recursive: true });
  // Those that change are sent as they are.
  for (const file of ['index.html.br', 'index.html.gz', 'sw.js.br', 'sw.js.gz']) rmSync(join(dist, file), { force: true });
  const server = makeApp({ dist, demo: true, now: Date.now }).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  return {
    dist,
    base: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    end: () => {
      server.close();
      rmSync(dist, { recursive: true, force: true });
    },
  };
}
