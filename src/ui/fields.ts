import { useState } from 'react';

/** Sets or removes a field: an absent field means unknown. */
export function withField<T extends object, K extends keyof T>(record: T, key: K, value: T[K] | undefined): T {
  const next = { ...record };
  if (value === undefined) delete next[key];
  else next[key] = value;
  return next;
}

/**
 * Names for rows that have none of their own, so that each keeps its fields when one above it is taken away. Call `drop` with the place of the
 * row that goes, `order` when they change places.
 */
export function useRowKeys(count: number): {
  readonly keys: readonly number[];
  readonly drop: (place: number) => void;
  /** The rows stand in another order: at each place, where it stood before. */
  readonly order: (places: readonly number[]) => void;
} {
  const [state, setState] = useState<{ readonly keys: readonly number[]; readonly next: number }>({ keys: [], next: 0 });
  const missing = count - state.keys.length;
  const keys =
    missing >= 0 ? [...state.keys, ...Array.from({ length: missing }, (_, n) => state.next + n)] : state.keys.slice(0, count);
  if (missing !== 0) setState({ keys, next: state.next + Math.max(0, missing) });
  return {
    keys,
    drop: (place) => setState((s) => ({ ...s, keys: s.keys.filter((_, n) => n !== place) })),
    order: (places) => setState((s) => ({ ...s, keys: places.flatMap((n) => s.keys[n] ?? []) })),
  };
}
