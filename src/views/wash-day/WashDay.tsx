import { useCallback, useEffect, useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { readList } from '../../app/routes';
import { endOfDay, kitOfDay, newWish, unstarted } from '../../app/dayHours';
import { download } from '../../app/download';
import { readWish } from '../../app/loads';
import { useKit, usePlanning } from '../../app/kit';
import { nowIso, nowMs } from '../../app/now';
import { tell } from '../../app/session';
import { pageTitle } from '../../app/title';
import { useWashDay } from '../../app/washDay';
import { HIRED_WORDS, momentText } from '../../core/telling/wash-day';
import type { DayTask, DayWish } from '../../core/washday';
import { Column, Empty, Note, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { Disclosure } from '../../ui/Disclosure';
import { Menu } from '../../ui/Menu';
import { usePhone } from '../../ui/phone';
import { Timeline } from '../../ui/Timeline';
import { Choose } from './Choose';
import { DoorCards } from './DoorCards';
import { HoursSheet } from './HoursSheet';
import { Loads } from './Loads';
import { MoveSheet } from './MoveSheet';
import { Needed } from './Needed';
import { LeftOut, remedied, Saved, Verdict, WhyNot } from './Outcome';
import { namesIn, rowsOf } from './parts';

function hoursLine(wish: DayWish): string {
  const people = wish.people.map((p) => (p.from && p.to ? `${p.name} ${p.from}–${p.to}` : `${p.name} all day`)).join(', ');
  const quiet = wish.quiet ? ` · quiet ${wish.quiet.from}–${wish.quiet.to}` : '';
  const hired = (wish.hired ?? []).map((one) => ` · ${HIRED_WORDS[one].offer}`).join('');
  return `${people}${quiet}${hired}${wish.until ? ` · done by ${momentText(wish.until)}` : ''}`;
}

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
  useEffect(() => {
    pageTitle('Wash day');
    return () => pageTitle(null);
  }, []);
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
          <p>What may share a drum is put together, the machines are kept busy, and you are told when you are needed.</p>
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
    download('wash-day.ics', 'text/calendar', (await files()).calendarFile(day, nowIso(), only ? [only] : day.tasks));
    tell('The calendar file is saved. Open it in your calendar.');
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
      <Row $between $wrap $top>
        <Column $gap={8} style={{ maxWidth: 820 }}>
          <Verdict aria-live="polite">{day ? day.verdict : busy?.verdict || 'Putting the day together …'}</Verdict>
          {busy && (
            <Row role="status">
              <Quiet>
                {busy.better > 0 ? `Looking for a better day; ${busy.better} found so far.` : 'Looking for the best day …'}
              </Quiet>
              <TextButton onPress={stop}>Stop</TextButton>
            </Row>
          )}
          {day && !busy && (
            <Quiet>
              {day.status === 'optimal'
                ? 'No day on these machines and in these hours can be better.'
                : day.status === 'planned'
                  ? `No day on these machines and in these hours can be done before ${momentText(day.bound.finish)}.`
                  : 'What follows is the best that can be done without the limit.'}
            </Quiet>
          )}
          <Row $wrap>
            <Quiet>{hoursLine(here)}</Quiet>
            <TextButton onPress={() => setSheet('hours')}>Hours and people</TextButton>
          </Row>
        </Column>
        <Row $wrap className="no-print">
          {here.started ? (
            <Button data-main-action onPress={() => void moveRest()}>
              Late: move the rest
            </Button>
          ) : (
            <Button
              isDisabled={!day || busy !== null || day.status === 'impossible'}
              data-main-action
              onPress={() =>
                day &&
                say(
                  { ...here, started: { day, begun: [], kit: kitOfDay(kit, here.items) } },
                  'The day is started. Carry out a load, or tick what you have begun.',
                )
              }
            >
              Start the day
            </Button>
          )}
          <Button look="quiet" isDisabled={!day} onPress={() => void calendar()}>
            To calendar
          </Button>
          <Button look="quiet" isDisabled={!day} onPress={() => window.print()}>
            Print
          </Button>
          <Menu
            label="More"
            lines={[
              { id: 'cards', name: 'Print a card for each machine', onPress: () => setSheet('cards') },
              {
                id: 'md',
                name: 'Save as Markdown',
                onPress: () =>
                  void files().then(
                    ({ dayMarkdown }) => day && download('wash-day.md', 'text/markdown', dayMarkdown(day, nameOf)),
                  ),
              },
              {
                id: 'json',
                name: 'Save for other software',
                onPress: () => day && download('wash-day.json', 'application/json', JSON.stringify(day, null, 2)),
              },
              {
                id: 'request',
                name: 'Save what was asked',
                onPress: () => request && download('day-request.json', 'application/json', JSON.stringify(request, null, 2)),
              },
              ...(here.started
                ? [
                    {
                      id: 'open',
                      name: 'Plan it anew',
                      onPress: () => say(unstarted(here), 'The day is open again.'),
                    },
                  ]
                : []),
              {
                id: 'new',
                name: 'Begin a new day',
                onPress: () => say({ ...newWish(), people: here.people }, 'The day is empty.'),
              },
            ]}
          />
        </Row>
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
              {day.cautions.length > 0 && (
                <section aria-label="Careful">
                  <h2>Careful</h2>
                  <ul>
                    {day.cautions.map((c) => (
                      <li key={c}>{c}</li>
                    ))}
                  </ul>
                </section>
              )}
              <Disclosure title={`What this rests on (${day.assumptions.length})`}>
                <ul>
                  {day.assumptions.map((a) => (
                    <li key={a}>{a}</li>
                  ))}
                </ul>
              </Disclosure>
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
