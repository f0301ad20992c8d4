import fc from 'fast-check';
import { expect, test } from 'vitest';
import { matchPath } from 'react-router';
import {
  isRunPage,
  PATHS,
  readList,
  thingAt,
  toHandbook,
  toLoad,
  toRun,
  toLabels,
  toNewThing,
  toThing,
  toWashDay,
} from '../../src/app/routes';
import { handbook } from '../../src/core/handbook';

/* A kit from elsewhere may call a thing whatever it likes. */
test('whatever a thing is called, its address and those of its pages lead back to it', () => {
  const named = fc.oneof(
    fc.string({ minLength: 1 }),
    fc.constantFrom('new', 'worth', '..', '~', '~new', 'a/b#c', 'shells?', '%2F'),
  );
  fc.assert(
    fc.property(named, fc.constantFrom(undefined, 'programme' as const, 'drops' as const), (id, page) => {
      expect(thingAt(new URL(toThing(id, page), 'http://localhost').pathname)).toBe(id);
    }),
  );
});
test('no other page is a thing’s', () => {
  for (const path of [...Object.values(PATHS), '/kit/%E0', '/kit/%/drops']) expect(thingAt(path)).toBeUndefined();
});
test('several things in one address are read as the same things, whatever they are called', () => {
  const ids = fc.array(fc.oneof(fc.string({ minLength: 1 }), fc.constantFrom('a,b', '%2C', 'a&by=1', '+', '#')), {
    maxLength: 5,
  });
  const read = (path: string, key: string): string[] => readList(new URL(path, 'http://localhost').searchParams.get(key));
  fc.assert(
    fc.property(ids, (of) => {
      expect(read(toLabels(of), 'ids')).toEqual(of);
      expect(read(toNewThing(of), 'for')).toEqual(of);
      expect(read(toWashDay(of, '2027-01-08'), 'items')).toEqual(of);
      expect(new URL(toWashDay(of, '2027-01-08'), 'http://localhost').searchParams.get('by')).toBe('2027-01-08');
    }),
  );
});
test('every entry of the handbook has an address of its own in its section', () => {
  const at = handbook().map(({ id }) => matchPath('/handbook/:section/:entry', toHandbook(id))?.params);
  expect(at.map((params) => params && `${params.section}/${params.entry}`)).toEqual(handbook().map(({ id }) => id));
});
test('work under way has its pages, alone and together; no other page is one of them', () => {
  expect([toRun('run-1'), toLoad('load-1')].map(isRunPage)).toEqual([true, true]);
  for (const path of [...Object.values(PATHS), toThing('run'), toThing('x', 'programme'), '/runs'])
    expect(isRunPage(path)).toBe(false);
});
