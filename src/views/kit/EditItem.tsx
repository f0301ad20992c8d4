import { Said } from '../../ui/said';
import { useMemo } from 'react';
import styled from 'styled-components';
import { useKit } from '../../app/kit';
import { PhotoTaker } from '../../app/PhotoTaker';
import { tell } from '../../app/session';
import { envelopeChanges, type Envelope } from '../../core/envelope';
import type { Item } from '../../core/gear';
import * as v from '../../core/gear';
import { envelopeFor } from '../../core/programme';
import { causeText, DIMENSION_WORDS, JOB_WORDS, KIND_WORDS, limitText, thingName } from '../../core/words';
import { saveItem } from '../../data/repo';
import { Column, Fieldset, Note, Quiet, Row, TwoColumns } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { AnyOf } from '../../ui/Choices';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { Select } from '../../ui/Select';
import { Sheet } from '../../ui/Sheet';
import { Stack } from '../../ui/Stack';
import { phone } from '../../ui/theme';
import { withField } from '../../ui/fields';
import { FieldGrid, isClothLike } from './edit';
import { LabelEditor } from './LabelEditor';
import { LayersEditor } from './LayersEditor';
import { MakerEditor } from './MakerEditor';
import { TextField } from '../../ui/TextField';
import { useChecked } from '../../app/checked';
import { useDraft } from '../../app/draft';
import { today } from '../../app/now';
import { Restored } from '../../app/Restored';
import { FarDayField } from '../../ui/dates';
import { Form } from '../../ui/Form';
import { BOUNDS } from '../../core/knowledge/bounds';
import { capital } from '../../core/words/text';

const Follow = styled.aside`
  position: sticky;
  top: 0;
  display: flex;
  flex-direction: column;
  gap: 16px;
  ${phone} {
    position: static;
  }
`;
const MARK_NAMES: Record<(typeof v.MARKS)[number], { name: string; hint: string }> = {
  'scent-critical': { name: 'Scent matters', hint: 'unscented cleaner, purged machine' },
  heirloom: { name: 'Heirloom', hint: 'the gentler way first' },
  'life-safety': { name: 'Life-safety kit', hint: 'the maker’s word only' },
};

/** Fields of the record that stand here by name. */
const FIELDS = ['name', 'owner', 'massG', 'boughtOn', 'count'] as const;

/** What the corrections move: each limit before and after, and who binds it now. */
function Changes({ before, after }: { before: Envelope; after: Envelope }) {
  const changes = envelopeChanges(before, after);
  return (
    <section aria-live="polite" aria-label="What your corrections move">
      <h3>What your corrections move</h3>
      {changes.length === 0 ? (
        <Quiet>No limit has moved.</Quiet>
      ) : (
        <ul>
          {changes.map(({ dimension, from, to, way, by }) => (
            <li key={dimension}>
              <strong>{DIMENSION_WORDS[dimension]}</strong>{' '}
              <Said>
                {way === 'same' ? limitText(dimension, to) : `${limitText(dimension, from)} → ${limitText(dimension, to)}`}
              </Said>{' '}
              <Quiet>
                {way === 'same' ? 'as before, now' : `${way},`}{' '}
                {by ? `for ${causeText(by.component, by.material, by.fabric)}` : 'nothing binds it'}
              </Quiet>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** Correcting a thing: everything that binds it, with the stack and the moved limits following along. */
export function EditItem({ item, onClose }: { item: Item; onClose: () => void }) {
  const sheet = useDraft<Item>(`item:${item.id}`, item);
  const { draft, setDraft } = sheet;
  const { faults, keep } = useChecked();
  const set = <K extends keyof Item>(key: K, value: Item[K] | undefined): void => setDraft((d) => withField(d, key, value));
  const kit = useKit();
  const alike = (kit?.items ?? []).flatMap((one) =>
    one.id !== item.id && one.kind === draft.kind && one.label !== null
      ? [{ id: one.id, name: thingName(one), label: one.label }]
      : [],
  );
  const before = useMemo(() => envelopeFor(item), [item]);
  const after = useMemo(() => envelopeFor(draft), [draft]);
  const save = (): Promise<void> =>
    keep({ list: 'items', row: sheet.toKeep }, async () => {
      const undo = await saveItem(sheet.toKeep);
      sheet.forget();
      tell(`${draft.name ?? 'It'} is corrected.`, undo);
      onClose();
    });
  const leave = (): void => {
    sheet.forget();
    onClose();
  };
  return (
    <Sheet title={`Correct ${item.name ?? 'it'}`} open wide changed={sheet.changed} onClose={leave}>
      <Restored of={sheet} />
      <Form faults={faults} fields={FIELDS} onSubmit={() => draft.components.length > 0 && sheet.ready() && void save()}>
        <TwoColumns $left={1.5}>
          <Column $gap={24}>
            <Fieldset>
              <legend>Layers, outside first</legend>
              <LayersEditor layers={draft.components} onChange={(components) => set('components', components)} />
              {draft.components.length === 0 && <Note tone="alarm">It needs one layer at least.</Note>}
            </Fieldset>
            <Fieldset>
              <legend>Care label</legend>
              <LabelEditor label={draft.label} alike={alike} onChange={(label) => setDraft((d) => ({ ...d, label }))} />
              <PhotoTaker itemId={item.id} step="its care label" onTaken={() => undefined}>
                Photograph the label
              </PhotoTaker>
            </Fieldset>
            <Fieldset>
              <legend>The maker’s word</legend>
              <MakerEditor
                notes={draft.makerSays ?? []}
                onChange={(notes) => set('makerSays', notes.length > 0 ? notes : undefined)}
              />
            </Fieldset>
            <AnyOf
              label="Fittings"
              values={draft.fittings ?? []}
              options={v.FITTINGS.map((f) => ({ id: f, name: f.replace(/-/g, ' ') }))}
              onChange={(ids) => set('fittings', ids as Item['fittings'])}
            />
            <AnyOf
              label="What is special about it"
              values={draft.marks ?? []}
              options={v.MARKS.map((m) => ({ id: m, ...MARK_NAMES[m] }))}
              onChange={(ids) => set('marks', ids as Item['marks'])}
            />
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
              <QuantityField
                label="Dry weight"
                name="massG"
                unit="g"
                value={draft.massG}
                what="the dry weight"
                {...BOUNDS.dryMassG}
                onChange={(n) => set('massG', n)}
              />
              <FarDayField
                label="Bought on"
                name="boughtOn"
                max={today()}
                value={draft.boughtOn}
                onChange={(day) => set('boughtOn', day)}
              />
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
              <Select
                label="Finish"
                value={draft.finish}
                options={v.FINISHES}
                words={{
                  unknown: 'not known',
                  'long-chain': 'old, long-chain',
                  reduced: 'reduced',
                  'fluorine-free': 'fluorine-free',
                }}
                onChange={(x) => set('finish', x)}
              />
              {isClothLike(draft.kind) && (
                <>
                  <Select
                    label="Job"
                    value={draft.jobClass}
                    options={v.JOB_CLASSES}
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
              <Select label="Lining" value={draft.lining} options={v.LININGS} onChange={(x) => set('lining', x)} />
            </FieldGrid>
          </Column>
          <Follow>
            <Stack item={draft} envelope={after} />
            <Changes before={before} after={after} />
            <Row $wrap>
              <Button type="submit" isDisabled={draft.components.length === 0}>
                Save
              </Button>
              <Button look="quiet" onPress={leave}>
                Leave it as it was
              </Button>
            </Row>
          </Follow>
        </TwoColumns>
      </Form>
    </Sheet>
  );
}
