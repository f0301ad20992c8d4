import type { Programme, ProgrammeStep } from '../document';
import type { Item, Kit } from '../gear';
import { writeProgramme } from '../programme';
import type { RunLoad } from '../run/events';
import { WASH_TOGETHER } from '../telling/wash-day';
import { RINSE_WORDS } from '../words/rinse';
import { loadOf } from './loads';
import { driedIn, memberOf } from './members';
import type { DayLoad, DayTask, Member, WashDay } from './types';
import { drumText } from './write';
import { MINUTE_MS } from '../units/time';

/** A thing of a load as it is carried out: its own programme, with the drum as the load runs it. */
export interface Carried {
  readonly item: Item;
  readonly programme: Programme;
  readonly shared: RunLoad['shared'];
  readonly beside: RunLoad['beside'];
}
/** A step of a thing, with the work of the day that it belongs to. */
interface Placed {
  readonly member: Member;
  readonly step: ProgrammeStep;
  readonly task: DayTask | undefined;
}

/** What a load's drum is set to, over what one of its things would have had alone. */
const drumSettings = (step: ProgrammeStep, load: DayLoad): ProgrammeStep['settings'] => {
  const { cycle: _own, ...own } = step.settings;
  const { rinses, ...all } = load.settings;
  return { ...own, ...all, ...(rinses === undefined ? {} : { rinses }), washerId: load.washerId };
};
/** Minutes that the drum runs by itself: the programme's own, else the longest that one of its things was given. */
function drumMinutes(kit: Kit, load: DayLoad, steps: readonly ProgrammeStep[]): number {
  const washer = kit.equipment?.washers?.find((w) => w.id === load.washerId);
  const cycle = washer?.cycles?.find((c) => c.name === load.settings.cycle);
  return cycle?.minutes ?? Math.max(...steps.map((s) => s.unattendedMin));
}
/** The one whose step is done for all: that which rinses most. */
const leadOf = (those: readonly Placed[]): Placed | undefined =>
  [...those].sort((a, b) => (b.step.settings.rinses ?? 0) - (a.step.settings.rinses ?? 0))[0];

/** A thing with its steps as they are in the dryer that the day turns it in. */
export function driedOn(day: WashDay, member: Member): Member {
  const { id } = member.item;
  const there = day.tasks.find((t) => t.steps.some((s) => s.itemId === id) && member.dryers.some((d) => d.dryerId === t.on));
  return there ? driedIn(member, new Map([[id, there.on]])) : member;
}

class Carrying {
  private readonly members: readonly Member[];
  private readonly taskOf: ReadonlyMap<string, DayTask>;

  constructor(
    private readonly kit: Kit,
    day: WashDay,
    private readonly load: DayLoad,
    /** Tasks of the day that were begun apart from this load. */
    private readonly begun: ReadonlySet<string>,
  ) {
    this.members = load.itemIds.flatMap((id) => {
      const item = kit.items.find((i) => i.id === id);
      return item ? [driedOn(day, memberOf(kit, item))] : [];
    });
    this.taskOf = new Map(day.tasks.flatMap((t) => t.steps.map((s): [string, DayTask] => [`${s.itemId}/${s.stepId}`, t])));
    this.rinses = day.tasks.filter((t) => t.loadId === load.id && t.do === 'machine-rinse');
  }
  private readonly rinses: readonly DayTask[];
  private readonly those = new Map<string, Placed[]>();

  /** Its step as it reads in the machine that the load is in. */
  private inMachine(member: Member, step: ProgrammeStep): ProgrammeStep {
    const there = member.drums.find((d) => d.washer.id === this.load.washerId);
    if (step.settings.washerId === undefined || step.settings.washerId !== member.made.washer?.id) return step;
    if (!there || there.washer.id === member.made.washer.id) return step;
    const same = writeProgramme(there.made).steps.find((s) => s.key === step.key);
    return { ...(same ?? step), id: step.id, settings: { ...(same ?? step).settings, washerId: this.load.washerId } };
  }
  /** The steps of a thing that are left to do, each with its work of the day. */
  private stepsOf(member: Member): Placed[] {
    const placed = member.programme.steps.map((step): Placed => {
      const task = this.taskOf.get(`${member.item.id}/${step.id}`);
      return { member, step: this.inMachine(member, step), task };
    });
    return placed.filter(({ step, task }) => {
      if (!task || step.when !== 'always') return true;
      if (step.phase === 'prepare-machine' && this.begun.has(task.id)) return false;
      // What the day does with the wash, or found needless in this machine, is no step of its own.
      return task.loadId !== this.load.id || step.do === task.do;
    });
  }
  private sharedAs({ step, task }: Placed): string | null {
    if (!task || step.when !== 'always') return null;
    const several = this.members.filter(
      (m) => task.itemIds.includes(m.item.id) || task.steps.some((s) => s.itemId === m.item.id),
    );
    if (several.length < 2) return null;
    if (step.phase === 'prepare-machine') return task.id;
    return task.loadId === this.load.id && step.settings.washerId !== undefined ? task.id : null;
  }
  private besideAs({ step, task }: Placed): string | null {
    const several = task && task.itemIds.filter((id) => this.load.itemIds.includes(id)).length > 1;
    return several && step.settings.dryerId !== undefined && step.do === 'tumble' ? task.id : null;
  }
  /** The step of the drum as the load has it, for one of its things. */
  private asLoad(task: DayTask, id: string, own: ProgrammeStep): ProgrammeStep {
    const all = this.those.get(task.id) ?? [];
    const lead = leadOf(all)?.step ?? own;
    // What has the drum to itself is washed as its own programme says.
    const washes = task.do === 'machine-wash' && all.length > 1;
    const { check, ...rest } = lead;
    const looks = check ?? all.find((p) => p.step.check)?.step.check;
    const cautions = [...new Set(all.flatMap((p) => p.step.cautions))];
    if (own.phase === 'prepare-machine') return { ...lead, id, cautions };
    return {
      ...rest,
      id,
      cautions,
      ...(washes ? { title: WASH_TOGETHER, text: task.text } : {}),
      settings: washes ? drumSettings(lead, this.load) : { ...lead.settings, washerId: this.load.washerId },
      unattendedMin: washes
        ? drumMinutes(
            this.kit,
            this.load,
            all.map((p) => p.step),
          )
        : lead.unattendedMin,
      ...(looks ? { check: { ...looks, else: id } } : {}),
    };
  }

  /** A rinse that the load needs beyond its programme, where none of its things has a step for it. */
  private plainRinse(task: DayTask, id: string): ProgrammeStep {
    const { spinRpm, action } = this.load.settings;
    const minutes = (Date.parse(task.to) - Date.parse(task.from)) / MINUTE_MS;
    const hands = task.attended.reduce((sum, a) => sum + (Date.parse(a.to) - Date.parse(a.from)) / MINUTE_MS, 0);
    return {
      id,
      key: 'rinse-machine',
      phase: 'rinse',
      do: 'machine-rinse',
      title: RINSE_WORDS.title,
      text: RINSE_WORDS.text,
      when: 'always',
      settings: {
        rinses: 1,
        washerId: this.load.washerId,
        ...(spinRpm === undefined ? {} : { spinRpm }),
        ...(action === undefined ? {} : { action }),
      },
      attendedMin: hands,
      unattendedMin: Math.max(0, minutes - hands),
      mayWait: false,
      check: { look: RINSE_WORDS.look, pass: RINSE_WORDS.pass, else: id },
      why: [],
      cautions: [],
    };
  }

  all(): Carried[] {
    const every = this.members.map((member) => ({ member, placed: this.stepsOf(member) }));
    for (const { placed } of every)
      for (const one of placed) {
        const name = this.sharedAs(one) ?? (one.task?.loadId === this.load.id ? one.task.id : null);
        if (name !== null) this.those.set(name, [...(this.those.get(name) ?? []), one]);
      }
    return every.map(({ member, placed }) => this.one(member, placed));
  }
  private one(member: Member, placed: readonly Placed[]): Carried {
    const shared: Record<string, string> = {};
    const beside: Record<string, string> = {};
    const steps = placed.flatMap((one): ProgrammeStep[] => {
      const { step, task } = one;
      const name = this.sharedAs(one);
      const besides = this.besideAs(one);
      if (name !== null) shared[step.id] = name;
      if (besides !== null) beside[step.id] = besides;
      const drum =
        task !== undefined &&
        step.when === 'always' &&
        (name !== null || (task.loadId === this.load.id && step.phase === 'wash'));
      const here = drum ? [this.asLoad(task, step.id, step)] : [step];
      // It stays in the drum while the others are rinsed once more.
      if (drum && step.phase === 'wash')
        for (const rinse of this.rinses) {
          if (rinse.steps.some((s) => s.itemId === member.item.id) || !rinse.itemIds.includes(member.item.id)) continue;
          const id = `${rinse.id}-of-load`;
          const lead = leadOf(this.those.get(rinse.id) ?? []);
          if (this.members.length > 1) shared[id] = rinse.id;
          here.push(lead ? this.asLoad(rinse, id, lead.step) : this.plainRinse(rinse, id));
        }
      return here;
    });
    return { item: member.item, programme: { ...member.programme, steps }, shared, beside };
  }
}

/**
 * A load with some of its things, before its drum has begun: its settings, cushion and dose by what is left, and the day's wash of it said so.
 * @param itemIds those that it still holds. @returns null when this machine takes none of them.
 */
export function loadOfSome(
  kit: Kit,
  day: WashDay,
  load: DayLoad,
  itemIds: readonly string[],
): { readonly day: WashDay; readonly load: DayLoad } | null {
  const members = itemIds.flatMap((id) => kit.items.filter((i) => i.id === id).map((item) => memberOf(kit, item)));
  const washer = kit.equipment?.washers?.find((w) => w.id === load.washerId);
  const made = washer && members.length > 0 ? loadOf(members, washer) : undefined;
  if (!made) return null;
  const { settings, ballast, boundBy, massKg } = made;
  const text = drumText(made);
  const tasks = day.tasks.map((task): DayTask =>
    task.loadId === load.id
      ? {
          ...task,
          itemIds: task.itemIds.filter((id) => itemIds.includes(id)),
          steps: task.steps.filter((s) => itemIds.includes(s.itemId)),
          ...(task.do === 'machine-wash' ? { text } : {}),
        }
      : task,
  );
  return { day: { ...day, tasks }, load: { ...load, itemIds, settings, ballast, boundBy, massKg } };
}

/**
 * The things of one load of a day, each with its programme as the day carries it out: the drum's settings, words and dose are the load's, what the
 * day does once is shared by name, what it found needless is left out.
 * @param kit the kit that the day was planned for, so that its steps have the same ids.
 * @param begun ids of tasks that were begun already, a purge among them.
 */
export const carryLoad = (kit: Kit, day: WashDay, load: DayLoad, begun: ReadonlySet<string> = new Set()): Carried[] =>
  new Carrying(kit, day, load, begun).all();
