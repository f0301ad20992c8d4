import type { Item, Kit } from '../core/gear';
import { type Ahead, keptOf, type Kept, type Outlook, outlookOf, type Sold, soldOf, spentOn, type Spent } from '../core/worth';
import { today } from './now';

/** The currency in which a kit's money is counted. */
export const currencyOf = (kit: Kit): string => kit.preferences?.currency ?? 'EUR';
/** All that can be said of what a thing costs and brings. */
export interface Reckoned {
  readonly currency: string;
  readonly paid: number | null;
  readonly spent: Spent;
  readonly ahead: Ahead;
  readonly perHour: number | null;
  readonly sold: Sold | null;
  readonly outlook: Outlook;
  readonly kept: Kept;
}
export function reckon(kit: Kit, item: Item, ahead: Ahead): Reckoned {
  const currency = item.price?.currency ?? currencyOf(kit);
  const log = kit.log ?? [];
  const paid = item.price?.amount ?? null;
  // Money of another currency than the kit's is not added up with it.
  const foreign = currency !== currencyOf(kit);
  const all = spentOn(item.id, log);
  const spent = foreign ? { ...all, money: 0, unpriced: all.cares > 0 } : all;
  const perHour = foreign ? null : (kit.preferences?.prices?.hourOfHands ?? null);
  const uses = log.filter((e) => e.type === 'use' && e.itemId === item.id).length;
  const { worth = {} } = item;
  const toDo = worth.sold ? { money: 0, minutes: 0 } : foreign ? { ...ahead, money: 0 } : ahead;
  return {
    currency,
    paid,
    spent,
    ahead: toDo,
    perHour,
    sold: worth.sold ? soldOf(worth.sold, paid, spent) : null,
    outlook: outlookOf({ paid, spent, ahead: toDo, asFound: worth.asFound ?? null, after: worth.after ?? null, perHour }),
    kept: keptOf(item, paid, spent, uses, today()),
  };
}
