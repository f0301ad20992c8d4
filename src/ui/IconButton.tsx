import { Button as AriaButton, Tooltip, TooltipTrigger } from 'react-aria-components';
import styled from 'styled-components';
import type { Pressed } from './Button';
import { drawnApart } from './steady';
import { color, size as text } from './theme';

const Square = styled(AriaButton)`
  width: 44px;
  height: 44px;
  display: inline-grid;
  place-items: center;
  border: 0;
  background: none;
  cursor: pointer;
  border-radius: 4px;
  &[data-disabled] {
    opacity: 0.35;
    cursor: default;
  }
  &[data-hovered] {
    background: ${color.line};
  }
  /* Nothing is pressed on paper. */
  @media print {
    display: none;
  }
`;
const Tip = styled(Tooltip)`
  background: ${color.ink};
  color: ${color.onInk};
  border-radius: 4px;
  padding: 4px 10px;
  font-size: ${text.small};
  max-width: 280px;
`;
/** A picture that is pressed: its name is read aloud, and shown when it is pointed at or reached by key. */
export const IconButton = drawnApart(function IconButton({
  label,
  children,
  ...rest
}: Omit<Pressed, 'aria-label'> & { label: string }) {
  return (
    <TooltipTrigger delay={500}>
      <Square aria-label={label} {...rest}>
        {children}
      </Square>
      <Tip offset={4}>{label}</Tip>
    </TooltipTrigger>
  );
});
