import { wordsOf, yearOf } from '../core/units/day';
import { type CalendarDate, parseDate, type DateValue } from '@internationalized/date';
import { CalendarDays, ChevronLeft, ChevronRight } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import {
  Button,
  Calendar,
  CalendarCell,
  CalendarGrid,
  CalendarGridBody,
  CalendarGridHeader,
  CalendarHeaderCell,
  CalendarHeading,
  DateField as AriaDateField,
  DateInput,
  DatePicker,
  DateRangePicker,
  DateSegment,
  Dialog,
  Group,
  RangeCalendar,
} from 'react-aria-components';
import styled from 'styled-components';
import { FIRST_DAY, LAST_DAY } from '../core/units/day';
import {
  ariaField,
  fieldBox,
  FieldName,
  FieldNotes,
  type FieldProps,
  insetButton,
  lineLook,
  sized,
  useTouch,
  wrong,
} from './field';
import { Floating } from './Floating';
import { color, font } from './theme';
import { drawnApart } from './steady';

const Segments = styled(DateInput)`
  display: flex;
  flex: 1;
  min-width: 0;
  font: 400 16px ${font.text};
`;
const Segment = styled(DateSegment)`
  padding: 2px 3px;
  border-radius: 3px;
  outline: none;
  &[data-placeholder] {
    color: ${color.quiet};
  }
  &[data-type='literal'] {
    padding: 2px 0;
  }
  &[data-focused] {
    background: ${color.ink};
    color: ${color.onInk};
  }
  &[data-invalid]:not([data-focused]) {
    color: ${color.alarm};
  }
`;
export const Line = styled(Group)`
  ${lineLook}
  display: flex;
  align-items: center;
  gap: 4px;
  padding: 0 0 0 10px;
  min-width: 168px;
`;
const Open = styled(Button)`
  ${insetButton}
  margin-left: auto;
`;
const Month = styled.div`
  padding: 12px;
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    margin-bottom: 8px;
  }
  h2 {
    font-size: 16px;
  }
  table {
    border-collapse: collapse;
    margin: 0 auto;
  }
  th {
    font-size: 13px;
    font-weight: 600;
    color: ${color.quiet};
    padding: 4px 0;
  }
`;
const Day = styled(CalendarCell)`
  width: 44px;
  height: 44px;
  display: grid;
  place-items: center;
  border-radius: 4px;
  cursor: pointer;
  font-variant-numeric: tabular-nums;
  &[data-hovered] {
    background: ${color.line};
  }
  &[data-selected] {
    background: ${color.ink};
    color: ${color.onInk};
  }
  &[data-disabled],
  &[data-unavailable],
  &[data-outside-month] {
    opacity: 0.35;
    cursor: default;
  }
  &[data-outside-month] {
    visibility: hidden;
  }
`;
const Days = () => (
  <CalendarGrid weekdayStyle="short">
    <CalendarGridHeader>{(day) => <CalendarHeaderCell>{day}</CalendarHeaderCell>}</CalendarGridHeader>
    <CalendarGridBody>{(date) => <Day date={date} />}</CalendarGridBody>
  </CalendarGrid>
);
const Head = () => (
  <header>
    <Open slot="previous">
      <ChevronLeft size={20} aria-hidden="true" />
    </Open>
    <CalendarHeading />
    <Open slot="next">
      <ChevronRight size={20} aria-hidden="true" />
    </Open>
  </header>
);

/** A day as it is kept, YYYY-MM-DD, or none where there is none or what is kept is no day. */
function dayOf(text: string | undefined): CalendarDate | null {
  try {
    return text ? parseDate(text) : null;
  } catch {
    return null;
  }
}
interface DayBounds {
  /** The earliest day that can be meant. */
  readonly min?: string | undefined;
  readonly max?: string | undefined;
}
function said(iso: string): string {
  const { day, month, year } = wordsOf(new Date(`${iso}T12:00:00`));
  return `${day} ${month} ${year}`;
}
/** What is wrong with a day, said as one would. */
function faultOf(day: DateValue | null, { min = FIRST_DAY, max = LAST_DAY }: DayBounds): string | null {
  if (day === null) return null;
  const text = day.toString();
  // Years of five figures sort wrongly as text.
  if (day.year > yearOf(LAST_DAY) || text > max) return `Write a day up to ${said(max)}. This one is not kept.`;
  return text < min ? `Write a day from ${said(min)} on. This one is not kept.` : null;
}

interface DayProps extends FieldProps, DayBounds {
  /** YYYY-MM-DD. */
  readonly value: string | undefined;
  readonly autoFocus?: boolean;
  readonly onChange: (day: string | undefined) => void;
}
/** What stands in the field may be out of bounds while one types; only a day inside them is handed on. */
function useDay({ value, width, autoFocus = false, min = FIRST_DAY, max = LAST_DAY, onChange, ...rest }: DayProps) {
  const change = useTouch(onChange);
  const [odd, setOdd] = useState<DateValue | null>(null);
  const [heard, setHeard] = useState(value);
  if (heard !== value) {
    setHeard(value);
    setOdd(null);
  }
  const fault = faultOf(odd, { min, max });
  return {
    fault,
    given: {
      value: odd ?? dayOf(value),
      onChange: (day: DateValue | null): void => {
        const out = faultOf(day, { min, max }) !== null;
        setOdd(out ? day : null);
        if (!out) change(day === null ? undefined : day.toString().slice(0, 10));
      },
      minValue: dayOf(min),
      maxValue: dayOf(max),
      ...wrong(fault !== null),
      autoFocus,
      shouldForceLeadingZeros: true,
      style: sized(width),
      ...ariaField(rest),
    },
  };
}
export const OneDay = () => <Segments>{(segment) => <Segment segment={segment} />}</Segments>;
const Leaf = () => (
  <Open>
    <CalendarDays size={18} aria-hidden="true" />
  </Open>
);
/** The month over the page, under the field's own calendar. */
const MonthOver = ({ children }: { children: ReactNode }) => (
  <Floating>
    <Dialog style={{ outline: 'none' }}>{children}</Dialog>
  </Floating>
);
const MonthFace = () => (
  <Month>
    <Head />
    <Days />
  </Month>
);

/** A day that is near: typed in figures, or chosen in a month. Days are local days, inside bounds. */
export const DayField = drawnApart(function DayField(props: DayProps) {
  const { fault, given } = useDay(props);
  return (
    <DayBox {...given}>
      <FieldName>{props.label}</FieldName>
      <Line>
        <OneDay />
        <Leaf />
      </Line>
      <FieldNotes fault={fault} />
      <MonthOver>
        <Calendar>
          <MonthFace />
        </Calendar>
      </MonthOver>
    </DayBox>
  );
});
const DayBox = styled(DatePicker)`
  ${fieldBox}
` as typeof DatePicker;

/** A day that is far away, such as when something was bought: typed in figures, without a month to leaf through. */
export const FarDayField = drawnApart(function FarDayField(props: DayProps) {
  const { fault, given } = useDay(props);
  return (
    <FarBox {...given}>
      <FieldName>{props.label}</FieldName>
      <Line>
        <OneDay />
      </Line>
      <FieldNotes fault={fault} />
    </FarBox>
  );
});
const FarBox = styled(AriaDateField)`
  ${fieldBox}
` as typeof AriaDateField;

export interface DayRange {
  readonly from: string;
  readonly to: string;
}
/** From one day to another, such as a tour: both ends typed, or drawn in a month. */
export const DayRangeField = drawnApart(function DayRangeField({
  label,
  value,
  min = FIRST_DAY,
  max = LAST_DAY,
  width,
  onChange,
  ...rest
}: FieldProps & DayBounds & { value: DayRange | null; onChange: (range: DayRange | null) => void }) {
  const change = useTouch(onChange);
  const [from, to] = [dayOf(value?.from), dayOf(value?.to)];
  const [odd, setOdd] = useState<{ start: DateValue; end: DateValue } | null>(null);
  const fault = odd
    ? (faultOf(odd.start, { min, max }) ??
      faultOf(odd.end, { min, max }) ??
      'The last day is before the first. These two are not kept.')
    : null;
  return (
    <RangeBox
      value={odd ?? (from && to ? { start: from, end: to } : null)}
      onChange={(range) => {
        const [a, b] = [range?.start ?? null, range?.end ?? null];
        const out =
          faultOf(a, { min, max }) !== null ||
          faultOf(b, { min, max }) !== null ||
          (a !== null && b !== null && a.compare(b) > 0);
        setOdd(out && a && b ? { start: a, end: b } : null);
        if (!out) change(a && b ? { from: a.toString(), to: b.toString() } : null);
      }}
      minValue={dayOf(min)}
      maxValue={dayOf(max)}
      {...wrong(fault !== null)}
      shouldForceLeadingZeros
      style={sized(width)}
      {...ariaField(rest)}
    >
      <FieldName>{label}</FieldName>
      <Line>
        <Segments slot="start">{(segment) => <Segment segment={segment} />}</Segments>
        <span aria-hidden="true">to</span>
        <Segments slot="end">{(segment) => <Segment segment={segment} />}</Segments>
        <Leaf />
      </Line>
      <FieldNotes fault={fault} />
      <MonthOver>
        <RangeCalendar>
          <MonthFace />
        </RangeCalendar>
      </MonthOver>
    </RangeBox>
  );
});
const RangeBox = styled(DateRangePicker)`
  ${fieldBox}
` as typeof DateRangePicker;
