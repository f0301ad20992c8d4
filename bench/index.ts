import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
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

/** The planning engine with all it knows and says, bundled on its own: what a page or a worker that plans has to load of it. */
const engine = await build({
  configFile: false,
  logLevel: 'error',
  build: {
    write: false,
    minify: true,
    lib: { entry: 'src/core/programme/index.ts', formats: ['es'] },
  },
});
const code = [engine].flat().flatMap((made) => ('output' in made ? made.output : []));
const bytes = code.reduce((total, file) => total + (file.type === 'chunk' ? gzipSync(file.code).length : 0), 0);
say('knowledge, words and engine', bytes / KB, AIMS.knowledge);
await benchPage();
await (await import('./first')).benchFirst();
await (await import('./places')).benchPlaces();
