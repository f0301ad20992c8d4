import { useState } from 'react';
import { addDays } from '../../core/due';
import type { EventEntry, Item } from '../../core/gear';
import { thingName } from '../../core/words';
import { newId, nowIso, today } from '../../app/now';
import { tell } from '../../app/session';
import { deleteEntry, saveEntry } from '../../data/repo';
import { Button, Field, Note, Row, TextButton } from '../../ui/basics';
import { AnyOf, OneOf } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { TextField } from '../../ui/TextField';

/** In larger kits the things are found by typing. */
const CHIPS = 40;

/** A day ahead that the kit, or some of it, must be ready for. */
export default function EventSheet({
  items,
  event,
  onClose,
}: {
  items: readonly Item[];
  event: EventEntry | null;
  onClose: () => void;
}) {
  const [name, setName] = useState(event?.name ?? '');
  const [on, setOn] = useState(event?.on ?? '');
  // An event that says nothing else wants all ready on its own day; a new one the day before.
  const [readyBy, setReadyBy] = useState(event?.readyBy ?? event?.on ?? '');
  const before = on === '' ? '' : on > today() ? addDays(on, -1) : on;
  const [along, setAlong] = useState<readonly string[] | null>(event?.itemIds ?? null);
  const [find, setFind] = useState('');
  const here = items.filter((i) => !i.archivedOn && !i.retiredOn);
  const words = find.toLowerCase().split(/\s+/).filter(Boolean);
  const fits = (i: Item): boolean =>
    along?.includes(i.id) === true ||
    words.every((w) => `${thingName(i)} ${i.owner ?? ''} ${(i.tags ?? []).join(' ')} ${i.kind}`.toLowerCase().includes(w));
  const shown = here.filter(fits).slice(0, CHIPS);
  const late = on !== '' && readyBy !== '' && readyBy > on;
  const save = async (): Promise<void> => {
    const { readyBy: _r, itemIds: _i, ...rest } = event ?? { id: newId('event'), type: 'event' as const, at: nowIso() };
    const entry: EventEntry = {
      ...rest,
      name: name.trim(),
      on,
      readyBy: readyBy || before,
      ...(along ? { itemIds: [...along] } : {}),
    };
    tell(`“${entry.name}” is ${event ? 'changed' : 'written down'}.`, await saveEntry(entry));
    onClose();
  };
  const remove = async (): Promise<void> => {
    if (event) tell(`“${event.name}” is taken out.`, await deleteEntry(event.id));
    onClose();
  };
  return (
    <Sheet title={event ? 'Change what is ahead' : 'What is ahead?'} open onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (name.trim() && on && !late && along?.length !== 0) void save();
        }}
        style={{ display: 'flex', flexDirection: 'column', gap: 16 }}
      >
        <Row>
          <TextField label="What is it?" value={name} maxLength={200} autoFocus onChange={setName} />
        </Row>
        <Row $wrap $gap={16} $top>
          <Field>
            On
            <input type="date" min={today()} value={on} onChange={(e) => setOn(e.target.value)} />
          </Field>
          <Field>
            All ready by
            <input
              type="date"
              min={today()}
              max={on || undefined}
              value={readyBy || before}
              onChange={(e) => setReadyBy(e.target.value)}
            />
          </Field>
        </Row>
        {late && <Note tone="alarm">It must be ready before the day itself, or on it.</Note>}
        <OneOf
          label="What goes along?"
          value={along === null ? 'all' : 'some'}
          options={[
            { id: 'all', name: 'All of the kit' },
            { id: 'some', name: 'These things' },
          ]}
          onChange={(id) => setAlong(id === 'all' ? null : (along ?? []))}
        />
        {along !== null && (
          <>
            {here.length > CHIPS && (
              <Row>
                <TextField label="Find by name, owner, tag or kind" value={find} onChange={setFind} />
              </Row>
            )}
            <AnyOf
              label={
                along.length === 0
                  ? 'Nothing goes along yet'
                  : along.length === 1
                    ? 'One thing goes along'
                    : `${along.length} things go along`
              }
              values={along}
              options={shown.map((i) => ({ id: i.id, name: thingName(i), ...(i.owner ? { hint: i.owner } : {}) }))}
              onChange={setAlong}
            />
          </>
        )}
        <Row $between $wrap>
          <Button type="submit" disabled={name.trim() === '' || on === '' || late || along?.length === 0}>
            {event ? 'Keep the change' : 'Write it down'}
          </Button>
          {event && <TextButton onClick={() => void remove()}>Take it out</TextButton>}
        </Row>
      </form>
    </Sheet>
  );
}
