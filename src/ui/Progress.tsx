import { useEffect, useState, type ReactNode } from 'react';
import { ProgressBar } from 'react-aria-components';
import styled from 'styled-components';
import { Quiet } from './basics';
import { TextButton } from './Button';
import { color } from './theme';

/** One line at every width: nothing below it moves when it comes and goes. */
const OneLine = styled.div`
  display: flex;
  align-items: center;
  gap: 12px;
  max-width: 100%;
  > :not(:first-child) {
    flex: none;
  }
`;
const Bar = styled(ProgressBar)`
  flex: 0 1 200px;
  width: 200px;
  min-width: 32px;
  height: 8px;
  background: ${color.line};
  > span {
    display: block;
    height: 100%;
    background: ${color.water};
    forced-color-adjust: none;
  }
`;
const PATIENCE_MS = 400;

/** Work that takes longer than a moment: how far it is, and a way out. Until then `meanwhile` keeps its place. */
export function Progress({
  what,
  done,
  of,
  onStop,
  meanwhile,
}: {
  what: string;
  done: number;
  of: number;
  onStop: () => void;
  meanwhile?: ReactNode;
}) {
  const [shown, setShown] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setShown(true), PATIENCE_MS);
    return () => clearTimeout(timer);
  }, []);
  if (!shown) return <>{meanwhile}</>;
  return (
    <OneLine role="status">
      <Bar aria-label={what} value={done} maxValue={Math.max(1, of)}>
        {({ percentage }) => <span style={{ width: `${percentage ?? 0}%` }} />}
      </Bar>
      <Quiet>
        {what}: {done} of {of}
      </Quiet>
      <TextButton onPress={onStop}>Stop</TextButton>
    </OneLine>
  );
}
