import { useMemo } from 'react';
import { Link } from 'react-router';
import { today } from '../../app/now';
import { toLabels, toThing } from '../../app/routes';
import { notify } from '../../app/session';
import { dayText, whenText } from '../../app/time';
import type { Item, Kit } from '../../core/gear';
import { lastsUntil, swapOf, type UsualCare } from '../../core/season';
import { thingName } from '../../core/words';
import { howMany } from '../../core/words/text';
import { changeItems } from '../../data/repo';
import { Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { Disclosure } from '../../ui/Disclosure';
import { FigureTable } from '../../ui/FigureTable';

/** Things that were not used for a season are asked about again after another one. */
async function keep(item: Item): Promise<void> {
  notify(`${thingName(item)} is kept; it is asked about again in a year.`, await changeItems([{ ...item, keptOn: today() }]));
}
async function putAway(items: readonly Item[]): Promise<void> {
  const undo = await changeItems(items.map((item) => ({ ...item, archivedOn: today() })));
  notify(
    `${howMany(items.length, 'thing is', 'things are')} put away: ${items.length === 1 ? 'it asks' : 'they ask'} for nothing until you bring ${items.length === 1 ? 'it' : 'them'} back.`,
    undo,
  );
}

/** What goes out with the season and how it is kept, what comes in, and what nobody used. */
export function Swapped({ kit, usual }: { kit: Kit; usual: Readonly<Record<string, UsualCare>> }) {
  const swap = useMemo(() => swapOf(kit, today()), [kit]);
  const away = kit.items.filter((i) => i.archivedOn && !i.retiredOn);
  const { out, unused } = swap;
  if (out.length + swap.in.length + unused.length + away.length === 0) return null;
  return (
    <section aria-labelledby="swap">
      <h2 id="swap">Out of season, and in</h2>
      {out.length > 0 && (
        <>
          <h3 style={{ marginTop: 16 }}>Goes out: nobody used it lately, nor in these weeks a year ago</h3>
          <ul>
            {out.map(({ item, lastUse }) => (
              <li key={item.id} style={{ padding: '4px 0' }}>
                <Link to={toThing(item.id)}>{thingName(item)}</Link> <Quiet>last used {whenText(lastUse)}</Quiet>
                {usual[item.id]?.store && <Disclosure title="How it is kept">{usual[item.id]?.store}</Disclosure>}
              </li>
            ))}
          </ul>
          <Row $wrap>
            <Button look="quiet" onPress={() => void putAway(out.map((o) => o.item))}>
              Put {howMany(out.length, 'thing')} away
            </Button>
            <Link to={toLabels(out.map((o) => o.item.id))}>Labels for their boxes, with pictures</Link>
          </Row>
        </>
      )}
      {swap.in.length > 0 && (
        <>
          <h3 style={{ marginTop: 16 }}>Comes in: it was used in these weeks a year ago</h3>
          <ul>
            {swap.in.map(({ item }) => (
              <li key={item.id} style={{ padding: '4px 0' }}>
                <Link to={toThing(item.id, 'look-over')}>{thingName(item)}</Link> <Quiet>look it over before its first use</Quiet>
              </li>
            ))}
          </ul>
        </>
      )}
      {away.length > 0 && (
        <Disclosure title={`Put away: ${howMany(away.length, 'thing')}`}>
          <ul>
            {away.map((item) => (
              <li key={item.id} style={{ padding: '4px 0' }}>
                <Link to={toThing(item.id)}>{thingName(item)}</Link> <Quiet>since {dayText(item.archivedOn ?? '')}</Quiet>
              </li>
            ))}
          </ul>
        </Disclosure>
      )}
      {unused.length > 0 && (
        <>
          <h3 style={{ marginTop: 16 }}>Not used for a whole year: sell, lend, give away or keep?</h3>
          <ul>
            {unused.map(({ item, lastUse }) => (
              <li key={item.id} style={{ padding: '4px 0' }}>
                <Link to={toThing(item.id)}>{thingName(item)}</Link>{' '}
                <Quiet>{lastUse === null ? 'no use of it was ever written down' : `last used ${whenText(lastUse)}`}</Quiet>{' '}
                <Link to={toThing(item.id, 'sale')}>Sell it</Link> <Link to={`${toThing(item.id)}?life=lend`}>Lend it</Link>{' '}
                <Link to={`${toThing(item.id)}?life=given-away`}>Give it away</Link>{' '}
                <TextButton onPress={() => void keep(item)} aria-label={`Keep it: ${thingName(item)}`}>
                  Keep it
                </TextButton>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

/** How long each thing is meant to last, and how much of it is left. */
export function Lifetimes({ kit }: { kit: Kit }) {
  const now = today();
  const rows = kit.items
    .filter((i) => !i.retiredOn)
    .flatMap((item) => {
      const until = lastsUntil(item);
      return until === null ? [] : [{ item, until }];
    })
    .sort((a, b) => (a.until < b.until ? -1 : 1));
  if (rows.length === 0) return null;
  return (
    <section aria-labelledby="lifetimes">
      <h2 id="lifetimes">Meant to last</h2>
      <FigureTable
        label="How long things are meant to last"
        rows={rows}
        rowKey={(r) => r.item.id}
        columns={[
          { id: 'thing', head: 'Thing', cell: (r) => <Link to={toThing(r.item.id)}>{thingName(r.item)}</Link> },
          { id: 'bought', head: 'Bought', cell: (r) => dayText(r.item.boughtOn ?? '') },
          { id: 'years', head: 'Meant for', figure: true, cell: (r) => `${r.item.targetYears} years` },
          {
            id: 'until',
            head: 'Until',
            cell: (r) => (r.until > now ? dayText(r.until) : `${dayText(r.until)}: it has lasted that long`),
          },
        ]}
      />
    </section>
  );
}
