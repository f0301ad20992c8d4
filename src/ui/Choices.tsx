import { Radio, RadioGroup, ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { useTouch } from './field';
import { useNameApart } from './named';
import { drawnApart } from './steady';
import { color, size } from './theme';

const chip = `
  display: inline-flex; flex-direction: column; justify-content: center; min-height: 48px; padding: 6px 14px; border-radius: 4px; cursor: pointer; text-align: left;
  background: ${color.panel}; border: 1.5px solid ${color.line}; color: ${color.ink}; font-size: 16px; font-weight: 500;
  &[data-hovered] { border-color: ${color.ink}; }
  &[data-selected] { background: ${color.ink}; color: ${color.onInk}; border-color: ${color.ink}; }
  &[data-focus-visible] { outline: 3px solid ${color.water}; outline-offset: 2px; }
  small { font-size: 13px; font-weight: 400; opacity: 0.85; }
`;
const Group = styled(RadioGroup)`
  display: flex;
  flex-direction: column;
  gap: 8px;
`;
const Chip = styled(Radio)`
  ${chip}
`;
const Toggle = styled(ToggleButton)`
  ${chip}
`;
const Wrap = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
`;
const Title = styled.span`
  font-weight: 650;
  font-size: ${size.body};
`;

export interface Option {
  readonly id: string;
  readonly name: string;
  readonly hint?: string;
  /** A small drawing above the name. */
  readonly picture?: ReactNode;
}

function OneChip({ option }: { option: Option }) {
  const apart = useNameApart(option.hint !== undefined);
  return (
    <Chip value={option.id} {...apart.pressed}>
      {option.picture}
      <span {...apart.name}>{option.name}</span>
      {option.hint !== undefined && <small {...apart.more}>{option.hint}</small>}
    </Chip>
  );
}

/** One of a few: every option visible. For more than about eight, take `Select`. */
export const OneOf = drawnApart(function OneOf({
  label,
  value,
  options,
  onChange,
  hideLabel,
}: {
  label: string;
  value: string | null;
  options: readonly Option[];
  onChange: (id: string) => void;
  hideLabel?: boolean;
}) {
  const change = useTouch(onChange);
  return (
    <Group aria-label={label} value={value} onChange={change}>
      {!hideLabel && <Title aria-hidden="true">{label}</Title>}
      <Wrap>
        {options.map((option) => (
          <OneChip key={option.id} option={option} />
        ))}
      </Wrap>
    </Group>
  );
});

interface AnyOfProps {
  label: string;
  values: readonly string[];
  options: readonly Omit<Option, 'picture'>[];
  onChange: (ids: string[]) => void;
}
/** Any of a few, each a chip that is on or off. For a list to tick off, take `CheckboxGroup`. */
export const AnyOf = drawnApart(function AnyOf({ label, values, options, onChange }: AnyOfProps) {
  const change = useTouch(onChange);
  return (
    <div>
      <Title>{label}</Title>
      <ToggleButtonGroup
        aria-label={label}
        selectionMode="multiple"
        selectedKeys={new Set(values)}
        onSelectionChange={(keys) => change([...keys].map(String))}
        style={{ display: 'flex', flexWrap: 'wrap', gap: 8, marginTop: 8 }}
      >
        {options.map((option) => (
          <Toggle key={option.id} id={option.id}>
            {option.name}
            {option.hint && <small>{option.hint}</small>}
          </Toggle>
        ))}
      </ToggleButtonGroup>
    </div>
  );
});
