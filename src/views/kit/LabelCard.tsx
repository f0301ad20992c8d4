import { Said } from '../../ui/said';
import type { Item } from '../../core/gear';
import { MAKER_SAYS } from '../../core/words';
import { Note } from '../../ui/basics';

const NATURAL = {
  line: 'Hang it on a line: a square with one upright line',
  drip: 'Drip dry, without a spin: a square with two or three upright lines',
  flat: 'Dry it flat: a square with a level line',
  shade: 'In the shade: slanting lines in the corner of the square',
} as const;
/** The label in words: process by process, so that a person can match what is printed. */
export function labelLines({ label }: Pick<Item, 'label'>): string[] {
  if (!label) return [];
  const lines: string[] = [];
  const wash = label.wash;
  if (wash) {
    if (!wash.allowed) lines.push('Do not wash: a tub, crossed out');
    else if (wash.action === 'hand') lines.push('Wash by hand: a tub with a hand in it');
    else
      lines.push(
        `Wash at ${wash.maxC ?? '?'} °C${wash.action === 'mild' ? ', mild: a tub with one line under it' : wash.action === 'very-mild' ? ', very mild: a tub with two lines under it' : ': a tub'}`,
      );
  }
  if (label.bleach)
    lines.push(
      label.bleach === 'none'
        ? 'No bleach: a triangle, crossed out'
        : label.bleach === 'oxygen'
          ? 'Oxygen bleach only: a triangle with two lines'
          : 'Any bleach: an empty triangle',
    );
  if (label.tumble)
    lines.push(
      label.tumble === 'none'
        ? 'No tumble dryer: a square with a circle, crossed out'
        : label.tumble === 'low'
          ? 'Tumble low, exhaust up to 60 °C: one dot'
          : 'Tumble normal, exhaust up to 80 °C: two dots',
    );
  if (label.ironMaxC !== undefined)
    lines.push(label.ironMaxC === 0 ? 'Do not iron: an iron, crossed out' : `Iron up to ${label.ironMaxC} °C`);
  for (const way of label.naturalDrying ?? []) lines.push(NATURAL[way]);
  if (label.professional && label.professional !== 'none')
    lines.push(`Professional cleaning: a circle with ${label.professional}`);
  return lines;
}

/** The care label and the maker's word, as they are recorded. A missing label is a state of its own. */
export function LabelCard({ item }: { item: Item }) {
  const lines = labelLines(item);
  return (
    <section aria-labelledby="label">
      <h2 id="label">Care label</h2>
      {lines.length > 0 ? (
        <ul>
          {lines.map((line) => (
            <li key={line}>
              <Said>{line}</Said>
            </li>
          ))}
        </ul>
      ) : (
        <Note>
          Missing or unreadable. I stay on the gentle side until you copy it: it sits in a side seam, or inside a shoe’s tongue.
        </Note>
      )}
      {(item.makerSays ?? []).map((m, n) => (
        <p key={n}>
          The maker {MAKER_SAYS[m.says]} {MAKER_SAYS[m.about]}
          {m.text ? `: “${m.text}”` : '.'}
        </p>
      ))}
    </section>
  );
}
