import { Said } from '../../ui/said';
import { ChevronLeft } from 'lucide-react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { toRun, PATHS, useIdHere } from '../../app/routes';
import { useLoad } from '../../app/loads';
import { nowIso, nowMs } from '../../app/now';
import { notify } from '../../app/session';
import { useSecond } from '../../app/UnderWay';
import { current, type Run } from '../../core/run';
import { beforeTheDoor, gathered, loadState, tickStep } from '../../core/run/load';
import { loadText, notInText } from '../../core/telling/load';
import { runStateText } from '../../core/telling/run';
import { minutesText } from '../../core/units';
import { listed } from '../../core/words/text';
import { changeRun } from '../../data/repo';
import { Empty, Note, Page, Quiet, Row } from '../../ui/basics';
import { LinkButton, TextButton } from '../../ui/Button';
import { Checkbox } from '../../ui/Checkbox';
import { reachable } from '../../ui/focus';
import { color, phone } from '../../ui/theme';
import { Live } from './Live';
import { Big, Screen } from './parts';

const Things = styled.div`
  display: flex;
  flex-direction: column;
  gap: 24px;
  > section > ul > li {
    border-top: 1px solid ${color.line};
    padding: 4px 0;
    min-height: 64px;
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 16px;
    font-size: 18px;
    > label {
      min-height: 56px;
      flex: 1;
    }
    > div {
      padding-left: 32px;
    }
  }
  small {
    display: block;
    font-size: 16px;
    color: ${color.quiet};
    max-width: 38em;
  }
  ${phone} {
    small {
      font-size: 15px;
    }
  }
`;

/** A drum of several things: what each needs before the door shuts, what is done to all, and how each goes on. */
export function LoadPage() {
  const id = useIdHere();
  const runs = useLoad(id);
  const now = useSecond(true);
  if (runs === undefined) return <Screen aria-busy="true" />;
  const load = runs[0]?.load;
  if (!load)
    return (
      <Page>
        <Empty whole title="This load is not under way.">
          <p>It may have been finished or deleted; the record keeps what was done.</p>
          <LinkButton to={PATHS.washDay}>To the wash day</LinkButton>
        </Empty>
      </Page>
    );
  const state = loadState(runs);
  const waiting = state.ahead.filter((r) => beforeTheDoor(r).some((l) => !l.done));
  const without = notInText(runs, state.lead ? current(state.lead) : undefined);
  const ticks = waiting.length > 0 && <Before runs={waiting} />;
  if (state.lead)
    return (
      <Live key={state.lead.id} run={state.lead} of={listed((gathered(state.lead, runs)?.here ?? []).map((r) => r.itemName))}>
        {without && <Note>{without}</Note>}
        {ticks && (
          <section aria-label="Meanwhile">
            <h2>Meanwhile, before the door shuts</h2>
            {ticks}
          </section>
        )}
        {state.apart.length > 0 && <Going runs={state.apart} now={now} />}
      </Live>
    );
  return (
    <Screen>
      <Row $gap={8}>
        <Link
          to={PATHS.washDay}
          aria-label="Back to the wash day"
          style={{ display: 'inline-flex', minWidth: 44, minHeight: 44, alignItems: 'center' }}
        >
          <ChevronLeft aria-hidden="true" />
        </Link>
        <strong>{load.name}</strong>
      </Row>
      <Big {...reachable('step')} aria-live="polite">
        <Said>{loadText(state)}</Said>
      </Big>
      {ticks}
      <Going runs={[...state.ahead.filter((r) => !waiting.includes(r)), ...state.apart]} now={now} />
    </Screen>
  );
}

/** What each thing needs before the drum: small things are ticked in any order, others have a step of their own. */
function Before({ runs }: { runs: readonly Run[] }) {
  return (
    <Things>
      {runs.map((run) => (
        <section key={run.id} aria-label={`Before the door shuts: ${run.itemName}`}>
          <Row $between $wrap>
            <h2>{run.itemName}</h2>
            <TextButton
              aria-label={`Take it out: ${run.itemName}`}
              onPress={() => {
                void import('../../app/carryOut')
                  .then(({ takeOutOf }) => takeOutOf(run))
                  .then((undo) => notify(`${run.itemName} goes on by itself; the others need not wait for it.`, undo));
              }}
            >
              Take it out
            </TextButton>
          </Row>
          <ul>
            {beforeTheDoor(run).map(({ step, done, tick }) => (
              <li key={step.id}>
                {tick ? (
                  <Checkbox
                    selected={done}
                    onChange={(has) => void changeRun(run.id, (r) => tickStep(r, step.id, has, nowMs()), nowIso())}
                    more={<Said>{step.text}</Said>}
                  >
                    {step.title}
                  </Checkbox>
                ) : (
                  <>
                    <div>
                      {step.title}
                      {step.unattendedMin > 0 && <Quiet>, {minutesText(step.unattendedMin)}</Quiet>}
                      <small>{done ? 'Done.' : step.text}</small>
                    </div>
                    {current(run)?.id === step.id && (
                      <LinkButton to={toRun(run.id)} look="quiet" aria-label={`Go to it: ${run.itemName}, ${step.title}`}>
                        Go to it
                      </LinkButton>
                    )}
                  </>
                )}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </Things>
  );
}

const goingText = ({ status }: Run): string =>
  status === 'live' ? 'Go to it' : status === 'written' ? 'See it' : 'Write it down';
/** Those that are ready, or go on by themselves. */
function Going({ runs, now }: { runs: readonly Run[]; now: number }) {
  if (runs.length === 0) return null;
  return (
    <Things>
      <section aria-label="Each by itself">
        <ul>
          {runs.map((run) => {
            const ready = run.status === 'live' && !run.alone && run.load?.shared[run.currentId ?? ''] !== undefined;
            return (
              <li key={run.id}>
                <div style={{ paddingLeft: 0 }}>
                  <strong>{run.itemName}</strong>
                  <small>
                    <Said>
                      {ready ? 'Ready for the drum.' : run.status === 'written' ? 'In the record.' : runStateText(run, now)}
                    </Said>
                  </small>
                </div>
                {!ready && run.status !== 'dropped' && (
                  <LinkButton to={toRun(run.id)} look="quiet" aria-label={`${goingText(run)}: ${run.itemName}`}>
                    {goingText(run)}
                  </LinkButton>
                )}
              </li>
            );
          })}
        </ul>
      </section>
    </Things>
  );
}
