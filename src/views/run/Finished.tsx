import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useItem } from '../../app/kit';
import { tell } from '../../app/session';
import { newId, nowIso, today } from '../../app/now';
import { dayText } from '../../app/time';
import { latestInspection } from '../../core/programme';
import { type Run } from '../../core/run';
import { finishRun } from '../../core/run/finish';
import { minutesText } from '../../core/units';
import { db } from '../../data/db';
import { writeResult } from '../../data/repo';
import { Button, ButtonLink, Column, Field, Note, Page, Quiet, Row } from '../../ui/basics';

/** The end of a run: what was measured goes in, and the record, supplies, machine and next look come out. */
export function Finished({ run }: { run: Run }) {
  const { kit, item } = useItem(run.itemId);
  const entry = useLiveQuery(async () => [await db.log.get(`log-${run.id}`)].find((e) => e?.type === 'care') ?? null, [run.id]);
  const [loft, setLoft] = useState('');
  const [note, setNote] = useState('');
  const navigate = useNavigate();
  if (!kit || !item || entry === undefined) return <Page aria-busy="true" />;
  if (run.status === 'stopped') {
    return (
      <Page>
        <h1>You stopped this programme.</h1>
        <p>Nothing was taken off your supplies and nothing went into the record. If it is wet, do not leave it lying.</p>
        <Row>
          <ButtonLink to={`/kit/${item.id}/programme`}>Begin again</ButtonLink>
        </Row>
      </Page>
    );
  }
  const minutes = ((run.finishedAtMs ?? run.startedAtMs) - run.startedAtMs) / 60_000;
  if (entry) {
    return (
      <Page>
        <h1>It is in the record.</h1>
        <p>
          Next look: <strong>{entry.nextDue ? dayText(entry.nextDue) : 'not set'}</strong>. {entry.dueReason}
        </p>
        <Row $wrap>
          <ButtonLink to={`/kit/${item.id}`} data-main-action>
            See {item.name ?? 'it'}
          </ButtonLink>
          <ButtonLink to="/" $quiet>
            To Now
          </ButtonLink>
        </Row>
      </Page>
    );
  }
  const percent = Number(loft.replace(',', '.'));
  const fault = loft !== '' && !(percent > 0 && percent <= 200) ? 'Write a percentage of new, such as 96.' : null;
  const filled = item.components.some((c) => c.part === 'fill');
  const write = async (): Promise<void> => {
    const result = finishRun(
      run,
      item,
      latestInspection(kit.inspections, item.id),
      kit,
      { iso: nowIso(), today: today(), logId: `log-${run.id}`, inspectionId: newId('ins') },
      { ...(loft !== '' && !fault ? { loftRatio: percent / 100 } : {}), ...(note ? { note } : {}) },
    );
    await writeResult(run.id, result);
    tell('Recorded: supplies, machine and next look are up to date.');
    await navigate(`/run/${run.id}`, { replace: true });
  };
  return (
    <Page>
      <h1>Done. {run.itemName} is through.</h1>
      <Quiet>It took {minutesText(minutes)}.</Quiet>
      <Column $gap={16} style={{ maxWidth: 420 }}>
        {filled && (
          <Field>
            Loft now, % of new (leave open if you did not measure)
            <input inputMode="decimal" value={loft} onChange={(e) => setLoft(e.target.value)} />
            {fault && <Note tone="alarm">{fault}</Note>}
          </Field>
        )}
        <Field>
          Anything to remember?
          <input value={note} maxLength={400} onChange={(e) => setNote(e.target.value)} />
        </Field>
        <Row>
          <Button $big data-main-action disabled={fault !== null} onClick={() => void write()}>
            Write it in the record
          </Button>
        </Row>
      </Column>
    </Page>
  );
}
