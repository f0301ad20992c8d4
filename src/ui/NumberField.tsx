import { type ReactNode, useContext, useRef, useState } from 'react';
import { Input, TextField } from 'react-aria-components';
import styled from 'styled-components';
import { typedNumber } from '../core/units';
import {
  fitsRange,
  type NumberRange,
  quantityText,
  rangeText,
  readQuantity,
  shownUnit,
  toShown,
  type Unit,
} from '../core/units/quantity';
import { ariaField, fieldBox, FieldName, FieldNotes, type FieldProps, lineLook, sized, useTouch, wrong } from './field';
import { drawnApart } from './steady';
import { Units } from './units';

const Box = styled(TextField)`
  ${fieldBox}
`;
const Line = styled(Input)`
  ${lineLook}
`;

interface NumberProps extends FieldProps, NumberRange {
  readonly value: number | undefined;
  /** What is asked for, as said when it cannot be read: "the dry weight". */
  readonly what: string;
  /** How far an arrow key moves it. */
  readonly step?: number;
  readonly autoFocus?: boolean;
  readonly onChange: (value: number | undefined) => void;
}

/**
 * The text of a field and the value it stands for: a value that comes from elsewhere replaces what was typed, one's own typing is left as it
 * is. What cannot be read was no value on its way there either ("4" of "4 lemons"): what stood before is kept.
 */
function useTyped(
  value: number | undefined,
  shown: (value: number | undefined) => string,
  read: (text: string) => number | undefined | null,
  onChange: (value: number | undefined) => void,
) {
  const change = useTouch(onChange);
  const [text, setText] = useState(() => shown(value));
  const [heard, setHeard] = useState(value);
  const [reported, setTold] = useState(value);
  const before = useRef(value);
  if (!Object.is(heard, value)) {
    setHeard(value);
    if (!Object.is(reported, value)) setText(shown(value));
  }
  const report = (next: number | undefined): void => {
    setTold(next);
    change(next);
  };
  return {
    text,
    now: read(text),
    enter: (): void => void (before.current = value),
    take: (typed: string): void => {
      // Written anew, and not written on: what stood till now was meant.
      if (!typed.startsWith(text)) before.current = value;
      setText(typed);
      const next = read(typed);
      if (next !== null) report(next);
      else if (!Object.is(value, before.current)) report(before.current);
    },
  };
}

/** The line of a number: what is wrong with it says what is kept instead. */
function Figures({
  label,
  width,
  autoFocus,
  typed: { text, now, enter, take },
  wanted,
  kept,
  hint,
  onCount,
  ...rest
}: Pick<NumberProps, 'name' | 'width' | 'required' | 'disabled' | 'autoFocus'> & {
  label: ReactNode;
  typed: ReturnType<typeof useTyped>;
  /** "Write the weight, as a number above 0." */
  wanted: string;
  /** What stands as long as nothing better is typed, with its unit; empty for nothing. */
  kept: string;
  hint?: string | undefined;
  /** An arrow key: one step up or down. */
  onCount?: (by: 1 | -1) => void;
}) {
  return (
    <Box
      value={text}
      onFocus={enter}
      onChange={take}
      autoFocus={autoFocus ?? false}
      {...wrong(now === null)}
      // A unit is typed where the keyboard has letters; a phone shows its figures.
      inputMode="decimal"
      autoComplete="off"
      style={sized(width)}
      {...ariaField(rest)}
      onKeyDown={(e) => {
        if (onCount && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) onCount(e.key === 'ArrowUp' ? 1 : -1);
        else e.continuePropagation();
      }}
    >
      <FieldName>{label}</FieldName>
      <Line />
      <FieldNotes
        fault={now === null ? `${wanted} ${kept === '' ? 'Nothing is kept yet.' : `${kept} is kept.`}` : null}
        hint={hint}
      />
    </Box>
  );
}

/** Undefined for nothing, null for what is no number or out of its range. */
const inRange = (number: number | undefined, range: NumberRange): number | undefined | null =>
  number === undefined || fitsRange(number, range) ? number : null;

/**
 * A number in its range, or nothing. What cannot be read is said beside the field, and the last good value is kept; a decimal comma is a
 * point. Arrow keys count up and down. For a number with a unit take `QuantityField`.
 */
export const NumberField = drawnApart(function NumberField({
  value,
  what,
  min,
  max,
  whole,
  step = 1,
  onChange,
  ...rest
}: NumberProps) {
  const range = { min, max, whole };
  const shown = (v: number | undefined): string => (v === undefined ? '' : String(v));
  const typed = useTyped(value, shown, (text) => inRange(typedNumber(text), range), onChange);
  const count = (by: 1 | -1): void => {
    const next = Number(((value ?? 0) + by * step).toPrecision(12));
    if (fitsRange(next, range)) typed.take(String(next));
  };
  return (
    <Figures {...rest} typed={typed} wanted={`Write ${what}, as ${rangeText(range)}.`} kept={shown(value)} onCount={count} />
  );
});

/**
 * A value with a unit: shown in the user's own, taken in any that is typed ("4 oz", "86 F", "1,5 kg"), handed on in `unit`, to which the
 * bounds belong as well. What cannot be read is said, and the last good value is kept.
 */
export const QuantityField = drawnApart(function QuantityField({
  label,
  value,
  what,
  unit,
  min,
  max,
  onChange,
  ...rest
}: Omit<NumberProps, 'whole' | 'step'> & { unit: Unit }) {
  const shown = shownUnit(unit, useContext(Units));
  const range = { min, max };
  const end = (at: number | undefined): number | undefined => (at === undefined ? undefined : toShown(at, unit, shown));
  const inField = (v: number | undefined): string => (v === undefined ? '' : String(toShown(v, unit, shown)));
  const typed = useTyped(value, inField, (text) => inRange(readQuantity(text, unit, shown), range), onChange);
  // In a unit of its own, or in one that is not kept: what it comes to; what was not typed over is what is kept.
  const meant = value !== undefined && typed.text === inField(value) ? value : typed.now;
  const foreign = shown !== unit || /[a-zA-Z°'"″′]/.test(typed.text);
  return (
    <Figures
      {...rest}
      label={
        <>
          {label}, {shown}
        </>
      }
      typed={typed}
      wanted={`Write ${what}, as ${rangeText({ min: end(min), max: end(max) })} ${shown}.`}
      kept={value === undefined ? '' : quantityText(toShown(value, unit, shown), shown)}
      hint={foreign && meant !== null && meant !== undefined ? `That is ${quantityText(meant, unit)}.` : undefined}
    />
  );
});
