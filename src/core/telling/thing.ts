import { isEntry, latestInspection, type Item, type Kit } from '../gear';
import type { Dimension } from '../knowledge';
import { dayOf } from '../units/day';
import { DIMENSION_WORDS, KIND_WORDS, limitText, MATERIAL_WORDS, PART_WORDS, thingName } from '../words';
import { capital, mdText } from '../words/text';
import { lineText } from './line';

type Bounds = Readonly<Partial<Record<Dimension, { readonly value: string | number | null }>>>;

/**
 * A thing as text for somebody: what it is made of, what it bears, what was done to it. Who owned it, what it cost and where it is kept stay out.
 * @param bounds what its layers and label allow together.
 */
export function thingMarkdown(kit: Pick<Kit, 'inspections' | 'log' | 'supplies' | 'items'>, item: Item, bounds: Bounds): string {
  const seen = latestInspection(kit.inspections, item.id);
  const care = (kit.log ?? [])
    .filter((e) => e.itemId === item.id && !isEntry('use')(e))
    .sort((a, b) => (a.at < b.at ? 1 : -1))
    .flatMap((e) => {
      const text = lineText(e, kit);
      return text === '' ? [] : [`- ${dayOf(e.at)}: ${mdText(text)}${e.note ? `. ${mdText(e.note)}` : ''}`];
    });
  const limits = Object.entries(bounds).map(
    ([dimension, { value }]) =>
      `- ${DIMENSION_WORDS[dimension as Dimension]}: ${mdText(limitText(dimension as Dimension, value))}`,
  );
  const facts = [
    capital(KIND_WORDS[item.kind]),
    ...(item.massG === undefined ? [] : [`${item.massG} g`]),
    ...(item.boughtOn === undefined ? [] : [`bought ${item.boughtOn}`]),
    ...(seen ? [`looked over ${dayOf(seen.at)}`] : []),
  ];
  return [
    `# ${mdText(thingName(item))}`,
    '',
    `${facts.join(', ')}.`,
    '',
    '## Outside first',
    '',
    ...item.components.map((c) => `- ${PART_WORDS[c.part]}: ${mdText(MATERIAL_WORDS[c.material])}`),
    '',
    '## What it bears',
    '',
    ...limits,
    ...(care.length > 0 ? ['', '## What was done', '', ...care] : []),
    '',
  ].join('\n');
}
