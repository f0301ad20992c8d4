import { DIMENSIONS } from '../envelope';
import type { Washer } from '../gear';
import { MACHINE_FIGURES, type Dimension } from '../knowledge';
import type { BoundDoc, Programme, ProgrammeStep } from '../document';
import { PURGE_WORDS } from '../words/upkeep';

const TAKES_MIN = MACHINE_FIGURES.purgeMin.value;

/** A guided purge of one machine, as a programme that Run can carry out. Its `itemId` is the machine's. */
export function purgeProgramme(washer: Washer): Programme {
  const step = (
    id: string,
    words: { readonly title: string; readonly text: string },
    verb: string,
    rest: Partial<ProgrammeStep> = {},
  ): ProgrammeStep => ({
    id,
    key: `purge-${id}`,
    title: words.title,
    phase: 'prepare-machine',
    do: verb,
    text: words.text,
    when: 'always',
    settings: { washerId: washer.id },
    attendedMin: TAKES_MIN.hands,
    unattendedMin: 0,
    mayWait: true,
    why: [],
    cautions: [],
    ...rest,
  });
  const steps = [
    ...((washer.unrinsed ?? []).length > 0
      ? [step('rinse', PURGE_WORDS.rinse, 'rinse-vessel', { unattendedMin: TAKES_MIN.rinse })]
      : []),
    step('drawer', PURGE_WORDS.drawer, 'wipe-drawer', { attendedMin: TAKES_MIN.drawer }),
    step('hot', PURGE_WORDS.hot, 'purge-machine', { unattendedMin: TAKES_MIN.hot }),
    step('look', PURGE_WORDS.look, 'look', {
      check: { look: PURGE_WORDS.look.look, pass: PURGE_WORDS.look.pass, else: 'hot' },
    }),
    step('ajar', PURGE_WORDS.ajar, 'keep-dry', { attendedMin: TAKES_MIN.ajar }),
  ];
  const free = Object.fromEntries(DIMENSIONS.map((d) => [d, { value: null, boundBy: {} }])) as unknown as Record<
    Dimension,
    BoundDoc
  >;
  return {
    format: 'umbrastic/programme',
    version: 1,
    itemId: washer.id,
    verdict: 'Purge it.',
    because: [],
    decidedBy: [],
    wouldChange: [],
    aims: [],
    method: 'none',
    envelope: { ...free, waived: [] },
    steps,
    alternatives: [],
    blocked: [],
    cautions: [],
    assumptions: [],
    shopping: [],
    confidence: 'high',
  };
}
