import { Button } from 'react-aria-components';
import styled from 'styled-components';
import { color } from './theme';

const Cards = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 10px;
`;
const Card = styled(Button)`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 2px;
  width: 100%;
  height: 100%;
  text-align: left;
  background: ${color.panel};
  border: 1.5px solid ${color.line};
  border-radius: 4px;
  color: ${color.ink};
  padding: 12px 16px;
  font: inherit;
  font-size: 16px;
  line-height: 1.35;
  cursor: pointer;
  strong {
    font-size: 19px;
  }
  &[data-hovered] {
    border-color: ${color.ink};
  }
  &[data-focus-visible] {
    outline: 3px solid ${color.water};
    outline-offset: 2px;
  }
`;

/** A few things to do, each with what it means; pressing one does it. For a choice that stays chosen, take the chips. */
export function ChoiceCards<T extends string>({
  options,
  onChoose,
}: {
  options: readonly { readonly id: T; readonly name: string; readonly text: string }[];
  onChoose: (id: T) => void;
}) {
  return (
    <Cards>
      {options.map(({ id, name, text }) => (
        <li key={id}>
          <Card onPress={() => onChoose(id)}>
            <strong>{name}</strong>
            {text}
          </Card>
        </li>
      ))}
    </Cards>
  );
}
