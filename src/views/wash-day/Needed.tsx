import { hourAsWritten } from '../../core/units/day';
import styled from 'styled-components';
import type { DayTask, WashDay } from '../../core/washday';
import { Figure, Quiet } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { Checkbox } from '../../ui/Checkbox';
import { phone } from '../../ui/theme';
import { Why } from '../../ui/Why';
import { dayName, doingText, letterOf, piecesNextAt, turnsOf, type Turn } from './parts';
import type { Carry } from './Loads';

const Turns = styled.ol`
  display: flex;
  flex-direction: column;
  > li {
    display: grid;
    grid-template-columns: 116px minmax(0, 1fr);
    gap: 12px;
    padding: 8px 0;
    border-top: 1px solid var(--line);
  }
  ul > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 4px 12px;
    align-items: start;
    padding: 4px 0;
    min-height: 44px;
  }
  ${phone} {
    > li {
      grid-template-columns: minmax(0, 1fr);
      gap: 0;
    }
    br {
      display: none;
    }
  }
  > li[data-day] {
    display: block;
    font-weight: 700;
    padding-top: 16px;
    border-top: 0;
  }
`;
/** When somebody is needed, in order, with the day where it changes; of a started day each turn leads to what is begun in it. */
export function Needed({
  day,
  begun,
  inRuns,
  onBegun,
  onCalendar,
  carry,
  nameOf,
}: {
  day: WashDay;
  /** Which tasks have begun; undefined before the day was started. */
  begun: readonly string[] | undefined;
  /** Those of them that a run has begun: no tick of the hand. */
  inRuns: readonly string[];
  onBegun: (id: string, has: boolean) => void;
  /** One task alone is wanted in the calendar. */
  onCalendar: (task: DayTask) => void;
  /** How a started day is carried out. */
  carry: Carry | undefined;
  nameOf: (id: string) => string;
}) {
  const turns = turnsOf(day);
  const next = carry && begun ? piecesNextAt(day, turns, begun) : [];
  const calledOf = (piece: string): string => {
    const load = day.loads.find((l) => l.id === piece);
    if (!load) return nameOf(piece);
    return load.purpose === 'wash' ? `load ${letterOf(day, piece)}` : 'the purge';
  };
  return (
    <section aria-label="When you are needed">
      <h2>When you are needed</h2>
      <Turns>
        {turns.flatMap((turn, n) => [
          ...(dayName(turn.from) === (n > 0 ? dayName(turns[n - 1]?.from ?? '') : '')
            ? []
            : [
                <li key={`${turn.key}-day`} data-day="">
                  {dayName(turn.from)}
                </li>,
              ]),
          <OneTurn
            key={turn.key}
            turn={turn}
            begun={begun}
            inRuns={inRuns}
            onBegun={onBegun}
            onCalendar={onCalendar}
            carry={carry}
            next={next[n] ?? []}
            calledOf={calledOf}
          />,
        ])}
      </Turns>
    </section>
  );
}

/** One turn of hands, and what is begun in it. */
function OneTurn({
  turn,
  begun,
  inRuns,
  onBegun,
  onCalendar,
  carry,
  next,
  calledOf,
}: {
  turn: Turn;
  begun: readonly string[] | undefined;
  inRuns: readonly string[];
  onBegun: (id: string, has: boolean) => void;
  onCalendar: (task: DayTask) => void;
  carry: Carry | undefined;
  next: readonly string[];
  calledOf: (piece: string) => string;
}) {
  return (
    <li>
      <span>
        <Figure>
          {hourAsWritten(turn.from)}–{hourAsWritten(turn.to)}
        </Figure>{' '}
        <br />
        <Quiet>{turn.by}</Quiet>
      </span>
      <ul>
        {turn.doings.map((doing) => (
          <li key={doing.key}>
            {begun && doing.nth === 0 ? (
              <Checkbox
                selected={begun.includes(doing.task.id)}
                isDisabled={inRuns.includes(doing.task.id)}
                onChange={(has) => onBegun(doing.task.id, has)}
              >
                <Figure>{hourAsWritten(doing.from)}</Figure> {doingText(doing)}
              </Checkbox>
            ) : (
              <span>
                <Figure>{hourAsWritten(doing.from)}</Figure> {doingText(doing)}
              </span>
            )}{' '}
            {doing.nth === 0 && doing.task.title !== doing.task.text && (
              <Why label="How" of={doing.task.title ?? ''}>
                {doing.task.text}
                <br />
                <TextButton onPress={() => onCalendar(doing.task)}>Only this to the calendar</TextButton>
              </Why>
            )}
          </li>
        ))}
        {carry &&
          next.map((piece) => (
            <li key={`carry-${piece}`} style={{ justifyItems: 'start' }}>
              <TextButton onPress={() => carry.onCarry(piece)}>
                {carry.begun.has(piece) ? 'Go on with' : 'Begin'} {calledOf(piece)}
              </TextButton>
            </li>
          ))}
      </ul>
    </li>
  );
}
