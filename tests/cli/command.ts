import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from 'vite';

/** A command made into one file, so that it starts at once; `npm run` translates it anew each time. */
export interface Command {
  /** Its arguments for `node`. */
  readonly argv: readonly string[];
  readonly remove: () => void;
}
/** @param source such as "cli/plan.ts". */
export async function commandOf(source: string): Promise<Command> {
  const outDir = mkdtempSync(join(tmpdir(), 'umbrastic-command-'));
  await build({
    configFile: false,
    logLevel: 'error',
    // All in one file: what it is made from lies elsewhere.
    ssr: { noExternal: true },
    build: { ssr: source, outDir, minify: false, rollupOptions: { output: { entryFileNames: 'command.mjs' } } },
  });
  return { argv: [join(outDir, 'command.mjs')], remove: () => rmSync(outDir, { recursive: true }) };
}
/** As it stands in a line of a shell. */
export const inShell = ({ argv }: Command): string => `${process.execPath} ${argv.join(' ')}`;
