import { ChevronDown } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button, Select as AriaSelect, SelectValue } from 'react-aria-components';
import styled from 'styled-components';
import { ariaField, fieldBox, FieldName, FieldNotes, type FieldProps, lineLook, sized, useTouch, wrong } from './field';
import { Floating } from './Floating';
import { OptionLine, OptionList } from './list';
import { Row } from './basics';
import { drawnApart } from './steady';
import { color, phone } from './theme';

const Box = styled(AriaSelect)`
  ${fieldBox}
  ${phone} {
    ${Row} > & {
      flex-basis: 140px;
    }
  }
` as typeof AriaSelect;
const Shown = styled(Button)`
  ${lineLook}
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  cursor: pointer;
  > span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  svg {
    flex: none;
    color: ${color.quiet};
  }
`;
/** Stands for "nothing chosen"; no record has it as a value. */
const NOTHING = '\u2013';

interface SelectProps<T extends string> extends FieldProps {
  readonly value: T | undefined;
  readonly options: readonly T[];
  readonly words?: Readonly<Partial<Record<string, string>>>;
  /** What an absent value is called; empty when one must be chosen. */
  readonly blank?: string;
  /** Its name is only read aloud. */
  readonly hideLabel?: boolean;
  readonly fault?: string | null;
  readonly onChange: (value: T | undefined) => void;
}
/** One of more than a few known words; absent means not recorded. Up to about six: take the chips. Things of a kit: take `ComboBox`. */
export const Select = drawnApart(Chosen) as <T extends string>(props: SelectProps<T>) => ReactNode;
/** One of a few known words of which one always stands: what is chosen is never nothing. */
export function OneSelect<T extends string>({
  onChange,
  ...rest
}: Omit<SelectProps<T>, 'blank' | 'onChange'> & { readonly onChange: (value: T) => void }) {
  return <Select {...rest} blank="" onChange={(value) => value !== undefined && onChange(value)} />;
}
function Chosen({
  label,
  value,
  options,
  words,
  blank = 'not recorded',
  width,
  hideLabel = false,
  fault = null,
  onChange,
  ...rest
}: SelectProps<string>) {
  const change = useTouch(onChange);
  const called = (o: string): string => words?.[o] ?? o.replace(/-/g, ' ');
  const rows = [...(blank === '' ? [] : [{ id: NOTHING, name: blank }]), ...options.map((o) => ({ id: o, name: called(o) }))];
  return (
    <Box
      {...(hideLabel ? { 'aria-label': label } : {})}
      value={value ?? (blank === '' ? null : NOTHING)}
      onChange={(key) => change(key === NOTHING || key === null ? undefined : String(key))}
      {...wrong(fault !== null)}
      style={sized(width)}
      {...ariaField(rest)}
    >
      {!hideLabel && <FieldName>{label}</FieldName>}
      <Shown>
        <SelectValue />
        <ChevronDown size={18} aria-hidden="true" />
      </Shown>
      <FieldNotes fault={fault} />
      <Floating>
        <OptionList items={rows}>
          {({ id, name }) => (
            <OptionLine id={id} textValue={name}>
              {name}
            </OptionLine>
          )}
        </OptionList>
      </Floating>
    </Box>
  );
}
