import { Show, MANY, nothing } from './parts';
import { Lists } from './Lists';
import { ArrowDown, Camera } from 'lucide-react';
import { useState } from 'react';
import { takeBack, notify } from '../../app/session';
import { Column, Figure, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { Button, LinkButton, NamePress, PressArea, TextButton } from '../../ui/Button';
import { IconButton } from '../../ui/IconButton';
import { Checkbox, CheckboxGroup, Switch } from '../../ui/Checkbox';
import { ChoiceCards } from '../../ui/ChoiceCards';
import { AnyOf, OneOf } from '../../ui/Choices';
import { ComboBox } from '../../ui/ComboBox';
import { Crumbs } from '../../ui/Crumbs';
import { DayField, type DayRange, DayRangeField, FarDayField } from '../../ui/dates';
import { TimeField } from '../../ui/times';
import { FilePick } from '../../ui/FilePick';
import { Form } from '../../ui/Form';
import { Menu } from '../../ui/Menu';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { RadioList } from '../../ui/RadioList';
import { Select } from '../../ui/Select';
import { Ask, Sheet } from '../../ui/Sheet';
import { HoursBar } from '../../ui/HoursBar';
import { Slider } from '../../ui/Slider';
import { DigitsField, SearchField, TextArea, TextField } from '../../ui/TextField';
import { enterTable } from '../../ui/ThingTable';
import { color } from '../../ui/theme';
import { Units } from '../../ui/units';
import { Why } from '../../ui/Why';
import { PATHS } from '../../app/routes';
const FIBRES = ['polyamide', 'polyester', 'cotton', 'merino', 'down'] as const;
const STATES = [
  { id: 'clean', name: 'Clean' },
  { id: 'worn', name: 'Worn', hint: 'collar, cuffs' },
  { id: 'dirty', name: 'Dirty' },
];

function Buttons() {
  return (
    <Show name="Buttons" when="One main a page; quiet beside it; danger takes away. Big in a run.">
      <Row $wrap>
        <Button>Main</Button>
        <Button look="quiet">Quiet</Button>
        <Button look="danger">Danger</Button>
        <Button isDisabled>Not now</Button>
        <Button look="quiet" named>
          The name of a thing, however long it is: the shell that the second skater lent to the school at the far end of the lake
        </Button>
        <Button size="big">Big</Button>
        <Button size="big" look="quiet">
          Big, quiet
        </Button>
        <LinkButton to={PATHS.gallery}>A link</LinkButton>
        <TextButton>In a sentence</TextButton>
        <IconButton label="Down one place">
          <ArrowDown size={20} aria-hidden="true" />
        </IconButton>
        <PressArea style={{ border: `1px dashed ${color.line}`, padding: 12 }}>A whole card</PressArea>
        <div style={{ position: 'relative', border: `1px dashed ${color.line}`, padding: 12, minHeight: 44 }}>
          <NamePress aria-describedby="gallery-line">A line</NamePress> <Quiet id="gallery-line">that says more of itself</Quiet>
        </div>
        <FilePick accept={['image/*']} camera onFiles={(files) => notify(`${files.length} came.`)}>
          <Camera size={18} aria-hidden="true" /> A file
        </FilePick>
        <Menu
          label="More"
          lines={[
            { id: 'copy', name: 'Duplicate', onPress: () => notify('Duplicated.') },
            { id: 'delete', name: 'Delete', danger: true, onPress: () => notify('Deleted.', async () => notify('It is back.')) },
          ]}
        />
      </Row>
    </Show>
  );
}

function Fields() {
  const [text, setText] = useState('Long grey parka');
  const [note, setNote] = useState('Left cuff was last.');
  const [query, setQuery] = useState('wool');
  const [count, setCount] = useState<number | undefined>(3);
  const [mass, setMass] = useState<number | undefined>(430);
  const [warm, setWarm] = useState<number | undefined>(30);
  return (
    <Show
      name="Fields"
      when="Text, figures, figures with a unit. What is wrong stands beside its field; the last good value is kept."
    >
      <TwoColumns>
        <Column>
          <TextField label="Text" value={text} onChange={setText} />
          <TextField label="With a fault" value="" fault="It needs a name." onChange={nothing} />
          <TextField label="Off" value="not now" disabled onChange={nothing} />
          <TextArea label="Several lines" value={note} hint="Enter begins a new line." onChange={setNote} />
          <SearchField
            label="A search"
            placeholder="Find"
            value={query}
            onChange={setQuery}
            onDown={() => enterTable('gallery-things')}
          />
        </Column>
        <Column>
          <NumberField label="How many" value={count} what="how many" min={0} max={20} whole onChange={setCount} />
          <QuantityField label="Dry weight" unit="g" value={mass} what="the weight" max={5000} onChange={setMass} />
          <Units.Provider value="us">
            <QuantityField
              label="To one who measures in US units"
              unit="g"
              value={mass}
              what="the weight"
              max={5000}
              onChange={setMass}
            />
            <QuantityField label="Water" unit="°C" value={warm} what="the temperature" min={0} max={95} onChange={setWarm} />
          </Units.Provider>
          <DigitsField label="Figures that are read as text" value="400, 600" onChange={nothing} />
          <Quiet>
            Kept: <Figure data-kept>{`${mass ?? '–'} g, ${warm ?? '–'} °C`}</Figure>
          </Quiet>
        </Column>
      </TwoColumns>
    </Show>
  );
}

function Days() {
  const [day, setDay] = useState<string | undefined>('2027-01-03');
  const [far, setFar] = useState<string | undefined>(undefined);
  const [range, setRange] = useState<DayRange | null>({ from: '2027-01-09', to: '2027-01-11' });
  const [time, setTime] = useState<string | undefined>('19:30');
  return (
    <Show name="Days and times" when="Local days inside bounds. A day near by month; a far one in figures; a time in 24 hours.">
      <Row $wrap $top $gap={16}>
        <DayField label="A day" value={day} width={200} onChange={setDay} />
        <FarDayField label="Bought on" value={far} max="2027-01-03" width={180} onChange={setFar} />
        <DayRangeField label="A tour" value={range} width={320} onChange={setRange} />
        <TimeField label="Begin at" value={time} width={130} onChange={setTime} />
      </Row>
    </Show>
  );
}

function Choosing() {
  const [fibre, setFibre] = useState<(typeof FIBRES)[number] | undefined>('merino');
  const [thing, setThing] = useState<string | null>(null);
  const [state, setState] = useState('worn');
  const [several, setSeveral] = useState<readonly string[]>(['clean', 'dirty']);
  const [done, setDone] = useState<readonly string[]>(['a']);
  const [on, setOn] = useState(true);
  const [way, setWay] = useState('cold');
  const [at, setAt] = useState(40);
  const [hours, setHours] = useState({ from: '08:00', to: '21:00' });
  return (
    <Show name="Choosing" when="Up to about eight, all in sight: chips. More: a list. Among thousands: by typing.">
      <TwoColumns>
        <Column>
          <Select label="One of more than a few" value={fibre} options={FIBRES} onChange={setFibre} />
          <Select label="With a fault" value={undefined} options={FIBRES} fault="Choose one." onChange={nothing} />
          <ComboBox label="One of 5 000" value={thing} options={MANY} onChange={setThing} />
          <OneOf label="One of a few" value={state} options={STATES} onChange={setState} />
          <AnyOf label="Any of a few" values={several} options={STATES} onChange={setSeveral} />
        </Column>
        <Column>
          <RadioList
            label="One of a few, with a sentence"
            value={way}
            options={[
              { id: 'cold', name: 'Cold.', text: 'Slower, and safe for everything.' },
              { id: 'warm', name: 'Warm.', text: 'Faster; the glue may not like it.' },
              { id: 'hot', name: 'Hot.', text: 'Refused: the label says 30 °C.', disabled: true },
            ]}
            onChange={setWay}
          />
          <Checkbox selected={on} onChange={setOn}>
            One thing to tick
          </Checkbox>
          <CheckboxGroup
            label="Several, each a line"
            values={done}
            options={[
              { id: 'a', name: 'Studs out' },
              { id: 'b', name: 'Insoles out' },
            ]}
            onChange={setDone}
          />
          <Switch selected={on} onChange={setOn}>
            Rings aloud
          </Switch>
          <HoursBar label="Hours of a day" {...hours} onChange={setHours} />
          <Slider label="A place on a line" value={at} min={0} max={120} onChange={setAt} />
          <ChoiceCards
            options={[
              { id: 'again', name: 'Once more', text: 'The same round again.' },
              { id: 'leave', name: 'Leave it', text: 'It is recorded as it is.' },
            ]}
            onChoose={(id) => notify(`${id}.`)}
          />
        </Column>
      </TwoColumns>
    </Show>
  );
}

function Over() {
  const [open, setOpen] = useState<'sheet' | 'ask' | null>(null);
  const [name, setName] = useState('');
  return (
    <Show
      name="Over the page"
      when="A sheet to fill in, a question, a reason, what was just done. Escape asks when something was changed."
    >
      <Row $wrap>
        <Button look="quiet" onPress={() => setOpen('sheet')}>
          Open a sheet
        </Button>
        <Button look="quiet" onPress={() => setOpen('ask')}>
          Ask
        </Button>
        <Button look="quiet" onPress={() => notify('It is done.', async () => notify('It is undone.'))}>
          Say something
        </Button>
        <TextButton onPress={takeBack}>Take it back</TextButton>
        <Why of="the gallery">
          <p>So that a new contributor finds each of them in one place.</p>
        </Why>
      </Row>
      {open === 'sheet' && (
        <Sheet title="A sheet" open onClose={() => setOpen(null)}>
          <Form
            onSubmit={() => {
              notify(`Kept: ${name}.`);
              setOpen(null);
            }}
          >
            <TextField label="Name" required autoFocus value={name} onChange={setName} />
            <Row>
              <Button type="submit">Keep it</Button>
              <Button look="quiet" onPress={() => setOpen(null)}>
                Leave it
              </Button>
            </Row>
          </Form>
        </Sheet>
      )}
      {open === 'ask' && (
        <Ask title="Stop it here?" stay="Go on" go="Stop it" onStay={() => setOpen(null)} onGo={() => setOpen(null)}>
          <p>What was done is kept.</p>
        </Ask>
      )}
    </Show>
  );
}

/** Every control in every state, for whoever builds with them. Which one when: docs/interface.md. */
export function Gallery() {
  return (
    <Page>
      <Crumbs trail={[{ to: PATHS.now, name: 'Now' }]} here="Gallery" />
      <h1>Every control, in every state.</h1>
      <Buttons />
      <Fields />
      <Days />
      <Choosing />
      <Over />
      <Lists />
    </Page>
  );
}
