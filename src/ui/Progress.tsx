import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { Quiet, Row, TextButton } from './basics';
import { color } from './theme';

const Bar = styled.progress`
  appearance: none;
  width: 200px;
  height: 8px;
  border: 0;
  background: ${color.line};
  &::-webkit-progress-bar {
    background: ${color.line};
  }
  &::-webkit-progress-value {
    background: ${color.water};
  }
  &::-moz-progress-bar {
    background: ${color.water};
  }
`;
const PATIENCE_MS = 400;

/** Work that takes longer than a moment: how far it is, and a way out. Shows nothing for work that is quickly done. */
export function Progress({ what, done, of, onStop }: { what: string; done: number; of: number; onStop: () => void }) {
  const [shown, setShown] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setShown(true), PATIENCE_MS);
    return () => clearTimeout(timer);
  }, []);
  if (!shown) return null;
  return (
    <Row $wrap role="status">
      <Bar value={done} max={Math.max(1, of)} aria-label={what} />
      <Quiet>
        {what}: {done} of {of}
      </Quiet>
      <TextButton onClick={onStop}>Stop</TextButton>
    </Row>
  );
}
