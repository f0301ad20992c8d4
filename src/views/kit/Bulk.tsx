import { useState } from 'react';
import styled from 'styled-components';
import { toWashDay, toLabels } from '../../app/routes';
import type { Ranked } from '../../core/due/rank';
import { today } from '../../app/now';
import { notify } from '../../app/session';
import type { Item } from '../../core/gear';
import { changeItems } from '../../data/repo';
import { Row } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { color } from '../../ui/theme';
import { withField } from '../../ui/fields';
import { LendSheet } from './LendSheet';
import { TextField } from '../../ui/TextField';
import { Form } from '../../ui/Form';

const Bar = styled.div`
  position: sticky;
  top: 0;
  z-index: 10;
  background: ${color.panel};
  border: 1.5px solid ${color.ink};
  border-radius: 4px;
  padding: 8px 16px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
`;
const things = (n: number): string => (n === 1 ? 'one thing' : `${n} things`);
/** What can be done with several things at once. Everything can be undone. */
export function Bulk({ rows, onDone }: { rows: readonly Ranked[]; onDone: () => void }) {
  const [open, setOpen] = useState<'tag' | 'lend' | null>(null);
  const [tag, setTag] = useState('');
  if (rows.length === 0) return null;
  const change = async (said: string, with_: (item: Item) => Item): Promise<void> => {
    if (rows.length > 1) await (await import('../../app/copy')).snapshot('bulk');
    const undo = await changeItems(rows.map((r) => with_(r.item)));
    notify(said, undo);
    setOpen(null);
    onDone();
  };
  const count = things(rows.length);
  const away = rows.every((r) => r.item.archivedOn);
  const lent = rows.every((r) => r.item.lent);
  const planned = rows.filter((r) => (r.programme?.aims.length ?? 0) > 0);
  return (
    <Bar role="region" aria-label="Chosen things">
      <strong>{count} chosen</strong>
      <LinkButton look="quiet" to={toWashDay(planned.map((r) => r.item.id))}>
        Wash day ({planned.length})
      </LinkButton>
      <Button look="quiet" onPress={() => setOpen('tag')}>
        Tag
      </Button>
      {lent ? (
        <Button look="quiet" onPress={() => void change(`${count} came back.`, (i) => withField(i, 'lent', undefined))}>
          Came back
        </Button>
      ) : (
        <Button look="quiet" onPress={() => setOpen('lend')}>
          Lend
        </Button>
      )}
      <Button
        look="quiet"
        onPress={() =>
          void change(away ? `${count} brought back.` : `${count} put away.`, (i) =>
            withField(i, 'archivedOn', away ? undefined : today()),
          )
        }
      >
        {away ? 'Bring back' : 'Put away'}
      </Button>
      <LinkButton look="quiet" to={toLabels(rows.map((r) => r.item.id))}>
        Labels
      </LinkButton>
      <TextButton onPress={onDone}>Choose none</TextButton>
      {open === 'tag' && (
        <Sheet title={`Tag ${count}`} open onClose={() => setOpen(null)}>
          <Form
            onSubmit={() =>
              tag.trim() !== '' &&
              void change(`${count} tagged “${tag.trim()}”.`, (i) => ({
                ...i,
                tags: [...new Set([...(i.tags ?? []), tag.trim()])],
              }))
            }
          >
            <TextField label="Tag" autoFocus value={tag} maxLength={60} placeholder="spring tour" onChange={setTag} />
            <Row>
              <Button type="submit" isDisabled={tag.trim() === ''}>
                Tag them
              </Button>
            </Row>
          </Form>
        </Sheet>
      )}
      {open === 'lend' && (
        <LendSheet
          title={`Lend ${count}`}
          action="Lend"
          onLend={(lent) => void change(`${count} lent to ${lent.to}.`, (i) => ({ ...i, lent }))}
          onClose={() => setOpen(null)}
        />
      )}
    </Bar>
  );
}
