import { Said } from '../../ui/said';
import { toThing } from '../../app/routes';
import { latestInspection, type Item } from '../../core/gear';
import { Link } from 'react-router';
import { steerDevice } from '../../app/devices';
import { LevellingMoves } from '../../app/LevellingMoves';
import { nowMs } from '../../app/now';
import { notify } from '../../app/session';
import { clockText } from '../../app/time';
import { gradeDrops, gradesOf, markClump, measureLoft } from '../../core/run';
import { measuresLoft } from '../../core/run/looks';
import { doubtOf } from '../../core/run/damp';
import { levellingText } from '../../core/telling/loft';
import { lookCountText, movedText, roundText, satText } from '../../core/telling/run';
import { minutesText } from '../../core/units';
import { HEAT_WORDS } from '../../core/words';
import { WAY_WORDS } from '../../core/words/looks';
import { fillText, RINSE_WORDS } from '../../core/words/rinse';
import { listed } from '../../core/words/text';
import { zoneName } from '../../core/words/zones';
import { saveEquipment } from '../../data/repo';
import { Note, Quiet } from '../../ui/basics';
import { Disclosure } from '../../ui/Disclosure';
import { countdown } from '../../ui/countdown';
import { Clumps } from './Asides';
import { DampPanel, stillText } from './DampPanel';
import { DeviceLine } from './DeviceLine';
import { HiddenPlaces, StaysOff } from './HiddenPlaces';
import { SprayCounter } from './SprayCounter';
import { DropsStep, LoftStep, Weigh } from './Measures';
import { Big, Clock, HeatLine, InSight, Text } from './parts';
import { type LiveRun } from './useLive';
import { reachable } from '../../ui/focus';
import type { Levelling } from '../../core/loft';

/** What is done now: its name, which round, the clock and the heat. */
export function StepHead({ live }: { live: LiveRun }) {
  const { step, words, state, damp, counted, more, left, timed, elapsed, running, waiting, again, heat } = live;
  const rounds = roundText(step, state.round);
  return (
    <div>
      {rounds && <Quiet style={{ fontSize: 18 }}>{rounds}</Quiet>}
      <Big {...reachable('step')}>{more ? RINSE_WORDS.title : words.title}</Big>
      {!counted && !damp && state.failures > 0 && <Quiet style={{ fontSize: 18 }}>{lookCountText(state.failures)}</Quiet>}
      {counted && (
        <HeatLine>
          <Said>{fillText(state.times + 1, step.settings.rinses ?? 1)}</Said>
        </HeatLine>
      )}
      {timed && !waiting && (
        <Clock role="timer" aria-live="off">
          {elapsed ? (step.settings.soakParts && again ? 'Knead it now' : 'Look now') : countdown(left ?? 0)}
        </Clock>
      )}
      {heat !== undefined && (
        <HeatLine>
          {running ? 'Heat stays on ' : 'Set the heat to '}
          <strong>{HEAT_WORDS[heat]}</strong>.
        </HeatLine>
      )}
      {damp && running && (
        <InSight>
          <strong>{stillText(damp.estimate.left)}</strong>
        </InSight>
      )}
    </div>
  );
}

/** All that is to be known of the step: how late it is, what to do, where, with what care, and what to look for. */
export function StepSays({ live }: { live: LiveRun }) {
  const {
    run,
    item,
    equipment,
    levelling,
    step,
    words,
    state,
    damp,
    act,
    late,
    more,
    timed,
    elapsed,
    running,
    waiting,
    loose,
    way,
    onlyZones,
  } = live;
  const text = more ? RINSE_WORDS.text : words.text;
  const machines = [...(equipment?.washers ?? []), ...(equipment?.dryers ?? [])];
  const moved = movedText(run, step, (id) => machines.find((m) => m.id === id)?.name);
  return (
    <>
      {late > 0 && (
        <Note tone="alarm">
          <strong>It has waited {minutesText(late)} since the alarm.</strong> {satText(step, item)}
          {!step.mayWait && ' Do the next thing now.'}
        </Note>
      )}
      {!running && <Text>{text}</Text>}
      {step.check && running && <Text>Then: {step.check.look}</Text>}
      {moved && (
        <Text>
          <strong>
            <Said>{moved}</Said>
          </strong>
        </Text>
      )}
      {way && (
        <Text>
          <strong>{WAY_WORDS[way].name}.</strong> {WAY_WORDS[way].text}
        </Text>
      )}
      {onlyZones.length > 0 && (
        <Text>
          <strong>Only here: {listed(onlyZones.map((zone) => zoneName(zone, item?.kind ?? 'other')))}.</strong>
        </Text>
      )}
      {step.cautions.map((c) => (
        <Note key={c} tone="alarm">
          {c}
        </Note>
      ))}
      {step.do === 'even-fill' && levelling && levelling.moves.length > 0 && item && <ByMap levelling={levelling} item={item} />}
      {damp && loose && item?.fillMap && (elapsed || state.round > 0) && (
        <Clumps map={item.fillMap} marked={state.clumps ?? []} onMark={(baffle) => act((r) => markClump(r, baffle, nowMs()))} />
      )}
      {step.check && (elapsed || !timed || waiting) && (
        <Text>
          <strong>{step.check.look}</strong> <Quiet style={{ fontSize: 17 }}>Good: {step.check.pass}</Quiet>
        </Text>
      )}
      {running && (
        <Disclosure title="What this step is">
          <Text>{text}</Text>
        </Disclosure>
      )}
    </>
  );
}

/** The moves of its own map, to be ticked off. */
function ByMap({ levelling, item }: { levelling: Levelling; item: Item }) {
  return (
    <>
      <p>
        <strong>
          <Said>{levellingText(levelling)}</Said>
        </strong>{' '}
        <Link to={toThing(item.id, 'fill')}>The map</Link>
      </p>
      <LevellingMoves itemId={item.id} levelling={levelling} large />
    </>
  );
}

/** "97 % of new", or how many places were measured; null when none was. */
const loftText = (kept: LiveRun['loftKept']): string | null => {
  if (!kept) return null;
  if (kept.ratio !== null) return `${Math.round(kept.ratio * 100)} % of new`;
  return `${kept.measured} ${kept.measured === 1 ? 'place' : 'places'}`;
};
/** What a measuring step measures: grams, millimetres, drops. */
export function StepMeasures({ live }: { live: LiveRun }) {
  const { run, kit, item, step, state, act, look, clash, weighsDry, weighed, loftKept, verdict, type } = live;
  if (clash) return null;
  return (
    <>
      <StaysOff live={live} />
      {step.settings.tries && <HiddenPlaces live={live} />}
      {step.settings.spray && <SprayCounter key={`${step.id}-${state.times}`} live={live} />}
      {weighsDry && (
        <>
          <WeighHere live={live} label="On the scale" focus={!weighed} onTyped={(massG) => type({ massG })} />
          {verdict && (
            <p role="status" style={{ fontSize: 19 }}>
              <strong>
                <Said>{verdict.text}</Said>
              </strong>
            </p>
          )}
        </>
      )}
      {item && measuresLoft(step, run.programme) && (
        <LoftStep
          item={item}
          last={kit ? latestInspection(kit.inspections, item.id) : null}
          kept={loftText(loftKept)}
          onTyped={(loft) => type({ loft })}
          onKeep={(readings) => {
            act((r) => measureLoft(r, readings, nowMs()));
            notify('The loft is kept.');
          }}
        />
      )}
      {look?.id === 'drops' && item && (
        <DropsStep
          key={`${step.id}-${state.times}`}
          item={item}
          step={step}
          before={gradesOf(run, step.id)}
          earlier={kit ? latestInspection(kit.inspections, item.id) : null}
          onGrades={(grades, test) => act((r) => gradeDrops(r, grades, nowMs(), test))}
        />
      )}
    </>
  );
}

/** The field for a weight, as the scale or the hand gives it. */
export function WeighHere({
  live,
  label,
  focus,
  onTyped,
}: {
  live: LiveRun;
  label?: string;
  focus: boolean;
  onTyped?: (massG: number | null) => void;
}) {
  const { item, step, damp, here, heard, keepWeight } = live;
  return (
    <Weigh
      key={`${step.id}-${heard}-${here.length}`}
      focus={focus}
      start={heard}
      doubt={(g) => (item ? doubtOf(g, damp, item) : null)}
      onKeep={keepWeight}
      {...(label === undefined ? {} : { label })}
      {...(onTyped ? { onTyped } : {})}
    />
  );
}

/** How dry it is, and what the devices say; nothing where nothing dries. */
export function Drying({ live }: { live: LiveRun }) {
  const { now, equipment, heard, setHeard, step, damp, open, left, next, running, heat, loose } = live;
  if (!damp) return null;
  return (
    <div>
      <DampPanel
        damp={damp}
        loose={loose}
        next={
          running && left !== null
            ? `at ${clockText(now + left)}, when this round ends`
            : `after the next round, of ${minutesText(next)}`
        }
      >
        <WeighHere key={String(open === 'weigh')} live={live} focus={heard !== null || open === 'weigh'} />
      </DampPanel>
      <DeviceLine
        heat={heat}
        running={running}
        onHeard={() => {
          const { dryModel } = step.settings;
          const waterKgPerKg = damp.estimate.waterG.middle / (damp.expectedG ?? dryModel?.dryG ?? 1);
          if (dryModel && waterKgPerKg > 0)
            void steerDevice('load', { ...dryModel, dryG: damp.expectedG ?? dryModel.dryG, heldKgPerKg: waterKgPerKg });
          if (heat) void steerDevice('dryer', { heat, running });
        }}
        onTake={setHeard}
        onRoom={(airC, rhPercent) =>
          void saveEquipment({ ...equipment, room: { ...equipment?.room, airC, rhPercent } }).then((undo) =>
            notify('The room’s air is kept as measured.', undo),
          )
        }
      />
    </div>
  );
}
