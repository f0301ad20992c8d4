import { Said } from '../../ui/said';
import styled from 'styled-components';
import { HIRED_WORDS, hoursText, momentText } from '../../core/telling/wash-day';
import type { Costs, DayWish, Remedy, WashDay } from '../../core/washday';
import { SUPPLY_WORDS } from '../../core/words';
import { Column, Figure, Note, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { Disclosure } from '../../ui/Disclosure';
import { phone } from '../../ui/theme';

/** What the day comes to. It keeps its height while better days are found: what is below is read meanwhile. */
export const Verdict = styled.h1`
  min-height: 2.4em;
  ${phone} {
    min-height: 6em;
  }
`;
/** Water, energy, money and hands; money only of what has a price. */
function Figures({ of: { waterL, kWh, money, unpriced, hours } }: { of: Costs }) {
  return (
    <>
      <Figure>{waterL} L</Figure> of water, <Figure>{kWh.toFixed(1)} kWh</Figure>
      {money && (
        <>
          ,{' '}
          <Figure>
            {money.amount.toFixed(2)} {money.currency}
          </Figure>
          {unpriced ? ' for what has a price' : ''}
        </>
      )}
      <Said>{hours === undefined ? '' : ` and ${hoursText(hours * 60)} of hands`}</Said>.
    </>
  );
}

/** What it takes against one thing after the other, and what must be bought for it. */
export function Saved({ day }: { day: WashDay }) {
  const { takes, oneByOne } = day;
  return (
    <section aria-label="Energy, water and money">
      <h2>Energy, water and money</h2>
      <p>
        <Figures of={takes} />{' '}
        <Quiet>
          One thing after the other it would be <Figures of={oneByOne} />
        </Quiet>
      </p>
      {day.shopping.length > 0 && (
        <>
          <h3>To buy before it</h3>
          <ul>
            {day.shopping.map((line) => (
              <li key={line.class}>
                {SUPPLY_WORDS[line.class]}
                <Said>{line.needMl ? `, ${line.needMl} mL in all` : line.needCount ? `, ${line.needCount}` : ''}</Said>
                {line.perhaps ? ' (perhaps)' : ''}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

/** Why the day does not fit, and what would make it fit; nothing that would have had to begin before now. */
export function WhyNot({ day, now, onTake }: { day: WashDay; now: number; onTake: (remedy: Remedy) => void }) {
  const { impossible } = day;
  if (!impossible) return null;
  const remedies = impossible.remedies.filter(({ change }) => change.from === undefined || Date.parse(change.from) >= now);
  return (
    <Note tone="alarm">
      <Column>
        <strong>Why it does not fit</strong>
        <ul>
          {impossible.because.map((b) => (
            <li key={b.text}>
              <Said>{b.text}</Said>
            </li>
          ))}
        </ul>
        {remedies.length > 0 && (
          <>
            <strong>What would make it possible</strong>
            <Row $wrap>
              {remedies.map((r) => (
                <Button key={r.text} look="quiet" onPress={() => onTake(r)}>
                  {r.text} Then done on {momentText(r.finish)}.
                </Button>
              ))}
            </Row>
          </>
        )}
      </Column>
    </Note>
  );
}
/** What is no part of the day, and why. @param onDryer takes in what only needs a large dryer; absent when that is there. */
export function LeftOut({
  day,
  inLargeDryer,
  onDryer,
}: {
  day: WashDay;
  inLargeDryer: (itemId: string) => boolean;
  onDryer?: () => void;
}) {
  if (day.leftOut.length === 0) return null;
  return (
    <section aria-label="Left out">
      <h2>Left out</h2>
      <ul aria-label="Left out">
        {day.leftOut.map((l) => (
          <li key={l.itemId}>
            <Said>{l.text}</Said>
          </li>
        ))}
      </ul>
      {onDryer && day.leftOut.some((l) => inLargeDryer(l.itemId)) && (
        <Button look="quiet" onPress={onDryer}>
          {HIRED_WORDS.dryer.offer}
        </Button>
      )}
    </section>
  );
}
/** Cautions of the day, and what it rests on. */
export function Small({ day }: { day: WashDay }) {
  return (
    <>
      {day.cautions.length > 0 && (
        <section aria-label="Careful">
          <h2>Careful</h2>
          <ul>
            {day.cautions.map((c) => (
              <li key={c}>
                <Said>{c}</Said>
              </li>
            ))}
          </ul>
        </section>
      )}
      <Disclosure title={`What this rests on (${day.assumptions.length})`}>
        <ul>
          {day.assumptions.map((a) => (
            <li key={a}>
              <Said>{a}</Said>
            </li>
          ))}
        </ul>
      </Disclosure>
    </>
  );
}
/** The wish with a remedy in it. */
export function remedied(wish: DayWish, { change }: Remedy): DayWish {
  const { until: _until, quiet: _quiet, ...rest } = wish;
  const second = change.hands && change.hands.length > wish.people.length;
  return {
    ...rest,
    ...(change.until ? { until: change.until } : wish.until ? { until: wish.until } : {}),
    ...(change.quiet ? {} : wish.quiet ? { quiet: wish.quiet } : {}),
    ...(change.from ? { from: change.from } : {}),
    ...(change.add ? { hired: [...(wish.hired ?? []), change.add] } : {}),
    ...(change.items ? { items: change.items } : {}),
    ...(change.hands
      ? {
          people: second
            ? [...wish.people, { ...(wish.people[0] ?? { name: 'You' }), name: 'A second person' }]
            : wish.people.map(({ name }) => ({ name })),
        }
      : {}),
  };
}
