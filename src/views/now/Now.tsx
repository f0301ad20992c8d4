import { handsText } from '../../core/telling/season';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { toThing } from '../../app/routes';
import { useKit, usePlanning } from '../../app/kit';
import { useRanked } from '../../app/ranked';
import { useOpenRuns } from '../../app/runs';
import { useSecond } from '../../app/UnderWay';
import { forToday, needsCare, type Ranked } from '../../core/due/rank';
import { notify } from '../../app/session';
import { Ahead } from './Ahead';
import { DayLine } from './DayLine';
import { BackFrom, UsedToday } from './BackFrom';
import { today } from '../../app/now';
import { clockText, dayText } from '../../app/time';
import { download } from '../../app/download';
import { minutesOf } from '../../core/document';
import type { Item, Kit } from '../../core/gear';
import { leftMs, tick, current } from '../../core/run';
import { underWayLines, type UnderWayLine } from '../../core/telling/load';
import { runStateText } from '../../core/telling/run';
import { minutesText } from '../../core/units';
import { upkeepOf } from '../../core/upkeep';
import { AGENT_WORDS, KIND_WORDS, RESIDUE_WORDS, thingName, WASHER_WORDS } from '../../core/words';
import { capital } from '../../core/words/text';
import { UPKEEP_WORDS } from '../../core/words/upkeep';
import { Column, Empty, Note, Page, Quiet, Row } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import type { ProgrammeOutline } from '../../workers';
import { Progress } from '../../ui/Progress';
import { countdown } from '../../ui/countdown';
import { Strip } from '../../ui/strata';
import { color, font, phone } from '../../ui/theme';

const Section = styled.section`
  display: flex;
  flex-direction: column;
  gap: 8px;
`;
/** Two lines on a phone from the start: it grows when all was looked through, and what is below is pressed meanwhile. */
const Headline = styled.h1`
  ${phone} {
    min-height: 2.4em;
  }
`;
const NeedRow = styled(Link)`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 220px 150px;
  gap: 8px 20px;
  align-items: center;
  padding: 12px 0;
  border-top: 1px solid ${color.line};
  text-decoration: none;
  &:hover strong {
    text-decoration: underline;
  }
  ${phone} {
    grid-template-columns: minmax(0, 1fr) auto;
    > :nth-child(2) {
      grid-row: 2;
      grid-column: 1 / -1;
    }
  }
`;
const Verdict = styled.span`
  font-size: 18px;
  display: block;
  line-height: 1.35;
`;
const Live = styled(Link)`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 20px;
  align-items: center;
  border: 1.5px solid ${color.ink};
  border-radius: 4px;
  padding: 14px 20px;
  text-decoration: none;
  background: ${color.panel};
`;
const Countdown = styled.span`
  font: 700 36px ${font.text};
  font-variant-numeric: tabular-nums;
  letter-spacing: -0.02em;
`;

function LiveRun({ line: { run, path, name, now: says }, now }: { line: UnderWayLine; now: number }) {
  const at = tick(run, now);
  const step = current(at);
  const left = leftMs(at, now);
  const done = new Set(
    Object.values(run.steps)
      .filter((s) => s.times > 0)
      .map((s) => s.stepId),
  );
  return (
    <Live to={path}>
      <Countdown>
        {says !== null ? '···' : run.status !== 'live' ? 'done' : left === null ? '···' : left === 0 ? 'now' : countdown(left)}
      </Countdown>
      <Column $gap={6}>
        <span>
          <strong>{name}</strong> <Quiet>{says ?? (run.status === 'live' ? step?.title : runStateText(run, now))}</Quiet>
        </span>
        <Strip steps={run.programme.steps} small doneIds={done} label={`Progress of ${name}`} />
      </Column>
      <Quiet>{run.status !== 'live' ? 'write it down' : left ? `alarm at ${clockText(now + left)}` : 'waits for you'}</Quiet>
    </Live>
  );
}

const handsOf = (programme: ProgrammeOutline | null): number => minutesOf(programme?.steps ?? []).hands;
const handsOfAll = (rows: readonly Ranked<ProgrammeOutline>[]): string =>
  handsText(rows.reduce((sum, r) => sum + handsOf(r.programme), 0));
const Rest = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(340px, 1fr));
  column-gap: 32px;
  li {
    border-top: 1px solid ${color.line};
    padding: 8px 0;
    min-height: 44px;
    display: flex;
    justify-content: space-between;
    gap: 12px;
    min-width: 0;
    /* A name may be one long word. */
    > :first-child {
      min-width: 0;
      overflow-wrap: anywhere;
    }
  }
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
/** What can wait, a line each: its verdict and the minutes. */
function CanWait({ ranked }: { ranked: readonly Ranked<ProgrammeOutline>[] }) {
  return (
    <Rest>
      {ranked.map(({ item, programme }) => (
        <li key={item.id}>
          <span>
            <Link to={toThing(item.id, 'programme')}>{thingName(item)}</Link> <Quiet>{programme?.verdict}</Quiet>
          </span>
          <Quiet style={{ whiteSpace: 'nowrap' }}>{minutesText(handsOf(programme))}</Quiet>
        </li>
      ))}
    </Rest>
  );
}

function Needs({ ranked }: { ranked: readonly Ranked<ProgrammeOutline>[] }) {
  return (
    <div>
      {ranked.map(({ item, programme }) => (
        <NeedRow key={item.id} to={toThing(item.id, 'programme')}>
          <span>
            <Verdict>
              <strong>{item.name ?? KIND_WORDS[item.kind]}</strong>
            </Verdict>
            <span>{programme?.verdict}</span> <Quiet>{programme?.because[0] ? `because ${programme.because[0]}` : ''}</Quiet>
          </span>
          <Strip steps={programme?.steps ?? []} small label="Programme" />
          <Quiet style={{ textAlign: 'right', whiteSpace: 'nowrap' }}>{minutesText(handsOf(programme))} of your time</Quiet>
        </NeedRow>
      ))}
    </div>
  );
}

/** As many as a day has, and as many of the rest as are shown before "Show all". */
const SHOWN = 5;
const FEW = 8;
/** Height of a row of the list, px, about: its place is kept while it is looked for, so that nothing below moves under the hand. */
const ROW_PX = 76;
const Place = styled.div<{ $rows: number }>`
  min-height: ${({ $rows }) => $rows * ROW_PX}px;
`;

function headline(needs: number, live: number, looks: number, unplanned: number, known: boolean): string {
  if (!known && live === 0) return 'What needs you now?';
  const parts: string[] = [];
  if (live > 0) parts.push(live === 1 ? 'One thing is under way' : `${live} things are under way`);
  if (needs > 0) parts.push(needs === 1 ? 'one thing needs care' : `${needs} things need care`);
  if (unplanned > 0) parts.push(unplanned === 1 ? 'one thing could not be planned' : `${unplanned} things could not be planned`);
  if (parts.length === 0) return looks > 0 ? 'Nothing needs care. Some things want a look.' : 'Nothing needs you now.';
  const text = parts.join(', ');
  return `${capital(text)}.`;
}

/** One thing with what is recorded of it and why it could not be planned, as a file. */
function saveToSend(kit: Kit, item: Item, failed: string): void {
  const own = <R extends { readonly itemId?: string }>(rows: readonly R[] = []): R[] => rows.filter((r) => r.itemId === item.id);
  const { format, version, equipment, preferences } = kit;
  const part = {
    format,
    version,
    items: [item],
    inspections: own(kit.inspections),
    log: own(kit.log),
    equipment,
    preferences,
    failed,
  };
  download('umbrastic-could-not-be-planned.json', 'application/json', JSON.stringify(part, null, 2));
}

/** What needs me? Live programmes, then what is due, ranked by performance lost. */
export function Now() {
  const kit = useKit();
  const planning = usePlanning(kit);
  const { programmes } = planning;
  const open = useOpenRuns();
  const runs = open ?? [];
  const now = useSecond(runs.length > 0);
  const navigate = useNavigate();
  const [all, setAll] = useState(false);
  const ranked = useRanked(kit, programmes);
  if (!kit || !open) return <Page aria-busy="true" />;
  if (kit.items.length === 0) {
    const demo = async (): Promise<void> => {
      if (!(await (await import('../../app/demo')).takeDemoKit()))
        notify('The demo kit is not here just now. Start with npm run demo, or add your own thing.');
    };
    return (
      <Page>
        <h1>What do you want to look after?</h1>
        <Empty title="Nothing in your kit yet.">
          <p>
            Three questions, then the thing that worries you: choose a construction that looks like it, look it over, and get an
            answer in a minute.
          </p>
          <Row $wrap>
            <Button data-main-action onPress={() => void navigate('/begin')}>
              Begin with your own
            </Button>
            <Button look="quiet" onPress={() => void demo()}>
              Look round in an invented club
            </Button>
          </Row>
        </Empty>
      </Page>
    );
  }
  // Rows wait until all was looked through: a list that grows and sorts itself anew is pressed wrongly.
  const known = programmes !== null && !(planning.state !== 'done' && planning.state !== 'stopped' && planning.first);
  const planned = known ? (ranked ?? []) : [];
  const wanting = planned.filter(needsCare);
  const needs = wanting.filter((r) => !r.planned);
  const later = wanting.filter((r) => r.planned);
  const elsewhere = planned.filter((r) => r.need === 'blocked');
  const unplanned = planned.filter((r) => r.need === 'unplanned');
  const looks = planned.filter((r) => r.need === 'look');
  const shown = forToday(needs, (r) => handsOf(r.programme)).slice(0, SHOWN);
  const rest = needs.filter((r) => !shown.includes(r));
  const dirtyMachines = (kit.equipment?.washers ?? []).filter(
    (w) => (w.lastLoads ?? []).length > 0 || (w.unrinsed ?? []).length > 0,
  );
  const upkeep = upkeepOf(kit.equipment ?? {}, kit.log ?? [], today()).filter((l) => l.state === 'due');
  return (
    <Page>
      <Row $between $wrap $top>
        <Headline>{headline(needs.length, runs.length, looks.length, unplanned.length, known)}</Headline>
        <LinkButton to="/kit/new" look="quiet">
          Add a thing
        </LinkButton>
      </Row>
      {runs.length > 0 && (
        <Section aria-label="Under way">
          {underWayLines(runs).map((line) => (
            <LiveRun key={line.run.id} line={line} now={now} />
          ))}
        </Section>
      )}
      <DayLine now={now} />
      <Ahead items={kit.items} log={kit.log ?? []} rows={planned} known={known && planning.state !== 'stopped'}>
        <BackFrom kit={kit} />
      </Ahead>
      {planning.state === 'failed' && (
        <Note tone="alarm">
          Your things could not be looked through; nothing of them is lost.{' '}
          <TextButton onPress={planning.again}>Look through them again</TextButton>
        </Note>
      )}
      {!known && planning.state !== 'failed' && (
        <Section aria-labelledby="looking" aria-busy="true">
          <h2 id="looking">Looking through your things</h2>
          <Place $rows={Math.min(SHOWN, kit.items.length)}>
            <Progress what="Looked through" done={planning.done} of={planning.of} onStop={planning.stop} />
          </Place>
        </Section>
      )}
      {planning.state === 'stopped' && (
        <Note>
          Stopped: not everything was looked through. <TextButton onPress={planning.again}>Look through the rest</TextButton>
        </Note>
      )}
      {needs.length > 0 && (
        <Section aria-labelledby="needs">
          <h2 id="needs">Needs care today: {handsOfAll(shown)} of your time</h2>
          <Needs ranked={shown} />
          {planning.state === 'busy' && (
            <Progress what="Looking through them" done={planning.done} of={planning.of} onStop={planning.stop} />
          )}
          {rest.length > 0 && (
            <>
              <Row $between $wrap>
                <h2>
                  Can wait: {rest.length === 1 ? 'one thing' : `${rest.length} things`}, {handsOfAll(rest)} of your time
                </h2>
                {rest.length > FEW && (
                  <TextButton aria-expanded={all} onPress={() => setAll(!all)}>
                    {all ? 'Show fewer' : `Show all ${rest.length}`}
                  </TextButton>
                )}
              </Row>
              <CanWait ranked={all ? rest : rest.slice(0, FEW)} />
            </>
          )}
        </Section>
      )}
      {later.length > 0 && (
        <Section aria-labelledby="later">
          <h2 id="later">Set for a later day</h2>
          <ul>
            {later.map(({ item, on }) => (
              <li key={item.id} style={{ padding: '6px 0' }}>
                <Link to={toThing(item.id, 'programme')}>{thingName(item)}</Link> <Quiet>{dayText(on)}</Quiet>
              </li>
            ))}
          </ul>
        </Section>
      )}
      {unplanned.length > 0 && (
        <Section aria-labelledby="unplanned">
          <h2 id="unplanned">Could not be planned</h2>
          <p>
            Whether these need care is not known. Save one to send it to whoever looks after this program; the file holds that
            thing with its record, your machines and your settings.
          </p>
          {unplanned.map(({ item, programme }) => (
            <Row key={item.id} $wrap>
              <strong>{thingName(item)}</strong>
              <TextButton onPress={() => saveToSend(kit, item, programme?.failed ?? '')}>Save it to send</TextButton>
            </Row>
          ))}
        </Section>
      )}
      <UsedToday kit={kit} now={now} />
      {elsewhere.length > 0 && (
        <Section aria-labelledby="elsewhere">
          <h2 id="elsewhere">Not to be done at home</h2>
          <Needs ranked={elsewhere} />
        </Section>
      )}
      {looks.length > 0 && (
        <Section aria-labelledby="looks">
          <h2 id="looks">Time to look them over</h2>
          <Row $wrap>
            {looks.slice(0, 12).map(({ item }) => (
              <LinkButton key={item.id} named look="quiet" to={toThing(item.id, 'look-over')}>
                {item.name ?? KIND_WORDS[item.kind]}
              </LinkButton>
            ))}
          </Row>
        </Section>
      )}
      {dirtyMachines.length + upkeep.length > 0 && (
        <Section aria-labelledby="machines">
          <h2 id="machines">Machines</h2>
          {dirtyMachines.map((w) => (
            <p key={w.id}>
              <strong>{w.name ?? WASHER_WORDS[w.kind]}</strong>{' '}
              {(w.unrinsed ?? []).length > 0
                ? `was not rinsed out after ${[...new Set((w.unrinsed ?? []).map((s) => AGENT_WORDS[s.class]))].join(', ')}.`
                : `still holds ${(w.lastLoads ?? []).map((r) => RESIDUE_WORDS[r]).join(', ')} from its last loads.`}{' '}
              <Link to="/cupboard/machines">See the machines</Link>
            </p>
          ))}
          {upkeep.length > 0 && (
            <p>
              Due:{' '}
              {upkeep.map((l) => `${UPKEEP_WORDS[l.task].name.toLowerCase()} (${l.machine.name ?? l.machine.kind})`).join(', ')}.{' '}
              <Link to="/cupboard/upkeep">See the upkeep</Link>
            </p>
          )}
        </Section>
      )}
    </Page>
  );
}
