import { useMemo } from 'react';
import { Link } from 'react-router';
import { useKit } from '../../app/kit';
import { workAhead } from '../../app/plan';
import { PATHS, toThing } from '../../app/routes';
import { currencyOf, reckon } from '../../app/worth';
import { minutesText } from '../../core/units';
import { moneyText } from '../../core/units/money';
import { thingName } from '../../core/words';
import { spanText } from '../../core/telling/worth';
import { isStop, type Span } from '../../core/worth';
import { Figure, Page, Quiet } from '../../ui/basics';
import { Crumbs } from '../../ui/Crumbs';
import { FigureTable } from '../../ui/FigureTable';
import type { Kit } from '../../core/gear';

/** All that is restored to be sold, each with what it comes to. */
const reckoned = (kit: Kit) =>
  kit.items.flatMap((item) => (item.worth ? [{ item, worth: item.worth, ...reckon(kit, item, workAhead(kit, item)) }] : []));
type Reckoned = ReturnType<typeof reckoned>[number];

/** Things that are restored to be sold: what is in them, what they leave, where to stop. */
export function WorthList() {
  const kit = useKit();
  const rows = useMemo(() => (kit ? reckoned(kit) : []), [kit]);
  if (!kit) return <Page aria-busy="true" />;
  const { currency, sold, stops, inThem, open, profit, soldMin } = reckoning(kit, rows);
  /** The head of a column names the kit's currency; another one is named beside its figure. */
  const shown = (of: string): string => (of === currency ? '' : of);
  const money = (amount: number, of: string): string => moneyText(amount, of, shown(of));
  const figure = (span: Span | null, of: string): string => (span === null ? '–' : spanText(span, of, shown(of)));
  return (
    <Page>
      <Crumbs trail={[{ to: PATHS.kit, name: 'Kit' }]} here="What the work brings" />
      <h1>
        {rows.length === 0
          ? 'Nothing here is restored to be sold.'
          : sold.length === 0
            ? `${stops === 0 ? 'All of it still pays' : stops === 1 ? 'One thing does not pay any more' : `${stops} things do not pay any more`}: ${moneyText(inThem, currency)} are in ${open.length === 1 ? 'one thing' : `${open.length} things`}.`
            : `${sold.length === 1 ? 'One thing' : `${sold.length} things`} sold: ${moneyText(profit, currency)} left${soldMin > 0 ? `, ${moneyText(profit / (soldMin / 60), currency)} an hour` : ''}.`}
      </h1>
      {rows.length === 0 ? (
        <p>
          Write on a thing’s page, under <em>What it is worth</em>, what it might bring as it was found and after the work; it
          then stands here.
        </p>
      ) : (
        <WorthTable currency={currency} open={open} sold={sold} money={money} figure={figure} />
      )}
      <Quiet>
        Every price between low and high is taken for as likely as any other. Minutes of hands are those of finished programmes.
      </Quiet>
    </Page>
  );
}

/** What is in them and what they left, as far as it is in the money of the kit. */
function reckoning(kit: Kit, rows: readonly Reckoned[]) {
  const currency = currencyOf(kit);
  const sold = rows.flatMap((r) => (r.sold ? [r] : []));
  const inKitsMoney = <R extends { readonly currency: string }>(some: readonly R[]): R[] =>
    some.filter((r) => r.currency === currency);
  const open = rows.filter((r) => !r.sold);
  const profit = inKitsMoney(sold).reduce((sum, r) => sum + (r.sold?.profit ?? 0), 0);
  const soldMin = inKitsMoney(sold).reduce((sum, r) => sum + r.spent.minutes, 0);
  const stops = open.filter((r) => isStop(r.outlook)).length;
  const inThem = inKitsMoney(open).reduce((sum, r) => sum + (r.paid ?? 0) + r.spent.money, 0);
  return { currency, sold, stops, inThem, open, profit, soldMin };
}

/** What each leaves. */
function WorthTable({
  currency,
  open,
  sold,
  money,
  figure,
}: {
  currency: string;
  open: readonly Reckoned[];
  sold: readonly Reckoned[];
  money: (amount: number, of: string) => string;
  figure: (span: Span | null, of: string) => string;
}) {
  return (
    <FigureTable
      label={`What each leaves, ${currency}`}
      rows={[...open, ...sold]}
      rowKey={(r) => r.item.id}
      columns={[
        { id: 'name', head: 'thing', cell: (r) => <Link to={toThing(r.item.id)}>{thingName(r.item)}</Link> },
        {
          id: 'state',
          head: 'state',
          cell: (r) =>
            r.sold ? 'sold' : isStop(r.outlook) ? <strong>stop here</strong> : r.worth.listed ? 'offered' : 'in work',
        },
        {
          id: 'in',
          head: `in it, ${currency}`,
          figure: true,
          desk: true,
          cell: (r) => <Figure>{money((r.paid ?? 0) + r.spent.money, r.currency)}</Figure>,
        },
        {
          id: 'hands',
          head: 'hands, done and ahead',
          figure: true,
          desk: true,
          cell: (r) => (
            <Figure>
              {minutesText(r.spent.minutes)}
              {r.ahead.minutes > 0 ? ` + ${minutesText(r.ahead.minutes)}` : ''}
            </Figure>
          ),
        },
        {
          id: 'leaves',
          head: `leaves, ${currency}`,
          figure: true,
          cell: (r) => <Figure>{r.sold ? money(r.sold.profit, r.currency) : figure(r.outlook.after, r.currency)}</Figure>,
        },
        {
          id: 'hour',
          head: `an hour, ${currency}`,
          figure: true,
          desk: true,
          cell: (r) => (
            <Figure>
              {r.sold
                ? r.sold.perHour === null
                  ? '–'
                  : money(r.sold.perHour, r.currency)
                : figure(r.outlook.perHour, r.currency)}
            </Figure>
          ),
        },
      ]}
    />
  );
}
