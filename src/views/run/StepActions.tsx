import { Of, useOfThing } from '../../app/OfThing';
import { Foot, placeName } from './Foot';
import { type ReactNode } from 'react';
import { hiddenWords } from './HiddenPlaces';
import { Bell, Pause, Play, Scale } from 'lucide-react';
import { askToNotify, notifying } from '../../app/alarms';
import { nowMs } from '../../app/now';
import { notify } from '../../app/session';
import { clockText } from '../../app/time';
import { addRinse, answerCheck, finishStep, moveTo, noteStep, pauseTimer, resumeTimer, seeWhole, skipStep } from '../../core/run';
import { tickAll } from '../../core/run/load';
import { minutesText } from '../../core/units';
import { HEAT_WORDS } from '../../core/words';
import { listed } from '../../core/words/text';
import { Note, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { countdown } from '../../ui/countdown';
import { Meeting, NoteField, SkipField } from './Asides';
import { missingOf } from './DampPanel';
import { WholeStep } from './Measures';
import { CutShort, Occupied } from './Questions';
import { Used } from './Used';
import { Actions, Answers, Pair } from './parts';
import { WeighHere } from './StepBody';
import { type LiveRun } from './useLive';

/** What can be pressed at the step where a run stands, the likeliest first. */
export function StepActions({ live }: { live: LiveRun }) {
  const { state, step, act, open, setOpened, asked, setAsked, how, clash, rinsed, asking, gate, stop } = live;
  const main = (): ReactNode => {
    if (clash) return <Meeting clash={clash} onRinsed={() => void rinsed(clash)} />;
    if (asked?.stepId === step.id)
      return (
        <CutShort
          question={asked.question}
          ran={asked.ran}
          whole={state.roundMin}
          onCount={(ranMin) => {
            act((r) => asked.change(r, { ...how, ranMin }));
            setAsked(null);
          }}
          onBack={() => setAsked(null)}
        />
      );
    if (open === 'stop')
      return (
        <Row $wrap>
          <strong>Stop here? What was done until now goes into the record.</strong>
          <Button look="quiet" data-main-action onPress={stop}>
            Stop the programme
          </Button>
          <TextButton onPress={() => setOpened(null)}>Go on with it</TextButton>
        </Row>
      );
    if (asking || gate) return null;
    return (
      <>
        <Opened live={live} />
        <Starting live={live} />
        <Answering live={live} />
        <Ringing live={live} />
      </>
    );
  };
  const first = main();
  return (
    <>
      {first && <Actions>{first}</Actions>}
      <Foot live={live} />
    </>
  );
}

/** What was opened or is asked before the step goes on. */
function Opened({ live }: { live: LiveRun }) {
  const { run, equipment, runs, open, setOpened, measured, setUsedAt, step, state, damp, act, loose, inUse, felt } = live;
  const { timed, running, waiting, weighsDry } = live;
  const uses = waiting ? !timed : !inUse && (!running || step.phase === 'repel');
  return (
    <>
      {inUse && equipment && (
        <Occupied
          inUse={inUse}
          where={placeName(step.settings, equipment)}
          step={step}
          equipment={equipment}
          runs={runs}
          runId={run.id}
          onMove={(to) => act((r) => moveTo(r, to, nowMs()))}
          onTogether={() => setOpened({ stepId: step.id, what: 'together' })}
        />
      )}
      {open === 'note' && (
        <NoteField
          at={`${run.id}:${step.id}`}
          was={state.notes.join('; ')}
          onKeep={(text) => {
            act((r) => noteStep(r, text, nowMs()));
            setOpened(null);
            notify('Noted; it goes into the record with this step.');
          }}
        />
      )}
      {felt && damp && (
        <Note>
          <strong>
            <Of>It feels dry, but that is not proved.</Of>
          </strong>{' '}
          Still missing: {missingOf(damp, loose)}.{' '}
          {loose ? 'Down that only felt dry clumps a week later, so one more round is wise.' : 'One more round is wise.'}
        </Note>
      )}
      {open === 'weigh' && !weighsDry && !damp && <WeighHere live={live} focus />}
      {open === 'skip' && (
        <SkipField
          label={live.ready.length > 0 ? 'Why leave out what is not ticked?' : 'Why skip it?'}
          onSkip={(why) =>
            act((r) =>
              live.ready.length === 0
                ? skipStep(r, nowMs(), why)
                : live.ready.reduce((now, { step: one }) => (now.currentId === one.id ? skipStep(now, nowMs(), why) : now), r),
            )
          }
        />
      )}
      {uses && (
        <Used key={step.id} step={step} measured={measured} onChange={(next) => setUsedAt({ stepId: step.id, ...next })} />
      )}
    </>
  );
}

const heatOn = (heat: LiveRun['heat']): string => (heat ? `, heat on ${HEAT_WORDS[heat].toUpperCase()}` : '');
/** The timer: to start it, the next round, to hold it, to go on. */
function Starting({ live }: { live: LiveRun }) {
  const { toggle, step, state, damp, act, beside, shared, left, usual, next, running, heat, begin, canStart } = live;
  const piece = step.settings.soakParts ? 'part' : 'round';
  return (
    <>
      {canStart && (
        <Button size="big" data-main-action onPress={() => begin(next)}>
          <Play aria-hidden="true" /> {state.round > 0 ? `Start ${piece} ${state.round + 1}` : 'Start'}
          {heatOn(heat)}, {minutesText(next)}
        </Button>
      )}
      {canStart && beside.length > 0 && <Quiet>It starts for {listed(beside.map((m) => m.itemName))} too.</Quiet>}
      {canStart && next !== usual && <TextButton onPress={() => begin(usual)}>The usual {minutesText(usual)} instead</TextButton>}
      {running && (
        <Answers $two={shared === null}>
          {shared === null && (
            <Button size="big" look="quiet" {...(damp ? { 'data-main-action': true } : {})} onPress={() => toggle('weigh')}>
              <Scale aria-hidden="true" /> <Of>Weigh it</Of>
            </Button>
          )}
          <Button size="big" look="quiet" onPress={() => act((r) => pauseTimer(r, nowMs()))}>
            <Pause aria-hidden="true" /> Pause
          </Button>
        </Answers>
      )}
      {state.state === 'paused' && (
        <Button size="big" data-main-action onPress={() => act((r) => resumeTimer(r, nowMs()))}>
          <Play aria-hidden="true" /> Go on, {countdown(left ?? 0)} left
        </Button>
      )}
    </>
  );
}

/** The answer to the look, or "Done" where there is none. */
function Answering({ live }: { live: LiveRun }) {
  const says = useOfThing();
  const { setFeltAt, step, state, act, end, look, suds, next, open, timed, elapsed, running, waiting, again, heat, inUse } = live;
  const { weighsDry, weighed, rested, verdict, begin, felt, passed, answering, canStart } = live;
  // Before the alarm there is only a quiet way out.
  const ready = rested || (running ? open === 'early' : !timed || !waiting);
  const left = live.ready.filter((one) => !one.done).map((one) => one.step.id);
  const still = state.state !== 'paused';
  // The next round says "not yet" by itself.
  const roundFollows = canStart && elapsed;
  const rinse = step.settings.rinseModel !== undefined;
  const byScale = look?.id === 'weighed';
  const untried = step.settings.tries !== undefined && hiddenWords(live.run, live.kit).some((w) => w.cloth === null);
  return (
    <>
      {felt && (
        <Pair>
          <Button
            size="big"
            data-main-action
            onPress={() => {
              setFeltAt(null);
              if (!running) begin(next);
            }}
          >
            {running ? 'Let it run on' : `One more round${heatOn(heat)}, ${minutesText(next)}`}
          </Button>
          <Button
            size="big"
            look="quiet"
            onPress={() => end((r, how) => answerCheck(r, true, nowMs(), { ...how, proof: 'hand' }))}
          >
            Go on all the same
          </Button>
        </Pair>
      )}
      {look?.id === 'whole' && <WholeStep key={state.times} onSeen={(seen) => act((r) => seeWhole(r, seen, nowMs()))} />}
      {!felt && step.check && answering && ready && (!again || elapsed || running) && (
        <Answers $two={!roundFollows}>
          {!roundFollows && (
            <Button
              size="big"
              look={!(byScale && verdict && !verdict.back) ? 'quiet' : 'main'}
              onPress={() => end((r, how) => answerCheck(r, false, nowMs(), how))}
            >
              {rinse ? 'Still suds' : byScale ? 'Not yet: one more round' : 'Not yet'}
            </Button>
          )}
          <Button
            size="big"
            look={(timed && !elapsed) || roundFollows || (byScale && !verdict?.back) ? 'quiet' : 'main'}
            onPress={passed}
          >
            {passText(live, says)}
          </Button>
        </Answers>
      )}
      {!step.check && ready && still && !(elapsed && again && step.settings.soakParts) && (
        <Button
          size="big"
          look={running || inUse !== null || untried || (weighsDry && !weighed) ? 'quiet' : 'main'}
          {...(running ? {} : { 'data-main-action': true })}
          onPress={() => (left.length > 0 ? act((r) => tickAll(r, left, nowMs())) : end((r, how) => finishStep(r, nowMs(), how)))}
        >
          {weighsDry && !weighed ? 'No scale: go on' : untried ? 'Not all tried: go on' : 'Done'}
        </Button>
      )}
      {suds && !running && ready && still && (
        <Button size="big" look="quiet" onPress={() => end((r, how) => addRinse(r, suds, nowMs(), how))}>
          Still suds: one more rinse
        </Button>
      )}
    </>
  );
}
function passText({ step, look, verdict, damp }: LiveRun, says: (text: string) => string): string {
  if (step.settings.rinseModel) return 'Clear';
  if (look?.id === 'weighed') return verdict?.back ? 'Dry: weight, hands and chill' : 'Dry by hand';
  // What is good is what was looked at: the water, a seam, the machine.
  return damp ? says('It feels dry') : 'It is good';
}

/** When it rings, and where that is heard. */
function Ringing({ live }: { live: LiveRun }) {
  const { now, left, running, mayNotify, setMayNotify, open, toggle, felt, clash } = live;
  if (!running || left === null) return null;
  return (
    <Row $gap={8} $between $wrap>
      <Row $gap={8}>
        <Bell size={18} aria-hidden="true" style={{ flex: 'none' }} />
        <Quiet>Alarm at {clockText(now + left)}, also in the background.</Quiet>
      </Row>
      {mayNotify === 'can-ask' && (
        <TextButton style={{ whiteSpace: 'nowrap' }} onPress={() => void askToNotify().then(() => setMayNotify(notifying()))}>
          Notify me too
        </TextButton>
      )}
      {!felt && !clash && open !== 'early' && <TextButton onPress={() => toggle('early')}>Finish early</TextButton>}
    </Row>
  );
}
