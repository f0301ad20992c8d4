import { Dexie, liveQuery, type ObservabilitySet, RangeSet, rangesOverlap, type Subscription } from 'dexie';
import type { MetaValues } from './db';
import { same } from './merge';
import type { TableName } from './tables';

/** What a query reads: whole tables, and single values of those that stand under a name. */
export type Read = Exclude<TableName, 'meta'> | `meta/${keyof MetaValues}`;

/** What is read of the store and followed as it changes; whoever asks when it is known has it at once. */
export interface Live<T> {
  /** `getValue` may be called: a value stands, and nothing was written since that could have changed it. */
  readonly hasValue: () => boolean;
  /** The value last read. Error: when none was. */
  readonly getValue: () => T;
  readonly subscribe: (onNext: (value: T) => void, onError?: (error: unknown) => void) => { readonly unsubscribe: () => void };
}

/** Whether a write touched any of this, by the names and keys that the store tells its parts by. */
const touches = (written: ObservabilitySet, reads: readonly Read[]): boolean =>
  Object.entries(written).some(
    ([part, keys]) =>
      part === 'all' ||
      reads.some((read) => {
        const [table, key] = read.split('/');
        return part.includes(`/${table}/`) && (key === undefined || rangesOverlap(new RangeSet(key), keys));
      }),
  );

/**
 * A query that is followed from its first reader on, for all readers together. Between two pages nobody reads, and it is followed on: the next
 * page has the value with its first drawing. Where something was written since it was read it is not handed out, but read again.
 * @param reads all that `query` reads: what is written beside it costs nobody a reading. Error: a fault of the store goes to the readers that are there; the next reader asks anew.
 */
export function live<T>(reads: readonly Read[], query: () => Promise<T>): Live<T> {
  /** So many writes were heard of. */
  let writes = 0;
  let known: { readonly value: T; readonly asOf: number } | null = null;
  let following: Subscription | null = null;
  /** A few values are soon compared; a whole table is not. */
  const isSmall = reads.every((read) => read.startsWith('meta/'));
  const readers = new Set<Parameters<Live<T>['subscribe']>>();
  /** The reading that was begun last. */
  let last: { asOf: number; inThisTurn: boolean } | null = null;
  /** One that begins in the very turn in which a write is heard of has that write, whoever of the two heard of it first. */
  const begin = (): { readonly asOf: number } => {
    const reading = { asOf: writes, inThisTurn: true as boolean };
    last = reading;
    queueMicrotask(() => (reading.inThisTurn = false));
    return reading;
  };
  Dexie.on('storagemutated', (parts) => {
    if (!touches(parts, reads)) return;
    writes++;
    if (last?.inThisTurn) last.asOf = writes;
  });
  const isFresh = (): boolean => known !== null && known.asOf === writes;
  const follow = (): void => {
    following?.unsubscribe();
    following = liveQuery(async () => {
      const reading = begin();
      return { reading, value: await query() };
    }).subscribe({
      next: ({ reading: { asOf }, value }) => {
        // What was written as it stood already is nothing new: whoever works on it goes on.
        known = { asOf, value: known && isSmall && same(known.value, value) ? known.value : value };
        for (const [onNext] of [...readers]) onNext(known.value);
      },
      error: (error) => {
        following = null;
        known = null;
        for (const [, onError] of [...readers]) onError?.(error);
      },
    });
  };
  return {
    hasValue: isFresh,
    getValue: () => {
      if (!known) throw new Error('Nothing was read yet.');
      return known.value;
    },
    subscribe: (...reader) => {
      readers.add(reader);
      if (known && isFresh()) reader[0](known.value);
      // What is being read just now comes to this reader too; what may be of before the last write is read again.
      else if (!following || last?.asOf !== writes) follow();
      return { unsubscribe: () => void readers.delete(reader) };
    },
  };
}

/** What was last read, when it is there; null when it cannot be read. */
export async function whenRead<T>(followed: Live<T>): Promise<T | null> {
  let stop = (): void => undefined;
  const value = await new Promise<T | null>((done) => {
    stop = followed.subscribe(done, () => done(null)).unsubscribe;
  });
  stop();
  return value;
}
