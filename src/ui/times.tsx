import { parseTime, type Time } from '@internationalized/date';
import { TimeField as AriaTimeField } from 'react-aria-components';
import styled from 'styled-components';
import { ariaField, fieldBox, FieldName, FieldNotes, type FieldProps, sized, useTouch } from './field';
import { Line, OneDay } from './dates';
import { drawnApart } from './steady';

/** A time of the day, "19:30", in 24 hours. */
export const TimeField = drawnApart(function TimeField({
  label,
  value,
  width,
  onChange,
  ...rest
}: FieldProps & { value: string | undefined; onChange: (time: string | undefined) => void }) {
  const change = useTouch(onChange);
  let shown: Time | null = null;
  try {
    shown = value ? parseTime(value) : null;
  } catch {
    shown = null;
  }
  return (
    <TimeBox
      value={shown}
      onChange={(time) => change(time === null ? undefined : time.toString().slice(0, 5))}
      hourCycle={24}
      shouldForceLeadingZeros
      style={sized(width)}
      {...ariaField(rest)}
    >
      <FieldName>{label}</FieldName>
      <Line style={{ minWidth: 96 }}>
        <OneDay />
      </Line>
      <FieldNotes fault={null} />
    </TimeBox>
  );
});
const TimeBox = styled(AriaTimeField)`
  ${fieldBox}
` as typeof AriaTimeField;
