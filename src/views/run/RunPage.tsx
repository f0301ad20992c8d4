import { useLiveQuery } from 'dexie-react-hooks';
import { Bell, ChevronLeft, Pause, Play, Scale } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { nowIso, nowMs } from '../../app/now';
import { clockText } from '../../app/time';
import { EveningMoves } from '../../app/EveningMoves';
import { useEvening } from '../../app/evening';
import { useEquipment, useItem } from '../../app/kit';
import { askToNotify, notifying } from '../../app/alarms';
import { steerDevice } from '../../app/devices';
import { tell } from '../../app/session';
import {
  addRinse,
  answerCheck,
  current,
  finishStep,
  isCounted,
  lateMinutes,
  leftMs,
  markClump,
  noteStep,
  pauseTimer,
  resumeTimer,
  type Run,
  skipStep,
  startTimer,
  stepBack,
  stopRun,
  timerMinutes,
} from '../../core/run';
import { clashAt, withStanding, type Clash } from '../../core/run/meet';
import { dampOf, doubtOf, dryingMinutes } from '../../core/run/damp';
import { rinseAfter } from '../../core/run/rinsed';
import { fillText, RINSE_WORDS } from '../../core/words/rinse';
import { minutesText } from '../../core/units';
import { HEAT_WORDS } from '../../core/words';
import { eveningText } from '../../core/telling/loft';
import { db } from '../../data/db';
import { changeRun, saveEquipment, saveWeighIn } from '../../data/repo';
import { Button, ButtonLink, Empty, Note, Page, Quiet, Row, TextButton } from '../../ui/basics';
import { Strip } from '../../ui/strata';
import { Finished } from './Finished';
import { Clumps, Meeting, NoteField, PhotoTaker, SkipField } from './Asides';
import { DampPanel, missingOf } from './DampPanel';
import { DeviceLine } from './DeviceLine';
import { Purged } from './Purged';
import { Weigh } from './Weigh';
import { Actions, Beside, Big, Clock, HeatLine, Pair, Screen, Text } from './parts';
import { useRunClock } from './clock';
import { countdown } from '../../ui/countdown';

/** One step at a time, large. */
export function RunPage() {
  const { id } = useParams();
  const run = useLiveQuery(async () => (id ? ((await db.runs.get(id)) ?? null) : null), [id]);
  if (run === undefined) return <Screen aria-busy="true" />;
  if (run === null) {
    return (
      <Page>
        <Empty title="This programme is not under way.">
          <p>It may have been finished or deleted; the record keeps what was done.</p>
          <ButtonLink to="/">To Now</ButtonLink>
        </Empty>
      </Page>
    );
  }
  if (run.status !== 'live') return run.machineId ? <Purged run={run} /> : <Finished run={run} />;
  return <Live run={run} />;
}

function Live({ run }: { run: Run }) {
  const { now, jumped, wasSet } = useRunClock(run);
  const [weighingAt, setWeighingAt] = useState<string | null>(null);
  const [skippingAt, setSkippingAt] = useState<string | null>(null);
  const navigate = useNavigate();
  const equipment = useEquipment();
  const { kit, item } = useItem(run.itemId);
  const { evening } = useEvening(kit, item);
  const [rinsedAt, setRinsedAt] = useState<string | null>(null);
  const [notingAt, setNotingAt] = useState<string | null>(null);
  const [mayNotify, setMayNotify] = useState(notifying);
  const [heard, setHeard] = useState<number | null>(null);
  const [feltAt, setFeltAt] = useState<string | null>(null);
  const step = current(run);
  const state = step && run.steps[step.id];
  // By the minute: the curve need not be worked out at every tick.
  const minute = Math.floor(now / 60_000) * 60_000;
  const damp = useMemo(
    () => (step && item && kit ? dampOf(run, step, item, kit.weighIns ?? [], equipment?.room, minute) : null),
    [run, step, item, kit, equipment, minute],
  );
  useEffect(() => {
    document.getElementById('step')?.focus({ preventScroll: true });
  }, [step?.id]);
  if (!step || !state) return run.machineId ? <Purged run={run} /> : <Finished run={run} />;
  // Both belong to the step they were opened at, and close with it.
  const weighing = weighingAt === step.id;
  const skipping = skippingAt === step.id;
  const setWeighing = (open: boolean): void => setWeighingAt(open ? step.id : null);
  const setSkipping = (open: boolean): void => setSkippingAt(open ? step.id : null);
  const act = (change: (r: Run) => Run): void => void changeRun(run.id, change, nowIso());
  // On the thing itself a rinse outside the programme is taken at the user's word, for this step only.
  const found = clashAt(run, step, equipment);
  const clash = found && (found.vessel || rinsedAt !== step.id) ? found : null;
  const rinsed = async ({ vessel }: Clash): Promise<void> => {
    if (vessel && equipment) tell('It is noted as rinsed out.', await saveEquipment(withStanding(equipment, vessel.id, [])));
    else setRinsedAt(step.id);
  };
  const keepWeight = async (massG: number): Promise<void> => {
    setWeighing(false);
    setHeard(null);
    const drying = damp !== null;
    const rhPercent = equipment?.room?.rhPercent;
    const undo = await saveWeighIn({
      itemId: run.itemId,
      at: nowIso(),
      massG,
      after: drying ? (dryingMinutes(run, step, nowMs()) === 0 ? 'spin' : 'round') : 'dry',
      runId: run.id,
      ...(drying ? { dryMin: Math.round(dryingMinutes(run, step, nowMs()) * 10) / 10 } : {}),
      ...(rhPercent === undefined ? {} : { rhPercent }),
    });
    tell(`${massG} g are kept.`, undo);
  };
  const heat = step.settings.heat;
  const begin = (length: number): void => {
    const { dryModel } = step.settings;
    if (dryModel && state.round === 0) void steerDevice('load', dryModel);
    if (heat) void steerDevice('dryer', { heat, running: true });
    act((r) => startTimer(r, nowMs(), length));
  };
  const feltKey = `${step.id}-${state.round}`;
  const felt = feltAt === feltKey;
  const passed = (): void => {
    if (!damp || !item) return act((r) => answerCheck(r, true, nowMs()));
    // What the hands say counts with the weights; alone it is only a feeling, and offers one more round.
    const proof = dampOf(run, step, item, kit?.weighIns ?? [], equipment?.room, nowMs(), { clump: false, dampCore: false });
    if (proof?.judged.status === 'dry') act((r) => answerCheck(r, true, nowMs(), 'dry by weight, last hour and hand'));
    else setFeltAt(feltKey);
  };
  const counted = isCounted(step);
  const suds = rinseAfter(step);
  const more = step.do === 'machine-rinse' && state.times > 0;
  const left = leftMs(run, now);
  const late = lateMinutes(run, now);
  const always = run.programme.steps.filter((s) => s.when === 'always');
  const number =
    run.programme.steps.filter((s) => s.when === 'always' || run.unlocked.includes(s.id)).findIndex((s) => s.id === step.id) + 1;
  const count = always.length + run.unlocked.length;
  const usual = timerMinutes(step, state.times);
  // What was weighed says how long the next round should be; the plan does until then.
  const next = damp && damp.weighed.length > 0 && state.round > 0 ? damp.nextRoundMin : usual;
  const rounds = step.settings.rounds ?? 1;
  const timed = usual > 0;
  const rung = state.state === 'rung' || (state.state === 'running' && left === 0);
  const running = state.state === 'running' && !rung;
  const done = new Set(
    Object.values(run.steps)
      .filter((s) => s.times > 0 && s.stepId !== step.id)
      .map((s) => s.stepId),
  );
  const again = rounds > 1 && state.round < rounds;
  const canAnswer = !timed || rung || state.state === 'waiting' || running;
  return (
    <Screen $aside={damp !== null}>
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
          step {number} of {count}
        </Quiet>
      </Row>
      <Strip steps={run.programme.steps} small doneIds={done} label="Where you are" />
      {jumped !== 0 && (
        <Note tone="alarm">
          The clock moved by {minutesText(Math.abs(jumped) / 60_000)}. If this device slept, go on. If the clock was set,{' '}
          <TextButton onClick={wasSet}>the clock was set, keep my time</TextButton>
        </Note>
      )}
      <Beside $aside={damp !== null}>
        <div>
          <div>
            {rounds > 1 && (
              <Quiet style={{ fontSize: 18 }}>
                {state.round === 0 ? `${rounds} rounds` : `Round ${state.round} of ${rounds}`}
              </Quiet>
            )}
            <Big id="step" tabIndex={-1}>
              {more ? RINSE_WORDS.title : step.title}
            </Big>
            {counted && <HeatLine>{fillText(state.times + 1, step.settings.rinses ?? 1)}</HeatLine>}
            {timed && state.state !== 'waiting' && (
              <Clock role="timer" aria-live="off">
                {rung ? 'Look now' : countdown(left ?? 0)}
              </Clock>
            )}
            {heat !== undefined && (
              <HeatLine>
                {running ? 'Heat stays on ' : 'Set the heat to '}
                <strong>{HEAT_WORDS[heat]}</strong>.
              </HeatLine>
            )}
          </div>
          {late > 0 && (
            <Note tone="alarm">
              <strong>It has waited {minutesText(late)} since it rang.</strong>{' '}
              {!step.mayWait ? 'Wet fill clumps and smells: do the next thing now.' : 'No harm done; go on.'}
            </Note>
          )}
          <Text>{more ? RINSE_WORDS.text : step.text}</Text>
          {step.cautions.map((c) => (
            <Note key={c} tone="alarm">
              {c}
            </Note>
          ))}
          {step.do === 'even-fill' && evening && evening.moves.length > 0 && item && (
            <>
              <p>
                <strong>{eveningText(evening)}</strong> <Link to={`/kit/${item.id}/fill`}>The map</Link>
              </p>
              <EveningMoves itemId={item.id} evening={evening} large />
            </>
          )}
          {damp && item?.fillMap && (rung || state.round > 0) && (
            <Clumps
              map={item.fillMap}
              marked={state.clumps ?? []}
              onMark={(baffle) => act((r) => markClump(r, baffle, nowMs()))}
            />
          )}
          {step.check && (rung || !timed || state.state === 'waiting') && (
            <Text>
              <strong>{step.check.look}</strong> <Quiet style={{ fontSize: 17 }}>Good: {step.check.pass}</Quiet>
            </Text>
          )}
        </div>
        {damp && (
          <div>
            <DampPanel damp={damp} next={running && left !== null ? `at ${clockText(now + left)}, when this round ends` : null} />
            <DeviceLine
              heat={heat}
              running={running}
              onHeard={() => {
                const { dryModel } = step.settings;
                const held = damp.estimate.waterG.middle / (damp.expectedG ?? dryModel?.dryG ?? 1);
                if (dryModel && held > 0)
                  void steerDevice('load', { ...dryModel, dryG: damp.expectedG ?? dryModel.dryG, heldKgPerKg: held });
                if (heat) void steerDevice('dryer', { heat, running });
              }}
              onTake={(value) => {
                setHeard(value);
                setWeighing(true);
              }}
              onRoom={(airC, rhPercent) =>
                void saveEquipment({ ...equipment, room: { ...equipment?.room, airC, rhPercent } }).then((undo) =>
                  tell('The room’s air is kept as measured.', undo),
                )
              }
            />
          </div>
        )}
      </Beside>
      {clash ? (
        <Actions>
          <Meeting clash={clash} onRinsed={() => void rinsed(clash)} />
          <Row $wrap>
            <TextButton onClick={() => act((r) => stepBack(r, nowMs()))}>One step back</TextButton>
            <TextButton onClick={() => act((r) => skipStep(r, nowMs(), 'would have met what it must not'))}>
              Leave this step out
            </TextButton>
          </Row>
        </Actions>
      ) : (
        <Actions>
          {notingAt === step.id && (
            <NoteField
              was={state.note}
              onKeep={(text) => {
                act((r) => noteStep(r, text, nowMs()));
                setNotingAt(null);
                tell('Noted; it goes into the record with this step.');
              }}
            />
          )}
          {felt && damp && (
            <Note>
              <strong>It feels dry, but that is not proved.</strong> Still missing: {missingOf(damp)}. Down that only felt dry
              clumps a week later, so one more round is wise.
            </Note>
          )}
          {weighing && (
            <Weigh
              key={heard}
              start={heard}
              doubt={(g) => (item ? doubtOf(g, damp, item) : null)}
              onKeep={(g) => void keepWeight(g)}
            />
          )}
          {skipping && <SkipField onSkip={(why) => act((r) => skipStep(r, nowMs(), why))} />}
          {timed && (state.state === 'waiting' || (rung && again)) && (
            <Button $big data-main-action onClick={() => begin(next)}>
              <Play aria-hidden="true" /> {state.round > 0 ? `Start round ${state.round + 1}` : 'Start'}
              {heat ? `, heat on ${HEAT_WORDS[heat].toUpperCase()}` : ''}, {minutesText(next)}
            </Button>
          )}
          {timed && next !== usual && (state.state === 'waiting' || (rung && again)) && (
            <TextButton onClick={() => begin(usual)}>The usual {minutesText(usual)} instead</TextButton>
          )}
          {running && (
            <Pair>
              <Button $big $quiet onClick={() => setWeighing(!weighing)}>
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
              <Button $big $quiet onClick={() => act((r) => answerCheck(r, true, nowMs(), 'feels dry, not proved by weight'))}>
                Go on all the same
              </Button>
            </Pair>
          )}
          {!felt && step.check && canAnswer && (!again || rung || running) && (!timed || state.state !== 'waiting') && (
            <Pair>
              <Button $big $quiet onClick={() => act((r) => answerCheck(r, false, nowMs()))}>
                {step.settings.rinseModel ? 'Still suds' : 'Not yet'}
              </Button>
              <Button $big $quiet={timed && !rung} onClick={passed}>
                {step.settings.rinseModel ? 'Clear' : damp ? 'It feels dry' : 'It is good'}
              </Button>
            </Pair>
          )}
          {!step.check && (!timed || state.state !== 'waiting') && state.state !== 'paused' && (
            <Button
              $big
              $quiet={running}
              {...(running ? {} : { 'data-main-action': true })}
              onClick={() => act((r) => finishStep(r, nowMs()))}
            >
              Done
            </Button>
          )}
          {suds && !running && (!timed || state.state !== 'waiting') && state.state !== 'paused' && (
            <Button $big $quiet onClick={() => act((r) => addRinse(r, suds, nowMs()))}>
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
          <Row $wrap $between>
            <Row $wrap>
              <TextButton onClick={() => act((r) => stepBack(r, nowMs()))}>One step back</TextButton>
              <TextButton onClick={() => setSkipping(!skipping)}>Skip</TextButton>
              {!running && <TextButton onClick={() => setWeighing(!weighing)}>Weigh it</TextButton>}
              <TextButton onClick={() => setNotingAt(notingAt === step.id ? null : step.id)}>Note</TextButton>
              {item && <PhotoTaker itemId={item.id} step={step.title} />}
            </Row>
            <TextButton
              onClick={() => {
                act((r) => stopRun(r, nowMs()));
                void navigate(run.machineId ? '/cupboard/machines' : `/kit/${run.itemId}`);
              }}
            >
              Stop the programme
            </TextButton>
          </Row>
        </Actions>
      )}
    </Screen>
  );
}
