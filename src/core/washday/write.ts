import type { ProgrammeStep } from '../document';
import { DRUM_LITRES } from '../knowledge';
import { writeProgramme } from '../programme';
import { APART_WORDS, cushionText, handText, loadText } from '../telling/wash-day';
import { thingName, WASHER_WORDS } from '../words';
import { listed } from '../words/text';
import { instantAt, type Calendar } from './calendar';
import { apartBy, type Wishes } from './loads';
import type { Found } from './search';
import { overfills, tooMany } from './sharing';
import type { Apart, DayLoad, DayTask, Load, Member } from './types';

const nameOf = (member: Member): string => thingName(member.item);
const machineText = (washer: Load['washer']): string => (washer.name ? `“${washer.name}”` : `the ${WASHER_WORDS[washer.kind]}`);

/** What is set and poured for a drum, as one reads it at the machine. */
export const drumText = ({ settings, washer, ballast, members }: Load): string =>
  loadText({ ...settings, names: members.map(nameOf), machine: machineText(washer), cushion: cushionText(ballast) });

export interface Writing {
  readonly found: Found;
  readonly calendar: Calendar;
  readonly offset: number;
  readonly loadIds: readonly string[];
  readonly byId: ReadonlyMap<string, Member>;
}
/** The loads of a plan as the document has them, in the order in which they begin. */
export function writeLoads(w: Writing): DayLoad[] {
  const washes = w.found.loads.map((load, n): DayLoad & { first: number } => {
    const { washer } = load;
    return {
      first: w.found.problem.nodes.reduce(
        (least, node, at) => (node.load === n && node.on === washer.id ? Math.min(least, w.found.placed.starts[at] ?? 0) : least),
        Infinity,
      ),
      id: w.loadIds[n] ?? '',
      washerId: washer.id,
      itemIds: load.members.map((m) => m.item.id),
      purpose: 'wash',
      ballast: load.ballast,
      settings: load.settings,
      boundBy: load.boundBy,
      massKg: load.massKg,
      ...(washer.capacityKg === undefined ? {} : { capacityKg: washer.capacityKg }),
      litres: Math.round(load.litres + DRUM_LITRES.washer.palm),
      ...(washer.drumLitres === undefined ? {} : { drumLitres: washer.drumLitres }),
      why: load.members.flatMap((m) => m.steps.find((s) => s.phase === 'wash')?.why ?? []).filter(once((y) => y.rule)),
    };
  });
  const purges = w.found.problem.nodes.flatMap((node, at): (DayLoad & { first: number })[] => {
    if (!node.purge) return [];
    const step = node.steps[0];
    const asked = w.byId.get(step?.itemId ?? '')?.steps.find((s) => s.id === step?.stepId);
    const { tempC, cleaner, doseMl } = asked?.settings ?? {};
    return [
      {
        first: w.found.placed.starts[at] ?? 0,
        id: purgeId(node.purge, node.on),
        washerId: node.on,
        itemIds: [],
        purpose: node.purge,
        ballast: node.purge === 'scent-purge' ? [{ what: 'towel', count: 2 }] : [],
        settings: {
          ...(tempC === undefined ? {} : { tempC }),
          ...(cleaner === undefined ? {} : { cleaner }),
          ...(doseMl === undefined ? {} : { doseMl }),
        },
        boundBy: {},
        massKg: 0,
        why: asked?.why ?? [],
      },
    ];
  });
  return [...purges, ...washes].sort((a, b) => a.first - b.first).map(({ first: _first, ...load }) => load);
}
const purgeId = (purge: string, washerId: string): string => `${purge}-${washerId}`;
function once<T>(key: (one: T) => string): (one: T) => boolean {
  const seen = new Set<string>();
  return (one) => !seen.has(key(one)) && seen.add(key(one)).has(key(one));
}

/** A step as it reads in the machine that its load is in. */
function stepIn(w: Writing, itemId: string, stepId: string): ProgrammeStep | undefined {
  const member = w.byId.get(itemId);
  const step = member?.steps.find((s) => s.id === stepId);
  const load = member && w.found.loads.find((l) => l.members.some((m) => m.item.id === itemId));
  if (!member || !step || !load || load.washer.id === member.made.washer?.id) return step;
  const there = member.drums.find((d) => d.washer.id === load.washer.id);
  return (there && writeProgramme(there.made).steps.find((s) => s.key === step.key)) ?? step;
}
/** What is done, short and in full. */
function taskWords(w: Writing, at: number): { readonly title: string; readonly text: string } {
  const node = w.found.problem.nodes[at];
  if (!node) return { title: '', text: '' };
  const load = node.load === undefined ? undefined : w.found.loads[node.load];
  const names = node.itemIds.flatMap((id) => {
    const member = w.byId.get(id);
    return member ? [nameOf(member)] : [];
  });
  if (load && node.do === 'machine-wash')
    return {
      title: `Wash ${listed(names)}.`,
      text: drumText(load),
    };
  const title = handText(listed(names), node.titles);
  const [first] = node.steps;
  const asked = first && stepIn(w, first.itemId, first.stepId);
  if (!asked) return { title, text: title };
  if (asked.phase === 'prepare-machine' && (node.purge || names.length > 1))
    return { title: `${asked.title}.`, text: asked.text };
  if (node.titles.length === 1) return { title, text: `${listed(names)}: ${asked.text}` };
  const own = node.steps.flatMap((s) => stepIn(w, s.itemId, s.stepId)?.text ?? []);
  return { title, text: `${listed(names)}: ${own.join(' ')}` };
}
/** The tasks of a plan as the document has them, in the order in which they begin. */
export function writeTasks(w: Writing): DayTask[] {
  const { problem, placed } = w.found;
  const at = (slot: number): string => instantAt(w.calendar, slot, w.offset);
  return problem.nodes
    .map((node, n) => ({ node, n, start: placed.starts[n] ?? 0 }))
    .sort((a, b) => a.start - b.start || a.n - b.n)
    .map(({ node, n, start }, index): DayTask => ({
      id: `t${index + 1}`,
      itemIds: node.itemIds,
      ...(node.purge
        ? { loadId: purgeId(node.purge, node.on) }
        : node.load === undefined || node.on !== w.found.loads[node.load]?.washer.id
          ? {}
          : { loadId: w.loadIds[node.load] ?? '' }),
      steps: node.steps,
      do: node.do,
      on: node.on,
      from: at(start),
      to: at(start + node.slots),
      attended: node.stretches.map((s, k) => ({
        from: at(start + s.at),
        to: at(start + s.at + s.slots),
        by: w.calendar.names[placed.by[n]?.[k] ?? 0] ?? '',
      })),
      mayWait: node.mayWait,
      ...taskWords(w, n),
    }));
}
/** Why each two things that could share a drum by their machines do not. */
export function writeApart(members: readonly Member[], loads: readonly Load[], wishes: Wishes): Apart[] {
  const washed = members.filter((m) => m.drums.length > 0);
  const loadIn = (m: Member): Load | undefined => loads.find((l) => l.members.includes(m));
  return washed.flatMap((a, i) =>
    washed.slice(i + 1).flatMap((b): Apart[] => {
      const [mine, theirs] = [loadIn(a), loadIn(b)];
      if (!mine || !theirs || mine === theirs || !a.drums.some((d) => b.drums.some((o) => o.washer.id === d.washer.id)))
        return [];
      const by = apartBy(a, b, wishes);
      const all = [...mine.members, b];
      const full = tooMany(all)?.id ?? (overfills(all, mine.washer) ? ('drum' as const) : undefined);
      const why = by ?? (full ? { rule: full, hard: true } : { rule: 'sooner-apart' as const, hard: false });
      return [{ itemIds: [a.item.id, b.item.id], ...why, text: APART_WORDS[why.rule](`${nameOf(a)} and ${nameOf(b)}`) }];
    }),
  );
}

/** Letters of the loads in the order in which they begin. */
export function lettersOf(found: Found): string[] {
  const firsts = found.loads.map((load, n) =>
    found.problem.nodes.reduce(
      (least, node, at) =>
        node.load === n && node.on === load.washer.id ? Math.min(least, found.placed.starts[at] ?? 0) : least,
      Infinity,
    ),
  );
  const order = firsts.map((_, n) => n).sort((a, b) => (firsts[a] ?? 0) - (firsts[b] ?? 0) || a - b);
  return found.loads.map((_, n) => `L${order.indexOf(n) + 1}`);
}
