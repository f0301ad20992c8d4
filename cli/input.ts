import { readFileSync } from 'node:fs';

/** Exit status for anything wrong with what was given. */
const BAD_INPUT = 2;

/** Exit status where what was asked could not be written. */
const NOT_WRITTEN = 1;
/** Control characters of a file are shown, not carried out by the terminal. */
const shown = (line: string): string =>
  line.replace(/[\u0000-\u001f\u007f-\u009f]/g, (c) => `\\u${c.charCodeAt(0).toString(16).padStart(4, '0')}`);
/** Ends the command with one line a fault on standard error. */
export function fail(lines: readonly string[]): never {
  process.stderr.write(`${lines.map(shown).join('\n')}\n`);
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
/** Writes what was asked, and ends. A reader that has heard enough is no fault; a full disk is told. */
export function answer(value: unknown): void {
  process.stdout.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code === 'EPIPE') process.exit(0);
    process.stderr.write(`The answer could not be written (${error.code ?? error.message}).\n`);
    process.exit(NOT_WRITTEN);
  });
  process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
}
