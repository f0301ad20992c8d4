import { allInUnits } from '../../core/units/said';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { readList } from '../../app/routes';
import { endOfDay, newWish, unstarted } from '../../app/dayHours';
import { download } from '../../app/download';
import { readWish } from '../../app/loads';
import { useKit, usePlanning } from '../../app/kit';
import { nowIso, nowMs } from '../../app/now';
import { notify } from '../../app/session';
import { useWashDay } from '../../app/washDay';
import type { DayTask, DayWish } from '../../core/washday';
import { Column, Empty, Note, Page, Row, TwoColumns } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { usePhone } from '../../ui/phone';
import { Timeline } from '../../ui/Timeline';
import { Choose } from './Choose';
import { DayOnPaper } from './DayOnPaper';
import { DoorCards } from './DoorCards';
import { DayActions, DaySays } from './DayHead';
import { HoursSheet } from './HoursSheet';
import { Loads } from './Loads';
import { MoveSheet } from './MoveSheet';
import { Needed } from './Needed';
import { LeftOut, remedied, Saved, Small, WhyNot } from './Outcome';
import { namesIn, rowsOf } from './parts';

/** How to get all this done in time: what shares a drum, and when somebody is needed. */
export function WashDay() {
  const home = useKit();
  const { kit, wish, day, busy, request, change, moveRest, carryOut, begun, inRuns, stop, again } = useWashDay(home);
  const navigate = useNavigate();
  const { programmes } = usePlanning(home);
  const [search, setSearch] = useSearchParams();
  const phone = usePhone();
  const [sheet, setSheet] = useState<'hours' | 'cards' | null>(null);
  const closeSheet = useCallback(() => setSheet(null), []);
  const [move, setMove] = useState<{ id: string; to: string | null } | null>(null);
  const due = useMemo(
    () =>
      (kit?.items ?? []).filter((i) => {
        const aims = programmes?.[i.id]?.aims ?? [];
        return !i.archivedOn && !i.retiredOn && aims.length > 0 && !aims.every((a) => a === 'refer');
      }),
    [kit, programmes],
  );
  const given = search.get('items');
  useEffect(() => {
    // Not before the kit is here: on a first visit the demo would come behind it.
    if (given === null || wish === undefined || !kit) return;
    const items = readList(given);
    const by = search.get('by');
    const next = { ...newWish(items), ...(by ? { until: endOfDay(by) } : {}) };
    void readWish()
      .then((was) =>
        change(
          was ? { ...next, people: was.people, prefer: was.prefer, ...(was.quiet ? { quiet: was.quiet } : {}) } : next,
          'A new day is put together.',
        ),
      )
      .then(() => setSearch({}, { replace: true }));
    // eslint-disable-next-line react-hooks/exhaustive-deps -- taken once from the address
  }, [given, wish === undefined, kit === undefined]);
  if (!kit || wish === undefined) return <Page aria-busy="true" />;
  const here = wish ?? newWish();
  const say = (next: DayWish, said: string): void => void change(next, said);
  const replan = (next: DayWish, said: string): void => say(unstarted(next), said);
  const nameOf = namesIn(kit);
  if (!wish || wish.items.length === 0)
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
            <LinkButton look="quiet" to="/kit">
              Choose from the kit
            </LinkButton>
          </Row>
        </Empty>
        <Choose kit={kit} wish={here} onChange={say} />
      </Page>
    );
  const files = () => import('../../app/dayFiles');
  const calendar = async (only?: DayTask): Promise<void> => {
    if (!day) return;
    const said = allInUnits(day, kit?.preferences?.units ?? 'metric');
    const tasks = only ? said.tasks.filter((_, n) => day.tasks[n] === only) : said.tasks;
    download('wash-day.ics', 'text/calendar', (await files()).calendarFile(said, nowIso(), tasks));
    notify('The calendar file is saved. Open it in your calendar.');
  };
  if (sheet === 'cards' && day) return <DoorCards day={day} kit={kit} onClose={closeSheet} />;
  const carry = here.started && {
    begun: new Set(Object.keys(here.started.loads ?? {})),
    onCarry: (piece: string) => void carryOut(piece).then((path) => path !== null && void navigate(path)),
  };
  // On a phone what comes next stands first.
  const board = day && (
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
  return (
    // A name may be one long word.
    <Page aria-busy={(!day && busy !== null) || undefined} style={{ overflowWrap: 'anywhere' }}>
      {day && <DayOnPaper day={day} kit={kit} />}
      <Row $between $wrap $top>
        <DaySays day={day} busy={busy} wish={here} onStop={stop} onHours={() => setSheet('hours')} />
        <DayActions
          day={day}
          planning={busy !== null}
          wish={here}
          kit={kit}
          request={request}
          onLate={() => void moveRest()}
          onCalendar={() => void calendar()}
          onCards={() => setSheet('cards')}
          onChange={say}
        />
      </Row>
      {!busy && !day && (
        <Note>
          <Row $wrap>
            Planning was stopped. Nothing is lost. <TextButton onPress={again}>Plan it</TextButton>
          </Row>
        </Note>
      )}
      {day && (
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
                nameOf={nameOf}
                onCalendar={(task) => void calendar(task)}
                onBegun={(id, has) =>
                  here.started &&
                  void change({
                    ...here,
                    started: {
                      ...here.started,
                      begun: has ? [...here.started.begun, id] : here.started.begun.filter((one) => one !== id),
                    },
                  })
                }
              />
              {phone && board}
            </Column>
            <Column $gap={24}>
              <Choose kit={kit} wish={here} onChange={replan} />
              <Saved day={day} />
              <LeftOut
                day={day}
                inLargeDryer={(id) => (programmes?.[id]?.steps ?? []).some((step) => step.settings.place === 'launderette')}
                {...(here.hired?.includes('dryer')
                  ? {}
                  : {
                      onDryer: () =>
                        replan({ ...here, hired: [...(here.hired ?? []), 'dryer'] }, 'The large dryer is in the day.'),
                    })}
              />
              <Small day={day} />
            </Column>
          </TwoColumns>
        </>
      )}
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
    </Page>
  );
}
