import { describe, expect, test } from 'vitest';
import type { Item, Kit } from '../../src/core/gear';
import { ARCHETYPES } from '../../src/core/knowledge/archetypes';
import { plan, type Plan } from '../../src/core/programme';
import { writeAlternatives } from '../../src/core/programme/answers';
import { WORDS } from '../../src/core/words';
import { KIT, label, withEquipment, withSupplies, type Seen } from '../make';

/* A choice does something, or it is not offered: every construction × look × machines × offered option. */

/** Steps, settings and minutes; not the words. */
const work = (p: Plan): string =>
  JSON.stringify(
    p.steps.map(({ template, settings, attendedMin, unattendedMin }) => [template.id, settings, attendedMin, unattendedMin]),
  );

const LOOKS: Readonly<Record<string, Seen>> = {
  worn: { soil: 2, odour: 1 },
  'worn and wetting': { soil: 3, odour: 1, droplet: { shoulders: 2, body: 2 } },
  'filthy and dead': { soil: 4, odour: 2, droplet: { shoulders: 1, body: 1 } },
  'clean and tired': { soil: 0, odour: 0, droplet: { shoulders: 3, body: 3 } },
  'clean and poor': { soil: 0, odour: 0, droplet: { shoulders: 1, body: 1 } },
  'damp, smells faintly': { soil: 0, odour: 1, damp: true },
  'a fresh mark on its main part': { soil: 1, odour: 0, stains: [{ soil: 'grease', set: false }] },
  'a fresh mark on its rim': { soil: 1, odour: 0, stains: [{ soil: 'scuff', place: 'rim', set: false }] },
  marked: {
    soil: 2,
    stains: [
      { soil: 'scuff', place: 'toe' },
      { soil: 'grease', place: 'hem', set: true },
    ],
  },
};
const LABELS: Readonly<Record<string, Item['label']>> = {
  none: null,
  plain: label(40, 'normal', { tumble: 'normal', ironMaxC: 110, bleach: 'oxygen' }),
  hot: label(60, 'normal', { tumble: 'low', ironMaxC: 0, bleach: 'any' }),
  hand: label(30, 'hand', { tumble: 'none', ironMaxC: 0 }),
};
const KITS: Readonly<Record<string, Pick<Kit, 'equipment' | 'supplies' | 'preferences'>>> = {
  usual: KIT,
  'many bottles': { ...KIT, ...withSupplies('wash-in-proofer', 'mild-soap', 'vinegar', 'acetone', 'microfibre-cleaner') },
  'no dryer': { ...KIT, ...withEquipment({ dryers: [] }) },
  'by hand': {
    ...KIT,
    ...withEquipment({
      washers: [
        { id: 't1', kind: 'tub' },
        { id: 'b1', kind: 'basin' },
      ],
    }),
  },
  'hot iron': { ...KIT, ...withEquipment({ irons: [{ id: 'i1', oneDotC: 135 }] }) },
  unknown: {},
};

/** Options that are offered and plan the same steps, settings and minutes. */
function idle(thing: Item, seen: Seen, kit: (typeof KITS)[string], from: Readonly<Record<string, string>> = {}): string[] {
  const request = {
    item: { ...thing, schools: from },
    inspection: { ...seen, id: 'i', itemId: thing.id, at: '2027-01-03T08:00:00Z' },
    kit,
  };
  const now = plan(request);
  const before = work(now);
  return writeAlternatives(now, WORDS)
    .filter(({ school, option }) => {
      const other = plan({ ...request, item: { ...thing, schools: { ...from, [school]: option } } });
      return work(other) === before;
    })
    .map(({ school, option }) => `${school}=${option}`);
}

describe('every choice that is offered does something', () => {
  for (const [named, careLabel] of Object.entries(LABELS))
    test(`with ${named === 'none' ? 'no' : `a ${named}`} label`, () => {
      const found = new Map<string, string>();
      for (const { id, item } of ARCHETYPES)
        for (const [look, seen] of Object.entries(LOOKS))
          for (const [machines, kit] of Object.entries(KITS)) {
            const thing: Item = { ...item, id, label: careLabel };
            for (const choice of idle(thing, seen, kit)) if (!found.has(choice)) found.set(choice, `${id}, ${look}, ${machines}`);
          }
      expect(Object.fromEntries(found)).toEqual({});
    }, 60_000);

  test('and from every choice made, the way back does something too', () => {
    const found = new Map<string, string>();
    const kit = KITS['many bottles'] ?? KIT;
    for (const { id, item } of ARCHETYPES)
      for (const careLabel of [LABELS.plain ?? null, null]) {
        const thing: Item = { ...item, id, label: careLabel };
        for (const [look, seen] of Object.entries(LOOKS)) {
          const offered = writeAlternatives(
            plan({ item: thing, inspection: { ...seen, id: 'i', itemId: id, at: '2027-01-03T08:00:00Z' }, kit }),
            WORDS,
          );
          for (const { school, option } of offered)
            for (const choice of idle(thing, seen, kit, { [school]: option }))
              if (!found.has(choice)) found.set(choice, `${id}, ${look}, after ${school}=${option}`);
        }
      }
    expect(Object.fromEntries(found)).toEqual({});
  }, 60_000);
});
