import type { SupplyClass } from '../gear';

/** What each product is for, in a sentence or two. Common practice, no source; the product's own label comes first. */
export const AGENT_ABOUT: Record<SupplyClass, string> = {
  'technical-cleaner':
    'A liquid without softener, perfume or whitener, for membranes, finishes and synthetic fills: it leaves nothing behind that water would spread on.',
  'down-cleaner': 'A mild liquid that leaves the down its own oils. It is dosed by the load and needs many rinses.',
  'plain-liquid': 'An ordinary liquid detergent for everyday cloth and canvas, without softener in it.',
  'bio-liquid': 'A liquid with enzymes, for cloth of plants and synthetics. Enzymes feed on silk, wool and down.',
  powder: 'It does not dissolve in cold water and stays in fills and membranes: for sturdy cloth, warm.',
  'oxygen-booster':
    'A powder that sets peroxide free in warm water: for yellowing, sweat and smell on cloth that bears it, and for long soaks.',
  'stain-remover': 'Worked over a whole part of sturdy cloth before a soak. It may lift colour: never untried.',
  'shoe-cleaner': 'A soapy cleaner for the uppers of shoes, foamed on a soft or medium brush.',
  'mild-soap': 'Its lather alone, on a cloth, for hide, linings and small marks.',
  'unscented-cleaner': 'For clothing that must smell of nothing: without perfume, whitener or enzymes.',
  'microfibre-cleaner': 'For split fibres, which softener and powder would close.',
  vinegar: 'A weak acid against salt lines and the lime of hard water, thinned. Never beside bleach or peroxide.',
  'baking-soda': 'A mild abrasive as a paste on rubber, and a powder that draws grease and smell out of hide overnight.',
  'melamine-sponge': 'A very fine abrasive: damp, lightly, on rubber and foam only.',
  'wash-in-proofer': 'A finish that is taken up in a rinse; it reaches inside and outside alike.',
  'spray-proofer': 'A finish that is sprayed on the face, where it is wanted; outdoors, and never breathed.',
  'combined-wash-proof': 'Cleaner and finish in one bath: less sure than one after the other.',
  'suede-kit': 'An eraser and a brush for nap: dry, then one way.',
  'peroxide-cream':
    'It whitens yellowed rubber in light, on clean rubber only, session by session; what is beside it is taped over.',
  acetone:
    'A solvent for a last mark on rubber: one light stroke of a swab, in moving air, away from flames. It dissolves paint, varnish and some fibres.',
  'shoe-powder': 'Dusted into dry shoes against damp and smell, and knocked out again.',
  deodoriser: 'Against a smell that stays after cleaning and drying; it covers nothing that is still dirty.',
  softener: 'It lays a film on every fibre: membranes leak at it, finishes drown, towels stop drying.',
  'dryer-sheets': 'Softener for the dryer, with the same film.',
  'chlorine-bleach':
    'It eats elastic, protein fibres and colour, and gives toxic gas with acids. Only for sturdy white cotton whose label allows it.',
  'dryer-balls': 'They knock clumps out of a fill while it tumbles.',
  'felt-balls': 'The same, softer, for thin shells.',
};
