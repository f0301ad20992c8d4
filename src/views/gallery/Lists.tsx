import { useState } from 'react';
import { notify } from '../../app/session';
import { Column, Figure, Note, Quiet, Row, TwoColumns } from '../../ui/basics';
import { Disclosure, Fold } from '../../ui/Disclosure';
import { KindPicture } from '../../ui/KindPicture';
import { ReadyBar } from '../../ui/ReadyBar';
import { DrumList } from '../../ui/DrumList';
import { FigureTable } from '../../ui/FigureTable';
import { Meter } from '../../ui/Meter';
import { Movable, type Point } from '../../ui/Movable';
import { Progress } from '../../ui/Progress';
import { ReorderList } from '../../ui/ReorderList';
import { RowLink, ThingTable } from '../../ui/ThingTable';
import { color } from '../../ui/theme';
import { Timeline, type TimeRow } from '../../ui/Timeline';
import { MANY, Show, nothing } from './parts';
import { MINUTE_MS } from '../../core/units/time';

const MORNING_MS = Date.parse('2027-01-09T08:00:00Z');
const morning = (id: string, title: string, from: number, to: number, band?: 'water' | 'heat' | 'air') => ({
  id,
  title,
  from: MORNING_MS + from * MINUTE_MS,
  to: MORNING_MS + to * MINUTE_MS,
  ...(band ? { band } : {}),
});
const MORNING: readonly TimeRow[] = [
  { id: 'w', name: 'Washer', hint: '7 kg', blocks: [morning('a', 'A', 0, 60, 'water'), morning('b', 'B', 65, 120, 'water')] },
  { id: 'd', name: 'Dryer', blocks: [morning('c', 'A', 65, 180, 'heat')] },
  { id: 'l', name: 'Line', waits: true, blocks: [morning('e', 'B', 120, 900, 'air')] },
  { id: 'y', name: 'You', blocks: [morning('f', '', 0, 5), morning('g', '', 60, 70), morning('h', '', 120, 125)] },
];

const THINGS = MANY.slice(0, 60).map((t, n) => ({ ...t, mass: (n * 37) % 500 }));
export function Lists() {
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
      <Fold
        head="A line that opens"
        more={<Quiet>, and what is said beside its name</Quiet>}
        always={<Note tone="alarm">What is seen folded too.</Note>}
      >
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
