import { matchPath, useParams } from 'react-router';

/** Pages that are no thing's. */
export const PATHS = {
  now: '/',
  begin: '/begin',
  kit: '/kit',
  newThing: '/kit/new',
  labels: '/kit/labels',
  worth: '/kit/worth',
  shells: '/kit/shells',
  washDay: '/wash-day',
  bench: '/bench',
  cupboard: '/cupboard',
  machines: '/cupboard/machines',
  upkeep: '/cupboard/upkeep',
  water: '/cupboard/water',
  never: '/cupboard/never',
  record: '/record',
  /** The weeks ahead. */
  season: '/record/season',
  /** What was done in the last day, to be taken back. */
  done: '/record/done',
  handbook: '/handbook',
  gallery: '/gallery',
  /** A file beside the app. */
  licences: '/licences.txt',
} as const;

/* Addresses of this app. Every id that is put into one goes through here: a kit from elsewhere may call a thing `new`, `..` or `a/b#c`. */

/** Ids that an address would take for something of its own: its pages, dots that it resolves, our own mark. */
const TAKEN = /^(new|labels|worth|shells|season|done|\.{1,2}|~.*)$/;
const MARK = '~';
const segment = (id: string): string => (TAKEN.test(id) ? MARK : '') + encodeURIComponent(id);
const idOf = (text: string | undefined): string | undefined => (text?.startsWith(MARK) ? text.slice(MARK.length) : text);

/** The pages of a thing, besides its own. */
export type ThingPage =
  'look-over' | 'programme' | 'rehearse' | 'fill' | 'light' | 'baffles' | 'colour' | 'sale' | 'surfaces' | 'drops';
export const toThing = (id: string, page?: ThingPage): string => `/kit/${segment(id)}${page ? `/${page}` : ''}`;
/** A thing's page with the sheet open in which it is corrected. */
export const toCorrect = (id: string): string => `${toThing(id)}?correct=1`;
export const toRecord = (entryId: string): string => `/record/${segment(entryId)}`;
/** A past look, as it was. */
export const toLook = (inspectionId: string): string => `/record/look/${segment(inspectionId)}`;
/** Adding a thing, with these families of constructions first. */
export const toNewThing = (groups: readonly string[]): string => `/kit/new?for=${listParam(groups)}`;
export const toRun = (runId: string): string => `/run/${segment(runId)}`;
/** Several things that are worked on together. */
export const toLoad = (loadId: string): string => `/load/${segment(loadId)}`;
/** Whether a page is that of work under way, alone or together. */
export const isRunPage = (pathname: string): boolean => pathname.startsWith('/run/') || pathname.startsWith('/load/');
/** An instrument of the bench, with the figures of a thing where one is named. */
export const toBench = (instrument: string, itemId?: string): string =>
  `/bench/${instrument}${itemId === undefined ? '' : `?item=${encodeURIComponent(itemId)}`}`;
/** An entry of the handbook, such as `rung/gum-ice`. */
export const toHandbook = (entry: string): string => `/handbook/${entry}`;
/** A wash day with these things in it, done by a day (ISO 8601) where one is named. */
export const toWashDay = (itemIds: readonly string[], by?: string): string =>
  `/wash-day?items=${listParam(itemIds)}${by === undefined ? '' : `&by=${by}`}`;
export const toLabels = (itemIds: readonly string[]): string => `/kit/labels?ids=${listParam(itemIds)}`;
/** The thing whose page an address is; undefined for every other page. */
export function thingAt(pathname: string): string | undefined {
  const part = matchPath('/kit/:id/*', pathname)?.params.id;
  try {
    const id = part && decodeURIComponent(part);
    return id && TAKEN.test(id) && !id.startsWith(MARK) ? undefined : idOf(id);
  } catch {
    // Half a sign, such as `%E0`, is nobody's name.
    return undefined;
  }
}
/** The id that the address of this page names. */
export const useIdHere = (): string | undefined => idOf(useParams().id);

/** Several ids as one value of a query, and back. */
export const listParam = (ids: readonly string[]): string => encodeURIComponent(ids.map(encodeURIComponent).join(','));
export function readList(value: string | null): string[] {
  return (value ?? '').split(',').filter(Boolean).map(decoded);
}
/** An address may have been typed by hand. */
const decoded = (text: string): string => {
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
};
