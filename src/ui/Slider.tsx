import { Label, Slider as AriaSlider, SliderThumb, SliderTrack } from 'react-aria-components';
import styled from 'styled-components';
import { Row } from './basics';
import { color } from './theme';
import { drawnApart } from './steady';

const Bar = styled(AriaSlider)`
  ${Row} > & {
    flex: 1 1 220px;
  }
`;
export const Track = styled(SliderTrack)`
  height: 44px;
  width: 100%;
  cursor: pointer;
  &::before {
    content: '';
    position: absolute;
    left: 0;
    right: 0;
    top: 21px;
    height: 3px;
    background: ${color.line};
  }
`;
const Thumb = styled(SliderThumb)`
  width: 22px;
  height: 22px;
  top: 50%;
  border-radius: 50%;
  background: ${color.ink};
  &[data-focus-visible] {
    outline: 3px solid ${color.water};
    outline-offset: 2px;
  }
`;
const Name = styled(Label)<{ $hidden: boolean }>`
  font-size: 14px;
  font-weight: 600;
  ${(p) => p.$hidden && 'position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%);'}
`;
/** A place on a line that is looked for by moving. For a setting with limits take `LimitRuler`; for an exact number a field. */
export const Slider = drawnApart(function Slider({
  label,
  hideLabel = false,
  value,
  min,
  max,
  step = 1,
  onChange,
}: {
  label: string;
  hideLabel?: boolean;
  value: number;
  min: number;
  max: number;
  step?: number;
  onChange: (value: number) => void;
}) {
  return (
    <Bar value={value} minValue={min} maxValue={max} step={step} onChange={(v) => onChange(Number(v))}>
      <Name $hidden={hideLabel}>{label}</Name>
      <Track>
        <Thumb />
      </Track>
    </Bar>
  );
});
