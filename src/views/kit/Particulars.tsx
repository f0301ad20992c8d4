import type { Item } from '../../core/gear';
import * as gear from '../../core/gear';
import { BOUNDS } from '../../core/knowledge/bounds';
import { JOB_WORDS, KIND_WORDS } from '../../core/words';
import { capital } from '../../core/words/text';
import { today } from '../../app/now';
import { FarDayField } from '../../ui/dates';
import { withField } from '../../ui/fields';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { OneSelect, Select } from '../../ui/Select';
import { TextField } from '../../ui/TextField';
import { FieldGrid, isClothLike } from './edit';

/** Sets or removes one field of the thing that is corrected. */
export type SetField = <K extends keyof Item>(key: K, value: Item[K] | undefined) => void;

/** Its dry weight: of a filled thing it proves that it is dry. */
export function DryWeight({ draft, set, autoFocus = false }: { draft: Item; set: SetField; autoFocus?: boolean }) {
  return (
    <QuantityField
      label="Dry weight"
      name="massG"
      autoFocus={autoFocus}
      unit="g"
      value={draft.massG}
      what="the dry weight"
      {...BOUNDS.dryMassG}
      onChange={(n) => set('massG', n)}
    />
  );
}

/** What it is called, whose it is, and what its cloth and finish are like. */
export function Particulars({
  draft,
  set,
  weighed,
}: {
  draft: Item;
  set: SetField;
  /** Its weight was asked before. */
  weighed: boolean;
}) {
  return (
    <FieldGrid>
      {(['name', 'owner'] as const).map((key) => (
        <TextField
          key={key}
          label={capital(key)}
          name={key}
          value={draft[key] ?? ''}
          maxLength={200}
          onChange={(text) => set(key, text || undefined)}
        />
      ))}
      {!weighed && <DryWeight draft={draft} set={set} />}
      <FarDayField
        label="Bought on"
        name="boughtOn"
        max={today()}
        value={draft.boughtOn}
        onChange={(day) => set('boughtOn', day)}
      />
      <OneSelect label="Kind" value={draft.kind} options={gear.KINDS} words={KIND_WORDS} onChange={(x) => set('kind', x)} />
      <Nature draft={draft} set={set} />
      {isClothLike(draft.kind) && (
        <>
          <Select
            label="Job"
            value={draft.jobClass}
            options={gear.JOB_CLASSES}
            words={JOB_WORDS}
            onChange={(x) => set('jobClass', x)}
          />
          <NumberField
            label="How many of it"
            value={draft.count}
            what="how many are kept as one"
            {...BOUNDS.pieces}
            onChange={(n) => set('count', n)}
          />
        </>
      )}
      <Select label="Lining" value={draft.lining} options={gear.LININGS} onChange={(x) => set('lining', x)} />
    </FieldGrid>
  );
}

/** How large it is, its colour and its finish. */
function Nature({ draft, set }: { draft: Item; set: SetField }) {
  return (
    <>
      <Select label="Size" value={draft.bulk} options={gear.BULKS} onChange={(x) => set('bulk', x)} />
      <Select
        label="Colour"
        value={draft.colour?.class}
        options={gear.COLOURS}
        onChange={(x) => set('colour', withField(draft.colour ?? {}, 'class', x))}
      />
      <Select
        label="Colour runs"
        value={draft.colour?.bleed}
        options={gear.BLEEDS}
        words={{ unknown: 'not tried', safe: 'no', bleeds: 'yes' }}
        onChange={(x) => set('colour', withField(draft.colour ?? {}, 'bleed', x))}
      />
      <Select
        label="Outside sheds water"
        value={draft.repellency}
        options={gear.REPELLENCIES}
        words={{ none: 'no', finish: 'by a finish', 'exposed-membrane': 'bare membrane' }}
        onChange={(x) => set('repellency', x)}
      />
      <Select
        label="Finish"
        value={draft.finish}
        options={gear.FINISHES}
        words={{
          unknown: 'not known',
          'long-chain': 'old, long-chain',
          reduced: 'reduced',
          'fluorine-free': 'fluorine-free',
        }}
        onChange={(x) => set('finish', x)}
      />
    </>
  );
}
