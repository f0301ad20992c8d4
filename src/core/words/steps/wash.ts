import { SUPPLY_WORDS } from '../names';
import { TRIED_WORDS } from '../marks';
import { listed, restText } from '../text';
import { waterWord } from '../water';
import type { StepContext, StepWords } from './say';
import {
  it,
  degrees,
  spin,
  dose,
  sprayed,
  ladders,
  rinses,
  machine,
  inside,
  hours,
  keptOut,
  rubberLadders,
  soaked,
  topLoader,
} from './say';

/** Where skin leaves its oil, or where the mark is. */
const oiled = (c: StepContext): string =>
  c.has('stain:grease') || c.has('stain:body-oil')
    ? 'the marks'
    : c.has('bag-like')
      ? 'the head end'
      : c.has('kind:trousers')
        ? 'waistband and hems'
        : 'collar and cuffs';
/** What the soak is in; the machine's delayed start times it only where it soaks in that drum. */
const soakWater = (c: StepContext): string =>
  c.has('soak-in-drum')
    ? `the drum of ${c.washer} (let it fill with ${waterWord(c.s.tempC ?? 20)} water, pause it, and let its delayed start end the soak)`
    : `${c.s.litresPerFill ?? 10} L of ${waterWord(c.s.tempC ?? 20)} water`;
/** The worst places take the powder straight. */
const dusted = (c: StepContext): string =>
  c.s.cleaner === 'oxygen-booster' && c.has('soil>=3')
    ? ' Dust a little more of the powder straight onto the worst damp places.'
    : '';

const RUBBER_LOOK = { look: 'Is the rubber clean?', pass: 'Clean, or no longer getting paler.' } as const;

/** Marks, washing, rinsing, getting the water out. */
export const WASH_WORDS = {
  'pre-rinse-boots': {
    title: 'Rinse the soles first',
    text: 'Rinse soles and stud holes under cold water until no grit comes off, so that none reaches the drum.',
  },
  'rinse-programme': {
    title: 'Rinse programme first',
    text: (c) =>
      `Run the bagged shoes through the rinse programme of ${c.washer} alone, cold and without cleaner, so that the mud is gone before the wash.`,
  },
  'spot-test': {
    title: 'Try it on a hidden place',
    text: (c) =>
      `Dab ${listed((c.s.tries ?? []).map((agent) => TRIED_WORDS[agent]))}${(c.s.tries ?? []).length > 1 ? ', each by itself,' : ''} on a hidden place of each part that it is meant for, wait two minutes, and press a white cloth on it. What colours the cloth, or dulls or darkens a place, stays off every mark.`,
  },
  'name-the-mark': {
    title: 'Work out what the mark is',
    text: 'Before reaching for strength, work out what each mark is: soil comes off wet, transferred colour survives scrubbing and yields to a light swab, paint chips, a deep stain goes through, and oxidation is an even yellow.',
  },
  'rinse-salt': {
    title: 'Plain water on the salt',
    text: 'Rinse zips and salty places with plain water, working the zips open and shut until they run freely.',
  },
  'treat-blood': {
    title: 'Cold water on the blood',
    text: 'Rinse and dab the blood with cold water, by hand, until the water stays clear. If it stays, 2 mL of mild soap without enzymes, cold, and rinse. Never hot.',
    look: 'Is the mark gone while it is still wet?',
    pass: 'Gone, or no longer getting paler.',
  },
  'treat-grease': {
    title: 'Cleaner on the grease',
    text: (c) =>
      `Rub a drop of liquid cleaner into the grease, leave it ${restText(c.unattendedMin)}, and dab it off. Keep it apart from clean things.`,
    look: 'Is the mark gone while it is still wet?',
    pass: 'Gone, or no longer getting paler.',
  },
  'treat-sweat-yellow': {
    title: 'Oxygen on the yellowing',
    text: (c) =>
      `Wet the yellowed place, work oxygen booster in with a soft toothbrush, and leave it ${c.s.soakMin ?? 60} min.${keptOut(c)}`,
    look: 'Is it paler?',
    pass: 'Clear, or no longer getting paler.',
  },
  'treat-oil-down': {
    title: (c) => `Down cleaner on ${oiled(c)}`,
    text: (c) =>
      `Rub a little down cleaner and water into ${oiled(c)} with your fingers, and leave it half an hour, an hour at most.`,
  },
  'treat-collar-shell': {
    title: 'A drop of cleaner on the collar',
    text: 'Rub a drop of the cleaner gently into the grime inside the collar.',
  },
  'treat-mould': { title: 'Brush off the mould outside', text: 'Take it outside, dry, and brush the mould off.' },
  'treat-flask-mould': {
    title: 'Soda on the mould',
    text: 'Fill it with lukewarm water and a tablespoon of baking soda, let it stand an hour, and brush corners, valve and tube hard. What is black after two such hours stays: then replace it.',
    look: 'Hold it against the light: is it clear, without a musty smell?',
    pass: 'No black spot, no smell.',
  },
  'treat-sugar': {
    title: 'Warm water on the sugar',
    text: 'Turn the pocket or place out and take the sugar off with lukewarm water and a soft brush.',
  },
  'treat-other': {
    title: 'Treat the marks',
    text: (c) =>
      `Treat each mark from its edge inwards, mildest first, wipe the loosened dirt off before it dries, and go on only while it still gets paler.${ladders(c, 'cloth')}${keptOut(c)}`,
    look: 'Is the mark gone while it is still wet?',
    pass: 'Gone, or no longer getting paler.',
  },
  'wipe-salt': {
    title: 'Wipe off the salt line',
    text: 'Wipe the salt line with a damp cloth; if it stays, with a little white vinegar in water, then water again.',
  },
  'spot-clean': {
    title: 'Wipe the marks',
    text: (c) =>
      `Wipe the marks with a damp cloth and a drop of mild cleaner, then with clear water.${ladders(c, 'cloth')}${keptOut(c)}`,
    look: 'Look while it is still wet.',
    pass: 'Gone, or faint enough to leave.',
  },
  'suede-brush': {
    title: 'Erase and brush the nap',
    text: (c) =>
      c.has('at:nap')
        ? `With the nap dry, work on each mark, then brush it in one direction.${ladders(c, 'nap')}`
        : 'With the nap dry, rub the marks with the eraser, then brush it in one direction.',
    look: 'Look against the light.',
    pass: 'The nap stands and the mark is gone or faint.',
  },
  'suede-damp': {
    title: 'Damp the whole panel',
    text: 'Wring a clean sponge nearly dry and damp the whole panel evenly, seam to seam, one way; no soaking. Stuff it, let it dry away from heat, and brush the nap up again.',
  },
  'treat-hide': {
    title: 'Treat the marks on the leather',
    text: (c) =>
      `One rung at a time on the marks on the leather, a dry cloth after each, and on only while it still gets paler.${ladders(c, 'leather', 'patent')}`,
    look: 'Is the mark gone?',
    pass: 'Gone, or faint enough to leave.',
  },
  'clean-inside': {
    title: 'Clean the inside',
    text: (c) =>
      `${c.has('hide-upper') ? 'With a well-wrung cloth and the foam of a little mild soap, wipe' : 'With a medium brush and the foam of a little mild soap, scrub'} ${c.has('laces-on') ? 'lining and tongue' : 'the lining'} in small circles, and wipe the suds out before they dry.${c.has('part:insole') && !c.has('insole-out') ? ' The insole stays in: brush it, wipe it, and do not soak it.' : ''}${ladders(c, 'lining', 'insole')}`,
  },
  'rubber-sponge': {
    title: 'Scrub the rubber',
    text: (c) => `Scrub the rubber rim with a damp melamine sponge before anything else gets wet.${rubberLadders(c)}`,
    ...RUBBER_LOOK,
  },
  'rubber-paste': {
    title: 'Scrub the rubber with soda paste',
    text: (c) =>
      `Mix baking soda and water one to one, rub it on the rubber rim with a toothbrush, and wipe it off.${rubberLadders(c)}`,
    ...RUBBER_LOOK,
  },
  'rubber-brush': {
    title: 'Brush the rubber',
    text: (c) =>
      `Scrub the rubber rim with a stiff brush and soapy water; keep the bristles off the ${c.has('hide-upper') ? 'leather' : 'cloth'}.${rubberLadders(c)}`,
    ...RUBBER_LOOK,
  },
  'rubber-solvent': {
    title: 'Acetone on the rubber, lightly',
    text: (c) =>
      `After a test on a hidden place, wipe ${c.has('rubber-marked') ? 'the marks on the rubber' : 'the rubber rim'} with a little acetone on cotton, lightly, and let it air before anything else.${c.has('maskable') ? ' Stay clear of the tape: no drop on the leather.' : ''}`,
    ...RUBBER_LOOK,
  },
  'peroxide-rubber': {
    title: 'Peroxide on the yellowed rubber',
    text: (c) =>
      `On clean rubber only: spread the peroxide cream thinly on the yellowed ${c.has('rubber-marked') ? 'place' : 'rim'}, keep it wet, leave it 30 to 60 min in the light, and wipe it off with water.${c.has('maskable') ? ' None of it past the tape; take the tape off afterwards.' : ''} Repeat another day if needed.`,
    look: 'Is the rubber paler?',
    pass: 'White, or no longer getting paler.',
  },
  'soak-canvas': {
    title: 'Soak the canvas',
    text: (c) => `Soak the shoes ${hours(c.s.soakMin ?? 240)} in ${soakWater(c)} with ${dose(c)}.${dusted(c)}`,
  },
  'soak-canvas-hot': {
    title: 'Soak overnight',
    text: (c) =>
      `Soak the white shoes ${hours(c.s.soakMin ?? 600)} in ${soakWater(c)} with ${dose(c)} before the hot wash.${dusted(c)}`,
  },

  'wash-down-machine': {
    title: (c) => `Wash it alone in ${c.washer}`,
    text: (c) =>
      `Wash it alone in ${c.washer}${inside(c)}, ${machine(c)}. The programme rinses ${c.s.rinses ?? 2} times itself. Leave a palm clear above it.${topLoader(c)}`,
  },
  'wash-shell-machine': {
    title: (c) => `Wash it in ${c.washer}`,
    text: (c) =>
      `Wash it in ${c.washer}, ${machine(c)} and ${rinses(c)}. At most two waterproof things in the drum, nothing muddy with them.${topLoader(c)}`,
  },
  'wash-shoe-machine': {
    title: (c) => `Wash them in ${c.washer}`,
    text: (c) =>
      `Wash the bagged shoes in ${c.washer} with two old towels, ${machine(c)}, and ${rinses(c)}.${c.has('school:SHOE-MACHINE=own-risk') ? ' No label allows it: you take the risk.' : ''}${topLoader(c)}`,
  },
  'wash-shoe-hot': {
    title: (c) => `Hot white wash in ${c.washer}`,
    text: (c) =>
      `Wash the bagged white shoes with white towels in ${c.washer}, ${machine(c)} plus oxygen booster, and ${rinses(c)}. You accept that glue and fit may suffer.`,
  },
  'wash-machine': {
    title: (c) => `Wash it in ${c.washer}`,
    text: (c) =>
      `Wash ${it(c)} in ${c.washer}${inside(c)}, ${machine(c)} and ${rinses(c)}. ${c.has('kind:jersey') ? 'Nothing else goes in with it.' : 'Cleanest load first, dirtiest last.'}${c.has('kind:running-vest') ? ' Not more than three times a year.' : ''}${topLoader(c)}`,
  },
  'wash-greasy-cloth': {
    title: (c) => `Wash it apart in ${c.washer}`,
    text: (c) =>
      `Wash ${c.has('several') ? 'all of them' : 'greasy cloths'} in a load of their own in ${c.washer}, ${machine(c)} and ${rinses(c)}, after every cleaner load.${topLoader(c)}`,
  },
  'wash-pile': {
    title: (c) => `Wash it in ${c.washer} and watch`,
    text: (c) =>
      `Wash it alone in ${c.washer}${inside(c)}, ${machine(c)} and ${rinses(c)}. Be sparing with the soap, and watch the first five minutes.${c.has('kind:costume-body') ? ' Hands, feet and other small parts go in with it, in a mesh bag; head and stuffed tail are spray-cleaned by themselves.' : ''}${topLoader(c)}`,
  },
  'wash-flask': {
    title: 'Brush it out with warm water',
    text: (c) =>
      `Fill it with ${waterWord(c.s.tempC ?? 30)} water (${degrees(c)}), shake it, and take a thin brush to corners, valve and tube until nothing comes loose. No cleaner; rinse it once with fresh water.`,
  },
  'wash-tub': {
    title: 'Wash it in the bath',
    text: (c) =>
      `Fill the bath just deep enough to cover it, about ${c.s.litresPerFill ?? 40} L at ${degrees(c)} (${waterWord(c.s.tempC ?? 20)}), and stir in ${dose(c)}. Push it under${c.has('bag-like') ? ' in its sack and unpack it under water' : ''}, ${soaked(c)}.`,
  },
  'wash-shelter': {
    title: 'Sponge it in a cool bath',
    text: (c) =>
      `In ${waterWord(c.s.tempC ?? 20)} water (${degrees(c)}) with ${dose(c)}, sponge every panel, the floor last. Do not scrub the coating.`,
  },
  'wash-hand': {
    title: 'Wash it by hand',
    text: (c) =>
      `In a basin of ${waterWord(c.s.tempC ?? 20)} water (${degrees(c)}) with ${dose(c)}, press the water through it${inside(c)}; lather the worst places, and do not twist it.`,
  },
  'wash-hand-shoe': {
    title: 'Scrub them by hand',
    text: (c) =>
      `With ${dose(c)} in ${waterWord(c.s.tempC ?? 20)} water (${degrees(c)}), scrub in small circles: soft brush on the upper, stiff on the sole only. Wipe the loosened dirt off at once.`,
  },
  'wash-water-only': {
    title: 'Wash it in plain water',
    text: (c) =>
      `In a basin of ${waterWord(c.s.tempC ?? 30)} water (${degrees(c)}), without cleaner, work it through with your hands and a soft brush, zips open and shut.`,
  },
  'wash-surface': {
    title: 'Clean the surface',
    text: (c) =>
      `With a damp cloth and a little ${c.s.cleaner ? SUPPLY_WORDS[c.s.cleaner] : 'water'}, wipe panel by panel, then wipe with clear water. Do not soak it.`,
  },
  'wash-extract': {
    title: 'Spray and draw it out',
    text: (c) =>
      `${c.s.cleaner ? `Fill the tank with ${c.s.litresPerFill ?? 2} L of cool water and ${dose(c)}. Spray it` : 'Spray water'} on lightly, and draw it out with slow passes of the extractor; then the same with clear water.`,
    look: 'What colour is the water that comes out?',
    pass: 'It comes out clear.',
  },
  'rinse-off': {
    title: 'Rinse it with plain water',
    text: (c) =>
      c.has('family:flask')
        ? 'Rinse it at once: fill it with cool water, shake, empty it, and let water run through valve and tube, until no sugar or dirt comes out.'
        : `Rinse it by hand under cool running water${c.has('fitting:zip') ? ', working the zips open and shut' : ''}, until no salt, sugar or dirt comes out.`,
  },
  'rinse-machine': {
    title: (c) => `Rinse again: ${c.s.rinses} more`,
    text: (c) =>
      `Give it ${rinses(c)} more in ${c.washer}, no cleaner, and set the spin to ${c.s.spinRpm || 0} rpm yourself: the rinse programme may have gone back to high.`,
    look: 'Press it by hand: are there suds?',
    pass: 'No suds, clear water.',
  },
  'rinse-second-cycle': {
    title: 'A second cycle without soap',
    text: (c) => `Run the whole programme again in ${c.washer} without cleaner, ${spin(c)}, ${degrees(c)}.`,
    look: 'Press it by hand: are there suds?',
    pass: 'No suds, clear water.',
  },
  'rinse-bath': {
    title: (c) => `Rinse: ${c.s.rinses} fresh fills`,
    text: (c) =>
      `Drain, press the water out, and refill with ${c.s.litresPerFill ?? 20} L of ${waterWord(c.s.tempC ?? 20)} water (${degrees(c)}), about ${c.s.rinses} times, until the water stays clear.`,
    look: 'Press it by hand: are there suds?',
    pass: 'No suds, clear water.',
  },
  'vinegar-rinse': {
    title: 'Vinegar in the last rinse',
    text: (c) =>
      `Before it starts, pour ${dose(c)} into the softener drawer: the machine draws it into the last rinse. Never together with bleach.`,
  },
  'look-wet': {
    title: 'Look at the marks while wet',
    text: 'Look at every mark while it is still wet, before any heat.',
    look: 'Are the marks gone?',
    pass: 'Gone, or faint enough to leave.',
  },
  'treat-again': {
    title: 'Treat the marks again',
    text: (c) =>
      `Treat what is left once more, one rung higher but still mild, and go on only while it still gets paler.${ladders(c, 'cloth')}${keptOut(c)}`,
  },
  'rinse-treated': {
    title: 'Rinse the treated places',
    text: (c) =>
      `Rinse what you treated under ${waterWord(c.s.tempC ?? 20)} running water until nothing foams or smears, and keep it wet for the next look.`,
  },
  'wash-in-now': {
    title: 'Wash the proofer in',
    text: (c) =>
      `Leave it wet in ${c.washer}, add ${c.s.prooferMl} mL of wash-in proofer, and run a second programme at ${degrees(c)}, ${spin(c)}.`,
  },
  'ease-creases': {
    title: 'Ease the creases out',
    text: 'Lay it flat and ease every crease out of the print with your palm while it is wet.',
  },
  'press-out': {
    title: 'Press the water out',
    text: 'Let it drain, then press it against the wall of the tub, place by place. Never wring it.',
  },
  squeeze: {
    title: (c) => (c.has('shoe-like') ? 'Let them drain' : 'Press it, do not wring'),
    text: (c) =>
      c.has('shoe-like')
        ? 'Let the water run out, and press what is left out of lining and tongue with a towel.'
        : c.has('kind:pack') || c.has('kind:pads') || c.has('kind:running-vest')
          ? 'Let the water run out, then press straps and padding between towels.'
          : 'Squeeze the water out, roll it in a towel and press.',
  },
  'lift-wet': {
    title: 'Lift it from below',
    text: (c) =>
      `Lift it out from below with both arms, never by ${c.has('bag-like') || c.has('kind:trousers') ? 'one end' : 'the collar or one end'}, and carry it straight to the dryer.`,
  },
  'out-at-once': {
    title: 'Take it out at once',
    text: 'Take it out as soon as the water is off, and hang or lay it so that it does not touch itself or anything else.',
  },
  'turn-back': { title: 'Turn it right side out', text: 'Turn it right side out again before its outside is worked on.' },
  'spray-now': {
    title: 'Spray the finish on',
    text: (c) =>
      `Hang it up damp, outside or over a covered floor, and spray about ${c.s.prooferMl} mL of spray proofer over the face.${sprayed(c)} After a few minutes wipe off the drips.`,
  },
} satisfies Record<string, StepWords>;
