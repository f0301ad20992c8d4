import { startTransition, useEffect, useState, type ReactNode } from 'react';

/** Those that wait for their turn, the first first. */
const waiting = new Set<() => void>();
let going = false;
/** About a frame: long enough for the page to be seen and a hand to be heard between two. */
const BETWEEN_MS = 16;
function goOn(): void {
  const [next] = waiting;
  if (!next) return void (going = false);
  waiting.delete(next);
  next();
}

/** Whether its turn has come. */
function useTurn(): boolean {
  const [mine, setMine] = useState(false);
  useEffect(() => {
    if (mine) return;
    const take = (): void => startTransition(() => setMine(true));
    waiting.add(take);
    if (!going) setTimeout(goOn);
    going = true;
    return () => {
      // It was its turn: it is drawn now, or gone, and the next one may come.
      if (!waiting.delete(take)) setTimeout(goOn, BETWEEN_MS);
    };
  }, [mine]);
  return mine;
}

/**
 * What takes long to draw, or to work out, comes after the page it is on, one after the other and each in a task of its own, so that a hand is
 * heard in between. Once drawn it stays. @param height of its place until then, px, or all that what it stands in has.
 */
export function InTurn({ height, children }: { height?: number | '100%'; children: ReactNode }) {
  return useTurn() ? children : <div aria-busy="true" style={{ height }} />;
}
/** The same within a drawing: its axes stand, and the lines come when it is their turn. */
export function LinesInTurn({ children }: { children: ReactNode }) {
  return useTurn() ? children : <g aria-busy="true" />;
}
