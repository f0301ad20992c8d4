import { describe, expect, test } from 'vitest';
import type { Item } from '../../src/core/gear';
import type { Programme } from '../../src/core/document';
import {
  canvas,
  doing,
  down,
  downBag,
  label,
  programme,
  shell,
  withEquipment,
  withSchool,
  type KitPart,
  type Seen,
} from '../make';

/* Change one input; the output that the row names changes, or `wouldChange` says why it does not. */
interface Row {
  readonly input: string;
  readonly output: string;
  readonly from: readonly [Item, Seen, KitPart?];
  readonly to: readonly [Item, Seen, KitPart?];
  readonly read: (p: Programme) => unknown;
}
const dirty: Seen = { soil: 2, odour: 0 };
const ranged: KitPart = { supplies: [{ id: 's', class: 'technical-cleaner', labelDoseRangeMl: [60, 120] }] };
const hard = (mg: number): KitPart => ({ ...ranged, ...withEquipment({ waterHardnessMgPerL: mg }) });

const ROWS: readonly Row[] = [
  {
    input: 'label °C',
    output: 'washMaxC',
    from: [down(), dirty],
    to: [down({ label: label(40, 'very-mild', { tumble: 'low' }) }), dirty],
    read: (p) => p.envelope.washMaxC.value,
  },
  {
    input: 'label °C',
    output: 'wash temperature',
    from: [shell({ label: label(30, 'mild'), schools: { 'SHELL-WATER': 'warm' } }), { soil: 3 }],
    to: [shell({ label: label(40, 'mild'), schools: { 'SHELL-WATER': 'warm' } }), { soil: 3 }],
    read: (p) => doing(p, 'machine-wash')?.settings.tempC,
  },
  {
    input: 'label action',
    output: 'method',
    from: [shell(), dirty],
    to: [shell({ label: label(40, 'hand') }), dirty],
    read: (p) => p.method,
  },
  {
    input: 'label tumble',
    output: 'how the finish is warmed',
    from: [shell(), { soil: 0, odour: 0, droplet: { hood: 3 } }],
    to: [shell({ label: label(40, 'mild', { tumble: 'none' }) }), { soil: 0, odour: 0, droplet: { hood: 3 } }],
    read: (p) => p.steps[0]?.do,
  },
  {
    input: 'label missing',
    output: 'confidence',
    from: [down(), { ...dirty, loftRatio: 0.97 }],
    to: [down({ label: null }), { ...dirty, loftRatio: 0.97 }],
    read: (p) => p.confidence,
  },
  { input: 'soil', output: 'aims', from: [down(), { soil: 1, odour: 0 }], to: [down(), dirty], read: (p) => p.aims },
  {
    input: 'soil',
    output: 'dose',
    from: [shell(), { soil: 2 }, ranged],
    to: [shell(), { soil: 4 }, ranged],
    read: (p) => doing(p, 'machine-wash')?.settings.doseMl,
  },
  {
    input: 'drop grade',
    output: 'steps behind the test',
    from: [shell(), { soil: 0, odour: 0, droplet: { hood: 3 } }],
    to: [shell(), { soil: 0, odour: 0, droplet: { hood: 2 } }],
    read: (p) => p.steps.filter((s) => s.when === 'if-failed').length,
  },
  {
    input: 'drop zone',
    output: 'aims',
    from: [shell(), { soil: 0, odour: 0, droplet: { hood: 3 } }],
    to: [shell(), { soil: 0, odour: 0, droplet: { chest: 3 } }],
    read: (p) => p.aims,
  },
  {
    input: 'hardness',
    output: 'dose',
    from: [shell(), dirty, hard(40)],
    to: [shell(), dirty, hard(300)],
    read: (p) => doing(p, 'machine-wash')?.settings.doseMl,
  },
  {
    input: 'bulk',
    output: 'dryer',
    from: [down(), dirty, withEquipment({ dryers: [{ id: 'd', kind: 'vented', drumLitres: 80 }] })],
    to: [down({ bulk: 'large' }), dirty, withEquipment({ dryers: [{ id: 'd', kind: 'vented', drumLitres: 80 }] })],
    read: (p) => doing(p, 'tumble')?.settings.place ?? 'own',
  },
  {
    input: 'weight',
    output: 'bath refills or rounds',
    from: [down({ massG: 250 }), dirty, withSchool('DOWN-HEAT', 'air')],
    to: [down({ massG: 1400 }), dirty, withSchool('DOWN-HEAT', 'air')],
    read: (p) => doing(p, 'tumble')?.settings.rounds,
  },
  {
    input: 'school',
    output: 'dryer heat',
    from: [down(), dirty],
    to: [down(), dirty, withSchool('DOWN-HEAT', 'air')],
    read: (p) => doing(p, 'tumble')?.settings.heat,
  },
  {
    input: 'washing machine gone',
    output: 'method',
    from: [downBag(), dirty],
    to: [downBag(), dirty, withEquipment({ washers: [{ id: 't1', kind: 'tub' }] })],
    read: (p) => p.method,
  },
  {
    input: 'all baths gone too',
    output: 'aims',
    from: [downBag(), dirty],
    to: [downBag(), dirty, withEquipment({ washers: [] })],
    read: (p) => p.aims,
  },
  {
    input: 'dryer gone',
    output: 'where it tumbles',
    from: [down(), dirty],
    to: [down(), dirty, withEquipment({ dryers: [] })],
    read: (p) => doing(p, 'tumble')?.settings.dryerId,
  },
  {
    input: 'room',
    output: 'hours on the line',
    from: [shell(), dirty],
    to: [shell(), dirty, withEquipment({ room: { airC: 12, rhPercent: 75 } })],
    read: (p) => doing(p, 'line-dry')?.unattendedMin,
  },
  {
    input: 'colour',
    output: 'hot school',
    from: [canvas(), dirty, withSchool('SHOE-HEAT', 'hot')],
    to: [canvas({ colour: { class: 'vivid' } }), dirty, withSchool('SHOE-HEAT', 'hot')],
    read: (p) => doing(p, 'machine-wash')?.settings.tempC,
  },
];

describe('a changed input changes what it should', () => {
  test.each(ROWS.map((row) => ({ ...row, name: `${row.input} → ${row.output}` })))('$name', ({ from, to, read }) => {
    expect(read(programme(...to))).not.toEqual(read(programme(...from)));
  });
  test('hardness with a single exact dose: nothing changes, and the dose’s own reason says why', () => {
    const soft = programme(down(), dirty, withEquipment({ waterHardnessMgPerL: 30 }));
    const harder = programme(down(), dirty, withEquipment({ waterHardnessMgPerL: 400 }));
    expect(doing(harder, 'machine-wash')?.settings.doseMl).toBe(doing(soft, 'machine-wash')?.settings.doseMl);
    expect(doing(harder, 'machine-wash')?.why.find((w) => w.rule === 'dose-label')?.text).toContain(
      'whatever the water and the soil',
    );
  });
  test.each([
    { move: { soilWash: 3 }, thing: down(), seen: { soil: 2, odour: 0 }, from: ['wash'], to: ['spot-clean'] },
    { move: { soilWash: 1 }, thing: down(), seen: { soil: 1, odour: 0 }, from: ['spot-clean'], to: ['wash'] },
    { move: { odourWash: 3 }, thing: down(), seen: { soil: 0, odour: 2 }, from: ['wash'], to: ['air'] },
    { move: { dropFine: 5 }, thing: shell(), seen: { soil: 0, odour: 0, droplet: { hood: 4 } }, from: [], to: ['reactivate'] },
    { move: { dropFine: 3 }, thing: shell(), seen: { soil: 0, odour: 0, droplet: { hood: 3 } }, from: ['reactivate'], to: [] },
    { move: { loftFluff: 0.9 }, thing: down(), seen: { soil: 0, odour: 0, loftRatio: 0.93 }, from: ['fluff'], to: [] },
  ])('a moved threshold moves the verdict: $move', ({ move, thing, seen, from, to }) => {
    expect(programme(thing, seen).aims).toEqual(from);
    expect(programme(thing, seen, { preferences: { thresholds: move } }).aims).toEqual(to);
  });
  test('grade 3 counts as poor when the user says so: the spray stands ready behind the test', () => {
    const seen: Seen = { soil: 0, odour: 0, droplet: { chest: 3 } };
    expect(programme(shell(), seen).aims).toEqual([]);
    const p = programme(shell(), seen, { preferences: { thresholds: { dropPoor: 3 } } });
    expect(p.aims).toEqual(['reactivate']);
    expect(p.steps.some((s) => s.when === 'if-failed' && s.do === 'spray-proof')).toBe(true);
  });
  test('the user’s own thresholds move the verdict', () => {
    const seen: Seen = { soil: 0, odour: 0, loftRatio: 0.82 };
    expect(programme(down(), seen).aims).toEqual(['wash']);
    expect(programme(down(), seen, { preferences: { thresholds: { loftWash: 0.8 } } }).aims).toEqual(['fluff']);
  });
});
