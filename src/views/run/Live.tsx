import { ChevronLeft } from 'lucide-react';
import { Link } from 'react-router';
import { nowMs } from '../../app/now';
import { chooseWay, lookAfterAll, putAwayAsItIs, type Run } from '../../core/run';
import { minutesText } from '../../core/units';
import { Note, Quiet, Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { Strip } from '../../ui/strata';
import { OpenLooks, WaysOut } from './Questions';
import { Beside, Screen } from './parts';
import { StepActions } from './StepActions';
import { Drying, StepHead, StepMeasures, StepSays } from './StepBody';
import { type LiveRun, useLive } from './useLive';

/** One step at a time, large. */
export function Live({ run: given }: { run: Run }) {
  const live = useLive(given);
  if (!live) return null;
  const { run, step, damp, look, act, asking, gate } = live;
  const wide = damp !== null || look?.id === 'drops';
  return (
    <Screen $aside={wide && !asking && !gate}>
      <Where live={live} />
      {asking ? (
        <WaysOut run={run} step={step} onWay={(way) => act((r) => chooseWay(r, way, nowMs()))} />
      ) : gate ? (
        <OpenLooks
          run={run}
          onLook={(id) => act((r) => lookAfterAll(r, id, nowMs()))}
          onAsItIs={() => act((r) => putAwayAsItIs(r, nowMs()))}
        />
      ) : (
        <Beside $aside={damp !== null}>
          <div>
            <StepHead live={live} />
            <StepSays live={live} />
            <StepMeasures live={live} />
          </div>
          <Drying live={live} />
        </Beside>
      )}
      <StepActions live={live} />
    </Screen>
  );
}

/** Which thing, which step of how many, and a clock that was set. */
function Where({ live: { run, step, jumped, wasSet } }: { live: LiveRun }) {
  const shown = run.programme.steps.filter((s) => s.when === 'always' || run.unlocked.includes(s.id));
  const done = new Set(shown.flatMap((s) => (s.id !== step.id && (run.steps[s.id]?.times ?? 0) > 0 ? [s.id] : [])));
  return (
    <>
      <Row $between>
        <Row $gap={8}>
          <Link
            to={run.machineId ? '/cupboard/machines' : `/kit/${run.itemId}/programme`}
            aria-label={run.machineId ? 'Back to the machines' : 'Back to the programme'}
            style={{ display: 'inline-flex', minWidth: 44, minHeight: 44, alignItems: 'center' }}
          >
            <ChevronLeft aria-hidden="true" />
          </Link>
          <strong>{run.itemName}</strong>
        </Row>
        <Quiet>
          step {shown.findIndex((s) => s.id === step.id) + 1} of {shown.length}
        </Quiet>
      </Row>
      <Strip steps={run.programme.steps} small doneIds={done} label="Where you are" />
      {jumped !== 0 && (
        <Note tone="alarm">
          The clock moved by {minutesText(Math.abs(jumped) / 60_000)}. If this device slept, go on. If the clock was set,{' '}
          <TextButton onPress={wasSet}>the clock was set, keep my time</TextButton>
        </Note>
      )}
    </>
  );
}
