import { useEffect, useState } from 'react';
import { ProgressBar } from 'react-aria-components';
import styled from 'styled-components';
import { Quiet, Row } from './basics';
import { TextButton } from './Button';
import { color } from './theme';

const Bar = styled(ProgressBar)`
  width: 200px;
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
      <Bar aria-label={what} value={done} maxValue={Math.max(1, of)}>
        {({ percentage }) => <span style={{ width: `${percentage ?? 0}%` }} />}
      </Bar>
      <Quiet>
        {what}: {done} of {of}
      </Quiet>
      <TextButton onPress={onStop}>Stop</TextButton>
    </Row>
  );
}
