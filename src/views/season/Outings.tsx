import { Said } from '../../ui/said';
import { beginBy } from '../../app/beginBy';
import { nowMs, today } from '../../app/now';
import { toThing } from '../../app/routes';
import { atText, dayText } from '../../app/time';
import { eventsAhead } from '../../core/due/forecast';
import { readinessOf, type Ranked } from '../../core/due/rank';
import type { Kit } from '../../core/gear';
import { thingName } from '../../core/words';
import { howMany } from '../../core/words/text';
import type { ProgrammeOutline } from '../../workers';
import { Link } from 'react-router';
import { Note } from '../../ui/basics';

const SHOWN = 3;
/** Each outing ahead: whether all is ready, or what has to be begun first, and when at the latest. */
export function Outings({ kit, rows }: { kit: Kit; rows: readonly Ranked<ProgrammeOutline>[] }) {
  const events = eventsAhead(kit.log ?? [], today()).slice(0, SHOWN);
  return events.map((event) => {
    const { unready, unseen } = readinessOf(rows, event);
    const begun = unready
      .filter((row) => row.need !== 'under-way' && row.need !== 'blocked')
      .map((row) => ({ row, by: beginBy(row.programme, event) }))
      .sort((a, b) => a.by - b.by);
    const away = unready.filter((row) => row.need === 'blocked').length;
    const [first] = begun;
    const late = first !== undefined && first.by < nowMs();
    return (
      <Note key={event.id} tone={first ? 'alarm' : unseen > 0 || away > 0 ? 'quiet' : 'good'}>
        {first ? (
          <>
            <strong>
              {late ? 'Perhaps not ready' : 'Ready'} for {event.name} by {dayText(event.readyBy)}
            </strong>
            {late ? ': ' : ' if you begin '}
            <Link to={toThing(first.row.item.id, 'programme')}>{thingName(first.row.item)}</Link>{' '}
            {late ? `should have been begun ${atText(first.by)}. Begin it now` : `by ${atText(first.by)}`}
            <Said>{begun.length > 1 ? `; it is the first of ${howMany(begun.length, 'thing')}` : ''}</Said>.
          </>
        ) : (
          <>
            <strong>{event.name}</strong>, {dayText(event.on)}: nothing that was looked over needs care for it.
          </>
        )}
        {away > 0 && ` ${howMany(away, 'thing is', 'things are')} not to be done at home.`}
        {unseen > 0 && ` ${howMany(unseen, 'thing was', 'things were')} never looked over.`}
      </Note>
    );
  });
}
