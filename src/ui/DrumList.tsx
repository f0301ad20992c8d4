import { GripVertical } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { color } from './theme';

const List = styled(GridList)`
  display: flex;
  flex-direction: column;
  min-height: 44px;
  border: 1px dashed transparent;
  border-radius: 4px;
  &[data-drop-target] {
    border-color: ${color.water};
  }
` as typeof GridList;
const Line = styled(GridListItem)`
  border-top: 1px solid ${color.line};
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) auto;
  gap: 4px;
  align-items: center;
  min-height: 44px;
  &:first-child {
    border-top: 0;
  }
  &[data-dragging] {
    opacity: 0.5;
  }
` as typeof GridListItem;
const Grip = styled(Button)`
  border: 0;
  background: none;
  color: ${color.quiet};
  width: 28px;
  min-height: 44px;
  display: grid;
  place-items: center;
  cursor: grab;
`;
const TYPE = 'umbrastic-thing';
export interface DrumThing {
  readonly id: string;
  readonly name: string;
}
/**
 * Things that lie together and may be carried to another such list: dragged, or taken with Enter on the grip, Tab to the other list and Enter
 * again. For rows whose order counts, take `ReorderList`.
 */
export function DrumList({
  label,
  rows,
  fixed = false,
  onBring,
  children,
}: {
  label: string;
  rows: readonly DrumThing[];
  /** Nothing may be taken out or put in. */
  fixed?: boolean;
  /** A thing of another list was set down here. */
  onBring: (id: string) => void;
  children: (row: DrumThing) => ReactNode;
}) {
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) =>
      [...keys].map((key) => ({ [TYPE]: String(key), 'text/plain': rows.find((r) => r.id === key)?.name ?? '' })),
    acceptedDragTypes: fixed ? [] : [TYPE],
    getDropOperation: () => 'move',
    onRootDrop: (event) => {
      for (const item of event.items)
        if (item.kind === 'text' && item.types.has(TYPE))
          void item.getText(TYPE).then((id) => {
            if (!rows.some((r) => r.id === id)) onBring(id);
          });
    },
  });
  return (
    <List
      aria-label={label}
      items={rows}
      dragAndDropHooks={dragAndDropHooks}
      keyboardNavigationBehavior="tab"
      dependencies={[rows]}
    >
      {(row) => (
        <Line id={row.id} textValue={row.name}>
          <Grip slot="drag" aria-label={`Carry ${row.name}`} isDisabled={fixed}>
            <GripVertical size={18} aria-hidden="true" />
          </Grip>
          {children(row)}
        </Line>
      )}
    </List>
  );
}
