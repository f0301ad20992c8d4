import { type Change, useStanding, type At, useEntries, type Entries } from './standing';
import { PATHS, toThing } from '../../app/routes';
import { steerDevice } from '../../app/devices';
import type { LoftReading } from '../../core/gear';
import { nowMs } from '../../app/now';
import { goBack, pressInLoad } from '../../app/loads';
import { notify } from '../../app/session';
import type { Heat } from '../../core/gear';
import { loftOf } from '../../core/loft';
import {
  answerCheck,
  type Carried,
  isCounted,
  isUntouched,
  lateMinutes,
  leftMs,
  looseFill,
  measureLoft,
  roundsOf,
  type Run,
  startTimer,
  stopRun,
  timerMinutes,
  wayHere,
  weighIn,
  zonesHere,
} from '../../core/run';
import { dampOf, dryingMinutes, expectedDryG } from '../../core/run/damp';
import { inForce } from '../../core/run/events';
import { occupant } from '../../core/run/in-use';
import { besideHere, gathered, pressAt, sharedAs } from '../../core/run/load';
import { lookOf } from '../../core/run/looks';
import { clashAt, withStanding, type Clash } from '../../core/run/meet';
import { rinseAfter } from '../../core/run/rinsed';
import { drumWords } from '../../core/telling/load';
import { cutShortText } from '../../core/telling/run';
import { dropRuns, saveEquipment } from '../../data/repo';
import { weightText } from '../../core/telling/drying';
import type { Measured } from './Used';
import { allInUnits } from '../../core/units/said';
/** In these it is wet when it is weighed. */
const WET_PHASES: ReadonlySet<string> = new Set(['wash', 'rinse', 'extract']);
const isOver = (run: Run, id: string): boolean =>
  ['done', 'passed', 'failed', 'skipped'].includes(run.steps[id]?.state ?? 'waiting');

/** What is used at this step: as it was measured, or as it is planned. */
function amountsOf({ run, step }: At, { usedAt }: Entries) {
  const onlyZones = zonesHere(run);
  const sprayed = (step.settings.spray ?? []).filter((z) => onlyZones.includes(z.zone));
  const sprayedMl = sprayed.reduce((ml, z) => ml + z.ml, 0);
  const unmeasured: Measured = sprayed.length > 0 ? { ml: { 'spray-proofer': sprayedMl }, only: true } : { ml: {} };
  const measured: Measured = usedAt?.stepId === step.id ? usedAt : unmeasured;
  const how: Carried = { usedMl: measured.ml, ...(measured.litres === undefined ? {} : { litres: measured.litres }) };
  return { onlyZones, measured, how };
}
type Amounts = ReturnType<typeof amountsOf>;

/** How a press reaches the run. */
function pressesOf({ run, step, state }: At) {
  // A press belongs to what was on the screen: the second of two quick ones finds another step, and does nothing.
  const isAsSeen = (r: Run): boolean => {
    const there = r.steps[step.id];
    return r.currentId === step.id && there?.times === state.times && there.round === state.round;
  };
  /** In the run, or in those of all that stand at a step they share. */
  const act = (change: (r: Run) => Run): void => void pressInLoad(run, (_own, all) => pressAt(all, run.id, change), isAsSeen);
  /** A drying that begins for all that lie in the same dryer. */
  const actBeside = (change: (r: Run) => Run): void =>
    void pressInLoad(run, (own, all) => besideHere(own, all).map(change), isAsSeen);
  const back = (): void => void goBack(run, isAsSeen);
  return { act, actBeside, back };
}
type Presses = ReturnType<typeof pressesOf>;

/** What is typed here, and the end of a round, which keeps it first. */
function endingOf({ run, step }: At, { typed, setTyped, setAsked }: Entries, { how }: Amounts, { act }: Presses) {
  const type = (what: { massG?: number | null; loft?: readonly LoftReading[] }): void =>
    setTyped({ ...(typed?.stepId === step.id ? typed : { stepId: step.id }), ...what });
  /** The run with what is typed in the fields of this step. */
  const withTyped = (r: Run): Run => {
    if (typed?.stepId !== step.id) return r;
    const weighed = typed.massG ? weighIn(r, { massG: typed.massG, after: 'dry' }, nowMs()) : r;
    return typed.loft ? measureLoft(weighed, typed.loft, nowMs()) : weighed;
  };
  /** Ends the present round: when it is much too early, what it really ran is asked first. */
  const end = (change: Change): void => {
    const withAll: Change = (r, so) => change(withTyped(r), so);
    const cut = cutShortText(run, nowMs());
    if (cut) setAsked({ ...cut, stepId: step.id, change: withAll });
    else act((r) => withAll(r, how));
    setTyped(null);
  };
  return { type, end };
}
type Ending = ReturnType<typeof endingOf>;

/** Who shares this step, in what words, and what stands in its way. */
function companyOf(
  { stored, run, step, state, mates, equipment, runs, units }: At,
  { open, rinsedAt, setRinsedAt }: Entries & { open: string | null },
) {
  const shared = sharedAs(run, step.id);
  const drum = gathered(stored, mates);
  const words = drum && run.load ? allInUnits(drumWords(step, run.load, drum.here), units) : step;
  const beside = besideHere(stored, mates).filter((m) => m.id !== run.id);
  // On the thing itself a rinse outside the programme is taken at the user's word, for this step only.
  const found = clashAt(stored, step, equipment);
  const clash = found && (found.vessel || rinsedAt !== step.id) ? found : null;
  const rinsed = async ({ vessel }: Clash): Promise<void> => {
    if (vessel && equipment) notify('It is noted as rinsed out.', await saveEquipment(withStanding(equipment, vessel.id, [])));
    else setRinsedAt(step.id);
  };
  // Its own drum is not somebody else's.
  const others = runs.filter((r) => !run.load || r.load?.id !== run.load.id);
  const inUse =
    state.state === 'waiting' && state.spells.length === 0 && open !== 'together' ? occupant(step, others, run.id) : null;
  return { shared, drum, words, beside, clash, rinsed, inUse };
}

/** How long this step takes, and how far it has come. */
function timingOf({ run, now, step, state, damp }: At) {
  const left = leftMs(run, now);
  const late = lateMinutes(run, now);
  const usual = timerMinutes(step, state);
  // What was weighed says how long the next round should be; the plan does until then. Panel and button say the same.
  const next = damp && damp.weighed.length > 0 && state.round > 0 ? damp.nextRoundMin : usual;
  const timed = usual > 0;
  const elapsed = state.state === 'elapsed';
  const running = state.state === 'running';
  const waiting = state.state === 'waiting';
  const rounds = roundsOf(step);
  const again = rounds > 1 && state.round < rounds;
  return { left, late, usual, next, timed, elapsed, running, waiting, again };
}

/** What a weight says here, and how one is kept. */
function weighingOf(
  { run, kit, item, equipment, step, state, damp }: At,
  entries: Entries & { open: string | null },
  { act }: Presses,
) {
  const { typed, open, setHeard, setTyped, setOpened } = entries;
  const weighsDry = lookOf(step)?.id === 'weighed' || step.do === 'weigh';
  const keepWeight = (massG: number): void => {
    setHeard(null);
    setTyped(null);
    if (open === 'weigh') setOpened(null);
    const rhPercent = equipment?.room?.rhPercent;
    act((r) => {
      const dryMin = damp ? Math.round(dryingMinutes(r, step, nowMs()) * 10) / 10 : undefined;
      const after = dryMin === undefined ? (WET_PHASES.has(step.phase) ? 'spin' : 'dry') : dryMin === 0 ? 'spin' : 'round';
      return weighIn(
        r,
        { massG, after, ...(dryMin === undefined ? {} : { dryMin }), ...(rhPercent === undefined ? {} : { rhPercent }) },
        nowMs(),
      );
    });
    notify(`${massG} g are kept.`);
  };
  const here = inForce(run.events).filter((e) => e.stepId === step.id && e.at >= state.sinceMs);
  const weighed = here.findLast((e) => e.type === 'weighed');
  const lofted = here.findLast((e) => e.type === 'loft');
  const loftKept = lofted && loftOf(lofted.readings);
  const dryG = item && kit ? expectedDryG(item, kit.weighIns ?? [], run, equipment?.room) : null;
  const massG = (typed?.stepId === step.id ? typed.massG : null) ?? weighed?.massG;
  const verdict =
    massG && weighsDry ? weightText(massG, step.do === 'weigh' ? (item?.massG ?? null) : dryG, step.do === 'weigh') : null;
  return { weighsDry, keepWeight, here, weighed, loftKept, dryG, verdict };
}
type Weighing = ReturnType<typeof weighingOf>;

/** What it is to be dry, by hand and by weight. */
function passingOf(
  { stored, kit, item, equipment, step, state, damp }: At,
  { feltAt, setFeltAt }: Entries,
  { end }: Ending,
  { verdict, dryG }: Weighing,
) {
  const look = lookOf(step);
  const feltKey = `${step.id}-${state.round}`;
  const felt = feltAt === feltKey;
  const passed = (): void => {
    if (look?.id === 'weighed')
      return end((r, how) =>
        answerCheck(r, true, nowMs(), { ...how, proof: verdict?.back && dryG !== null ? 'weights' : 'hand' }),
      );
    if (!damp || !item) return end((r, how) => answerCheck(r, true, nowMs(), how));
    // What the hands say counts with the weights; alone it is only a feeling, and offers one more round.
    const proof = dampOf(stored, step, item, kit?.weighIns ?? [], equipment?.room, nowMs(), { clump: false, dampCore: false });
    if (proof?.judged.status === 'dry') end((r, how) => answerCheck(r, true, nowMs(), { ...how, proof: 'weights' }));
    else setFeltAt(feltKey);
  };
  return { felt, passed };
}

/** Stops the run; of a purge that was stopped nothing is taken for done. */
function stopIt({ run, navigate }: At, those: readonly Run[], { act }: Presses): void {
  if (those.every(isUntouched) || run.machineId) {
    void dropRuns(those).then((undo) =>
      notify(
        run.machineId
          ? 'The purge was stopped; what was left in the machine is still taken to be in it.'
          : 'It was stopped before anything was done; nothing is recorded.',
        undo,
      ),
    );
    void navigate(run.machineId ? PATHS.machines : toThing(run.itemId));
  } else act((r) => stopRun(r, nowMs()));
}

function liveAt(at: At, entries: Entries) {
  const { run, item, openRuns, units, planned, step, state, damp, piece } = at;
  const { opened, setOpened } = entries;
  const open = opened?.stepId === step.id ? opened.what : null;
  const toggle = (what: NonNullable<typeof opened>['what']): void => setOpened(open === what ? null : { stepId: step.id, what });
  const presses = pressesOf(at);
  const amounts = amountsOf(at, entries);
  const ending = endingOf(at, entries, amounts, presses);
  const company = companyOf(at, { ...entries, open });
  const timing = timingOf(at);
  const weighing = weighingOf(at, { ...entries, open }, presses);
  const passing = passingOf(at, entries, ending, weighing);
  const look = lookOf(step);
  const heat: Heat | undefined = step.settings.heat;
  const { elapsed, timed, waiting, again } = timing;
  const begin = (length: number): void => {
    const { dryModel } = step.settings;
    if (dryModel && state.round === 0) void steerDevice('load', dryModel);
    if (heat) void steerDevice('dryer', { heat, running: true });
    // Another round of what is looked at says: not yet.
    const press = company.shared === null ? presses.actBeside : presses.act;
    press((r) => startTimer(elapsed && r.id === run.id && step.check ? answerCheck(r, false, nowMs()) : r, nowMs(), length));
  };
  const asking = state.state === 'asking';
  // What a rest was for is measured: it is not waited for any more.
  const rested = step.do === 'measure-loft' && Boolean(weighing.loftKept);
  const canStart =
    timed &&
    !rested &&
    (waiting || (elapsed && (again || damp !== null))) &&
    !asking &&
    !passing.felt &&
    openRuns !== undefined &&
    !company.inUse;
  return {
    ...at,
    ...entries,
    ...presses,
    ...amounts,
    ...ending,
    ...company,
    ...timing,
    ...weighing,
    ...passing,
    open,
    toggle,
    look,
    heat,
    begin,
    asking,
    rested,
    canStart,
    counted: isCounted(step),
    suds: planned && rinseAfter(planned),
    more: step.do === 'machine-rinse' && state.times > 0,
    loose: item !== undefined && looseFill(item),
    gate: run.open.length > 0,
    answering: look?.id !== 'drops' && look?.id !== 'whole',
    way: wayHere(run),
    ready: piece.length > 1 ? piece.map((s) => ({ step: allInUnits(s, units), done: isOver(run, s.id) })) : [],
    stop: () => stopIt(at, company.drum?.here ?? [at.stored], presses),
  };
}

/** Everything the page of a run shows and does, at the step where it stands; null when it stands at none. */
export function useLive(stored: Run) {
  const standing = useStanding(stored);
  const entries = useEntries();
  const { step, state } = standing;
  return step && state ? liveAt({ ...standing, step, state }, entries) : null;
}
export type LiveRun = NonNullable<ReturnType<typeof useLive>>;
