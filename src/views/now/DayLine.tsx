import { Link } from 'react-router';
import { begunByRuns, useDayRuns, useWish } from '../../app/loads';
import { nextOfDay } from '../../core/telling/load';
import { Note, Quiet } from '../../ui/basics';
import { PATHS } from '../../app/routes';

/** What comes next in a wash day that was started; nothing when none was. */
export function DayLine({ now }: { now: number }) {
  const started = useWish()?.started;
  const runs = useDayRuns(started);
  const next = started && runs ? nextOfDay(started.day.tasks, [...started.begun, ...begunByRuns(started, runs)], now) : null;
  if (!next) return null;
  return (
    <Note {...(next.late ? { tone: 'alarm' } : {})}>
      <strong>Next in the wash day.</strong> {next.text} {next.late && <Quiet>That is behind the plan.</Quiet>}{' '}
      <Link to={PATHS.washDay}>See the day</Link>
    </Note>
  );
}
