import { useState } from 'react';
import styled from 'styled-components';
import { tell } from '../../app/session';
import type { CareLabel, Component, Item } from '../../core/gear';
import * as v from '../../core/gear';
import { envelopeFor } from '../../core/programme';
import { KIND_WORDS, MATERIAL_WORDS, PART_WORDS } from '../../core/words';
import { saveItem } from '../../data/repo';
import { Button, Column, Field, Fieldset, Note, Quiet, Row, TextButton } from '../../ui/basics';
import { AnyOf, OneOf } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { Stack } from '../../ui/Stack';

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
  gap: 12px;
`;
const LayerRow = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr) auto auto;
  gap: 8px;
  align-items: end;
`;

interface SelectProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly options: readonly T[];
  readonly words?: Readonly<Record<string, string>>;
  readonly blank?: string;
  readonly onChange: (value: T | undefined) => void;
}
function Select<T extends string>({ label, value, options, words, blank = 'not recorded', onChange }: SelectProps<T>) {
  return (
    <Field>
      {label}
      <select value={value ?? ''} onChange={(e) => onChange(e.target.value === '' ? undefined : (e.target.value as T))}>
        {blank !== '' && <option value="">{blank}</option>}
        {options.map((o) => (
          <option key={o} value={o}>
            {words?.[o] ?? o.replace(/-/g, ' ')}
          </option>
        ))}
      </select>
    </Field>
  );
}

/** Sets or removes a field: an absent field means unknown. */
function withField<T extends object, K extends keyof T>(record: T, key: K, value: T[K] | undefined): T {
  const next = { ...record };
  if (value === undefined) delete next[key];
  else next[key] = value;
  return next;
}

const WASH_WORDS: Record<string, string> = {
  normal: 'no line',
  mild: 'one line',
  'very-mild': 'two lines',
  hand: 'a hand in the tub',
};
const temps = v.LABEL_WASH_C.map(String);

function LabelEditor({ label, onChange }: { label: CareLabel | null; onChange: (label: CareLabel | null) => void }) {
  if (!label) {
    return (
      <Row $wrap>
        <Note>The label is missing or unreadable.</Note>
        <Button $quiet onClick={() => onChange({})}>
          Copy the label
        </Button>
      </Row>
    );
  }
  const wash = label.wash;
  const set = <K extends keyof CareLabel>(key: K, value: CareLabel[K] | undefined): void =>
    onChange(withField(label, key, value));
  return (
    <Column>
      <Quiet>Copy what is printed; leave out what it does not say.</Quiet>
      <Grid>
        <Select
          label="Tub"
          value={wash ? (wash.allowed ? 'yes' : 'no') : undefined}
          options={['yes', 'no'] as const}
          words={{ yes: 'a tub', no: 'a tub, crossed out' }}
          blank="not printed"
          onChange={(x) => set('wash', x === undefined ? undefined : x === 'yes' ? { allowed: true } : { allowed: false })}
        />
        {wash?.allowed && (
          <Select
            label="Number in the tub"
            value={wash.maxC === undefined ? undefined : String(wash.maxC)}
            options={temps}
            blank="none"
            onChange={(x) => set('wash', withField(wash, 'maxC', x === undefined ? undefined : (Number(x) as 30)))}
          />
        )}
        {wash?.allowed && (
          <Select
            label="Under or in the tub"
            value={wash.action}
            options={v.LABEL_ACTIONS}
            words={WASH_WORDS}
            blank="not looked"
            onChange={(x) => set('wash', withField(wash, 'action', x))}
          />
        )}
        <Select
          label="Triangle"
          value={label.bleach}
          options={v.BLEACHES}
          words={{ any: 'empty', oxygen: 'two lines', none: 'crossed out' }}
          blank="not printed"
          onChange={(x) => set('bleach', x)}
        />
        <Select
          label="Circle in a square"
          value={label.tumble}
          options={v.LABEL_TUMBLES}
          words={{ none: 'crossed out', low: 'one dot', normal: 'two dots' }}
          blank="not printed"
          onChange={(x) => set('tumble', x)}
        />
        <Select
          label="Iron"
          value={label.ironMaxC === undefined ? undefined : String(label.ironMaxC)}
          options={v.LABEL_IRON_C.map(String)}
          words={{ '0': 'crossed out', '110': 'one dot, 110 °C', '150': 'two dots, 150 °C', '200': 'three dots, 200 °C' }}
          blank="not printed"
          onChange={(x) => set('ironMaxC', x === undefined ? undefined : (Number(x) as 0))}
        />
        <Select
          label="Circle"
          value={label.professional}
          options={v.PROFESSIONALS}
          words={{ none: 'crossed out', P: 'P', F: 'F', W: 'W' }}
          blank="not printed"
          onChange={(x) => set('professional', x)}
        />
      </Grid>
      <Row>
        <TextButton onClick={() => onChange(null)}>The label is missing or unreadable</TextButton>
      </Row>
    </Column>
  );
}

/** Correcting a thing: everything that binds it, with the stack following along. */
export function EditItem({ item, onClose }: { item: Item; onClose: () => void }) {
  const [draft, setDraft] = useState<Item>(item);
  const [mass, setMass] = useState(item.massG === undefined ? '' : String(item.massG));
  const set = <K extends keyof Item>(key: K, value: Item[K] | undefined): void => setDraft((d) => withField(d, key, value));
  const setComponent = (index: number, next: Component | null): void =>
    setDraft((d) => ({ ...d, components: d.components.flatMap((c, i) => (i === index ? (next ? [next] : []) : [c])) }));
  const massNumber = mass.trim() === '' ? undefined : Number(mass.replace(',', '.'));
  const massFault = massNumber !== undefined && !(massNumber > 0) ? 'Write the dry weight in grams, as a number above 0.' : null;
  const save = async (): Promise<void> => {
    if (massFault) return;
    const undo = await saveItem(withField(draft, 'massG', massNumber));
    tell(`${draft.name ?? 'It'} is corrected.`, undo);
    onClose();
  };
  return (
    <Sheet title={`Correct ${item.name ?? 'it'}`} open onClose={onClose}>
      <Grid>
        <Field>
          Name
          <input value={draft.name ?? ''} maxLength={200} onChange={(e) => set('name', e.target.value || undefined)} />
        </Field>
        <Field>
          Owner
          <input value={draft.owner ?? ''} maxLength={200} onChange={(e) => set('owner', e.target.value || undefined)} />
        </Field>
        <Field>
          Dry weight, g
          <input inputMode="decimal" value={mass} aria-invalid={massFault !== null} onChange={(e) => setMass(e.target.value)} />
          {massFault && <Note tone="alarm">{massFault}</Note>}
        </Field>
        <Select
          label="Kind"
          value={draft.kind}
          options={v.KINDS}
          words={KIND_WORDS}
          blank=""
          onChange={(x) => x && set('kind', x)}
        />
        <Select label="Size" value={draft.bulk} options={v.BULKS} onChange={(x) => set('bulk', x)} />
        <Select
          label="Colour"
          value={draft.colour?.class}
          options={v.COLOURS}
          onChange={(x) => set('colour', withField(draft.colour ?? {}, 'class', x))}
        />
        <Select
          label="Colour runs"
          value={draft.colour?.bleed}
          options={v.BLEEDS}
          words={{ unknown: 'not tried', safe: 'no', bleeds: 'yes' }}
          onChange={(x) => set('colour', withField(draft.colour ?? {}, 'bleed', x))}
        />
        <Select
          label="Outside sheds water"
          value={draft.repellency}
          options={v.REPELLENCIES}
          words={{ none: 'no', finish: 'by a finish', 'exposed-membrane': 'bare membrane' }}
          onChange={(x) => set('repellency', x)}
        />
        <Select label="Lining" value={draft.lining} options={v.LININGS} onChange={(x) => set('lining', x)} />
      </Grid>
      <Fieldset>
        <legend>Care label</legend>
        <LabelEditor label={draft.label} onChange={(label) => setDraft((d) => ({ ...d, label }))} />
      </Fieldset>
      <Fieldset>
        <legend>Layers</legend>
        {draft.components.map((c, i) => (
          <LayerRow key={i}>
            <Select
              label="Part"
              value={c.part}
              options={v.PARTS}
              words={PART_WORDS}
              blank=""
              onChange={(x) => x && setComponent(i, { ...c, part: x })}
            />
            <Select
              label="Material"
              value={c.material}
              options={v.MATERIALS}
              words={MATERIAL_WORDS}
              blank=""
              onChange={(x) => x && setComponent(i, { ...c, material: x })}
            />
            <Select
              label="Comes out"
              value={c.removable === undefined ? undefined : c.removable ? 'yes' : 'no'}
              options={['yes', 'no'] as const}
              blank="?"
              onChange={(x) => setComponent(i, withField(c, 'removable', x === undefined ? undefined : x === 'yes'))}
            />
            <TextButton aria-label={`Remove ${PART_WORDS[c.part]}`} onClick={() => setComponent(i, null)}>
              Remove
            </TextButton>
          </LayerRow>
        ))}
        <Row>
          <Button
            $quiet
            onClick={() =>
              setDraft((d) => ({ ...d, components: [...d.components, { part: 'lining', material: 'polyamide-woven' }] }))
            }
          >
            Add a layer
          </Button>
        </Row>
        <Stack item={draft} envelope={envelopeFor(draft)} />
      </Fieldset>
      <AnyOf
        label="Fittings"
        values={draft.fittings ?? []}
        options={v.FITTINGS.map((f) => ({ id: f, name: f.replace(/-/g, ' ') }))}
        onChange={(ids) => set('fittings', ids as Item['fittings'])}
      />
      <OneOf
        label="Is it life-safety kit?"
        value={draft.marks?.includes('life-safety') ? 'yes' : 'no'}
        options={[
          { id: 'no', name: 'No' },
          { id: 'yes', name: 'Yes', hint: 'reminders only' },
        ]}
        onChange={(id) =>
          set(
            'marks',
            id === 'yes' ? [...(draft.marks ?? []), 'life-safety'] : (draft.marks ?? []).filter((m) => m !== 'life-safety'),
          )
        }
      />
      <Row>
        <Button onClick={() => void save()} disabled={massFault !== null || draft.components.length === 0}>
          Save
        </Button>
        <Button $quiet onClick={onClose}>
          Leave it as it was
        </Button>
      </Row>
    </Sheet>
  );
}
