import { useState } from 'react';
import { newId } from '../../app/now';
import { notify } from '../../app/session';
import type { Supply } from '../../core/gear';
import { SUPPLY_WORDS } from '../../core/words';
import { deleteSupply, saveSupply } from '../../data/repo';
import { withField } from '../../ui/fields';
import { useChecked } from '../../app/checked';
import { useDraft } from '../../app/draft';

const COUNTED = new Set<Supply['class']>(['dryer-balls', 'felt-balls', 'melamine-sponge', 'dryer-sheets']);
export const FIELDS = [
  'remainingMl',
  'labelDoseMl',
  'capMl',
  'sizeMl',
  'remainingCount',
  'concentrationPercent',
  'expiresOn',
  'name',
] as const;
const LOOSE_KEYS = [
  'remainingMl',
  'labelDoseMl',
  'labelDoseRangeMl',
  'labelDoseByWasher',
  'capMl',
  'sizeMl',
  'concentrationPercent',
] as const;

/** One end of the label's range; the other one stays. A range with one end only is none. */
export function withEnd(supply: Supply, end: 0 | 1, value: number | undefined): Supply {
  const [low, high] = supply.labelDoseRangeMl ?? [];
  const ends = end === 0 ? [value, high] : [low, value];
  const [a, b] = [ends[0] ?? ends[1], ends[1] ?? ends[0]];
  return withField(supply, 'labelDoseRangeMl', a === undefined || b === undefined || value === undefined ? undefined : [a, b]);
}

/** One bottle, box or set as it is being written. */
export function useSupply(supply: Supply | null, onClose: () => void) {
  const [blank] = useState<Supply>(() => ({ id: newId('s'), class: 'down-cleaner' }));
  const sheet = useDraft(`supply:${supply?.id ?? 'new'}`, supply ?? blank);
  const { draft, setDraft } = sheet;
  const { faults, keep } = useChecked();
  const set = <K extends keyof Supply>(key: K, value: Supply[K] | undefined): void => setDraft((d) => withField(d, key, value));
  const counted = COUNTED.has(draft.class);
  const [low, high] = draft.labelDoseRangeMl ?? [];
  const upsideDown = low !== undefined && high !== undefined && low > high;
  const save = async (): Promise<void> => {
    let next: Supply = { ...sheet.toKeep };
    for (const key of LOOSE_KEYS) if (counted) delete next[key];
    if (!counted) next = withField(next, 'remainingCount', undefined);
    await keep({ list: 'supplies', row: next }, async () => {
      notify(`${next.name ?? SUPPLY_WORDS[next.class]} is in the cupboard.`, await saveSupply(next));
      leave();
    });
  };
  const leave = (): void => {
    sheet.forget();
    onClose();
  };
  const takeOut = (): void => {
    if (!supply) return;
    void deleteSupply(supply.id).then((undo) =>
      notify(`${supply.name ?? SUPPLY_WORDS[supply.class]} is out of the cupboard.`, undo),
    );
    leave();
  };
  return { sheet, draft, setDraft, faults, set, counted, low, high, upsideDown, save, leave, takeOut };
}
export type SupplyDraft = ReturnType<typeof useSupply>;
