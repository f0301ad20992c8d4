import { ChevronLeft } from 'lucide-react';
import { Link } from 'react-router';
import { steerDevice } from '../../app/devices';
import { EveningMoves } from '../../app/EveningMoves';
import { nowMs } from '../../app/now';
import { tell } from '../../app/session';
import { clockText } from '../../app/time';
import type { WayId } from '../../core/knowledge';
import { latestInspection } from '../../core/programme';
import { chooseWay, gradeDrops, gradesOf, lookAfterAll, markClump, measureLoft, putAwayAsItIs, type Run } from '../../core/run';
import { doubtOf } from '../../core/run/damp';
import { eveningText } from '../../core/telling/loft';
import { joined, lookCountText, movedText, roundText, satText } from '../../core/telling/run';
import { minutesText } from '../../core/units';
import { HEAT_WORDS } from '../../core/words';
import { WAY_WORDS } from '../../core/words/looks';
import { fillText, RINSE_WORDS } from '../../core/words/rinse';
import { saveEquipment } from '../../data/repo';
import { Note, Quiet, Row, TextButton } from '../../ui/basics';
import { countdown } from '../../ui/countdown';
import { Strip } from '../../ui/strata';
import { Clumps } from './Asides';
import { DampPanel } from './DampPanel';
import { DeviceLine } from './DeviceLine';
import { DropsStep, LoftStep, Weigh } from './Measures';
import { OpenLooks, WaysOut } from './Questions';
import { Beside, Big, Clock, HeatLine, Screen, Text } from './parts';
import { StepActions } from './StepActions';
import { useLive } from './useLive';

/** One step at a time, large. */
export function Live({ run: given }: { run: Run }) {
  const live = useLive(given);
  if (!live) return null;
  const {
    run,
    now,
    jumped,
    wasSet,
    kit,
    item,
    evening,
    heard,
    setHeard,
    step,
    state,
    damp,
    act,
    counted,
    look,
    more,
    left,
    late,
    next,
    timed,
    rung,
    running,
    waiting,
    again,
    heat,
    loose,
    equipment,
    clash,
    weighsDry,
    keepWeight,
    type,
    here,
    weighed,
    loftKept,
    verdict,
    shown,
    number,
    done,
    asking,
    gate,
    failedZones,
  } = live;
  const machines = [...(equipment?.washers ?? []), ...(equipment?.dryers ?? [])];
  const moved = movedText(run, step, (id) => machines.find((m) => m.id === id)?.name);
  return (
    <Screen $aside={(damp !== null || look?.id === 'drops') && !asking && !gate}>
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
          step {number} of {shown.length}
        </Quiet>
      </Row>
      <Strip steps={run.programme.steps} small doneIds={done} label="Where you are" />
      {jumped !== 0 && (
        <Note tone="alarm">
          The clock moved by {minutesText(Math.abs(jumped) / 60_000)}. If this device slept, go on. If the clock was set,{' '}
          <TextButton onClick={wasSet}>the clock was set, keep my time</TextButton>
        </Note>
      )}
      {asking ? (
        <WaysOut run={run} step={step} onWay={(way: WayId) => act((r) => chooseWay(r, way, nowMs()))} />
      ) : gate ? (
        <OpenLooks
          run={run}
          onLook={(id) => act((r) => lookAfterAll(r, id, nowMs()))}
          onAsItIs={() => act((r) => putAwayAsItIs(r, nowMs()))}
        />
      ) : (
        <Beside $aside={damp !== null}>
          <div>
            <div>
              {roundText(step, state.round) && <Quiet style={{ fontSize: 18 }}>{roundText(step, state.round)}</Quiet>}
              <Big id="step" tabIndex={-1}>
                {more ? RINSE_WORDS.title : step.title}
              </Big>
              {!counted && !damp && state.failures > 0 && <Quiet style={{ fontSize: 18 }}>{lookCountText(state.failures)}</Quiet>}
              {counted && <HeatLine>{fillText(state.times + 1, step.settings.rinses ?? 1)}</HeatLine>}
              {timed && !waiting && (
                <Clock role="timer" aria-live="off">
                  {rung ? (step.settings.soakParts && again ? 'Knead it now' : 'Look now') : countdown(left ?? 0)}
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
                <strong>It has waited {minutesText(late)} since it rang.</strong> {satText(step, item)}
                {!step.mayWait && ' Do the next thing now.'}
              </Note>
            )}
            <Text>{more ? RINSE_WORDS.text : step.text}</Text>
            {moved && (
              <Text>
                <strong>{moved}</strong>
              </Text>
            )}
            {state.way && state.failures > 0 && (
              <Text>
                <strong>{WAY_WORDS[state.way].name}.</strong> {WAY_WORDS[state.way].text}
              </Text>
            )}
            {step.phase === 'repel' && failedZones.length > 0 && (
              <Text>
                <strong>Only here: {joined(failedZones)}.</strong>
              </Text>
            )}
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
            {damp && loose && item?.fillMap && (rung || state.round > 0) && (
              <Clumps
                map={item.fillMap}
                marked={state.clumps ?? []}
                onMark={(baffle) => act((r) => markClump(r, baffle, nowMs()))}
              />
            )}
            {step.check && (rung || !timed || waiting) && (
              <Text>
                <strong>{step.check.look}</strong> <Quiet style={{ fontSize: 17 }}>Good: {step.check.pass}</Quiet>
              </Text>
            )}
            {weighsDry && !clash && (
              <>
                <Weigh
                  key={`${step.id}-${heard}-${here.length}`}
                  label="On the scale, g"
                  focus={!weighed}
                  onTyped={(massG) => type({ massG })}
                  start={heard}
                  doubt={(g) => (item ? doubtOf(g, damp, item) : null)}
                  onKeep={keepWeight}
                />
                {verdict && (
                  <p role="status" style={{ fontSize: 19 }}>
                    <strong>{verdict.text}</strong>
                  </p>
                )}
              </>
            )}
            {item && (look?.id === 'weighed' || step.do === 'measure-loft') && (
              <LoftStep
                item={item}
                last={kit ? latestInspection(kit.inspections, item.id) : null}
                kept={
                  loftKept
                    ? loftKept.ratio === null
                      ? `${loftKept.measured} ${loftKept.measured === 1 ? 'place' : 'places'}`
                      : `${Math.round(loftKept.ratio * 100)} % of new`
                    : null
                }
                onTyped={(loft) => type({ loft })}
                onKeep={(readings) => {
                  act((r) => measureLoft(r, readings, nowMs()));
                  tell('The loft is kept.');
                }}
              />
            )}
            {look?.id === 'drops' && item && !clash && (
              <DropsStep
                key={`${step.id}-${state.times}`}
                item={item}
                before={gradesOf(run, step.id)}
                onGrades={(grades) => act((r) => gradeDrops(r, grades, nowMs()))}
              />
            )}
          </div>
          {damp && (
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
                <Weigh
                  key={`${step.id}-${heard}-${here.length}`}
                  focus={heard !== null}
                  start={heard}
                  doubt={(g) => (item ? doubtOf(g, damp, item) : null)}
                  onKeep={keepWeight}
                />
              </DampPanel>
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
                onTake={setHeard}
                onRoom={(airC, rhPercent) =>
                  void saveEquipment({ ...equipment, room: { ...equipment?.room, airC, rhPercent } }).then((undo) =>
                    tell('The room’s air is kept as measured.', undo),
                  )
                }
              />
            </div>
          )}
        </Beside>
      )}
      <StepActions live={live} />
    </Screen>
  );
}
