import { fileURLToPath } from 'node:url';
import { build, type Plugin, type Rollup } from 'vite';

type Chunk = Rollup.OutputChunk;

/*
 * What a first page needs, in few files that are asked for together, and what other pages share, in two: a phone on a thin line waits for every
 * file and every round of asking. The parts are read off a first, quick bundling of the app itself, so that nothing here has to be kept up by hand.
 */
const root = fileURLToPath(new URL('..', import.meta.url));
/** The page that most visits open, and the worker that plans; the frame around every place is the entry. */
const [START, PLANNER] = [`${root}src/views/now/Now.tsx`, `${root}src/workers/planner.worker.ts`];
/** Their own file: the frameworks change seldom. */
export const FRAMEWORK = /node_modules[\\/](react|react-dom|react-router|scheduler|styled-components|stylis|zustand)[\\/]/;

/**
 * `common`: of the frame and the worker; `ground`: of the start page and the worker. A worker must not load a page for what it shares with it.
 * `hands` and `things`: shared by other pages; `things` needs what plans, and a page that needs only `hands` does not wait for that. `bits`: what is
 * fetched on the way, and needs little, needs of them.
 */
type Part = 'bits' | 'common' | 'frame' | 'ground' | 'hands' | 'planning' | 'start' | 'things';
/** Which part each module is of, if it is of any. */
export type Parts = ReadonlyMap<string, Part>;

/** Workers that are built apart are no part of a first page. */
const withoutWorkers: Plugin = {
  name: 'without-workers',
  enforce: 'pre',
  transform: (code, id) =>
    id === `${root}src/workers/index.ts` ? code.replace(/new URL\('[^']+\.worker\.ts', import\.meta\.url\)/g, "''") : undefined,
};
/** What so many pages and sheets share goes with what all share, however large it is. */
const MANY = 12;
/** What any two share goes there too if it is no longer, in characters before it is made small: 2 kB sent cost a phone less than a file does. */
const SMALL = 8_000;
/** What needs no more than this beyond the first page may be fetched while an answer is waited for: it asks for nothing that is large. */
const LITTLE = 45_000;

/** Bundles the app without writing it. @param plugins those that settle which modules there are. */
export async function partsOf(plugins: readonly Plugin[]): Promise<Parts> {
  const made = await build({
    root,
    configFile: false,
    logLevel: 'error',
    plugins: [withoutWorkers, ...plugins],
    build: { write: false, minify: false, target: 'es2022', reportCompressedSize: false },
  });
  const chunks = [made].flat().flatMap((bundle) => ('output' in bundle ? bundle.output.filter((f) => f.type === 'chunk') : []));
  const named = new Map(chunks.map((chunk) => [chunk.fileName, chunk]));
  const importsOf = (chunk: Chunk): Chunk[] => chunk.imports.flatMap((file) => named.get(file) ?? []);
  const reached = (from: Chunk, seen = new Set<Chunk>()): ReadonlySet<Chunk> => {
    if (!seen.has(from)) {
      seen.add(from);
      for (const next of importsOf(from)) reached(next, seen);
    }
    return seen;
  };
  const first = (isRoot: (chunk: Chunk) => boolean): ReadonlySet<Chunk> => {
    const found = chunks.find(isRoot);
    if (!found) throw new Error('The bundle has no file for a part of the first page.');
    return reached(found);
  };
  const frame = first((c) => c.isEntry && c.facadeModuleId !== PLANNER);
  const start = first((c) => c.facadeModuleId === START);
  const planner = first((c) => c.facadeModuleId === PLANNER);
  const onFirst = (chunk: Chunk): Part | null => {
    if (planner.has(chunk)) return frame.has(chunk) ? 'common' : start.has(chunk) ? 'ground' : 'planning';
    return frame.has(chunk) ? 'frame' : start.has(chunk) ? 'start' : null;
  };
  /** Whatever is fetched for itself, also where others have it too: that is no entry to the bundler. */
  const fetched = new Set(chunks.flatMap((chunk) => chunk.dynamicImports.flatMap((file) => named.get(file) ?? [])));
  const pages = [...fetched].map((page) => [...reached(page)].filter((chunk) => !frame.has(chunk) && !start.has(chunk)));
  const bits = new Set(pages.filter((page) => page.reduce((sum, { code }) => sum + code.length, 0) <= LITTLE).flat());
  /** Whether it goes together with others. All that it needs must, or be at hand: who asks for the others would wait for it too. */
  const together = (chunk: Chunk, asked = new Set<Chunk>()): boolean => {
    if (asked.has(chunk) || onFirst(chunk)) return true;
    asked.add(chunk);
    if (fetched.has(chunk)) return false;
    if (chunk.code.length > SMALL && pages.filter((page) => page.includes(chunk)).length < MANY) return false;
    return importsOf(chunk).every((next) => together(next, asked));
  };
  const shared = (chunk: Chunk): Part | null => {
    if (!together(chunk)) return null;
    if (bits.has(chunk)) return 'bits';
    return [...reached(chunk)].some((next) => onFirst(next) === 'planning') ? 'things' : 'hands';
  };
  return new Map(
    chunks.flatMap((chunk) => {
      const part = onFirst(chunk) ?? shared(chunk);
      const ids = chunk.moduleIds.filter((id) => !id.startsWith('\0rolldown') && !FRAMEWORK.test(id));
      return part ? ids.map((id) => [id, part] as const) : [];
    }),
  );
}

const FIRST: ReadonlySet<Part | undefined> = new Set<Part>(['common', 'frame', 'ground', 'start']);
/** Has the page ask for all its parts at once, instead of for each when the one before has come. What plans is none: a first page has its answers with the kit. */
export const askedTogether = (parts: Parts): Plugin => ({
  name: 'asked-together',
  apply: 'build',
  transformIndexHtml: {
    order: 'post',
    handler: (html, { bundle }) =>
      Object.values(bundle ?? {})
        .filter((file) => file.type === 'chunk' && file.moduleIds.some((id) => FIRST.has(parts.get(id))))
        .map((file) => `/${file.fileName}`)
        .filter((href) => !html.includes(href))
        .map((href) => ({ tag: 'link', attrs: { rel: 'modulepreload', crossorigin: true, href }, injectTo: 'head' as const })),
  },
});
