import { newWish, unstarted } from '../../app/dayHours';
import { Empty, Note, Page, Row } from '../../ui/basics';
import { InTurn } from '../../ui/InTurn';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { Choose } from './Choose';
import { DayOnPaper } from './DayOnPaper';
import { DoorCards } from './DoorCards';
import { DayActions, DaySays } from './DayHead';
import { HoursSheet } from './HoursSheet';
import { MoveSheet } from './MoveSheet';
import { namesIn } from './parts';
import { Plan } from './Plan';
import { type DayHere, useDay } from './useDay';
import type { Kit } from '../../core/gear';
import { PATHS } from '../../app/routes';

/** Nothing is chosen yet. */
function Nothing({ page: { due, here, say }, kit }: { page: DayHere; kit: Kit }) {
  return (
    <Page>
      <h1>Several things, one day</h1>
      <Empty title="Choose what is to be washed.">
        <p>What may share a drum is put together, the machines are kept busy, and you see when you are needed.</p>
        <Row $wrap>
          <Button
            isDisabled={due.length === 0}
            data-main-action
            onPress={() => say(newWish(due.map((i) => i.id)), `${due.length} things are in the day.`)}
          >
            Everything that is due ({due.length})
          </Button>
          <LinkButton look="quiet" to={PATHS.kit}>
            Choose from the kit
          </LinkButton>
        </Row>
      </Empty>
      <Choose kit={kit} wish={here} onChange={say} />
    </Page>
  );
}

/** What is changed in a sheet: the hours, or what lies in which drum. */
function Sheets({ page, kit }: { page: DayHere; kit: Kit }) {
  const { day, here, replan, sheet, setSheet, move, setMove } = page;
  const nameOf = namesIn(kit);
  return (
    <>
      {sheet === 'hours' && (
        <HoursSheet
          wish={here}
          onSave={(next) => {
            replan(next, 'The hours are changed.');
            setSheet(null);
          }}
          onClose={() => setSheet(null)}
        />
      )}
      {move && day && (
        <MoveSheet
          kit={kit}
          wish={unstarted(here)}
          day={day}
          itemId={move.id}
          to={move.to}
          onMove={(next) => {
            replan(
              next,
              next.items.includes(move.id) ? `${nameOf(move.id)} is in another drum.` : `${nameOf(move.id)} is out of the day.`,
            );
            setMove(null);
          }}
          onClose={() => setMove(null)}
        />
      )}
    </>
  );
}

/** How to get all this done in time: what shares a drum, and when somebody is needed. */
export function WashDay() {
  const page = useDay();
  const { kit, wish, day, busy, here, say, sheet } = page;
  if (!kit || wish === undefined || page.isGiven) return <Page aria-busy="true" />;
  if (!wish || wish.items.length === 0) return <Nothing page={page} kit={kit} />;
  if (sheet === 'cards' && day) return <DoorCards day={day} kit={kit} onClose={page.closeSheet} />;
  return (
    // A name may be one long word.
    <Page aria-busy={(!day && busy !== null) || undefined} style={{ overflowWrap: 'anywhere' }}>
      <Row $between $wrap $top>
        <DaySays day={day} busy={busy} wish={here} onStop={page.stop} onHours={() => page.setSheet('hours')} />
        <DayActions
          day={day}
          planning={busy !== null}
          wish={here}
          kit={kit}
          request={page.request}
          onLate={() => void page.moveRest()}
          onCalendar={() => void page.calendar()}
          onCards={() => page.setSheet('cards')}
          onChange={say}
        />
      </Row>
      {!busy && !day && (
        <Note>
          <Row $wrap>
            Planning was stopped. Nothing is lost. <TextButton onPress={page.again}>Plan it</TextButton>
          </Row>
        </Note>
      )}
      {day && <Plan page={page} kit={kit} day={day} />}
      {day && (
        <InTurn>
          <DayOnPaper day={day} kit={kit} />
        </InTurn>
      )}
      <Sheets page={page} kit={kit} />
    </Page>
  );
}
