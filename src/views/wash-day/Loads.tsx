import { Said } from '../../ui/said';
import styled from 'styled-components';
import type { Kit } from '../../core/gear';
import { cushionText } from '../../core/telling/wash-day';
import type { Apart, DayLoad, LoadSetting, WashDay } from '../../core/washday';
import { Figure, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { DrumList } from '../../ui/DrumList';
import { Meter } from '../../ui/Meter';
import { color } from '../../ui/theme';
import { Why } from '../../ui/Why';
import { letterOf, namesIn, placeName, settingsText } from './parts';

const Board = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(264px, 1fr));
  gap: 16px;
`;
const Card = styled.section`
  background: ${color.panel};
  border: 1px solid ${color.line};
  border-top: 4px solid ${color.water};
  border-radius: 4px;
  padding: 12px 14px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  &[data-alone] {
    border-top-color: ${color.air};
  }
  &[data-purge] {
    border-top-color: ${color.heat};
  }
  h3 {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    font-size: 17px;
  }
`;
const Settings = styled.p`
  font-size: 15px;
`;
const BOUND_NAMES: Readonly<Record<LoadSetting, string>> = {
  tempC: 'Temperature',
  action: 'Movement',
  spinRpm: 'Spin',
  rinses: 'Rinses',
  cleaner: 'Cleaner',
  doseMl: 'Dose',
};

function Load({
  load,
  day,
  kit,
  onMove,
  carry,
}: {
  load: DayLoad;
  day: WashDay;
  kit: Kit;
  onMove: (id: string, to: string | null) => void;
  carry: Carry | undefined;
}) {
  const nameOf = namesIn(kit);
  const letter = letterOf(day, load.id);
  const machine = placeName(kit, load.washerId).name;
  if (load.purpose !== 'wash') return <Purge machine={machine} load={load} carry={carry} />;
  const full = load.drumLitres ? (load.litres ?? 0) / load.drumLitres : load.capacityKg ? load.massKg / load.capacityKg : 0;
  const bound = Object.entries(load.boundBy) as [LoadSetting, { itemId: string }][];
  const apart = day.apart.filter((a) => a.itemIds.some((id) => load.itemIds.includes(id)));
  return (
    <Card aria-label={`Load ${letter}`}>
      <h3>
        <span>
          {letter} <Quiet>{machine}</Quiet>
        </span>
        <Figure>
          {load.massKg.toFixed(1)}
          {load.capacityKg ? ` of ${load.capacityKg}` : ''} kg
        </Figure>
      </h3>
      {full > 0 && (
        <Meter
          label={`Load ${letter} is full to`}
          value={Math.min(1, full)}
          of={1}
          text={`drum ${Math.round(full * 100)} % full`}
        />
      )}
      <Settings>{settingsText(load)}</Settings>
      <DrumList
        label={`Things in load ${letter}`}
        rows={load.itemIds.map((id) => ({ id, name: nameOf(id) }))}
        fixed={carry !== undefined}
        onBring={(id) => onMove(id, load.id)}
      >
        {(row) => (
          <>
            <span>{row.name}</span>
            <TextButton
              isDisabled={carry !== undefined}
              aria-label={`Move ${row.name} elsewhere`}
              onPress={() => onMove(row.id, null)}
            >
              Move
            </TextButton>
          </>
        )}
      </DrumList>
      {load.ballast.length > 0 && <Quiet>with {cushionText(load.ballast)} as a cushion</Quiet>}
      <Reasons bound={bound} letter={letter} nameOf={nameOf} apart={apart} />
      {carry && <CarryOut piece={load.id} of={`load ${letter}`} carry={carry} />}
    </Card>
  );
}

/** A run that cleans the machine itself. */
function Purge({ machine, load, carry }: { machine: string; load: DayLoad; carry: Carry | undefined }) {
  return (
    <Card data-purge="" aria-label={`Purge of ${machine}`}>
      <h3>
        <span>{load.purpose === 'purge' ? 'Run it empty and hot' : 'Run it hot with towels, against smells'}</span>
        <Quiet>{machine}</Quiet>
      </h3>
      <Settings>{settingsText(load)}</Settings>
      <Quiet>{load.why[0]?.text}</Quiet>
      {carry && <CarryOut piece={load.id} of={`the purge of ${machine}`} carry={carry} />}
    </Card>
  );
}

/** What sets this load, and why others are not in it. */
function Reasons({
  bound,
  letter,
  nameOf,
  apart,
}: {
  bound: [LoadSetting, { itemId: string }][];
  letter: string;
  nameOf: (id: string) => string;
  apart: Apart[];
}) {
  return (
    <Row $wrap>
      {bound.length > 0 && (
        <Why label="What sets it" of={`load ${letter}`}>
          <ul>
            {bound.map(([setting, by]) => (
              <li key={setting}>
                {BOUND_NAMES[setting]}: {nameOf(by.itemId)}
              </li>
            ))}
          </ul>
        </Why>
      )}
      {apart.length > 0 && (
        <Why label="Why not together" of={`load ${letter} and others`}>
          <ul>
            {apart.map((a) => (
              <li key={a.itemIds.join()}>
                <Said>{a.text}</Said>
              </li>
            ))}
          </ul>
        </Why>
      )}
    </Row>
  );
}

/** How a started day is carried out, piece by piece. */
export interface Carry {
  /** Pieces that were begun. */
  readonly begun: ReadonlySet<string>;
  readonly onCarry: (piece: string) => void;
}
function CarryOut({ piece, of, carry: { begun, onCarry } }: { piece: string; of: string; carry: Carry }) {
  const text = begun.has(piece) ? 'Go on with it' : 'Carry it out';
  return (
    <Row style={{ marginTop: 'auto' }}>
      <Button look="quiet" aria-label={`${text}: ${of}`} onPress={() => onCarry(piece)}>
        {text}
      </Button>
    </Row>
  );
}

/** The drums of the day, each drawn to its fill. A thing is carried to another by dragging it, or by its button. */
export function Loads(props: {
  day: WashDay;
  kit: Kit;
  onMove: (id: string, to: string | null) => void;
  carry: Carry | undefined;
}) {
  const { day, kit, carry } = props;
  const nameOf = namesIn(kit);
  const drummed = new Set(day.loads.flatMap((l) => l.itemIds));
  const alone = [...new Set(day.tasks.flatMap((t) => t.itemIds))].filter((id) => !drummed.has(id));
  if (day.loads.length === 0 && alone.length === 0) return null;
  return (
    <section aria-label="Loads">
      <h2>Loads</h2>
      <Board style={{ marginTop: 12 }}>
        {day.loads.map((load) => (
          <Load key={load.id} load={load} {...props} />
        ))}
        {carry &&
          alone.map((id) => (
            <Card key={id} data-alone="" aria-label={nameOf(id)}>
              <h3>{nameOf(id)}</h3>
              <Quiet>goes in no drum</Quiet>
              <CarryOut piece={id} of={nameOf(id)} carry={carry} />
            </Card>
          ))}
      </Board>
    </section>
  );
}
