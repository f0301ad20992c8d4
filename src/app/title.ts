/** The tab's title: what rings, on whatever page one is, before what the page says. */
const NAME = 'Umbrastic';
let page: string | null = null;
let rings: string | null = null;
const show = (): void => {
  document.title = rings !== null ? `Look now: ${rings}` : page === null ? NAME : `${page} · ${NAME}`;
};
/** What this page is about; null for nothing in particular. */
export function pageTitle(text: string | null): void {
  page = text;
  show();
}
/** The thing whose timer has ended and waits for a look; null for none. */
export function ringTitle(name: string | null): void {
  rings = name;
  show();
}
