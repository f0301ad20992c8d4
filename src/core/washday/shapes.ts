import type { Equipment, Rack } from '../gear';
import type { ProgrammeStep } from '../document';
import type { DayStep } from './types';
import { MINUTE_MS } from '../units/time';

/** Everything is on a grid of this many minutes. */
export const SLOT_MIN = 5;
export const SLOT_MS = SLOT_MIN * MINUTE_MS;

/** Slots of so many minutes. */
export const slotsOf = (minutes: number): number => Math.ceil(Math.round(minutes * 100) / 100 / SLOT_MIN);

/** One piece of work: its length, when in it somebody is needed, what it occupies. */
export interface Node {
  readonly itemIds: readonly string[];
  readonly load?: number;
  readonly steps: readonly DayStep[];
  readonly do: string;
  readonly titles: readonly string[];
  readonly on: string;
  readonly slots: number;
  readonly stretches: readonly { readonly at: number; readonly slots: number }[];
  /** Heard by the neighbours. */
  readonly noisy: boolean;
  /** Works by the sun. */
  readonly inSun?: boolean;
  readonly mayWait: boolean;
  /** Metres that it takes of its rack. */
  readonly metres?: number;
  /** Purges stand for themselves. */
  readonly purge?: 'purge' | 'scent-purge';
}
/** Slots in which somebody is needed for it. */
export const handSlots = (node: Pick<Node, 'stretches'>): number => node.stretches.reduce((sum, s) => sum + s.slots, 0);

const RACKS: Readonly<Record<string, Rack['kind']>> = { line: 'line', rack: 'rack', flat: 'flat' };
function rackOf(step: ProgrammeStep, equipment: Equipment): Rack | undefined {
  const kind = step.settings.place === undefined ? undefined : RACKS[step.settings.place];
  return kind && equipment.racks?.find((r) => r.kind === kind);
}
export const NOISY_TOOLS: readonly string[] = ['hair-dryer', 'extractor'];

/** Where a step of one thing is done. */
export function placeOf(step: ProgrammeStep, equipment: Equipment): { on: string; rack?: Rack } {
  const { settings: s } = step;
  if (s.dryerId !== undefined && step.do !== 'check-dryer-fit') return { on: s.dryerId };
  if (s.washerId !== undefined) return { on: s.washerId };
  if (step.do === 'heat-iron') return { on: equipment.irons?.[0]?.id ?? 'hands' };
  if (step.unattendedMin === 0) return { on: 'hands' };
  const rack = rackOf(step, equipment);
  return rack ? { on: rack.id, rack } : { on: 'rest' };
}

/** When somebody is needed in it: at the start, and at the start of each round or part. */
export function shapeOf(
  step: Pick<ProgrammeStep, 'attendedMin' | 'unattendedMin' | 'settings'>,
): Pick<Node, 'slots' | 'stretches'> {
  const { attendedMin, unattendedMin, settings } = step;
  const parts = Math.max(1, settings.rounds ?? settings.soakParts?.length ?? 1);
  const each = slotsOf((attendedMin + unattendedMin) / parts);
  const hands = Math.min(each, slotsOf(attendedMin / parts));
  const stretches = Array.from({ length: hands > 0 ? parts : 0 }, (_, n) => ({ at: n * each, slots: hands }));
  return { slots: Math.max(1, each * parts), stretches };
}
