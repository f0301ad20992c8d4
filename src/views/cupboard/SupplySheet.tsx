import { useState } from 'react';
import { newId } from '../../app/now';
import { tell } from '../../app/session';
import type { Supply } from '../../core/gear';
import * as v from '../../core/gear';
import { SUPPLY_WORDS, WASHER_WORDS } from '../../core/words';
import { TRAIT_WORDS } from '../../core/words/supplies';
import { deleteSupply, saveSupply } from '../../data/repo';
import { Button, Field, Note, Quiet, Row, TextButton } from '../../ui/basics';
import { AnyOf } from '../../ui/Choices';
import { withField } from '../../ui/fields';
import { hasFault } from '../../ui/form';
import { NumberField, Select } from '../../ui/Select';
import { Sheet } from '../../ui/Sheet';
import { Grid } from './parts';

const COUNTED = new Set<Supply['class']>(['dryer-balls', 'felt-balls', 'melamine-sponge', 'dryer-sheets']);
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
  const [draft, setDraft] = useState<Supply>(supply ?? { id: newId('s'), class: 'down-cleaner' });
  const set = <K extends keyof Supply>(key: K, value: Supply[K] | undefined): void => setDraft((d) => withField(d, key, value));
  const counted = COUNTED.has(draft.class);
  const [low, high] = draft.labelDoseRangeMl ?? [];
  const upsideDown = low !== undefined && high !== undefined && low > high;
  const save = async (): Promise<void> => {
    let next: Supply = { ...draft };
    for (const key of LOOSE_KEYS) if (counted) delete next[key];
    if (!counted) next = withField(next, 'remainingCount', undefined);
    tell(`${next.name ?? SUPPLY_WORDS[next.class]} is in the cupboard.`, await saveSupply(next));
    onClose();
  };
  const number = (
    label: string,
    key: 'remainingMl' | 'labelDoseMl' | 'capMl' | 'sizeMl' | 'remainingCount' | 'concentrationPercent',
    what: string,
    rest = {},
  ) => <NumberField label={label} what={what} value={draft[key]} onChange={(value) => set(key, value)} {...rest} />;
  return (
    <Sheet title={supply ? 'Correct it' : 'What do you have?'} open onClose={onClose}>
      <Grid>
        <Select
          label="What it is"
          value={draft.class}
          options={v.SUPPLY_CLASSES}
          words={SUPPLY_WORDS}
          blank=""
          onChange={(cls) => cls && set('class', cls)}
        />
        <Field>
          Your name for it
          <input value={draft.name ?? ''} maxLength={200} onChange={(e) => set('name', e.target.value || undefined)} />
        </Field>
        {counted
          ? number('How many', 'remainingCount', 'how many there are', { zero: true })
          : number('Left in it, mL', 'remainingMl', 'what is left in millilitres', { zero: true })}
        {!counted && number('Held when new, mL', 'sizeMl', 'what it held in millilitres')}
      </Grid>
      {!counted && (
        <>
          <h3>On its label</h3>
          <Grid>
            {number('Dose, mL', 'labelDoseMl', 'the dose in millilitres')}
            <NumberField
              label="Range from, mL"
              what="the lower end"
              value={low}
              onChange={(x) => setDraft((d) => withEnd(d, 0, x))}
            />
            <NumberField
              label="Range to, mL"
              what="the upper end"
              value={high}
              onChange={(x) => setDraft((d) => withEnd(d, 1, x))}
            />
            {number('Its own cap holds, mL', 'capMl', 'what the cap holds')}
            {number('Strength, %', 'concentrationPercent', 'the strength', { zero: true, max: 100 })}
          </Grid>
          {upsideDown && <Note tone="alarm">The lower end of the range is above the upper one.</Note>}
          <details open={Object.keys(draft.labelDoseByWasher ?? {}).length > 0}>
            <summary style={{ minHeight: 32, cursor: 'pointer' }}>Other doses by machine</summary>
            <Grid>
              {v.WASHER_KINDS.map((kind) => (
                <NumberField
                  key={kind}
                  label={`${WASHER_WORDS[kind]}, mL`}
                  what="the dose for it"
                  value={draft.labelDoseByWasher?.[kind]}
                  onChange={(ml) => set('labelDoseByWasher', withField(draft.labelDoseByWasher ?? {}, kind, ml))}
                />
              ))}
            </Grid>
          </details>
        </>
      )}
      <Grid>
        <NumberField
          label={`Price of it, ${draft.price?.currency ?? currency ?? 'EUR'}`}
          what="the price"
          zero
          value={draft.price?.amount}
          onChange={(amount) =>
            set('price', amount === undefined ? undefined : { amount, currency: draft.price?.currency ?? currency ?? 'EUR' })
          }
        />
        <Field>
          Good until
          <input type="date" value={draft.expiresOn ?? ''} onChange={(e) => set('expiresOn', e.target.value || undefined)} />
        </Field>
      </Grid>
      <AnyOf
        label="It says"
        values={draft.traits ?? []}
        options={v.SUPPLY_TRAITS.map((id) => ({ id, name: TRAIT_WORDS[id] }))}
        onChange={(ids) => set('traits', ids.length > 0 ? (ids as v.SupplyTrait[]) : undefined)}
      />
      <Quiet>What you leave open stays unknown: without an amount left, there is taken to be enough.</Quiet>
      <Row $wrap>
        <Button disabled={upsideDown} onClick={(e) => !hasFault(e) && void save()}>
          Save
        </Button>
        <Button $quiet onClick={onClose}>
          Leave it
        </Button>
        {supply && (
          <TextButton
            onClick={() => {
              void deleteSupply(supply.id).then((undo) =>
                tell(`${supply.name ?? SUPPLY_WORDS[supply.class]} is out of the cupboard.`, undo),
              );
              onClose();
            }}
          >
            Take it out of the cupboard
          </TextButton>
        )}
      </Row>
    </Sheet>
  );
}
