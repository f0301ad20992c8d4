import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { latestInspection, type Inspection, type Item, type Kit } from '../../src/core/gear';
import type { Programme } from '../../src/core/document';
import { plan, writeProgramme } from '../../src/core/programme';
import { isSeveral, OF_THE_THING } from '../../src/core/words';

/** Steps in which an “it” is something else, and what. */
const ANOTHER: Readonly<Record<string, string>> = {
  'check-leak': 'the leak, the water',
  'clean-inside': 'the foam',
  'keep-crest-dry': 'the piece of hide',
  'knock-off-mud': 'the mud',
  'leak-route': 'the place, the leak',
  'let-dry': 'the place',
  'look-wet': 'a mark',
  'mask-edge': 'the leather, the tape',
  'mend-hole': 'the patch',
  'mend-part': 'the part',
  'peroxide-rubber': 'the rubber, the cream',
  'powder-inside': 'the powder',
  'purge-dryer-scent': 'the dryer',
  'purge-machine': 'the machine',
  'purge-scent': 'the machine',
  'rinse-treated': 'what was treated',
  'rinse-vessel': 'the vessel',
  'rubber-paste': 'the paste',
  'rubber-solvent': 'the rubber',
  'rubber-sponge': 'the rubber',
  'scrub-tub': 'the tub',
  'shoe-rack': 'the drying',
  'shoe-shade': 'the drying',
  'shoe-sun': 'the drying',
  'spot-clean': 'a mark, the agent',
  'spot-test': 'what is tried',
  'suede-brush': 'a mark',
  'treat-again': 'a mark',
  'treat-blood': 'a mark',
  'treat-grease': 'a mark',
  'treat-hide': 'a mark',
  'treat-other': 'a mark',
  'treat-sweat-yellow': 'a mark',
  'vinegar-rinse': 'the machine',
  'wash-hand-shoe': 'the cleaner’s cap',
  'wipe-dryer': 'the dryer',
  'wipe-salt': 'the salt',
  'deodorise-inside': 'a shoe',
  'feather-in': 'the feather',
  'padding-out': 'the padding',
  'fur-off': 'the fur',
};

const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
const bare: Kit = { ...kit, equipment: { washers: [], dryers: [] } };
/** The programmes of a thing however it looks, with the machines of the demo and with none. */
function* programmesOf(item: Item): Generator<Programme> {
  const seen = latestInspection(kit.inspections, item.id);
  for (const soil of [0, 2, 4])
    for (const grade of [0, 2, 5])
      for (const damp of [false, true])
        for (const own of [kit, bare]) {
          const droplet = { seat: grade, toe: grade, palm: grade };
          const looked = {
            ...seen,
            id: 'x',
            itemId: item.id,
            at: '2027-01-01T00:00:00Z',
            soil,
            odour: soil > 2 ? 2 : 0,
            damp,
            droplet,
          };
          yield writeProgramme(plan({ item, inspection: looked as Inspection, kit: own }));
        }
}

describe('the steps of what one speaks of as several', () => {
  const pairs = kit.items.filter(isSeveral);
  test('say “them” wherever the thing is meant, with the verbs of several; elsewhere an “it” is something that stands there', () => {
    const wrong = new Set<string>();
    const met = new Set<string>();
    for (const item of pairs)
      for (const { steps } of programmesOf(item))
        for (const { key, title, text, check } of steps) {
          const said = [title, text, check?.look ?? '', check?.pass ?? ''].join(' ').replace(/“[^”]*”/g, '“…”');
          if (/\b(them|they) (is|was|has|does|did|lies|seems|stays|needs|goes)\b|(^|[.:;] )Them\b/.test(said))
            wrong.add(`${key}: ${said}`);
          const one = /\b(it|its|itself)\b/i.test(said);
          if (one && OF_THE_THING.has(key)) wrong.add(`${key}: ${said}`);
          if (one && !OF_THE_THING.has(key) && !(key in ANOTHER)) wrong.add(`${key}: ${said}`);
          if (!one && OF_THE_THING.has(key) && /\b(them|their)\b/.test(said)) met.add(key);
        }
    expect([...wrong]).toEqual([]);
    expect(met.size).toBeGreaterThan(25);
  });
  test('one thing stays an “it”', () => {
    const jacket = kit.items.find((i) => i.kind === 'jacket') as Item;
    const said = [...programmesOf(jacket)].flatMap((p) =>
      p.steps.filter((s) => OF_THE_THING.has(s.key)).map((s) => `${s.title} ${s.text}`),
    );
    expect(said.filter((text) => /\bit\b/.test(text)).length).toBeGreaterThan(10);
    expect(said.filter((text) => /^(Wash|Hang|Tumble|Press|Turn) them\b/.test(text))).toEqual([]);
  });
});
