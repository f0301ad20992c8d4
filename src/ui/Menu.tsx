import { Ellipsis } from 'lucide-react';
import { Menu as AriaMenu, MenuItem, MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from './Button';
import { Floating } from './Floating';
import { color } from './theme';

const List = styled(AriaMenu)`
  outline: none;
  padding: 4px;
  min-width: 200px;
` as typeof AriaMenu;
const Line = styled(MenuItem)<{ $danger: boolean }>`
  min-height: 44px;
  padding: 10px 12px;
  border-radius: 4px;
  cursor: pointer;
  outline: none;
  color: ${(p) => (p.$danger ? color.alarm : color.ink)};
  &[data-focused] {
    background: ${color.ink};
    color: ${color.onInk};
  }
  @media (forced-colors: active) {
    &[data-focused] {
      outline: 2px solid Highlight;
    }
  }
`;
export interface MenuLine {
  readonly id: string;
  readonly name: string;
  readonly danger?: boolean;
  readonly onPress: () => void;
}
/** What is done seldom, behind one button, so that what is done often stands alone. Everything in it can be undone. */
export function Menu({ label, lines }: { label: string; lines: readonly MenuLine[] }) {
  return (
    <MenuTrigger>
      <Button look="quiet">
        <Ellipsis size={18} aria-hidden="true" /> {label}
      </Button>
      <Floating>
        <List items={lines} aria-label={label} onAction={(id) => lines.find((line) => line.id === id)?.onPress()}>
          {({ id, name, danger = false }) => (
            <Line id={id} $danger={danger}>
              {name}
            </Line>
          )}
        </List>
      </Floating>
    </MenuTrigger>
  );
}
