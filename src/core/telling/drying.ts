import type { Doubt, Missing } from '../drying/dry';
import { dryBandG } from '../drying';

/** What is still missing before it is dry. */
const MISSING_WORDS: Record<Missing, string> = {
  'weigh-now': 'no weight of this drying yet',
  'weigh-dry-unknown': 'its dry weight was never recorded, so only the hands can tell',
  'too-heavy': 'it is heavier than when it was dry',
  'lighter-than-dry': 'it is lighter than its recorded dry weight, which is then not right',
  'hour-unknown': 'a weight from an hour of drying ago',
  'still-losing': 'it still lost 1 % or more in the last hour',
  look: 'feel it for clumps and damp cores',
  clump: 'a clump was found',
  'damp-core': 'a damp core was found',
};
/** @param loose filling that can lump: it is felt for clumps too. */
export const missingText = (missing: Missing, loose: boolean): string =>
  missing === 'look' && !loose ? 'feel its thickest places for damp' : MISSING_WORDS[missing];
export const DOUBT_WORDS: Record<Doubt, string> = {
  pounds: 'That is less than it weighs dry. Were these pounds?',
  ounces: 'That is less than it weighs dry. Were these ounces?',
  'lighter-than-dry': 'That is less than it weighs dry. Is everything on the scale?',
  'heavier-than-soaked': 'That is more than it could hold when soaked. Is something else on the scale?',
  'heavier-than-before': 'That is more than the last time, though it dried since. Is something else on the scale?',
};

/**
 * What a weight says beside the dry mass, g; `back`: it counts as dry by weight.
 * @param dryG null = never recorded. @param before true when it is weighed dry, before anything is wet.
 */
export function weightText(
  massG: number,
  dryG: number | null,
  before: boolean,
): { readonly text: string; readonly back: boolean } {
  if (dryG === null)
    return {
      text: before
        ? `${massG} g: this is its dry weight from now on.`
        : `${massG} g. Its dry weight was never recorded: this becomes it, once your hands find it dry.`,
      back: true,
    };
  const over = Math.round(massG - dryG);
  const band = Math.round(dryBandG(dryG));
  const dry = `its ${Math.round(dryG)} g when dry`;
  if (Math.abs(over) <= band)
    return { text: `${massG} g: within ${band} g of ${dry}.${before ? '' : ' The weight is back.'}`, back: true };
  const off = `${massG} g: ${Math.abs(over)} g ${over > 0 ? 'more' : 'less'} than ${dry}.`;
  if (over < 0) return { text: `${off} Is everything on the scale?`, back: false };
  return { text: `${off} ${before ? 'Is it dry, with empty pockets?' : 'There is water in it.'}`, back: false };
}
