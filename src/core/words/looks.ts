import type { CauseId, WayId } from '../knowledge';
import type { LookId } from '../knowledge/looks';

/** What is said when a look has failed too often: what came of it, in a sentence. */
export const FAILED_WORDS: Record<LookId, string> = {
  leak: 'Water comes through to the inside.',
  fit: 'It is too large for this dryer.',
  treated: 'The mark does not come out this way.',
  flask: 'The black spots or the smell stay.',
  rubber: 'The rubber does not come clean this way.',
  nap: 'The mark stays in the nap.',
  marks: 'The marks are still there after treating them again.',
  suds: 'It still foams after twice the rinses that were counted.',
  'drawn-out': 'The water still comes out dirty.',
  dry: 'It is not dry after more rounds than were planned.',
  weighed: 'It is not yet dry by the scale and by hand.',
  drops: 'Drops still soak in.',
  loft: 'The loft does not come back this way.',
  smell: 'It still smells.',
  whole: 'It is not right yet.',
  machine: 'The machine is still not clean.',
};

/** Why it may be so. */
export const CAUSE_WORDS: Record<CauseId, string> = {
  'mark-set': 'The mark has set, by heat or by time; what has set seldom comes out whole.',
  'mark-deep': 'It sits below the surface, where the cloth does not reach.',
  'mark-dye': 'It is dye and not dirt: what the fibre has taken up stays.',
  'wrong-agent': 'It is another kind of mark than it was taken for.',
  'too-much-cleaner': 'More cleaner went in than was needed; soft water makes it worse.',
  'old-residue': 'Softener or cleaner from earlier loads comes out only now.',
  'thick-fill': 'Thick filling holds soapy water that the drum does not press out.',
  'deep-soil': 'The dirt sits deeper than spray and suction reach.',
  'room-humid': 'The air it dries in is too damp, too cold or too still, or a lint filter is full.',
  overfull: 'It has too little room to turn or to hang open.',
  'thick-core': 'The core is thick: outside it is dry long before inside.',
  'weight-unsure': 'Its dry weight was taken on a drier day or on another scale.',
  'residue-in-face': 'Cleaner or softener is left in the face: it draws water.',
  'not-warm': 'The finish was not warm enough for long enough.',
  'thin-coat': 'The new coat is thin or missed a place.',
  'worn-face': 'The face is rubbed through there: no coat holds on it.',
  oils: 'Body oil holds it: only a wash takes that out.',
  'damp-core': 'A damp core holds it.',
  'lost-fill': 'Filling has left it through seams, or is broken.',
};

/** Each way out: what the button says, and what it means. */
export const WAY_WORDS: Record<WayId, { readonly name: string; readonly text: string }> = {
  'once-more': { name: 'Once more', text: 'The same again, and then the same look.' },
  longer: { name: 'Longer', text: 'Another round, and then the same look.' },
  'rung-up': {
    name: 'Another agent, one rung up',
    text: 'The next stronger one that this material stands, tried on a hidden place first; then rinse, then look again.',
  },
  'soak-plain': {
    name: 'Soak it in plain water',
    text: 'Leave it half an hour in plain cool water, press it out, and rinse once more.',
  },
  airier: {
    name: 'A warmer, airier place',
    text: 'Let it hang or stand wide open where air moves, in another room or by a fan, for another round.',
  },
  'bigger-dryer': {
    name: 'A bigger dryer, at a launderette',
    text: 'The same heat with more room, and the same look. Carry wet filling supported from below.',
  },
  launderette: {
    name: 'Dry it in a large dryer elsewhere',
    text: 'A large commercial dryer, at a launderette. Wash it only when you know which.',
  },
  'this-zone': { name: 'Only where it fails', text: 'Another coat on those places alone, then warmth, then drops again.' },
  'wash-again': { name: 'Wash it again', text: 'From the wash on, everything once more.' },
  'to-the-wash': {
    name: 'Leave it to the wash',
    text: 'The wash works on it too; you look again while it is wet, before any heat.',
  },
  'wash-next': {
    name: 'Leave it, and wash it next',
    text: 'This ends as it is; look it over again, and it will be planned as a wash.',
  },
  specialist: {
    name: 'Leave it for a specialist or the maker',
    text: 'It goes on as it is; the record says that it waits for one.',
  },
  'leave-marks': { name: 'Leave the mark', text: 'It is recorded as still there, and as set.' },
  'leave-suds': {
    name: 'Leave it so',
    text: 'It is recorded as not rinsed out: residue clumps down and draws water through a finish.',
  },
  'leave-damp': {
    name: 'Leave it damp',
    text: 'It is recorded as damp. Damp filling clumps, and anything damp may smell and grow mould: hang it open, never packed.',
  },
  'leave-drops': { name: 'Leave it so', text: 'The grades are recorded as they are: it will wet out there.' },
  'leave-flat': { name: 'Leave it flat', text: 'It is recorded as it is.' },
  'leave-smell': { name: 'Leave the smell', text: 'It is recorded as it is.' },
  'leave-seen': { name: 'Leave it as it is', text: 'It is recorded as you see it.' },
  'leave-tight': {
    name: 'Go on with this one',
    text: 'It turns badly there: more rounds, more looks, clumps to be pulled apart by hand.',
  },
  'leave-leak': { name: 'Go on all the same', text: 'It is cleaned as planned; the leak stays, and stands in its record.' },
  'leave-flask': {
    name: 'Replace it',
    text: 'Mould that stays in the plastic comes out with the water one drinks. It is recorded as it is; retire it on its page when the new one is there.',
  },
  'leave-machine': { name: 'Leave it so', text: 'Nothing is recorded as clean; loads that mind are warned.' },
};

/** What it means for a thing that it sat after its timer had ended. */
export const SAT_WORDS = {
  wetFill: 'Wet filling clumps and smells: feel it for clumps and smell it now.',
  wet: 'Wet things crease and may begin to smell, and colours may run into each other: look at both.',
  soaked: 'It soaked longer than was meant: look whether colour has run or an edge has lifted.',
  warm: 'It lay in the cooling drum: creases may have set; the finish is none the worse.',
  treated: 'What you put on may have dried in: wet the place again before you go on.',
  dry: 'No harm: it went on drying.',
  idle: 'No harm done.',
} as const;
