import type {
  Action,
  Agent,
  Aim,
  Bleach,
  DropletZone,
  Fabric,
  Fitting,
  Kind,
  Material,
  Method,
  Part,
  Phase,
  Soil,
  SupplyClass,
  Tumble,
} from '../gear';
import type { DryWay, Fact, FamilyName, PlanTraitName, SchoolName, SchoolOptionName, StainNature, TraitName } from './fact';
import type { Basis, Choice, When } from './condition';

import type { Surface } from './places';
import type { LadderRung } from './rungs';
import type { Settings } from './settings';

/** Every setting that can be limited, and the type of its values. Numbers: more is looser; null: no limit of its own. */
export interface LimitValues {
  /** °C; 0 = not in water. */
  readonly washMaxC: number | null;
  readonly action: Action;
  /** rpm; 0 = no spin. */
  readonly spinMaxRpm: number | null;
  readonly tumble: Tumble;
  readonly bleach: Bleach;
  /** °C of the sole plate; 0 = do not iron. */
  readonly ironMaxC: number | null;
  /** Minutes in contact with the cleaner. */
  readonly soakMaxMin: number | null;
  readonly enzymes: 'ok' | 'non-bio' | 'none';
  readonly softener: 'ok' | 'sparing' | 'none';
  readonly agitator: 'ok' | 'none';
}
export type Dimension = keyof LimitValues;

/** What one material can stand in one place. The most specific row that fits a component speaks for it. */
export interface MaterialRow {
  readonly id: string;
  readonly material: Material;
  readonly kinds?: readonly Kind[];
  readonly parts?: readonly Part[];
  /** Fits only components bonded to the upper or declared as such. */
  readonly bonded?: true;
  /** Fits only items of these colour classes. */
  readonly colours?: readonly string[];
  /** Fits only this fabric. */
  readonly fabric?: Fabric;
  readonly limits: Partial<LimitValues>;
  readonly hard?: readonly Dimension[];
  /** Dimensions that bind only work on this very part. */
  readonly partScope?: readonly Dimension[];
  /** Hard limits that an explicit label, and nothing else, may raise this far. */
  readonly labelRaises?: Partial<LimitValues>;
  readonly basis?: Partial<Record<Dimension, Basis>>;
}

/** A fitting that limits like a component: the part and material it is taken for. */
export interface FittingRow {
  readonly id: string;
  readonly fitting: Fitting;
  readonly part: Part;
  readonly material: Material;
}

/** Supplies that must never meet in one bath, nor follow each other without a rinse between. */
export interface NeverPair extends Basis {
  readonly id: string;
  readonly one: readonly Agent[];
  readonly other: readonly Agent[];
}

/** A mark: what it is, and the rungs that meet it, mildest first. Its id is its name in the kit format. */
export interface StainRecord extends Basis {
  readonly id: Soil;
  readonly nature: StainNature;
  /** It has steps of its own; the others share one that names the rungs. */
  readonly own?: true;
  readonly ladder: readonly LadderRung[];
  /** Ladders of surfaces where it is met otherwise than every mark there. */
  readonly at?: Partial<Record<Surface, readonly LadderRung[]>>;
}

/** A named fact derived from others. It may build on other traits, in no ring; one name may have several records. */
export interface Trait<Name extends Fact = TraitName> {
  readonly id: Name;
  readonly when: When;
  /** Needed before the family is chosen. */
  readonly early?: true;
}

export interface AssessRule extends Basis {
  readonly id: string;
  /** Its place when several are told; those it builds on come before it. */
  readonly order: number;
  readonly when: When;
  readonly aim: Aim | 'none';
  /** Observations this rule reads, as they are called in the kit format. */
  readonly decidedBy: readonly string[];
  /** Extra facts for the planner, e.g. that a test decides about renewal. */
  readonly adds?: readonly Fact[];
  /** Only then is it worth telling a person what would have made this rule speak. */
  readonly relevant?: When;
}

export interface Family {
  readonly id: FamilyName;
  readonly when: When;
  /** Families that also fit some things of this one, and give way. What those outrank gives way too. */
  readonly outranks: readonly FamilyName[];
  readonly methods: readonly Choice<Method>[];
  readonly tempC: readonly Choice<number>[];
  readonly action: Action;
  readonly spinRpm: number;
  /** Fresh fills of a machine wash in all, at least. */
  readonly minRinses: number;
  /** Best first. `only`: where it holds no other will do, owned or not. */
  readonly cleaners: readonly (Choice<SupplyClass> & { readonly only?: true })[];
  readonly dry: readonly Choice<DryWay>[];
  /** Used when the item was never weighed, g [from memory]. */
  readonly massG: number;
  readonly bulk: 'small' | 'medium' | 'large';
  /** Surface that air can reach when hung, m², both sides [from memory]. */
  readonly areaM2: number;
  /** How much slower the core gives up its water than a free cloth [from memory]. */
  readonly coreFactor: number;
  /** Water held after the spin or squeeze, kg per kg dry at 600 rpm [from memory]. */
  readonly heldKgPerKg: number;
}

export interface SchoolOption {
  readonly id: SchoolOptionName;
  readonly waives?: Partial<LimitValues>;
  readonly tightens?: Partial<LimitValues>;
  /** Refused when one of these holds; the rule says why. */
  readonly refused?: readonly { readonly when: When; readonly rule: string }[];
  /** A solvent, a stronger heat, a limit passed or a risk taken: chosen for one thing at a time, never for a whole kit. */
  readonly strong?: true;
  /** Here it comes to the same as what is planned without it, so it is not offered. */
  readonly same?: When;
  /** An aim that choosing it adds, or takes away. */
  readonly adds?: Aim;
  readonly drops?: Aim;
}
export interface School {
  readonly id: SchoolName;
  /** Its place when several are told; those it builds on come before it. */
  readonly order: number;
  /** When the question arises for a thing; null = it is one for the whole kit, and no programme asks it. */
  readonly applies: When | null;
  readonly fallback: SchoolOptionName;
  readonly options: readonly SchoolOption[];
  /** When another option would change nothing, so that none is offered. */
  readonly irrelevantWhen?: When;
}

export interface StepTemplate {
  readonly id: string;
  readonly phase: Phase;
  readonly do: string;
  readonly order: number;
  readonly when: When;
  readonly ifFailed?: true;
  /** Names of computed settings, see `programme/settings.ts`. */
  readonly settings?: readonly string[];
  readonly set?: Readonly<Record<string, string | number | boolean | readonly string[]>>;
  /** Minutes of hands, and minutes it runs by itself: a number, or the name of a computed duration. */
  readonly attended: number | string;
  readonly unattended?: number | string;
  readonly mayWait?: false;
  readonly why: readonly string[];
  /** Adds what binds these settings to the reasons. */
  readonly whyBound?: readonly Dimension[];
  /** Where a failed check leads: the first of these steps that the plan has, else the step itself. */
  readonly check?: {
    readonly else: string | readonly string[];
    /** It is answered by grades of drops. */
    readonly byGrade?: true;
  };
}

export interface Caution extends Basis {
  readonly id: string;
  /** Its place when several are told; those it builds on come before it. */
  readonly order: number;
  readonly when: When;
  /** Step verbs at which it stands; absent = the programme as a whole. */
  readonly at?: readonly string[];
}

/** Something owned or wished for that would have served and is refused. */
export interface Block extends Basis {
  readonly id: string;
  /** Its place when several are told; those it builds on come before it. */
  readonly order: number;
  readonly when: When;
  /** Supply class refused. */
  readonly option: SupplyClass;
}

export interface Rule extends Basis {
  readonly id: string;
}

/** Something the programme rests on that nobody told. */
export interface Assumption {
  readonly id: string;
  /** Its place when several are told; those it builds on come before it. */
  readonly order: number;
  readonly when: When;
}

/** Where drops are tried on things of some kinds. Without kinds it speaks for all that no other row names. */
export interface ZoneRow {
  readonly id: string;
  readonly kinds?: readonly Kind[];
  readonly zones: readonly DropletZone[];
  readonly exposed: readonly DropletZone[];
  /** Of the face of such a thing, together 1. */
  readonly share: { readonly [zone in DropletZone]?: number };
  /** Zones that take more of a sprayed finish. */
  readonly more: readonly DropletZone[];
  readonly forgotten: readonly ForgottenPlace[];
}
/** Places that a hand with a spray bottle leaves out. */
export const FORGOTTEN_PLACES = [
  'underarm',
  'hood-back',
  'strap-lines',
  'hem-inside',
  'seat-seam',
  'inside-legs',
  'seams-and-edges',
  'between-fingers',
  'tongue',
] as const;
export type ForgottenPlace = (typeof FORGOTTEN_PLACES)[number];

/**
 * One look of the work, at whatever steps it is taken. A look that fails is followed by its remedy and by the same look again; after so many
 * failures its ways out are offered.
 */
export interface LookRecord {
  readonly id: string;
  /** Names of the steps at which it is taken. */
  readonly at: readonly string[];
  /** Looks that it speaks for when it passes later in the same work. */
  readonly covers?: readonly string[];
  /**
   * Failures after which the ways out are offered. `twice-counted`: when twice the counted rinses have run; `rounds-and-two`: two more than
   * the counted rounds.
   */
  readonly tries: number | 'twice-counted' | 'rounds-and-two';
  /**
   * What is done after the first, second … failure; the last serves for all later ones. Each is steps in order, each step the first of these
   * names that the programme has. Absent: the step is carried out again.
   */
  readonly remedies?: readonly (readonly (readonly string[])[])[];
  /** The same where one of these steps stands before the look. */
  readonly ifDone?: { readonly any: readonly string[]; readonly remedies: readonly (readonly (readonly string[])[])[] };
  /** Why it may fail. */
  readonly causes: readonly string[];
  readonly ways: readonly string[];
}
/**
 * A way out of a look that keeps failing. `again`: its remedy, or this one, and the same look; `elsewhere`: the same in another dryer;
 * `moves`: it goes on, to be dried in another dryer; `wash`: back to the wash; `later`: a later look decides; `leave`: it stays as it is, and is recorded so.
 */
export interface WayRecord {
  readonly id: string;
  readonly does: 'again' | 'elsewhere' | 'moves' | 'wash' | 'later' | 'leave';
  readonly remedy?: readonly (readonly string[])[];
  /** Only where the look is at a drying in a dryer, or at one in the air. */
  readonly needs?: 'dryer' | 'air';
}

/** Where one answer turns into another: soil 0–4, smell 0–3, drop grades 0–5 (ISO 4920), loft as a share of new. */
export interface Thresholds {
  /** Washed from here on. */
  readonly soilWash: number;
  readonly odourWash: number;
  /** From here on the finish is fine. */
  readonly dropFine: number;
  /** Up to here it is renewed if heat does not help; between the two it is warmed where rain falls. */
  readonly dropPoor: number;
  /** Below, it is washed. */
  readonly loftWash: number;
  /** Up to here, it is fluffed. */
  readonly loftFluff: number;
}

/** Everything the engine knows, handed to it as data. Tests add to it or take records away. */
export interface Knowledge {
  readonly materials: readonly MaterialRow[];
  readonly fittings: readonly FittingRow[];
  readonly traits: readonly Trait[];
  readonly planTraits: readonly Trait<PlanTraitName>[];
  readonly families: readonly Family[];
  readonly schools: readonly School[];
  readonly assess: readonly AssessRule[];
  readonly rules: readonly Rule[];
  readonly steps: readonly StepTemplate[];
  readonly cautions: readonly Caution[];
  readonly blocks: readonly Block[];
  readonly neverTogether: readonly NeverPair[];
  readonly stains: readonly StainRecord[];
  readonly assumptions: readonly Assumption[];
  readonly zones: readonly ZoneRow[];
  /** Ours; the user may move each. */
  readonly thresholds: Thresholds;
  readonly settings: Settings;
}
