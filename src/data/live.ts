import { Dexie, liveQuery, type ObservabilitySet, type Subscription } from 'dexie';
import type { TableName } from './tables';

/** What is read of the store and followed as it changes; whoever asks when it is known has it at once. */
export interface Live<T> {
  /** `getValue` may be called: a value stands, and nothing was written since that could have changed it. */
  readonly hasValue: () => boolean;
  /** The value last read. Error: when none was. */
  readonly getValue: () => T;
  readonly subscribe: (onNext: (value: T) => void, onError?: (error: unknown) => void) => { readonly unsubscribe: () => void };
}

/** Whether a write touched one of these tables, by the keys that the store names its parts with. */
const touches = (parts: ObservabilitySet, tables: readonly TableName[]): boolean =>
  Object.keys(parts).some((part) => part === 'all' || tables.some((table) => part.includes(`/${table}/`)));

/**
 * A query that is followed from its first reader on, for all readers together. Between two pages nobody reads, and it is followed on: the next
 * page has the value with its first drawing. Where something was written since it was read it is not handed out, but read again.
 * @param tables those that `query` reads. Error: a fault of the store goes to the readers that are there; the next reader asks anew.
 */
export function live<T>(tables: readonly TableName[], query: () => Promise<T>): Live<T> {
  /** So many writes were heard of. */
  let writes = 0;
  let known: { readonly value: T; readonly asOf: number } | null = null;
  let following: Subscription | null = null;
  let askedAsOf = -1;
  const readers = new Set<Parameters<Live<T>['subscribe']>>();
  Dexie.on('storagemutated', (parts) => {
    if (touches(parts, tables)) writes++;
  });
  const isFresh = (): boolean => known !== null && known.asOf === writes;
  const follow = (): void => {
    following?.unsubscribe();
    askedAsOf = writes;
    following = liveQuery(async () => {
      const asOf = writes;
      return { asOf, value: await query() };
    }).subscribe({
      next: (read) => {
        known = read;
        for (const [onNext] of [...readers]) onNext(read.value);
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
      else if (!following || askedAsOf !== writes) follow();
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
