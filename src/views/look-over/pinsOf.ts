import type { Inspection, Spot } from '../../core/gear';
import { DAMAGE_WORDS, SOIL_WORDS } from '../../core/words';
import type { Pin } from '../../ui/Outline';

/** A mark or damage, where it lies. */
export interface Pinned {
  readonly spot?: Spot | undefined;
  readonly name: string;
  readonly place?: string | undefined;
}
/** Marks and damage of a look, in their order. */
export const pinsOf = (seen: Pick<Partial<Inspection>, 'stains' | 'damage'>): readonly Pinned[] => [
  ...(seen.stains ?? []).map((s) => ({ spot: s.spot, name: SOIL_WORDS[s.soil], place: s.place })),
  ...(seen.damage ?? []).map((d) => ({ spot: d.spot, name: DAMAGE_WORDS[d.kind], place: d.place })),
];
/** Those that lie on the front or the back, as an outline shows them: each with its number. */
export const drawnPins = (pins: readonly Pinned[]): Pin[] =>
  pins.flatMap(({ spot, name }, n) =>
    spot && (spot.side === 'front' || spot.side === 'back')
      ? [{ side: spot.side, x: spot.x, y: spot.y, mark: String(n + 1), name }]
      : [],
  );
