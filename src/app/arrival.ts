import { useEffect, useRef } from 'react';
import { focusHeading } from '../ui/focus';
import { PAGES } from './places';
import { pageTitle } from './title';

const textOf = (element: Element | null | undefined): string => element?.textContent?.trim() ?? '';
/** What the page that stands there is about: its own name, with the thing that it is a page of; null while it is still coming. */
function nameHere(pathname: string): string | null {
  const heading = document.querySelector('main:not([aria-busy=true]) h1');
  if (!heading) return null;
  const place = PAGES.find((p) => p.path === pathname);
  if (place) return place.name;
  const [, ...way] = [...document.querySelectorAll('[data-crumbs] li')].map(textOf);
  return way.length > 0 ? way.reverse().join(', ') : textOf(heading);
}
/** A run says its own title, by the second. */
const SAYS_ITSELF = /^\/(run|load)\//;

/** When another page has come: its name stands in the tab, and the focus goes to its heading unless the page took it, so that it is read out. */
export function useArrival(pathname: string): void {
  const first = useRef(true);
  useEffect(() => {
    if (SAYS_ITSELF.test(pathname)) return;
    let named: string | null = null;
    const look = (): void => {
      const name = nameHere(pathname);
      if (name === null || name === named) return;
      const arrived = named === null;
      named = name;
      pageTitle(name);
      if (!arrived || first.current) return void (first.current = false);
      const main = document.querySelector('main');
      const at = document.activeElement;
      if (main?.contains(at) || document.querySelector('[role=dialog]')) return;
      const heading = main?.querySelector('h1');
      if (heading) focusHeading(heading);
    };
    const watcher = new MutationObserver(look);
    const root = document.getElementById('root');
    if (root) watcher.observe(root, { childList: true, subtree: true, attributes: true, attributeFilter: ['aria-busy'] });
    look();
    return () => {
      watcher.disconnect();
      pageTitle(null);
    };
  }, [pathname]);
}
