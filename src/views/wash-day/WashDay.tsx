import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { download } from '../../app/download';
import { useKit, usePlanning } from '../../app/kit';
import { nowIso, nowMs } from '../../app/now';
import { tell } from '../../app/session';
import { pageTitle } from '../../app/title';
import { endOfDay, newWish } from '../../app/dayHours';
import { useWashDay } from '../../app/washDay';
import { momentText } from '../../core/telling/wash-day';
import type { Kit } from '../../core/gear';
import { SUPPLY_WORDS, thingName } from '../../core/words';
import type { DayWish, Remedy, WashDay as Day } from '../../core/washday';
import { Column, Empty, Figure, Note, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { ComboBox } from '../../ui/ComboBox';
import { Checkbox } from '../../ui/Checkbox';
import { Disclosure } from '../../ui/Disclosure';
import { Menu } from '../../ui/Menu';
import { usePhone } from '../../ui/phone';
import { Timeline } from '../../ui/Timeline';
import { Why } from '../../ui/Why';
import { HoursSheet } from './HoursSheet';
import { Loads } from './Loads';
import { MoveSheet } from './MoveSheet';
import { namesIn, rowsOf, turnsOf, type Doing } from './parts';

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
const Money = ({ of }: { of: { amount: number; currency: string } | undefined }) =>
  of ? (
    <Figure>
      {of.amount.toFixed(2)} {of.currency}
    </Figure>
  ) : null;

/** When somebody is needed, in order, with the day where it changes. */
const doingText = ({ task, nth }: Doing): string =>
  nth === 0 ? (task.title ?? task.text) : `Look ${nth + 1} of ${task.attended.length}. ${task.title ?? task.text}`;
const dayName = (instant: string): string => momentText(instant).split(' at ')[0] ?? '';
function Needed({
  day,
  begun,
  onBegun,
}: {
  day: Day;
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

/** What it takes against one thing after the other, and what must be bought for it. */
function Saved({ day }: { day: Day }) {
  const { takes, oneByOne } = day;
  return (
    <section aria-label="What it takes">
      <h2>What it takes</h2>
      <p>
        <Figure>{takes.waterL} L</Figure> of water, <Figure>{takes.kWh.toFixed(1)} kWh</Figure> and <Money of={takes.money} />.{' '}
        <Quiet>
          One thing after the other it would be <Figure>{oneByOne.waterL} L</Figure>,{' '}
          <Figure>{oneByOne.kWh.toFixed(1)} kWh</Figure> and <Money of={oneByOne.money} />.
        </Quiet>
      </p>
      {day.shopping.length > 0 && (
        <>
          <h3>To buy before it</h3>
          <ul>
            {day.shopping.map((line) => (
              <li key={line.class}>
                {SUPPLY_WORDS[line.class]}
                {line.needMl ? `, ${line.needMl} mL in all` : line.needCount ? `, ${line.needCount}` : ''}
                {line.perhaps ? ' (perhaps)' : ''}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

function WhyNot({ day, onTake }: { day: Day; onTake: (remedy: Remedy) => void }) {
  const { impossible } = day;
  if (!impossible) return null;
  return (
    <Note tone="alarm">
      <Column>
        <strong>Why it does not fit</strong>
        <ul>
          {impossible.because.map((b) => (
            <li key={b.text}>{b.text}</li>
          ))}
        </ul>
        {impossible.remedies.length > 0 && (
          <>
            <strong>What would make it possible</strong>
            <Row $wrap>
              {impossible.remedies.map((r) => (
                <Button key={r.text} look="quiet" onPress={() => onTake(r)}>
                  {r.text} Then done on {momentText(r.finish)}.
                </Button>
              ))}
            </Row>
          </>
        )}
      </Column>
    </Note>
  );
}
/** The wish with a remedy in it. */
function remedied(wish: DayWish, { change }: Remedy): DayWish {
  const { until: _until, quiet: _quiet, ...rest } = wish;
  const second = change.hands && change.hands.length > wish.people.length;
  return {
    ...rest,
    ...(change.until ? { until: change.until } : wish.until ? { until: wish.until } : {}),
    ...(change.quiet ? {} : wish.quiet ? { quiet: wish.quiet } : {}),
    ...(change.from ? { from: change.from } : {}),
    ...(change.items ? { items: change.items } : {}),
    ...(change.hands
      ? {
          people: second
            ? [...wish.people, { ...(wish.people[0] ?? { name: 'You' }), name: 'A second person' }]
            : wish.people.map(({ name }) => ({ name })),
        }
      : {}),
  };
}

const unstarted = ({ started: _started, ...rest }: DayWish): DayWish => rest;
function hoursLine(wish: DayWish): string {
  const people = wish.people.map((p) => (p.from && p.to ? `${p.name} ${p.from}–${p.to}` : `${p.name} all day`)).join(', ');
  const quiet = wish.quiet ? ` · quiet ${wish.quiet.from}–${wish.quiet.to}` : '';
  return `${people}${quiet}${wish.until ? ` · done by ${momentText(wish.until)}` : ''}`;
}

/** Which things; the answer to an empty day. */
function Choose({ kit, wish, onChange }: { kit: Kit; wish: DayWish; onChange: (next: DayWish, said: string) => void }) {
  const nameOf = namesIn(kit);
  const left = kit.items.filter((i) => !wish.items.includes(i.id) && !i.retiredOn && !i.archivedOn);
  return (
    <section aria-label="Things of the day">
      <h2>Things of the day</h2>
      <ComboBox
        label="Add a thing"
        value={null}
        clears
        options={left.map((i) => ({ id: i.id, name: thingName(i), also: `${i.owner ?? ''} ${i.kind}` }))}
        onChange={(id) => id && onChange({ ...wish, items: [...wish.items, id] }, `${nameOf(id)} is in the day.`)}
      />
      <ul>
        {wish.items.map((id) => (
          <li key={id}>
            <Row $between>
              <span>{nameOf(id)}</span>
              <TextButton
                aria-label={`Leave out ${nameOf(id)}`}
                onPress={() =>
                  onChange({ ...wish, items: wish.items.filter((one) => one !== id) }, `${nameOf(id)} is out of the day.`)
                }
              >
                Leave out
              </TextButton>
            </Row>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** How to get all this done in time: what shares a drum, and when somebody is needed. */
export function WashDay() {
  const kit = useKit();
  const { wish, day, busy, request, change, moveRest, stop, again } = useWashDay(kit);
  const { programmes } = usePlanning(kit);
  const [search, setSearch] = useSearchParams();
  const phone = usePhone();
  const [sheet, setSheet] = useState<'hours' | null>(null);
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
    if (given === null || wish === undefined) return;
    const items = given.split(',').filter(Boolean);
    const by = search.get('by');
    const next = { ...newWish(items), ...(by ? { until: endOfDay(by) } : {}) };
    void change(
      wish ? { ...next, people: wish.people, prefer: wish.prefer, ...(wish.quiet ? { quiet: wish.quiet } : {}) } : next,
      'A new day is put together.',
    ).then(() => setSearch({}, { replace: true }));
    // eslint-disable-next-line react-hooks/exhaustive-deps -- taken once from the address
  }, [given, wish === undefined]);
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
  const calendar = async (): Promise<void> => {
    if (!day) return;
    download('wash-day.ics', 'text/calendar', (await files()).calendarFile(day, nowIso()));
    tell('The calendar file is saved. Open it in your calendar.');
  };
  // On a phone what comes next stands first.
  const board = day && (
    <>
      <Loads day={day} kit={kit} onMove={(id, to) => setMove({ id, to })} />
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
    <Page aria-busy={(!day && busy !== null) || undefined}>
      <Row $between $wrap $top>
        <Column $gap={8} style={{ maxWidth: 820 }}>
          <h1 aria-live="polite">{day ? day.verdict : busy?.verdict || 'Putting the day together …'}</h1>
          {day && (
            <Quiet>
              {day.status === 'optimal'
                ? 'No day on these machines and in these hours can be better.'
                : day.status === 'planned'
                  ? `No day on these machines and in these hours can be done before ${momentText(day.bound.finish)}.`
                  : 'What follows is the best that can be done without the limit.'}{' '}
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
                day && say({ ...here, started: { day, begun: [] } }, 'The day is started. Tick what you have begun.')
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
      {busy && (
        <Row role="status">
          <Quiet>
            {busy.better > 0 ? `Looking for a better day; ${busy.better} found so far.` : 'Looking for the best day …'}
          </Quiet>
          <TextButton onPress={stop}>Stop</TextButton>
        </Row>
      )}
      {!busy && !day && (
        <Note>
          <Row $wrap>
            Planning was stopped. Nothing is lost. <TextButton onPress={again}>Plan it</TextButton>
          </Row>
        </Note>
      )}
      {day && (
        <>
          <WhyNot day={day} onTake={(remedy) => replan(remedied(here, remedy), 'The day is changed.')} />
          {!phone && board}
          <TwoColumns $left={1.6}>
            <Column $gap={24}>
              <Needed
                day={day}
                begun={here.started?.begun}
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
              {day.leftOut.length > 0 && (
                <section aria-label="Left out">
                  <h2>Left out</h2>
                  <ul>
                    {day.leftOut.map((l) => (
                      <li key={l.itemId}>{l.text}</li>
                    ))}
                  </ul>
                </section>
              )}
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
          wish={here}
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
