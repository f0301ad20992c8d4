import { createContext, useContext, type ReactNode } from 'react';
import type { Item } from '../core/gear';
import { isSeveral, ofSeveral } from '../core/words';

const Several = createContext(false);
/** All in it speaks of this thing: a pair or a stack is "them" there, not "it". */
export const OfThing = ({ item, children }: { item: Pick<Item, 'kind' | 'count'>; children: ReactNode }) => (
  <Several.Provider value={isSeveral(item)}>{children}</Several.Provider>
);
/** What is said of the thing whose page it is, as it is said of that one. For sentences in which every "it" is the thing. */
export function useOfThing(): (text: string) => string {
  const several = useContext(Several);
  return several ? ofSeveral : (text) => text;
}
/** A sentence, a name or a heading of the thing whose page it is; every "it" in it is the thing. */
export const Of = ({ children }: { children: string }) => <>{useOfThing()(children)}</>;
