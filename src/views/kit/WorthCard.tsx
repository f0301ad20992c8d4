import { Of } from '../../app/OfThing';
import { Said } from '../../ui/said';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import type { Item, Kit } from '../../core/gear';
import { isStop } from '../../core/worth';
import { keptText, leavesOutText, outlookText, professionalText, soldText } from '../../core/telling/worth';
import { minutesText } from '../../core/units';
import { moneyText } from '../../core/units/money';
import { reckon } from '../../app/worth';
import { PATHS, toThing } from '../../app/routes';
import { dayText } from '../../app/time';
import { Note, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import type { Ahead } from '../../core/worth';

const WorthSheet = lazy(() => import('./WorthSheet'));

/** Was it worth it, is the work ahead worth it, what does keeping it cost? */
export function WorthCard({ kit, item, ahead }: { kit: Kit; item: Item; ahead: Ahead }) {
  const [open, setOpen] = useState(false);
  const { currency, paid, spent, ahead: toDo, perHour, sold, outlook, kept } = reckon(kit, item, ahead);
  const { worth = {} } = item;
  const text =
    sold && worth.sold
      ? soldText(sold, spent, worth.sold.amount, currency)
      : outlookText(outlook, perHour, toDo.minutes, currency);
  const keeping = worth.sold ? null : keptText(kept, item.targetYears, currency);
  const left = text || keeping ? leavesOutText(spent, paid !== null) : null;
  const known = [
    ...(paid === null ? [] : [`${moneyText(paid, currency)} paid`]),
    ...(spent.cares === 0
      ? []
      : [
          `${moneyText(spent.money, currency)} and ${spent.minutes > 0 ? minutesText(spent.minutes) : 'no minutes'} of hands recorded for ${spent.cares === 1 ? 'one care' : `${spent.cares} cares`}`,
        ]),
  ];
  return (
    <section aria-labelledby="worth">
      <h2 id="worth">
        <Of>What it is worth</Of>
      </h2>
      {text &&
        (isStop(outlook) ? (
          <Note tone="alarm">{text}</Note>
        ) : (
          <p>
            <Said>{text}</Said>
          </p>
        ))}
      {keeping && (
        <p>
          <Said>{keeping}</Said>
        </p>
      )}
      {!worth.sold && !isStop(outlook) && outlook.professional !== null && toDo.minutes > 0 && (
        <p>
          <Said>{professionalText(outlook.professional, currency)}</Said>
        </p>
      )}
      {worth.listed && !worth.sold && (
        <p>
          Offered since {dayText(worth.listed.on)}
          {worth.listed.where ? `, ${worth.listed.where},` : ''} for {moneyText(worth.listed.amount, currency)}.
        </p>
      )}
      {!text && !keeping && (
        <p>
          <Of>Write down what you paid, and what it might bring, to see whether the work pays.</Of>
        </p>
      )}
      {known.length > 0 && <Quiet as="p">{known.join('; ')}.</Quiet>}
      {left && <Quiet as="p">{left}</Quiet>}
      {text && perHour === null && (
        <Quiet as="p">
          Say <Link to={PATHS.water}>what an hour of your work must earn</Link>, and this tells you when to stop.
        </Quiet>
      )}
      <Row $wrap style={{ marginTop: 8 }}>
        <Button look="quiet" onPress={() => setOpen(true)}>
          <Of>{paid === null && !item.worth ? 'Write down its price' : 'Change its figures'}</Of>
        </Button>
        <Link to={toThing(item.id, 'sale')}>Sale sheet</Link>
      </Row>
      <Suspense fallback={null}>{open && <WorthSheet item={item} currency={currency} onClose={() => setOpen(false)} />}</Suspense>
    </section>
  );
}
