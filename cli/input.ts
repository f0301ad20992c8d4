import { readFileSync } from 'node:fs';

/** Exit status for anything wrong with what was given. */
const BAD_INPUT = 2;

/** Ends the command with one line a fault on standard error. */
export function fail(lines: readonly string[]): never {
  process.stderr.write(`${lines.join('\n')}\n`);
  process.exit(BAD_INPUT);
}
/** The text of a file, or of standard input for "-". */
export function readText(file: string): string {
  try {
    return readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch {
    fail([`${file}: cannot be read. Check the name and try again.`]);
  }
}
