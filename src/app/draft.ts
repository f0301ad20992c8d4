import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { showAt } from '../ui/focus';
import { clashesOf, dropSheet, keepSheet, readSheet, withChanges, type Clash } from '../data/sheets';

/** Where what two have changed is asked about. */
export const CLASHES = 'clashes';

export interface Draft<T> {
  readonly draft: T;
  /** The record as it stands now with these changes in it: what is saved. */
  readonly toKeep: T;
  readonly setDraft: (next: T | ((was: T) => T)) => void;
  /** Something changed earlier, and not kept then, stands here now. */
  readonly restored: boolean;
  /** Something that is not kept stands here: the sheet asks before it is thrown away. */
  readonly changed: boolean;
  /** Fields that were changed here and, meanwhile, elsewhere; each wants a word before it is saved. */
  readonly clashes: readonly Clash[];
  readonly settle: (clash: Clash, as: unknown) => void;
  /** True when it may be saved; else what is still to be chosen comes into sight. */
  readonly ready: () => boolean;
  /** Goes back to what is stored. */
  readonly beginAgain: () => void;
  /** It is kept, or thrown away: nothing is left for the next time. */
  readonly forget: () => void;
}
/**
 * What a sheet changes, kept at every change under `key` until it is saved or thrown away: a reload, a closed tab or the back button loses
 * nothing. What else of it has changed meanwhile stays as it has become. @param start what is stored.
 */
export function useDraft<T extends object>(key: string, start: T): Draft<T> {
  const [draft, setHere] = useState(start);
  // What the changes were made to; the stored record may become another meanwhile.
  const [was, setWas] = useState(start);
  const [changed, setChanged] = useState(false);
  const [restored, setRestored] = useState(false);
  const typed = useRef(false);
  useEffect(() => {
    let left = false;
    void readSheet(key).then((kept) => {
      // What was typed meanwhile is newer.
      if (left || kept === undefined || typed.current) return;
      setHere(withChanges(start, kept));
      setWas(start);
      setRestored(true);
    });
    return () => {
      left = true;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- looked for once, when the sheet opens
  }, [key]);
  useEffect(() => {
    if (changed) void keepSheet({ key, was, draft });
  }, [key, was, draft, changed]);
  const setDraft = useCallback((next: T | ((was: T) => T)): void => {
    typed.current = true;
    setChanged(true);
    setHere(next);
  }, []);
  const forget = useCallback((): void => {
    setChanged(false);
    void dropSheet(key);
  }, [key]);
  const beginAgain = useCallback((): void => {
    setHere(start);
    setWas(start);
    setRestored(false);
    forget();
  }, [start, forget]);
  const toKeep = useMemo(() => withChanges(start, { was, draft }), [start, was, draft]);
  const clashes = useMemo(
    () => (changed || restored ? clashesOf(start, { was, draft }) : []),
    [start, was, draft, changed, restored],
  );
  const settle = useCallback(({ field, theirs }: Clash, as: unknown): void => {
    setWas((w) => ({ ...w, [field]: theirs }));
    setHere((d) => ({ ...d, [field]: as }));
    setChanged(true);
  }, []);
  const ready = useCallback((): boolean => {
    if (clashes.length > 0) showAt(CLASHES);
    return clashes.length === 0;
  }, [clashes]);
  return { clashes, settle, ready, draft, toKeep, setDraft, restored, changed: changed || restored, beginAgain, forget };
}
