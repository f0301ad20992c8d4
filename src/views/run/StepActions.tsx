import { Bell, Pause, Play, Scale } from 'lucide-react';
import { askToNotify, notifying } from '../../app/alarms';
import { nowMs } from '../../app/now';
import { tell } from '../../app/session';
import { clockText } from '../../app/time';
import {
  addRinse,
  answerCheck,
  canGoBack,
  finishStep,
  isUntouched,
  moveTo,
  noteStep,
  pauseTimer,
  photographed,
  resumeTimer,
  seeWhole,
  skipStep,
  stepBack,
} from '../../core/run';
import { doubtOf } from '../../core/run/damp';
import { minutesText } from '../../core/units';
import { HEAT_WORDS } from '../../core/words';
import { changeRun } from '../../data/repo';
import { Button, Note, Quiet, Row, TextButton } from '../../ui/basics';
import { countdown } from '../../ui/countdown';
import { Meeting, NoteField, PhotoTaker, SkipField } from './Asides';
import { missingOf } from './DampPanel';
import { Weigh, WholeStep } from './Measures';
import { CutShort, Occupied, Used } from './Questions';
import { Actions, Answers, Pair } from './parts';
import type { LiveRun } from './useLive';

/** What can be pressed at the step where a run stands, the likeliest first. */
export function StepActions({ live }: { live: LiveRun }) {
  const {
    run,
    stored,
    now,
    equipment,
    runs,
    item,
    open,
    toggle,
    setOpened,
    asked,
    setAsked,
    measured,
    how: carriedSo,
    setUsedAt,
    mayNotify,
    setMayNotify,
    heard,
    setFeltAt,
    step,
    state,
    damp,
    act,
    end,
    look,
    suds,
    left,
    usual,
    next,
    timed,
    rung,
    running,
    waiting,
    again,
    heat,
    loose,
    clash,
    rinsed,
    inUse,
    weighsDry,
    keepWeight,
    weighed,
    verdict,
    begin,
    felt,
    passed,
    asking,
    gate,
    answering,
    canStart,
    stop,
  } = live;
  // The next round says "not yet" by itself.
  const roundFollows = canStart && rung && inUse === null;
  const passText = step.settings.rinseModel
    ? 'Clear'
    : look?.id === 'weighed'
      ? verdict?.back
        ? 'Dry: weight, hands and chill'
        : 'Dry by hand'
      : damp
        ? 'It feels dry'
        : 'It is good';
  return (
    <Actions>
      {clash ? (
        <Meeting clash={clash} onRinsed={() => void rinsed(clash)} />
      ) : asked?.stepId === step.id ? (
        <CutShort
          question={asked.question}
          ran={asked.ran}
          whole={state.roundMin}
          onCount={(ranMin) => {
            act((r) => asked.change(r, { ...carriedSo, ranMin }));
            setAsked(null);
          }}
          onBack={() => setAsked(null)}
        />
      ) : open === 'stop' ? (
        <Row $wrap>
          <strong>Stop here? What was done until now goes into the record.</strong>
          <Button $quiet data-main-action onClick={stop}>
            Stop the programme
          </Button>
          <TextButton onClick={() => setOpened(null)}>Go on with it</TextButton>
        </Row>
      ) : asking || gate ? null : (
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
              was={state.notes.join('; ')}
              onKeep={(text) => {
                act((r) => noteStep(r, text, nowMs()));
                setOpened(null);
                tell('Noted; it goes into the record with this step.');
              }}
            />
          )}
          {felt && damp && (
            <Note>
              <strong>It feels dry, but that is not proved.</strong> Still missing: {missingOf(damp, loose)}.{' '}
              {loose ? 'Down that only felt dry clumps a week later, so one more round is wise.' : 'One more round is wise.'}
            </Note>
          )}
          {open === 'weigh' && !weighsDry && !damp && (
            <Weigh key={heard} start={heard} doubt={(g) => (item ? doubtOf(g, damp, item) : null)} onKeep={keepWeight} />
          )}
          {open === 'skip' && <SkipField onSkip={(why) => act((r) => skipStep(r, nowMs(), why))} />}
          {!waiting && !inUse && (!running || step.phase === 'repel') && (
            <Used key={step.id} step={step} measured={measured} onChange={(next) => setUsedAt({ stepId: step.id, ...next })} />
          )}
          {waiting && !timed && (
            <Used key={step.id} step={step} measured={measured} onChange={(next) => setUsedAt({ stepId: step.id, ...next })} />
          )}
          {canStart && !inUse && (
            <Button $big data-main-action onClick={() => begin(next)}>
              <Play aria-hidden="true" />{' '}
              {state.round > 0 ? `Start ${step.settings.soakParts ? 'part' : 'round'} ${state.round + 1}` : 'Start'}
              {heat ? `, heat on ${HEAT_WORDS[heat].toUpperCase()}` : ''}, {minutesText(next)}
            </Button>
          )}
          {canStart && !inUse && next !== usual && (
            <TextButton onClick={() => begin(usual)}>The usual {minutesText(usual)} instead</TextButton>
          )}
          {running && !damp && (
            <Pair>
              <Button $big $quiet onClick={() => toggle('weigh')}>
                <Scale aria-hidden="true" /> Weigh
              </Button>
              <Button $big $quiet onClick={() => act((r) => pauseTimer(r, nowMs()))}>
                <Pause aria-hidden="true" /> Pause
              </Button>
            </Pair>
          )}
          {state.state === 'paused' && (
            <Button $big data-main-action onClick={() => act((r) => resumeTimer(r, nowMs()))}>
              <Play aria-hidden="true" /> Go on, {countdown(left ?? 0)} left
            </Button>
          )}
          {felt && (
            <Pair>
              <Button
                $big
                data-main-action
                onClick={() => {
                  setFeltAt(null);
                  if (!running) begin(next);
                }}
              >
                {running
                  ? 'Let it run on'
                  : `One more round${heat ? `, heat on ${HEAT_WORDS[heat].toUpperCase()}` : ''}, ${minutesText(next)}`}
              </Button>
              <Button $big $quiet onClick={() => end((r, how) => answerCheck(r, true, nowMs(), { ...how, proof: 'hand' }))}>
                Go on all the same
              </Button>
            </Pair>
          )}
          {look?.id === 'whole' && <WholeStep key={state.times} onSeen={(seen) => act((r) => seeWhole(r, seen, nowMs()))} />}
          {!felt && step.check && answering && (!again || rung || running) && (!timed || !waiting) && (
            <Answers $two={!roundFollows}>
              {!roundFollows && (
                <Button
                  $big
                  $quiet={!(look?.id === 'weighed' && verdict && !verdict.back)}
                  onClick={() => end((r, how) => answerCheck(r, false, nowMs(), how))}
                >
                  {step.settings.rinseModel ? 'Still suds' : look?.id === 'weighed' ? 'Not yet: one more round' : 'Not yet'}
                </Button>
              )}
              <Button
                $big
                $quiet={(timed && !rung) || roundFollows || (look?.id === 'weighed' && !verdict?.back)}
                onClick={passed}
              >
                {passText}
              </Button>
            </Answers>
          )}
          {!step.check && (!timed || !waiting) && state.state !== 'paused' && !(rung && again && step.settings.soakParts) && (
            <Button
              $big
              $quiet={running || inUse !== null || (weighsDry && !weighed)}
              {...(running ? {} : { 'data-main-action': true })}
              onClick={() => end((r, how) => finishStep(r, nowMs(), how))}
            >
              {weighsDry && !weighed ? 'No scale: go on' : 'Done'}
            </Button>
          )}
          {suds && !running && (!timed || !waiting) && state.state !== 'paused' && (
            <Button $big $quiet onClick={() => end((r, how) => addRinse(r, suds, nowMs(), how))}>
              Still suds: one more rinse
            </Button>
          )}
          {running && left !== null && (
            <Row $gap={8}>
              <Bell size={18} aria-hidden="true" />
              <Quiet>It rings at {clockText(now + left)}, also when you leave this page open in the background.</Quiet>
              {mayNotify === 'can-ask' && (
                <TextButton
                  style={{ whiteSpace: 'nowrap' }}
                  onClick={() => void askToNotify().then(() => setMayNotify(notifying()))}
                >
                  Notify me too
                </TextButton>
              )}
            </Row>
          )}
        </>
      )}
      <Row $wrap $between>
        <Row $wrap>
          {canGoBack(stored) && <TextButton onClick={() => act((r) => stepBack(r, nowMs()))}>One step back</TextButton>}
          {running && damp && <TextButton onClick={() => act((r) => pauseTimer(r, nowMs()))}>Pause</TextButton>}
          {clash ? (
            <TextButton onClick={() => act((r) => skipStep(r, nowMs(), 'would have met what it must not'))}>
              Leave this step out
            </TextButton>
          ) : (
            !asking && !gate && <TextButton onClick={() => toggle('skip')}>Skip</TextButton>
          )}
          {!running && !weighsDry && !damp && !asking && !gate && answering && (
            <TextButton onClick={() => toggle('weigh')}>Weigh it</TextButton>
          )}
          {!gate && <TextButton onClick={() => toggle('note')}>Note</TextButton>}
          {item && (
            <PhotoTaker
              itemId={item.id}
              step={step.title}
              onTaken={(photoId) => void changeRun(run.id, (r) => photographed(r, photoId, step.id, nowMs()))}
            />
          )}
        </Row>
        <TextButton onClick={() => (isUntouched(run) || run.machineId ? stop() : toggle('stop'))}>Stop the programme</TextButton>
      </Row>
    </Actions>
  );
}

function placeName(
  settings: { readonly washerId?: string; readonly dryerId?: string; readonly place?: string; readonly tool?: string },
  equipment: {
    readonly washers?: readonly { id: string; name?: string }[];
    readonly dryers?: readonly { id: string; name?: string }[];
  },
): string {
  const { washerId, dryerId, place, tool } = settings;
  if (dryerId !== undefined) return equipment.dryers?.find((d) => d.id === dryerId)?.name ?? 'the dryer';
  if (washerId !== undefined) return equipment.washers?.find((w) => w.id === washerId)?.name ?? 'the machine';
  return place ? `the ${place}` : `the ${tool ?? 'place'}`;
}
