import { Of, useOfThing } from '../../app/OfThing';
import { Said } from '../../ui/said';
import { memo, useCallback, useDeferredValue, useMemo } from 'react';
import styled from 'styled-components';
import { useKit } from '../../app/kit';
import { PhotoTaker } from '../../app/PhotoTaker';
import { notify } from '../../app/session';
import { envelopeChanges, type Envelope } from '../../core/envelope';
import type { Component, Item } from '../../core/gear';
import * as gear from '../../core/gear';
import { envelopeFor } from '../../core/programme';
import { causeText, DIMENSION_WORDS, limitText, thingName } from '../../core/words';
import { saveItem } from '../../data/repo';
import { Column, Fieldset, Note, Quiet, Row, TwoColumns } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { AnyOf } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { Stack } from '../../ui/Stack';
import { phone } from '../../ui/theme';
import { withField } from '../../ui/fields';
import { DryWeight, Particulars, type SetField } from './Particulars';
import { LabelEditor } from './LabelEditor';
import { LayersEditor } from './LayersEditor';
import { MakerEditor } from './MakerEditor';
import { useChecked } from '../../app/checked';
import { useDraft } from '../../app/draft';
import { Restored } from '../../app/Restored';
import { Form } from '../../ui/Form';

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
const MARK_NAMES: Record<(typeof gear.MARKS)[number], { name: string; hint: string }> = {
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

/** Its layers with their limits as they are corrected, and what that moves. */
const Moved = memo(function Moved({ item, before, after }: { item: Item; before: Envelope; after: Envelope }) {
  return (
    <>
      <Stack item={item} envelope={after} />
      <Changes before={before} after={after} />
    </>
  );
});

/** Correcting a thing: everything that binds it, with the stack and the moved limits following along. */
export function EditItem({ item, onClose }: { item: Item; onClose: () => void }) {
  const { sheet, leave, faults, draft, save, filled, set, setLayers, alike, setLabel, drawn, before, after } = useEdited(
    item,
    onClose,
  );
  return (
    <Sheet title={`Correct ${item.name ?? 'it'}`} open wide changed={sheet.changed} onClose={leave}>
      <Restored of={sheet} />
      <Form faults={faults} fields={FIELDS} onSubmit={() => draft.components.length > 0 && sheet.ready() && void save()}>
        <TwoColumns $left={1.5}>
          <Column $gap={24}>
            {filled && <DryWeight draft={draft} set={set} autoFocus={item.massG === undefined} />}
            <Editors draft={draft} setLayers={setLayers} alike={alike} setLabel={setLabel} item={item} set={set} />
            <Particulars draft={draft} set={set} weighed={filled} />
          </Column>
          <Follow>
            <Moved item={drawn} before={before} after={after} />
            <Row $wrap>
              <Button type="submit" isDisabled={draft.components.length === 0}>
                Save
              </Button>
              <Button look="quiet" onPress={leave}>
                <Of>Leave it as it was</Of>
              </Button>
            </Row>
          </Follow>
        </TwoColumns>
      </Form>
    </Sheet>
  );
}

/** A thing that is being corrected, and what follows from it. */
function useEdited(item: Item, onClose: () => void) {
  const sheet = useDraft<Item>(`item:${item.id}`, item);
  const { draft, setDraft } = sheet;
  const { faults, keep } = useChecked();
  const set: SetField = useCallback((key, value) => setDraft((d) => withField(d, key, value)), [setDraft]);
  const kit = useKit();
  const alike = useMemo(
    () =>
      (kit?.items ?? []).flatMap((one) =>
        one.id !== item.id && one.kind === draft.kind && one.label !== null
          ? [{ id: one.id, name: thingName(one), label: one.label }]
          : [],
      ),
    [kit, item.id, draft.kind],
  );
  // Its layers and limits follow a moment later than the letters that are typed.
  const drawn = useDeferredValue(draft);
  const setLayers = useCallback((components: Component[]) => set('components', components), [set]);
  const setLabel = useCallback((label: Item['label']) => setDraft((d) => ({ ...d, label })), [setDraft]);
  const filled = item.components.some((c) => c.part === 'fill');
  const before = useMemo(() => envelopeFor(item), [item]);
  const after = useMemo(() => envelopeFor(drawn), [drawn]);
  const save = (): Promise<void> =>
    keep({ list: 'items', row: sheet.toKeep }, async () => {
      const undo = await saveItem(sheet.toKeep);
      sheet.forget();
      notify(`${draft.name ?? 'It'} is corrected.`, undo);
      onClose();
    });
  const leave = (): void => {
    sheet.forget();
    onClose();
  };
  return { sheet, leave, faults, draft, save, filled, set, setLayers, alike, setLabel, drawn, before, after };
}

/** Its layers, its labels, and what is special about it. */
function Editors({
  draft,
  setLayers,
  alike,
  setLabel,
  item,
  set,
}: {
  draft: Item;
  setLayers: (components: Component[]) => void;
  alike: { id: string; name: string; label: gear.CareLabel }[];
  setLabel: (label: gear.CareLabel | null) => void;
  item: Item;
  set: SetField;
}) {
  const says = useOfThing();
  return (
    <>
      <Fieldset>
        <legend>Layers, outside first</legend>
        <LayersEditor layers={draft.components} onChange={setLayers} />
        {draft.components.length === 0 && <Note tone="alarm">{says('It needs one layer at least.')}</Note>}
      </Fieldset>
      <Fieldset>
        <legend>Care label</legend>
        <LabelEditor label={draft.label} alike={alike} onChange={setLabel} />
        <PhotoTaker itemId={item.id} step="its care label" onTaken={() => undefined}>
          Photograph the label
        </PhotoTaker>
      </Fieldset>
      <Fieldset>
        <legend>The maker’s word</legend>
        <MakerEditor notes={draft.makerSays ?? []} onChange={(notes) => set('makerSays', notes.length > 0 ? notes : undefined)} />
      </Fieldset>
      <AnyOf
        label="Fittings"
        values={draft.fittings ?? []}
        options={gear.FITTINGS.map((f) => ({ id: f, name: f.replace(/-/g, ' ') }))}
        onChange={(ids) => set('fittings', ids as Item['fittings'])}
      />
      <AnyOf
        label={says('What is special about it')}
        values={draft.marks ?? []}
        options={gear.MARKS.map((m) => ({ id: m, ...MARK_NAMES[m] }))}
        onChange={(ids) => set('marks', ids as Item['marks'])}
      />
    </>
  );
}
