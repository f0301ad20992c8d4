import { useParams } from 'react-router';

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
/** The weeks ahead. */
export const SEASON = '/record/season';
/** What was done in the last day, to be taken back. */
export const DONE = '/record/done';
/** A past look, as it was. */
export const toLook = (inspectionId: string): string => `/record/look/${segment(inspectionId)}`;
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
