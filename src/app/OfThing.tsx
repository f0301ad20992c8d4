import { createContext, useContext, type ReactNode } from 'react';
import type { Item } from '../core/gear';
import { spokenOf } from '../core/words/several';

const Says = createContext((text: string): string => text);
/** All in it speaks of this thing: a pair or a stack is "them" there, not "it". */
export const OfThing = ({ item, children }: { item: Pick<Item, 'kind' | 'count'>; children: ReactNode }) => (
  <Says.Provider value={spokenOf(item)}>{children}</Says.Provider>
);
/**
 * What is said of the thing whose page it is, as it is said of that one. For our own sentences in which every "it" is the thing; what somebody
 * has written stays as it is.
 */
export const useOfThing = (): ((text: string) => string) => useContext(Says);
/** A sentence, a name or a heading of the thing whose page it is; every "it" in it is the thing. */
export const Of = ({ children }: { children: string }) => <>{useOfThing()(children)}</>;
