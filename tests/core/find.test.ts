import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { find } from '../../src/core/find';
import { ARCHETYPES } from '../../src/core/knowledge';
import { KIND_ALSO, KIND_WORDS } from '../../src/core/words';

const of = (name: string, also = ''): { id: string; name: string; also: string } => ({ id: name, name, also });
const names = (all: readonly { name: string }[]): string[] => all.map((one) => one.name);

describe('one search', () => {
  const all = [of('Rust smock', 'jacket coat'), of('Hut quilt', 'duvet'), of('Rope'), of('Long rust-red scarf'), of('Énergie')];
  test('by the beginning of any word, of its name before its other words, the shorter name first', () => {
    expect(names(find(all, 'rust'))).toEqual(['Rust smock', 'Long rust-red scarf']);
    expect(names(find(all, 'duv'))).toEqual(['Hut quilt']);
    expect(names(find(all, 'RU SM'))).toEqual(['Rust smock']);
    expect(names(find(all, 'smock rust'))).toEqual(['Rust smock']);
    expect(names(find(all, 'energie'))).toEqual(['Énergie']);
    expect(find(all, 'ust')).toEqual([]);
    expect(find(all, '  ')).toEqual([]);
  });
  test('every find holds every word, and never more than were asked for', () => {
    fc.assert(
      fc.property(
        fc.array(fc.string({ minLength: 1, maxLength: 12 })),
        fc.string({ maxLength: 8 }),
        fc.integer({ min: 1, max: 5 }),
        (texts, query, most) => {
          const found = find(
            texts.map((t) => of(t)),
            query,
            most,
          );
          expect(found.length).toBeLessThanOrEqual(most);
          for (const one of found) expect(texts).toContain(one.name);
        },
      ),
    );
  });
});

describe('things are found by the words that people use', () => {
  const findable = ARCHETYPES.map((a) => ({
    id: a.id,
    name: a.name,
    also: `${a.hint} ${KIND_WORDS[a.item.kind]} ${KIND_ALSO[a.item.kind] ?? ''}`,
    kind: a.item.kind,
  }));
  // Everyday words: common practice, no source.
  test.each([
    ['sneaker', 'shoe'],
    ['trainers', 'shoe'],
    ['puffer', 'jacket'],
    ['raincoat', 'jacket'],
    ['anorak', 'jacket'],
    ['fleece', 'mid-layer'],
    ['hoodie', 'mid-layer'],
    ['duvet', 'quilt'],
    ['gaiter', 'trousers'],
    ['leggings', 'trousers'],
    ['beanie', 'hat'],
    ['mittens', 'gloves'],
    ['rucksack', 'pack'],
    ['bladder', 'reservoir'],
    ['groundsheet', 'footprint'],
    ['cleats', 'studded-boot'],
    ['mascot', 'costume-body'],
    ['shin guards', 'pads'],
    ['life jacket', 'buoyancy-aid'],
    ['bivvy', 'sleeping-bag'],
    ['thermal', 'base-layer'],
    ['gilet', 'vest'],
  ])('%s is a %s', (word, kind) => {
    expect(find(findable, word, 99).map((a) => a.kind)).toContain(kind);
  });
});
