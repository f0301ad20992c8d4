import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { dropSheet, keepSheet, readSheet, withChanges } from '../data/sheets';

export interface Draft<T> {
  readonly draft: T;
  /** The record as it stands now with these changes in it: what is saved. */
  readonly toKeep: T;
  readonly setDraft: (next: T | ((was: T) => T)) => void;
  /** Something changed earlier, and not kept then, stands here now. */
  readonly restored: boolean;
  /** Something that is not kept stands here: the sheet asks before it is thrown away. */
  readonly changed: boolean;
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
  return { draft, toKeep, setDraft, restored, changed: changed || restored, beginAgain, forget };
}
