import { Search, X } from 'lucide-react';
import {
  Button,
  Input,
  SearchField as AriaSearchField,
  TextArea as AriaTextArea,
  TextField as AriaTextField,
} from 'react-aria-components';
import styled from 'styled-components';
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
import { Row } from './basics';
import { drawnApart } from './steady';
import { color } from './theme';

const Box = styled(AriaTextField)`
  ${fieldBox}
`;
const Line = styled(Input)`
  ${lineLook}
`;
const Lines = styled(AriaTextArea)`
  ${lineLook}
  min-height: 88px;
  resize: vertical;
`;

interface TextProps extends FieldProps {
  readonly value: string;
  readonly maxLength?: number;
  readonly autoFocus?: boolean;
  readonly placeholder?: string;
  /** What is wrong with what is typed. */
  readonly fault?: string | null;
  readonly hint?: string;
  readonly onChange: (text: string) => void;
  /** Once it is left: for what must not be kept at every letter. */
  readonly onLeave?: () => void;
}

/** One line of text. Enter submits the form around it. For a number take `NumberField`, for one with a unit `QuantityField`. */
export const TextField = (props: TextProps) => <Typed {...props} inputMode="text" />;

/** One line that stands for figures, which its owner reads: the phone shows its keys for figures. */
export const DigitsField = (props: TextProps) => <Typed {...props} inputMode="decimal" />;

const Typed = drawnApart(function Typed({
  label,
  value,
  width,
  maxLength,
  placeholder,
  autoFocus = false,
  fault = null,
  hint,
  inputMode,
  onChange,
  onLeave,
  ...rest
}: TextProps & { inputMode: 'text' | 'decimal' }) {
  const change = useTouch(onChange);
  return (
    <Box
      value={value}
      onChange={change}
      autoFocus={autoFocus}
      {...wrong(fault !== null)}
      inputMode={inputMode}
      // Names of things are nobody's own: the browser has none to offer.
      autoComplete="off"
      style={sized(width)}
      {...ariaField(rest)}
      {...(onLeave ? { onBlur: onLeave } : {})}
      {...(maxLength === undefined ? {} : { maxLength })}
    >
      <FieldName>{label}</FieldName>
      <Line {...(placeholder === undefined ? {} : { placeholder })} />
      <FieldNotes fault={fault} hint={hint} />
    </Box>
  );
});

/** Several lines of text; Enter begins a new one. */
export const TextArea = drawnApart(function TextArea({
  label,
  value,
  width,
  maxLength,
  fault = null,
  hint,
  onChange,
  ...rest
}: Omit<TextProps, 'autoFocus' | 'onLeave'>) {
  const change = useTouch(onChange);
  return (
    <Box
      value={value}
      onChange={change}
      {...wrong(fault !== null)}
      style={sized(width)}
      {...ariaField(rest)}
      {...(maxLength === undefined ? {} : { maxLength })}
    >
      <FieldName>{label}</FieldName>
      <Lines />
      <FieldNotes fault={fault} hint={hint} />
    </Box>
  );
});

/** A search: its glass stands inside, before what is typed. */
export const SearchFrame = styled(AriaSearchField)`
  position: relative;
  display: block;
  > svg {
    position: absolute;
    left: 12px;
    top: 13px;
    color: ${color.quiet};
    pointer-events: none;
  }
`;
export const SearchLine = styled(Input)`
  ${lineLook}
  padding-left: 40px;
  &::-webkit-search-cancel-button,
  &::-webkit-search-decoration {
    appearance: none;
  }
`;
const SearchBox = styled(SearchFrame)`
  min-width: 0;
  ${Row} > & {
    flex: 1 1 260px;
  }
  button {
    position: absolute;
    right: 0;
    top: 0;
    ${insetButton}
  }
  &[data-empty] button {
    display: none;
  }
`;
const EmptiedLine = styled(SearchLine)`
  padding-right: 44px;
`;
/** Finds while one types; Escape empties it. Over one list, `f` goes to it; `/` searches everything (`FindList`). */
export const SearchField = drawnApart(function SearchField({
  label,
  value,
  placeholder,
  width,
  onChange,
  onDown,
}: {
  label: string;
  value: string;
  placeholder?: string;
  width?: number;
  onChange: (text: string) => void;
  /** Arrow down: into what was found. */
  onDown?: () => void;
}) {
  return (
    <SearchBox
      aria-label={label}
      value={value}
      onChange={onChange}
      style={sized(width)}
      onKeyDown={(e) => {
        if (onDown && e.key === 'ArrowDown') onDown();
        else e.continuePropagation();
      }}
    >
      <Search size={18} aria-hidden="true" />
      <EmptiedLine data-filter {...(placeholder === undefined ? {} : { placeholder })} />
      <Button aria-label="Empty the search">
        <X size={18} aria-hidden="true" />
      </Button>
    </SearchBox>
  );
});
