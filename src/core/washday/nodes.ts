import { SLOT_MIN, slotsOf, type Node, NOISY_TOOLS, placeOf, shapeOf } from './shapes';
import type { Equipment } from '../gear';
import { IN_THE_SUN, LINE_METRES, WASH_DAY_FIGURES } from '../knowledge';
import type { ProgrammeStep } from '../document';
import { orderOf } from './loads';
import { hasteOf } from './sharing';
import { driedIn } from './members';
import type { Drying, Load, Member } from './types';
/** What may not wait is followed within this, slots. */
const AT_ONCE = Math.floor(WASH_DAY_FIGURES.atOnceMin.value / SLOT_MIN);
/** Hand work of one thing is done in one go up to this, min. */
const ONE_GO_MIN = WASH_DAY_FIGURES.oneGoMin.value;
/** `to` begins when `from` has ended, at most `most` slots later. */
export interface Link {
  readonly from: number;
  readonly to: number;
  readonly most?: number;
}
export interface Work {
  readonly nodes: readonly Node[];
  readonly links: readonly Link[];
  /** Last node of every thing. */
  readonly last: ReadonlyMap<string, number>;
}

/** A piece of one thing's work before it is joined with what others share. */
interface Piece extends Omit<Node, 'itemIds' | 'steps' | 'titles' | 'load'> {
  readonly step: ProgrammeStep;
  /** What others of the load share it under. */
  readonly share?: string;
  readonly everyone?: true;
  /** Minutes of hand work that the next may join. */
  readonly raw?: number;
}

/** True for a rinse programme, that all of a load go through; a rinse with something in it is its thing's own. */
const rinsesMore = (step: ProgrammeStep): boolean => step.phase === 'rinse' && step.do === 'machine-rinse';
/** The run of a load that a member's step belongs to: as long as the load's, whatever was planned for the thing alone. */
function runShape(load: Load, step: ProgrammeStep): Pick<Node, 'slots' | 'stretches'> {
  const minutes = step.phase === 'wash' ? load.washMin : rinsesMore(step) ? load.rinseMin : step.unattendedMin;
  return shapeOf({ attendedMin: step.attendedMin, unattendedMin: minutes, settings: {} });
}
/** True for a step that is done in the member's own drum. */
export const ofItsDrum = (member: Member, step: ProgrammeStep): boolean =>
  member.drums.length > 0 && step.settings.washerId !== undefined && step.settings.washerId === member.made.washer?.id;

function pieceOf(member: Member, step: ProgrammeStep, load: Load | undefined, equipment: Equipment): Piece {
  const base = { step, do: step.do, mayWait: step.mayWait };
  if (load && ofItsDrum(member, step)) {
    const all = step.phase === 'wash' || rinsesMore(step);
    const share = all ? step.phase : step.key;
    return {
      ...base,
      on: load.washer.id,
      ...runShape(load, step),
      noisy: step.do !== 'soak',
      share,
      ...(all ? { everyone: true } : {}),
    };
  }
  const { on, rack } = placeOf(step, equipment);
  const inSun = IN_THE_SUN.some((id) => id === step.key);
  const haste = load && load.members.length > 1 ? hasteOf(member) : undefined;
  const lifted = haste && step.phase === 'extract' && on === 'hands';
  const tumbled = haste && step.do === 'tumble' && step.settings.dryerId === haste.dryerId;
  const metres = rack?.metres === undefined ? undefined : Math.min(rack.metres, LINE_METRES[member.made.bulk] * member.pieces);
  return {
    ...base,
    on,
    ...shapeOf(step),
    ...(inSun ? { inSun } : {}),
    noisy: on === step.settings.dryerId || NOISY_TOOLS.includes(step.settings.tool ?? '') || step.do === 'extract',
    ...(lifted ? { share: step.key } : tumbled ? { share: `${step.key}@${on}` } : {}),
    ...(metres === undefined ? {} : { metres }),
    ...(on === 'hands' ? { raw: step.attendedMin } : {}),
  };
}

/** Puts the pieces of all things together: what is shared once, hand work in one go, each thing in its own order. */
class WorkBuilder {
  readonly nodes: Node[] = [];
  readonly links: Link[] = [];
  readonly last = new Map<string, number>();
  private readonly shared = new Map<string, number>();

  private readonly vessels: ReadonlySet<string>;

  constructor(private readonly equipment: Equipment) {
    this.vessels = new Set(equipment.washers?.map((w) => w.id));
  }

  private add(piece: Piece, itemIds: readonly string[], itemId: string, load: number | undefined): number {
    const { step, share: _share, everyone: _everyone, raw: _raw, ...node } = piece;
    this.nodes.push({
      ...node,
      itemIds,
      ...(load === undefined ? {} : { load }),
      steps: [{ itemId, stepId: step.id }],
      titles: [step.title],
    });
    return this.nodes.length - 1;
  }
  private node(at: number): Node {
    const node = this.nodes[at];
    if (!node) throw new RangeError(`There is no piece of work ${at}.`);
    return node;
  }
  /** The same work for one more thing. */
  private join(at: number, itemId: string, stepId: string, shape?: Pick<Node, 'slots' | 'stretches'>): void {
    const node = this.node(at);
    this.nodes[at] = {
      ...node,
      itemIds: node.itemIds.includes(itemId) ? node.itemIds : [...node.itemIds, itemId],
      steps: [...node.steps, { itemId, stepId }],
      ...(shape && shape.slots > node.slots ? shape : {}),
    };
  }

  /** The pieces of one thing. */
  thing(member: Member, load: Load | undefined, n: number | undefined): void {
    const itemId = member.item.id;
    const chain: { at: number; waits: boolean }[] = [];
    const follow = (at: number, waits: boolean): void => {
      const before = chain.at(-1);
      if (before?.at === at) before.waits = waits;
      else chain.push({ at, waits });
    };
    let going: { at: number; raw: number } | null = null;
    const lastWash = member.steps.findLast((s) => s.phase === 'wash' && ofItsDrum(member, s));
    const washed = (): number | undefined => this.shared.get(`${n}/wash`);
    for (const step of member.steps) {
      const drum = load !== undefined && ofItsDrum(member, step);
      if (drum && step.phase === 'prepare-machine') continue;
      const wash = washed();
      // Rinses that the programme of the machine does already stand with the wash.
      if (drum && rinsesMore(step) && load.rinseMin === 0 && wash !== undefined) {
        this.join(wash, itemId, step.id);
        follow(wash, step.mayWait);
        continue;
      }
      const piece = pieceOf(member, step, load, this.equipment);
      const joins =
        going !== null &&
        (piece.on === 'hands' || piece.on === 'rest') &&
        !piece.share &&
        piece.metres === undefined &&
        !piece.inSun;
      if (joins && going && going.raw + step.attendedMin <= ONE_GO_MIN) {
        going = this.inOneGo(going, itemId, step);
        follow(chain.at(-1)?.at ?? 0, step.mayWait);
        continue;
      }
      going = null;
      const name = piece.share === undefined ? undefined : `${n}/${piece.share}`;
      const there = name === undefined ? undefined : this.shared.get(name);
      if (there !== undefined) this.join(there, itemId, step.id, piece);
      const at = there ?? this.add(piece, piece.everyone && load ? load.members.map((m) => m.item.id) : [itemId], itemId, n);
      if (name !== undefined) this.shared.set(name, at);
      else if (piece.raw !== undefined) going = { at, raw: piece.raw };
      follow(at, step.mayWait);
      // Rinsed with the others, though it would not need it.
      const rinse = step === lastWash && load && load.rinseMin > 0 ? this.rinseOf(load, n, member) : undefined;
      if (rinse !== undefined) follow(rinse, step.mayWait);
    }
    chain.forEach(({ at, waits }, k) => {
      const next = chain[k + 1];
      if (!next) return;
      // What lies in a drum or bath is not left there for other things to be washed between.
      const stays = this.node(at).on === this.node(next.at).on && this.vessels.has(this.node(at).on);
      this.links.push({ from: at, to: next.at, ...(waits && !stays ? {} : { most: AT_ONCE }) });
    });
    const end = chain.at(-1);
    if (end) this.last.set(itemId, end.at);
  }
  private inOneGo(
    { at, raw }: { at: number; raw: number },
    itemId: string,
    step: ProgrammeStep,
  ): { at: number; raw: number } | null {
    const node = this.node(at);
    const hands = slotsOf(raw + step.attendedMin);
    this.nodes[at] = {
      ...node,
      steps: [...node.steps, { itemId, stepId: step.id }],
      titles: [...node.titles, step.title],
      do: step.unattendedMin > 0 ? step.do : node.do,
      slots: hands + slotsOf(step.unattendedMin),
      stretches: [{ at: 0, slots: hands }],
      on: step.unattendedMin > 0 ? 'rest' : 'hands',
    };
    return step.unattendedMin > 0 ? null : { at, raw: raw + step.attendedMin };
  }
  /** The rinse programme of a load, where the thing itself has no step for it. */
  private rinseOf(load: Load, n: number | undefined, member: Member): number | undefined {
    if (member.steps.some((s) => rinsesMore(s) && ofItsDrum(member, s))) return undefined;
    const name = `${n}/rinse`;
    let at = this.shared.get(name);
    if (at === undefined) {
      this.nodes.push({
        itemIds: load.members.map((m) => m.item.id),
        load: n ?? 0,
        steps: [],
        do: 'machine-rinse',
        titles: ['Rinse once more'],
        on: load.washer.id,
        ...shapeOf({ attendedMin: SLOT_MIN, unattendedMin: load.rinseMin, settings: {} }),
        noisy: true,
        mayWait: false,
      });
      this.shared.set(name, (at = this.nodes.length - 1));
    }
    return at;
  }

  private runs(n: number): number[] {
    return this.nodes.flatMap((node, at) => (node.load === n && node.noisy && node.on === this.loads[n]?.washer.id ? [at] : []));
  }
  private loads: readonly Load[] = [];
  private before(from: readonly number[], to: readonly number[]): void {
    for (const a of from) for (const z of to) if (a !== z) this.links.push({ from: a, to: z });
  }

  /** What is done to a drum before the things that need it, once a drum; and the order of the loads through it. */
  drums(loads: readonly Load[]): void {
    this.loads = loads;
    const done = new Map<string, { at: number; for: Set<number> }>();
    loads.forEach((load, n) => {
      const wash = this.shared.get(`${n}/wash`);
      for (const member of load.members) {
        const there = member.drums.find((d) => d.washer.id === load.washer.id);
        const needed = new Set<string>(there?.made.steps.map((s) => s.template.id));
        for (const step of member.steps) {
          if (step.phase !== 'prepare-machine' || !ofItsDrum(member, step)) continue;
          // Its own machine is unclean, this one is not: nothing is left to do.
          if (!needed.has(step.key)) {
            if (wash !== undefined) this.join(wash, member.item.id, step.id);
            continue;
          }
          const name = `${load.washer.id}/${step.do}`;
          const known = done.get(name);
          if (known) this.join(known.at, member.item.id, step.id);
          const runs = step.unattendedMin > 0;
          const at =
            known?.at ??
            this.nodes.push({
              itemIds: [member.item.id],
              steps: [{ itemId: member.item.id, stepId: step.id }],
              do: step.do,
              titles: [step.title],
              on: runs ? load.washer.id : 'hands',
              ...shapeOf(step),
              noisy: runs,
              mayWait: true,
              ...(runs ? { purge: step.do === 'purge-scent' ? ('scent-purge' as const) : ('purge' as const) } : {}),
            }) - 1;
          done.set(name, { at, for: (known?.for ?? new Set<number>()).add(n) });
        }
      }
    });
    for (const [name, { at, for: those }] of done) {
      for (const n of those) this.before([at], this.runs(n));
      const scent = done.get(`${name.slice(0, name.lastIndexOf('/'))}/purge-scent`);
      if (scent && scent.at !== at && this.node(at).purge) this.before([at], [scent.at]);
    }
    this.inOrder(loads, done);
  }
  private inOrder(loads: readonly Load[], done: ReadonlyMap<string, { at: number; for: Set<number> }>): void {
    loads.forEach((a, n) => {
      const scent = done.get(`${a.washer.id}/purge-scent`);
      loads.forEach((z, m) => {
        if (n === m || a.washer.id !== z.washer.id) return;
        const scented = (k: number): boolean => scent?.for.has(k) ?? false;
        const far = compareOrder(orderOf(a), orderOf(z));
        // At the same soil what must not smell goes first; the drum is purged for it behind what came before.
        if (far > 0 || (far === 0 && !(scented(n) && !scented(m)))) return;
        this.before(this.runs(n), this.runs(m));
        if (scent && scented(m) && !scented(n)) this.before(this.runs(n), [scent.at]);
      });
    });
  }
}
/** Negative when the first comes earlier. */
export function compareOrder(a: readonly number[], b: readonly number[]): number {
  const n = a.findIndex((v, i) => v !== b[i]);
  return n < 0 ? 0 : (a[n] ?? 0) - (b[n] ?? 0);
}

/** Everything is dried where its programme says. */
export const AS_PLANNED: Drying = new Map();

/**
 * All work of a day: what each thing's programme asks, shared where its load shares it.
 * @param loads the drums; things in none of them are worked on alone.
 */
export function workOf(
  members: readonly Member[],
  loads: readonly Load[],
  equipment: Equipment,
  drying: Drying = AS_PLANNED,
): Work {
  const builder = new WorkBuilder(equipment);
  for (const member of members) {
    const n = loads.findIndex((l) => l.members.includes(member));
    builder.thing(driedIn(member, drying), loads[n], n < 0 ? undefined : n);
  }
  builder.drums(loads);
  return { nodes: builder.nodes, links: builder.links, last: builder.last };
}
