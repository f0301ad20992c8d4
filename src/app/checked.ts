import { useState } from 'react';
import type { KitPart } from '../core/formats';
import { NONE, type Faults } from '../ui/Form';

/**
 * Holds what a form is about to keep to the rules that import and store hold it to. They are loaded when the first form is submitted.
 * @returns the faults of the last try by the name of their field, and what tries again: it keeps only what has none.
 */
export function useChecked(): {
  readonly faults: Faults;
  readonly keep: (part: KitPart, act: () => Promise<void>) => Promise<void>;
} {
  const [faults, setFaults] = useState<Faults>(NONE);
  return {
    faults,
    keep: async (part, then) => {
      const rules = await import('../core/formats').catch(() => null);
      if (!rules) {
        setFaults({ '': 'It could not be checked just now, so nothing is saved; what you typed is still here. Try again.' });
        return;
      }
      const found = rules.checkPart(part);
      setFaults(
        Object.fromEntries(found.map(({ path, message }) => [path, `${message.charAt(0).toUpperCase()}${message.slice(1)}.`])),
      );
      if (found.length === 0) await then();
    },
  };
}
