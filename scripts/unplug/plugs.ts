import { readFileSync } from 'node:fs';
import ts from 'typescript';

/** What can be unplugged: an exported function, wherever its body stands. */
export interface Plug {
  readonly file: string;
  readonly name: string;
  readonly body: ts.Node;
}

const isExported = (node: ts.HasModifiers): boolean =>
  ts.getModifiers(node)?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword) ?? false;

/** The body that a value is worked out by: its own, or that of the function which another is made of, as `onceFor((thing) => …)`. */
function bodyOf(value: ts.Node): ts.Node | undefined {
  if (ts.isArrowFunction(value) || ts.isFunctionExpression(value)) return value.body;
  // What a list is filtered or mapped to is no function.
  if (!ts.isCallExpression(value) || !ts.isIdentifier(value.expression)) return undefined;
  const made = value.arguments.flatMap((of) => bodyOf(of) ?? []);
  return made.length === 1 ? made[0] : undefined;
}

/** Exported functions of a file. */
export function plugsOf(file: string): Plug[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.ES2022, true);
  return source.statements.flatMap((statement): Plug[] => {
    if (ts.isFunctionDeclaration(statement))
      return isExported(statement) && statement.body && statement.name
        ? [{ file, name: statement.name.text, body: statement.body }]
        : [];
    if (!ts.isVariableStatement(statement) || !isExported(statement)) return [];
    return statement.declarationList.declarations.flatMap((d) => {
      const body = d.initializer && bodyOf(d.initializer);
      return body && ts.isIdentifier(d.name) ? [{ file, name: d.name.text, body }] : [];
    });
  });
}

/**
 * The text of a file whose functions ask first whether they are unplugged.
 * @param plugs all of that one file, with the number by which each asks. @param asks where `out` comes from, as the file imports it.
 */
export function withPlugs(text: string, plugs: readonly (readonly [number, Plug])[], asks: string): string {
  const cuts = plugs.flatMap(([n, { body }]): [number, string][] => {
    const ask = `if (__out(${n})) return undefined as never;`;
    return ts.isBlock(body)
      ? [[body.getStart() + 1, ask]]
      : [
          [body.getStart(), `{ ${ask} return (`],
          [body.getEnd(), '); }'],
        ];
  });
  let made = text;
  for (const [at, put] of cuts.sort((a, b) => b[0] - a[0])) made = made.slice(0, at) + put + made.slice(at);
  return `import { out as __out } from '${asks}';\n${made}`;
}
