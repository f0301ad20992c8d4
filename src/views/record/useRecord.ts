import { yearOf } from '../../core/units/day';
import { useState } from 'react';
import { usePlanning } from '../../app/kit';
import { useRanked } from '../../app/ranked';
import { dayText } from '../../app/time';
import { dayOf } from '../../core/units/day';
import { type CareEntry, type HalvesEntry, isEntry, type Kit, type SpotTestEntry, type TreatmentEntry } from '../../core/gear';
import { yearRecord } from '../../core/year';
import { NEED_WORDS } from '../../core/telling/due';
import { KIND_WORDS } from '../../core/words';
import { focusOn } from '../../ui/focus';
import { today } from '../../app/now';
const MOST_LINES = 40;
export type RecordLine = CareEntry | TreatmentEntry | SpotTestEntry | HalvesEntry;
/** What was done, the newest first. */
const recordLines = (kit: Kit): RecordLine[] =>
  (kit.log ?? [])
    .filter((e): e is RecordLine => e.type === 'care' || e.type === 'treatment' || e.type === 'spot-test' || e.type === 'halves')
    .sort((a, b) => (a.at < b.at ? 1 : -1));
/** Lines of the record by the month that is looked at, the year above them, and when each thing is due again. */
export function useRecord(kit: Kit) {
  const planning = usePlanning(kit);
  const ranked = useRanked(kit, planning.programmes);
  const thisYear = yearOf(today());
  const [{ year, month }, setChosen] = useState<{ readonly year: number; readonly month: string | null }>({
    year: thisYear,
    month: null,
  });
  const [all, setAll] = useState(false);
  const names = new Map(kit.items.map((i) => [i.id, i.name ?? KIND_WORDS[i.kind]]));
  const care = (kit.log ?? []).filter(isEntry('care')).sort((a, b) => (a.at < b.at ? 1 : -1));
  const loads = (kit.log ?? []).filter(isEntry('load'));
  // One day for a thing, as everywhere: it stands at its newest line only.
  const lines = recordLines(kit);
  const here = month === null ? lines : lines.filter((e) => dayOf(e.at).startsWith(month));
  const shown = all ? here : here.slice(0, MOST_LINES);
  const of = yearRecord(kit, year);
  const show = (nextYear: number, nextMonth: string | null): void => {
    setChosen({ year: nextYear, month: nextMonth });
    if (nextMonth !== null) focusOn('lines');
  };
  const newest = new Map([...care].reverse().map((e) => [e.itemId, e.id]));
  const dueAt = new Map((ranked ?? []).map((r) => [newest.get(r.item.id) ?? '', r]));
  const dueText = (id: string): string => {
    const row = dueAt.get(id);
    if (!row?.programme) return '';
    return row.need === 'fresh' ? `next look ${dayText(row.on)}` : NEED_WORDS[row.need];
  };
  return {
    planning,
    ranked,
    year,
    month,
    of,
    thisYear,
    lines,
    here,
    shown,
    showAll: () => setAll(true),
    show,
    dueText,
    loads,
    nameOf: (id: string): string | undefined => names.get(id),
  };
}
export type RecordHere = ReturnType<typeof useRecord>;
