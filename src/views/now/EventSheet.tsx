import { useState } from 'react';
import { addDays } from '../../core/units/day';
import type { EventEntry, Item } from '../../core/gear';
import { thingName } from '../../core/words';
import { newId, nowIso, today } from '../../app/now';
import { notify } from '../../app/session';
import { deleteEntry, saveEntry } from '../../data/repo';
import { Note, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { AnyOf, OneOf } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { TextField } from '../../ui/TextField';
import { DayField } from '../../ui/dates';
import { useChecked } from '../../app/checked';
import { Form } from '../../ui/Form';

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
  const { faults, keep } = useChecked();
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
    await keep({ list: 'log', row: entry }, async () => {
      notify(`“${entry.name}” is ${event ? 'changed' : 'written down'}.`, await saveEntry(entry));
      onClose();
    });
  };
  const remove = async (): Promise<void> => {
    if (event) notify(`“${event.name}” is taken out.`, await deleteEntry(event.id));
    onClose();
  };
  return (
    <Sheet title={event ? 'Change what is ahead' : 'What is ahead?'} open onClose={onClose}>
      <Form
        faults={faults}
        fields={['name', 'on', 'readyBy']}
        onSubmit={() => {
          if (name.trim() && on && !late && along?.length !== 0) void save();
        }}
      >
        <Row>
          <TextField label="What is it?" name="name" value={name} maxLength={200} autoFocus onChange={setName} />
        </Row>
        <Days event={event} on={on} setOn={setOn} readyBy={readyBy} before={before} setReadyBy={setReadyBy} />
        {late && <Note tone="alarm">It must be ready before the day itself, or on it.</Note>}
        <Along along={along} setAlong={setAlong} here={here} find={find} setFind={setFind} shown={shown} />
        <Row $between $wrap>
          <Button type="submit" isDisabled={name.trim() === '' || on === '' || late || along?.length === 0}>
            {event ? 'Keep the change' : 'Write it down'}
          </Button>
          {event && <TextButton onPress={() => void remove()}>Take it out</TextButton>}
        </Row>
      </Form>
    </Sheet>
  );
}

/** The day itself, and the one by which all must be ready. */
function Days({
  event,
  on,
  setOn,
  readyBy,
  before,
  setReadyBy,
}: {
  event: EventEntry | null;
  on: string;
  setOn: (next: string) => void;
  readyBy: string;
  before: string;
  setReadyBy: (next: string) => void;
}) {
  return (
    <Row $wrap $gap={16} $top>
      <DayField
        label="On"
        name="on"
        min={event ? undefined : today()}
        value={on || undefined}
        width={190}
        onChange={(day) => setOn(day ?? '')}
      />
      <DayField
        label="All ready by"
        name="readyBy"
        value={readyBy || before || undefined}
        width={190}
        onChange={(day) => setReadyBy(day ?? '')}
      />
    </Row>
  );
}

/** What of the kit goes along. */
function Along({
  along,
  setAlong,
  here,
  find,
  setFind,
  shown,
}: {
  along: readonly string[] | null;
  setAlong: (next: readonly string[] | null) => void;
  here: Item[];
  find: string;
  setFind: (next: string) => void;
  shown: Item[];
}) {
  return (
    <>
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
    </>
  );
}
