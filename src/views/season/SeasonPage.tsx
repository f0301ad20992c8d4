import { Said } from '../../ui/said';
import { useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { useKit, usePlanning, useUsual, type Planning } from '../../app/kit';
import { nowIso, today } from '../../app/now';
import { useRanked } from '../../app/ranked';
import { PATHS, toThing, toWashDay } from '../../app/routes';
import { notify } from '../../app/session';
import { dayText } from '../../app/time';
import { upkeepDone } from '../../app/upkeep';
import { RHYTHM_FIGURES } from '../../core/knowledge';
import {
  movesFor,
  runsOut,
  seasonAhead,
  type Move,
  type RunsOut,
  type SeasonTask,
  type SeasonWeek,
  type UsualCare,
} from '../../core/season';
import { handsText, runsOutText, seasonText, taskText } from '../../core/telling/season';
import { thingName } from '../../core/words';
import { howMany } from '../../core/words/text';
import { changeItems } from '../../data/repo';
import { Column, Note, Page, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { Crumbs } from '../../ui/Crumbs';
import { Disclosure } from '../../ui/Disclosure';
import { Meter } from '../../ui/Meter';
import { NumberField } from '../../ui/NumberField';
import { Progress } from '../../ui/Progress';
import { color, phone } from '../../ui/theme';
import { InTurn } from '../../ui/InTurn';
import { Outings } from './Outings';
import { Lifetimes, Swapped } from './Swap';
import type { Ranked } from '../../core/due/rank';
import type { Kit } from '../../core/gear';
import type { ProgrammeOutline } from '../../workers';

const LENGTHS = ['8', '13', '26', '52'] as const;
/** Hours of hands that a week can have. */
const MOST_HOURS = 60;
/** So many lines of a week stand open. */
const SHOWN = 4;

const Weeks = styled.ol`
  li.week {
    border-top: 1px solid ${color.line};
    padding: 8px 0;
    display: grid;
    grid-template-columns: 120px 150px minmax(0, 1fr);
    gap: 16px;
    align-items: baseline;
    ${phone} {
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 4px 12px;
      > :last-child {
        grid-column: 1 / -1;
      }
    }
  }
`;
const Tasks = styled.ul`
  li {
    padding: 2px 0;
  }
`;

/** Moves things to the days that were found, as one change. */
async function move(moves: readonly Move[]): Promise<void> {
  const since = nowIso();
  const undo = await changeItems(moves.map(({ item, on }) => ({ ...item, planned: { on, since } })));
  notify(`${howMany(moves.length, 'thing is', 'things are')} set for a quieter week.`, undo);
}

/** What will be due in the weeks ahead, which weeks ask for too much and what of it can be moved, what runs out, what goes out of season. */
export function SeasonPage() {
  const { kit, weeks, moves, hours, length, set, planning, rows, short, now, usual } = useSeason();
  if (!kit) return <Page aria-busy="true" />;
  return (
    <Page>
      <Crumbs trail={[{ to: PATHS.record, name: 'Record' }]} here="The weeks ahead" />
      <Row $between $wrap $gap={16}>
        <h1 style={{ maxWidth: 760 }} aria-live="polite">
          <Said>{weeks ? seasonText(weeks, moves, hours * 60, dayText) : 'What is due in the weeks ahead?'}</Said>
        </h1>
        {moves.length > 0 && (
          <Button data-main-action onPress={() => void move(moves)}>
            Move {howMany(moves.length, 'thing')}
          </Button>
        )}
      </Row>
      <Quiet as="p">
        Worked out from what is due now, earlier washes and uses, the calendar and your machines. When its day comes, a look
        decides. Looking one thing over counts {RHYTHM_FIGURES.lookMin.value} min, one task of a machine{' '}
        {RHYTHM_FIGURES.upkeepMin.value} min (from memory); the rest is planned for the thing itself.
      </Quiet>
      <Row $wrap $gap={24} $top>
        <OneOf
          label="How far?"
          value={length}
          options={LENGTHS.map((id) => ({ id, name: `${id} weeks` }))}
          onChange={(id) => set('weeks', id)}
        />
        <NumberField
          label="Hours you have for it in a week"
          width={240}
          what="hours"
          value={hours}
          min={0.5}
          max={MOST_HOURS}
          step={0.5}
          onChange={(value) => set('hours', String(value ?? hours))}
        />
      </Row>
      {moves.length > 0 && (
        <Disclosure title={`What would move: ${howMany(moves.length, 'thing')}`}>
          <Tasks aria-label="What would move">
            {moves.map(({ item, from, on }) => (
              <li key={item.id}>
                <Link to={toThing(item.id)}>{thingName(item)}</Link>, from the week of {dayText(from)} to {dayText(on)}
              </li>
            ))}
          </Tasks>
        </Disclosure>
      )}
      <div style={{ minHeight: 400 }} aria-busy={!weeks}>
        {weeks ? (
          <AheadOfKit
            planning={planning}
            kit={kit}
            rows={rows}
            weeks={weeks}
            hours={hours}
            short={short}
            now={now}
            usual={usual}
          />
        ) : (
          <Waiting planning={planning} of={kit.items.length} />
        )}
      </div>
    </Page>
  );
}

/** What will be due, week by week, for as many hours as there are. */
function useSeason() {
  const kit = useKit();
  const planning = usePlanning(kit);
  const rows = useRanked(kit, planning.programmes);
  const usual = useUsual(kit);
  const [params, setParams] = useSearchParams();
  const length = LENGTHS.find((n) => n === params.get('weeks')) ?? '13';
  const asked = Number(params.get('hours') ?? '');
  const hours = asked > 0 && asked <= MOST_HOURS ? asked : RHYTHM_FIGURES.handsAWeekMin.value / 60;
  const set = (name: string, value: string): void =>
    setParams(
      (was) => {
        was.set(name, value);
        return was;
      },
      { replace: true },
    );
  const now = today();
  const known = (planning.state === 'done' || planning.state === 'stopped') && usual !== null && rows !== null;
  const weeks = useMemo(
    () => (kit && known ? seasonAhead({ kit, rows, usual, today: now, weeks: Number(length), handsAWeekMin: hours * 60 }) : null),
    [kit, known, rows, usual, now, length, hours],
  );
  const moves = useMemo(() => (weeks ? movesFor(weeks, hours * 60, now) : []), [weeks, hours, now]);
  const short = useMemo(() => (weeks ? runsOut(weeks, kit?.supplies) : []), [weeks, kit]);
  return { kit, weeks, moves, hours, length, set, planning, rows, short, now, usual };
}

/** Week by week: outings, what is due, what runs out, what is swapped. */
function AheadOfKit({
  planning,
  kit,
  rows,
  weeks,
  hours,
  short,
  now,
  usual,
}: {
  planning: Planning;
  kit: Kit;
  rows: Ranked<ProgrammeOutline>[] | null;
  weeks: SeasonWeek[];
  hours: number;
  short: RunsOut[];
  now: string;
  usual: Readonly<Record<string, UsualCare>> | null;
}) {
  return (
    <Column $gap={16}>
      {planning.state === 'stopped' && (
        <Note>
          Stopped: not everything was looked through. <TextButton onPress={planning.again}>Look through the rest</TextButton>
        </Note>
      )}
      <Outings kit={kit} rows={rows ?? []} />
      <section aria-labelledby="by-week">
        <h2 id="by-week">Week by week</h2>
        <InTurn height={WEEKS_PX}>
          <ByWeek weeks={weeks} handsAWeekMin={hours * 60} />
        </InTurn>
      </section>
      {short.length > 0 && (
        <section aria-labelledby="runs-out">
          <h2 id="runs-out">What runs out</h2>
          <Tasks>
            {short.map((line) => (
              <li key={line.class}>
                <Said>{runsOutText(line, weeks[0]?.monday ?? now, dayText)}</Said>
              </li>
            ))}
          </Tasks>
          <Link to={PATHS.cupboard}>To the shopping list of what is due now</Link>
        </section>
      )}
      <InTurn>
        <Swapped kit={kit} usual={usual ?? {}} />
        <Lifetimes kit={kit} />
      </InTurn>
    </Column>
  );
}

/** About what the weeks ahead take of a page, px. */
const WEEKS_PX = 900;
const cares = (week: SeasonWeek): string[] => week.tasks.flatMap((t) => (t.kind === 'care' ? [t.item.id] : []));
/** While the weeks are worked out, or could not be. */
function Waiting({ planning, of }: { planning: Planning; of: number }) {
  if (planning.state !== 'failed') return <Progress what="Looked through" done={planning.done} of={of} onStop={planning.stop} />;
  return (
    <Note tone="alarm">
      Your things could not be looked through; nothing of them is lost.{' '}
      <TextButton onPress={planning.again}>Look through them again</TextButton>
    </Note>
  );
}
/** One line a week; weeks in which nothing is due are one line together. */
function ByWeek({ weeks, handsAWeekMin }: { weeks: readonly SeasonWeek[]; handsAWeekMin: number }) {
  const groups: SeasonWeek[][] = [];
  for (const week of weeks) {
    const last = groups.at(-1);
    const empty = (w: SeasonWeek | undefined): boolean => w !== undefined && w.tasks.length + w.events.length === 0;
    if (last && empty(last[0]) && empty(week)) last.push(week);
    else groups.push([week]);
  }
  return (
    <Weeks>
      {groups.map(([week, ...more]) =>
        week === undefined ? null : (
          <li key={week.monday} className="week">
            <strong>{dayText(week.monday)}</strong>
            {week.tasks.length === 0 ? (
              <Quiet>{more.length > 0 ? `${more.length + 1} weeks` : ''}</Quiet>
            ) : (
              <span>
                <Meter
                  label={`Hands in the week of ${dayText(week.monday)}`}
                  value={week.handsMin}
                  of={Math.max(handsAWeekMin, week.handsMin)}
                  text={handsText(week.handsMin)}
                  low={week.over}
                />{' '}
                <Quiet style={{ whiteSpace: 'nowrap' }}>
                  {handsText(week.handsMin)}
                  {week.over ? ', too much' : ''}
                </Quiet>
              </span>
            )}
            <Column $gap={4}>
              {week.events.map((event) => (
                <strong key={event.id}>
                  {event.name}, {dayText(event.on)}
                </strong>
              ))}
              {week.tasks.length + week.events.length === 0 && <Quiet>nothing is due</Quiet>}
              <WeekTasks tasks={week.tasks} />
              {week === weeks[0] && cares(week).length > 1 && <Link to={toWashDay(cares(week))}>Put a wash day together</Link>}
            </Column>
          </li>
        ),
      )}
    </Weeks>
  );
}
/** Work by its name, the longest first; looks together, because there are many and each is short. */
function WeekTasks({ tasks }: { tasks: readonly SeasonTask[] }) {
  const looks = tasks.filter((t) => t.kind === 'look');
  const work = tasks.filter((t) => t.kind !== 'look').sort((a, b) => b.handsMin - a.handsMin);
  return (
    <>
      <TaskList tasks={work.slice(0, SHOWN)} />
      {work.length > SHOWN && (
        <Disclosure title={`${work.length - SHOWN} more`}>
          <TaskList tasks={work.slice(SHOWN)} />
        </Disclosure>
      )}
      {looks.length > 0 && (
        <Disclosure title={howMany(looks.length, 'thing to look over', 'things to look over')}>
          <TaskList tasks={looks} />
        </Disclosure>
      )}
    </>
  );
}
function TaskList({ tasks }: { tasks: readonly SeasonTask[] }) {
  return (
    <Tasks>
      {tasks.map((task) => (
        <li key={task.id}>
          <Link
            to={task.kind === 'upkeep' ? PATHS.upkeep : toThing(task.item.id, task.kind === 'care' ? 'programme' : undefined)}
          >
            <Said>{taskText(task)}</Said>
          </Link>{' '}
          {task.kind === 'upkeep' && task.on <= today() && (
            <TextButton aria-label={`Done today: ${taskText(task)}`} onPress={() => void upkeepDone(task.machine, task.task)}>
              Done today
            </TextButton>
          )}
        </li>
      ))}
    </Tasks>
  );
}
