import { DRYING_FIGURES, REPELLENCY_FIGURES, type Fact } from '../../knowledge';
import type { StepWords } from './say';
import { listed } from '../text';
import { degrees, spin, balls, exposed, sprayed, where, hours, dryPlaces, DRY_PASS, waitText } from './say';

/** Where dirt stays longest, by kind. */
const WORST_PLACES: readonly (readonly [Fact, string])[] = [
  ['kind:trousers', 'seat, knees and hems'],
  ['kind:gloves', 'fingers, palms and cuffs'],
  ['kind:socks', 'heel and toe'],
  ['kind:hat', 'the band'],
  ['kind:vest', 'collar, armholes and hem'],
  ['kind:jacket', 'collar, cuffs and hem'],
  ['kind:base-layer', 'collar, cuffs and underarms'],
  ['kind:mid-layer', 'collar, cuffs and hem'],
  ['kind:jersey', 'collar, underarms and hem'],
];

const { dryBandShare, dryBandG } = DRYING_FIGURES;
const BAND = `${100 * dryBandShare.value} %, or ${dryBandG.value} g,`;
const { dropHeightMm, dropWaitS } = REPELLENCY_FIGURES;
const FALL = `from about ${dropHeightMm.value / 10} cm`;
const WAIT = waitText(dropWaitS.value);
/** The look at drops, by the grade from which a finish is fine. */
const FINE: Readonly<Record<number, { readonly look: string; readonly pass: string }>> = {
  1: { look: 'Is the back dry?', pass: 'The back is dry: grade 1 or more, fine by your own threshold.' },
  2: { look: 'Do the drops spread and not soak in?', pass: 'They spread at most: grade 2 or more, fine by your own threshold.' },
  3: { look: 'Are there wet spots at most?', pass: 'Wet spots at most: grade 3 or more, fine by your own threshold.' },
  4: { look: 'Do the drops bead and roll off?', pass: 'They bead and roll off: grade 4 or 5.' },
  5: { look: 'Do the drops roll off and leave nothing?', pass: 'They leave nothing: grade 5, your own threshold.' },
};

/** Drying, restoring, finish, checks, storing. */
export const FINISH_WORDS = {
  'tumble-down': {
    title: (c) => `Tumble in rounds on ${c.s.heat === 'air' ? 'no heat' : c.s.heat}`,
    text: (c) =>
      `Tumble it ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : c.s.heat}${balls(c)}: ${c.s.rounds} rounds of ${c.s.checkEveryMin} min, the last one after it seems dry. At each look shake it, feel for damp cores, and pull clumps apart with your fingers.`,
    look: 'Breathe through the fabric and feel the thickest place: damp, chill or clumps?',
    pass: 'No clump, no chill, and the last round changed nothing.',
  },
  'turn-back-down': {
    title: 'Turn it right side out',
    text: 'Before the last round turn it right side out: the spray goes on the outside.',
  },
  'tumble-last': {
    title: 'One round after the spray',
    text: (c) =>
      `Tumble it ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : c.s.heat}${balls(c)} for ${c.s.checkEveryMin} min, until the sprayed face is dry.`,
    look: 'Feel the face and the thickest place: damp or chill?',
    pass: 'Dry, inside and out.',
  },
  'tumble-finish': {
    title: 'Tumble it dry, with looks',
    text: (c) =>
      `Tumble it ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : c.s.heat}: about ${c.unattendedMin} min, and look every ${c.s.checkEveryMin} min.`,
    look: dryPlaces,
    pass: DRY_PASS,
  },
  'dry-radiator': {
    title: 'Dry it over a warm radiator',
    text: (c) => `Hang it over or before a radiator that is warm, not hot, away from dust, ${hours(c.unattendedMin)}.`,
    look: dryPlaces,
    pass: DRY_PASS,
  },
  'dry-sprayed': {
    title: 'Let the new finish dry',
    text: (c) => `Hang it in moving air until the face is dry, ${hours(c.unattendedMin)}.`,
  },
  'dry-sprayed-now': {
    title: 'Let the new finish dry',
    text: (c) => `Let it dry in moving air, away from heat, ${hours(c.unattendedMin)}, before the drops are tried.`,
  },
  'untie-baffles': {
    title: 'Untie the openings',
    text: 'Take every tie off the openings, and count them, before the fill is moved.',
  },
  'turn-back-dry': {
    title: 'Turn it right side out',
    text: 'It is dry: turn it right side out, for what comes next is done to its outside.',
  },
  'spray-down-now': {
    title: 'Spray the face before the last round',
    text: (c) =>
      `When only the face is still damp, hang it outside or over a covered floor, spray about ${c.s.prooferMl} mL of spray proofer over the face.${sprayed(c)} Wipe off the drips, and let it rest ten minutes before the last round.`,
  },
  'hang-after': {
    title: 'Hang it an hour and a half',
    text: 'Hang it loosely indoors for an hour and a half, so that the last damp leaves the core.',
  },
  'line-dry': {
    title: 'Hang it on the line',
    text: (c) =>
      `Hang it on a line${c.rack} in moving air, ${c.s.place === 'shade' ? 'in the shade' : 'out of the sun'}, ${hours(c.unattendedMin)}.`,
    look: dryPlaces,
    pass: DRY_PASS,
  },
  'line-insulated': {
    title: 'Hang it, inside out first',
    text: (c) =>
      `Hang it inside out beside, not on, a radiator or in moving air, ${hours(c.unattendedMin)}; shake it and turn it now and then.`,
    look: dryPlaces,
    pass: DRY_PASS,
  },
  'dry-flat': {
    title: 'Dry it flat',
    text: (c) => `Press it in a towel, shape it, and dry it flat${c.rack}, ${hours(c.unattendedMin)}.`,
    look: dryPlaces,
    pass: DRY_PASS,
  },
  'dry-indoors': {
    title: 'Dry it indoors',
    text: (c) => `Hang it indoors, away from dust and lint, ${hours(c.unattendedMin)}. No dryer sheets, no radiator.`,
    look: dryPlaces,
    pass: DRY_PASS,
  },
  'dry-fan': {
    title: 'Hang it by a fan',
    text: (c) =>
      `Hang it over a tub, by a fan if you have one, ${hours(c.unattendedMin)}; squeeze sleeves and hem now and then, and ease creases out of the print while it is wet. Never a dryer.`,
    look: dryPlaces,
    pass: DRY_PASS,
  },
  'dry-drip': {
    title: 'Let it drip dry',
    text: (c) =>
      c.has('family:flask')
        ? `Prop it open, mouth down, with something inside that keeps its walls apart, ${hours(c.unattendedMin)}.`
        : `Let it drip two hours over the bath, then hang it wide and open in moving air, ${hours(c.unattendedMin)} in all.`,
    look: dryPlaces,
    pass: DRY_PASS,
  },
  'dry-pitched': {
    title: 'Pitch it in the shade',
    text: (c) => `Pitch or drape it in the shade, doors open, until it is bone dry, ${hours(c.unattendedMin)}.`,
    look: 'Feel seams, hems and the floor’s corners.',
    pass: 'Bone dry everywhere.',
  },
  'dry-moving-air': {
    title: 'Dry it in moving air',
    text: (c) => `Stand or hang it in front of a fan, without heat, ${hours(c.unattendedMin)}.`,
    look: dryPlaces,
    pass: DRY_PASS,
  },
  'tumble-low': {
    title: 'Tumble on low',
    text: (c) =>
      `Tumble it ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : 'low'} for ${c.unattendedMin} min, without dryer sheets.`,
    look: dryPlaces,
    pass: DRY_PASS,
  },
  'shoe-shade': {
    title: 'Stuff and dry in the shade',
    text: (c) =>
      `Stuff them with paper and stand them in the shade so that water drains out of the opening; turn them round after some hours and change wet paper. No heat. It takes ${hours(c.unattendedMin)}.`,
    look: 'Feel inside the toe.',
    pass: 'Dry in the toe, paper stays dry.',
  },
  'shoe-sun': {
    title: 'Stuff and dry in the sun',
    text: (c) =>
      `Stuff them with paper and stand them in the sun so that water drains out of the opening; change wet paper. It takes ${hours(c.unattendedMin)} at most.`,
    look: 'Feel inside the toe.',
    pass: 'Dry in the toe, paper stays dry.',
  },
  'shoe-rack': {
    title: 'Dry on the still shelf',
    text: (c) =>
      `Stuff them and stand them on the dryer’s still shelf with the heat off; change wet paper. It takes ${hours(c.unattendedMin)}.`,
    look: 'Feel inside the toe.',
    pass: 'Dry in the toe, paper stays dry.',
  },
  'air-out': {
    title: 'Air it',
    text: 'Hang it open in moving air for some hours, out of the sun.',
    look: 'Smell the lining.',
    pass: 'No smell left.',
  },
  'air-damp-down': {
    title: 'Tumble the damp out',
    text: (c) =>
      `Tumble it ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : c.s.heat}${balls(c)} for half an hour, look, and give it one more.`,
    look: 'Breathe through the fabric: damp, chill or clumps?',
    pass: 'No clump, no chill.',
  },
  'air-damp': {
    title: 'Hang it until it is dry',
    text: 'Hang it loose in moving air until it is dry through, then put it away.',
    look: dryPlaces,
    pass: DRY_PASS,
  },
  'air-shelter': {
    title: 'Pitch it until it is dry',
    text: 'Pitch or drape it in the shade with its doors open until it is bone dry; never pack it damp.',
    look: 'Feel seams, hems and the floor’s corners.',
    pass: 'Bone dry everywhere.',
  },
  'air-shoe': {
    title: 'Stuff and air them',
    text: 'Open them, take the insoles out, stuff them with paper, and stand them in the shade for a day.',
    look: 'Feel inside the toe.',
    pass: 'Dry in the toe.',
  },
  'let-dry': { title: 'Let the place dry', text: 'Let the wiped place dry in moving air before it is put away.' },
  fluff: {
    title: 'Fluff it without heat',
    text: (c) => `Tumble it ${where(c)} without heat${balls(c)} for ${c.unattendedMin} min, then shake it. No water.`,
    look: 'Is the loft back?',
    pass: 'Full again, beside its own record.',
  },
  'fluff-by-hand': {
    title: 'Shake it out and hang it loose',
    text: 'Shake it well, work flat places between your hands, and hang it loose for two hours. No water.',
    look: 'Is the loft back?',
    pass: 'Full again, beside its own record.',
  },
  'even-fill': {
    title: 'Even out the fill',
    text: 'Hold it against a light: bright is empty, dark is full. Coax the fill through the small openings to its neighbours, without breaking a stitch, and shake it flat.',
  },
  'brush-pile': {
    title: 'Brush the pile while wet',
    text: 'Brush the pile at once, knots with the pins first, then with the soft side.',
  },
  'condition-hide': {
    title: 'Condition the leather',
    text: 'When it is dry, rub in a little conditioner, leave it an hour, and buff it.',
  },
  'powder-inside': {
    title: 'Powder the inside',
    text: 'Dust 5 g of shoe powder, about a teaspoon, into each dry shoe, leave it overnight, and knock it out.',
    look: 'Smell the inside.',
    pass: 'No smell left.',
  },
  'deodorise-inside': {
    title: 'Deodorise the inside',
    text: 'Two strokes of deodoriser into each dry shoe, on lining and tongue, and let it air with the shoe open. What still smells then is not clean yet.',
    look: 'Smell the inside.',
    pass: 'No smell left.',
  },
  'shape-shoes': {
    title: (c) => (c.has('laces-on') ? 'Shape them and lace them' : 'Shape them'),
    text: (c) => {
      const back = [
        ...(c.has('insole-out') ? ['insoles'] : []),
        ...(c.has('laces-on') ? ['laces'] : []),
        ...(c.has('fitting:removable-studs') ? ['studs'] : []),
      ];
      return `When they are bone dry, ${back.length > 0 ? `put ${listed(back)} back, and ` : ''}shape them with your hands, with a tree or dry paper in each.`;
    },
  },
  'heat-tumble': {
    title: (c) => `Tumble it warm, ${c.unattendedMin} min`,
    text: (c) =>
      `Now that it is dry and clean, tumble it ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : c.s.heat} for ${c.unattendedMin} min, and look after ${DRYING_FIGURES.finishLookMin.value}.`,
  },
  'heat-iron': {
    title: 'Iron it through a cloth',
    text: (c) => `Iron it dry at ${c.s.ironC} °C at most, no steam, through a cloth, a couple of minutes for each part.`,
  },
  'heat-hair-dryer': {
    title: 'Warm it with a hair dryer',
    text: 'Go over the face with a hair dryer a hand’s width away, always moving, until each part has been warm for a minute or two.',
  },
  'heat-radiator': { title: 'Hang it beside a radiator', text: 'Hang it beside, not on, a warm radiator overnight.' },
  'droplet-test': {
    title: 'Test with drops',
    text: (c) => `Let a few drops of water fall on ${exposed(c)} ${FALL}, ${WAIT}, shake them off and look for darkened cloth.`,
    look: (c) => FINE[c.fineFrom]?.look ?? '',
    pass: (c) => FINE[c.fineFrom]?.pass ?? '',
  },
  'spray-if-failed': {
    title: 'Spray the finish on',
    text: (c) =>
      `Damp the clean face, hang it up outside or over a covered floor, and spray about ${c.s.prooferMl} mL of spray proofer over it.${sprayed(c)} After a few minutes wipe off the drips.`,
  },
  'wash-in-if-failed': {
    title: 'Wash the proofer in',
    text: (c) =>
      `Put it clean into ${c.washer}, add ${c.s.prooferMl} mL of wash-in proofer, and run the programme at ${degrees(c)}, ${spin(c)}. Dry it on the line afterwards.`,
  },
  'reheat-tumble': {
    title: 'Tumble it warm again',
    text: (c) =>
      `When it is dry, tumble it ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : c.s.heat} for ${c.unattendedMin} min, so that the new finish binds.`,
  },
  'reheat-iron': {
    title: 'Iron it through a cloth again',
    text: (c) => `When it is dry, iron it at ${c.s.ironC} °C at most, through a cloth, so that the new finish binds.`,
  },
  'reheat-hair-dryer': {
    title: 'Warm the new finish',
    text: 'When it is dry, go over the face with a hair dryer, always moving, so that the new finish binds.',
  },
  'reheat-radiator': {
    title: 'Hang it beside a radiator again',
    text: 'Hang it beside, not on, a warm radiator overnight, so that the new finish binds.',
  },
  retest: {
    title: 'Test with drops again',
    text: `Let a few drops fall on the same places and ${WAIT}.`,
    look: (c) => FINE[c.fineFrom]?.look ?? '',
    pass: (c) => FINE[c.fineFrom]?.pass ?? '',
  },
  'weigh-loft': {
    title: 'Weigh it',
    text: (c) =>
      `Weigh it: ${c.has('unknown:mass') ? `back within ${BAND} of the dry weight you wrote down` : `back within ${Math.round(c.dryBandG)} g of its dry weight (${c.massG} g)`}.`,
    look: (c) => (c.has('down-filled') ? 'Weight back, no clump, no chill?' : 'Weight back, no damp place, no chill?'),
    pass: 'All three: it is dry.',
  },
  'dry-again': {
    title: 'One more round',
    text: (c) =>
      `Give it one more round of ${c.s.checkEveryMin} min ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : c.s.heat}${balls(c)}, and weigh it again.`,
  },
  'measure-loft': {
    title: 'Measure the loft',
    text: (c) =>
      `Shake it, lay it down for ${c.unattendedMin} min, and measure the loft beside the ruler, at the same places each time.`,
  },
  'look-done': {
    title: (c) => (c.has('shoe-like') || c.has('kind:pads') ? 'Look them over' : 'Look it over'),
    text: (c) => {
      if (c.has('family:flask')) return 'Hold it against the light: corners, valve and tube. Smell the inside.';
      const places = c.has('shoe-like')
        ? 'toe, seams and the edge of the sole'
        : c.has('cloth-like')
          ? 'both sides'
          : c.has('shelter')
            ? 'floor, seams and corners'
            : (WORST_PLACES.find(([kind]) => c.has(kind))?.[1] ?? 'seams, edges and the worst places');
      if (c.has('cloth-like'))
        return 'Shake it, brush or vacuum the nap, and look through both sides in daylight for grit and threads. Smell it.';
      return `In daylight look at ${places}, and smell ${c.has('cloth-like') || c.has('shelter') ? 'it' : 'the inside'}.`;
    },
    look: (c) =>
      c.has('stained')
        ? 'Are the marks gone, is everything clean, and is there no smell?'
        : 'Is everything clean, and is there no smell?',
    pass: 'Clean to the eye in daylight, and no smell.',
  },
  downgrade: {
    title: 'Move it to dirtier jobs',
    text: 'Mark the cloth for the next dirtier class of jobs; from the last one it goes in the bin.',
  },
  'store-loose': {
    title: 'Store it loose',
    text: (c) =>
      c.has('mark:scent-critical')
        ? 'Bone dry, keep it loose in its sealed scent-free box, big enough that nothing is pressed.'
        : 'Bone dry, keep it loose in a big cotton or mesh bag, or hang it in a fabric cover. Never compressed, never in plastic.',
  },
  'store-hung': { title: 'Hang it away dry', text: 'Hang it up clean and bone dry, out of the sun.' },
  'store-shoes': { title: 'Store them in the dark', text: 'Keep them stuffed, in a dust bag or box, in the dark.' },
  'store-cloths': { title: 'Store it by class', text: 'Fold it into its class in a closed clean cupboard.' },
  'store-sealed': {
    title: 'Store it sealed',
    text: 'Put it, bone dry, into its sealed scent-free box, carry it in that box to the outing, and change there. Where you have an ozone cabinet, 5 to 10 min in the closed box just before you go freshen it.',
  },
  'store-flask': {
    title: 'Dry it, then freeze it',
    text: 'Let it dry open, then keep it in the freezer; let it thaw some minutes before use.',
  },
  'store-tent': { title: 'Store it loose and dry', text: 'Keep it loosely folded in a big dry bag, not in its tight sack.' },
  'store-folded': { title: 'Fold it away', text: 'Fold it, clean and dry, and keep moths out.' },
  'store-other': { title: 'Put it away dry', text: 'Put it away clean and bone dry.' },
} satisfies Record<string, StepWords>;
