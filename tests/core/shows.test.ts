import { describe, expect, test } from 'vitest';
import { componentAt, damagesOf, soilsOf, wearAt, wearsOf } from '../../src/core/facts';
import type { Item, Soil } from '../../src/core/gear';
import { ARCHETYPES } from '../../src/core/knowledge/archetypes';
import { canvas, comp, down, item, shell } from '../make';

/* A look asks only what a thing has: common practice, no source. */
describe('what a look asks for', () => {
  test('a jacket of down: feathers and zips, no soles, no nozzle, no eyelets', () => {
    const jacket = down({ fittings: ['zip'] });
    expect(damagesOf(jacket)).toEqual(expect.arrayContaining(['hole', 'seam', 'feather', 'zip']));
    for (const absent of ['sole', 'leak', 'delamination']) expect(damagesOf(jacket)).not.toContain(absent);
    for (const absent of ['black-nozzle', 'dull-eyelets', 'thin-heel', 'cracked-rubber', 'flat-pile'])
      expect(wearsOf(jacket)).not.toContain(absent);
    expect(soilsOf(jacket)).not.toContain('canvas-stain');
  });
  test('a waterproof shell may let water through and part its layers; a canvas shoe loses its sole', () => {
    expect(damagesOf(shell())).toEqual(expect.arrayContaining(['leak', 'delamination']));
    expect(damagesOf(canvas())).toEqual(expect.arrayContaining(['sole', 'crack']));
    expect(soilsOf(canvas())).toEqual(expect.arrayContaining(['canvas-stain', 'scuff']));
    expect(damagesOf(canvas())).not.toContain('feather');
  });
  test('what was ticked once is never left out', () => {
    expect(wearsOf(down(), ['black-nozzle'])).toContain('black-nozzle');
    expect(soilsOf(down(), ['canvas-stain'])).toContain('canvas-stain');
  });
  test.each(ARCHETYPES.map((a) => [a.id, a.item as Item] as const))(
    '%s can show a hole, fading, mud and the unknown',
    (_, thing) => {
      expect(damagesOf(thing)).toContain('hole');
      expect(wearsOf(thing)).toContain('fading');
      expect(soilsOf(thing)).toEqual(expect.arrayContaining(['mud', 'unknown']));
    },
  );
});

describe('where a mark lies', () => {
  const shoe = item('shoe', [
    comp('upper', 'leather'),
    comp('trim', 'rubber'),
    comp('outsole', 'rubber'),
    comp('midsole', 'eva-foam'),
    comp('lining', 'polyester-knit'),
    comp('insole', 'eva-foam'),
    comp('laces', 'polyester-woven'),
  ]);
  const jersey = item('jersey', [comp('face', 'polyester-knit'), comp('crest', 'suede'), comp('print', 'heat-press-print')]);
  const at = (thing: Item, soil: Soil, place?: string, part?: 'upper' | 'insole'): string | undefined =>
    componentAt(thing, { soil, ...(place === undefined ? {} : { place }), ...(part ? { part } : {}) })?.part;
  test.each([
    [shoe, 'yellowing', 'rubber toe', 'outsole'],
    [shoe, 'yellowing', 'toe cap', 'trim'],
    [shoe, 'scuff', 'left toe', 'trim'],
    [shoe, 'scuff', 'side', 'upper'],
    [shoe, 'scuff', 'leather at the heel', 'upper'],
    [shoe, 'mud', 'soles', 'outsole'],
    [shoe, 'yellowing', 'midsole', 'midsole'],
    [shoe, 'sweat', 'Tongue', 'lining'],
    [shoe, 'sweat', 'inside', 'lining'],
    [shoe, 'sweat', 'insoles', 'insole'],
    [shoe, 'mud', 'left lace', 'laces'],
    [shoe, 'grease', undefined, 'upper'],
    [shoe, 'scuff', undefined, 'upper'],
    [canvas(), 'scuff', undefined, 'outsole'],
    [jersey, 'yellowing', 'collar', 'face'],
    [jersey, 'grease', 'the crest', 'crest'],
    [jersey, 'scuff', 'number', 'print'],
    [jersey, 'scuff', undefined, 'face'],
    [down(), 'body-oil', 'left cuff', 'face'],
  ] as const)('%#: %s', (thing, soil, place, part) => expect(at(thing, soil, place)).toBe(part));
  test('the part that was written down goes before the words', () => expect(at(shoe, 'mud', 'left', 'insole')).toBe('insole'));
  test('a sign of wear lies on the part that can show it, or anywhere', () => {
    expect(wearAt(shoe, 'cracked-rubber')?.part).toBe('outsole');
    expect(wearAt(shoe, 'splitting')?.material).toBe('leather');
    expect(wearAt(shoe, 'fading')).toBeUndefined();
    expect(wearAt(down(), 'thin-heel')).toBeUndefined();
  });
  test('a thing without parts has none', () =>
    expect(componentAt({ kind: 'other', components: [] }, { soil: 'mud' })).toBeUndefined());
});
