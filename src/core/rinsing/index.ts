/**
 * How many fresh fills clear the cleaner. Two compartments: free residue, diluted by each fill, and sorbed residue, let go slowly.
 * Refuses: product advice.
 */

/** Defaults [from memory]; common practice they reproduce: a quilt pressed in a bath 4–5 refills, a front loader at low spin 2. */
export const RINSE_DEFAULTS = { sorbedShare: 0.5, releaseHand: 0.5, releaseDrum: 0.85, target: 0.03, limit: 30 } as const;

export interface RinseInput {
  /** Dry load, kg, > 0. */
  readonly dryKg: number;
  /** Water held after draining, kg per kg dry, > 0. */
  readonly heldKgPerKg: number;
  /** Fresh water a fill, litres, > 0. */
  readonly freshL: number;
  readonly by: 'hand' | 'drum';
}

/**
 * Share of the starting residue left after each fill.
 * Mixed tank: c ← c·Vr/(Vr+Vw); before each, the sorbed part releases its exchange fraction.
 * @returns residues[n-1] after n fills, at most `fills` of them.
 * @throws RangeError when a quantity is not a number above 0.
 */
export function rinseResidues(input: RinseInput, fills: number): number[] {
  const { dryKg, heldKgPerKg, freshL } = input;
  if (!(dryKg > 0) || !(heldKgPerKg > 0) || !(freshL > 0))
    throw new RangeError('Load, held water and fresh water must each be above 0.');
  const release = input.by === 'hand' ? RINSE_DEFAULTS.releaseHand : RINSE_DEFAULTS.releaseDrum;
  const held = dryKg * heldKgPerKg;
  const stays = held / (held + freshL);
  let sorbed: number = RINSE_DEFAULTS.sorbedShare;
  let free = 1 - sorbed;
  const residues: number[] = [];
  for (let n = 0; n < fills; n++) {
    const released = sorbed * release;
    sorbed -= released;
    free = (free + released) * stays;
    residues.push(sorbed + free);
  }
  return residues;
}

/** Fresh fills until the residue is at the target share of the start; at most `RINSE_DEFAULTS.limit`. */
export function rinsesToClear(input: RinseInput, target: number = RINSE_DEFAULTS.target): number {
  const residues = rinseResidues(input, RINSE_DEFAULTS.limit);
  const at = residues.findIndex((r) => r <= target);
  return at < 0 ? RINSE_DEFAULTS.limit : at + 1;
}
