import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import {
  PATHS,
  toBench,
  toCorrect,
  toLabels,
  toLoad,
  toLook,
  toNewThing,
  toRecord,
  toRun,
  toWashDay,
} from '../../src/app/routes';
import { handbook } from '../../src/core/handbook';

/* Every address that can be linked to leads to a page, and every one into the handbook to an entry. */
const FILES = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file))
  .map((file) => ({ file, text: readFileSync(join('src', file), 'utf8') }));
const ROUTES = [...(FILES.find(({ file }) => file === 'main.tsx')?.text ?? '').matchAll(/path: '([^*']+)'/g)].map(
  ([, path]) => new RegExp(`^/${(path as string).replace(/\/:\w+\?/g, '(/[^/]+)?').replace(/:\w+/g, '[^/]+')}$`),
);
/** Every address that `routes.ts` makes for a page that is no thing's, and those it makes of an id. */
const LINKS = [
  ...Object.values(PATHS),
  toRun('x'),
  toLoad('x'),
  toBench('dose', 'x'),
  toRecord('x'),
  toLook('x'),
  toCorrect('x'),
  toWashDay(['x'], '2027-01-03'),
  toLabels(['x']),
  toNewThing(['x']),
].map((to) => to.replace(/[?#].*$/, ''));

describe('links', () => {
  test('there are routes and links to hold against each other', () => {
    expect(ROUTES.length).toBeGreaterThan(12);
    expect(LINKS.length).toBeGreaterThan(25);
  });
  test('each leads to a route, or to a file that the build sends', () =>
    expect(LINKS.filter((path) => !['/', PATHS.licences].includes(path) && !ROUTES.some((route) => route.test(path)))).toEqual(
      [],
    ));
  test('no page writes an address down by itself', () => {
    const own = FILES.filter(({ file }) => /^(app|views|ui)\b/.test(file) && file !== join('app', 'routes.ts')).flatMap(
      ({ file, text }) =>
        [...text.matchAll(/(?:\bto[=:] ?\{?|navigate\(|path: )["'`](\/[^"'`]*)["'`]/g)].map(([, to]) => ({ file, to })),
    );
    expect(own).toEqual([]);
  });
  test('each part of the cupboard that is linked to is one', () => {
    const parts = FILES.find(({ file }) => file === join('views', 'cupboard', 'Cupboard.tsx'))?.text ?? '';
    const known = new Set([...parts.matchAll(/section === '(\w+)'/g)].map(([, part]) => part));
    expect(known.size).toBeGreaterThan(3);
    const linked = Object.values(PATHS).flatMap((path) => /^\/cupboard\/(\w+)/.exec(path)?.[1] ?? []);
    expect(linked.length).toBeGreaterThan(3);
    expect(linked.filter((part) => !known.has(part))).toEqual([]);
  });
  test('every page of a thing that an address can be made for is a route', () => {
    const text = FILES.find(({ file }) => file === join('app', 'routes.ts'))?.text ?? '';
    const pages = [...(/type ThingPage =([^;]*);/.exec(text)?.[1] ?? '').matchAll(/'([^']+)'/g)].map(([, page]) => page);
    expect(pages.length).toBeGreaterThan(4);
    expect(pages.filter((page) => !ROUTES.some((route) => route.test(`/kit/x/${page}`)))).toEqual([]);
  });
  test('each into the handbook leads to an entry', () => {
    const entries = new Set(handbook().map((entry) => entry.id));
    const wanted = FILES.flatMap(({ text }) =>
      [...text.matchAll(/toHandbook\('([\w-]+\/[\w-]+)'\)/g)].map(([, id]) => id as string),
    );
    expect(wanted.filter((id) => !entries.has(id))).toEqual([]);
    expect(wanted.length).toBeGreaterThan(0);
  });
});
