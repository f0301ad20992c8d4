import { fileURLToPath } from 'node:url';
import { build, type Plugin } from 'vite';

/*
 * What a first page needs, in few files that are asked for together: a phone on a thin line waits for every file and every round of asking. The
 * parts are read off a first, quick bundling of the app itself, so that nothing here has to be kept up by hand.
 */
const root = fileURLToPath(new URL('..', import.meta.url));
/** The page that most visits open, and the worker that plans; the frame around every place is the entry. */
const [START, PLANNER] = [`${root}src/views/now/Now.tsx`, `${root}src/workers/planner.worker.ts`];
/** Their own file: the frameworks change seldom. */
export const FRAMEWORK = /node_modules[\\/](react|react-dom|react-router|scheduler|styled-components|stylis|zustand)[\\/]/;

/** `common`: of the frame and the worker; `ground`: of the start page and the worker. A worker must not load a page for what it shares with it. */
type Part = 'common' | 'frame' | 'ground' | 'planning' | 'start';
/** Which part of a first page each module is of. */
export type Parts = ReadonlyMap<string, Part>;

/** Workers that are built apart are no part of a first page. */
const withoutWorkers: Plugin = {
  name: 'without-workers',
  enforce: 'pre',
  transform: (code, id) =>
    id === `${root}src/workers/index.ts` ? code.replace(/new URL\('[^']+\.worker\.ts', import\.meta\.url\)/g, "''") : undefined,
};
/** Bundles the app without writing it. @param plugins those that settle which modules there are. */
export async function partsOfFirstPage(plugins: readonly Plugin[]): Promise<Parts> {
  const made = await build({
    root,
    configFile: false,
    logLevel: 'error',
    plugins: [withoutWorkers, ...plugins],
    build: { write: false, minify: false, target: 'es2022', reportCompressedSize: false },
  });
  const chunks = [made].flat().flatMap((bundle) => ('output' in bundle ? bundle.output.filter((f) => f.type === 'chunk') : []));
  const modulesOf = (isRoot: (chunk: (typeof chunks)[number]) => boolean): ReadonlySet<string> => {
    const seen = new Set<string>();
    const follow = (file: string): string[] => {
      const chunk = chunks.find((c) => c.fileName === file);
      if (!chunk || seen.has(file)) return [];
      seen.add(file);
      return [...chunk.moduleIds, ...chunk.imports.flatMap(follow)];
    };
    const first = chunks.find(isRoot);
    if (!first) throw new Error('The bundle has no file for a part of the first page.');
    return new Set(follow(first.fileName));
  };
  const frame = modulesOf((c) => c.isEntry && c.facadeModuleId !== PLANNER);
  const start = modulesOf((c) => c.facadeModuleId === START);
  const planner = modulesOf((c) => c.facadeModuleId === PLANNER);
  const partOf = (id: string): Part => {
    if (planner.has(id)) return frame.has(id) ? 'common' : start.has(id) ? 'ground' : 'planning';
    return frame.has(id) ? 'frame' : 'start';
  };
  const ids = [...new Set([...frame, ...start, ...planner])].filter((id) => !id.startsWith('\0rolldown') && !FRAMEWORK.test(id));
  return new Map(ids.map((id) => [id, partOf(id)]));
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
