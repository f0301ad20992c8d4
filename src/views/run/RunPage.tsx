import { Navigate } from 'react-router';
import { toLoad, PATHS, useIdHere } from '../../app/routes';
import { useRun } from '../../app/runs';
import { sharedAs } from '../../core/run/load';
import { Empty, Page } from '../../ui/basics';
import { LinkButton } from '../../ui/Button';
import { Finished } from './Finished';
import { Live } from './Live';
import { Purged } from './Purged';
import { Screen } from './parts';

/** A run: one step at a time, large; then what it came to. */
export function RunPage() {
  const id = useIdHere();
  const run = useRun(id);
  if (run === undefined) return <Screen aria-busy="true" />;
  if (run === null) {
    return (
      <Page>
        <Empty whole title="This programme is not under way.">
          <p>It may have been finished or deleted; the record keeps what was done.</p>
          <LinkButton to={PATHS.now}>To Now</LinkButton>
        </Empty>
      </Page>
    );
  }
  // What is done to all of a drum stands on the load's own page.
  if (run.load && run.status === 'live' && sharedAs(run, run.currentId) !== null)
    return <Navigate to={toLoad(run.load.id)} replace />;
  if (run.status === 'live') return <Live run={run} />;
  return run.machineId ? <Purged run={run} /> : <Finished run={run} />;
}
