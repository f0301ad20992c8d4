import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { build } from 'vite';
import { scriptsOfPage, withImports } from '../scripts/built';
import { benchPage } from './page';

/** Prints plans a second of the built code, and what the first page loads. Ratios are against aims or bounds of the same run. */
const KB = 1000;
const AIMS = { shell: 150, firstPage: 300, knowledge: 60 } as const;

await build({
  configFile: false,
  logLevel: 'error',
  build: {
    ssr: 'bench/plans.ts',
    outDir: '.cache/bench',
    target: 'node20',
    minify: true,
    rolldownOptions: { output: { entryFileNames: 'plans.mjs' } },
  },
});
spawnSync(process.execPath, ['.cache/bench/plans.mjs'], { stdio: 'inherit' });
await import('./loft');
await import('./colour');
await (await import('./wash-day')).benchWashDay();

await build({ logLevel: 'error' });
const gzip = (file: string): number => gzipSync(readFileSync(`dist/${file}`)).length / KB;
/** Of all that the page asks for at once, its frame comes first. */
const asked = scriptsOfPage('dist');
const shell = withImports('dist', asked.slice(0, 1));
/** The frame, and the start page. */
const first = withImports('dist', asked);
const sum = (files: Iterable<string>): number => [...files].reduce((total, file) => total + gzip(`assets/${file}`), 0);
const say = (name: string, kb: number, aim: number): void =>
  console.log(`${name}: ${kb.toFixed(1)} kB gzip, ${(kb / aim).toFixed(2)} × the aim of ${aim}`);
say('shell script', sum(shell), AIMS.shell);
say('first page script', sum(first), AIMS.firstPage);

/**
 * The planning engine with all it knows and says, bundled on its own: what a page or a worker that plans has to load of it. As an app is built, not
 * as a library: of a library's files the builder leaves the white space in.
 */
const engine = await build({
  configFile: false,
  logLevel: 'error',
  build: {
    write: false,
    rolldownOptions: { input: 'src/core/programme/index.ts', preserveEntrySignatures: 'strict' },
  },
});
const code = [engine].flat().flatMap((made) => ('output' in made ? made.output : []));
const scripts = code.flatMap((file) => (file.type === 'chunk' ? [file.code] : []));
const total = (pack: (code: string) => Buffer): number => scripts.reduce((sum, script) => sum + pack(script).length, 0) / KB;
say('knowledge, words and engine', total(gzipSync), AIMS.knowledge);
console.log(`as a browser of today receives them, in Brotli: ${total(brotliCompressSync).toFixed(1)} kB`);
await benchPage();
await (await import('./first')).benchFirst();
await (await import('./places')).benchPlaces();
