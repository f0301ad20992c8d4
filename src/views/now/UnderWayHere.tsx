import { Link } from 'react-router';
import styled from 'styled-components';
import { clockText } from '../../app/time';
import { leftMs, tick, current, type Run } from '../../core/run';
import { underWayLines, type UnderWayLine } from '../../core/telling/load';
import { runStateText } from '../../core/telling/run';
import { Column, Quiet } from '../../ui/basics';
import { countdown } from '../../ui/countdown';
import { Strip } from '../../ui/strata';
import { color, font } from '../../ui/theme';

import { Section } from './parts';
import { toRun, toLoad } from '../../app/routes';
const Live = styled(Link)`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 20px;
  align-items: center;
  border: 1.5px solid ${color.ink};
  border-radius: 4px;
  padding: 14px 20px;
  text-decoration: none;
  background: ${color.panel};
`;
const Countdown = styled.span`
  font: 700 36px ${font.text};
  font-variant-numeric: tabular-nums;
  letter-spacing: -0.02em;
`;

function LiveRun({ line: { run, loadId, name, now: says }, now }: { line: UnderWayLine; now: number }) {
  const at = tick(run, now);
  const step = current(at);
  const left = leftMs(at, now);
  const done = new Set(
    Object.values(run.steps)
      .filter((s) => s.times > 0)
      .map((s) => s.stepId),
  );
  return (
    <Live to={loadId === null ? toRun(run.id) : toLoad(loadId)}>
      <Countdown>
        {says !== null ? '···' : run.status !== 'live' ? 'done' : left === null ? '···' : left === 0 ? 'now' : countdown(left)}
      </Countdown>
      <Column $gap={6}>
        <span>
          <strong>{name}</strong> <Quiet>{says ?? (run.status === 'live' ? step?.title : runStateText(run, now))}</Quiet>
        </span>
        <Strip steps={run.programme.steps} small doneIds={done} label={`Progress of ${name}`} />
      </Column>
      <Quiet>{run.status !== 'live' ? 'write it down' : left ? `alarm at ${clockText(now + left)}` : 'waits for you'}</Quiet>
    </Live>
  );
}
/** What runs just now. */
export function UnderWayHere({ runs, now }: { runs: readonly Run[]; now: number }) {
  if (runs.length === 0) return null;
  return (
    <Section aria-label="Under way">
      {underWayLines(runs).map((line) => (
        <LiveRun key={line.run.id} line={line} now={now} />
      ))}
    </Section>
  );
}
