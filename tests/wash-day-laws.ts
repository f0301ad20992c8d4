import { latestInspection, type Item, type Kit } from '../src/core/gear';
import { planItem } from '../src/core/programme';
import type { Programme } from '../src/core/document';
import type { DayRequest, WashDay } from '../src/core/washday';

/*
 * The laws of a wash day as the public contract states them, held to an answer from outside: nothing here comes from the engine but the
 * programmes, which the planning command gives.
 */
const ACTIONS = ['normal', 'mild', 'very-mild', 'hand', 'surface', 'none'];
const ms = (instant: string): number => Date.parse(instant);
const MIN = 60_000;
const AT_ONCE_MIN = 15;
const overlap = (a: { from: string; to: string }, b: { from: string; to: string }): boolean =>
  ms(a.from) < ms(b.to) && ms(b.from) < ms(a.to);

/** Every law that this answer breaks, as a sentence; empty when it keeps them all. */
export function brokenLaws(request: DayRequest, day: WashDay): string[] {
  const broken: string[] = [];
  const law = (holds: boolean, text: string): void => {
    if (!holds) broken.push(text);
  };
  const { kit } = request;
  const item = (id: string): Item => kit.items.find((i) => i.id === id) as Item;
  const plans = new Map<string, Programme>();
  const planOf = (id: string): Programme => {
    let plan = plans.get(id);
    if (!plan) plans.set(id, (plan = planItem(kit, item(id))));
    return plan;
  };
  const drums = new Map((kit.equipment?.washers ?? []).map((w) => [w.id, w]));
  const dryers = new Set((kit.equipment?.dryers ?? []).map((d) => d.id));
  const racks = new Map((kit.equipment?.racks ?? []).map((r) => [r.id, r]));
  const { tasks } = day;

  for (const task of tasks) {
    law(ms(task.from) % (5 * MIN) === 0 && ms(task.to) % (5 * MIN) === 0, `${task.id} is off the grid`);
    law(ms(task.from) < ms(task.to), `${task.id} ends before it begins`);
    law(ms(task.from) >= ms(request.from) || (request.begun?.length ?? 0) > 0, `${task.id} begins before the day`);
    for (const span of task.attended) {
      law(ms(span.from) >= ms(task.from) && ms(span.to) <= ms(task.to), `${task.id} is attended outside itself`);
      const hand =
        request.hands?.find((h) => (h.name ?? '') === span.by) ?? request.hands?.[Number(/\d+$/.exec(span.by)?.[0]) - 1];
      const windows = hand?.windows ?? [];
      law(
        windows.length === 0 || windows.some((w) => ms(w.from) <= ms(span.from) && ms(span.to) <= ms(w.to)),
        `${task.id} needs ${span.by} outside the hours`,
      );
    }
    law(task.text.length > 3, `${task.id} says nothing`);
  }
  for (const [n, a] of tasks.entries())
    for (const b of tasks.slice(n + 1)) {
      const single = drums.has(a.on) || dryers.has(a.on) || a.on.startsWith('i-');
      law(!(single && a.on === b.on && overlap(a, b)), `${a.on} does ${a.id} and ${b.id} at once`);
      for (const x of a.attended)
        for (const y of b.attended) law(!(x.by === y.by && overlap(x, y)), `${x.by} is at ${a.id} and ${b.id} at once`);
    }
  for (const quiet of request.quiet ?? [])
    for (const task of tasks) {
      const kind = drums.get(task.on)?.kind;
      const machine = dryers.has(task.on) || (kind !== undefined && kind !== 'tub' && kind !== 'basin');
      law(!(machine && overlap(task, quiet)), `${task.id} runs in the quiet hours`);
    }
  for (const [id, rack] of racks) {
    if (rack.metres === undefined) continue;
    const on = tasks.filter((t) => t.on === id);
    for (const t of on) {
      const there = on.filter((o) => ms(o.from) <= ms(t.from) && ms(t.from) < ms(o.to));
      // The least that anything takes.
      law(there.length * 0.5 <= rack.metres, `${id} is overfull at ${t.from}`);
    }
  }

  const days = new Set(tasks.flatMap((t) => t.itemIds));
  for (const id of days) {
    const steps = planOf(id).steps.filter((s) => s.when === 'always');
    const at = steps.map((s) => tasks.filter((t) => t.steps.some((x) => x.itemId === id && x.stepId === s.id)));
    steps.forEach((s, n) => law(at[n]?.length === 1, `${id} ${s.id} is in ${at[n]?.length} tasks`));
    const main = steps.flatMap((s, n) => (s.phase === 'prepare-machine' ? [] : [{ s, t: at[n]?.[0] }]));
    main.forEach(({ s, t }, n) => {
      const next = main[n + 1];
      if (!t || !next?.t || next.t === t) return;
      law(ms(next.t.from) >= ms(t.to), `${id} ${next.s.id} begins before ${s.id} has ended`);
      if (!s.mayWait) law(ms(next.t.from) - ms(t.to) <= AT_ONCE_MIN * MIN, `${id} waits between ${s.id} and ${next.s.id}`);
    });
    const wash = main.find((m) => m.s.phase === 'wash')?.t;
    steps.forEach((s, n) => {
      const t = at[n]?.[0];
      if (s.phase !== 'prepare-machine' || !t || !wash || t === wash) return;
      law(ms(t.to) <= ms(wash.from), `${id} is washed before ${s.id}`);
    });
    const due = request.due?.[id];
    if (day.status !== 'impossible' && due) {
      const last = Math.max(...at.map((t) => ms(t[0]?.to ?? '')));
      law(last <= ms(due), `${id} is late`);
    }
  }

  for (const load of day.loads) {
    const washer = drums.get(load.washerId);
    law(washer !== undefined, `${load.id} has no machine`);
    if (washer?.capacityKg !== undefined) law(load.massKg <= washer.capacityKg + 1e-9, `${load.id} is too heavy`);
    if (load.purpose !== 'wash') continue;
    let mass = 0;
    for (const id of load.itemIds) {
      const { envelope, steps } = planOf(id);
      mass += ((item(id).massG ?? 0) / 1000) * (item(id).count ?? 1);
      const most = envelope.washMaxC.value;
      law(most === null || (load.settings.tempC ?? 0) <= Number(most), `${load.id} is too warm for ${id}`);
      const spin = envelope.spinMaxRpm.value;
      law(spin === null || (load.settings.spinRpm ?? 0) <= Number(spin), `${load.id} spins too fast for ${id}`);
      law(
        ACTIONS.indexOf(load.settings.action ?? '') >= ACTIONS.indexOf(String(envelope.action.value)),
        `${load.id} is too rough for ${id}`,
      );
      if (load.washerId === steps.find((s) => s.phase === 'wash')?.settings.washerId) {
        const rinses = steps
          .filter(
            (s) => s.when === 'always' && (s.phase === 'wash' || s.phase === 'rinse') && s.settings.washerId === load.washerId,
          )
          .reduce((sum, s) => sum + (s.settings.rinses ?? 0), 0);
        law((load.settings.rinses ?? 0) >= rinses, `${load.id} rinses ${id} too little`);
      }
    }
    law(load.massKg >= mass - 1e-6, `${load.id} forgets some of its mass`);
  }
  // Cleaner before dirtier on one machine, unless it was purged in between.
  const soilOf = (ids: readonly string[]): number =>
    Math.max(0, ...ids.map((id) => latestInspection(kit.inspections, id)?.soil ?? 2));
  const beginsAt = (loadId: string): number => Math.min(...tasks.filter((t) => t.loadId === loadId).map((t) => ms(t.from)));
  const washes = day.loads.filter((l) => l.purpose === 'wash');
  for (const a of washes)
    for (const b of washes) {
      if (a === b || a.washerId !== b.washerId || beginsAt(a.id) > beginsAt(b.id)) continue;
      const purged = day.loads.some(
        (p) =>
          p.purpose !== 'wash' && p.washerId === a.washerId && beginsAt(p.id) > beginsAt(a.id) && beginsAt(p.id) < beginsAt(b.id),
      );
      law(purged || soilOf(a.itemIds) <= soilOf(b.itemIds), `${a.id} is dirtier than ${b.id} behind it`);
    }
  const end = Math.max(...tasks.map((t) => ms(t.to)));
  if (tasks.length > 0) {
    law(ms(day.finish) === end, 'the finish is not the latest end');
    law(ms(day.bound.finish) <= ms(day.finish), 'the bound is worse than the answer');
    law(
      (day.bound.finish === day.finish) === (day.status === 'optimal'),
      'the bound is met without proof, or proved and not met',
    );
    law(day.bound.machineRuns <= day.loads.length, 'the bound has more runs than the answer');
    if (request.until && day.status !== 'impossible') law(end <= ms(request.until), 'the day is too long');
  }
  const spans = tasks.flatMap((t) => t.attended).sort((a, b) => ms(a.from) - ms(b.from));
  let [visits, last] = [0, -Infinity];
  for (const span of spans) {
    if (ms(span.from) - last >= 10 * MIN) visits++;
    last = Math.max(last, ms(span.to));
  }
  law(visits === day.visits, `${day.visits} visits are told, ${visits} are planned`);
  const minutes = spans.reduce((sum, s) => sum + (ms(s.to) - ms(s.from)) / MIN, 0);
  law(minutes === day.handsMin, `${day.handsMin} minutes of hands are told, ${minutes} are planned`);
  // Two things that were wished together are in one drum, unless a hard rule says why not.
  const [pair, ...others] = request.together ?? [];
  if (pair?.length === 2 && others.length === 0 && !request.begun && !request.apart?.length)
    law(
      !day.apart.some((a) => !a.hard && pair.every((id) => a.itemIds.includes(id))),
      `${pair.join(' and ')} were wished together and are not`,
    );
  return broken;
}
/** A kit that holds only these of its things. */
export const only = (kit: Kit, ids: readonly string[]): Kit => ({
  ...kit,
  items: kit.items.filter((i) => ids.includes(i.id)),
  inspections: kit.inspections.filter((i) => ids.includes(i.itemId)),
  weighIns: [],
  log: [],
});
