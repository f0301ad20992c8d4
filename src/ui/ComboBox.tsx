import { ChevronDown } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { Button, ComboBox as AriaComboBox, Input, ListLayout, Popover, Virtualizer } from 'react-aria-components';
import styled from 'styled-components';
import { ariaField, fieldBox, FieldName, FieldNotes, type FieldProps, insetButton, lineLook, sized, useTouch } from './field';
import { overLook } from './Floating';
import { OptionLine, OptionList } from './list';
import { drawnApart } from './steady';

const Box = styled(AriaComboBox)`
  ${fieldBox}
` as typeof AriaComboBox;
const Line = styled.div`
  position: relative;
  button {
    position: absolute;
    right: 0;
    top: 0;
    ${insetButton}
  }
`;
const Typed = styled(Input)`
  ${lineLook}
  padding-right: 44px;
`;
const Over = styled(Popover)`
  ${overLook}
  width: max(var(--trigger-width), 260px);
  max-width: 94vw;
`;
const None = styled.p`
  padding: 12px;
`;
const ROW_PX = 48;
/** As many rows as are seen at once. */
const SEEN = 7;

export interface ComboOption {
  readonly id: string;
  readonly name: string;
  /** What else it is found by: owner, kind, tags. */
  readonly also?: string;
}
/**
 * One of many, found by typing any of its words; among 5 000 only those in sight are drawn. For a handful of fixed words take `Select`.
 */
export const ComboBox = drawnApart(function ComboBox({
  label,
  value,
  options,
  placeholder = 'type to find',
  width,
  autoFocus = false,
  clears = false,
  onChange,
  ...rest
}: FieldProps & {
  value: string | null;
  options: readonly ComboOption[];
  placeholder?: string;
  autoFocus?: boolean;
  /** It is empty again after each choice: for adding one after the other. */
  clears?: boolean;
  /** Null when it was emptied. */
  onChange: (id: string | null) => void;
}) {
  const { found, take, typed, setTyped, change, line, keyed } = useTyped(onChange, options, value, clears);
  return (
    <Box
      items={found}
      value={value}
      onChange={(key) => take(key === null ? null : String(key))}
      inputValue={typed}
      onInputChange={(text) => {
        setTyped(text);
        // Emptied by hand, nothing is chosen any more.
        if (text === '' && typed !== '' && value !== null) change(null);
      }}
      menuTrigger="focus"
      allowsEmptyCollection
      autoFocus={autoFocus}
      style={sized(width)}
      {...ariaField(rest)}
    >
      <FieldName>{label}</FieldName>
      <Line>
        <Typed
          ref={line}
          placeholder={placeholder}
          onKeyDownCapture={(e) => {
            keyed(e.key);
          }}
        />
        <Button>
          <ChevronDown size={18} aria-hidden="true" />
        </Button>
      </Line>
      <FieldNotes fault={null} />
      <Found found={found} />
    </Box>
  );
});

/** What is typed, what it finds, and what is chosen by it. */
function useTyped(onChange: (id: string | null) => void, options: readonly ComboOption[], value: string | null, clears: boolean) {
  const change = useTouch(onChange);
  const nameOf = (id: string | null): string => options.find((o) => o.id === id)?.name ?? '';
  const own = nameOf(value);
  const [typed, setTyped] = useState(own);
  const [heard, setHeard] = useState(value);
  if (heard !== value) {
    setHeard(value);
    setTyped(own);
  }
  const line = useRef<HTMLInputElement>(null);
  const settled = useRef(false);
  const take = (id: string | null): void => {
    // A page that moves under the hand shuts the list; what is being typed stays, and the list opens again beside it.
    if (id === value && !settled.current && document.activeElement === line.current) return;
    settled.current = false;
    // Left without a choice, it shows again what is chosen; that is no change.
    if (id !== value) change(id);
    setTyped(clears ? '' : nameOf(id));
  };
  const found = useMemo(() => {
    // The name of what is chosen narrows nothing: all others stay in reach.
    const words = typed === own ? [] : typed.toLowerCase().split(/\s+/).filter(Boolean);
    return words.length === 0
      ? options
      : options.filter((o) => words.every((w) => `${o.name} ${o.also ?? ''}`.toLowerCase().includes(w)));
  }, [options, typed, own]);
  const keyed = (key: string): void => {
    // Enter takes what is pointed at; where nothing is yet, what was typed stays.
    const pointed = line.current?.hasAttribute('aria-activedescendant') ?? false;
    settled.current = key === 'Escape' || (key === 'Enter' && pointed);
  };
  return { found, take, typed, setTyped, change, line, keyed };
}

/** Those that fit what is typed; only those in sight are drawn. */
function Found({ found }: { found: readonly ComboOption[] }) {
  return (
    <Over>
      <Virtualizer layout={ListLayout} layoutOptions={{ rowHeight: ROW_PX }}>
        <OptionList
          style={{ height: Math.max(1, Math.min(SEEN, found.length)) * ROW_PX + 8 }}
          renderEmptyState={() => <None>Nothing is called that.</None>}
        >
          {(o: ComboOption) => (
            <OptionLine
              id={o.id}
              textValue={o.name}
              style={{ whiteSpace: 'nowrap', overflow: 'hidden', textOverflow: 'ellipsis' }}
            >
              {o.name}
              {o.also ? <small style={{ opacity: 0.8 }}> {o.also}</small> : null}
            </OptionLine>
          )}
        </OptionList>
      </Virtualizer>
    </Over>
  );
}
