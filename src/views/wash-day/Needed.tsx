import styled from 'styled-components';
import { momentText } from '../../core/telling/wash-day';
import type { WashDay } from '../../core/washday';
import { Figure, Quiet } from '../../ui/basics';
import { Checkbox } from '../../ui/Checkbox';
import { Why } from '../../ui/Why';
import { turnsOf, type Doing } from './parts';

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
  > li[data-day] {
    display: block;
    font-weight: 700;
    padding-top: 16px;
    border-top: 0;
  }
`;
/** When somebody is needed, in order, with the day where it changes. */
const doingText = ({ task, nth }: Doing): string =>
  nth === 0 ? (task.title ?? task.text) : `Look ${nth + 1} of ${task.attended.length}. ${task.title ?? task.text}`;
const dayName = (instant: string): string => momentText(instant).split(' at ')[0] ?? '';
export function Needed({
  day,
  begun,
  onBegun,
}: {
  day: WashDay;
  /** Which tasks have begun; undefined before the day was started. */
  begun: readonly string[] | undefined;
  onBegun: (id: string, has: boolean) => void;
}) {
  const turns = turnsOf(day);
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
          <li key={turn.key}>
            <span>
              <Figure>
                {turn.from.slice(11, 16)}–{turn.to.slice(11, 16)}
              </Figure>
              <br />
              <Quiet>{turn.by}</Quiet>
            </span>
            <ul>
              {turn.doings.map((doing) => (
                <li key={doing.key}>
                  {begun && doing.nth === 0 ? (
                    <Checkbox selected={begun.includes(doing.task.id)} onChange={(has) => onBegun(doing.task.id, has)}>
                      <Figure>{doing.from.slice(11, 16)}</Figure> {doingText(doing)}
                    </Checkbox>
                  ) : (
                    <span>
                      <Figure>{doing.from.slice(11, 16)}</Figure> {doingText(doing)}
                    </span>
                  )}{' '}
                  {doing.nth === 0 && doing.task.title !== doing.task.text && (
                    <Why label="How" of={doing.task.title ?? ''}>
                      {doing.task.text}
                    </Why>
                  )}
                </li>
              ))}
            </ul>
          </li>,
        ])}
      </Turns>
    </section>
  );
}
