import { Meter as AriaMeter } from 'react-aria-components';
import styled from 'styled-components';
import { color } from './theme';

const Bar = styled(AriaMeter)`
  display: inline-block;
  width: 96px;
  > span {
    display: block;
    height: 8px;
    border: 1px solid ${color.quiet};
    border-radius: 2px;
  }
  > span > span {
    display: block;
    height: 100%;
    background: ${color.water};
    forced-color-adjust: none;
  }
  &[data-low] > span > span {
    background: ${color.alarm};
  }
`;
/** How full something is: a bottle, a drum. For work that goes on, take `Progress`. */
export function Meter({
  label,
  value,
  of,
  text,
  low = false,
}: {
  label: string;
  value: number;
  of: number;
  text: string;
  low?: boolean;
}) {
  return (
    <Bar aria-label={label} value={Math.min(value, of)} maxValue={of} valueLabel={text} {...(low ? { 'data-low': true } : {})}>
      {({ percentage }) => (
        <span>
          <span style={{ width: `${percentage}%` }} />
        </span>
      )}
    </Bar>
  );
}
