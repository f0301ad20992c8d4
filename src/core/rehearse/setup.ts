/** What a rehearsal needs of a plan, as plain numbers that can be handed to a worker. */
import type { DryerKind, Heat, Room } from '../gear';
import { TUMBLE_MAX_C, type AirMoves } from '../knowledge';
import type { Programme, ProgrammeStep } from '../document';
import type { Plan } from '../programme';
import { pick } from '../facts';
import { REHEARSED_FIGURES } from '../knowledge';

export type MovingAir = AirMoves;
export type RehearsedStep = Pick<
  ProgrammeStep,
  'id' | 'title' | 'phase' | 'do' | 'settings' | 'attendedMin' | 'unattendedMin' | 'mayWait'
>;
export interface Setup {
  readonly itemId: string;
  /** Steps that are always done, in their order. */
  readonly steps: readonly RehearsedStep[];
  readonly dryG: number;
  /** True when it holds down, which clumps. */
  readonly filled: boolean;
  readonly coreFactor: number;
  readonly areaM2: number;
  /** Water held at 600 rpm, kg per kg dry. */
  readonly heldAt600: number;
  /** True when a machine spins it. */
  readonly spun: boolean;
  /** Water it holds at the start when nothing here wets it, kg per kg dry. */
  readonly dampKgPerKg: number;
  readonly dryer: { readonly kind: DryerKind; readonly heatC: Partial<Record<Heat, number>> };
  /** Share of the drum that it fills alone. */
  readonly aloneFill: number;
  readonly room: Room | undefined;
  readonly air: MovingAir;
  /** Log factors of rate and exchange that earlier runs taught. */
  readonly learned: { readonly rate: number; readonly exchange: number };
  readonly limits: {
    readonly fabricMaxC: number | null;
    readonly spinMaxRpm: number | null;
    /** Heats that its envelope allows. */
    readonly heats: readonly Heat[];
  };
}

/** Share of an ordinary dryer's drum that a thing fills, by its bulk. */
const ALONE = REHEARSED_FIGURES.drumShare.value;
/** A commercial drum is this many times as large. */
const COMMERCIAL = REHEARSED_FIGURES.commercialDrum.value;
/** A damp thing holds this share of what a wet one does. */
const DAMP = REHEARSED_FIGURES.dampShare.value;
const HEATS_BY_TUMBLE = { none: [], air: ['air'], low: ['air', 'low'], normal: ['air', 'low', 'medium'] } as const;

/** The setup on which a programme is rehearsed. */
export function setupOf(plan: Plan, programme: Programme): Setup {
  const { family, request, envelope } = plan;
  const kind = plan.dryer?.kind ?? 'commercial';
  const tumble = envelope.bounds.tumble.value;
  return {
    itemId: programme.itemId,
    steps: programme.steps
      .filter((s) => s.when === 'always')
      .map(({ id, title, phase, do: verb, settings, attendedMin, unattendedMin, mayWait }) => ({
        id,
        title,
        phase,
        do: verb,
        settings,
        attendedMin,
        unattendedMin,
        mayWait,
      })),
    dryG: plan.massG,
    filled: plan.facts.has('down-filled'),
    coreFactor: family.coreFactor,
    areaM2: plan.areaM2,
    heldAt600: family.heldKgPerKg,
    spun: plan.method === 'machine',
    dampKgPerKg: plan.facts.has('damp') ? family.heldKgPerKg * DAMP : 0,
    dryer: { kind, heatC: plan.dryer?.heatC ?? {} },
    aloneFill: ALONE[plan.bulk] / (kind === 'commercial' ? COMMERCIAL : 1),
    room: request.kit.equipment?.room,
    air: pick(plan.knowledge.settings.air, plan.facts) ?? 'still',
    learned: { rate: request.item.learned?.dryRate ?? 0, exchange: request.item.learned?.dryExchange ?? 0 },
    limits: {
      fabricMaxC: tumble === 'none' ? null : TUMBLE_MAX_C[tumble],
      spinMaxRpm: envelope.bounds.spinMaxRpm.value,
      heats: HEATS_BY_TUMBLE[tumble],
    },
  };
}

/** True of what is warmed in a dryer. */
export const inDrum = (step: RehearsedStep): boolean => step.settings.heat !== undefined;
/** Rounds in a drum with a look after each, where it is dried. */
export const inRounds = (step: RehearsedStep): boolean =>
  step.phase === 'dry' && inDrum(step) && step.settings.dryModel !== undefined;
/** Hangs, lies or stands in the air to dry. */
export const inAir = (step: RehearsedStep): boolean => step.phase === 'dry' && !inDrum(step) && step.settings.place !== undefined;
/** Gets it wet through; a cleaned surface does not. */
export const isWet = ({ phase, settings }: RehearsedStep): boolean =>
  phase === 'rinse' || (phase === 'wash' && settings.tempC !== undefined);
