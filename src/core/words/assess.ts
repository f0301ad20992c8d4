import { DRYING_FIGURES, type AssessId, type AssumptionId } from '../knowledge';

/** With gaps in braces, that `assess-gaps` fills. */
interface AssessWords {
  /** Why the rule spoke. */
  readonly because: string;
  /** What would have silenced it, or null when nothing seen would. */
  readonly reverse: string | null;
  /** What would make it speak. */
  readonly otherwise: string;
}

export const ASSESS_WORDS: Record<AssessId, AssessWords> = {
  'life-safety-refer': {
    because: 'it is life-safety kit',
    reverse: 'Nothing you can see changes this: only the maker’s instructions do.',
    otherwise: '',
  },
  'hole-first': {
    because: 'there is a hole or an open seam',
    reverse: 'Once it is mended I would look at the rest.',
    otherwise: 'A hole would be mended first.',
  },
  'leak-route': {
    because: 'it leaks or the layers part',
    reverse: 'If only the face is wet and cold and no water comes through, heat and a test would come first.',
    otherwise: 'A leak would go to a repairer.',
  },
  'feather-back': {
    because: 'a feather is poking through',
    reverse: 'A hole beside the feather would need a patch.',
    otherwise: 'A feather would only be worked back in.',
  },
  'mend-part': {
    because: 'a part is damaged',
    reverse: 'Once it is mended I would look at the rest.',
    otherwise: 'Damage would be mended first.',
  },
  'soil-wash': {
    because: '{soiled}',
    reverse: '{cleaner}',
    otherwise: 'If it were {dirty} I would wash it.',
  },
  'odour-wash': {
    because: 'it has a {odour}',
    reverse: '{fresher}',
    otherwise: 'If it smelled {smelling} I would wash it.',
  },
  'set-stain-wash': {
    because: 'a stain has set',
    reverse: 'A fresh mark I would only wipe.',
    otherwise: 'If the mark had set I would wash it.',
  },
  'mould-wash': {
    because: 'there is mould on it',
    reverse: 'Without the mould I would go by soil and smell.',
    otherwise: 'Mould would mean a wash.',
  },
  'blood-bag-wash': {
    because: 'there was food and blood in it',
    reverse: 'Without blood I would go by soil and smell.',
    otherwise: 'With blood in it, it is always washed.',
  },
  'cloth-used': {
    because: 'the cloth has been used',
    reverse: 'Unused and clean, it would stay in the cupboard.',
    otherwise: 'Used once, it is washed.',
  },
  'jersey-sweated': {
    because: 'it has been sweated in',
    reverse: 'Unworn and clean, I would leave it.',
    otherwise: 'Sweated in once, it is washed.',
  },
  'loft-wash': {
    because: 'the loft is {low}',
    reverse: '{loftier}',
    otherwise: 'Below {wash} of its new loft I would wash it.',
  },
  'clumped-wash': {
    because: 'the fill is clumped',
    reverse: 'Without clumps I would go by the loft alone.',
    otherwise: 'Clumps in the fill would mean a wash.',
  },
  'discoloured-wash': {
    because: 'the fill shows yellow or green',
    reverse: 'Without the tinge I would go by loft and soil.',
    otherwise: 'A yellow or green tinge would mean a wash.',
  },
  'soil-spot': {
    because: '{marks}',
    reverse: 'Quite clean, I would leave it alone; {dirty}, I would wash it.',
    otherwise: '{wiped}',
  },
  'mark-spot': {
    because: 'the mark is fresh',
    reverse: 'If the mark had set I would wash it.',
    otherwise: 'A fresh mark I would wipe off.',
  },
  'yellow-spot': {
    because: 'it has yellowed in places',
    reverse: 'Without the yellowing I would leave it.',
    otherwise: 'Yellowing I would treat on the spot.',
  },
  'rinse-after-use': {
    because: 'it has been used',
    reverse: 'If it were {dirty} I would wash it.',
    otherwise: 'After use it is rinsed with water.',
  },
  'use-rinse': {
    because: 'it was used since it was last looked at',
    reverse: 'Unused, it would stay where it is.',
    otherwise: 'After each use it is rinsed with water.',
  },
  'new-field': {
    because: 'it is new and no wash of it is recorded',
    reverse: 'Once it has been washed without scent, I would go by soil and smell.',
    otherwise: 'New, it is washed without scent before its first outing.',
  },
  'use-cloth': {
    because: 'it was used since it was last washed',
    reverse: 'Unused, it would stay in the cupboard.',
    otherwise: 'Used once, it is washed.',
  },
  'use-hard': {
    because: 'it had a hard use since it was last looked at',
    reverse: 'Look it over: if it is clean, I would only air it.',
    otherwise: 'After a hard use it is washed.',
  },
  'use-air': {
    because: 'it was slept in since it was last aired',
    reverse: 'Look it over: if it is dry and fresh, I would put it away.',
    otherwise: 'After nights out it is aired.',
  },
  'use-wet': {
    because: 'it was out in the wet since it was last looked at',
    reverse: 'Look it over: if it is dry, I would leave it alone.',
    otherwise: 'After a wet day it is dried before storing.',
  },
  'use-boots': {
    because: 'they were worn since they were last looked at',
    reverse: 'Look them over: if they are dry and clean, I would put them away.',
    otherwise: 'After each use they are knocked off, opened and aired.',
  },
  'odour-air': {
    because: 'it has a {smell}',
    reverse: 'If it smelled {smelling} I would wash it.',
    otherwise: '{aired}',
  },
  'damp-air': {
    because: 'it is damp and otherwise clean',
    reverse: 'If it were {dirty} I would wash it.',
    otherwise: 'Damp, it would be dried before storing.',
  },
  'loft-fluff': {
    because: 'the loft is {flat}',
    reverse: 'Above {fluff} of new I would leave it alone; below {wash} I would wash it.',
    otherwise: '{between}',
  },
  'storage-fluff': {
    because: 'it is only flat from being packed',
    reverse: 'If the loft stayed low after fluffing I would wash it.',
    otherwise: 'Flat from storage, I would fluff it.',
  },
  'drops-tired': {
    because: '{drops}',
    reverse: 'If drops {rolled} the {first} I would leave the finish alone.',
    otherwise: '{tired}',
  },
  'drops-sheltered': {
    because: 'drops {leave} only where it is sheltered',
    reverse: 'On the {exposed} the same grade would mean heat.',
    otherwise: '',
  },
  'drops-poor': {
    because: '{drops}',
    reverse: 'If drops {beaded} I would leave the finish alone.',
    otherwise: 'If {poor} I would warm the finish and test, and renew only if the test failed.',
  },
  'drops-gone-filthy': {
    because: '{drops}',
    reverse: 'Less dirty, or if some drops still beaded, I would wash and warm it before renewing anything.',
    otherwise: 'Very dirty, and with no drop beading, I would renew the finish at once.',
  },
  'washed-then-heat': { because: 'a washed finish is always warmed', reverse: null, otherwise: '' },
  'washed-then-test': { because: 'a washed finish is always tested', reverse: null, otherwise: '' },
  'drops-poor-cold': {
    because: '{drops}, and glue or coating bears no heat',
    reverse: 'If drops {beaded} I would leave the finish alone.',
    otherwise: 'If {poor} I would spray a new finish on.',
  },
  'drops-fine': { because: '{fine}', reverse: 'If drops {spotted} I would warm the finish.', otherwise: '' },
  'cloth-downgrade': {
    because: 'the cloth stays stained after a wash',
    reverse: 'If the mark came out it would keep its class.',
    otherwise: 'A mark that survives the wash would move it to dirtier jobs.',
  },
};

export const ASSUMPTION_WORDS: Record<AssumptionId, string> = {
  'label-missing': 'No care label is recorded, so I chose the gentler of the options.',
  'soil-unseen': 'Nobody said how dirty it is; I took it as clean.',
  'odour-unseen': 'Nobody said whether it smells.',
  'drops-unseen': 'The finish was not tested with drops.',
  'loft-unseen': 'The loft was not measured.',
  'finish-assumed': 'I took it that the face has a repellent finish.',
  'mass-assumed': 'It was never weighed; times and rinses rest on a typical weight.',
  'bulk-assumed': 'Its size is not recorded; I took the usual one for its kind.',
  'room-assumed': `The room is not recorded; drying times are for ${DRYING_FIGURES.roomC.value} °C and ${DRYING_FIGURES.roomRh.value} % humidity.`,
  'hardness-assumed': 'Water hardness is not recorded; the dose is for moderately hard water.',
  'washers-unknown': 'I do not know your machines; tell me under Cupboard and the plan will fit them.',
  'washer-past-unknown':
    'Nobody wrote down what the machine washed last. If it was softener, powder or perfume, run it empty and hot first, and write it down under Cupboard.',
  'bath-borrowed': 'A clean sink, basin or bath is to hand, though none is on your list.',
  'insole-fixed': 'Nobody said whether the insole comes out; I took it as fixed.',
  'treated-down': 'The down is treated: check that your down cleaner says it suits it.',
  'drum-unknown': 'The drum’s size is not recorded: put it in dry first, and leave a palm clear above it.',
  'print-assumed': 'What the print is made of is not recorded; I took it for a heat-pressed one, the most delicate.',
  'dryer-runs-hot': 'Your dryer’s setting measured hotter than this may have, so a cooler one is used.',
  'iron-runs-hot': 'Your iron measured hotter at one dot than 110 °C, so the finish is warmed another way.',
  'maker-and-label-differ': 'The maker allows what the label forbids; I kept to the stricter word. Ask the maker which is meant.',
  'spray-not-standard': 'The drop grades are yours, judged by eye; a laboratory would use the standard’s apparatus.',
};
