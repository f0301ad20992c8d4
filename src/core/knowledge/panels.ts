import type { Damage, Part, Side, Soil } from '../gear';

/*
 * How a pair is drawn: its panels, on which faces, which part of the thing each is, and which lie side by side, so that one is guarded while the
 * other is worked on. And the questions that tell what a mark is. From memory.
 */

/** `second`: what lies beside the first, as suede beside leather; never rubber, which is a cap or a rim. */
export const PANELS = [
  { id: 'upper', sides: ['front', 'back'], parts: ['upper', 'face', 'mesh'], place: 'side' },
  { id: 'overlay', sides: ['front', 'back'], parts: ['upper', 'mesh', 'trim'], second: true, place: 'side' },
  { id: 'toe', sides: ['front', 'back'], parts: ['trim'], place: 'toe cap' },
  { id: 'collar', sides: ['front', 'back'], parts: ['lining'], place: 'lining' },
  { id: 'laces', sides: ['front', 'back'], parts: ['laces'], place: 'laces' },
  { id: 'midsole', sides: ['front', 'back'], parts: ['midsole'], place: 'midsole' },
  { id: 'rim', sides: ['front', 'back'], parts: ['outsole'], place: 'rim' },
  { id: 'tread', sides: ['sole'], parts: ['outsole'], place: 'sole' },
  { id: 'lining', sides: ['inside'], parts: ['lining'], place: 'inside' },
  { id: 'tongue', sides: ['inside'], parts: ['lining'], place: 'tongue' },
  { id: 'insole', sides: ['inside'], parts: ['insole'], place: 'insole' },
] as const satisfies readonly {
  readonly id: string;
  readonly sides: readonly Side[];
  readonly parts: readonly Part[];
  readonly second?: true;
  readonly place: string;
}[];
export type PanelId = (typeof PANELS)[number]['id'];

/** Panels that meet at an edge. */
export const EDGES = [
  ['upper', 'overlay'],
  ['upper', 'toe'],
  ['upper', 'collar'],
  ['upper', 'laces'],
  ['upper', 'midsole'],
  ['upper', 'rim'],
  ['overlay', 'midsole'],
  ['overlay', 'rim'],
  ['toe', 'midsole'],
  ['toe', 'rim'],
  ['midsole', 'rim'],
  ['rim', 'tread'],
  ['lining', 'tongue'],
  ['lining', 'insole'],
  ['tongue', 'insole'],
] as const satisfies readonly (readonly [PanelId, PanelId])[];

/** What a mark is, by what can be seen and tried at it: the first that holds says it [common practice, no source]. */
export const MARK_TESTS = [
  { id: 'even-yellow', soil: 'yellowing' },
  { id: 'chipped', damage: 'crack' },
  { id: 'wipes', soil: 'dust' },
  { id: 'erases', soil: 'scuff' },
  { id: 'swabs', soil: 'transfer' },
] as const satisfies readonly ({ readonly id: string } & ({ readonly soil: Soil } | { readonly damage: Damage }))[];
export type MarkTestId = (typeof MARK_TESTS)[number]['id'];
/** What is left when none of them holds: gone into the fibre, by the material where it matters. */
export const DEEP_MARK: Soil = 'dye';
export const DEEP_ON_CANVAS: Soil = 'canvas-stain';
