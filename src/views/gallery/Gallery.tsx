import { ArrowDown, Camera } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import styled from 'styled-components';
import { takeBack, notify } from '../../app/session';
import { Column, Figure, Note, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { Button, IconButton, LinkButton, PressArea, TextButton } from '../../ui/Button';
import { Checkbox, CheckboxGroup, Switch } from '../../ui/Checkbox';
import { ChoiceCards } from '../../ui/ChoiceCards';
import { AnyOf, OneOf } from '../../ui/Choices';
import { ComboBox } from '../../ui/ComboBox';
import { Crumbs } from '../../ui/Crumbs';
import { DayField, type DayRange, DayRangeField, FarDayField, TimeField } from '../../ui/dates';
import { Disclosure, Fold } from '../../ui/Disclosure';
import { KindPicture } from '../../ui/KindPicture';
import { ReadyBar } from '../../ui/ReadyBar';
import { DrumList } from '../../ui/DrumList';
import { FigureTable } from '../../ui/FigureTable';
import { FilePick } from '../../ui/FilePick';
import { Form } from '../../ui/Form';
import { Menu } from '../../ui/Menu';
import { Meter } from '../../ui/Meter';
import { Movable, type Point } from '../../ui/Movable';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { Progress } from '../../ui/Progress';
import { RadioList } from '../../ui/RadioList';
import { ReorderList } from '../../ui/ReorderList';
import { Select } from '../../ui/Select';
import { Ask, Sheet } from '../../ui/Sheet';
import { HoursBar } from '../../ui/HoursBar';
import { Slider } from '../../ui/Slider';
import { DigitsField, SearchField, TextArea, TextField } from '../../ui/TextField';
import { enterTable, RowLink, ThingTable } from '../../ui/ThingTable';
import { color } from '../../ui/theme';
import { Timeline, type TimeRow } from '../../ui/Timeline';
import { Units } from '../../ui/units';
import { Why } from '../../ui/Why';
import { PATHS } from '../../app/routes';

const MORNING_MS = Date.parse('2027-01-09T08:00:00Z');
const morning = (id: string, title: string, from: number, to: number, band?: 'water' | 'heat' | 'air') => ({
  id,
  title,
  from: MORNING_MS + from * 60_000,
  to: MORNING_MS + to * 60_000,
  ...(band ? { band } : {}),
});
const MORNING: readonly TimeRow[] = [
  { id: 'w', name: 'Washer', hint: '7 kg', blocks: [morning('a', 'A', 0, 60, 'water'), morning('b', 'B', 65, 120, 'water')] },
  { id: 'd', name: 'Dryer', blocks: [morning('c', 'A', 65, 180, 'heat')] },
  { id: 'l', name: 'Line', waits: true, blocks: [morning('e', 'B', 120, 900, 'air')] },
  { id: 'y', name: 'You', blocks: [morning('f', '', 0, 5), morning('g', '', 60, 70), morning('h', '', 120, 125)] },
];
const Frame = styled.section`
  border-top: 1px solid ${color.line};
  padding-top: 16px;
  display: flex;
  flex-direction: column;
  gap: 16px;
`;
const Show = ({ name, when, children }: { name: string; when: string; children: ReactNode }) => (
  <Frame aria-label={name}>
    <div>
      <h2>{name}</h2>
      <Quiet>{when}</Quiet>
    </div>
    {children}
  </Frame>
);
const FIBRES = ['polyamide', 'polyester', 'cotton', 'merino', 'down'] as const;
const STATES = [
  { id: 'clean', name: 'Clean' },
  { id: 'worn', name: 'Worn', hint: 'collar, cuffs' },
  { id: 'dirty', name: 'Dirty' },
];
const MANY = Array.from({ length: 5000 }, (_, n) => ({ id: `m-${n}`, name: `Thing ${n}`, also: n % 2 === 0 ? 'Ansa' : 'Bo' }));
const nothing = (): void => undefined;

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

const THINGS = MANY.slice(0, 60).map((t, n) => ({ ...t, mass: (n * 37) % 500 }));
function Lists() {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(['m-1']));
  const [layers, setLayers] = useState([
    { id: 'face', name: 'Face' },
    { id: 'fill', name: 'Fill' },
    { id: 'lining', name: 'Lining' },
  ]);
  const [drums, setDrums] = useState([
    { id: 'a', name: 'Ice bib', where: 'wet' as 'wet' | 'waiting' },
    { id: 'b', name: 'Rust smock', where: 'waiting' as 'wet' | 'waiting' },
  ]);
  const [at, setAt] = useState<Point>([0.4, 0.5]);
  return (
    <Show
      name="Lists and pictures"
      when="Figures to read; things to open and choose; rows whose order counts; a mark on a picture."
    >
      <TwoColumns>
        <Column>
          <FigureTable
            label="What it takes"
            rows={[
              { id: 'now', kwh: 1.2, litres: 45 },
              { id: 'line', kwh: 0.4, litres: 45 },
            ]}
            rowKey={(r) => r.id}
            columns={[
              { id: 'id', head: 'Way', cell: (r) => r.id },
              { id: 'kwh', head: 'kWh', figure: true, cell: (r) => <Figure>{r.kwh}</Figure> },
              { id: 'l', head: 'Water, L', figure: true, cell: (r) => <Figure>{r.litres}</Figure> },
            ]}
          />
          <ReorderList
            label="Layers, outside first"
            rows={layers}
            onOrder={(ids) => setLayers(ids.flatMap((id) => layers.find((l) => l.id === id) ?? []))}
          >
            {(row, _place, moves) => (
              <Row $between>
                <span>{row.name}</span>
                <Row $gap={0}>{moves}</Row>
              </Row>
            )}
          </ReorderList>
          {(['wet', 'waiting'] as const).map((where) => (
            <DrumList
              key={where}
              label={where === 'wet' ? 'In the drum' : 'Not in it'}
              rows={drums.filter((d) => d.where === where)}
              onBring={(id) => setDrums(drums.map((d) => (d.id === id ? { ...d, where } : d)))}
            >
              {(row) => <span>{row.name}</span>}
            </DrumList>
          ))}
          <Timeline label="Two machines in a morning" rows={MORNING} now={MORNING_MS + 5_400_000} />
        </Column>
        <Column>
          <Shown at={at} setAt={setAt} />
        </Column>
      </TwoColumns>
      <SortedThings chosen={chosen} setChosen={setChosen} />
    </Show>
  );
}

/** What is looked at, folded or moved. */
function Shown({ at, setAt }: { at: Point; setAt: (next: Point) => void }) {
  return (
    <>
      <Row $wrap>
        <Meter label="Left in the bottle" value={120} of={500} text="120 mL" /> <Quiet>120 of 500 mL</Quiet>
        <Meter label="Nearly empty" value={20} of={500} text="20 mL" low /> <Quiet>20 of 500 mL</Quiet>
      </Row>
      <Progress what="Looked through" done={30} of={80} onStop={nothing} />
      <Disclosure title="The sums">
        <p>Folded away until it is asked for.</p>
      </Disclosure>
      <Fold head="A line that opens" always={<Note tone="alarm">What is seen folded too.</Note>}>
        <p>What is read by those who ask.</p>
      </Fold>
      <Note tone="good">Good news.</Note>
      <Note tone="alarm">A caution.</Note>
      <ReadyBar
        label="What is ready"
        things={[
          { id: 'a', name: 'Rust smock', state: 'ready' },
          { id: 'b', name: 'Hut quilt', state: 'not-ready' },
          { id: 'c', name: 'Throw rope', state: 'unseen' },
        ]}
      />
      <Row $wrap>
        {(['jacket', 'quilt', 'boot', 'tent', 'pack'] as const).map((kind) => (
          <KindPicture key={kind} kind={kind} layers={[{ part: 'face', material: 'polyamide-woven' }]} />
        ))}
      </Row>
      <div style={{ position: 'relative', height: 160, border: `1px solid ${color.line}` }}>
        <Movable at={at} label="Corner 1" step={0.01} far={0.1} onMove={setAt}>
          <span
            aria-hidden="true"
            style={{
              display: 'grid',
              placeItems: 'center',
              width: 26,
              height: 26,
              margin: 9,
              border: `2px solid ${color.heat}`,
            }}
          >
            1
          </span>
        </Movable>
      </div>
    </>
  );
}

/** A table whose rows are opened, chosen and sorted. */
function SortedThings({ chosen, setChosen }: { chosen: ReadonlySet<string>; setChosen: (next: ReadonlySet<string>) => void }) {
  return (
    <ThingTable
      id="gallery-things"
      label="Things"
      rows={THINGS}
      start="name"
      chosen={chosen}
      rowPx={52}
      onChoose={setChosen}
      onOpen={(id) => notify(`${id} is opened.`)}
      columns={[
        {
          id: 'name',
          head: 'Thing',
          width: 'auto',
          onPhone: 'auto',
          order: (a, b) => a.name.localeCompare(b.name, 'en', { numeric: true }),
          cell: (r) => <RowLink to={`#${r.id}`}>{r.name}</RowLink>,
        },
        {
          id: 'owner',
          head: 'Owner',
          width: 160,
          onPhone: null,
          order: (a, b) => a.also.localeCompare(b.also),
          cell: (r) => r.also,
        },
        {
          id: 'mass',
          head: 'Weight',
          width: 120,
          onPhone: 90,
          order: (a, b) => a.mass - b.mass,
          cell: (r) => <Figure>{r.mass} g</Figure>,
        },
      ]}
    />
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
