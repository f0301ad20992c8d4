import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, symlinkSync, writeFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { dirname, join, relative, resolve } from 'node:path';
import { buildApp } from '../build-app';
import { ASKING, BY_VISIT, ENDED, IN_SERVER } from './copied';
import { plugsOf, withPlugs, type Plug } from './plugs';
import { Tests, type Chosen } from './tests';

/**
 * Unplugs every exported function of some folders or files in turn: it does nothing and gives back undefined. A test must miss it. In a copy of the
 * project each of them asks first whether it is the one; the unit tests are run once to see which of them come by which, and then, for each
 * function, those that come by it, the nearest and quickest first, until one fails. With `--browser` the browser tests are asked for what is left.
 * Prints what no test missed.
 *
 *   npx tsx scripts/unplug/index.ts src/core/run
 *   npx tsx scripts/unplug/index.ts --browser src/core/programme src/core/run src/data src/app
 */
/** So many are tried one by one; then all files that come by it at once. */
const ONE_BY_ONE = 4;
const places = process.argv.slice(2).filter((word) => !word.startsWith('--'));
const copy = mkdtempSync(join(tmpdir(), 'umbrastic-unplug-'));
process.on('exit', () => rmSync(copy, { recursive: true, force: true }));
for (const end of ['SIGINT', 'SIGTERM'] as const) process.on(end, () => process.exit(1));
/** The files of a folder, or the one file that it is. */
const filesOf = (place: string): string[] =>
  statSync(place).isFile()
    ? [place]
    : readdirSync(place, { recursive: true, encoding: 'utf8' }).flatMap((f) => (/\.tsx?$/.test(f) ? [join(place, f)] : []));
const plugs = places.flatMap(filesOf).flatMap(plugsOf);
makeCopy();
const afterUnit = await missedBy('unit', [...plugs.keys()]);
const unmissed = process.argv.includes('--browser') && afterUnit.length > 0 ? await missedBy('browser', afterUnit) : afterUnit;
const names = unmissed.map((n) => `${plugs[n]?.file}: ${plugs[n]?.name}`);
console.log(unmissed.length === 0 ? 'Every one was missed.' : `Missed by no test:\n${names.join('\n')}`);
process.exit(unmissed.length === 0 ? 0 : 1);

/** The project once more, where every function of these places asks whether it is unplugged. */
function makeCopy(): void {
  const NOT_COPIED = ['node_modules', '.git', 'dist', '.cache', 'reports'];
  for (const entry of readdirSync('.')) if (!NOT_COPIED.includes(entry)) cpSync(entry, join(copy, entry), { recursive: true });
  symlinkSync(resolve('node_modules'), join(copy, 'node_modules'));
  for (const file of new Set(plugs.map((plug) => plug.file))) {
    const asks = relative(dirname(file), 'src/unplugged').replace(/^(?!\.)/, './');
    const of = [...plugs.entries()].filter(([, plug]) => plug.file === file);
    writeFileSync(join(copy, file), withPlugs(readFileSync(file, 'utf8'), of, asks));
  }
  writeFileSync(join(copy, 'src/unplugged.ts'), ASKING);
  change('tests/setup.ts', /$/, ENDED);
  change('server/app.ts', 'app.use(ownOnly);', `app.use(ownOnly);${IN_SERVER}`);
  change('tests/browser/visit.ts', '\nlet worlds = 0;', `\nlet worlds = 0;${BY_VISIT}`);
  change('tests/browser/visit.ts', '  await context.setCookie(', '  noted(world);\n  await context.setCookie(');
  // What has gone is waited for, and will not come.
  change('tests/browser/names.ts', /timeout: [\d_]+/, 'timeout: 8000');
}
/** Changes one place of a file of the copy. @throws Error where the place is not there any more. */
function change(file: string, place: string | RegExp, by: string): void {
  const was = readFileSync(join(copy, file), 'utf8');
  const is = was.replace(place, () => by);
  if (is === was) throw new Error(`${file} has no ${String(place)}: scripts/unplug has to follow what became of it.`);
  writeFileSync(join(copy, file), is);
}

/** What names the function comes first, then what is quick: one test before its whole file. */
function nearest({ name }: Plug, all: readonly Chosen[]): Chosen[] {
  const apart = (file: string): number => (readFileSync(join(copy, file), 'utf8').includes(name) ? 0 : 1);
  return all.toSorted((a, b) => apart(a.file) - apart(b.file) || a.ms - b.ms);
}
/** What misses a function, in words; null when no test does. */
async function missing(n: number, tests: Tests, all: readonly Chosen[]): Promise<string | null> {
  const near = nearest(plugs[n] as Plug, all);
  const whole = new Set(near.filter(({ test }) => test === '').map(({ file }) => file));
  // Of a file in which another test fails anyway each test stands for itself.
  for (const [k, chosen] of near.entries())
    if ((k < ONE_BY_ONE || !whole.has(chosen.file)) && (await tests.miss(chosen, n)))
      return `${chosen.file}${chosen.test && `: ${chosen.test}`}`;
  const files = [...new Set(near.slice(ONE_BY_ONE).map(({ file }) => file))].filter((file) => whole.has(file));
  return files.length > 0 && (await tests.anyMisses(files, n)) ? `one of ${files.length} files` : null;
}
/** @param of numbers of functions. @returns those that no test of the project misses. */
async function missedBy(project: 'unit' | 'browser', of: readonly number[]): Promise<number[]> {
  if (project === 'browser') buildOnce();
  const tests = new Tests(copy, project);
  const since = Date.now();
  const seconds = (): string => `${Math.round((Date.now() - since) / 1000)} s`;
  console.log(`${of.length} functions; every ${project} test once, to see which come by which …`);
  await tests.takeNotes();
  const comeBy = tests.comeBy();
  const survive: number[] = [];
  const left = [...of];
  let done = 0;
  const work = async (): Promise<void> => {
    for (let n = left.shift(); n !== undefined; n = left.shift()) {
      const by = await missing(n, tests, comeBy.get(n) ?? []);
      if (by === null) survive.push(n);
      const said = by ? `missed by ${by}` : comeBy.has(n) ? 'NOT MISSED' : 'NO TEST COMES BY';
      console.log(`${seconds()}, ${++done} of ${of.length}: ${plugs[n]?.file} ${plugs[n]?.name}: ${said}`);
    }
  };
  await Promise.all(Array.from({ length: availableParallelism() }, work));
  return survive;
}
/** The app of the copy, for all runs: the tests take it as it is. */
function buildOnce(): void {
  const dist = join(copy, 'dist');
  if (!buildApp({ dist, cwd: copy, loosely: true })) throw new Error('The app of the copy did not build.');
  process.env.BUILT_APP = dist;
}
