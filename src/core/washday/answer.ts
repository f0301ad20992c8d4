import { priced, takes, worthOf, type TakesLine } from '../energy/takes';
import { linesOf } from '../energy/takes';
import type { Kit } from '../gear';
import { DRUM_LITRES } from '../knowledge';
import { needsOf, shoppingFor } from '../supplies';
import {
  APART_WORDS,
  BINDS,
  cushionText,
  DAY_ASSUMPTIONS,
  dayVerdict,
  handText,
  hoursText,
  lateVerdict,
  LEFT_OUT,
  loadText,
  REMEDIES,
} from '../telling/wash-day';
import type { ProgrammeStep } from '../document';
import { writeProgramme } from '../programme';
import { thingName, WASHER_WORDS } from '../words';
import { listed } from '../words/text';
import { calendarOf, instantAt, offsetOf, slotAt, type Calendar } from './calendar';
import { dryerLitres, apartBy, type Wishes } from './loads';
import { memberOf } from './members';
import { minutesOfSlots, findDay, USUAL_EFFORT, type Asked, type Effort, type Found, type Outcome } from './search';
import { overfills, tooMany } from './sharing';
import type { Apart, Costs, DayLoad, DayRequest, DayTask, Load, Member, Remedy, WashDay } from './types';

const nameOf = (member: Member): string => thingName(member.item);

/** The things that are asked for, and what is left out of them with its reason. */
function gather(request: DayRequest): { members: Member[]; leftOut: WashDay['leftOut'] } {
  const { kit } = request;
  const wanted = request.items ? request.items.flatMap((id) => kit.items.find((i) => i.id === id) ?? []) : kit.items;
  const members: Member[] = [];
  const leftOut: { itemId: string; text: string }[] = [];
  for (const item of wanted) {
    const named = request.items !== undefined;
    if (!named && (item.archivedOn || item.retiredOn)) continue;
    const member = memberOf(kit, item);
    const { aims } = member.programme;
    const out = (text: string): void => void leftOut.push({ itemId: item.id, text });
    if (aims.length === 0 || member.steps.length === 0) {
      if (named) out(LEFT_OUT.nothing(nameOf(member)));
    } else if (aims.every((a) => a === 'refer')) {
      out(LEFT_OUT.refer(nameOf(member)));
    } else if (member.steps.some((s) => s.settings.place === 'launderette')) out(LEFT_OUT.launderette(nameOf(member)));
    else members.push(member);
  }
  return { members, leftOut };
}

const wishesOf = (request: DayRequest): Wishes => ({
  together: request.together ?? [],
  apart: request.apart ?? [],
  drums: dryerLitres(request.kit),
});
function askedOf(request: DayRequest, members: readonly Member[]): Asked {
  const begun = request.begun ?? [];
  const origin = Math.min(Date.parse(request.from), ...begun.map((t) => Date.parse(t.from)));
  const grid = 5 * 60_000;
  const originMs = begun.length > 0 && origin < Date.parse(request.from) ? Math.floor(origin / grid) * grid : undefined;
  const calendar = originMs === undefined ? calendarOf(request) : calendarOf(request, originMs);
  const end = (instant: string | undefined): number => (instant === undefined ? Infinity : Math.floor(slotAt(calendar, instant)));
  return {
    kit: request.kit,
    members,
    calendar,
    wishes: wishesOf(request),
    latest: new Map(Object.entries(request.due ?? {}).map(([id, at]) => [id, end(at)])),
    until: end(request.until),
    prefer: request.prefer ?? 'earliest',
    begun,
    begunAt: (task) => {
      const start = Math.round(slotAt(calendar, task.from));
      return { start, slots: Math.max(1, Math.round(slotAt(calendar, task.to)) - start) };
    },
    energyOf: (load) => runLines(request.kit, load).reduce((sum, l) => sum + l.kWh, 0),
  };
}

/** What one run of a load takes, its cleaner included. */
function runLines(kit: Kit, load: Load): ReturnType<typeof linesOf> {
  const [first] = load.members;
  const { settings } = load;
  const cycle = load.washer.cycles?.find((c) => c.name === settings.cycle);
  const fillL = cycle?.litres ? cycle.litres / ((cycle.rinses ?? 2) + 1) : (first?.made.knowledge.settings.drumRinseLitres ?? 0);
  const supply = kit.supplies?.find((s) => s.class === settings.cleaner);
  return linesOf(
    {
      do: 'machine-wash',
      settings: { ...settings, ...(supply ? { supplyId: supply.id } : {}) },
      attendedMin: 5,
      unattendedMin: load.washMin + load.rinseMin,
    },
    {
      equipment: kit.equipment ?? {},
      supplies: kit.supplies ?? [],
      fillL,
      bathL: 0,
      waterKg: 0,
      dryer: 'vented',
      cycleMinutes: load.washMin,
    },
  );
}

const OF_RUN = new Set<TakesLine['what']>(['heat-water', 'wash-motor', 'rinse', 'supply']);
interface Sum {
  kWh: number;
  waterL: number;
  money: number;
}
/** What the day takes, and what it would take one thing after another with the drums purged once all the same. */
function costsOf(kit: Kit, members: readonly Member[], found: Found): { takes: Costs; oneByOne: Costs } {
  const prices = kit.preferences?.prices ?? {};
  const add = (sum: Sum, line: { kWh: number; litres: number }, money: number | null): void => {
    sum.kWh += line.kWh;
    sum.waterL += line.litres;
    sum.money += money ?? 0;
  };
  const [together, apart]: [Sum, Sum] = [
    { kWh: 0, waterL: 0, money: 0 },
    { kWh: 0, waterL: 0, money: 0 },
  ];
  const purged = new Set<string>();
  for (const member of members) {
    const load = found.loads.find((l) => l.members.includes(member));
    const inRun = new Set(member.programme.steps.filter((s) => s.settings.washerId === member.made.washer?.id).map((s) => s.id));
    for (const line of takes(member.made).lines) {
      if (line.what === 'purge') {
        const key = `${member.made.washer?.id}/${line.stepId}`;
        if (purged.has(key)) continue;
        purged.add(key);
      }
      add(apart, line, line.money);
      const ofRun = load !== undefined && inRun.has(line.stepId) && OF_RUN.has(line.what);
      if (!ofRun && (line.what !== 'purge' || found.work.nodes.some((n) => n.purge))) add(together, line, line.money);
    }
  }
  for (const load of found.loads)
    for (const line of runLines(kit, load)) {
      const bottle = kit.supplies?.find((s) => s.class === line.supply?.class);
      add(together, line, line.supply ? worthOf(bottle, line.supply.ml) : priced(line, prices));
    }
  const currency = kit.preferences?.currency ?? 'EUR';
  const said = ({ kWh, waterL, money }: Sum): Costs => ({
    kWh: Math.round(kWh * 100) / 100,
    waterL: Math.round(waterL),
    money: { amount: Math.round(money * 100) / 100, currency },
  });
  return { takes: said(together), oneByOne: said(apart) };
}

function shoppingOf(kit: Kit, members: readonly Member[], loads: readonly Load[]): WashDay['shopping'] {
  const needs = members.flatMap((member) => {
    const load = loads.find((l) => l.members.includes(member));
    const own = member.programme.steps.filter(
      (s) => !load || s.phase !== 'wash' || s.settings.washerId !== member.made.washer?.id,
    );
    return needsOf(member.item.id, own);
  });
  for (const { settings, members: inside } of loads)
    needs.push(...needsOf(inside[0]?.item.id ?? '', [{ when: 'always', settings: { ...settings } }]));
  return shoppingFor(needs, kit.supplies ?? [], null).map((line) => ({
    class: line.class,
    ...(line.needMl === undefined ? {} : { needMl: line.needMl }),
    ...(line.buyCount === undefined ? {} : { needCount: line.buyCount }),
    ...(line.perhaps ? { perhaps: line.perhaps } : {}),
  }));
}

const machineText = (washer: Load['washer']): string => (washer.name ? `“${washer.name}”` : `the ${WASHER_WORDS[washer.kind]}`);

interface Writing {
  readonly found: Found;
  readonly calendar: Calendar;
  readonly offset: number;
  readonly loadIds: readonly string[];
  readonly byId: ReadonlyMap<string, Member>;
}
function writeLoads(w: Writing): DayLoad[] {
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
  const load = member && w.found.loads.find((l) => l.members.includes(member));
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
      text: loadText({ ...load.settings, names, machine: machineText(load.washer), cushion: cushionText(load.ballast) }),
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
function writeTasks(w: Writing): DayTask[] {
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
function writeApart(members: readonly Member[], loads: readonly Load[], wishes: Wishes): Apart[] {
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
function lettersOf(found: Found): string[] {
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

/**
 * The day that a request asks for: loads, tasks, and how far it could be from the best. Pure and deterministic; effort is counted in steps.
 * @param request a checked request; ids in it that the kit does not know are ignored.
 * @param onBetter told of every better day while it is looked for.
 */
export function planDay(request: DayRequest, effort: Effort = USUAL_EFFORT, onBetter?: (day: WashDay) => void): WashDay {
  const { members, leftOut } = gather(request);
  const asked = askedOf(request, members);
  const write = (outcome: Outcome): WashDay => writeDay(request, asked, outcome, leftOut);
  const outcome = findDay(
    asked,
    effort,
    onBetter && ((found) => onBetter(write({ found, proved: false, bound: { finish: asked.calendar.first, runs: 0 } }))),
  );
  const day = write(outcome);
  return day.status === 'impossible' ? { ...day, impossible: whyNot(request, asked, outcome, effort) } : day;
}

function writeDay(request: DayRequest, asked: Asked, outcome: Outcome, leftOut: WashDay['leftOut']): WashDay {
  const { kit } = request;
  const { calendar, members } = asked;
  const offset = offsetOf(request.from);
  const { found } = outcome;
  const at = (slot: number): string => instantAt(calendar, slot, offset);
  const assumptions = [
    ...(request.hands?.length ? [] : [DAY_ASSUMPTIONS.hands]),
    DAY_ASSUMPTIONS.grid,
    ...new Set(members.flatMap((m) => m.programme.assumptions)),
  ];
  const cautions = [...new Set(members.flatMap((m) => m.programme.cautions))];
  const base = { format: 'umbrastic/wash-day', version: 1, leftOut, cautions, assumptions } as const;
  if (!found) {
    const none: Costs = { kWh: 0, waterL: 0 };
    const finish = at(calendar.first);
    return {
      ...base,
      status: members.length === 0 ? 'optimal' : 'impossible',
      verdict: members.length === 0 ? 'There is nothing to do.' : lateVerdict(request.until ?? finish, null),
      loads: [],
      tasks: [],
      finish,
      handsMin: 0,
      visits: 0,
      bound: { finish, machineRuns: 0 },
      apart: [],
      takes: none,
      oneByOne: none,
      shopping: [],
    };
  }
  const loadIds = lettersOf(found);
  const w: Writing = { found, calendar, offset, loadIds, byId: new Map(members.map((m) => [m.item.id, m])) };
  const handsMin = minutesOfSlots(found.problem.nodes.reduce((sum, n) => sum + n.stretches.reduce((s, x) => s + x.slots, 0), 0));
  const end = found.placed.finish;
  const finish = at(end);
  // A bound that is met is a proof; where there is none it is one step below.
  const least = outcome.proved ? end : Math.min(outcome.bound.finish, end - 1);
  const late = found.late > 0;
  return {
    ...base,
    status: late ? 'impossible' : outcome.proved ? 'optimal' : 'planned',
    verdict: late
      ? lateVerdict(request.until ?? finish, finish)
      : dayVerdict({
          things: members.length,
          loads: found.loads.length,
          visits: found.visits,
          handsMin,
          finish,
          people: calendar.there.length,
        }),
    loads: writeLoads(w),
    tasks: writeTasks(w),
    finish,
    handsMin,
    visits: found.visits,
    bound: { finish: at(Math.max(calendar.first, least)), machineRuns: Math.min(outcome.bound.runs, found.runs) },
    apart: writeApart(members, found.loads, asked.wishes),
    ...costsOf(kit, members, found),
    shopping: shoppingOf(kit, members, found.loads),
  };
}

/** The chain that does not fit, and what would make it fit, each with its new end. */
function whyNot(request: DayRequest, asked: Asked, outcome: Outcome, effort: Effort): NonNullable<WashDay['impossible']> {
  const offset = offsetOf(request.from);
  const at = (slot: number): string => instantAt(asked.calendar, slot, offset);
  const some: Effort = { proof: Math.min(500, effort.proof), tries: Math.max(4, Math.floor(effort.tries / 6)), ways: 24 };
  const because: { rule: string; itemIds: string[]; text: string }[] = [];
  for (const member of asked.members) {
    const limit = Math.min(asked.until, asked.latest.get(member.item.id) ?? Infinity);
    const alone = findDay({ ...asked, members: [member], until: Infinity, latest: new Map() }, some);
    const id = member.item.id;
    if (!alone.found) because.push({ rule: 'never', itemIds: [id], text: BINDS.never(nameOf(member)) });
    else if (alone.found.placed.finish > limit)
      because.push({ rule: 'chain', itemIds: [id], text: BINDS.chain(nameOf(member), at(alone.found.placed.finish)) });
  }
  if (because.length === 0 && outcome.found && Number.isFinite(asked.until)) {
    const needed = outcome.found.problem.nodes.reduce((sum, n) => sum + n.stretches.reduce((s, x) => s + x.slots, 0), 0);
    let there = 0;
    for (const person of asked.calendar.there)
      for (let t = asked.calendar.first; t < Math.min(asked.until, person.length); t++) if ((person[t] ?? 0) > 0) there++;
    const ids = asked.members.map((m) => m.item.id);
    because.push(
      needed > there
        ? { rule: 'hands', itemIds: ids, text: BINDS.hands(hoursText(minutesOfSlots(needed)), hoursText(minutesOfSlots(there))) }
        : { rule: 'room', itemIds: ids, text: BINDS.room() },
    );
  }
  return {
    because,
    remedies: remediesOf(
      request,
      asked,
      because.flatMap((b) => b.itemIds),
      some,
    ),
  };
}
const HOUR_MS = 3_600_000;
const EARLIER_HOURS = [4, 12, 24, 48] as const;
function remediesOf(request: DayRequest, asked: Asked, blamed: readonly string[], effort: Effort): Remedy[] {
  const remedies: Remedy[] = [];
  const offset = offsetOf(request.from);
  const tryWith = (change: Remedy['change'], text: (end: string) => string, lift = false): boolean => {
    const { add, ...fields } = change;
    const next: DayRequest = { ...request, ...fields, kit: add ? withMore(request.kit, add) : request.kit };
    if (lift) delete next.until;
    const { members } = gather(next);
    const again = askedOf(next, members);
    const { found } = findDay(again, effort);
    if (!found || found.late > 0) return false;
    const end = instantAt(again.calendar, found.placed.finish, offset);
    remedies.push({ text: text(end), change: lift ? { until: end } : change, finish: end });
    return true;
  };
  if (!request.due || Object.keys(request.due).length === 0) tryWith({}, REMEDIES.until, true);
  for (const hours of EARLIER_HOURS) {
    const earlier = instantAt(asked.calendar, asked.calendar.first - (hours * HOUR_MS) / (5 * 60_000), offset);
    if (tryWith({ from: earlier }, () => REMEDIES.from(earlier))) break;
  }
  const hands = request.hands ?? [];
  if (hands.some((h) => h.windows?.length)) tryWith({ hands: [{ name: hands[0]?.name ?? 'you' }] }, REMEDIES.hands);
  const first = hands[0] ?? { name: 'you' };
  tryWith({ hands: [...(hands.length > 0 ? hands : [first]), { ...first, name: 'a second person' }] }, REMEDIES.second);
  if (request.quiet?.length) tryWith({ quiet: [] }, REMEDIES.loud);
  const ids = asked.members.map((m) => m.item.id);
  const least = [...new Set([...blamed, ...ids])].slice(0, 6);
  if (ids.length > 1)
    for (const id of least) {
      const member = asked.members.find((m) => m.item.id === id);
      if (member) tryWith({ items: ids.filter((one) => one !== id) }, () => REMEDIES.less(nameOf(member)));
    }
  return remedies;
}
/** The kit with one machine more, like its first. */
export function withMore(kit: Kit, add: 'dryer' | 'washer'): Kit {
  const { equipment = {} } = kit;
  if (add === 'dryer') {
    const like = equipment.dryers?.[0];
    const more = { ...like, id: 'd-more', kind: like?.kind ?? ('commercial' as const), name: 'One dryer more' };
    return { ...kit, equipment: { ...equipment, dryers: [...(equipment.dryers ?? []), more] } };
  }
  const like = equipment.washers?.find((x) => x.kind === 'front-loader');
  const more = { ...like, id: 'w-more', kind: like?.kind ?? ('front-loader' as const), name: 'One machine more', lastLoads: [] };
  return { ...kit, equipment: { ...equipment, washers: [...(equipment.washers ?? []), more] } };
}
