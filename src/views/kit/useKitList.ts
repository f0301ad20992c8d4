import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useKit, usePlanning } from '../../app/kit';
import { useRanked } from '../../app/ranked';
import { today } from '../../app/now';

import { matches, type Filter, FILTERS } from './filters';
/** The rows that are shown, by what stands in the address, and those that are chosen. */
export function useKitList() {
  const kit = useKit();
  const planning = usePlanning(kit);
  const [params, setParams] = useSearchParams();
  const [search, setSearch] = useState(params.get('q') ?? '');
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const filters = Object.fromEntries(FILTERS.map((f) => [f, params.get(f) ?? ''])) as Record<Filter, string>;
  const { need, kind, owner, due } = filters;
  const ranked = useRanked(kit, planning.programmes);
  const rows = useMemo(() => {
    const words = search.toLowerCase().split(/\s+/).filter(Boolean);
    const now = today();
    return (ranked ?? []).filter((row) => matches(row, words, { need, kind, owner, due }, now));
  }, [ranked, search, need, kind, owner, due]);
  const set = (key: string, value: string): void => {
    const next = new URLSearchParams(params);
    if (value) next.set(key, value);
    else next.delete(key);
    setParams(next, { replace: true });
  };
  const pick = (query: string): void => {
    const next = new URLSearchParams(query);
    setSearch(next.get('q') ?? '');
    setParams(next, { replace: true });
  };
  return { kit, planning, ranked, rows, params, search, setSearch, chosen, setChosen, filters, set, pick };
}
export type KitListed = ReturnType<typeof useKitList>;
