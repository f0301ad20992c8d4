import { useOfThing } from '../../app/OfThing';
import type { ReactNode } from 'react';
import { useMemo } from 'react';
import styled from 'styled-components';
import { useChecked } from '../../app/checked';
import { useDraft } from '../../app/draft';
import { today } from '../../app/now';
import { Restored } from '../../app/Restored';
import { notify } from '../../app/session';
import type { Guess, Item, Worth } from '../../core/gear';
import { BOUNDS } from '../../core/knowledge/bounds';
import { thingName } from '../../core/words';
import { saveItem } from '../../data/repo';
import { Fieldset, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { FarDayField } from '../../ui/dates';
import { withField } from '../../ui/fields';
import { Form } from '../../ui/Form';
import { NumberField } from '../../ui/NumberField';
import { Sheet } from '../../ui/Sheet';
import { TextField } from '../../ui/TextField';

/** The figures as they are typed: each by itself, empty where it is not known. */
interface Figures {
  readonly paid?: number;
  readonly boughtOn?: string;
  readonly foundLow?: number;
  readonly foundHigh?: number;
  readonly afterLow?: number;
  readonly afterHigh?: number;
  readonly listed?: number;
  readonly listedOn?: string;
  readonly where?: string;
  readonly sold?: number;
  readonly soldOn?: string;
  readonly fees?: number;
  readonly post?: number;
  readonly to?: string;
}
/** Without the keys that stand for nothing. */
const withoutUnset = <T extends object>(fields: { [K in keyof T]: T[K] | undefined }): T =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined && value !== '')) as T;

const figuresOf = ({ price, boughtOn, worth = {} }: Item): Figures =>
  withoutUnset<Figures>({
    paid: price?.amount,
    boughtOn,
    foundLow: worth.asFound?.low,
    foundHigh: worth.asFound?.high,
    afterLow: worth.after?.low,
    afterHigh: worth.after?.high,
    listed: worth.listed?.amount,
    listedOn: worth.listed?.on,
    where: worth.listed?.where,
    sold: worth.sold?.amount,
    soldOn: worth.sold?.on,
    fees: worth.sold?.fees,
    post: worth.sold?.post,
    to: worth.sold?.to,
  });
/** With one end only, both are that. */
const guess = (low: number | undefined, high: number | undefined): Guess | undefined =>
  low === undefined && high === undefined ? undefined : { low: low ?? (high as number), high: high ?? (low as number) };

function withFigures(item: Item, f: Figures, currency: string): Item {
  const worth = withoutUnset<Worth>({
    asFound: guess(f.foundLow, f.foundHigh),
    after: guess(f.afterLow, f.afterHigh),
    listed: f.listed === undefined ? undefined : withoutUnset({ on: f.listedOn ?? today(), amount: f.listed, where: f.where }),
    sold:
      f.sold === undefined
        ? undefined
        : withoutUnset({ on: f.soldOn ?? today(), amount: f.sold, fees: f.fees, post: f.post, to: f.to }),
  });
  const price = f.paid === undefined ? undefined : { amount: f.paid, currency };
  const priced = withField(withField(item, 'price', price), 'boughtOn', f.boughtOn);
  const valued = withField(priced, 'worth', Object.keys(worth).length > 0 ? worth : undefined);
  // What is sold asks for nothing any more; its record stays.
  return worth.sold && !item.worth?.sold ? withField(valued, 'retiredOn', worth.sold.on) : valued;
}

const Fields = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 12px 16px;
  align-items: flex-start;
`;
const FIELDS = ['price.amount', 'boughtOn', 'worth.asFound.high', 'worth.after.high'] as const;

interface OfFigures<K> {
  readonly of: ReturnType<typeof useDraft<Figures>>;
  readonly field: K;
  readonly label: string;
}
function Money({
  of: { draft, setDraft },
  field,
  label,
  name,
}: OfFigures<Exclude<keyof Figures, 'boughtOn' | 'listedOn' | 'soldOn' | 'where' | 'to'>> & { name?: string }) {
  return (
    <NumberField
      label={label}
      {...(name === undefined ? {} : { name })}
      what="the amount"
      {...BOUNDS.money}
      width={150}
      value={draft[field]}
      onChange={(amount) => setDraft((d) => withField(d, field, amount))}
    />
  );
}
function Day({ of: { draft, setDraft }, field, label }: OfFigures<'boughtOn' | 'listedOn' | 'soldOn'>) {
  return (
    <FarDayField
      label={label}
      {...(field === 'boughtOn' ? { name: field } : {})}
      max={today()}
      width={170}
      value={draft[field]}
      onChange={(on) => setDraft((d) => withField(d, field, on))}
    />
  );
}
function Words({ of: { draft, setDraft }, field, label }: OfFigures<'where' | 'to'>) {
  return (
    <TextField
      label={label}
      maxLength={200}
      width={200}
      value={draft[field] ?? ''}
      onChange={(text) => setDraft((d) => withField(d, field, text || undefined))}
    />
  );
}
/** Fields that belong together, under their name and the money they are in. */
const Group = ({ name, children }: { name: string; children: ReactNode }) => (
  <Fieldset>
    <legend>{name}</legend>
    <Fields>{children}</Fields>
  </Fieldset>
);
/** All of its figures, in the order in which they come. */
function AllFigures({ of, own }: { of: ReturnType<typeof useDraft<Figures>>; own: string }) {
  const says = useOfThing();
  return (
    <>
      <Group name={`Bought, ${own}`}>
        <Money of={of} field="paid" label="Paid" name="price.amount" />
        <Day of={of} field="boughtOn" label="Bought on" />
      </Group>
      <Group name={`${says('What it might bring')}, ${own}`}>
        <Money of={of} field="foundLow" label="As found, low" />
        <Money of={of} field="foundHigh" label="As found, high" name="worth.asFound.high" />
        <Money of={of} field="afterLow" label="After the work, low" />
        <Money of={of} field="afterHigh" label="After the work, high" name="worth.after.high" />
      </Group>
      <Group name={`Offered, ${own}`}>
        <Money of={of} field="listed" label="Offered for" />
        <Day of={of} field="listedOn" label="Offered since" />
        <Words of={of} field="where" label="Where" />
      </Group>
      <Group name={`Sold, ${own}`}>
        <Money of={of} field="sold" label="Sold for" />
        <Day of={of} field="soldOn" label="Sold on" />
        <Money of={of} field="fees" label="Fees" />
        <Money of={of} field="post" label="Post" />
        <Words of={of} field="to" label="To whom" />
      </Group>
    </>
  );
}

/** What was paid, what it might bring, what became of it. */
export default function WorthSheet({ item, currency, onClose }: { item: Item; currency: string; onClose: () => void }) {
  const says = useOfThing();
  const start = useMemo(() => figuresOf(item), [item]);
  const sheet = useDraft<Figures>(`worth:${item.id}`, start);
  const { faults, keep } = useChecked();
  const own = item.price?.currency ?? currency;
  const save = (): Promise<void> => {
    const next = withFigures(item, sheet.toKeep, own);
    return keep({ list: 'items', row: next }, async () => {
      notify(`The figures of ${thingName(item)} are saved.`, await saveItem(next));
      leave();
    });
  };
  const leave = (): void => {
    sheet.forget();
    onClose();
  };
  return (
    <Sheet
      title={`${thingName(item)}: ${says('what was paid, what it brings')}`}
      open
      wide
      changed={sheet.changed}
      onClose={leave}
    >
      <Restored of={sheet} />
      <Form faults={faults} fields={FIELDS} onSubmit={() => sheet.ready() && void save()}>
        <AllFigures of={sheet} own={own} />
        <Quiet>
          Guess honestly: what like things were sold for, not what they were offered for. An empty field is not known.
        </Quiet>
        <Row $wrap>
          <Button type="submit">Save</Button>
          <Button look="quiet" onPress={leave}>
            Leave it
          </Button>
        </Row>
      </Form>
    </Sheet>
  );
}
