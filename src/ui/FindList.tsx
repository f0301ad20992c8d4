import { Search } from 'lucide-react';
import { Autocomplete, ListBox, ListBoxItem } from 'react-aria-components';
import styled from 'styled-components';
import { SearchFrame, SearchLine } from './TextField';
import { color } from './theme';

const List = styled(ListBox)`
  margin-top: 12px;
  min-height: 220px;
  max-height: 52vh;
  overflow: auto;
  outline: none;
` as typeof ListBox;
const Item = styled(ListBoxItem)`
  display: flex;
  justify-content: space-between;
  gap: 16px;
  align-items: baseline;
  min-height: 44px;
  padding: 10px 12px;
  border-radius: 4px;
  cursor: pointer;
  outline: none;
  text-decoration: none;
  color: ${color.ink};
  small {
    color: ${color.quiet};
    font-size: 14px;
    flex: none;
  }
  &[data-focused],
  &[data-hovered] {
    background: ${color.ink};
    color: ${color.onInk};
    small {
      color: inherit;
    }
  }
  @media (forced-colors: active) {
    &[data-focused] {
      outline: 2px solid Highlight;
    }
  }
`;
export interface FoundLine {
  readonly id: string;
  readonly name: string;
  /** What sort of thing it is. */
  readonly what: string;
}
/** A search whose finds stand below while one types: arrows choose, Enter goes there. For a field that keeps one of many, take `ComboBox`. */
export function FindList({
  label,
  query,
  onQuery,
  found,
  nothing,
  onPick,
}: {
  label: string;
  query: string;
  onQuery: (query: string) => void;
  found: readonly FoundLine[];
  /** What is said when there is nothing. */
  nothing: string;
  onPick: (id: string) => void;
}) {
  return (
    <Autocomplete inputValue={query} onInputChange={onQuery}>
      <SearchFrame aria-label={label} autoFocus>
        <Search size={18} aria-hidden="true" />
        <SearchLine />
      </SearchFrame>
      <List
        aria-label="Found"
        items={found}
        selectionMode="none"
        onAction={(id) => onPick(String(id))}
        renderEmptyState={() => <p style={{ padding: '10px 12px', margin: 0 }}>{nothing}</p>}
      >
        {({ id, name, what }) => (
          <Item id={id} textValue={`${name} ${what}`}>
            <span style={{ overflowWrap: 'anywhere' }}>{name}</span>
            <small>{what}</small>
          </Item>
        )}
      </List>
    </Autocomplete>
  );
}
