import type { Supply } from '../../core/gear';
import * as gear from '../../core/gear';
import { SUPPLY_WORDS, WASHER_WORDS } from '../../core/words';
import { TRAIT_WORDS } from '../../core/words/supplies';
import { Note, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { AnyOf } from '../../ui/Choices';
import { withField } from '../../ui/fields';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { OneSelect } from '../../ui/Select';
import { Sheet } from '../../ui/Sheet';
import { Grid } from './parts';
import { TextField } from '../../ui/TextField';
import { DayField } from '../../ui/dates';
import { Restored } from '../../app/Restored';
import { capital } from '../../core/words/text';
import { Disclosure } from '../../ui/Disclosure';
import { Form } from '../../ui/Form';
import { BOUNDS } from '../../core/knowledge/bounds';
import type { NumberRange } from '../../core/units/quantity';
import { type SupplyDraft, useSupply, withEnd, FIELDS } from './useSupply';

function Volume({
  of: { draft, set },
  label,
  name,
  what,
  range = BOUNDS.bottleMl,
}: {
  of: SupplyDraft;
  label: string;
  name: 'remainingMl' | 'labelDoseMl' | 'capMl' | 'sizeMl';
  what: string;
  range?: NumberRange;
}) {
  return (
    <QuantityField
      label={label}
      name={name}
      unit="mL"
      what={what}
      {...range}
      value={draft[name]}
      onChange={(value) => set(name, value)}
    />
  );
}

/** What it is, and how much of it there is. */
function Held({ of }: { of: SupplyDraft }) {
  const { draft, set, counted } = of;
  return (
    <Grid>
      <OneSelect
        label="What it is"
        value={draft.class}
        options={gear.SUPPLY_CLASSES}
        words={SUPPLY_WORDS}
        onChange={(cls) => set('class', cls)}
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
        <Volume of={of} label="Left in it" name="remainingMl" what="what is left" range={BOUNDS.leftMl} />
      )}
      {!counted && <Volume of={of} label="Held when new" name="sizeMl" what="what it held" />}
    </Grid>
  );
}

/** What its label says of doses. */
function OnLabel({ of }: { of: SupplyDraft }) {
  const { draft, setDraft, set, low, high, upsideDown } = of;
  return (
    <>
      <h3>On its label</h3>
      <Grid>
        <Volume of={of} label="Dose" name="labelDoseMl" what="the dose" />
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
        <Volume of={of} label="Its own cap holds" name="capMl" what="what the cap holds" />
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
  );
}

function Price({ of: { draft, set }, currency }: { of: SupplyDraft; currency: string | undefined }) {
  return (
    <NumberField
      label={`Price of it, ${draft.price?.currency ?? currency ?? 'EUR'}`}
      what="the price"
      {...BOUNDS.bottlePrice}
      value={draft.price?.amount}
      onChange={(amount) =>
        set('price', amount === undefined ? undefined : { amount, currency: draft.price?.currency ?? currency ?? 'EUR' })
      }
    />
  );
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
  const of = useSupply(supply, onClose);
  const { sheet, draft, faults, set, counted, upsideDown, save, leave, takeOut } = of;
  return (
    <Sheet title={supply ? 'Correct it' : 'What do you have?'} open changed={sheet.changed} onClose={leave}>
      <Restored of={sheet} />
      <Form faults={faults} fields={FIELDS} onSubmit={() => !upsideDown && sheet.ready() && void save()}>
        <Held of={of} />
        {!counted && <OnLabel of={of} />}
        <Grid>
          <Price of={of} currency={currency} />
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
          {supply && <TextButton onPress={takeOut}>Take it out of the cupboard</TextButton>}
        </Row>
      </Form>
    </Sheet>
  );
}
