import { createContext, isValidElement, memo, type ReactNode, useContext, useLayoutEffect, useRef, useState } from 'react';

/** What stays itself from one drawing to the next, so that a sheet of forty fields does not draw them all at every letter. */

/** Whether two values say the same: plain ones by what is in them; what is drawn and what is done only when it is the very same. */
function saySame(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (isValidElement(a) || isValidElement(b) || Array.isArray(a) !== Array.isArray(b)) return false;
  const [here, there] = [Object.entries(a), b as Readonly<Record<string, unknown>>];
  return here.length === Object.keys(there).length && here.every(([key, value]) => key in there && saySame(value, there[key]));
}
type Hand = (...args: unknown[]) => unknown;

/**
 * A control that is drawn anew only when something of it says something else. Its functions may be written where it is used: they are what a
 * hand does, called as they are at that moment, never while drawing.
 * @param news properties of which a new one is news though it says the same, as the faults of another try.
 */
export function drawnApart<P extends object>(
  Control: (props: P) => ReactNode,
  news: readonly (keyof P)[] = [],
): (props: P) => ReactNode {
  const Drawn = memo(Control, (a, b) => news.every((name) => a[name] === b[name]) && saySame(a, b)) as unknown as (
    props: P,
  ) => ReactNode;
  return function Apart(props: P) {
    const latest = useRef(props);
    useLayoutEffect(() => {
      latest.current = props;
    });
    const [hands] = useState(() => {
      const made = new Map<string, Hand>();
      return (name: string): Hand => {
        const hand = made.get(name) ?? ((...args) => (latest.current as Record<string, Hand>)[name]?.(...args));
        made.set(name, hand);
        return hand;
      };
    });
    const given = Object.entries(props).map(([name, value]) => [name, typeof value === 'function' ? hands(name) : value]);
    return <Drawn {...(Object.fromEntries(given) as P)} />;
  };
}

const Inside = createContext<ReactNode>(null);
/** Stands in a frame for what it holds. */
export const Contents = () => useContext(Inside);
/**
 * A frame and what it holds, drawn apart: React Aria's forms and dialogs tell all that is in them when they are drawn anew, and every field
 * and button of a sheet would be drawn with the frame at every letter.
 * @param frame holds `Contents` where they belong; made by `drawnApart`.
 */
export const Framed = ({ frame, children }: { frame: ReactNode; children: ReactNode }) => (
  <Inside.Provider value={children}>{frame}</Inside.Provider>
);
