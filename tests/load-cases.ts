import type { Item, Kit, LogEntry } from '../src/core/gear';
import type { Run } from '../src/core/run';
import { finishRun } from '../src/core/run/finish';
import { startLoad } from '../src/core/run/load';
import { carryLoad, planDay, type DayLoad, type WashDay } from '../src/core/washday';
import { down, item, KIT, label, comp, shell, type Seen } from './make';

/* Loads of several things, begun as a started day begins them. */
export const T0 = Date.parse('2027-01-09T08:00:00Z');
const LOOKS: Readonly<Record<string, Seen>> = {
  parka: { soil: 2, odour: 1 },
  vest: { soil: 2, odour: 0 },
  shell: { soil: 2, droplet: { hood: 4, shoulders: 4 } },
  trousers: { soil: 2, droplet: { seat: 4 } },
  towels: { soil: 2 },
  studs: { soil: 3 },
};
const THINGS: readonly Item[] = [
  down({ id: 'parka', name: 'Parka' }),
  down({ id: 'vest', name: 'Warm vest', kind: 'vest', massG: 300 }),
  shell({ id: 'shell', name: 'Shell' }),
  shell({ id: 'trousers', name: 'Rain trousers', kind: 'trousers', massG: 380 }),
  item('towel', [comp('face', 'cotton')], { id: 'towels', name: 'Towels', massG: 900, count: 3, label: label(60, 'normal') }),
  item('studded-boot', [comp('upper', 'polyester-woven'), comp('outsole', 'rubber')], {
    id: 'studs',
    name: 'Studded boots',
    massG: 800,
    fittings: ['removable-studs', 'laces', 'removable-insole'],
  }),
];
export const loadKit = (dirty = false): Kit => ({
  format: 'umbrastic/kit',
  version: 1,
  items: [...THINGS],
  inspections: THINGS.map((t) => ({ ...LOOKS[t.id], id: `before-${t.id}`, itemId: t.id, at: '2027-01-08T08:00:00Z' })),
  ...KIT,
  ...(dirty
    ? {
        equipment: {
          ...KIT.equipment,
          washers: KIT.equipment!.washers!.map((w) => ({ ...w, lastLoads: ['softener' as const] })),
        },
      }
    : {}),
});
export interface Begun {
  readonly kit: Kit;
  readonly day: WashDay;
  readonly load: DayLoad;
  readonly runs: readonly Run[];
}
/** The load that these things share, begun. */
export function begin(kit: Kit, ids: readonly string[], begun: readonly string[] = []): Begun {
  const day = planDay({
    format: 'umbrastic/day-request',
    version: 1,
    kit,
    items: [...ids],
    from: '2027-01-09T08:00:00Z',
    together: [[...ids]],
  });
  const load = day.loads.find((l) => l.purpose === 'wash' && l.itemIds.length > 1);
  if (!load) throw new Error(`These share no drum: ${day.apart.map((a) => a.text).join(' ')}`);
  const things = carryLoad(kit, day, load, new Set(begun));
  const runs = startLoad(
    things.map((c) => ({ ...c, itemId: c.item.id, name: c.item.name ?? c.item.kind })),
    { id: 'load-1', name: 'Both' },
    (itemId) => `load-1-${itemId}`,
    T0,
  );
  return { kit, day, load, runs };
}
/** Writes one run down as the app does: the kit as it is then. */
export function writeDown(kit: Kit, run: Run, mates: readonly Run[]): Kit {
  const thing = kit.items.find((i) => i.id === run.itemId)!;
  const before = kit.inspections.find((i) => i.itemId === run.itemId) ?? null;
  const iso = new Date(run.seenAtMs).toISOString();
  const at = { iso, today: iso.slice(0, 10), logId: `log-${run.id}`, inspectionId: `after-${run.id}` };
  const result = finishRun(run, thing, before, kit, at, '', mates);
  const rows: LogEntry[] = [result.entry, ...(result.load ? [result.load] : [])];
  return {
    ...kit,
    supplies: [...result.supplies],
    equipment: { ...kit.equipment, washers: [...result.washers] },
    log: [...(kit.log ?? []).filter((e) => !rows.some((r) => r.id === e.id)), ...rows],
  };
}
