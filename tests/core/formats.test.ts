import Ajv2020 from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { checkKit, faultLine, readKit } from '../../src/core/formats';
import { dayRequestSchema, kitSchema, programmeSchema, washDaySchema } from '../../src/core/formats/schema';
import type { Kit } from '../../src/core/gear';
import { KNOWLEDGE } from '../../src/core/knowledge';
import { planItem } from '../../src/core/programme';

const ajv = new Ajv2020({ allErrors: false, strict: false });
addFormats(ajv);
const isKit = ajv.compile(kitSchema());
const isProgramme = ajv.compile(programmeSchema());
const DEMO = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
const demo = (): Kit => structuredClone(DEMO);
const faultsOf = (document: unknown): string[] => {
  const result = checkKit(document);
  return result.status === 'read' ? [] : result.faults.map((fault) => faultLine(fault));
};
/** A copy of the demo kit with one place changed. */
function changed(change: (kit: Record<string, never> & Kit) => void): Kit {
  const kit = demo() as Record<string, never> & Kit;
  change(kit);
  return kit;
}

test('faults of single fields and of whole lists come at once', () => {
  const result = readKit(
    JSON.stringify({
      format: 'umbrastic/kit',
      version: 1,
      items: [
        { id: 'a', kind: 'spoon', components: [], label: null },
        { id: 'a', kind: 'hat', components: [], label: null },
      ],
      inspections: [{ id: 'i', itemId: 'gone', at: '2027-01-03T08:00:00Z' }, 7],
    }),
  );
  expect(result.status).toBe('faulty');
  const paths = result.status === 'faulty' ? result.faults.map((f) => f.path) : [];
  expect(paths).toEqual(expect.arrayContaining(['items[0].kind', 'items[1].id', 'inspections[0].itemId', 'inspections[1]']));
});

describe('published schemas', () => {
  test.each([
    ['kit', kitSchema],
    ['programme', programmeSchema],
    ['day-request', dayRequestSchema],
    ['wash-day', washDaySchema],
  ])('docs/formats/%s.schema.json is what the code says (npm run schemas)', (name, make) => {
    expect(JSON.parse(readFileSync(`docs/formats/${name}.schema.json`, 'utf8'))).toEqual(make());
  });
  test('the demo kit and all its programmes are valid', () => {
    const kit = demo();
    expect(isKit(kit)).toBe(true);
    expect(faultsOf(kit)).toEqual([]);
    for (const item of kit.items)
      expect({ id: item.id, ok: isProgramme(planItem(kit, item)), errors: isProgramme.errors }).toMatchObject({ ok: true });
  });
});

test('every verb a step may have is documented', () => {
  const documented = readFileSync('docs/formats/README.md', 'utf8');
  for (const verb of new Set(KNOWLEDGE.steps.map((s) => s.do))) expect(documented).toContain(`\`${verb}\``);
});

describe('bad input names its place', () => {
  test.each<[string, (kit: Kit & Record<string, never>) => void]>([
    [
      'items[3].label.wash.maxC: must be one of 30, 40, 50, 60, 70, 95',
      (k) => void ((k.items[3]!.label!.wash!.maxC as number) = 45),
    ],
    ['items[0].massG: must be a number greater than 0', (k) => void (k.items[0]!.massG = -5)],
    ['items[0].massG: must be a number greater than 0', (k) => void (k.items[0]!.massG = Infinity)],
    ['items[1].kind: must be one of jacket', (k) => void ((k.items[1]!.kind as string) = 'cape')],
    ['items[0].components[1].material: must be one of', (k) => void ((k.items[0]!.components[1]!.material as string) = 'kapok')],
    ['items[0].fittings[1] must be one of', (k) => void ((k.items[0]!.fittings as string[])[1] = 'horn')],
    ['items[0].components: must be a list', (k) => void ((k.items[0] as unknown as Record<string, unknown>).components = 'down')],
    [
      'items[0].label.wash.maxC: must be absent when washing is not allowed',
      (k) => void (k.items[0]!.label!.wash!.allowed = false),
    ],
    ['items[2]: must be an object', (k) => void ((k.items as unknown[])[2] = 7)],
    ['inspections[0].droplet.hood: must be a whole number from 0 to 5', (k) => void (k.inspections[0]!.droplet = { hood: 6 })],
    [
      'inspections[0].itemId: must be the id of an item in this file; there is no "gone"',
      (k) => void (k.inspections[0]!.itemId = 'gone'),
    ],
    ['items[1].id: must be unique', (k) => void (k.items[1]!.id = k.items[0]!.id)],
    [
      'preferences.schools.DOWN-HEAT: must be one of air, low, medium',
      (k) => void (k.preferences = { schools: { 'DOWN-HEAT': 'lava' } }),
    ],
    ['equipment.room.rhPercent: must be a number from 0 to 100', (k) => void (k.equipment!.room!.rhPercent = 140)],
    ['exportedAt: must be a time with an offset', (k) => void (k.exportedAt = '2027-01-03 08:00')],
    ['version: must be 1', (k) => void ((k.version as number) = 0)],
  ])('%s', (line, change) => {
    const lines = faultsOf(changed(change)).map((l) =>
      l.replace(/\]: must be one of/, '] must be one of').replace(/(fittings\[\d\]): /, '$1 '),
    );
    expect(
      lines.some((l) => l.startsWith(line) || l.replace('] must', ']: must').startsWith(line)),
      lines.join('\n'),
    ).toBe(true);
  });
  test.each([
    ['not JSON', '{'],
    ['a list', '[]'],
    ['nothing', ''],
    ['another format', '{"format":"x"}'],
    [
      'nested too deeply',
      `{"format":"umbrastic/kit","version":1,"items":[],"inspections":[],"x":${'['.repeat(5000)}${']'.repeat(5000)}}`,
    ],
  ])('%s is refused in one line', (_, text) => {
    const result = readKit(text);
    expect(result.status).toBe('faulty');
    if (result.status === 'faulty') for (const fault of result.faults) expect(faultLine(fault)).not.toMatch(/\n|at .*\.ts/);
  });
  test('a newer version is told from a broken one', () =>
    expect(readKit(JSON.stringify({ ...demo(), version: 2 })).status).toBe('newer'));
  test('__proto__ does not reach any object', () => {
    const text = JSON.stringify(demo()).replace(
      '"title"',
      '"__proto__":{"polluted":true},"constructor":{"prototype":{"polluted":true}},"title"',
    );
    const result = readKit(text);
    expect(result.status).toBe('read');
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
    if (result.status === 'read') expect(Object.getPrototypeOf(result.kit)).toBe(Object.prototype);
  });
  test('unknown fields are kept', () => {
    const kit = changed((k) => Object.assign(k.items[0]!, { horn: { sound: 'low' } }));
    const result = readKit(JSON.stringify(kit));
    expect(result).toMatchObject({
      status: 'read',
      kit: { items: expect.arrayContaining([expect.objectContaining({ horn: { sound: 'low' } })]) },
    });
  });
});
