import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { describe, expect, test } from 'vitest';
import { edges, roomsPage } from '../../scripts/rooms-page';
import { TABLE_NAMES } from '../../src/data/tables';

describe('the drawing of the rooms', () => {
  test('is that of the code as it is: npm run rooms makes it anew', () =>
    expect(readFileSync('docs/rooms.md', 'utf8')).toBe(roomsPage()));
  test('nothing below imports what is above it', () => {
    const all = edges();
    expect(all.length).toBeGreaterThan(50);
    expect(all.filter(([from, to]) => from.startsWith('core/') && !to.startsWith('core/'))).toEqual([]);
    expect(all.filter(([from, to]) => ['ui', 'data'].includes(from) && ['app', 'views'].includes(to))).toEqual([]);
  });
});

test('the page of the data model names every table, and no other', () => {
  const page = readFileSync('docs/data-model.md', 'utf8');
  const told = [...page.slice(0, page.indexOf('## Documents')).matchAll(/^\| `(\w+)`/gm)].map(([, name]) => name);
  expect(told.sort()).toEqual([...TABLE_NAMES].sort());
});

/** Exported functions of a file that no comment stands before. */
function withoutHeader(file: string): string[] {
  const text = readFileSync(file, 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const isFunction = (s: ts.Statement): boolean =>
    ts.isFunctionDeclaration(s) ||
    (ts.isVariableStatement(s) && s.declarationList.declarations.some((d) => d.initializer && ts.isFunctionLike(d.initializer)));
  return source.statements
    .filter((s) => ts.canHaveModifiers(s) && s.modifiers?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword) && isFunction(s))
    .filter((s) => !text.slice(s.getFullStart(), s.getStart()).includes('/**'))
    .map((s) => `${file}: ${s.getText().split('\n')[0]}`);
}
test('every exported function of the core says what it gives', () => {
  const files = readdirSync('src/core', { recursive: true, encoding: 'utf8' }).filter((file) => file.endsWith('.ts'));
  expect(files.length).toBeGreaterThan(200);
  expect(files.flatMap((file) => withoutHeader(join('src/core', file)))).toEqual([]);
});
