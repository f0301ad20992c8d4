import type { ClimbEnd } from '../marks';
import { RUNGS, type RungId, type RungRecord, type StainId, type StainNature, type Surface } from '../knowledge';

type Rung = (r: { readonly amount: number; readonly water: number; readonly on: Surface }) => string;
const said =
  (text: string): Rung =>
  () =>
    text;
const eachMl = (amount: number, water: number): string => (amount === water ? 'one to one' : `${amount} in ${water}`);

/** A rung of a ladder, as it is said in a list: with what, how much, and how. */
const RUNG_WORDS: Record<RungId, Rung> = {
  'dry-brush': ({ on }) =>
    on === 'insole'
      ? 'brush it dry with a medium brush'
      : on === 'leather' || on === 'patent'
        ? 'wipe the dust off with a dry soft cloth'
        : 'let it dry and brush it off',
  'damp-cloth': said('a damp cloth, in small circles'),
  'cool-water': said('plain cool water, dabbed through'),
  'cold-dab': said('dab it with cold water'),
  'enzyme-free': ({ amount }) => `an enzyme-free cleaner, cold, ${amount} mL`,
  'cleaner-drop': ({ amount }) => `a few drops (${amount} mL) of the cleaner, worked in with a fingertip`,
  'cleaner-drop-again': said('the same once more'),
  'oxygen-soak': ({ amount, water }) =>
    `that place alone in ${amount} g of oxygen booster to ${water / 1000} L of lukewarm water`,
  'oxygen-brush': ({ amount, water }) =>
    `${amount} g of oxygen booster in ${water} mL of lukewarm water, worked in with a soft toothbrush`,
  'lukewarm-brush': said('lukewarm water and a soft brush'),
  'stain-remover': ({ amount }) => `stain remover over the whole part (${amount} mL)`,
  'long-soak': ({ amount, water }) => `a long soak, ${amount} g of oxygen booster to ${water / 1000} L of cool water`,
  sponge: said('a damp melamine sponge, lightly'),
  'soda-paste': ({ amount, water }) =>
    `baking soda and water, ${eachMl(amount, water)} (a tablespoon of each), rubbed with a toothbrush`,
  'solvent-swab': ({ amount }) => `acetone on a cotton swab, ${amount} mL at most, one light stroke`,
  'lift-dry': said('let it harden and lift it off with a fingernail'),
  'chill-lift': said('chill it and lift it off'),
  'brush-outside': said('brush it off outside, dry, with a mask'),
  'wash-and-dry': said('wash it and dry it fully'),
  'weak-vinegar': ({ amount, water }) => `${amount} mL of white vinegar in ${water} mL of water on a cloth, then water`,
  'air-out': said('air it for a day'),
  warmer: said('one step warmer: cold, cool, then warm'),
  'soap-cloth': ({ amount, water }) =>
    `the lather of ${amount} mL of mild soap in ${water} mL of water on a soft cloth, then a damp one`,
  'soda-dust': ({ amount }) => `${amount} g of baking soda dusted on it overnight, then brushed off`,
  'nap-eraser': said('the eraser, then the suede brush, one way'),
  'peroxide-thin': ({ amount }) => `peroxide cream, ${amount} mL in a thin even coat, kept wet`,
  'soap-brush': ({ amount, water }) =>
    `${amount} mL of mild soap in ${water} mL of water, its foam alone on a medium brush, wiped out before it dries`,
};
/** The same when its amount stands already. */
export const RUNG_AGAIN: Partial<Record<RungId, string>> = {
  'enzyme-free': 'the enzyme-free cleaner',
  'cleaner-drop': 'the cleaner',
  'oxygen-soak': 'the oxygen soak',
  'oxygen-brush': 'the oxygen booster',
  'stain-remover': 'the stain remover',
  'long-soak': 'the long soak',
  'soda-paste': 'the paste',
  'solvent-swab': 'the swab',
  'weak-vinegar': 'the vinegar',
  'soap-cloth': 'the lather',
  'soda-dust': 'the baking soda',
  'soap-brush': 'the foam',
};
/** A rung with its amounts, as it is said on a surface. */
export function rungText(id: RungId, on: Surface): string {
  const { amount = 0, waterMl: water = 0 }: RungRecord = RUNGS[id];
  return RUNG_WORDS[id]({ amount, water, on });
}
/** What became of a mark that no rung is left for. */
export const CLIMB_END_WORDS: Record<ClimbEnd, string> = {
  open: '',
  gone: 'it is gone',
  stopped: 'leave it, the surface bears no more',
  spent: 'all that it bears was tried, leave it as it is',
};
/** When one stops, whatever is left. */
export const STOP_WORDS: Record<Surface, string> = {
  leather: 'Stop when the cloth takes colour or the hide darkens.',
  nap: 'Stop when the nap begins to lie flat or shine.',
  patent: 'Stop when the varnish dulls.',
  rubber: 'Stop when the rubber dulls or turns sticky.',
  foam: 'Stop when the foam begins to crumble.',
  lining: 'Stop when the cloth comes away clean.',
  insole: 'Stop when the cloth comes away clean.',
  cloth: 'Stop at the first colour on a white cloth.',
};
/** A surface as a person calls it. */
export const SURFACE_WORDS: Record<Surface, string> = {
  leather: 'leather',
  nap: 'nap',
  patent: 'patent leather',
  rubber: 'rubber',
  foam: 'foam',
  lining: 'lining',
  insole: 'insole',
  cloth: 'cloth',
};
/** What never touches it. */
export const STAIN_NEVER: Record<StainId, string> = {
  mud: 'Never a machine with clods on.',
  dust: 'Never rub it in wet.',
  sweat: 'Never chlorine bleach or softener.',
  'sweat-salt': 'Never leave it in zips.',
  'body-oil': 'Never ordinary detergent on down.',
  blood: 'Never hot water first: it sets it.',
  grease: 'Never together with buffing cloths, never in a dryer afterwards.',
  wax: 'Never heat it in, never in a dryer afterwards.',
  'food-sugar': 'Never leave it in a closed pocket or flask.',
  'canvas-stain': 'Never dry it before it is gone.',
  scuff: 'Never acetone on patent, painted or knit.',
  transfer: 'Never scrub harder: what survives scrubbing is not dirt.',
  paint: 'Never a solvent on a painted or coated face.',
  dye: 'Never warm water: it spreads and sets.',
  yellowing: 'Never chlorine bleach or softener; never peroxide on dirty rubber.',
  mould: 'Never store it damp.',
  'salt-line': 'Never a whole wash for it.',
  smoke: 'Never perfume over it on technical kit.',
  resin: 'Never rub it warm.',
  residue: 'Never more cleaner.',
  unknown: 'Never strength before you know what it is.',
};
export const NATURE_WORDS: Record<StainNature, string> = {
  soil: 'soil: it lies on the fabric and comes off wet',
  transfer: 'transfer: colour rubbed off from something else, it survives scrubbing',
  paint: 'paint: it sits on top and chips',
  deep: 'a deep stain: it has gone into the fibre',
  oxidation: 'oxidation: an even yellow of the material itself',
  unclear: 'not known yet',
};
