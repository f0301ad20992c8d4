import type { Droplet, DropletZone, Kind } from '../gear';
import { DOSING_FIGURES, sprayRowOf, type ForgottenPlace, type Knowledge } from '../knowledge';

/** One zone of a thing and what of a sprayed finish it takes. */
export interface ZoneSpray {
  readonly zone: DropletZone;
  readonly ml: number;
}
export interface SprayPlan {
  /** In the order a hand goes over it. */
  readonly zones: readonly ZoneSpray[];
  readonly ml: number;
  readonly forgotten: readonly ForgottenPlace[];
}
const NEED = { sheds: 5, nearly: 4 } as const;
/** How much a zone wants by its grade, beside one that soaks; an untested zone counts as one. */
function needOf(grade: number | undefined): number {
  if (grade === undefined || grade < NEED.nearly) return 1;
  return grade >= NEED.sheds ? DOSING_FIGURES.spraySheds.value : DOSING_FIGURES.sprayNearly.value;
}
/**
 * A sprayed finish zone by zone: share of the face × mL per m² × what exposure and grade ask for.
 * @param faceM2 the face, m². @param mlPerM2 on a damp face. @param labelMl the bottle's own figure for one thing; it wins, spread the same way.
 * @param only the zones that are sprayed at all, as after a failed test; absent = all.
 * @source volumes per area from memory.
 */
export function sprayPlan(
  kind: Kind,
  knowledge: Pick<Knowledge, 'zones'>,
  grades: Droplet | undefined,
  {
    faceM2,
    mlPerM2,
    labelMl,
    only,
  }: { faceM2: number; mlPerM2: number; labelMl?: number | undefined; only?: readonly DropletZone[] },
): SprayPlan {
  const row = sprayRowOf(kind, knowledge);
  const wants = (row?.zones ?? []).map((zone) => ({
    zone,
    share: (row?.share[zone] ?? 0) * (row?.more.includes(zone) ? DOSING_FIGURES.sprayMore.value : 1) * needOf(grades?.[zone]),
  }));
  const whole = wants.reduce((sum, w) => sum + w.share, 0);
  const perShare = labelMl === undefined || whole === 0 ? faceM2 * mlPerM2 : labelMl / whole;
  const zones = wants
    .filter(({ zone, share }) => share > 0 && (!only || only.includes(zone)))
    .map(({ zone, share }) => ({ zone, ml: Math.max(1, Math.round(share * perShare)) }));
  return { zones, ml: zones.reduce((sum, z) => sum + z.ml, 0), forgotten: row?.forgotten ?? [] };
}
/** Pulls of the trigger for so many mL, at least one. @param pullMl of one pull, > 0. */
export const pullsFor = (ml: number, pullMl: number): number => Math.max(1, Math.round(ml / pullMl));
/** What one pull gives: as the owner measured it on that bottle, else the usual. */
export const pullOf = (bottle: { readonly pullMl?: number } | undefined): number => bottle?.pullMl ?? DOSING_FIGURES.pullMl.value;
