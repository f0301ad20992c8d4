/** What can be chosen in a rehearsal: as planned at first. */
import { HEATS, type Heat } from '../gear';
import { inAir, inDrum, inRounds, isWet, type MovingAir, type Setup } from './setup';

/** How many rounds: a count, until its outside feels dry, or until it weighs dry and then one more. */
export type Rounds = number | 'feels' | 'weighs';
export interface Choices {
  readonly heat: Heat;
  /** The knob is looked at before every round. */
  readonly checkHeat: boolean;
  readonly balls: number;
  readonly rounds: Rounds;
  readonly roundMin: number;
  /** Things in the drum at once, this one among them, each as wet. */
  readonly loads: number;
  /** Minutes that it lies wet between washing and drying. */
  readonly delayMin: number;
  readonly spinRpm: number;
  readonly rinses: number;
  readonly air: MovingAir;
  /** Minutes in the air until it is taken down. */
  readonly hangMin: number;
}
export type ChoiceId = keyof Choices;

const BALL_AIDS = ['dryer-balls', 'felt-balls'] as const;
const rinseSteps = ({ steps }: Setup): Setup['steps'] => steps.filter((s) => s.settings.rinseModel !== undefined);

/** The choices that the programme itself makes. */
export function planned(setup: Setup): Choices {
  const { steps } = setup;
  const rounds = steps.find(inRounds);
  const drum = rounds ?? steps.find(inDrum);
  const air = steps.find((s) => inAir(s) && s.settings.dryModel) ?? steps.find(inAir);
  const balls = drum?.settings.aids?.some((aid) => (BALL_AIDS as readonly string[]).includes(aid)) ?? false;
  return {
    heat: drum?.settings.heat ?? 'low',
    checkHeat: true,
    balls: balls ? (drum?.settings.count ?? 2) : 0,
    rounds: rounds?.settings.rounds ?? 1,
    roundMin: drum?.settings.checkEveryMin ?? 60,
    loads: 1,
    delayMin: 0,
    spinRpm: steps.find((s) => s.settings.spinRpm !== undefined)?.settings.spinRpm ?? 0,
    rinses: rinseSteps(setup).reduce((sum, s) => sum + (s.settings.rinses ?? 0), 0),
    air: setup.air,
    hangMin: air?.unattendedMin ?? 0,
  };
}

const DELAYS_MIN = [0, 20, 45, 120, 480] as const;
const SPINS_RPM = [0, 400, 600, 800, 1000, 1200] as const;
export const ROUNDS: readonly Rounds[] = [1, 2, 3, 4, 5, 6, 'feels', 'weighs'];
export const ROUND_MIN = [15, 30, 60, 90] as const;
export const BALLS = [0, 1, 2, 3] as const;
const LOADS = [1, 2, 3] as const;
export const AIRS: readonly MovingAir[] = ['still', 'fan', 'radiator', 'outdoors', 'sun'];
const HANG_SHARES = [0.25, 0.5, 0.75, 1, 1.5] as const;

const withPlanned = <T>(list: readonly T[], own: T): T[] => (list.includes(own) ? [...list] : [...list, own]);
const up = (a: unknown, b: unknown): number => (typeof a === 'number' && typeof b === 'number' ? a - b : 0);

/** What can be chosen here, and the values each may take; a choice that nothing rests on is left out. */
export function offered(setup: Setup): { readonly [K in ChoiceId]?: readonly Choices[K][] } {
  const { steps } = setup;
  const own = planned(setup);
  const drum = steps.some(inDrum);
  const rounds = steps.some(inRounds);
  const hangs = steps.some((s) => inAir(s) && s.settings.dryModel);
  const wet = steps.some(isWet);
  return {
    ...(drum ? { heat: HEATS, checkHeat: [true, false], loads: LOADS } : {}),
    ...(rounds
      ? { rounds: withPlanned(ROUNDS, own.rounds).sort(up), roundMin: withPlanned(ROUND_MIN, own.roundMin).sort(up) }
      : {}),
    ...(drum && setup.filled ? { balls: BALLS } : {}),
    ...(wet && (rounds || hangs) ? { delayMin: DELAYS_MIN } : {}),
    ...(wet && setup.spun && (rounds || hangs) ? { spinRpm: withPlanned(SPINS_RPM, own.spinRpm).sort(up) } : {}),
    ...(rinseSteps(setup).length > 0 ? { rinses: Array.from({ length: Math.max(6, own.rinses + 2) }, (_, n) => n) } : {}),
    ...(hangs
      ? { air: AIRS, hangMin: HANG_SHARES.map((share) => Math.max(10, Math.round((own.hangMin * share) / 10) * 10)) }
      : {}),
  };
}

/** The choices that an address carries; what is absent, or not offered here, is as planned. */
export function readChoices(setup: Setup, get: (name: string) => string | null): Choices {
  const can = offered(setup);
  const read: Partial<Record<ChoiceId, unknown>> = {};
  for (const id of Object.keys(can) as ChoiceId[]) {
    const said = get(id);
    const value = (can[id] as readonly unknown[]).find((v) => String(v) === said);
    if (value !== undefined) read[id] = value;
  }
  return { ...planned(setup), ...(read as Partial<Choices>) };
}
/** What an address has to carry: only what is not as planned. */
export function writeChoices(setup: Setup, choices: Choices): Partial<Record<ChoiceId, string>> {
  const own = planned(setup);
  const ids = (Object.keys(offered(setup)) as ChoiceId[]).filter((id) => choices[id] !== own[id]);
  return Object.fromEntries(ids.map((id) => [id, String(choices[id])]));
}
