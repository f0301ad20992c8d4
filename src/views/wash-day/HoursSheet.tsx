import { dayOf, hourOf } from '../../core/units/day';
import { useState, type SetStateAction, type Dispatch } from 'react';
import { busyHours } from '../../app/dayFiles';
import { instantHere } from '../../core/units/day';
import { HIRED_WORDS } from '../../core/telling/wash-day';
import { HIRED, type DayWish, type Prefer } from '../../core/washday/types';
import { Column, Fieldset, Note, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { DayField } from '../../ui/dates';
import { TimeField } from '../../ui/times';
import { FilePick } from '../../ui/FilePick';
import { Form } from '../../ui/Form';
import { HoursBar } from '../../ui/HoursBar';
import { RadioList } from '../../ui/RadioList';
import { Sheet } from '../../ui/Sheet';
import { Checkbox, Switch } from '../../ui/Checkbox';
import { TextField } from '../../ui/TextField';
import { DAY_MS } from '../../core/units/time';

const PREFERENCES: readonly { id: Prefer; name: string; text: string }[] = [
  { id: 'earliest', name: 'Done as early as possible.', text: 'The last thing is dry and put away as soon as it can be.' },
  { id: 'fewest-visits', name: 'As few turns as possible.', text: 'You are called seldom; it may take longer.' },
  {
    id: 'least-energy',
    name: 'As little energy as possible.',
    text: 'Fewer runs of the machine, colder water; it may take longer.',
  },
];
const parts = (instant: string | undefined): { day?: string; time?: string } => {
  if (!instant) return {};
  const date = new Date(instant);
  return { day: dayOf(instant), time: hourOf(date) };
};
const joined = (day: string | undefined, time: string | undefined): string | undefined =>
  day ? instantHere(new Date(`${day}T${time ?? '00:00'}`)) : undefined;
/** How far ahead a calendar is read: three weeks, as is said of it. */
const READ_AHEAD_MS = 21 * DAY_MS;

/** When it may begin and must end, who is there, when the machines are silent, and what counts most. */
export function HoursSheet({ wish, onSave, onClose }: { wish: DayWish; onSave: (next: DayWish) => void; onClose: () => void }) {
  const [draft, setDraft] = useState(wish);
  const [fault, setFault] = useState<string | null>(null);
  const changed = JSON.stringify(draft) !== JSON.stringify(wish);
  const from = parts(draft.from);
  const until = parts(draft.until);
  const patch = (next: Partial<DayWish>): void => setDraft((d) => ({ ...d, ...next }));
  const setUntil = (instant: string | undefined): void =>
    setDraft(({ until: _gone, ...rest }) => (instant ? { ...rest, until: instant } : rest));
  const person = (n: number, next: Partial<DayWish['people'][number]> | null): void =>
    patch({ people: draft.people.flatMap((p, k) => (k !== n ? [p] : next ? [{ ...p, ...next }] : [])) });
  const readBusy = async (n: number, files: readonly File[]): Promise<void> => {
    const text = await files[0]?.text();
    if (text === undefined) return;
    try {
      const busy = busyHours(text, draft.from, new Date(Date.parse(draft.from) + READ_AHEAD_MS).toISOString());
      person(n, { busy });
      setFault(busy.length === 0 ? 'That calendar has nothing in these three weeks.' : null);
    } catch (error) {
      setFault(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <Sheet title="Hours and people" open changed={changed} onClose={onClose}>
      <Form onSubmit={() => onSave(draft)}>
        <When from={from} patch={patch} draft={draft} until={until} setUntil={setUntil} />
        <Fieldset>
          <legend>Who is there</legend>
          <Column>
            <People draft={draft} person={person} readBusy={readBusy} />
            <Row>
              <TextButton
                onPress={() =>
                  patch({ people: [...draft.people, { name: `Person ${draft.people.length + 1}`, from: '08:00', to: '22:00' }] })
                }
              >
                One more person
              </TextButton>
            </Row>
          </Column>
          {fault && <Note tone="alarm">{fault}</Note>}
        </Fieldset>
        <Fieldset>
          <legend>For this day only</legend>
          {HIRED.map((one) => (
            <Checkbox
              key={one}
              selected={draft.hired?.includes(one) ?? false}
              onChange={(on) => patch({ hired: HIRED.filter((x) => (x === one ? on : draft.hired?.includes(x))) })}
            >
              {HIRED_WORDS[one].offer}
            </Checkbox>
          ))}
        </Fieldset>
        <QuietHours draft={draft} setDraft={setDraft} patch={patch} />
        <Fieldset>
          <legend>What counts most</legend>
          <RadioList
            label="What counts most"
            value={draft.prefer}
            options={PREFERENCES}
            onChange={(id) => patch({ prefer: id as Prefer })}
          />
        </Fieldset>
        <Row $wrap>
          <Button type="submit">Use these hours</Button>
          <Button look="quiet" onPress={onClose}>
            Leave it
          </Button>
        </Row>
      </Form>
    </Sheet>
  );
}

/** When the day may begin and must end. */
function When({
  from,
  patch,
  draft,
  until,
  setUntil,
}: {
  from: ReturnType<typeof parts>;
  patch: (next: Partial<DayWish>) => void;
  draft: DayWish;
  until: ReturnType<typeof parts>;
  setUntil: (instant: string | undefined) => void;
}) {
  return (
    <Fieldset>
      <legend>When</legend>
      <Row $wrap $top>
        <DayField label="Begin on" value={from.day} onChange={(day) => patch({ from: joined(day, from.time) ?? draft.from })} />
        <TimeField label="at" value={from.time} onChange={(time) => patch({ from: joined(from.day, time) ?? draft.from })} />
      </Row>
      <Row $wrap $top>
        <DayField label="Done by" value={until.day} onChange={(day) => setUntil(joined(day, until.time ?? '18:00'))} />
        <TimeField label="at what time" value={until.time} onChange={(time) => until.day && setUntil(joined(until.day, time))} />
        {draft.until && <TextButton onPress={() => setUntil(undefined)}>No limit</TextButton>}
      </Row>
    </Fieldset>
  );
}

/** Who is there, from when until when, and what else they have to do. */
function People({
  draft,
  person,
  readBusy,
}: {
  draft: DayWish;
  person: (n: number, next: Partial<DayWish['people'][number]> | null) => void;
  readBusy: (n: number, files: readonly File[]) => Promise<void>;
}) {
  return (
    <>
      {draft.people.map((one, n) => (
        <Row key={n} $wrap $top>
          <TextField label="Name" value={one.name} maxLength={60} width={140} onChange={(name) => person(n, { name })} />
          <TimeField label="from" value={one.from} onChange={(time) => time && person(n, { from: time })} />
          <TimeField label="until" value={one.to} onChange={(time) => time && person(n, { to: time })} />
          {one.from && one.to && (
            <HoursBar label={`Hours of ${one.name}`} from={one.from} to={one.to} onChange={(hours) => person(n, hours)} />
          )}
          <FilePick accept={['.ics', 'text/calendar']} look="text" onFiles={(files) => void readBusy(n, files)}>
            {one.busy ? `${one.busy.length} busy hours read` : 'Busy hours from a calendar file'}
          </FilePick>
          {draft.people.length > 1 && <TextButton onPress={() => person(n, null)}>Take away {one.name}</TextButton>}
        </Row>
      ))}
    </>
  );
}

/** When no machine runs. */
function QuietHours({
  draft,
  setDraft,
  patch,
}: {
  draft: DayWish;
  setDraft: Dispatch<SetStateAction<DayWish>>;
  patch: (next: Partial<DayWish>) => void;
}) {
  return (
    <Fieldset>
      <legend>Quiet hours</legend>
      <Switch
        selected={draft.quiet !== undefined}
        onChange={(on) =>
          setDraft(({ quiet: _gone, ...rest }) => (on ? { ...rest, quiet: { from: '22:00', to: '07:00' } } : rest))
        }
      >
        No machine runs at night
      </Switch>
      {draft.quiet && (
        <Row $wrap $top>
          <TimeField
            label="Quiet from"
            value={draft.quiet.from}
            onChange={(time) => time && draft.quiet && patch({ quiet: { ...draft.quiet, from: time } })}
          />
          <TimeField
            label="Quiet until"
            value={draft.quiet.to}
            onChange={(time) => time && draft.quiet && patch({ quiet: { ...draft.quiet, to: time } })}
          />
          <HoursBar
            label="Quiet hours"
            overnight
            from={draft.quiet.from}
            to={draft.quiet.to}
            onChange={(quiet) => patch({ quiet })}
          />
        </Row>
      )}
    </Fieldset>
  );
}
