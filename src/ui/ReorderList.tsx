import { ArrowDown, ArrowUp, GripVertical } from 'lucide-react';
import { type KeyboardEvent, type ReactNode, useRef } from 'react';
import { Button, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { IconButton } from './IconButton';
import { color } from './theme';

const List = styled(GridList)`
  .react-aria-DropIndicator[data-drop-target] {
    outline: 2px solid ${color.water};
  }
` as typeof GridList;
const Line = styled(GridListItem)`
  border-top: 1px solid ${color.line};
  padding: 8px 0;
  display: grid;
  grid-template-columns: 32px minmax(0, 1fr);
  gap: 4px;
  &[data-dragging] {
    opacity: 0.5;
  }
` as typeof GridListItem;
const Grip = styled(Button)`
  border: 0;
  background: none;
  color: ${color.quiet};
  width: 32px;
  min-height: 44px;
  display: grid;
  place-items: center;
  cursor: grab;
  align-self: start;
`;
export interface Reorderable {
  readonly id: string;
  readonly name: string;
}
/**
 * Rows whose order counts: dragged by their grip, or taken with Enter on it, moved with the arrow keys and set down with Enter; or one place
 * at a time with the buttons that `children` are given. Fields may stand in a row; Tab goes through them.
 */
export function ReorderList<R extends Reorderable>({
  label,
  rows,
  onOrder,
  children,
}: {
  label: string;
  rows: readonly R[];
  /** The ids in their new order. */
  onOrder: (ids: readonly string[]) => void;
  children: (row: R, place: number, moves: ReactNode) => ReactNode;
}) {
  const ids = rows.map((r) => r.id);
  const move = (place: number, by: -1 | 1): void => {
    const next = [...ids];
    const [one] = next.splice(place, 1);
    if (one === undefined) return;
    next.splice(place + by, 0, one);
    onOrder(next);
  };
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': rows.find((r) => r.id === key)?.name ?? '' })),
    onReorder: ({ keys, target }) => {
      const rest = ids.filter((id) => !keys.has(id));
      const at = rest.indexOf(String(target.key)) + (target.dropPosition === 'after' ? 1 : 0);
      onOrder([...rest.slice(0, at), ...ids.filter((id) => keys.has(id)), ...rest.slice(at)]);
    },
  });
  // A row keeps every key from what lies around the list; Escape belongs to the sheet.
  const around = useRef<HTMLDivElement>(null);
  const letEscape = (event: KeyboardEvent): void => {
    if (event.key !== 'Escape' || event.defaultPrevented) return;
    event.stopPropagation();
    around.current?.dispatchEvent(new window.KeyboardEvent('keydown', { key: 'Escape', bubbles: true, cancelable: true }));
  };
  return (
    <div ref={around}>
      <List
        aria-label={label}
        items={rows}
        dragAndDropHooks={dragAndDropHooks}
        keyboardNavigationBehavior="tab"
        dependencies={[rows]}
      >
        {(row) => {
          const place = ids.indexOf(row.id);
          return (
            <Line id={row.id} textValue={row.name}>
              <Grip slot="drag" aria-label={`Drag ${row.name}`}>
                <GripVertical size={18} aria-hidden="true" />
              </Grip>
              <div onKeyDown={letEscape}>
                {children(
                  row,
                  place,
                  <>
                    <IconButton label={`Move ${row.name} up`} isDisabled={place === 0} onPress={() => move(place, -1)}>
                      <ArrowUp size={20} aria-hidden="true" />
                    </IconButton>
                    <IconButton
                      label={`Move ${row.name} down`}
                      isDisabled={place === ids.length - 1}
                      onPress={() => move(place, 1)}
                    >
                      <ArrowDown size={20} aria-hidden="true" />
                    </IconButton>
                  </>,
                )}
              </div>
            </Line>
          );
        }}
      </List>
    </div>
  );
}
