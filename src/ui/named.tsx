import { useId } from 'react';

interface NameApart {
  /** For the part that is its name. */
  readonly name: { readonly id: string };
  /** For the part that says more of it. */
  readonly more: { readonly id: string };
  /** For what is pressed. */
  readonly pressed: { readonly 'aria-labelledby': string; readonly 'aria-describedby'?: string };
}
/**
 * What is pressed bears a name and says more of itself: the name is read out first and is what it is found and called by, the rest is its
 * description. What stands on a button itself is its name in whole (WCAG 2.5.3): what says more of it stands beside it.
 * @param says false where nothing more is said.
 */
export function useNameApart(says = true): NameApart {
  const name = useId();
  const more = useId();
  return {
    name: { id: name },
    more: { id: more },
    pressed: { 'aria-labelledby': name, ...(says ? { 'aria-describedby': more } : {}) },
  };
}
