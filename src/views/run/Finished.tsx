import { OfThing, useOfThing } from '../../app/OfThing';
import { PATHS, toThing } from '../../app/routes';
import { type Kit, type Item, type CareEntry } from '../../core/gear';
import { Link } from 'react-router';
import { CareReport } from '../../app/CareReport';
import { goBack } from '../../app/loads';
import { dayText } from '../../app/time';
import { isUntouched, type Run } from '../../core/run';
import { tookMinutes } from '../../core/run/report';
import { minutesText } from '../../core/units';
import { TextField } from '../../ui/TextField';
import { Column, Page, Quiet, Row } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { Form } from '../../ui/Form';

import { type FinishedRun, forgetRun, useFinished, writeRun } from './useFinished';

const Gone = ({ run }: { run: Run }) => (
  <Page>
    <h1>{run.itemName} is no longer in your kit.</h1>
    <p>What was done to it cannot be recorded with it.</p>
    <Row>
      <LinkButton to={PATHS.now}>To Now</LinkButton>
    </Row>
  </Page>
);
const NothingDone = ({ itemId }: { itemId: string }) => (
  <Page>
    <h1>You stopped this programme.</h1>
    <p>Nothing had been done: nothing was taken off your supplies and nothing went into the record.</p>
    <Row>
      <LinkButton to={toThing(itemId, 'programme')}>Begin again</LinkButton>
    </Row>
  </Page>
);
/** It is written: when it is due again, and what it came to. */
function Written({ item, entry, kit }: { item: Item; entry: CareEntry; kit: Kit }) {
  return (
    <Page>
      <h1>It is in the record.</h1>
      <p>
        Next look: <strong>{entry.nextDue ? dayText(entry.nextDue) : 'not set'}</strong>. {entry.dueReason}
      </p>
      <Row $wrap>
        <LinkButton to={toThing(item.id)} data-main-action>
          See {item.name ?? 'it'}
        </LinkButton>
        <LinkButton to={PATHS.now} look="quiet">
          To Now
        </LinkButton>
      </Row>
      <section aria-labelledby="report">
        <h2 id="report">What it came to</h2>
        <CareReport entry={entry} kit={kit} />
      </section>
    </Page>
  );
}

/** The end of a run: what will go into the record, to be read before it is written; nothing is lost until it is. */
export function Finished({ run }: { run: Run }) {
  const end = useFinished(run);
  if (!end) return <Page aria-busy="true" />;
  const { kit, item, entry, result } = end;
  if (!item || !result) return <Gone run={run} />;
  if (run.status === 'dropped' || (run.status === 'stopped' && isUntouched(run))) return <NothingDone itemId={item.id} />;
  if (entry) return <Written item={item} entry={entry} kit={kit} />;
  return (
    <OfThing item={item}>
      <ToWrite run={run} item={item} end={end} result={result} />
    </OfThing>
  );
}

function ToWrite({
  run,
  item,
  end,
  result,
}: {
  run: Run;
  item: Item;
  end: FinishedRun;
  result: NonNullable<FinishedRun['result']>;
}) {
  const says = useOfThing();
  const { kit, note, setNote, forgetDraft } = end;
  const stopped = run.status === 'stopped';
  return (
    <Page>
      <h1>{stopped ? `You stopped ${run.itemName}.` : `Done. ${run.itemName} is through.`}</h1>
      <Quiet>
        It took {minutesText(tookMinutes(run))}.{' '}
        {stopped ? says('If it is wet, do not leave it lying.') : 'It stays here until you write it down, wherever you go.'}
      </Quiet>
      <Column $gap={16} style={{ maxWidth: 520 }}>
        <Form
          onSubmit={() => {
            void writeRun(run, result, forgetDraft);
          }}
        >
          <Column $gap={16}>
            <TextField label="Anything to remember?" maxLength={400} value={note} onChange={setNote} />
            <Row $wrap>
              <Button size="big" type="submit" data-main-action>
                Write it in the record
              </Button>
              <TextButton onPress={() => void goBack(run)}>{stopped ? 'Go on with it after all' : 'One step back'}</TextButton>
              {stopped && <TextButton onPress={() => void forgetRun(run, forgetDraft)}>Forget it: nothing was done</TextButton>}
            </Row>
          </Column>
        </Form>
      </Column>
      <section aria-labelledby="report">
        <h2 id="report">This goes into the record</h2>
        <CareReport entry={result.entry} kit={kit} load={result.load} after={result.inspection} weights={result.weighIns} />
      </section>
      <Row>
        <Link to={toThing(item.id)}>To {item.name ?? 'it'}</Link>
      </Row>
    </Page>
  );
}
