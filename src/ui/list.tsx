import { ListBox, ListBoxItem } from 'react-aria-components';
import styled from 'styled-components';
import { color, size } from './theme';

/** The lines that a select, a combo box or a menu offers. */
export const OptionList = styled(ListBox)`
  outline: none;
  padding: 4px;
  overflow: auto;
  font-size: 16px;
` as typeof ListBox;
export const OptionLine = styled(ListBoxItem)`
  min-height: ${size.touch};
  padding: 10px 12px;
  border-radius: 4px;
  cursor: pointer;
  outline: none;
  overflow-wrap: anywhere;
  &[data-focused] {
    background: ${color.ink};
    color: ${color.onInk};
  }
  &[data-selected] {
    font-weight: 700;
  }
  &[data-selected]::before {
    content: '✓ ';
  }
  @media (forced-colors: active) {
    &[data-focused] {
      outline: 2px solid Highlight;
    }
  }
` as typeof ListBoxItem;
