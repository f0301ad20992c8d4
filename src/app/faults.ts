import { fieldText } from '../core/words/text';
import { NotKept } from '../data/guard';
import { isFull, isShut } from '../data/storage';
import { nowMs } from './now';
import { notify } from './session';

/** The same is not said again while it is still being read. */
const READING_MS = 8000;
let last = { text: '', at: 0 };

/** What a change that failed means for the one who made it; null: nothing that we know. */
function wordsFor(error: unknown): string | null {
  if (error instanceof NotKept) {
    const { what, fault } = error;
    return `That was not kept, and nothing was changed. ${what}${fault.path ? `, ${fieldText(fault.path)},` : ''} ${fault.message}.`;
  }
  if (isFull(error))
    return 'The browser’s store is full: that was not kept, everything from before is. Save a copy under Record, delete some photographs, and do it again.';
  if (isShut(error))
    return 'That was not kept: another tab holds the store. Close other tabs of Umbrastic and load this page again.';
  return null;
}

/** Says of any change that failed what happened, what was kept and what to do. @returns false when it is no fault of keeping. */
export function sayFault(error: unknown): boolean {
  const text = wordsFor(error);
  if (text !== null && (text !== last.text || nowMs() - last.at > READING_MS)) notify(text);
  if (text !== null) last = { text, at: nowMs() };
  return text !== null;
}

/** Whatever fails without anybody waiting for it is said; there is no write that ends in silence. */
export function hearFaults(): void {
  addEventListener('unhandledrejection', (event) => {
    if (sayFault(event.reason)) event.preventDefault();
    else notify('Something on this page did not work. Everything recorded is still here; load the page again.');
  });
}
