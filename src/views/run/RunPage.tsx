import { useLiveQuery } from 'dexie-react-hooks';
import { Bell, ChevronLeft, Pause, Play, Scale } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { nowIso, nowMs } from '../../app/now';
import { clockText, whenText } from '../../app/time';
import { useEquipment } from '../../app/kit';
import { tell } from '../../app/session';
import {
  addRinse,
  answerCheck,
  current,
  finishStep,
  isCounted,
  lateMinutes,
  leftMs,
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
import { rinseAfter } from '../../core/run/rinsed';
import { fillText, RINSE_WORDS } from '../../core/words/rinse';
import { minutesText } from '../../core/units';
import { AGENT_WORDS, HEAT_WORDS, SUPPLY_WORDS, WASHER_WORDS, WORDS } from '../../core/words';
import { db } from '../../data/db';
import { changeRun, saveEquipment, saveWeighIn } from '../../data/repo';
import { Button, ButtonLink, Empty, Field, Note, Page, Quiet, Row, TextButton } from '../../ui/basics';
import { Strip } from '../../ui/strata';
import { color, font, phone } from '../../ui/theme';
import { Finished } from './Finished';
import { Purged } from './Purged';
import { useRunClock } from './clock';
import { countdown } from '../../ui/countdown';

const Screen = styled.main`
  padding: 20px 32px 32px;
  max-width: 760px;
  min-height: 100vh;
  display: flex;
  flex-direction: column;
  gap: 20px;
  ${phone} {
    padding: 16px 20px 0;
  }
`;
const Big = styled.h1`
  font-size: 36px;
  line-height: 1.15;
  text-wrap: balance;
  outline: none;
`;
const Clock = styled.p`
  font: 700 96px/1 ${font.text};
  letter-spacing: -0.03em;
  font-variant-numeric: tabular-nums;
  margin: 4px 0;
`;
const Text = styled.p`
  font-size: 21px;
  line-height: 1.45;
  max-width: 34em;
`;
const HeatLine = styled.p`
  font-size: 22px;
  strong {
    color: ${color.heat};
    text-transform: uppercase;
  }
`;
const Actions = styled.div`
  display: flex;
  flex-direction: column;
  gap: 10px;
  margin-top: auto;
  position: sticky;
  bottom: 0;
  background: ${color.ground};
  padding: 12px 0 8px;
  border-top: 1px solid ${color.line};
`;
const Pair = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
`;

function Weigh({ itemId, onDone }: { itemId: string; onDone: () => void }) {
  const [grams, setGrams] = useState('');
  const value = Number(grams.replace(',', '.'));
  const fault = grams !== '' && !(value > 0) ? 'Write grams, a number above 0.' : null;
  return (
    <Row $wrap $top>
      <Field>
        Weight now, g
        <input inputMode="decimal" autoFocus value={grams} onChange={(e) => setGrams(e.target.value)} />
        {fault && <Note tone="alarm">{fault}</Note>}
      </Field>
      <Button
        style={{ marginTop: 22 }}
        disabled={!(value > 0)}
        onClick={() => {
          void saveWeighIn(itemId, nowIso(), value, 'round');
          onDone();
        }}
      >
        Keep it
      </Button>
    </Row>
  );
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
/** What must not meet stands in the way: nothing goes on until it is rinsed away. */
function Meeting({ clash, onRinsed }: { clash: Clash; onRinsed: () => void }) {
  const { brings, meets, sinceIso, vessel, pair } = clash;
  const where = vessel ? (vessel.name ?? `the ${WASHER_WORDS[vessel.kind]}`) : 'it';
  return (
    <>
      <Note tone="alarm">
        <strong>
          Rinse {where} first. {capital(AGENT_WORDS[meets])} {vessel ? `went into ${where}` : 'is still on it'}
          {sinceIso ? `, ${whenText(sinceIso)}` : ''}, and this step brings {SUPPLY_WORDS[brings]}.
        </strong>{' '}
        {WORDS.rules[pair.id]} Plenty of plain water, gloves, an open window.
      </Note>
      <Button $big data-main-action onClick={onRinsed}>
        I rinsed {vessel ? where : 'it'} with plenty of water
      </Button>
    </>
  );
}

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
  const [reason, setReason] = useState('');
  const navigate = useNavigate();
  const equipment = useEquipment();
  const [rinsedAt, setRinsedAt] = useState<string | null>(null);
  const step = current(run);
  const state = step && run.steps[step.id];
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
  const counted = isCounted(step);
  const suds = rinseAfter(step);
  const more = step.do === 'machine-rinse' && state.times > 0;
  const left = leftMs(run, now);
  const late = lateMinutes(run, now);
  const always = run.programme.steps.filter((s) => s.when === 'always');
  const number =
    run.programme.steps.filter((s) => s.when === 'always' || run.unlocked.includes(s.id)).findIndex((s) => s.id === step.id) + 1;
  const count = always.length + run.unlocked.length;
  const minutes = timerMinutes(step, state.times);
  const rounds = step.settings.rounds ?? 1;
  const timed = minutes > 0;
  const rung = state.state === 'rung' || (state.state === 'running' && left === 0);
  const running = state.state === 'running' && !rung;
  const done = new Set(
    Object.values(run.steps)
      .filter((s) => s.times > 0 && s.stepId !== step.id)
      .map((s) => s.stepId),
  );
  const heat = step.settings.heat;
  const again = rounds > 1 && state.round < rounds;
  const canAnswer = !timed || rung || state.state === 'waiting' || running;
  return (
    <Screen>
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
      <div>
        {rounds > 1 && (
          <Quiet style={{ fontSize: 18 }}>{state.round === 0 ? `${rounds} rounds` : `Round ${state.round} of ${rounds}`}</Quiet>
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
      {step.check && (rung || !timed || state.state === 'waiting') && (
        <Text>
          <strong>{step.check.look}</strong> <Quiet style={{ fontSize: 17 }}>Good: {step.check.pass}</Quiet>
        </Text>
      )}
      {weighing && <Weigh itemId={run.itemId} onDone={() => setWeighing(false)} />}
      {skipping && (
        <Row $wrap>
          <Field>
            Why skip it?
            <input autoFocus value={reason} maxLength={200} onChange={(e) => setReason(e.target.value)} />
          </Field>
          <Button style={{ marginTop: 22 }} onClick={() => act((r) => skipStep(r, nowMs(), reason || 'no reason given'))}>
            Skip it
          </Button>
        </Row>
      )}
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
          {timed && (state.state === 'waiting' || (rung && again)) && (
            <Button $big data-main-action onClick={() => act((r) => startTimer(r, nowMs()))}>
              <Play aria-hidden="true" /> {state.round > 0 ? `Start round ${state.round + 1}` : 'Start'}, {minutesText(minutes)}
            </Button>
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
          {step.check && canAnswer && (!again || rung || running) && (!timed || state.state !== 'waiting') && (
            <Pair>
              <Button $big $quiet onClick={() => act((r) => answerCheck(r, false, nowMs()))}>
                {step.settings.rinseModel ? 'Still suds' : 'Not yet'}
              </Button>
              <Button $big $quiet={timed && !rung} onClick={() => act((r) => answerCheck(r, true, nowMs()))}>
                {step.settings.rinseModel ? 'Clear' : 'It is good'}
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
            </Row>
          )}
          <Row $wrap $between>
            <Row $wrap>
              <TextButton onClick={() => act((r) => stepBack(r, nowMs()))}>One step back</TextButton>
              <TextButton onClick={() => setSkipping(!skipping)}>Skip</TextButton>
              {!running && <TextButton onClick={() => setWeighing(!weighing)}>Weigh it</TextButton>}
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
