import fc from 'fast-check';
import { expect, test } from 'vitest';
import { PATHS, thingAt, toThing } from '../../src/app/routes';

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
