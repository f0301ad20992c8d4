import type { Knowledge } from '../knowledge';
import { onceFor } from '../once';
import { KNOWLEDGE, MAKER_RULES } from '../knowledge';

const indexOf = onceFor(
  (knowledge: Knowledge): ReadonlyMap<string, string> =>
    new Map([
      ...MAKER_RULES.map(({ about, says }) => [`maker-${says}-${about}`, `label/maker-${says}-${about}`] as const),
      ...knowledge.schools.map(({ id }) => [id, `school/${id}`] as const),
      ...knowledge.neverTogether.map(({ id }) => [id, `never/${id}`] as const),
      ...knowledge.blocks.map(({ id }) => [id, `refusal/${id}`] as const),
      ...knowledge.rules.map(({ id }) => [id, `reason/${id}`] as const),
    ]),
);

/** The entry that a reason, a limit or a refusal points to ("down.tumble" → "material/down"), or null when it has none. */
export function entryIdOf(rule: string, knowledge: Knowledge = KNOWLEDGE): string | null {
  const known = indexOf(knowledge).get(rule);
  if (known) return known;
  const row = rule.split('.')[0];
  if (rule.includes('.') && knowledge.materials.some((m) => m.id === row)) return `material/${row}`;
  if (rule === 'label-allows' || rule === 'maker-allows') return 'reason/allowed-explicitly';
  return rule.startsWith('label-') ? `label/${rule}` : null;
}
