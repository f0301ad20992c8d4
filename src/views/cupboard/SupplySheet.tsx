import { useState } from 'react';
import { newId } from '../../app/now';
import { notify } from '../../app/session';
import type { Supply } from '../../core/gear';
import * as gear from '../../core/gear';
import { SUPPLY_WORDS, WASHER_WORDS } from '../../core/words';
import { TRAIT_WORDS } from '../../core/words/supplies';
import { deleteSupply, saveSupply } from '../../data/repo';
import { Note, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { AnyOf } from '../../ui/Choices';
import { withField } from '../../ui/fields';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { Select } from '../../ui/Select';
import { Sheet } from '../../ui/Sheet';
import { Grid } from './parts';
import { TextField } from '../../ui/TextField';
import { DayField } from '../../ui/dates';
import { useChecked } from '../../app/checked';
import { useDraft } from '../../app/draft';
import { Restored } from '../../app/Restored';
import { capital } from '../../core/words/text';
import { Disclosure } from '../../ui/Disclosure';
import { Form } from '../../ui/Form';
import { BOUNDS } from '../../core/knowledge/bounds';
import type { NumberRange } from '../../core/units/quantity';

const COUNTED = new Set<Supply['class']>(['dryer-balls', 'felt-balls', 'melamine-sponge', 'dryer-sheets']);
const FIELDS = [
  'remainingMl',
  'labelDoseMl',
  'capMl',
  'sizeMl',
  'remainingCount',
  'concentrationPercent',
  'expiresOn',
  'name',
] as const;
const LOOSE_KEYS = [
  'remainingMl',
  'labelDoseMl',
  'labelDoseRangeMl',
  'labelDoseByWasher',
  'capMl',
  'sizeMl',
  'concentrationPercent',
] as const;

/** One end of the label's range; the other one stays. A range with one end only is none. */
function withEnd(supply: Supply, end: 0 | 1, value: number | undefined): Supply {
  const [low, high] = supply.labelDoseRangeMl ?? [];
  const ends = end === 0 ? [value, high] : [low, value];
  const [a, b] = [ends[0] ?? ends[1], ends[1] ?? ends[0]];
  return withField(supply, 'labelDoseRangeMl', a === undefined || b === undefined || value === undefined ? undefined : [a, b]);
}

/** One bottle, box or set: corrected, or new. */
export function SupplySheet({
  supply,
  currency,
  onClose,
}: {
  supply: Supply | null;
  currency: string | undefined;
  onClose: () => void;
}) {
  const [blank] = useState<Supply>(() => ({ id: newId('s'), class: 'down-cleaner' }));
  const sheet = useDraft(`supply:${supply?.id ?? 'new'}`, supply ?? blank);
  const { draft, setDraft } = sheet;
  const { faults, keep } = useChecked();
  const set = <K extends keyof Supply>(key: K, value: Supply[K] | undefined): void => setDraft((d) => withField(d, key, value));
  const counted = COUNTED.has(draft.class);
  const [low, high] = draft.labelDoseRangeMl ?? [];
  const upsideDown = low !== undefined && high !== undefined && low > high;
  const save = async (): Promise<void> => {
    let next: Supply = { ...sheet.toKeep };
    for (const key of LOOSE_KEYS) if (counted) delete next[key];
    if (!counted) next = withField(next, 'remainingCount', undefined);
    await keep({ list: 'supplies', row: next }, async () => {
      notify(`${next.name ?? SUPPLY_WORDS[next.class]} is in the cupboard.`, await saveSupply(next));
      leave();
    });
  };
  const leave = (): void => {
    sheet.forget();
    onClose();
  };
  const volume = (
    label: string,
    key: 'remainingMl' | 'labelDoseMl' | 'capMl' | 'sizeMl',
    what: string,
    range: NumberRange = BOUNDS.bottleMl,
  ) => (
    <QuantityField
      label={label}
      name={key}
      unit="mL"
      what={what}
      {...range}
      value={draft[key]}
      onChange={(value) => set(key, value)}
    />
  );
  return (
    <Sheet title={supply ? 'Correct it' : 'What do you have?'} open changed={sheet.changed} onClose={leave}>
      <Restored of={sheet} />
      <Form faults={faults} fields={FIELDS} onSubmit={() => !upsideDown && sheet.ready() && void save()}>
        <Grid>
          <Select
            label="What it is"
            value={draft.class}
            options={gear.SUPPLY_CLASSES}
            words={SUPPLY_WORDS}
            blank=""
            onChange={(cls) => cls && set('class', cls)}
          />
          <TextField
            label="Your name for it"
            value={draft.name ?? ''}
            maxLength={200}
            onChange={(text) => set('name', text || undefined)}
          />
          {counted ? (
            <NumberField
              label="How many"
              name="remainingCount"
              what="how many there are"
              {...BOUNDS.leftPieces}
              value={draft.remainingCount}
              onChange={(n) => set('remainingCount', n)}
            />
          ) : (
            volume('Left in it', 'remainingMl', 'what is left', BOUNDS.leftMl)
          )}
          {!counted && volume('Held when new', 'sizeMl', 'what it held')}
        </Grid>
        {!counted && (
          <>
            <h3>On its label</h3>
            <Grid>
              {volume('Dose', 'labelDoseMl', 'the dose')}
              <QuantityField
                label="Range from"
                unit="mL"
                what="the lower end"
                value={low}
                onChange={(x) => setDraft((d) => withEnd(d, 0, x))}
              />
              <QuantityField
                label="Range to"
                unit="mL"
                what="the upper end"
                value={high}
                onChange={(x) => setDraft((d) => withEnd(d, 1, x))}
              />
              {volume('Its own cap holds', 'capMl', 'what the cap holds')}
              <NumberField
                label="Strength, %"
                name="concentrationPercent"
                what="the strength"
                {...BOUNDS.percent}
                value={draft.concentrationPercent}
                onChange={(n) => set('concentrationPercent', n)}
              />
            </Grid>
            {upsideDown && <Note tone="alarm">The lower end of the range is above the upper one.</Note>}
            <Disclosure title="Other doses by machine" open={Object.keys(draft.labelDoseByWasher ?? {}).length > 0}>
              <Grid>
                {gear.WASHER_KINDS.map((kind) => (
                  <QuantityField
                    key={kind}
                    label={capital(WASHER_WORDS[kind])}
                    unit="mL"
                    {...BOUNDS.bottleMl}
                    what="the dose for it"
                    value={draft.labelDoseByWasher?.[kind]}
                    onChange={(ml) => set('labelDoseByWasher', withField(draft.labelDoseByWasher ?? {}, kind, ml))}
                  />
                ))}
              </Grid>
            </Disclosure>
          </>
        )}
        <Grid>
          <NumberField
            label={`Price of it, ${draft.price?.currency ?? currency ?? 'EUR'}`}
            what="the price"
            {...BOUNDS.bottlePrice}
            value={draft.price?.amount}
            onChange={(amount) =>
              set('price', amount === undefined ? undefined : { amount, currency: draft.price?.currency ?? currency ?? 'EUR' })
            }
          />
          <DayField label="Good until" name="expiresOn" value={draft.expiresOn} onChange={(day) => set('expiresOn', day)} />
        </Grid>
        <AnyOf
          label="It says"
          values={draft.traits ?? []}
          options={gear.SUPPLY_TRAITS.map((id) => ({ id, name: TRAIT_WORDS[id] }))}
          onChange={(ids) => set('traits', ids.length > 0 ? (ids as gear.SupplyTrait[]) : undefined)}
        />
        <Quiet>What you leave open stays unknown: without an amount left, there is taken to be enough.</Quiet>
        <Row $wrap>
          <Button type="submit" isDisabled={upsideDown}>
            Save
          </Button>
          <Button look="quiet" onPress={leave}>
            Leave it
          </Button>
          {supply && (
            <TextButton
              onPress={() => {
                void deleteSupply(supply.id).then((undo) =>
                  notify(`${supply.name ?? SUPPLY_WORDS[supply.class]} is out of the cupboard.`, undo),
                );
                leave();
              }}
            >
              Take it out of the cupboard
            </TextButton>
          )}
        </Row>
      </Form>
    </Sheet>
  );
}
