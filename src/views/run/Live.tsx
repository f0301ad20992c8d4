import { OfThing } from '../../app/OfThing';
import { ChevronLeft } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { PATHS, toLoad, toThing } from '../../app/routes';
import { useKit } from '../../app/kit';
import { nowMs } from '../../app/now';
import { inPieces } from '../../core/run/ticks';
import { chooseWay, lookAfterAll, putAwayAsItIs, type Run } from '../../core/run';
import { answerClock } from '../../data/repo';
import { minutesText } from '../../core/units';
import { Note, Quiet, Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { Strip } from '../../ui/strata';
import { OpenLooks, WaysOut } from './Questions';
import { Beside, Screen } from './parts';
import { Ahead } from './Ahead';
import { MakeReady } from './MakeReady';
import { StepActions } from './StepActions';
import { Drying, StepHead, StepMeasures, StepSays } from './StepBody';
import { type LiveRun, useLive } from './useLive';
import { MINUTE_MS } from '../../core/units/time';

/** A machine that is cleaned, or a thing that is gone. */
const NO_THING = { kind: 'other' } as const;
const SHARED = { kind: 'other', count: 2 } as const;
/** One step at a time, large. */
export function Live({
  run: given,
  of,
  children,
}: {
  run: Run;
  /** The things of the drum, where the step is done for all of them. */
  of?: string;
  /** What else is to be seen meanwhile. */
  children?: ReactNode;
}) {
  const live = useLive(given);
  const thing = useKit()?.items.find((i) => i.id === given.itemId);
  if (!live) return null;
  const { run, step, damp, look, act, asking, gate, ready } = live;
  const drops = look?.id === 'drops';
  const plain = damp === null && !drops;
  return (
    // All that share a drum are several.
    <OfThing item={of === undefined ? (thing ?? NO_THING) : SHARED}>
      <Screen $aside={!asking && !gate}>
        <Where live={live} of={of} />
        {asking ? (
          <WaysOut run={run} step={step} onWay={(way) => act((r) => chooseWay(r, way, nowMs()))} />
        ) : gate ? (
          <OpenLooks
            run={run}
            onLook={(id) => act((r) => lookAfterAll(r, id, nowMs()))}
            onAsItIs={() => act((r) => putAwayAsItIs(r, nowMs()))}
          />
        ) : (
          <Beside $aside={!drops}>
            <div>
              {ready.length > 0 ? (
                <MakeReady live={live} />
              ) : (
                <>
                  <StepHead live={live} />
                  <StepSays live={live} />
                  <StepMeasures live={live} />
                </>
              )}
            </div>
            <Drying live={live} />
            {plain && <Ahead live={live} />}
          </Beside>
        )}
        {children}
        <StepActions live={live} />
      </Screen>
    </OfThing>
  );
}

/** Which thing, which step of how many, and a clock that was set. */
function Where({ live: { run, step, jumped }, of }: { live: LiveRun; of: string | undefined }) {
  const shown = run.programme.steps.filter((s) => s.when === 'always' || run.unlocked.includes(s.id));
  const pieces = inPieces(shown);
  const [to, back] = of
    ? [PATHS.washDay, 'Back to the wash day']
    : run.load && !run.alone
      ? [toLoad(run.load.id), 'Back to the load']
      : run.machineId
        ? [PATHS.machines, 'Back to the machines']
        : [toThing(run.itemId, 'programme'), 'Back to the programme'];
  const done = new Set(shown.flatMap((s) => (s.id !== step.id && (run.steps[s.id]?.times ?? 0) > 0 ? [s.id] : [])));
  return (
    <>
      <Row $between>
        <Row $gap={8}>
          <Link to={to} aria-label={back} style={{ display: 'inline-flex', minWidth: 44, minHeight: 44, alignItems: 'center' }}>
            <ChevronLeft aria-hidden="true" />
          </Link>
          <strong style={{ overflowWrap: 'anywhere' }}>{of ?? run.itemName}</strong>
        </Row>
        <Quiet style={{ whiteSpace: 'nowrap' }}>
          {of
            ? 'in one drum'
            : `step ${pieces.findIndex((piece) => piece.some((s) => s.id === step.id)) + 1} of ${pieces.length}`}
        </Quiet>
      </Row>
      {!of && <Strip steps={run.programme.steps} small doneIds={done} label="Where you are" />}
      {jumped !== 0 && (
        <Note tone="alarm">
          The clock moved by {minutesText(Math.abs(jumped) / MINUTE_MS)}. What was it?
          <Row $wrap>
            <TextButton onPress={() => void answerClock(false)}>The device slept: time has passed</TextButton>
            <TextButton onPress={() => void answerClock(true)}>The clock was set: keep my time</TextButton>
          </Row>
        </Note>
      )}
    </>
  );
}
