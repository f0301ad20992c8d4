import type { MouseEvent } from 'react';

/** Moves to the first field at fault inside the same dialog or form; true when there is one. What is at fault is never saved. */
export function hasFault(event: MouseEvent<HTMLElement>): boolean {
  const form = event.currentTarget.closest('[role=dialog], form, section');
  const fault = form?.querySelector<HTMLElement>('[aria-invalid="true"]');
  fault?.focus();
  return fault !== null && fault !== undefined;
}
