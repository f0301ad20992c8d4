import { X } from 'lucide-react';
import styled from 'styled-components';
import type { MakerNote } from '../../core/gear';
import * as gear from '../../core/gear';
import { Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { IconButton } from '../../ui/IconButton';
import { OneSelect } from '../../ui/Select';
import { phone } from '../../ui/theme';
import { useRowKeys, withField } from '../../ui/fields';
import { TextField } from '../../ui/TextField';

const Line = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 0.9fr) minmax(0, 0.9fr) minmax(0, 1.4fr) auto;
  gap: 8px;
  align-items: end;
  padding: 4px 0;
  ${phone} {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
`;
const ABOUT: Record<string, string> = {
  wash: 'washing',
  tumble: 'tumbling',
  iron: 'ironing',
  proofer: 'a proofer',
  machine: 'a machine',
};

/** What the maker says of this very thing. It outweighs the table; what it forbids nothing passes. */
export function MakerEditor({ notes, onChange }: { notes: readonly MakerNote[]; onChange: (notes: MakerNote[]) => void }) {
  const rows = useRowKeys(notes.length);
  const set = (index: number, next: MakerNote): void => onChange(notes.map((m, n) => (n === index ? next : m)));
  return (
    <>
      {notes.length === 0 && (
        <Quiet>Nothing from the maker is recorded. What is not mentioned is neither forbidden nor allowed.</Quiet>
      )}
      <ul>
        {notes.map((note, n) => (
          <Line key={rows.keys[n]}>
            <OneSelect
              label="The maker"
              value={note.says}
              options={gear.MAKER_VERBS}
              onChange={(x) => set(n, { ...note, says: x })}
            />
            <OneSelect
              label="What"
              value={note.about}
              options={gear.MAKER_TOPICS}
              words={ABOUT}
              onChange={(x) => set(n, { ...note, about: x })}
            />
            <TextField
              label="In their words"
              value={note.text ?? ''}
              maxLength={500}
              onChange={(text) => set(n, withField(note, 'text', text || undefined))}
            />
            <IconButton
              label={`Remove note ${n + 1} of the maker`}
              onPress={() => {
                rows.drop(n);
                onChange(notes.filter((_, i) => i !== n));
              }}
            >
              <X size={20} aria-hidden="true" />
            </IconButton>
          </Line>
        ))}
      </ul>
      <Row>
        <Button look="quiet" onPress={() => onChange([...notes, { about: 'tumble', says: 'forbids' }])}>
          Add a note of the maker
        </Button>
      </Row>
    </>
  );
}
