import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { notify } from '../../app/session';
import { Ahead } from './Ahead';
import { DayLine } from './DayLine';
import { BackFrom, UsedToday } from './BackFrom';
import { capital } from '../../core/words/text';
import { Empty, Note, Page, Row } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { InTurn } from '../../ui/InTurn';
import { Progress } from '../../ui/Progress';
import { phone } from '../../ui/theme';

import { Section } from './parts';
import { SHOWN, useNow, type NowHere } from './useNow';
import { UnderWayHere } from './UnderWayHere';
import { Elsewhere, Later, Looks, NeedsCare } from './Needing';
import { Unplanned } from './Unplanned';
import { MachinesHere } from './MachinesHere';
import { PATHS } from '../../app/routes';
/** Two lines on a phone from the start: it grows when all was looked through, and what is below is pressed meanwhile. */
const Headline = styled.h1`
  ${phone} {
    min-height: 2.4em;
  }
`;
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
/** The first page of all: a kit of one's own, or an invented one. */
function Begin() {
  const navigate = useNavigate();
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
          <Button data-main-action onPress={() => void navigate(PATHS.begin)}>
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
/** How far the kit was looked through. */
function Looking({ kit, planning, known }: Pick<NowHere, 'kit' | 'planning' | 'known'>) {
  return (
    <>
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
    </>
  );
}

/** What needs me? Live programmes, then what is due, ranked by performance lost. */
export function Now() {
  const here = useNow();
  if (!here) return <Page aria-busy="true" />;
  if (here.kit.items.length === 0) return <Begin />;
  return <Today here={here} />;
}

function Today({ here }: { here: NowHere }) {
  const { kit, planning, runs, now, known, planned, sorted } = here;
  return (
    <Page>
      <Row $between $wrap $top>
        <Headline>{headline(sorted.needs.length, runs.length, sorted.looks.length, sorted.unplanned.length, known)}</Headline>
        <LinkButton to={PATHS.newThing} look="quiet">
          Add a thing
        </LinkButton>
      </Row>
      <UnderWayHere runs={runs} now={now} />
      <DayLine now={now} />
      <Ahead items={kit.items} log={kit.log ?? []} rows={planned} known={known && planning.state !== 'stopped'}>
        <BackFrom kit={kit} />
      </Ahead>
      <Looking kit={kit} planning={planning} known={known} />
      <NeedsCare sorted={sorted} planning={planning} />
      <InTurn>
        <Later later={sorted.later} />
        <Unplanned kit={kit} unplanned={sorted.unplanned} />
        <UsedToday kit={kit} now={now} />
        <Elsewhere elsewhere={sorted.elsewhere} />
        <Looks looks={sorted.looks} />
        <MachinesHere dirtyMachines={here.dirtyMachines} upkeep={here.upkeep} />
      </InTurn>
    </Page>
  );
}
