import { useState, type ReactNode } from 'react';
import { newId } from '../../app/now';
import { notify } from '../../app/session';
import type { Cycle, Dryer, Equipment, Iron, Rack, Residue, Washer } from '../../core/gear';
import * as gear from '../../core/gear';
import { DRYER_WORDS, HEAT_WORDS, RESIDUE_WORDS, WASHER_WORDS } from '../../core/words';
import { RACK_WORDS } from '../../core/words/upkeep';
import { saveEquipment } from '../../data/repo';
import { Note, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { AnyOf, OneOf } from '../../ui/Choices';
import { useRowKeys, withField } from '../../ui/fields';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { Select } from '../../ui/Select';
import { Sheet } from '../../ui/Sheet';
import { Grid } from './parts';
import { DigitsField, TextField } from '../../ui/TextField';
import { useChecked } from '../../app/checked';
import { type Draft, useDraft } from '../../app/draft';
import { Restored } from '../../app/Restored';
import { capital } from '../../core/words/text';
import { type Faults, Form } from '../../ui/Form';
import { BOUNDS } from '../../core/knowledge/bounds';
import type { NumberRange } from '../../core/units/quantity';

type Lists = 'washers' | 'dryers' | 'racks' | 'irons';
interface Props<T> {
  readonly of: T | null;
  readonly equipment: Equipment;
  readonly onClose: () => void;
}

/** Names that have a field in one of these sheets. */
const FIELDS = ['name', 'capacityKg', 'drumLitres', 'metres', 'oneDotC'] as const;
/** Faults of the list by the name of their field: `racks[2].metres` is of `metres`. */
const own = (faults: Faults): Faults =>
  Object.fromEntries(Object.entries(faults).map(([path, text]) => [path.replace(/^\w+\[\d+\]\./, ''), text]));

/** The frame of every such sheet: a name, its own fields, and saving or taking away in one list of the equipment. */
function PlaceSheet<T extends { id: string; name?: string }>({
  title,
  list,
  was,
  sheet,
  called,
  equipment,
  fault = false,
  onClose,
  children,
}: {
  title: string;
  list: Lists;
  was: T | null;
  sheet: Draft<T>;
  /** What it is called without a name of its own. */
  called: string;
  equipment: Equipment;
  fault?: boolean;
  onClose: () => void;
  children: ReactNode;
}) {
  const { draft, setDraft, forget } = sheet;
  const { faults, keep } = useChecked();
  const others = (equipment[list] ?? []) as readonly { id: string }[] as readonly T[];
  const name = draft.name ?? called;
  const write = (rows: readonly T[], said: string): Promise<void> =>
    keep({ list: 'equipment', row: { [list]: rows } }, async () => {
      notify(said, await saveEquipment({ ...equipment, [list]: rows }));
      forget();
      onClose();
    });
  const save = (): Promise<void> =>
    write(was ? others.map((o) => (o.id === draft.id ? sheet.toKeep : o)) : [...others, draft], `${name} is saved.`);
  const leave = (): void => {
    forget();
    onClose();
  };
  return (
    <Sheet title={title} open wide={list === 'washers'} changed={sheet.changed} onClose={leave}>
      <Restored of={sheet} />
      <Form faults={own(faults)} fields={FIELDS} onSubmit={() => !fault && sheet.ready() && void save()}>
        <TextField
          label="Name"
          name="name"
          value={draft.name ?? ''}
          maxLength={200}
          onChange={(text) => setDraft(withField(draft, 'name', (text || undefined) as T['name']))}
        />
        {children}
        <Row $wrap>
          <Button type="submit" isDisabled={fault}>
            Save
          </Button>
          <Button look="quiet" onPress={leave}>
            Leave it
          </Button>
          {was && (
            <TextButton
              onPress={() =>
                void write(
                  others.filter((o) => o.id !== was.id),
                  `${name} is taken off the list.`,
                )
              }
            >
              Take it off the list
            </TextButton>
          )}
        </Row>
      </Form>
    </Sheet>
  );
}

/** How much a drum holds, of a washer or a dryer. */
const Drum = ({ value, onChange }: { value: number | undefined; onChange: (litres: number | undefined) => void }) => (
  <QuantityField
    label="Drum"
    name="drumLitres"
    unit="L"
    what="what the drum holds"
    {...BOUNDS.drumLitres}
    value={value}
    onChange={onChange}
  />
);

function Cycles({ cycles, onChange }: { cycles: readonly Cycle[]; onChange: (cycles: Cycle[]) => void }) {
  const rows = useRowKeys(cycles.length);
  const set = (n: number, next: Cycle): void => onChange(cycles.map((c, i) => (i === n ? next : c)));
  const number = (
    n: number,
    cycle: Cycle,
    key: 'minutes' | 'spinRpm' | 'rinses',
    label: string,
    what: string,
    range: NumberRange,
  ) => <NumberField label={label} what={what} value={cycle[key]} onChange={(x) => set(n, withField(cycle, key, x))} {...range} />;
  return (
    <section aria-label="Programmes">
      <h3>Its programmes</h3>
      {cycles.map((cycle, n) => (
        <Grid key={rows.keys[n]} style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(120px, 1fr))', padding: '8px 0' }}>
          <TextField label="Name" value={cycle.name} maxLength={100} onChange={(text) => set(n, { ...cycle, name: text })} />
          <QuantityField
            label="Washes at"
            unit="°C"
            what="the temperature"
            {...BOUNDS.washC}
            value={cycle.tempC}
            onChange={(x) => set(n, withField(cycle, 'tempC', x))}
          />
          {number(n, cycle, 'minutes', 'Minutes', 'the minutes', BOUNDS.cycleMin)}
          {number(n, cycle, 'spinRpm', 'Spin, rpm', 'the speed', BOUNDS.spinRpm)}
          {number(n, cycle, 'rinses', 'Rinses', 'how many rinses', BOUNDS.rinses)}
          <QuantityField
            label="Water in all"
            unit="L"
            what="the water"
            {...BOUNDS.cycleLitres}
            value={cycle.litres}
            onChange={(x) => set(n, withField(cycle, 'litres', x))}
          />
          <TextButton
            style={{ alignSelf: 'end' }}
            onPress={() => {
              rows.drop(n);
              onChange(cycles.filter((_, i) => i !== n));
            }}
          >
            Take away
          </TextButton>
        </Grid>
      ))}
      <TextButton onPress={() => onChange([...cycles, { name: '' }])}>Add a programme</TextButton>
      {cycles.some((c) => c.name.trim() === '') && <Note tone="alarm">Every programme needs a name.</Note>}
    </section>
  );
}

const speeds = (text: string): number[] =>
  text
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number);

/** A washing machine, tub or basin. */
export function WasherSheet({ of, equipment, onClose }: Props<Washer>) {
  const [blank] = useState<Washer>(() => ({ id: newId('w'), kind: 'front-loader' }));
  const sheet = useDraft(`washer:${of?.id ?? 'new'}`, of ?? blank);
  const { draft, setDraft } = sheet;
  const [spins, setSpins] = useState((of?.spinRpm ?? []).join(', '));
  const spinFault = speeds(spins).some((r) => !(r > 0) || r > 2000);
  const drum = draft.kind !== 'tub' && draft.kind !== 'basin';
  const fault = spinFault || (draft.cycles ?? []).some((c) => c.name.trim() === '');
  return (
    <PlaceSheet
      title={of ? 'Correct the machine or bath' : 'Which machine or bath?'}
      list="washers"
      was={of}
      sheet={sheet}
      called={WASHER_WORDS[draft.kind]}
      equipment={equipment}
      fault={fault}
      onClose={onClose}
    >
      <Grid>
        <Select
          label="Kind"
          value={draft.kind}
          options={gear.WASHER_KINDS}
          words={WASHER_WORDS}
          blank=""
          onChange={(kind) => kind && setDraft({ ...draft, kind })}
        />
        {drum && (
          <>
            <QuantityField
              label="Load it is made for"
              name="capacityKg"
              unit="kg"
              what="the load"
              {...BOUNDS.loadKg}
              value={draft.capacityKg}
              onChange={(x) => setDraft(withField(draft, 'capacityKg', x))}
            />
            <Drum value={draft.drumLitres} onChange={(x) => setDraft(withField(draft, 'drumLitres', x))} />
            <DigitsField
              label="Spin speeds it offers, rpm"
              value={spins}
              placeholder="400, 600, 800"
              fault={spinFault ? 'Write speeds above 0 up to 2000, with commas between.' : null}
              onChange={(text) => {
                setSpins(text);
                const next = speeds(text).filter((r) => r > 0);
                setDraft(withField(draft, 'spinRpm', next.length > 0 ? next : undefined));
              }}
            />
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
            options={gear.RESIDUES.map((r) => ({ id: r, name: RESIDUE_WORDS[r] }))}
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
  const [blank] = useState<Dryer>(() => ({ id: newId('d'), kind: 'vented', heats: [...gear.HEATS] }));
  const sheet = useDraft(`dryer:${of?.id ?? 'new'}`, of ?? blank);
  const { draft, setDraft } = sheet;
  const heats = draft.heats ?? gear.HEATS;
  return (
    <PlaceSheet
      title={of ? 'Correct the dryer' : 'Which dryer?'}
      list="dryers"
      was={of}
      sheet={sheet}
      called={DRYER_WORDS[draft.kind]}
      equipment={equipment}
      fault={heats.length === 0}
      onClose={onClose}
    >
      <Grid>
        <Select
          label="Kind"
          value={draft.kind}
          options={gear.DRYER_KINDS}
          words={DRYER_WORDS}
          blank=""
          onChange={(kind) => kind && setDraft({ ...draft, kind })}
        />
        <Drum value={draft.drumLitres} onChange={(x) => setDraft(withField(draft, 'drumLitres', x))} />
      </Grid>
      <AnyOf
        label="Heats it has"
        values={[...heats]}
        options={gear.HEATS.map((h) => ({ id: h, name: HEAT_WORDS[h] }))}
        onChange={(ids) => setDraft({ ...draft, heats: gear.HEATS.filter((h) => ids.includes(h)) })}
      />
      <h3>Measured in the drum</h3>
      <Quiet>
        With a thermometer in a cloth bag, after ten minutes. A care label’s low means 60 °C at most, normal 80 °C; a setting that
        measured hotter is not used where the label or the material says less.
      </Quiet>
      <Grid style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(120px, 1fr))' }}>
        {heats.map((heat) => (
          <QuantityField
            key={heat}
            label={capital(HEAT_WORDS[heat])}
            unit="°C"
            what="the temperature"
            {...BOUNDS.dryerC}
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
  const [blank] = useState<Rack>(() => ({ id: newId('r'), kind: 'line' }));
  const sheet = useDraft(`rack:${of?.id ?? 'new'}`, of ?? blank);
  const { draft, setDraft } = sheet;
  return (
    <PlaceSheet
      title="Where things dry"
      list="racks"
      was={of}
      sheet={sheet}
      called={RACK_WORDS[draft.kind]}
      equipment={equipment}
      onClose={onClose}
    >
      <OneOf
        label="Kind"
        value={draft.kind}
        options={gear.RACK_KINDS.map((id) => ({ id, name: RACK_WORDS[id] }))}
        onChange={(kind) => setDraft({ ...draft, kind: kind as Rack['kind'] })}
      />
      <QuantityField
        label="Length of line"
        name="metres"
        unit="m"
        what="the length"
        {...BOUNDS.lineM}
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
  const [blank] = useState<Iron>(() => ({ id: newId('i') }));
  const sheet = useDraft(`iron:${of?.id ?? 'new'}`, of ?? blank);
  const { draft, setDraft } = sheet;
  return (
    <PlaceSheet title="An iron" list="irons" was={of} sheet={sheet} called="Iron" equipment={equipment} onClose={onClose}>
      <QuantityField
        label="Measured at one dot"
        name="oneDotC"
        unit="°C"
        what="the temperature"
        {...BOUNDS.ironC}
        value={draft.oneDotC}
        onChange={(x) => setDraft(withField(draft, 'oneDotC', x))}
      />
      <Quiet>One dot means 110 °C at most. An iron that measured hotter is not used to warm a finish.</Quiet>
    </PlaceSheet>
  );
}
