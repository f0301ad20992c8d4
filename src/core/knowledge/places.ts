import type { Kind, Material, Part, Soil } from '../gear';

/*
 * Where a mark lies: which words of a place mean which part, which marks belong to which material when nobody says where, and what kind of
 * surface a part of a material is to a hand that works on it. From memory.
 */

/** Surfaces that are worked on in ways of their own; `cloth` is every woven, knit or other textile one. */
export const SURFACES = ['leather', 'nap', 'patent', 'rubber', 'foam', 'lining', 'insole', 'cloth'] as const;
export type Surface = (typeof SURFACES)[number];
/** What a thing without parts is taken for. */
export const PLAIN_SURFACE: Surface = 'cloth';

const BY_MATERIAL: Partial<Record<Material, Surface>> = {
  leather: 'leather',
  suede: 'nap',
  nubuck: 'nap',
  patent: 'patent',
  rubber: 'rubber',
  'eva-foam': 'foam',
  'pu-foam': 'foam',
  tpu: 'rubber',
};
const SHOES: readonly Kind[] = ['shoe', 'boot', 'studded-boot'];
/** True of what is worn on feet and has a sole. */
export const isShoe = (kind: Kind): boolean => SHOES.includes(kind);
/** The surface of a part; of shoes the lining and the insole are worked on from inside, whatever they are made of. */
export function surfaceOf(part: Part, material: Material, kind: Kind): Surface {
  if (isShoe(kind) && part === 'insole') return 'insole';
  if (isShoe(kind) && part === 'lining') return 'lining';
  return BY_MATERIAL[material] ?? 'cloth';
}
/** Surfaces that a wash reaches, so that their marks concern it. */
export const WASHED_SURFACES: ReadonlySet<Surface> = new Set(['cloth']);
/** Surfaces on which a mark that has set calls for a wash. */
export const SET_SURFACES: ReadonlySet<Surface> = new Set(['cloth', 'lining']);
/** Surfaces for which what never touches a mark is told; elsewhere the surface's own ladder says it. */
export const WARNED_SURFACES: ReadonlySet<Surface> = new Set(['cloth', 'rubber']);
export const HIDE_SURFACES: ReadonlySet<Surface> = new Set(['leather', 'nap', 'patent']);
export const RUBBER_SURFACES: ReadonlySet<Surface> = new Set(['rubber', 'foam']);
/** Marks that concern the whole thing wherever they lie. */
export const SPREADING: ReadonlySet<Soil> = new Set(['mould']);
/** Durations of steps that rest as long as the marks on these surfaces do. */
export const REST_ON = {
  restOnCloth: ['cloth'],
  restOnHide: ['leather', 'patent'],
  restOnNap: ['nap'],
} as const satisfies Readonly<Record<string, readonly Surface[]>>;

/** Words of a place, each row of words with the parts that they may mean, likeliest first. The first row that fits speaks. */
export const PLACES: readonly {
  readonly words: readonly string[];
  readonly shoe?: boolean;
  readonly parts: readonly Part[];
  readonly materials?: readonly Material[];
}[] = [
  { words: ['insole', 'footbed'], parts: ['insole'] },
  { words: ['tongue', 'inside', 'lining'], shoe: true, parts: ['lining', 'insole'] },
  { words: ['midsole'], parts: ['midsole', 'outsole'] },
  {
    words: ['sole', 'outsole', 'tread', 'rim', 'foxing', 'sidewall', 'rand', 'bumper', 'welt'],
    parts: ['outsole', 'trim', 'midsole'],
  },
  { words: ['toe cap', 'toecap'], shoe: true, parts: ['trim', 'upper'] },
  { words: ['lace', 'laces'], parts: ['laces'] },
  { words: ['crest', 'badge', 'emblem', 'patch'], parts: ['crest'] },
  { words: ['print', 'number', 'logo'], parts: ['print'] },
  { words: ['upper', 'vamp', 'ankle', 'collar', 'side'], shoe: true, parts: ['upper'] },
  { words: ['strap', 'belt'], parts: ['strap'] },
  { words: ['mesh'], parts: ['mesh'] },
  { words: ['trim', 'fur', 'edge of the hood'], parts: ['trim'] },
  { words: ['lining', 'inside'], parts: ['lining'] },
  // Words of a material mean whatever part is made of it.
  { words: ['rubber'], parts: [], materials: ['rubber'] },
  { words: ['foam'], parts: [], materials: ['eva-foam', 'pu-foam'] },
  { words: ['suede'], parts: [], materials: ['suede', 'nubuck'] },
  { words: ['nubuck'], parts: [], materials: ['nubuck', 'suede'] },
  { words: ['leather'], parts: [], materials: ['leather', 'patent'] },
  { words: ['canvas'], parts: [], materials: ['cotton-canvas'] },
];
/** Marks that sit on rubber or foam where a thing has any, when nobody says where: a scuff of a rim, its yellowing. */
export const RUBBER_MARKS = ['scuff', 'transfer', 'yellowing'] as const;
/** Places where a shoe has a cap of rubber, if it has one at all, and the part that this cap is. */
export const CAPPED = ['toe', 'heel'] as const;
export const CAP: Part = 'trim';
/** The part whose hide scuffs and yellows itself. */
export const OUTSIDE: Part = 'upper';
/** Parts that can be kept out of a bowl while another place of the thing is in it; layers of one cloth cannot. */
export const SEPARABLE: readonly Part[] = ['mesh', 'print', 'crest', 'trim', 'strap'];
/** The part that is meant when nothing else is said, first that a thing has. */
export const MAIN_PARTS: readonly Part[] = ['upper', 'face', 'shell', 'pile', 'coating', 'mesh', 'foam'];
