import { Said } from '../ui/said';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import type { Run } from '../core/run';
import { runStateText } from '../core/telling/run';
import { LinkButton } from '../ui/Button';
import { color, phone } from '../ui/theme';
import { nowMs } from './now';
import { useRunOf } from './runs';
import { toRun } from './routes';

const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 8px 20px;
  border: 1.5px solid ${color.ink};
  border-radius: 4px;
  background: ${color.panel};
  padding: 12px 20px;
  font-size: 18px;
  ${phone} {
    padding: 12px 14px;
  }
`;

/** A tick each second while something is live. */
export function useSecond(active: boolean): number {
  const [now, setNow] = useState(nowMs);
  useEffect(() => {
    if (!active) return;
    const timer = setInterval(() => setNow(nowMs()), 1000);
    return () => clearInterval(timer);
  }, [active]);
  return now;
}

/** What is under way with a thing, first on every page of it, and the way there. */
export function UnderWay({ run }: { run: Run }) {
  const now = useSecond(run.status === 'live');
  return (
    <Bar role="status">
      <span>
        <strong>{run.status === 'live' ? 'Under way.' : 'Not in the record yet.'}</strong> <Said>{runStateText(run, now)}</Said>
      </span>
      <LinkButton to={toRun(run.id)} data-main-action>
        {run.status === 'live' ? 'Go to it' : 'See it and write it down'}
      </LinkButton>
    </Bar>
  );
}

/** The same for a thing, on a page that needs nothing else of its run. */
export function UnderWayOf({ itemId }: { itemId: string }) {
  const run = useRunOf(itemId);
  return run && <UnderWay run={run} />;
}
