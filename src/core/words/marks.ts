import type { Did, Foot, Side } from '../gear';
import type { MarkTestId, PanelId, RungEnd, RungId, Stroke, Tool } from '../knowledge';
import type { SpotTestEntry, Cloth } from '../gear';
import { SUPPLY_WORDS } from './names';

/** A rung in a few words, as a line of a list. */
export const RUNG_NAMES: Record<RungId, string> = {
  'dry-brush': 'brush it dry',
  'damp-cloth': 'damp cloth',
  'cool-water': 'plain cool water',
  'cold-dab': 'cold water, dabbed',
  'enzyme-free': 'soap without enzymes, cold',
  'cleaner-drop': 'a few drops of cleaner',
  'cleaner-drop-again': 'cleaner once more',
  'oxygen-soak': 'oxygen soak of that place',
  'oxygen-brush': 'oxygen, brushed in',
  'lukewarm-brush': 'lukewarm water and a soft brush',
  'stain-remover': 'stain remover',
  'long-soak': 'long oxygen soak',
  sponge: 'melamine sponge and water',
  'soda-paste': 'soda paste, one to one',
  'solvent-swab': 'acetone on a swab',
  'lift-dry': 'lift it off hard',
  'chill-lift': 'chill it and lift it off',
  'brush-outside': 'brush it off outside',
  'wash-and-dry': 'wash and dry it fully',
  'weak-vinegar': 'weak vinegar',
  'air-out': 'air it for a day',
  warmer: 'one step warmer',
  'soap-cloth': 'lather on a soft cloth',
  'soda-dust': 'baking soda overnight',
  'nap-eraser': 'eraser, then brush one way',
  'peroxide-thin': 'peroxide cream in the light',
  'soap-brush': 'lather on a medium brush',
};
export const TOOL_WORDS: Record<Tool, string> = {
  'soft-cloth': 'a soft cloth',
  'wrung-cloth': 'a well-wrung white cloth',
  'soft-brush': 'a soft brush',
  'medium-brush': 'a medium brush',
  'stiff-brush': 'a stiff brush, on the sole only',
  toothbrush: 'a soft toothbrush',
  fingertip: 'a fingertip',
  fingernail: 'a fingernail or a blunt spoon',
  eraser: 'the eraser, then the suede brush',
  sponge: 'a damp melamine sponge, lightly',
  swab: 'a cotton swab',
  bowl: 'a bowl that holds that place alone',
};
export const STROKE_WORDS: Record<Stroke, string> = {
  circles: 'small circles, a palm’s width beyond the mark',
  'one-way': 'one way, never to and fro',
  dab: 'dabbed, not rubbed',
  inwards: 'from the edge of the mark inwards',
  lift: 'lifted, not scraped',
  lie: 'left lying',
};
export const END_WORDS: Record<RungEnd, string> = {
  wipe: 'Wipe it off with a damp cloth before it dries: what was loosened dries back.',
  rinse: 'Rinse it out with cool water, and look while it is still wet.',
  air: 'Let it air before anything else.',
  brush: 'Brush it off.',
  'wash-off': 'Wipe it off with plenty of water before it dries.',
};
/** What a rung did, as it is asked and as it stands in a list. */
export const DID_WORDS: Record<Did, { readonly asked: string; readonly said: string }> = {
  gone: { asked: 'It is gone', said: 'gone' },
  paler: { asked: 'Paler', said: 'paler' },
  same: { asked: 'No change', said: 'no change' },
  colour: { asked: 'The white cloth took colour', said: 'the cloth took colour' },
  harmed: { asked: 'The surface dulled, darkened or roughened', said: 'it harmed the surface' },
};
export const CLOTH_WORDS: Record<Cloth, { readonly asked: string; readonly said: string }> = {
  clean: { asked: 'White, and the place as it was', said: 'the cloth stayed white' },
  colour: { asked: 'It took colour', said: 'the cloth took colour' },
  harmed: { asked: 'The place dulled, darkened or roughened', said: 'the place took harm' },
};
/** What is tried on a hidden place. */
export const TRIED_WORDS: Record<SpotTestEntry['agent'], string> = { ...SUPPLY_WORDS, 'warm-water': 'warm water' };

export const SIDE_WORDS: Record<Side, string> = { front: 'Outer side', back: 'Inner side', sole: 'Sole', inside: 'Inside' };
export const FOOT_WORDS: Record<Foot, string> = { left: 'Left', right: 'Right' };
/** What a panel is called beside its material; the material alone where that says it. */
export const PANEL_WORDS: Record<PanelId, string> = {
  upper: 'upper',
  overlay: 'side',
  toe: 'toe cap',
  collar: 'lining',
  laces: 'laces',
  midsole: 'midsole',
  rim: 'rim',
  tread: 'sole',
  lining: 'lining',
  tongue: 'tongue',
  insole: 'insole',
};
/** What is asked to know what a mark is, and what a yes says. */
export const MARK_TEST_WORDS: Record<MarkTestId, { readonly asked: string; readonly says: string }> = {
  'even-yellow': {
    asked: 'Is it an even yellow, all over that part?',
    says: 'It has oxidised: the material itself has turned, and no scrubbing takes that off.',
  },
  chipped: {
    asked: 'Is something missing there: chipped, worn through, cracked?',
    says: 'Nothing lies on it, something is gone: no cleaning brings that back.',
  },
  wipes: { asked: 'Does a damp cloth take some of it off?', says: 'It is soil: it lies on the surface and comes off wet.' },
  erases: { asked: 'Does a dry eraser take some of it off?', says: 'It is a scuff: it sits on top and comes off dry.' },
  swabs: {
    asked: 'Does a swab with a drop of cleaner take some of it, after a hidden place bore it?',
    says: 'It is colour of something else: it survives scrubbing and yields to a light swab.',
  },
};
export const DEEP_SAYS = 'It has gone in deep: it needs time and the right bath, not strength.';
