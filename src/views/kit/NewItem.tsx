import { useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { tell } from '../../app/session';
import { newId } from '../../app/now';
import type { Item } from '../../core/gear';
import type { Archetype } from '../../core/knowledge';
import { ARCHETYPES } from '../../core/knowledge';
import { envelopeFor } from '../../core/programme';
import { MATERIAL_WORDS } from '../../core/words';
import { saveItem } from '../../data/repo';
import { Button, Column, Field, Page, Quiet, Row } from '../../ui/basics';
import { Stack } from '../../ui/Stack';
import { color, phone } from '../../ui/theme';

const Grid = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 0 24px;
`;
const Pick = styled.button`
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  border-top: 1px solid ${color.line};
  padding: 14px 0;
  min-height: 84px;
  cursor: pointer;
  display: flex;
  flex-direction: column;
  strong {
    font-size: 18px;
  }
  &:hover strong {
    text-decoration: underline;
  }
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 48px;
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** Choose a construction that looks like yours, then correct it. */
export function NewItem() {
  const [chosen, setChosen] = useState<Archetype | null>(null);
  const [name, setName] = useState('');
  const navigate = useNavigate();
  if (!chosen) {
    return (
      <Page>
        <h1>Which of these is built like yours?</h1>
        <p>Take the nearest; every layer can be corrected afterwards.</p>
        <Grid>
          {ARCHETYPES.map((a) => (
            <li key={a.id}>
              <Pick
                type="button"
                onClick={() => {
                  setChosen(a);
                  setName('');
                }}
              >
                <strong>{a.name}</strong>
                <Quiet>{a.hint}</Quiet>
              </Pick>
            </li>
          ))}
        </Grid>
      </Page>
    );
  }
  const item: Item = { ...chosen.item, id: newId('itm'), name: name.trim() || chosen.name, label: null };
  const add = async (next: 'look-over' | 'correct'): Promise<void> => {
    const undo = await saveItem(item);
    tell(`${item.name} is in your kit.`, undo);
    await navigate(next === 'look-over' ? `/kit/${item.id}/look-over` : `/kit/${item.id}?correct=1`);
  };
  return (
    <Page>
      <h1>{chosen.name}</h1>
      <Two>
        <Column $gap={20}>
          <Field>
            What do you call it?
            <input autoFocus value={name} placeholder={chosen.name} maxLength={200} onChange={(e) => setName(e.target.value)} />
          </Field>
          <p>
            I take it to be made of {item.components.map((c) => MATERIAL_WORDS[c.material]).join(', ')}. Its label is not recorded
            yet, so I will be careful until you copy it.
          </p>
          <Row $wrap>
            <Button data-main-action onClick={() => void add('look-over')}>
              Add it and look it over
            </Button>
            <Button $quiet onClick={() => void add('correct')}>
              Add it and correct it
            </Button>
            <Button $quiet onClick={() => setChosen(null)}>
              Another construction
            </Button>
          </Row>
        </Column>
        <Stack item={item} envelope={envelopeFor(item)} />
      </Two>
    </Page>
  );
}
