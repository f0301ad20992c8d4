import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { handbook } from '../../src/core/handbook';

/* Every link that a page writes down leads to a page, and every one into the handbook to an entry. */
const FILES = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file))
  .map((file) => ({ file, text: readFileSync(join('src', file), 'utf8') }));
const ROUTES = [...(FILES.find(({ file }) => file === 'main.tsx')?.text ?? '').matchAll(/path: '([^*']+)'/g)].map(
  ([, path]) => new RegExp(`^/${(path as string).replace(/\/:\w+\?/g, '(/[^/]+)?').replace(/:\w+/g, '[^/]+')}$`),
);
/** Addresses in `to="…"`, `to={`…`}`, `navigate(…)`; what is worked out stands as one word. */
const LINKS = FILES.flatMap(({ file, text }) =>
  [...text.matchAll(/(?:to=\{?|navigate\()["'`](\/[^"'`]*)["'`]/g)].map(([, to]) => ({
    file,
    path: (to as string).replace(/\$\{[^}]*\}/g, 'x').replace(/[?#].*$/, ''),
  })),
);

describe('links', () => {
  test('there are routes and links to hold against each other', () => {
    expect(ROUTES.length).toBeGreaterThan(12);
    expect(LINKS.length).toBeGreaterThan(30);
  });
  test('each leads to a route, or to a file that the build sends', () =>
    expect(
      LINKS.filter(({ path }) => !['/', '/licences.txt'].includes(path) && !ROUTES.some((route) => route.test(path))),
    ).toEqual([]));
  test('each part of the cupboard that is linked to is one', () => {
    const parts = FILES.find(({ file }) => file === join('views', 'cupboard', 'Cupboard.tsx'))?.text ?? '';
    const known = new Set([...parts.matchAll(/section === '(\w+)'/g)].map(([, part]) => part));
    expect(known.size).toBeGreaterThan(3);
    const linked = FILES.flatMap(({ file, text }) =>
      [...text.matchAll(/["'`]\/cupboard\/(\w+)/g)].map(([, part]) => ({ file, part })),
    );
    expect(linked.length).toBeGreaterThan(5);
    expect(linked.filter(({ part }) => !known.has(part))).toEqual([]);
  });
  test('every page of a thing that an address can be made for is a route', () => {
    const text = FILES.find(({ file }) => file === join('app', 'routes.ts'))?.text ?? '';
    const pages = [...(/type ThingPage =([^;]*);/.exec(text)?.[1] ?? '').matchAll(/'([^']+)'/g)].map(([, page]) => page);
    expect(pages.length).toBeGreaterThan(4);
    expect(pages.filter((page) => !ROUTES.some((route) => route.test(`/kit/x/${page}`)))).toEqual([]);
  });
  test('each into the handbook leads to an entry', () => {
    const entries = new Set(handbook().map((entry) => entry.id));
    const wanted = LINKS.flatMap(({ path }) => /^\/handbook\/([\w-]+\/[\w-]+)$/.exec(path)?.[1] ?? []).filter(
      (id) => !/(^|\/)x(\/|$)/.test(id),
    );
    expect(wanted.filter((id) => !entries.has(id))).toEqual([]);
    expect(wanted.length).toBeGreaterThan(0);
  });
});
