import { describe, expect, test } from 'vitest';
import { canFor, waysOf } from '../../src/app/plan';
import type { Item, Kit } from '../../src/core/gear';
import { leastThatHelps, repellencyOf } from '../../src/core/repellency';
import { helpText } from '../../src/core/telling/repellency';
import { comp, item, KIT, shell, withSupplies } from '../make';

/* What a thing does not stand is never named as what is likely to do: glue lets go in a dryer’s heat (common practice, no source). */
const boot = item('boot', [comp('upper', 'polyamide-woven'), comp('membrane', 'membrane'), comp('outsole', 'rubber')], {
  repellency: 'finish',
});
const NOW = Date.parse('2027-03-01T08:00:00Z');
const kitOf = (thing: Item, grade: number): Kit =>
  ({
    format: 'umbrastic/kit',
    version: 1,
    ...KIT,
    ...withSupplies('spray-proofer'),
    items: [thing],
    inspections: [
      {
        id: 'i',
        itemId: thing.id,
        at: '2027-03-01T07:00:00Z',
        soil: 0,
        odour: 0,
        droplet: { toe: grade, body: grade, shoulders: grade },
      },
    ],
  }) as Kit;

describe('ways of bringing a finish back', () => {
  test('a glued boot is not warmed, alone or after a wash or a coat; a shell is', () => {
    const [cold, warm] = [waysOf(kitOf(boot, 2), boot), waysOf(kitOf(shell(), 2), shell())];
    expect([cold.heat.possible, cold['wash-heat'].possible, cold.renew.possible, cold.renew.warms]).toEqual([
      false,
      false,
      true,
      false,
    ]);
    expect([warm.heat.possible, warm['wash-heat'].possible, warm.renew.possible, warm.renew.warms]).toEqual([
      true,
      true,
      true,
      true,
    ]);
  });
  test('so heat is never what is likely to do for it, at any grade', () => {
    for (const grade of [0, 1, 2, 3, 4, 5]) {
      const kit = kitOf(boot, grade);
      const of = repellencyOf(boot, kit.inspections, [], NOW);
      if (!of) throw new Error('no test');
      const can = canFor(kit, boot);
      expect(['leave', 'renew', null]).toContain(leastThatHelps(of, can));
      expect(helpText(of, can)).not.toMatch(/heat/i);
    }
    // The same drops on a shell are warmed.
    const kit = kitOf(shell(), 2);
    const of = repellencyOf(shell(), kit.inspections, [], NOW);
    if (!of) throw new Error('no test');
    expect(leastThatHelps(of, canFor(kit, shell()))).not.toBe('renew');
  });
});
