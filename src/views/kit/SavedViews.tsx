import { useSavedViews } from '../../app/stored';
import { useState } from 'react';
import { newId } from '../../app/now';
import { notify } from '../../app/session';
import { deleteView, saveView } from '../../data/repo';
import { Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { TextField } from '../../ui/TextField';
import { Form } from '../../ui/Form';

/** Saved ways of looking at the kit: each is the address's own search under a name. */
export function SavedViews({ query, onPick }: { query: string; onPick: (query: string) => void }) {
  const views = useSavedViews() ?? [];
  const [naming, setNaming] = useState(false);
  const [name, setName] = useState('');
  const here = views.find((v) => v.query === query);
  const save = async (): Promise<void> => {
    const undo = await saveView({ id: newId('view'), name: name.trim(), query });
    notify(`“${name.trim()}” is saved.`, undo);
    setNaming(false);
    setName('');
  };
  const forget = async (): Promise<void> => {
    if (here) notify(`“${here.name}” is forgotten.`, await deleteView(here.id));
  };
  if (views.length === 0 && query === '') return null;
  return (
    <Row $wrap $gap={8}>
      {views.map((view) => (
        <Button
          key={view.id}
          look={view.query !== query ? 'quiet' : 'main'}
          aria-pressed={view.query === query}
          onPress={() => onPick(view.query)}
        >
          {view.name}
        </Button>
      ))}
      {query !== '' && !here && <TextButton onPress={() => setNaming(true)}>Save this view</TextButton>}
      {here && <TextButton onPress={() => void forget()}>Forget this view</TextButton>}
      {naming && (
        <Sheet title="What do you call this view?" open onClose={() => setNaming(false)}>
          <Form onSubmit={() => name.trim() !== '' && void save()}>
            <TextField label="Name" autoFocus value={name} maxLength={60} onChange={setName} />
            <Row>
              <Button type="submit" isDisabled={name.trim() === ''}>
                Save it
              </Button>
            </Row>
          </Form>
        </Sheet>
      )}
    </Row>
  );
}
