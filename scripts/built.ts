import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** A script of a built app. */
export const scriptText = (dist: string, file: string): string => readFileSync(join(dist, 'assets', file), 'utf8');
/** The scripts that the page of a built app asks for at once, by the names of their files. */
export const scriptsOfPage = (dist: string): string[] =>
  [...readFileSync(join(dist, 'index.html'), 'utf8').matchAll(/(?:src|href)="\/assets\/([^"]+\.js)"/g)].map(
    ([, file]) => file ?? '',
  );

/** These scripts and all that must come before they run. */
export function withImports(dist: string, files: Iterable<string>, seen = new Set<string>()): ReadonlySet<string> {
  for (const file of files) {
    if (seen.has(file)) continue;
    seen.add(file);
    const imports = scriptText(dist, file).matchAll(/(?:from|import)\s*["'`]\.\/([^"'`]+\.js)["'`]/g);
    withImports(
      dist,
      [...imports].map(([, next]) => next ?? ''),
      seen,
    );
  }
  return seen;
}
