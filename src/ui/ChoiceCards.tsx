import { useId } from 'react';
import styled from 'styled-components';
import { NamePress } from './Button';
import { color } from './theme';

const Cards = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 10px;
`;
const Card = styled.li`
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 2px;
  background: ${color.panel};
  border: 1.5px solid ${color.line};
  border-radius: 4px;
  color: ${color.ink};
  padding: 12px 16px;
  font-size: 16px;
  line-height: 1.35;
  strong {
    font-size: 19px;
  }
  &:has([data-hovered]) {
    border-color: ${color.ink};
  }
`;
interface Way {
  readonly name: string;
  readonly text: string;
}
function WayCard({ name, text, onPress }: Way & { onPress: () => void }) {
  const more = useId();
  return (
    <Card>
      <NamePress aria-describedby={more} onPress={onPress}>
        <strong>{name}</strong>
      </NamePress>
      <span id={more}>{text}</span>
    </Card>
  );
}

/** A few things to do, each with what it means; pressing one does it. For a choice that stays chosen, take the chips. */
export function ChoiceCards<T extends string>({
  options,
  onChoose,
}: {
  options: readonly (Way & { readonly id: T })[];
  onChoose: (id: T) => void;
}) {
  return (
    <Cards>
      {options.map(({ id, name, text }) => (
        <WayCard key={id} name={name} text={text} onPress={() => onChoose(id)} />
      ))}
    </Cards>
  );
}
