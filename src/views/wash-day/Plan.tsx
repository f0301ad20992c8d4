import { nowMs } from '../../app/now';
import { Column, TwoColumns } from '../../ui/basics';
import { usePhone } from '../../ui/phone';
import { InTurn } from '../../ui/InTurn';
import { Timeline } from '../../ui/Timeline';
import { Choose } from './Choose';
import { Loads } from './Loads';
import { Needed } from './Needed';
import { LeftOut, remedied, Saved, Small, WhyNot } from './Outcome';
import { namesIn, rowsOf } from './parts';
import type { DayHere } from './useDay';
import type { WashDay } from '../../core/washday';
import type { Kit } from '../../core/gear';
interface OfPlan {
  readonly page: DayHere;
  readonly kit: Kit;
  readonly day: WashDay;
}
/** Its loads, and the day by machine and by hands. */
function Board({ page: { carry, setMove }, kit, day }: OfPlan) {
  return (
    <>
      <Loads day={day} kit={kit} onMove={(id, to) => setMove({ id, to })} carry={carry} />
      {day.tasks.length > 0 && (
        <section aria-label="The day by machine and by hands">
          <h2>The day</h2>
          <Timeline
            rows={rowsOf(day, kit)}
            now={nowMs()}
            label="The day by machine and by hands; the same stands as a list below."
          />
        </section>
      )}
    </>
  );
}
/** What else there is to a day: what is in it, what it saves, what did not fit. */
function Beside({ page: { here, programmes, replan }, kit, day }: OfPlan) {
  return (
    <Column $gap={24}>
      <Choose kit={kit} wish={here} onChange={replan} />
      <Saved day={day} />
      <LeftOut
        day={day}
        inLargeDryer={(id) => (programmes?.[id]?.steps ?? []).some((step) => step.settings.place === 'launderette')}
        {...(here.hired?.includes('dryer')
          ? {}
          : {
              onDryer: () => replan({ ...here, hired: [...(here.hired ?? []), 'dryer'] }, 'The large dryer is in the day.'),
            })}
      />
      <Small day={day} />
    </Column>
  );
}
/** A day that is planned. */
export function Plan({ page, kit, day }: OfPlan) {
  const phone = usePhone();
  const { here, replan, begun, inRuns, carry, calendar, onBegun } = page;
  // On a phone what comes next stands first.
  const board = <Board page={page} kit={kit} day={day} />;
  return (
    <>
      <WhyNot day={day} now={nowMs()} onTake={(remedy) => replan(remedied(here, remedy), 'The day is changed.')} />
      {!phone && board}
      <TwoColumns $left={1.6}>
        <Column $gap={24}>
          <Needed
            day={day}
            begun={here.started && begun}
            inRuns={inRuns}
            carry={carry}
            nameOf={namesIn(kit)}
            onCalendar={(task) => void calendar(task)}
            onBegun={onBegun}
          />
          {phone && board}
        </Column>
        <InTurn>
          <Beside page={page} kit={kit} day={day} />
        </InTurn>
      </TwoColumns>
    </>
  );
}
