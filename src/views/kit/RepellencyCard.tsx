import { lazy, Suspense, useMemo } from 'react';
import { nowMs } from '../../app/now';
import { takesOf, type WayTakes } from '../../app/plan';
import { currencyOf } from '../../app/worth';
import { minutesText } from '../../core/units';
import { moneyText } from '../../core/units/money';
import { SUPPLY_WORDS } from '../../core/words';
import { dayText } from '../../app/time';
import { latestInspection, type Item, type Kit } from '../../core/gear';
import { leaks, repellencyOf } from '../../core/repellency';
import { casesText } from '../../core/telling/worth';
import { gainsText, helpText, REPELLENCY_BASIS, repellencyText, TREATMENT_WORDS } from '../../core/telling/repellency';
import { Column, Note, Quiet } from '../../ui/basics';
import { Disclosure } from '../../ui/Disclosure';
import { FigureTable } from '../../ui/FigureTable';

const Curve = lazy(async () => ({ default: (await import('../../app/RepellencyCurve')).RepellencyCurve }));
const prooferText = (proofer: WayTakes['proofer']): string =>
  proofer ? `${Math.round(proofer.ml)} mL of ${SUPPLY_WORDS[proofer.class]}` : '';
const WAYS = ['leave', 'heat', 'wash-heat', 'renew'] as const;

/** Is it tired, and what will bring it back? Nothing before the first drop test. */
export function RepellencyCard({ kit, item }: { kit: Kit; item: Item }) {
  const of = useMemo(() => repellencyOf(item, kit.inspections, kit.log ?? [], nowMs()), [kit, item]);
  const ways = useMemo(
    () => ({
      heat: takesOf(kit, item, 'heat'),
      'wash-heat': takesOf(kit, item, 'wash-heat'),
      renew: takesOf(kit, item, 'renew'),
    }),
    [kit, item],
  );
  if (!of) return null;
  const gains = gainsText(of);
  const leaking = leaks(latestInspection(kit.inspections, item.id));
  return (
    <section aria-labelledby="sheds">
      <h2 id="sheds">How it sheds rain</h2>
      <Column $gap={8}>
        <p>{repellencyText(of, dayText)}</p>
        {of.worn || leaking ? <Note tone="alarm">{helpText(of, leaking)}</Note> : <p>{helpText(of)}</p>}
        {of.tests.length > 1 && (
          <Suspense fallback={<div style={{ minHeight: 230 }} />}>
            <Curve of={of} />
          </Suspense>
        )}
        {gains && <p>{gains}</p>}
        <Disclosure title="Chances, and what they rest on">
          <FigureTable
            label="At the mark afterwards"
            rows={WAYS}
            rowKey={(way) => way}
            columns={[
              { id: 'way', head: 'What is done', cell: (way) => TREATMENT_WORDS[way] },
              { id: 'chance', head: 'At the mark afterwards', cell: (way) => casesText(of.chances[way]) },
              { id: 'hands', head: 'Your hands', cell: (way) => (way === 'leave' ? '–' : minutesText(ways[way].minutes)) },
              {
                id: 'takes',
                head: 'Takes',
                cell: (way) =>
                  way === 'leave'
                    ? '–'
                    : [moneyText(ways[way].money, currencyOf(kit)), prooferText(ways[way].proofer)].filter(Boolean).join(', '),
              },
            ]}
          />
          <ul style={{ paddingLeft: 20 }}>
            {REPELLENCY_BASIS.map((text) => (
              <li key={text}>
                <Quiet>{text}</Quiet>
              </li>
            ))}
          </ul>
        </Disclosure>
      </Column>
    </section>
  );
}
