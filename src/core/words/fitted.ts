import type { Fact, RuleId } from '../knowledge';
import { capital, listed } from './text';

type Has = (fact: Fact) => boolean;

/**
 * Reasons that are said otherwise of another construction; what is not here is true of all. Empty: no reason for this thing.
 * The general sentence of each stands in `rules.ts`.
 */
export const FITTED_WORDS: Partial<Record<RuleId, (has: Has) => string>> = {
  'purged-dryer': (has) =>
    has('school:COTTON-DRY=low-tumble')
      ? 'Cotton bears a dryer on low; it shrinks most in its first ones.'
      : 'Only in a clean dryer, on low.',
  'flat-wool': (has) =>
    has('fabric:silk')
      ? 'Wet silk is weak: lying flat, nothing pulls at it.'
      : has('protein')
        ? 'Wet wool stretches on a hanger.'
        : 'A wet knit stretches on a hanger.',
  // Why it is kept out of the drum altogether; where a dryer may be, there is nothing to say.
  'even-cold': (has) => {
    if (has('can:tumble:air')) return '';
    const harms: readonly (readonly [boolean, string])[] = [
      [has('shoe-like'), 'a drum knocks a shoe out of shape and its glue loose'],
      [has('mat:acrylic-pile'), 'a drum mats the pile'],
      [has('fabric:silk'), 'movement roughens damp silk'],
      [has('protein'), 'movement felts wool while it is damp'],
      [has('printed'), 'a drum creases and cracks a print'],
      [has('mat:elastane-mesh') || has('mat:pu-foam') || has('mat:eva-foam'), 'movement tires elastic and foam'],
      [has('waterproof') || has('shelter'), 'movement rubs a coating thin along its folds'],
    ];
    const why = harms.find(([fits]) => fits)?.[1];
    return why ? `Not even a cold dryer: ${why}.` : '';
  },
  'purge-residue': (has) => {
    const spoilt = [
      ...(has('repellent') ? ['repellency'] : []),
      ...(has('filled') ? ['loft'] : []),
      ...(has('lining:wicking') || has('kind:base-layer') || has('kind:jersey') ? ['wicking'] : []),
      ...(has('cloth-like') ? ['a cloth’s thirst'] : []),
    ];
    return `Softener, powder and perfume left in a machine ${spoilt.length > 0 ? `spoil ${listed(spoilt)}` : 'settle on the next thing'}.`;
  },
  'close-up': (has) =>
    capital(
      listed([
        ...(has('fitting:zip') ? ['a closed zip cannot snag it'] : []),
        ...(has('fitting:hook-and-loop') ? ['mated hook-and-loop gathers no fluff and snags nothing'] : []),
        ...(has('fitting:drawcord') ? ['loose cords do not knot'] : []),
      ]),
    ) + '.',
  'scrub-tub': (has) =>
    has('filled') ? 'Bath cleaner left in a tub gets into the fill as well.' : 'Bath cleaner left in a tub gets onto it as well.',
  'never-wring': (has) =>
    has('filled')
      ? 'Wringing tears the inner walls; press instead.'
      : has('fabric:silk')
        ? 'Wringing creases and tears wet silk; press instead.'
        : has('protein')
          ? 'Wringing felts wool and pulls it out of shape; press instead.'
          : has('printed')
            ? 'Wringing creases a print for good; press instead.'
            : 'Wringing stretches it; press instead.',
  'residue-glues': (has) =>
    has('filled')
      ? 'Cleaner that stays draws dirt and water and glues the fill.'
      : has('repellent') || has('waterproof')
        ? 'Cleaner that stays draws water and dirt into the face.'
        : has('cloth-like')
          ? 'Cleaner that stays stiffens the pile and smears.'
          : 'Cleaner that stays draws dirt.',
  'cool-glue': (has) =>
    has('upper:cotton-canvas') ? 'Heat loosens the glue and shrinks the canvas.' : 'Heat loosens the glue and warps the sole.',
  'no-heat-shoes': (has) =>
    has('hide-upper')
      ? 'Heat hardens and cracks leather and lets the glue go; paper and shade take longer and keep the shoe.'
      : 'Heat lets the glue go and shrinks the upper; paper and shade take longer and keep the shoe.',
  'inside-out': (has) =>
    has('filled')
      ? 'Inside out, the lining lets water through better and the outside is rubbed less.'
      : has('mat:acrylic-pile')
        ? 'Inside out, the pile is spared and the cleaner meets the soiled side.'
        : has('fabric:denim')
          ? 'Inside out, its dye is rubbed off less.'
          : 'Inside out, the print is rubbed less.',
  'water-only': (has) =>
    has('family:flask')
      ? 'Plain water takes sugar and growth away; cleaner would stay in the corners and end in the mouth.'
      : 'Plain water takes salt and sugar away; cleaner would stay in mesh and foam.',
  'drip-hang': (has) =>
    has('family:flask')
      ? 'What stays wet inside grows; open and upside down it dries.'
      : 'What is thick lets go of water by dripping, then in moving air.',
  'laces-out': (has) =>
    has('method:machine')
      ? 'Laces hold dirt at the eyelets, and loose ends find the drain holes.'
      : 'Laces hold dirt at the eyelets.',
  'bag-shoes': (has) =>
    has('shoe-like')
      ? 'A mesh bag or a knotted pillowcase protects shoe and drum.'
      : 'In a mesh bag nothing small is lost, and straps and pile are rubbed less.',
  'moving-air': (has) =>
    has('mat:acrylic-pile')
      ? 'Moving dry air reaches the backing; heat would melt the pile.'
      : 'Moving dry air reaches the foam; heat would warp it.',
  'bath-for-down': (has) =>
    has('filled') ? 'In a bath nothing pulls at the inner walls.' : 'In a bath nothing pulls at seams and backing.',
  'support-wet': (has) =>
    `Wet, it weighs several times its dry weight, and ${has('filled') ? 'the inner walls tear' : 'seams tear'} when it hangs from one end.`,
  'repair-route': (has) =>
    has('family:flask')
      ? 'A patch on a drinking flask splits again, and its glue ends in the mouth.'
      : 'No finish mends a leaking or peeling membrane; makers have authorised repair routes for it.',
  'look-before-dry': (has) =>
    has('shoe-like')
      ? 'While they are wet it is still easy to treat them again.'
      : 'While it is wet it is still easy to treat it again.',
  'salt-zips': (has) => (has('fitting:zip') ? 'Salt wrecks zips: work them open and shut under water.' : ''),
  'liquid-only': (has) =>
    has('cloth-like')
      ? 'Liquid, never powder: its grains stay in the pile and scratch.'
      : has('waterproof') || has('repellent')
        ? 'Liquid, never powder: its grains stay in seams and face.'
        : has('filled')
          ? 'Liquid, never powder: its grains stay in the fill.'
          : '',
  'not-with-cotton': (has) => (has('mat:split-microfibre') ? 'Never with cotton: its lint stays in the split fibre.' : ''),
};
