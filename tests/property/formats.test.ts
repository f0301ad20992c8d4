import Ajv2020 from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { checkKit } from '../../src/core/formats';
import { kitSchema } from '../../src/core/formats/schema';
import type { Kit } from '../../src/core/gear';

const ajv = new Ajv2020({ allErrors: false, strict: false });
addFormats(ajv);
const isKit = ajv.compile(kitSchema());

describe('import and schema accept the same kits', () => {
  /** Every place of a document, and values that may or may not belong there. */
  const places = (value: unknown, path: (string | number)[] = []): (string | number)[][] =>
    typeof value === 'object' && value !== null
      ? [path, ...Object.entries(value).flatMap(([k, v]) => places(v, [...path, Array.isArray(value) ? Number(k) : k]))]
      : [path];
  const whole = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
  const some: Kit = {
    ...whole,
    items: whole.items.slice(0, 3),
    inspections: whole.inspections.slice(0, 2),
    log: (whole.log ?? []).slice(0, 1),
    weighIns: [],
    supplies: (whole.supplies ?? []).slice(0, 2),
  };
  const all = places(some).filter((p) => p.length > 0);
  const odd = fc.oneof(
    fc.constantFrom<unknown>(
      null,
      true,
      -1,
      0,
      0.5,
      1,
      3,
      30,
      45,
      101,
      '',
      'x',
      'down',
      'low',
      'normal',
      '2027-01-03',
      '2027-02-30',
      '2027-01-03T08:00:00Z',
      '2027-01-03T08:00:00',
      [],
      {},
      [null],
      [[1, 2]],
      ['x'],
      [1, 2],
    ),
    fc.double({ noNaN: true, noDefaultInfinity: true }),
    fc.string(),
  );
  test('over 1200 random changes', () => {
    fc.assert(
      fc.property(fc.constantFrom(...all), odd, fc.boolean(), (path, value, remove) => {
        const kit = structuredClone(some) as unknown as Record<string | number, unknown>;
        let at = kit;
        for (const key of path.slice(0, -1)) at = at[key] as Record<string | number, unknown>;
        const last = path[path.length - 1] as string | number;
        if (remove && !Array.isArray(at)) delete at[last];
        else at[last] = value;
        const ours = checkKit(structuredClone(kit));
        // What a schema cannot see: ids used twice or leading nowhere, and newer versions.
        const beyond =
          ours.status === 'newer' ||
          (ours.status === 'faulty' && ours.faults.every((f) => /unique|id of an item/.test(f.message)));
        if (!beyond)
          expect({
            path,
            value,
            remove,
            ours: ours.status === 'read',
            faults: ours.status === 'faulty' ? ours.faults : [],
          }).toMatchObject({ ours: isKit(kit) });
      }),
      { numRuns: 1200 },
    );
  });
});
