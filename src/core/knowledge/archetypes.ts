import type { Component, Item } from '../gear';

/** A starting construction to correct: what such a thing is usually made of [common practice, no source]. */
export interface Archetype {
  readonly id: string;
  readonly name: string;
  readonly hint: string;
  readonly item: Omit<Item, 'id' | 'name' | 'label'>;
}
const woven = (part: Component['part'] = 'face'): Component => ({ part, material: 'polyamide-woven' });
const down: Component = { part: 'fill', material: 'down' };
const membrane: Component = { part: 'membrane', material: 'membrane' };
const shoe = (upper: Component['material']): Component[] => [
  { part: 'upper', material: upper, bonded: 'cemented' },
  { part: 'outsole', material: 'rubber', bonded: 'cemented' },
  { part: 'insole', material: 'eva-foam', removable: true },
  { part: 'laces', material: 'cotton', removable: true },
];

export const ARCHETYPES: readonly Archetype[] = [
  {
    id: 'down-jacket',
    name: 'Down jacket',
    hint: 'thin shell, down in chambers',
    item: {
      kind: 'jacket',
      bulk: 'medium',
      components: [woven(), down, woven('lining')],
      fittings: ['zip', 'drawcord'],
      repellency: 'finish',
      lining: 'plain',
    },
  },
  {
    id: 'down-vest',
    name: 'Down vest',
    hint: 'the same without sleeves',
    item: { kind: 'vest', bulk: 'small', components: [woven(), down, woven('lining')], fittings: ['zip'], repellency: 'none' },
  },
  {
    id: 'down-bag',
    name: 'Down sleeping bag',
    hint: 'long chambers, full zip',
    item: {
      kind: 'sleeping-bag',
      bulk: 'large',
      components: [woven(), down, woven('lining')],
      fittings: ['zip', 'drawcord'],
      repellency: 'none',
    },
  },
  {
    id: 'down-quilt',
    name: 'Down quilt',
    hint: 'open chambers, no zip',
    item: {
      kind: 'quilt',
      bulk: 'large',
      components: [woven(), down, woven('lining')],
      fittings: ['drawcord'],
      repellency: 'none',
    },
  },
  {
    id: 'rain-shell',
    name: 'Waterproof jacket',
    hint: 'membrane under a face that sheds drops',
    item: {
      kind: 'jacket',
      bulk: 'small',
      components: [woven(), membrane, { part: 'lining', material: 'polyamide-knit' }],
      fittings: ['zip', 'drawcord', 'hook-and-loop'],
      repellency: 'finish',
      lining: 'plain',
    },
  },
  {
    id: 'rain-trousers',
    name: 'Waterproof trousers',
    hint: 'membrane under a face that sheds drops',
    item: {
      kind: 'trousers',
      bulk: 'small',
      components: [woven(), membrane],
      fittings: ['zip'],
      repellency: 'finish',
      lining: 'none',
    },
  },
  {
    id: 'bare-membrane',
    name: 'Shell with a bare membrane',
    hint: 'slick outside, no cloth face',
    item: {
      kind: 'jacket',
      bulk: 'small',
      components: [
        { part: 'membrane', material: 'membrane' },
        { part: 'lining', material: 'polyamide-knit' },
      ],
      fittings: ['zip'],
      repellency: 'exposed-membrane',
    },
  },
  {
    id: 'warm-shell',
    name: 'Insulated waterproof jacket',
    hint: 'membrane with fixed filling',
    item: {
      kind: 'jacket',
      bulk: 'medium',
      components: [woven(), membrane, { part: 'fill', material: 'polyester-fill' }, woven('lining')],
      fittings: ['zip', 'hook-and-loop'],
      repellency: 'finish',
      lining: 'insulated',
    },
  },
  {
    id: 'synthetic-jacket',
    name: 'Synthetic-filled jacket',
    hint: 'polyester filling',
    item: {
      kind: 'jacket',
      bulk: 'medium',
      components: [woven(), { part: 'fill', material: 'polyester-fill' }, woven('lining')],
      fittings: ['zip'],
      repellency: 'none',
    },
  },
  {
    id: 'canvas-shoes',
    name: 'Canvas shoes',
    hint: 'cotton upper, glued rubber sole',
    item: { kind: 'shoe', bulk: 'small', components: shoe('cotton-canvas'), fittings: ['laces', 'eyelets', 'removable-insole'] },
  },
  {
    id: 'knit-trainers',
    name: 'Knit trainers',
    hint: 'knit upper, foam midsole',
    item: {
      kind: 'shoe',
      bulk: 'small',
      components: [...shoe('polyester-knit'), { part: 'midsole', material: 'eva-foam', bonded: 'cemented' }],
      fittings: ['laces', 'removable-insole'],
    },
  },
  {
    id: 'leather-boots',
    name: 'Leather boots',
    hint: 'leather upper',
    item: { kind: 'boot', bulk: 'small', components: shoe('leather'), fittings: ['laces', 'removable-insole'] },
  },
  {
    id: 'suede-shoes',
    name: 'Suede shoes',
    hint: 'napped upper',
    item: { kind: 'shoe', bulk: 'small', components: shoe('suede'), fittings: ['laces'] },
  },
  {
    id: 'wool-layer',
    name: 'Wool base layer',
    hint: 'merino knit',
    item: { kind: 'base-layer', bulk: 'small', components: [{ part: 'face', material: 'merino' }], repellency: 'none' },
  },
  {
    id: 'synthetic-layer',
    name: 'Synthetic base layer',
    hint: 'polyester knit',
    item: { kind: 'base-layer', bulk: 'small', components: [{ part: 'face', material: 'polyester-knit' }], repellency: 'none' },
  },
  {
    id: 'jersey',
    name: 'Printed jersey',
    hint: 'polyester with pressed numbers',
    item: {
      kind: 'jersey',
      bulk: 'small',
      components: [
        { part: 'face', material: 'polyester-knit' },
        { part: 'print', material: 'heat-press-print' },
      ],
      fittings: ['print'],
      repellency: 'none',
    },
  },
  {
    id: 'cloths',
    name: 'Microfibre cloths',
    hint: 'split pile',
    item: {
      kind: 'cloth',
      bulk: 'small',
      components: [{ part: 'face', material: 'split-microfibre' }],
      jobClass: 'general',
      repellency: 'none',
    },
  },
  {
    id: 'tent',
    name: 'Tent',
    hint: 'coated cloth',
    item: {
      kind: 'tent',
      bulk: 'large',
      components: [
        { part: 'face', material: 'polyester-woven' },
        { part: 'coating', material: 'pu-coating' },
      ],
      fittings: ['zip'],
      repellency: 'finish',
    },
  },
  {
    id: 'rope',
    name: 'Rope, harness or helmet',
    hint: 'life-safety kit: reminders only',
    item: { kind: 'rope', components: [woven('shell')], marks: ['life-safety'] },
  },
];
