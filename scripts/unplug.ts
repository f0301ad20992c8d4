import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import ts from 'typescript';
import { vitest } from './checks';

/**
 * Unplugs every exported function of some folders in turn, in a copy of the project: its body becomes "return undefined". The unit tests that
 * reach its file must fail; with `--browser`, where none does, one of the browser tests. Prints those that no test missed.
 *
 *   npx tsx scripts/unplug.ts src/core/programme src/core/run src/data
 *   npx tsx scripts/unplug.ts --browser src/app
 */
interface Plug {
  readonly file: string;
  readonly name: string;
  readonly from: number;
  readonly to: number;
}

const isExported = (node: ts.HasModifiers): boolean =>
  ts.getModifiers(node)?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword) ?? false;

/** Bodies of a file's exported functions. */
function plugsOf(file: string): Plug[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.ES2022, true);
  const plug = (name: string, body: ts.Node): Plug => ({ file, name, from: body.getStart(), to: body.getEnd() });
  return source.statements.flatMap((statement): Plug[] => {
    if (ts.isFunctionDeclaration(statement) && isExported(statement) && statement.body && statement.name)
      return [plug(statement.name.text, statement.body)];
    if (!ts.isVariableStatement(statement) || !isExported(statement)) return [];
    return statement.declarationList.declarations.flatMap((d) =>
      d.initializer && ts.isArrowFunction(d.initializer) && ts.isIdentifier(d.name)
        ? [plug(d.name.text, d.initializer.body)]
        : [],
    );
  });
}

const inBrowser = process.argv.includes('--browser');
const folders = process.argv.slice(2).filter((word) => !word.startsWith('--'));
const copy = mkdtempSync(join(tmpdir(), 'umbrastic-unplug-'));
for (const entry of readdirSync('.'))
  if (!['node_modules', '.git', 'dist', '.cache', 'reports'].includes(entry))
    cpSync(entry, join(copy, entry), { recursive: true });
symlinkSync(resolve('node_modules'), join(copy, 'node_modules'));

const files = folders.flatMap((folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((f) => /\.tsx?$/.test(f))
    .map((f) => join(folder, f)),
);
const plugs = files.flatMap(plugsOf);
/** True when the tests still pass in the copy. */
function passes(args: readonly string[]): boolean {
  const [program, ...rest] = args;
  return spawnSync(program as string, rest, { cwd: copy, stdio: 'ignore', timeout: 600_000 }).status === 0;
}
const QUIET = ['--bail', '1', '--silent=true', '--reporter=dot'];
// "vitest related FILE": only the tests that reach it.
const related = (file: string): string[] =>
  vitest('--project', 'unit', '--passWithNoTests', ...QUIET)
    .map((word) => (word === 'run' ? 'related' : word))
    .concat('--run', file);

const unmissed: string[] = [];
for (const [n, { file, name, from, to }] of plugs.entries()) {
  const text = readFileSync(file, 'utf8');
  writeFileSync(join(copy, file), `${text.slice(0, from)}{ return undefined as never; }${text.slice(to)}`);
  const missed = !passes(related(file)) || (inBrowser && !passes(vitest('--project', 'browser', ...QUIET)));
  writeFileSync(join(copy, file), text);
  if (!missed) unmissed.push(`${file}: ${name}`);
  console.log(`${n + 1} of ${plugs.length}: ${file} ${name}: ${missed ? 'missed' : 'NOT MISSED'}`);
}
rmSync(copy, { recursive: true, force: true });
console.log(unmissed.length === 0 ? 'Every one was missed.' : `Not missed by any unit test:\n${unmissed.join('\n')}`);
process.exit(unmissed.length === 0 ? 0 : 1);
