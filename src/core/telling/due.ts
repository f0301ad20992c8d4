import type { Forecast } from '../due/forecast';
import type { Need } from '../due/rank';
import type { Item } from '../gear';
import { spokenOf } from '../words/several';

const round = (n: number): string => (n < 10 ? String(Math.round(n * 10) / 10) : String(Math.round(n)));

/** How a list calls the state of a thing. */
export const NEED_WORDS: Record<Need, string> = {
  'under-way': 'under way',
  urgent: 'now',
  due: 'due',
  unplanned: 'could not be planned',
  look: 'look it over',
  blocked: 'not at home',
  fresh: 'fine',
  safety: 'maker only',
  lent: 'lent',
  away: 'put away',
};

/** Why this thing is due on that day, in a sentence or two. @param rhythm what its calendar says. @param event the outing before which it is due. */
export function forecastText(f: Forecast, item: Pick<Item, 'kind' | 'count'>, rhythm: string, event?: string): string {
  const said = spokenOf(item);
  const used =
    f.usesSince > 0
      ? ` Used ${f.usesSince === 1 ? 'once' : `${f.usesSince} times`} since${f.usesPerWeek === null ? '' : `, lately about ${round(f.usesPerWeek)} a week`}.`
      : '';
  switch (f.by) {
    case 'uses':
      return said(
        `It was washed after about ${round(f.usesBetween ?? 0)} uses before, so it is due ${f.plusMinusDays ? `within ${f.plusMinusDays} days of this day` : 'then'}.${used}`,
      );
    case 'hard-use':
      return `${said('Sooner than usual: it had mostly hard use.')}${used} ${rhythm}`;
    case 'event':
      return `In time for ${event ?? 'the next outing'}.${used}`;
    case 'calendar':
      return `${rhythm}${used}`;
  }
}
