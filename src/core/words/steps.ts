import type { StepId } from '../knowledge';
import { waterWord } from '../units';
import type { StepSettings } from '../programme/state';
import { SUPPLY_WORDS } from './names';

/** What a step's sentences may speak of. */
export interface StepContext {
  readonly s: StepSettings;
  readonly has: (fact: string) => boolean;
  readonly washer: string;
  readonly dryer: string;
  readonly attendedMin: number;
  readonly unattendedMin: number;
  readonly massG: number;
  readonly cycleName: string | null;
}
type Say = string | ((c: StepContext) => string);
export interface StepWords {
  /** A few words, verb first. */
  readonly title: Say;
  /** Complete sentences: all a person needs. */
  readonly text: Say;
  readonly look?: Say;
  readonly pass?: Say;
}

const degrees = (c: StepContext): string => `${c.s.tempC ?? 20} °C`;
const gently: Record<string, string> = {
  normal: 'on a normal programme',
  mild: 'on a gentle programme',
  'very-mild': 'on the most delicate programme',
  hand: 'by hand',
};
const spin = (c: StepContext): string => (c.s.spinRpm ? `spin ${c.s.spinRpm} rpm at most` : 'without a spin');
const dose = (c: StepContext): string =>
  c.s.cleaner ? `${c.s.doseMl ? `${c.s.doseMl} mL of ` : 'a little '}${SUPPLY_WORDS[c.s.cleaner]}` : 'nothing but water';
const rinses = (c: StepContext): string =>
  c.s.rinses ? `${c.s.rinses} ${c.s.rinses === 1 ? 'rinse' : 'rinses'}` : 'its own rinses';
/** How the shoe programme is called, by the school chosen. */
const SHOE_CYCLES = {
  gentle: 'on a gentle programme',
  quick: 'on a quick programme',
  'long-slow': 'on a long, slow programme',
  'permanent-press': 'on an easy-care programme',
} as const;
const shoeCycle = (c: StepContext): string => {
  const chosen = (Object.keys(SHOE_CYCLES) as (keyof typeof SHOE_CYCLES)[]).find((id) => c.has(`school:SHOE-CYCLE=${id}`));
  if (chosen) return SHOE_CYCLES[chosen];
  return c.has('kind:studded-boot') ? SHOE_CYCLES.quick : c.has('family:trainer') ? SHOE_CYCLES['long-slow'] : SHOE_CYCLES.gentle;
};
const machine = (c: StepContext): string =>
  `${gently[c.s.action ?? 'mild'] ?? 'gently'} at ${degrees(c)} (${waterWord(c.s.tempC ?? 20)}), ${spin(c)}, with ${dose(c)}`;
const inside = (c: StepContext): string => (c.s.insideOut ? ', inside out' : '');
const balls = (c: StepContext): string =>
  c.s.aids?.length ? ` with ${c.s.count ?? 2} clean ${c.s.aids[0] === 'felt-balls' ? 'felt balls' : 'plain dryer balls'}` : '';
const where = (c: StepContext): string => (c.s.dryerId ? `in ${c.dryer}` : 'in a large commercial dryer at a launderette');
const hours = (min: number): string =>
  min < 90 ? `${min} min` : min < 2160 ? `about ${Math.round(min / 60)} h` : `about ${Math.round(min / 1440)} days`;

const dryLook = { look: 'Feel seams, cuffs and the thickest place.', pass: 'Dry to the touch everywhere, no chill.' };

export const STEP_WORDS: Record<StepId, StepWords> = {
  'refer-life-safety': {
    title: 'Follow the maker’s instructions only',
    text: 'Do not wash, treat or repair it on advice from here. Follow the maker’s instructions, and have a competent person inspect it. Local rules and the product’s own label come first.',
  },
  'refer-professional': {
    title: 'Take it to a professional',
    text: 'The label forbids washing it at home. Take it, with its label, to a professional cleaner who knows this construction, or ask the maker.',
  },
  'refer-no-place': {
    title: 'Take it to a launderette or professional',
    text: 'None of your machines or baths may take it. Take it to a launderette with a large front loader and a large dryer, or to a professional who washes such things.',
  },
  'refer-down-dryer': {
    title: 'Ask the maker or a down specialist',
    text: 'The label forbids tumbling, and wet down does not come right without it. Ask the maker, or a professional who washes down.',
  },
  'refer-furrier': {
    title: 'Take it to a furrier',
    text: 'The fur stays on, so water is out. Brush it, and take it to a furrier.',
  },
  'mend-hole': {
    title: 'Mend the hole or seam',
    text: 'Close the hole or seam first: clean the place, put a patch on both sides if you can reach, press it, and let it set 24 h before water or stuffing.',
  },
  'feather-in': {
    title: 'Work the feather back in',
    text: 'Never pull it. Take hold of the feather from behind, through the lining, draw it back in, and rub the little hole shut with a fingertip.',
  },
  'mend-part': {
    title: 'Mend the damaged part',
    text: 'Mend the zip, sole or crack first: clean the place, glue or sew it, and let it set a day.',
  },
  'repair-route': {
    title: 'Send it to an authorised repairer',
    text: 'Water coming through, or layers parting, is a repairer’s work. Ask the maker for its authorised repair route, and send it clean and dry.',
  },
  'check-dryer-fit': {
    title: 'Try it dry in the dryer',
    text: (c) =>
      `Before anything gets wet, put it dry into the drum ${c.s.dryerId ? `of ${c.dryer}` : 'you mean to use'}. There must be 5 cm clear above it; if not, plan for a larger dryer.`,
  },
  'purge-machine': {
    title: 'Purge the washing machine',
    text: (c) =>
      `Wipe the drawer of ${c.washer}, then run it empty at 60 °C or hotter, without cleaner: its last loads left something behind.`,
  },
  'purge-scent': {
    title: 'Purge washer and dryer of scent',
    text: (c) =>
      `Wash a load of towels with unscented cleaner in ${c.washer}, and wipe out the dryer drum, so that no perfume is left.`,
  },
  'wipe-drawer': {
    title: 'Wipe the drawer',
    text: (c) => `Wipe the drawer and the door seal of ${c.washer} clean of old cleaner.`,
  },
  'scrub-tub': {
    title: 'Scrub and rinse the bath',
    text: 'Scrub the tub or basin and rinse it well before it becomes a bath for this.',
  },
  'weigh-dry': { title: 'Weigh it dry', text: 'Hang it on the scale, dry, and write down the grams.' },
  'empty-pockets': { title: 'Empty every pocket', text: 'Empty every pocket, the small ones above all.' },
  'close-up': {
    title: 'Close it up',
    text: (c) =>
      `${c.has('fitting:zip') ? 'Close the zips. ' : ''}${c.has('fitting:hook-and-loop') ? 'Mate the hook-and-loop at its loosest, so that the cuff is not bunched. ' : ''}${c.has('fitting:drawcord') ? 'Loosen the cords. ' : ''}`.trim(),
  },
  'fur-off': { title: 'Take the fur off', text: 'Take the fur trim off. Brush it; it is not washed.' },
  'electronics-out': { title: 'Take electronics out', text: 'Take out batteries and electronics, and keep them dry.' },
  'padding-out': {
    title: 'Take the padding out',
    text: 'Take the padding out, wipe it with a damp cloth, and let it dry by itself.',
  },
  'studs-out': {
    title: 'Unscrew the studs',
    text: 'Unscrew the studs, brush the threads, and keep them in a box until the boots are bone dry.',
  },
  'laces-out': { title: 'Take the laces out', text: 'Take the laces out and put them in the bag with the shoes.' },
  'laces-by-hand': {
    title: 'Wash the laces by hand',
    text: 'Take the laces out and rub them clean by hand in a cup of cool soapy water.',
  },
  'insole-wipe': {
    title: 'Take the insoles out',
    text: 'Take the insoles out, brush them, wipe them with a damp cloth, and let them dry lying flat.',
  },
  'insole-soak': {
    title: 'Soak the insoles',
    text: 'Take the insoles out, soak them 20 min in lukewarm water with a drop of cleaner, press them, and dry them flat.',
  },
  'knock-off-mud': {
    title: 'Knock off the dry mud',
    text: 'Let the mud dry, knock it off, and brush the rest away, soles first.',
  },
  'brush-shoe': { title: 'Brush them dry', text: 'Brush upper, seams and sole dry: soft on the cloth, stiff on the sole only.' },
  'sweep-shelter': { title: 'Sweep it out', text: 'Sweep it out, shake it, and sponge off what sticks.' },
  'tie-baffles': {
    title: 'Tie off the openings',
    text: 'Tie off the openings between the baffles as the maker asks, and leave the ties on through bath and dryer.',
  },
  'cover-eyes': { title: 'Cover the eyes', text: 'Cover the eyes with a soft cloth and tape that lets go cleanly.' },
  'inside-out': { title: 'Turn it inside out', text: 'Turn it inside out.' },
  'bag-shoes': { title: 'Put them in a bag', text: 'Put the shoes in a mesh bag or a knotted pillowcase.' },
  'bag-small': { title: 'Put it in a bag', text: 'Put it in a mesh bag.' },
  'keep-crest-dry': {
    title: 'Keep the leather out of the water',
    text: 'Keep the leather or suede piece out of the bath: hold it over the edge, or wrap it, and wipe it with a damp cloth only.',
  },

  'spot-test': {
    title: 'Try it on a hidden place',
    text: 'Try the cleaner on a hidden place with a white cloth, cold first, then cool, then warm. Stop at the first colour on the cloth.',
  },
  'treat-blood': {
    title: 'Cold water on the blood',
    text: 'Rinse and dab the blood with cold water, by hand, until the water stays clear. Never hot.',
    look: 'Is the mark gone while it is still wet?',
    pass: 'Gone, or no longer getting paler.',
  },
  'treat-grease': {
    title: 'Cleaner on the grease',
    text: 'Rub a drop of liquid cleaner into the grease, leave it 15 min, and dab it off. Keep it apart from clean things.',
    look: 'Is the mark gone while it is still wet?',
    pass: 'Gone, or no longer getting paler.',
  },
  'treat-sweat-yellow': {
    title: 'Oxygen on the yellowing',
    text: (c) => `Wet the yellowed place, work oxygen booster in with a soft toothbrush, and leave it ${c.s.soakMin ?? 60} min.`,
    look: 'Is it paler?',
    pass: 'Clear, or no longer getting paler.',
  },
  'treat-oil-down': {
    title: 'Down cleaner on collar and cuffs',
    text: 'Rub a little down cleaner and water into collar and cuffs with your fingers, and leave it half an hour, an hour at most.',
  },
  'treat-collar-shell': {
    title: 'A drop of cleaner on the collar',
    text: 'Rub a drop of the cleaner gently into the grime inside the collar.',
  },
  'treat-mould': { title: 'Brush off the mould outside', text: 'Take it outside, dry, and brush the mould off.' },
  'treat-sugar': {
    title: 'Warm water on the sugar',
    text: 'Turn the pocket or place out and take the sugar off with lukewarm water and a soft brush.',
  },
  'treat-other': {
    title: 'Treat the marks',
    text: 'Dab each mark from its edge inwards with a little of the cleaner and cool water, wait 10 min, and wipe the loosened dirt off before it dries.',
    look: 'Is the mark gone while it is still wet?',
    pass: 'Gone, or no longer getting paler.',
  },
  'wipe-salt': {
    title: 'Wipe off the salt line',
    text: 'Wipe the salt line with a damp cloth; if it stays, with a little white vinegar in water, then water again.',
  },
  'spot-clean': {
    title: 'Wipe the marks',
    text: 'Wipe the marks with a damp cloth and a drop of mild cleaner, then with clear water, and let it dry.',
    look: 'Look while it is still wet.',
    pass: 'Gone, or faint enough to leave.',
  },
  'suede-brush': {
    title: 'Erase and brush the nap',
    text: 'When it is dry, rub the marks with the eraser, then brush the nap in one direction.',
    look: 'Look against the light.',
    pass: 'The nap stands and the mark is gone or faint.',
  },
  'rubber-sponge': {
    title: 'Scrub the rubber',
    text: 'Scrub the rubber rim with a damp melamine sponge before anything else gets wet.',
  },
  'rubber-paste': {
    title: 'Scrub the rubber with soda paste',
    text: 'Mix baking soda and water one to one, rub it on the rubber rim with a toothbrush, and wipe it off.',
  },
  'rubber-brush': {
    title: 'Brush the rubber',
    text: 'Scrub the rubber rim with a stiff brush and soapy water; keep the bristles off the cloth.',
  },
  'rubber-solvent': {
    title: 'Acetone on the rubber, lightly',
    text: 'After a test on a hidden place, wipe the rubber rim with a little acetone on cotton, lightly, and let it air before anything else.',
  },
  'peroxide-rubber': {
    title: 'Peroxide on the yellowed rubber',
    text: 'On clean rubber only: spread the peroxide cream on the yellowed rim, leave it 30 to 60 min in the light, and wipe it off with water. Repeat another day if needed.',
  },
  'soak-canvas': {
    title: 'Soak the canvas',
    text: (c) =>
      `Soak the shoes ${hours(c.s.soakMin ?? 240)} in ${waterWord(c.s.tempC ?? 20)} water with ${dose(c)}. A delayed start of the machine is a soak timer.`,
  },
  'soak-canvas-hot': {
    title: 'Soak overnight',
    text: (c) => `Soak the white shoes ${hours(c.s.soakMin ?? 600)} in cool water with ${dose(c)} before the hot wash.`,
  },

  'wash-down-machine': {
    title: (c) => `Wash it alone in ${c.washer}`,
    text: (c) =>
      `Wash it alone in ${c.washer}${inside(c)}, ${machine(c)}. The programme rinses ${c.s.rinses ?? 2} times itself. Leave a palm clear above it.`,
  },
  'wash-shell-machine': {
    title: (c) => `Wash it in ${c.washer}`,
    text: (c) =>
      `Wash it in ${c.washer}, ${machine(c)} and ${rinses(c)}. At most two waterproof things in the drum, nothing muddy with them.`,
  },
  'wash-shoe-machine': {
    title: (c) => `Wash them in ${c.washer}`,
    text: (c) =>
      `Wash the bagged shoes in ${c.washer} with two old towels, ${shoeCycle(c)} at ${degrees(c)} (${waterWord(c.s.tempC ?? 20)}), ${spin(c)}, with ${dose(c)}, and ${rinses(c)}.`,
  },
  'wash-shoe-hot': {
    title: (c) => `Hot white wash in ${c.washer}`,
    text: (c) =>
      `Wash the bagged white shoes with white towels in ${c.washer}, ${machine(c)} plus oxygen booster, and ${rinses(c)}. You accept that glue and fit may suffer.`,
  },
  'wash-machine': {
    title: (c) => `Wash it in ${c.washer}`,
    text: (c) => `Wash it in ${c.washer}${inside(c)}, ${machine(c)} and ${rinses(c)}. Cleanest load first, dirtiest last.`,
  },
  'wash-tub': {
    title: 'Wash it in the bath',
    text: (c) =>
      `Fill the bath just deep enough to cover it, about ${c.s.litresPerFill ?? 40} L at ${degrees(c)} (${waterWord(c.s.tempC ?? 20)}), and stir in ${dose(c)}. Push it under${c.has('bag-like') ? ' in its sack and unpack it under water' : ''}, soak 20 min, knead every part, and soak 20 min more.`,
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
      `With ${dose(c)} in ${waterWord(c.s.tempC ?? 20)} water (${degrees(c)}), scrub in small circles: soft brush on the upper, medium on lining and tongue, stiff on the sole only. Wipe the loosened dirt off at once.`,
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
      `Spray ${c.s.cleaner ? `diluted ${SUPPLY_WORDS[c.s.cleaner]}` : 'water'} on lightly, cool, and draw it out with slow passes of the extractor; then the same with clear water.`,
    look: 'What colour is the water that comes out?',
    pass: 'It comes out clear.',
  },
  'rinse-off': {
    title: 'Rinse it with plain water',
    text: (c) =>
      `Rinse it by hand under cool running water${c.has('fitting:zip') ? ', working the zips open and shut' : ''}, until no salt, sugar or dirt comes out.`,
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
      `Drain, press the water out, and refill with ${c.s.litresPerFill ?? 20} L of ${waterWord(c.s.tempC ?? 20)} water (${degrees(c)}), ${c.s.rinses} times or until it stays clear.`,
    look: 'Press it by hand: are there suds?',
    pass: 'No suds, clear water.',
  },
  'vinegar-rinse': {
    title: 'Vinegar in the last rinse',
    text: 'Put a little white vinegar in the softener drawer for the last rinse, never together with bleach.',
  },
  'look-wet': {
    title: 'Look at the marks while wet',
    text: 'Look at every mark while it is still wet, before any heat.',
    look: 'Are the marks gone?',
    pass: 'Gone, or faint enough to leave.',
  },
  'treat-again': {
    title: 'Treat the marks again',
    text: 'Treat what is left once more, one step stronger but still mild, rinse it, and stop when it is good enough.',
  },
  'wash-in-now': {
    title: 'Wash the proofer in',
    text: (c) =>
      `Leave it wet in ${c.washer}, add ${c.s.prooferMl} mL of wash-in proofer, and run a second programme at ${degrees(c)}, ${spin(c)}.`,
  },
  'press-out': {
    title: 'Press the water out',
    text: 'Let it drain, then press it against the wall of the tub, place by place. Never wring it.',
  },
  squeeze: { title: 'Squeeze it, do not wring', text: 'Squeeze the water out, roll it in a towel and press.' },
  'lift-wet': {
    title: 'Lift it from below',
    text: 'Lift it out from below with both arms, never by the collar or one end, and carry it straight to the dryer.',
  },
  'spray-now': {
    title: 'Spray the finish on',
    text: (c) =>
      `Hang it up damp, outside or over a covered floor, and spray about ${c.s.prooferMl} mL of spray proofer over the face, more on shoulders, hood, back and where straps rub. After a few minutes wipe off the drips.`,
  },

  'tumble-down': {
    title: (c) => `Tumble in rounds on ${c.s.heat === 'air' ? 'no heat' : c.s.heat}`,
    text: (c) =>
      `Tumble it ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : c.s.heat}${balls(c)}: ${c.s.rounds} rounds of ${c.s.checkEveryMin} min, the last one after it seems dry. At each look shake it, feel for damp cores, and pull clumps apart with your fingers.`,
    look: 'Breathe through the fabric and feel the thickest place: damp, chill or clumps?',
    pass: 'No clump, no chill, and the last round changed nothing.',
  },
  'hang-after': {
    title: 'Hang it an hour and a half',
    text: 'Hang it loosely indoors for an hour and a half, so that the last damp leaves the core.',
  },
  'line-dry': {
    title: 'Hang it on the line',
    text: (c) => `Hang it on a line in moving air, out of the sun, ${hours(c.unattendedMin)}.`,
    ...dryLook,
  },
  'line-insulated': {
    title: 'Hang it, inside out first',
    text: (c) =>
      `Hang it inside out beside, not on, a radiator or in moving air, ${hours(c.unattendedMin)}; shake it and turn it now and then.`,
    ...dryLook,
  },
  'dry-flat': {
    title: 'Dry it flat',
    text: (c) => `Press it in a towel, shape it, and dry it flat, ${hours(c.unattendedMin)}.`,
    ...dryLook,
  },
  'dry-indoors': {
    title: 'Dry it indoors',
    text: (c) => `Hang it indoors, away from dust and lint, ${hours(c.unattendedMin)}. No dryer sheets, no radiator.`,
    ...dryLook,
  },
  'dry-fan': {
    title: 'Hang it by a fan',
    text: (c) =>
      `Hang it over a tub, by a fan if you have one, ${hours(c.unattendedMin)}; squeeze sleeves and hem now and then, and ease creases out of the print while it is wet. Never a dryer.`,
    ...dryLook,
  },
  'dry-drip': {
    title: 'Let it drip dry',
    text: (c) => `Let it drip over the bath, then hang it wide and open in moving air, ${hours(c.unattendedMin)}.`,
    ...dryLook,
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
    ...dryLook,
  },
  'tumble-low': {
    title: 'Tumble on low',
    text: (c) =>
      `Tumble it ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : 'low'} for ${c.unattendedMin} min, without dryer sheets.`,
    ...dryLook,
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
    ...dryLook,
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
  fluff: {
    title: 'Fluff it without heat',
    text: (c) => `Tumble it ${where(c)} without heat${balls(c)} for 30 min, then shake it. No water.`,
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
  'shape-shoes': {
    title: 'Shape, lace and put back',
    text: 'When they are bone dry, put insoles, laces and studs back, and shape them with your hands.',
  },
  'heat-tumble': {
    title: (c) => `Tumble it warm, ${c.unattendedMin} min`,
    text: (c) =>
      `Tumble it dry and clean ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : c.s.heat} for 20 min, and look after 10.`,
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
    text: 'Let a few drops of water fall on shoulders, hood, back and sleeves, and wait a minute.',
    look: 'Do the drops pearl and roll?',
    pass: 'They pearl and roll off: grade 4 or 5.',
  },
  'spray-if-failed': {
    title: 'Spray the finish on',
    text: (c) =>
      `Damp the clean face, hang it up outside or over a covered floor, and spray about ${c.s.prooferMl} mL of spray proofer over it, more on shoulders, hood, back and where straps rub. After a few minutes wipe off the drips.`,
  },
  'wash-in-if-failed': {
    title: 'Wash the proofer in',
    text: (c) =>
      `Put it clean into ${c.washer}, add ${c.s.prooferMl} mL of wash-in proofer, and run the programme at ${degrees(c)}, ${spin(c)}. Dry it on the line afterwards.`,
  },
  'reheat-tumble': {
    title: 'Tumble it warm again',
    text: (c) =>
      `When it is dry, tumble it ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : c.s.heat} for 20 min, so that the new finish binds.`,
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
    text: 'Let a few drops fall on the same places and wait a minute.',
    look: 'Do the drops pearl and roll?',
    pass: 'They pearl and roll off: grade 4 or 5.',
  },
  'weigh-loft': {
    title: 'Weigh it and measure the loft',
    text: (c) =>
      `Weigh it: back within ${Math.max(5, Math.round(c.massG * 0.015))} g of its dry weight (${c.massG} g). Then lay it down, wait 10 min, and measure the loft beside the ruler.`,
    look: 'Weight back, no clump, no chill?',
    pass: 'All three: it is dry.',
  },
  'dry-again': {
    title: 'One more round',
    text: (c) =>
      `Give it one more round of ${c.s.checkEveryMin} min ${where(c)} on ${c.s.heat === 'air' ? 'no heat' : c.s.heat}${balls(c)}, and weigh it again.`,
  },
  'measure-loft': {
    title: 'Measure the loft',
    text: 'Lay it down, wait 10 min, and measure the loft beside the ruler against its own record.',
  },
  'look-done': { title: 'Look it over', text: 'Look it over in daylight: marks, seams, edges, and how it feels.' },
  downgrade: {
    title: 'Move it to dirtier jobs',
    text: 'Mark the cloth for the next dirtier class of jobs; from the last one it goes in the bin.',
  },
  'store-loose': {
    title: 'Store it loose',
    text: 'Bone dry, keep it loose in a big cotton or mesh bag, or hang it in a fabric cover. Never compressed, never in plastic.',
  },
  'store-hung': { title: 'Hang it away dry', text: 'Hang it up clean and bone dry, out of the sun.' },
  'store-shoes': { title: 'Store them in the dark', text: 'Keep them stuffed, in a dust bag or box, in the dark.' },
  'store-cloths': { title: 'Store it by class', text: 'Fold it into its class in a closed clean cupboard.' },
  'store-sealed': { title: 'Store it sealed', text: 'Put it, bone dry, into its sealed scent-free box.' },
  'store-flask': {
    title: 'Dry it, then freeze it',
    text: 'Let it dry open, then keep it in the freezer; let it thaw some minutes before use.',
  },
  'store-tent': { title: 'Store it loose and dry', text: 'Keep it loosely folded in a big dry bag, not in its tight sack.' },
  'store-folded': { title: 'Fold it away', text: 'Fold it, clean and dry, and keep moths out.' },
  'store-other': { title: 'Put it away dry', text: 'Put it away clean and bone dry.' },
};

/** Resolves a sentence for a step. */
export const say = (words: Say | undefined, context: StepContext): string =>
  typeof words === 'function' ? words(context) : (words ?? '');
