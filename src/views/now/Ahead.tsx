import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { beginBy } from '../../app/beginBy';
import { PATHS, toThing, toWashDay } from '../../app/routes';
import { eventsAhead, type Ahead as Event } from '../../core/due/forecast';
import { readinessOf, readyByThing, type Ranked } from '../../core/due/rank';
import { isEntry, type EventEntry, type Item, type LogEntry } from '../../core/gear';
import { minutesText } from '../../core/units';
import { thingName } from '../../core/words';
import { minutesOf } from '../../core/document';
import type { ProgrammeOutline } from '../../workers';
import { nowMs, today } from '../../app/now';
import { atText, dayText, daysUntil } from '../../app/time';
import { Note, Quiet, Row } from '../../ui/basics';
import { ReadyBar } from '../../ui/ReadyBar';
import { TextButton } from '../../ui/Button';

const EventSheet = lazy(() => import('./EventSheet'));
const SHOWN = 3;
/** So many things still have names that can be read in a bar. */
const MOST_PIECES = 16;

/** What to do about a thing, and when at the latest. */
function begin({ need }: Ranked, by: number, now: number): string {
  if (need === 'under-way') return 'is under way';
  if (need === 'blocked') return 'is not to be done at home: take it away now';
  return by < now ? `should have been begun ${atText(by)}: begin now, it may not be ready in time` : `begin by ${atText(by)}`;
}

/** What of an outing is not ready, the one that must be begun first on top. */
function Backwards({ rows, event }: { rows: readonly Ranked<ProgrammeOutline>[]; event: Event }) {
  const now = nowMs();
  const timed = rows.map((row) => ({ row, by: beginBy(row.programme, event) })).sort((a, b) => a.by - b.by);
  return (
    <ol>
      {timed.map(({ row, by }) => {
        const { all, hands } = minutesOf(row.programme?.steps ?? []);
        return (
          <li key={row.item.id} style={{ padding: '6px 0' }}>
            <Link to={toThing(row.item.id, 'programme')}>
              <strong>{thingName(row.item)}</strong>
            </Link>{' '}
            {begin(row, by, now)}{' '}
            {row.need !== 'under-way' && (
              <Quiet>
                {minutesText(all)}, {minutesText(hands)} of your time
              </Quiet>
            )}
          </li>
        );
      })}
    </ol>
  );
}

function One({
  event,
  rows,
  known,
  onChange,
}: {
  event: Event;
  rows: readonly Ranked<ProgrammeOutline>[];
  known: boolean;
  onChange: () => void;
}) {
  const [open, setOpen] = useState(false);
  const { unready, unseen } = readinessOf(rows, event);
  const days = daysUntil(event.on);
  const state = !known
    ? 'Is everything ready for it?'
    : unready.length > 0
      ? `${unready.length === 1 ? 'One thing is' : `${unready.length} things are`} not ready for it.`
      : unseen > 0
        ? `Nothing that was looked over needs care; ${unseen === 1 ? 'one thing was' : `${unseen} things were`} never looked over.`
        : 'Everything is ready.';
  return (
    <Note as="div" tone={unready.length > 0 ? 'alarm' : known && unseen === 0 ? 'good' : 'quiet'}>
      <strong>{event.name}</strong> {days === 0 ? 'today' : days === 1 ? 'tomorrow' : `in ${days} days`}, on {dayText(event.on)}.{' '}
      {state}{' '}
      {event.itemIds && (
        <Quiet>{event.itemIds.length === 1 ? 'One thing goes' : `${event.itemIds.length} things go`} along.</Quiet>
      )}
      <Row $wrap style={{ gap: '0 16px' }}>
        {unready.length > 0 && (
          <>
            <TextButton aria-expanded={open} onPress={() => setOpen(!open)}>
              {open ? 'Fold it' : 'What to begin when'}
            </TextButton>
            <Link
              to={toWashDay(
                unready.map((row) => row.item.id),
                event.readyBy,
              )}
            >
              Put a wash day together
            </Link>
          </>
        )}
        <TextButton onPress={onChange}>Change it</TextButton>
      </Row>
      {event.itemIds && known && event.itemIds.length <= MOST_PIECES && (
        <ReadyBar
          label={`What is ready for ${event.name}`}
          things={readyByThing(rows, event).map(({ row, state: ready }) => ({
            id: row.item.id,
            name: thingName(row.item),
            state: ready,
          }))}
        />
      )}
      {open && <Backwards rows={unready} event={event} />}
    </Note>
  );
}

/** The days ahead: what is not ready, when each thing must be begun, and the way to write another one down. */
export function Ahead({
  items,
  log,
  rows,
  known,
  children,
}: {
  items: readonly Item[];
  log: readonly LogEntry[];
  rows: readonly Ranked<ProgrammeOutline>[];
  known: boolean;
  /** What stands in the line of buttons before its own. */
  children: ReactNode;
}) {
  const [sheet, setSheet] = useState<EventEntry | 'new' | null>(null);
  const events = eventsAhead(log, today());
  return (
    <>
      {events.slice(0, SHOWN).map((event) => (
        <One
          key={event.id}
          event={event}
          rows={rows}
          known={known}
          onChange={() => setSheet(log.filter(isEntry('event')).find((e) => e.id === event.id) ?? null)}
        />
      ))}
      <Row $wrap $between $gap={8}>
        {children}
        <Row $wrap $gap={16}>
          <Link to={PATHS.season}>The weeks ahead</Link>
          <TextButton onPress={() => setSheet('new')}>Write down what is ahead</TextButton>
        </Row>
      </Row>
      {sheet !== null && (
        <Suspense fallback={null}>
          <EventSheet items={items} event={sheet === 'new' ? null : sheet} onClose={() => setSheet(null)} />
        </Suspense>
      )}
    </>
  );
}
