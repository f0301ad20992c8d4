import { Check, Minus } from 'lucide-react';
import type { ReactNode } from 'react';
import {
  Checkbox as AriaCheckbox,
  CheckboxGroup as AriaCheckboxGroup,
  type CheckboxProps,
  Switch as AriaSwitch,
} from 'react-aria-components';
import styled from 'styled-components';
import { useTouch } from './field';
import { useNameApart } from './named';
import { color, size } from './theme';
import { drawnApart } from './steady';

const Line = styled(AriaCheckbox)`
  display: inline-flex;
  align-items: center;
  gap: 10px;
  min-height: ${size.touch};
  min-width: 44px;
  cursor: pointer;
  > span[data-box] {
    flex: none;
    width: 22px;
    height: 22px;
    display: grid;
    place-items: center;
    border: 2px solid ${color.quiet};
    border-radius: 4px;
    background: ${color.panel};
    color: ${color.onInk};
  }
  &[data-selected] > span[data-box],
  &[data-indeterminate] > span[data-box] {
    background: ${color.ink};
    border-color: ${color.ink};
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
`;
const Box = ({ selected, some }: { selected: boolean; some: boolean }) => (
  <span data-box>
    {some ? (
      <Minus size={16} strokeWidth={3} aria-hidden="true" />
    ) : selected ? (
      <Check size={16} strokeWidth={3} aria-hidden="true" />
    ) : null}
  </span>
);

type Ticked = Pick<CheckboxProps, 'isIndeterminate' | 'isDisabled' | 'excludeFromTabOrder'> & { readonly selected?: boolean };
/** One thing that is ticked off or chosen. Its words are `children`, or `label` where they stand elsewhere; `more` stands below them. */
export const Checkbox = drawnApart(function Checkbox({
  label,
  selected,
  onChange = () => undefined,
  children,
  more,
  ...rest
}: Ticked & { label?: string; onChange?: (selected: boolean) => void; children?: ReactNode; more?: ReactNode }) {
  const change = useTouch(onChange);
  const apart = useNameApart();
  return (
    <Line
      {...(more === undefined ? {} : apart.pressed)}
      {...(label === undefined ? {} : { 'aria-label': label })}
      {...(selected === undefined ? {} : { isSelected: selected })}
      onChange={change}
      {...rest}
    >
      {(state) => (
        <>
          <Box selected={state.isSelected} some={state.isIndeterminate} />
          {more === undefined ? (
            children
          ) : (
            <span>
              <span {...apart.name}>{children}</span>
              <small {...apart.more}>{more}</small>
            </span>
          )}
        </>
      )}
    </Line>
  );
});

const Group = styled(AriaCheckboxGroup)`
  display: flex;
  flex-direction: column;
`;
const Title = styled.span`
  font-weight: 650;
`;
/** Several things to tick off, each a line: a list of what is done. To choose among names, take the chips (`AnyOf`). */
export const CheckboxGroup = drawnApart(function CheckboxGroup({
  label,
  values,
  options,
  onChange,
}: {
  label: string;
  values: readonly string[];
  options: readonly { readonly id: string; readonly name: ReactNode }[];
  onChange: (ids: string[]) => void;
}) {
  const change = useTouch(onChange);
  return (
    <Group aria-label={label} value={[...values]} onChange={change}>
      <Title aria-hidden="true">{label}</Title>
      {options.map(({ id, name }) => (
        <Line key={id} value={id}>
          {(state) => (
            <>
              <Box selected={state.isSelected} some={false} />
              <span>{name}</span>
            </>
          )}
        </Line>
      ))}
    </Group>
  );
});

const Lever = styled(AriaSwitch)`
  display: inline-flex;
  align-items: center;
  gap: 12px;
  min-height: ${size.touch};
  cursor: pointer;
  > span[data-way] {
    flex: none;
    width: 44px;
    height: 24px;
    border: 2px solid ${color.quiet};
    border-radius: 12px;
    background: ${color.panel};
    &::before {
      content: '';
      display: block;
      width: 14px;
      height: 14px;
      margin: 3px;
      border-radius: 50%;
      background: ${color.quiet};
    }
  }
  &[data-selected] > span[data-way] {
    background: ${color.ink};
    border-color: ${color.ink};
    &::before {
      background: ${color.onInk};
      transform: translateX(20px);
    }
  }
  @media (forced-colors: active) {
    &[data-selected] > span[data-way] {
      background: Highlight;
      &::before {
        background: Canvas;
      }
    }
    > span[data-way]::before {
      background: ButtonText;
    }
  }
`;
/** Something that is on or off from the moment it is pressed. What is only kept with a form is a `Checkbox`. */
export const Switch = drawnApart(function Switch({
  selected,
  onChange,
  children,
}: {
  selected: boolean;
  onChange: (on: boolean) => void;
  children: ReactNode;
}) {
  return (
    <Lever isSelected={selected} onChange={onChange}>
      <span data-way />
      {children}
    </Lever>
  );
});
