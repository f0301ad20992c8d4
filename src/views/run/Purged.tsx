import { useEntry } from '../../app/stored';
import { useEffect } from 'react';
import { useEquipment, useKit } from '../../app/kit';
import { nowIso } from '../../app/now';
import type { Run } from '../../core/run';
import { finishPurge } from '../../core/run/finish';
import { writePurge } from '../../data/repo';
import { Page, Row } from '../../ui/basics';
import { LinkButton } from '../../ui/Button';
import { PATHS } from '../../app/routes';

/** The end of a purge: nothing is left to ask, so it is written down at once. */
export function Purged({ run }: { run: Run }) {
  const equipment = useEquipment();
  const supplies = useKit()?.supplies;
  const logId = `log-${run.id}`;
  const entry = useEntry(logId);
  useEffect(() => {
    if (run.status !== 'finished' || !equipment || !supplies || entry !== null) return;
    void writePurge(run.id, finishPurge(run, equipment, supplies, { iso: nowIso(), logId }));
  }, [run, equipment, supplies, entry, logId]);
  if (run.status === 'stopped' || run.status === 'dropped')
    return (
      <Page>
        <h1>You stopped this purge.</h1>
        <p>What its last loads left is still taken to be in it.</p>
        <Row>
          <LinkButton to={PATHS.machines}>To the machines</LinkButton>
        </Row>
      </Page>
    );
  if (!entry) return <Page aria-busy="true" />;
  return (
    <Page>
      <h1>{run.itemName} is clean again.</h1>
      <p>It is written down: empty hot cycle, drawer and seal, today. Plans stop asking for a purge.</p>
      <Row $wrap>
        <LinkButton to={PATHS.machines} data-main-action>
          To the machines
        </LinkButton>
        <LinkButton to={PATHS.now} look="quiet">
          To Now
        </LinkButton>
      </Row>
    </Page>
  );
}
