import { useState, type ReactNode } from 'react';
import { newId } from '../../app/now';
import { tell } from '../../app/session';
import type { Cycle, Dryer, Equipment, Iron, Rack, Residue, Washer } from '../../core/gear';
import * as v from '../../core/gear';
import { DRYER_WORDS, HEAT_WORDS, RESIDUE_WORDS, WASHER_WORDS } from '../../core/words';
import { RACK_WORDS } from '../../core/words/upkeep';
import { saveEquipment } from '../../data/repo';
import { Button, Field, Note, Quiet, Row, TextButton } from '../../ui/basics';
import { AnyOf, OneOf } from '../../ui/Choices';
import { useRowKeys, withField } from '../../ui/fields';
import { hasFault } from '../../ui/form';
import { NumberField, Select } from '../../ui/Select';
import { Sheet } from '../../ui/Sheet';
import { Grid } from './parts';

type Lists = 'washers' | 'dryers' | 'racks' | 'irons';
interface Props<T> {
  readonly of: T | null;
  readonly equipment: Equipment;
  readonly onClose: () => void;
}

/** The frame of every such sheet: a name, its own fields, and saving or taking away in one list of the equipment. */
function PlaceSheet<T extends { id: string; name?: string }>({
  title,
  list,
  was,
  draft,
  setDraft,
  called,
  equipment,
  fault = false,
  onClose,
  children,
}: {
  title: string;
  list: Lists;
  was: T | null;
  draft: T;
  setDraft: (next: T) => void;
  /** What it is called without a name of its own. */
  called: string;
  equipment: Equipment;
  fault?: boolean;
  onClose: () => void;
  children: ReactNode;
}) {
  const others = (equipment[list] ?? []) as readonly { id: string }[] as readonly T[];
  const name = draft.name ?? called;
  const keep = async (rows: readonly T[], said: string): Promise<void> => {
    tell(said, await saveEquipment({ ...equipment, [list]: rows }));
    onClose();
  };
  const save = (): Promise<void> =>
    keep(was ? others.map((o) => (o.id === draft.id ? draft : o)) : [...others, draft], `${name} is saved.`);
  return (
    <Sheet title={title} open wide={list === 'washers'} onClose={onClose}>
      <Field>
        Name
        <input
          value={draft.name ?? ''}
          maxLength={200}
          onChange={(e) => setDraft(withField(draft, 'name', (e.target.value || undefined) as T['name']))}
        />
      </Field>
      {children}
      <Row $wrap>
        <Button disabled={fault} onClick={(e) => !hasFault(e) && void save()}>
          Save
        </Button>
        <Button $quiet onClick={onClose}>
          Leave it
        </Button>
        {was && (
          <TextButton
            onClick={() =>
              void keep(
                others.filter((o) => o.id !== was.id),
                `${name} is taken off the list.`,
              )
            }
          >
            Take it off the list
          </TextButton>
        )}
      </Row>
    </Sheet>
  );
}

function Cycles({ cycles, onChange }: { cycles: readonly Cycle[]; onChange: (cycles: Cycle[]) => void }) {
  const rows = useRowKeys(cycles.length);
  const set = (n: number, next: Cycle): void => onChange(cycles.map((c, i) => (i === n ? next : c)));
  const number = (
    n: number,
    cycle: Cycle,
    key: 'tempC' | 'minutes' | 'spinRpm' | 'rinses' | 'litres',
    label: string,
    what: string,
    rest: object,
  ) => <NumberField label={label} what={what} value={cycle[key]} onChange={(x) => set(n, withField(cycle, key, x))} {...rest} />;
  return (
    <section aria-label="Programmes">
      <h3>Its programmes</h3>
      {cycles.map((cycle, n) => (
        <Grid key={rows.keys[n]} style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(120px, 1fr))', padding: '8px 0' }}>
          <Field>
            Name
            <input value={cycle.name} maxLength={100} onChange={(e) => set(n, { ...cycle, name: e.target.value })} />
          </Field>
          {number(n, cycle, 'tempC', '°C', 'the temperature', { zero: true, max: 95 })}
          {number(n, cycle, 'minutes', 'Minutes', 'the minutes', { max: 600 })}
          {number(n, cycle, 'spinRpm', 'Spin, rpm', 'the speed', { zero: true, max: 2000 })}
          {number(n, cycle, 'rinses', 'Rinses', 'how many rinses', { zero: true, max: 20 })}
          {number(n, cycle, 'litres', 'Water, L', 'the litres', { max: 500 })}
          <TextButton
            style={{ alignSelf: 'end' }}
            onClick={() => {
              rows.drop(n);
              onChange(cycles.filter((_, i) => i !== n));
            }}
          >
            Take away
          </TextButton>
        </Grid>
      ))}
      <TextButton onClick={() => onChange([...cycles, { name: '' }])}>Add a programme</TextButton>
      {cycles.some((c) => c.name.trim() === '' || (c.rinses !== undefined && !Number.isInteger(c.rinses))) && (
        <Note tone="alarm">Every programme needs a name, and a whole number of rinses.</Note>
      )}
    </section>
  );
}

/** A washing machine, tub or basin. */
export function WasherSheet({ of, equipment, onClose }: Props<Washer>) {
  const [draft, setDraft] = useState<Washer>(of ?? { id: newId('w'), kind: 'front-loader' });
  const [spins, setSpins] = useState((of?.spinRpm ?? []).join(', '));
  const rpm = spins
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number);
  const spinFault = rpm.some((r) => !(r > 0) || r > 2000);
  const drum = draft.kind !== 'tub' && draft.kind !== 'basin';
  const fault =
    spinFault ||
    (draft.cycles ?? []).some((c) => c.name.trim() === '' || (c.rinses !== undefined && !Number.isInteger(c.rinses)));
  return (
    <PlaceSheet
      title={of ? 'Correct the machine or bath' : 'Which machine or bath?'}
      list="washers"
      was={of}
      draft={draft}
      setDraft={setDraft}
      called={WASHER_WORDS[draft.kind]}
      equipment={equipment}
      fault={fault}
      onClose={onClose}
    >
      <Grid>
        <Select
          label="Kind"
          value={draft.kind}
          options={v.WASHER_KINDS}
          words={WASHER_WORDS}
          blank=""
          onChange={(kind) => kind && setDraft({ ...draft, kind })}
        />
        {drum && (
          <>
            <NumberField
              label="Load it is made for, kg"
              what="the kilograms"
              value={draft.capacityKg}
              onChange={(x) => setDraft(withField(draft, 'capacityKg', x))}
            />
            <NumberField
              label="Drum, litres"
              what="the litres"
              value={draft.drumLitres}
              onChange={(x) => setDraft(withField(draft, 'drumLitres', x))}
            />
            <Field>
              Spin speeds it offers, rpm
              <input
                value={spins}
                placeholder="400, 600, 800"
                aria-invalid={spinFault}
                onChange={(e) => {
                  setSpins(e.target.value);
                  const next = e.target.value
                    .split(/[\s,;]+/)
                    .filter(Boolean)
                    .map(Number)
                    .filter((r) => r > 0);
                  setDraft(withField(draft, 'spinRpm', next.length > 0 ? next : undefined));
                }}
              />
              {spinFault && <Note tone="alarm">Write speeds above 0 up to 2000, with commas between.</Note>}
            </Field>
          </>
        )}
      </Grid>
      {drum && (
        <>
          <Cycles
            cycles={draft.cycles ?? []}
            onChange={(cycles) => setDraft(withField(draft, 'cycles', cycles.length > 0 ? cycles : undefined))}
          />
          <AnyOf
            label="What its last loads left in it"
            values={draft.lastLoads ?? []}
            options={v.RESIDUES.map((r) => ({ id: r, name: RESIDUE_WORDS[r] }))}
            onChange={(ids) => setDraft({ ...draft, lastLoads: ids as Residue[] })}
          />
          <Quiet>Finished programmes keep this up to date by themselves; a purge clears it.</Quiet>
        </>
      )}
    </PlaceSheet>
  );
}

/** A dryer, with its settings as they were measured. */
export function DryerSheet({ of, equipment, onClose }: Props<Dryer>) {
  const [draft, setDraft] = useState<Dryer>(of ?? { id: newId('d'), kind: 'vented', heats: [...v.HEATS] });
  const heats = draft.heats ?? v.HEATS;
  return (
    <PlaceSheet
      title={of ? 'Correct the dryer' : 'Which dryer?'}
      list="dryers"
      was={of}
      draft={draft}
      setDraft={setDraft}
      called={DRYER_WORDS[draft.kind]}
      equipment={equipment}
      fault={heats.length === 0}
      onClose={onClose}
    >
      <Grid>
        <Select
          label="Kind"
          value={draft.kind}
          options={v.DRYER_KINDS}
          words={DRYER_WORDS}
          blank=""
          onChange={(kind) => kind && setDraft({ ...draft, kind })}
        />
        <NumberField
          label="Drum, litres"
          what="the litres"
          value={draft.drumLitres}
          onChange={(x) => setDraft(withField(draft, 'drumLitres', x))}
        />
      </Grid>
      <AnyOf
        label="Heats it has"
        values={[...heats]}
        options={v.HEATS.map((h) => ({ id: h, name: HEAT_WORDS[h] }))}
        onChange={(ids) => setDraft({ ...draft, heats: v.HEATS.filter((h) => ids.includes(h)) })}
      />
      <h3>Measured in the drum</h3>
      <Quiet>
        With a thermometer in a cloth bag, after ten minutes. A care label’s low means 60 °C at most, normal 80 °C; a setting that
        measured hotter is not used where the label or the material says less.
      </Quiet>
      <Grid style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(120px, 1fr))' }}>
        {heats.map((heat) => (
          <NumberField
            key={heat}
            label={`${HEAT_WORDS[heat]}, °C`}
            what="the temperature"
            max={150}
            value={draft.heatC?.[heat]}
            onChange={(c) => {
              const heatC = withField(draft.heatC ?? {}, heat, c);
              setDraft(withField(draft, 'heatC', Object.keys(heatC).length > 0 ? heatC : undefined));
            }}
          />
        ))}
      </Grid>
    </PlaceSheet>
  );
}

/** A line, a rack or a flat place. */
export function RackSheet({ of, equipment, onClose }: Props<Rack>) {
  const [draft, setDraft] = useState<Rack>(of ?? { id: newId('r'), kind: 'line' });
  return (
    <PlaceSheet
      title="Where things dry"
      list="racks"
      was={of}
      draft={draft}
      setDraft={setDraft}
      called={RACK_WORDS[draft.kind]}
      equipment={equipment}
      onClose={onClose}
    >
      <OneOf
        label="Kind"
        value={draft.kind}
        options={v.RACK_KINDS.map((id) => ({ id, name: RACK_WORDS[id] }))}
        onChange={(kind) => setDraft({ ...draft, kind: kind as Rack['kind'] })}
      />
      <NumberField
        label="Length of line, m"
        what="the metres"
        value={draft.metres}
        onChange={(x) => setDraft(withField(draft, 'metres', x))}
      />
      <OneOf
        label="Where"
        value={draft.outdoors === undefined ? null : draft.outdoors ? 'out' : 'in'}
        options={[
          { id: 'in', name: 'indoors' },
          { id: 'out', name: 'outdoors' },
        ]}
        onChange={(id) => setDraft({ ...draft, outdoors: id === 'out' })}
      />
    </PlaceSheet>
  );
}

/** An iron, as hot as it really is. */
export function IronSheet({ of, equipment, onClose }: Props<Iron>) {
  const [draft, setDraft] = useState<Iron>(of ?? { id: newId('i') });
  return (
    <PlaceSheet
      title="An iron"
      list="irons"
      was={of}
      draft={draft}
      setDraft={setDraft}
      called="Iron"
      equipment={equipment}
      onClose={onClose}
    >
      <NumberField
        label="Measured at one dot, °C"
        what="the temperature"
        max={260}
        value={draft.oneDotC}
        onChange={(x) => setDraft(withField(draft, 'oneDotC', x))}
      />
      <Quiet>One dot means 110 °C at most. An iron that measured hotter is not used to warm a finish.</Quiet>
    </PlaceSheet>
  );
}
