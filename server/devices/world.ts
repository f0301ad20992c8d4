import { drumKgPerS } from '../../src/core/drying';
import { DRYING_FIGURES } from '../../src/core/knowledge';
import type { DeviceFault, DeviceId, Reading } from '../../src/core/devices';
import { HEATS, type Heat } from '../../src/core/gear';
import { seededRandom } from '../../src/core/units/seeded';

/**
 * A small cellar in which the stand-in devices live: a thing on a hanging scale that is also the one in the dryer, a dryer whose knob
 * drifts, and a room whose air wanders. Everything follows from the seed and the minutes that passed. Its thing dries in three bodies of
 * water, not in the two that the app takes.
 */
export interface World {
  minute: number;
  readonly seed: number;
  /** The next number from 0 to 1. */
  readonly next: () => number;
  load: { dryG: number; outer: number; inner: number; core: number; exchangeS: number } | null;
  dryer: { chosen: Heat; knob: Heat; running: boolean };
  room: { airC: number; rhPercent: number };
  faults: Partial<Record<DeviceId, DeviceFault>>;
  stuck: Partial<Record<DeviceId, Reading>>;
}
export interface Load {
  readonly dryG: number;
  readonly heldKgPerKg: number;
  readonly exchangeS: number;
}

export const makeWorld = (seed: number): World => ({
  minute: 0,
  seed,
  next: seededRandom(seed),
  load: null,
  dryer: { chosen: 'low', knob: 'low', running: false },
  room: { airC: 17, rhPercent: 55 },
  faults: {},
  stuck: {},
});

/** Hangs a wet thing up, half of its water in the core. */
export function putOn(world: World, { dryG, heldKgPerKg, exchangeS }: Load): void {
  const waterG = dryG * heldKgPerKg;
  world.load = { dryG, outer: waterG * 0.2, inner: waterG * 0.3, core: waterG * 0.5, exchangeS };
}

const STEP_S = 15;
/** A knob slides a step up about this often, an hour. */
const SLIPS_AN_HOUR = 0.25;
const STEPS_A_MINUTE = 60 / STEP_S;

/** Lets so many minutes pass. */
export function advance(world: World, minutes: number): void {
  const steps = Math.round(minutes * STEPS_A_MINUTE);
  for (let n = 0; n < steps; n++) {
    world.minute += 1 / STEPS_A_MINUTE;
    world.room.airC += (17 - world.room.airC) * 0.001 + (world.next() - 0.5) * 0.02;
    world.room.rhPercent = Math.min(
      90,
      Math.max(20, world.room.rhPercent + (55 - world.room.rhPercent) * 0.001 + (world.next() - 0.5) * 0.1),
    );
    if (!world.dryer.running) continue;
    if (world.next() < SLIPS_AN_HOUR / 60 / STEPS_A_MINUTE)
      world.dryer.knob = HEATS[Math.min(HEATS.length - 1, HEATS.indexOf(world.dryer.knob) + 1)] ?? 'high';
    const { load } = world;
    if (!load) continue;
    const rate = drumKgPerS({ heat: world.dryer.knob, dryer: 'vented', room: world.room }) * 1000;
    const wet = Math.min(1, load.outer / (0.02 * load.dryG));
    const inward = (0.7 * (load.inner - 1.5 * load.outer)) / load.exchangeS;
    const deep = (1.2 * (load.core - 1.6 * load.inner)) / load.exchangeS;
    load.outer = Math.max(0, load.outer + (inward - rate * wet) * STEP_S);
    load.inner = Math.max(0, load.inner + (deep - inward) * STEP_S);
    load.core = Math.max(0, load.core - deep * STEP_S);
  }
}

const tenth = (x: number): number => Math.round(x * 10) / 10;
const G_PER_LB = 453.59237;

function fresh(world: World, device: DeviceId): Reading {
  const fault = world.faults[device];
  const sway = (world.next() - 0.5) * (fault === 'noise' ? 80 : 3);
  const minute = tenth(world.minute);
  if (device === 'scale') {
    const { load } = world;
    const massG = load ? load.dryG + load.outer + load.inner + load.core + sway : Math.max(0, sway);
    return fault === 'wrong-unit'
      ? { device, minute, unit: 'lb', value: Math.round((massG / G_PER_LB) * 100) / 100 }
      : { device, minute, unit: 'g', value: Math.round(massG) };
  }
  if (device === 'dryer') {
    const { knob, running } = world.dryer;
    const airC = running && knob !== 'air' ? DRYING_FIGURES.heatC.value[knob] + sway : world.room.airC;
    return { device, minute, knob, running, airC: tenth(airC) };
  }
  const noise = fault === 'noise' ? sway / 4 : 0;
  return {
    device,
    minute,
    airC: tenth(world.room.airC + noise),
    rhPercent: Math.round(Math.min(100, Math.max(0, world.room.rhPercent + noise))),
  };
}

/** What a device says just now; null when it has dropped out. */
export function readingOf(world: World, device: DeviceId): Reading | null {
  const fault = world.faults[device];
  if (fault === 'drop-out') return null;
  const now = fresh(world, device);
  if (fault !== 'stuck') {
    delete world.stuck[device];
    return now;
  }
  const stuckAt = world.stuck[device] ?? now;
  world.stuck[device] = stuckAt;
  return { ...stuckAt, minute: now.minute };
}
