import type { Cloth, SpotTestEntry, Stain, TreatmentEntry } from '../gear';
import { WARNED_SURFACES, type PanelId, type RungId } from '../knowledge';
import type { Guard, MarkAt, Panel, RungAt, Surfaces } from '../surfaces';
import { CAUTION_WORDS } from '../words/cautions';
import { MATERIAL_WORDS, rungText, SOIL_WORDS, STAIN_NEVER, STOP_WORDS } from '../words';
import {
  CLOTH_WORDS,
  DID_WORDS,
  END_WORDS,
  PANEL_WORDS,
  RUNG_NAMES,
  STROKE_WORDS,
  TOOL_WORDS,
  TRIED_WORDS,
} from '../words/marks';
import { capital, counted, listed, restText } from '../words/text';

/** "rubber rim", "leather upper", "cotton laces". */
export const panelText = ({ component, id }: Pick<Panel, 'component' | 'id'>): string => {
  const material = MATERIAL_WORDS[component.material];
  return material.endsWith(PANEL_WORDS[id]) ? material : `${material} ${PANEL_WORDS[id]}`;
};
/** Panels whose material says more than their name. */
const BY_MATERIAL: readonly PanelId[] = ['upper', 'overlay'];
/** The same on the drawing, where there is little room. */
export const panelWord = (panel: Pick<Panel, 'component' | 'id'>): string =>
  BY_MATERIAL.includes(panel.id) ? MATERIAL_WORDS[panel.component.material] : PANEL_WORDS[panel.id];
/** "rubber rim, yellowed": where it lies, and what it is. */
export const markName = ({ stain, panel }: Pick<MarkAt, 'stain' | 'panel'>): string =>
  `${panel ? panelText(panel) : (stain.place ?? 'somewhere')}, ${SOIL_WORDS[stain.soil]}`;

/** A rung by its name; one of another version by its id. */
export const rungName = (rung: string): string => (rung in RUNG_NAMES ? RUNG_NAMES[rung as RungId] : rung);
/** What a rung did each time: "paler, no change". */
export const triesText = (tries: readonly TreatmentEntry[]): string => tries.map((t) => DID_WORDS[t.result].said).join(', ');
/** What a line of the record says of a rung, or of a hidden place. */
export const treatedText = (e: TreatmentEntry): string =>
  `${capital(rungName(e.rung))} on ${SOIL_WORDS[e.soil]}${e.place ? ` (${e.place})` : ''}: ${DID_WORDS[e.result].said}`;
/** "Acetone on a hidden place: the cloth stayed clean". */
export const testText = (e: SpotTestEntry): string =>
  `${capital(TRIED_WORDS[e.agent])} on a hidden place${e.place ? ` (${e.place})` : ''}: ${CLOTH_WORDS[e.cloth].said}`;
/** What a cloth showed after a test. */
export const clothText = (cloth: Cloth): string => CLOTH_WORDS[cloth].said;

const ENDS: Record<MarkAt['end'], string> = {
  open: '',
  gone: 'It is gone.',
  stopped: 'Stop here: the surface or its dye bears no more.',
  spent: 'All that it bears was tried. A faint mark that changes no function may stay.',
};
/** Where the work on a mark stands, when there is no next rung. */
export const endText = (end: MarkAt['end']): string => ENDS[end];

/** The answer of the page: what comes next on a pair. */
export function surfacesText({ marks, gone, seen }: Surfaces): { readonly verdict: string; readonly more: string } {
  const off =
    gone.length > 0
      ? `${counted(gone.length)} ${gone.length === 1 ? 'mark' : 'marks'} ${gone.length === 1 ? 'is' : 'are'} off. `
      : '';
  if (!seen) return { verdict: 'Press a panel to say what lies on it.', more: 'Nobody has looked it over yet.' };
  if (marks.length === 0)
    return {
      verdict: gone.length > 0 ? 'Every mark is off.' : 'No marks are written down.',
      more: `${off}Press a panel to see what it bears, or to add a mark.`,
    };
  const open = marks.filter((m) => m.next);
  const [first] = open;
  const rest = marks.length - open.length;
  const stays =
    rest > 0
      ? `${counted(rest)} ${rest === 1 ? 'mark' : 'marks'} ${rest === 1 ? 'stays' : 'stay'} as ${rest === 1 ? 'it is' : 'they are'}. `
      : '';
  if (!first?.next) return { verdict: 'Stop here: no rung is left.', more: `${off}${stays}`.trim() };
  const again = first.next.tries.length > 0 ? ' once more' : '';
  const where = first.panel ? panelText(first.panel) : (first.stain.place ?? 'mark');
  return {
    verdict: first.next.testFirst
      ? `First try ${TRIED_WORDS[first.next.testFirst]} on a hidden place.`
      : `Next: ${rungName(first.next.rung)}${again}, on the ${where}.`,
    more: `${off}${stays}${counted(open.length)} ${open.length === 1 ? 'mark' : 'marks'} ${open.length === 1 ? 'has' : 'have'} a rung ahead.`,
  };
}

const guardText = (guards: readonly Guard[]): string[] => {
  const names = (tape: boolean): string =>
    listed([...new Set(guards.filter((g) => g.tape === tape).map((g) => MATERIAL_WORDS[g.component.material]))]);
  const [taped, dry] = [names(true), names(false)];
  return [
    ...(taped ? [`Tape over the ${taped} beside it, and try the tape on a hidden corner first.`] : []),
    ...(dry ? [`Keep the ${dry} beside it dry.`] : []),
  ];
};
/** Everything a hand needs at one rung, in the order in which it is done. */
export interface RungSaid {
  readonly name: string;
  readonly lines: readonly string[];
  readonly rows: readonly { readonly name: string; readonly text: string }[];
  readonly cautions: readonly string[];
}
/** A rung of a mark in words: what is done, how long, what to watch for, and what never. */
export function rungSaid(mark: MarkAt, rung: RungAt): RungSaid {
  const never = WARNED_SURFACES.has(rung.on) ? STAIN_NEVER[mark.stain.soil as keyof typeof STAIN_NEVER] : undefined;
  return {
    name: capital(rungName(rung.rung)),
    lines: [
      ...guardText(rung.guards),
      ...(rung.end ? [END_WORDS[rung.end]] : []),
      STOP_WORDS[rung.on],
      ...(never ? [never] : []),
    ],
    rows: [
      { name: 'With', text: capital(rungText(rung.rung, rung.on)) },
      ...(rung.tool ? [{ name: 'Tool', text: capital(TOOL_WORDS[rung.tool]) }] : []),
      ...(rung.strokes ? [{ name: 'Strokes', text: capital(STROKE_WORDS[rung.strokes]) }] : []),
      ...(rung.restMin === undefined ? [] : [{ name: 'It rests', text: restText(rung.restMin) }]),
    ],
    cautions: rung.cautions.map((id) => CAUTION_WORDS[id]),
  };
}
/** What a mark is called in a sentence of the record. */
export const markText = ({ soil, place }: Pick<Stain, 'soil' | 'place'>): string =>
  `${SOIL_WORDS[soil]}${place ? ` (${place})` : ''}`;

/** What must not meet the marks, by what a hidden place said of it; null = nothing stays off. */
export function staysOffText(
  words: readonly { readonly agent: SpotTestEntry['agent']; readonly cloth: Cloth | null }[],
): string | null {
  const names = (fits: (cloth: Cloth | null) => boolean): string =>
    listed(words.filter((w) => fits(w.cloth)).map((w) => TRIED_WORDS[w.agent]));
  const bad = names((cloth) => cloth === 'colour' || cloth === 'harmed');
  const open = names((cloth) => cloth === null);
  const text = [
    bad ? `Stays off the marks: ${bad}. The hidden place did not bear it.` : '',
    open ? `Not tried on a hidden place, so not on a mark: ${open}.` : '',
  ].filter(Boolean);
  return text.length > 0 ? text.join(' ') : null;
}
