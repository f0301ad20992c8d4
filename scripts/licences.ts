import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import license, { type Dependency } from 'rollup-plugin-license';
import type { Plugin } from 'vite';

/** Sent too, but not as modules of a page: letters, and what keeps the app for when there is no network. */
const OTHERS = [
  '@fontsource-variable/atkinson-hyperlegible-next',
  '@fontsource-variable/atkinson-hyperlegible-mono',
  'workbox-core',
  'workbox-precaching',
  'workbox-routing',
];
const require = createRequire(import.meta.url);
const fileOf = (name: string, file: string): string =>
  readFileSync(join(dirname(require.resolve(`${name}/package.json`)), file), 'utf8');

const part = (name: string, version: string | null, kind: string | null, text: string | null): string =>
  `${name} ${version ?? ''} (${kind ?? 'see below'})\n\n${text?.trim() ?? ''}\n`;

/** The licence texts of everything that is sent to the browser, as `licences.txt` beside it. */
export function licences(): Plugin[] {
  let found: readonly Dependency[] = [];
  // Its types are those of another bundler with the same hooks.
  const collect = license({ thirdParty: (dependencies) => void (found = dependencies) }) as unknown as Plugin;
  return [
    { ...collect, apply: 'build', enforce: 'post' },
    {
      name: 'licences',
      apply: 'build',
      enforce: 'post',
      generateBundle() {
        const others = OTHERS.map((name) => {
          const { version, license: kind } = JSON.parse(fileOf(name, 'package.json')) as { version: string; license: string };
          return part(name, version, kind, fileOf(name, 'LICENSE'));
        });
        const parts = [...found.map((d) => part(d.name ?? '', d.version, d.license, d.licenseText)), ...others].sort();
        const head = 'Umbrastic is made with these, each under its own licence. Thank you.\n';
        this.emitFile({ type: 'asset', fileName: 'licences.txt', source: [head, ...parts].join(`\n${'-'.repeat(78)}\n\n`) });
      },
    },
  ];
}
