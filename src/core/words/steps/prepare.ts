import type { StepWords } from './say';
import { ENERGY_FIGURES } from '../../knowledge';
import { restText } from '../text';
import { dose } from './say';

/** Getting ready. */
export const PREPARE_WORDS = {
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
    text: 'Its label or its membrane allows no tumbling, and wet down does not come right without tumbling. Ask the maker, or a professional who washes down.',
  },
  'refer-specialist': {
    title: 'Take it to a specialist',
    text: 'One of its materials bears no bath, and the rest needs one. Take it to a professional who knows such a construction, or ask the maker.',
  },
  'refer-furrier': {
    title: 'Take it to a furrier',
    text: 'The fur stays on, so water is out. Brush it, and take it to a furrier.',
  },
  'mend-hole': {
    title: 'Mend the hole or seam',
    text: (c) =>
      `Close the hole or seam first: clean the place, put a patch on both sides if you can reach, press it, and let it set ${restText(c.unattendedMin)} before water or stuffing.`,
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
    title: (c) => (c.has('family:flask') ? 'Replace it' : 'Send it to an authorised repairer'),
    text: (c) =>
      c.has('family:flask')
        ? 'A flask or bladder that leaks is not mended: replace it, and keep its valve and tube as spares if they are sound.'
        : 'Water coming through, or layers parting, is a repairer’s work. Ask the maker for the authorised repair route, and whether to wash it before you send it.',
  },
  'check-dryer-fit': {
    title: 'Try it dry in the dryer',
    text: (c) =>
      `Before anything gets wet, put it dry into the drum ${c.s.dryerId ? `of ${c.dryer}` : 'you mean to use'}, without pressing it down.`,
    look: 'Is there a hand’s width, 5 cm at least, clear above it?',
    pass: 'It lies loose, with 5 cm clear above it.',
  },
  'rinse-vessel': {
    title: (c) => `Rinse out ${c.vessel} first`,
    text: (c) =>
      `Something was used in ${c.vessel} and is not rinsed out: ${c.standing}. Rinse it with plenty of plain water, and wear gloves.`,
  },
  'purge-machine': {
    title: 'Purge the washing machine',
    text: (c) =>
      `Wipe the drawer of ${c.washer}, then run it empty at ${ENERGY_FIGURES.hotEmptyC.value} °C or hotter, without cleaner: its last loads left something behind.`,
  },
  'purge-scent': {
    title: 'Purge the washer of scent',
    text: (c) =>
      `Wash a load of old towels with ${dose(c)} in ${c.washer}, and wipe its drawer and door seal, so that no perfume is left.`,
  },
  'purge-dryer-scent': {
    title: 'Purge the dryer of scent',
    text: (c) =>
      `Tumble the same towels dry in ${c.dryer}, then wipe its drum and filter with a damp cloth: no sheets, or unscented ones.`,
  },
  'wipe-dryer': {
    title: 'Wipe out the dryer',
    text: (c) =>
      `Wipe the drum and the filter of ${c.dryer} with a damp cloth, and let it run warm for a quarter of an hour with an old damp towel: its last loads left something behind.`,
  },
  'check-leak': {
    title: 'Is it a leak?',
    text: 'Water came through to the back. Feel the inside where it did, seams first: a face that soaks up water is cold and wet outside only.',
    look: 'Is the inside dry?',
    pass: 'Dry inside: only the face is wet.',
  },
  'leak-route': {
    title: 'Have the leak repaired',
    text: 'Water comes through: find the seam or place, mark it, and take it to an authorised repairer, or close it as the maker says. A new finish does not stop it.',
  },
  'dye-cloth': {
    title: 'An old white cloth with it',
    text: 'Put an old white cloth in with it, and nothing else but its like in colour: the cloth takes up loose dye and shows how much there was.',
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
      `${c.has('fitting:zip') ? 'Close the zips. ' : ''}${c.has('fitting:hook-and-loop') ? 'Mate the hook-and-loop loosely, so that nothing is bunched. ' : ''}${c.has('fitting:drawcord') ? 'Loosen the cords. ' : ''}`.trim(),
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
  'laces-out': {
    title: 'Take the laces out',
    text: (c) =>
      c.has('method:machine')
        ? 'Take the laces out; they are washed in the bag with the shoes.'
        : 'Take the laces out, and draw them through a cloth with the lather of 2 mL of mild soap, then through a clean damp one; they dry lying flat.',
  },
  'laces-by-hand': {
    title: 'Wash the laces by hand',
    text: 'Take the laces out, rub them clean between your fingers in a cup of cool water with 2 mL of mild soap, rinse them, and dry them lying flat.',
  },
  'insole-wipe': {
    title: 'Take the insoles out',
    text: 'Take the insoles out, brush them, wipe them with a damp cloth, and let them dry lying flat.',
  },
  'insole-soak': {
    title: 'Soak the insoles',
    text: (c) =>
      `Take the insoles out, soak them ${restText(c.unattendedMin)} in lukewarm water with a drop of cleaner, press them, and dry them flat.`,
  },
  'knock-off-mud': {
    title: 'Knock the mud off',
    text: (c) => `Let the mud dry, knock it off, and brush the rest away${c.has('shoe-like') ? ', soles first' : ''}.`,
  },
  'knock-off-after-use': {
    title: 'Knock the dirt off',
    text: 'Outside, knock the soles against each other and brush what is dry out of seams and tread.',
  },
  thaw: {
    title: 'Let it thaw',
    text: 'Take it out of the freezer and let it thaw some minutes; do not bend or press it while it is stiff.',
  },
  'brush-shoe': {
    title: 'Brush them dry',
    text: 'Brush upper, seams and sole dry: a soft brush on the upper, a stiff one on the sole only.',
  },
  'sweep-shelter': { title: 'Sweep it out', text: 'Sweep it out, shake it, and sponge off what sticks.' },
  'tie-baffles': {
    title: 'Tie off the openings',
    text: 'Tie off the openings between the baffles as the maker asks, and leave the ties on through bath and dryer.',
  },
  'cover-eyes': { title: 'Cover the eyes', text: 'Cover the eyes with a soft cloth and tape that lets go cleanly.' },
  'inside-out': { title: 'Turn it inside out', text: 'Turn it inside out.' },
  'bag-shoes': {
    title: 'Put them in a bag',
    text: (c) =>
      `Put the shoes in a mesh bag or a knotted pillowcase${c.has('school:SHOE-CYCLE=permanent-press') || c.has('hide-upper') ? ', with a plastic tree inside to keep their shape' : ''}.`,
  },
  'bag-small': { title: 'Put it in a bag', text: 'Put it in a mesh bag.' },
  'mask-edge': {
    title: 'Tape the leather off',
    text: 'Press low-tack tape along the edge of the leather where it meets the rubber, and cover the leather above it. Try a corner of the tape on a hidden place first: if colour comes off with it, leave this work out.',
  },
  'keep-crest-dry': {
    title: 'Keep the leather out of the water',
    text: 'Keep the leather or suede piece out of the bath: hold it over the edge, or wrap it, and wipe it with a damp cloth only.',
  },
} satisfies Record<string, StepWords>;
