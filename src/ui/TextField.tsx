import { FieldError, Input, Label, TextField as AriaTextField } from 'react-aria-components';
import styled from 'styled-components';
import { lineLook } from './basics';
import { color, size } from './theme';

const Box = styled(AriaTextField)<{ $width?: number }>`
  display: flex;
  flex-direction: column;
  gap: 4px;
  font-size: ${size.small};
  ${(p) => (p.$width ? `width: ${p.$width}px;` : 'flex: 1 1 240px;')}
`;
const Name = styled(Label)`
  font-weight: 600;
`;
const Line = styled(Input)`
  ${lineLook}
  &[data-focus-visible] {
    outline: 3px solid ${color.water};
    outline-offset: 2px;
  }
`;
const Fault = styled(FieldError)`
  color: ${color.alarm};
  font-weight: 600;
`;

/** One line of text, or of digits that the caller reads (`digits`). Enter submits the form around it. */
export function TextField({
  label,
  value,
  digits = false,
  width,
  maxLength,
  autoFocus = false,
  fault = null,
  onChange,
}: {
  label: string;
  value: string;
  digits?: boolean;
  /** px; it takes what room there is without. */
  width?: number;
  maxLength?: number;
  autoFocus?: boolean;
  /** What is wrong with what is typed. */
  fault?: string | null;
  onChange: (text: string) => void;
}) {
  return (
    <Box
      value={value}
      onChange={onChange}
      autoFocus={autoFocus}
      isInvalid={fault !== null}
      inputMode={digits ? 'decimal' : 'text'}
      {...(maxLength === undefined ? {} : { maxLength })}
      {...(width === undefined ? {} : { $width: width })}
    >
      <Name>{label}</Name>
      <Line />
      <Fault>{fault}</Fault>
    </Box>
  );
}
