import { type Props, PlaceSheet } from './PlaceSheet';
import { useState } from 'react';
import { newId } from '../../app/now';
import type { Cycle, Residue, Washer } from '../../core/gear';
import * as gear from '../../core/gear';
import { RESIDUE_WORDS, WASHER_WORDS } from '../../core/words';
import { Note, Quiet } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { AnyOf } from '../../ui/Choices';
import { useRowKeys, withField } from '../../ui/fields';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { OneSelect } from '../../ui/Select';
import { Grid } from './parts';
import { DigitsField, TextField } from '../../ui/TextField';
import { useDraft } from '../../app/draft';
import { BOUNDS } from '../../core/knowledge/bounds';
import type { NumberRange } from '../../core/units/quantity';

/** How much a drum holds, of a washer or a dryer. */
export const Drum = ({ value, onChange }: { value: number | undefined; onChange: (litres: number | undefined) => void }) => (
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
        <OneSelect
          label="Kind"
          value={draft.kind}
          options={gear.WASHER_KINDS}
          words={WASHER_WORDS}
          onChange={(kind) => setDraft({ ...draft, kind })}
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
