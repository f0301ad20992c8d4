import { toThing } from '../../app/routes';
import { latestInspection } from '../../core/gear';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { CareReport } from '../../app/CareReport';
import { useDraft } from '../../app/draft';
import { useItem } from '../../app/kit';
import { goBack, useLoad } from '../../app/loads';
import { nowIso, today } from '../../app/now';
import { notify } from '../../app/session';
import { dayText } from '../../app/time';
import { isUntouched, type Run } from '../../core/run';
import { finishRun } from '../../core/run/finish';
import { tookMinutes } from '../../core/run/report';
import { minutesText } from '../../core/units';
import { db } from '../../data/db';
import { dropRuns, writeResult } from '../../data/repo';
import { TextField } from '../../ui/TextField';
import { Column, Page, Quiet, Row } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { Form } from '../../ui/Form';

/** The end of a run: what will go into the record, to be read before it is written; nothing is lost until it is. */
export function Finished({ run }: { run: Run }) {
  const { kit, item } = useItem(run.itemId);
  const entry = useLiveQuery(async () => [await db.log.get(`log-${run.id}`)].find((e) => e?.type === 'care') ?? null, [run.id]);
  const mates = useLoad(run.load?.id);
  const [unsaid] = useState({ note: '' });
  // What is typed here outlives a closed tab, as all that is typed.
  const sheet = useDraft(`end:${run.id}`, unsaid);
  const { note } = sheet.draft;
  const ended = new Date(run.finishedAtMs ?? run.seenAtMs).toISOString();
  const result = useMemo(
    () =>
      kit && item
        ? finishRun(
            run,
            item,
            latestInspection(kit.inspections, item.id),
            kit,
            { iso: ended, today: today(), logId: `log-${run.id}`, inspectionId: `ins-${run.id}` },
            note.trim(),
            mates ?? [],
          )
        : null,
    [run, item, kit, note, ended, mates],
  );
  if (!kit || entry === undefined || mates === undefined) return <Page aria-busy="true" />;
  if (!item || !result)
    return (
      <Page>
        <h1>{run.itemName} is no longer in your kit.</h1>
        <p>What was done to it cannot be recorded with it.</p>
        <Row>
          <LinkButton to="/">To Now</LinkButton>
        </Row>
      </Page>
    );
  if (run.status === 'dropped' || (run.status === 'stopped' && isUntouched(run))) {
    return (
      <Page>
        <h1>You stopped this programme.</h1>
        <p>Nothing had been done: nothing was taken off your supplies and nothing went into the record.</p>
        <Row>
          <LinkButton to={toThing(item.id, 'programme')}>Begin again</LinkButton>
        </Row>
      </Page>
    );
  }
  if (entry) {
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
          <LinkButton to="/" look="quiet">
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
  const write = async (): Promise<void> => {
    notify(
      'Recorded: supplies, machine and next look are up to date.',
      await writeResult(run.id, { ...result, entry: { ...result.entry, at: nowIso() } }),
    );
    sheet.forget();
  };
  const forget = async (): Promise<void> => {
    const undo = await dropRuns([run]);
    sheet.forget();
    notify('Nothing of it is kept.', undo);
  };
  const stopped = run.status === 'stopped';
  return (
    <Page>
      <h1>{stopped ? `You stopped ${run.itemName}.` : `Done. ${run.itemName} is through.`}</h1>
      <Quiet>
        It took {minutesText(tookMinutes(run))}.{' '}
        {stopped ? 'If it is wet, do not leave it lying.' : 'It stays here until you write it down, wherever you go.'}
      </Quiet>
      <Column $gap={16} style={{ maxWidth: 520 }}>
        <Form
          onSubmit={() => {
            void write();
          }}
        >
          <Column $gap={16}>
            <TextField
              label="Anything to remember?"
              maxLength={400}
              value={note}
              onChange={(text) => sheet.setDraft({ note: text })}
            />
            <Row $wrap>
              <Button size="big" type="submit" data-main-action>
                Write it in the record
              </Button>
              <TextButton onPress={() => void goBack(run)}>{stopped ? 'Go on with it after all' : 'One step back'}</TextButton>
              {stopped && <TextButton onPress={() => void forget()}>Forget it: nothing was done</TextButton>}
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
