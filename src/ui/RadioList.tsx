import { Said } from './said';
import type { ReactNode } from 'react';
import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { useNameApart } from './named';
import { color, size } from './theme';
import { drawnApart } from './steady';

const Group = styled(RadioGroup)`
  display: flex;
  flex-direction: column;
`;
const Row = styled(Radio)`
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr);
  gap: 10px;
  padding: 8px 0;
  min-height: ${size.touch};
  cursor: pointer;
  &::before {
    content: '';
    width: 18px;
    height: 18px;
    margin-top: 2px;
    border: 2px solid ${color.quiet};
    border-radius: 50%;
    background: ${color.panel};
  }
  &[data-selected]::before {
    border: 6px solid ${color.ink};
  }
  &[data-disabled] {
    cursor: default;
  }
  &[data-disabled]::before {
    border-style: dotted;
  }
  &[data-focus-visible] {
    outline: 3px solid ${color.water};
    outline-offset: 2px;
  }
`;

interface Line {
  readonly id: string;
  readonly name: string;
  readonly text: ReactNode;
  readonly disabled?: boolean;
}
function One({ id, name, text, disabled = false }: Line) {
  const apart = useNameApart();
  return (
    <Row value={id} isDisabled={disabled} {...apart.pressed}>
      <span>
        <strong {...apart.name}>
          <Said>{name}</Said>
        </strong>{' '}
        <span {...apart.more}>{text}</span>
      </span>
    </Row>
  );
}

/** One of a few, each with a sentence that is read before it is chosen. For names alone, take the chips. */
export const RadioList = drawnApart(function RadioList({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string | null;
  options: readonly Line[];
  onChange: (id: string) => void;
}) {
  return (
    <Group aria-label={label} value={value} onChange={onChange}>
      {options.map((line) => (
        <One key={line.id} {...line} />
      ))}
    </Group>
  );
});
