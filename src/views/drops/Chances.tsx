import type { Ways, WayTakes } from '../../app/plan';
import { currencyOf } from '../../app/worth';
import type { Kit } from '../../core/gear';
import type { Repellency } from '../../core/repellency';
import { REPELLENCY_BASIS, TREATMENT_WORDS } from '../../core/telling/repellency';
import { casesText } from '../../core/telling/worth';
import { minutesText } from '../../core/units';
import { moneyText } from '../../core/units/money';
import { SUPPLY_WORDS } from '../../core/words';
import { SaidList } from '../../ui/SaidList';
import { Disclosure } from '../../ui/Disclosure';
import { FigureTable } from '../../ui/FigureTable';

const prooferText = (proofer: WayTakes['proofer']): string =>
  proofer ? `${Math.round(proofer.ml)} mL of ${SUPPLY_WORDS[proofer.class]}` : '';
const WAYS = ['leave', 'heat', 'wash-heat', 'renew'] as const;

/** Each way of bringing it back, with its chance, hands, money and proofer, and what that rests on. */
export function Chances({ of, kit, ways }: { of: Repellency; kit: Kit; ways: Ways }) {
  return (
    <Disclosure title="Chances, and what they rest on">
      <FigureTable
        label="At the mark afterwards"
        rows={WAYS}
        rowKey={(way) => way}
        columns={[
          { id: 'way', head: 'What is done', cell: (way) => TREATMENT_WORDS[way] },
          {
            id: 'chance',
            head: 'At the mark afterwards',
            cell: (way) => (way === 'leave' || ways[way].possible ? casesText(of.chances[way]) : 'not for this one'),
          },
          {
            id: 'hands',
            head: 'Your hands',
            cell: (way) => (way === 'leave' || !ways[way].possible ? '–' : minutesText(ways[way].minutes)),
          },
          {
            id: 'takes',
            head: 'Time and cost',
            cell: (way) =>
              way === 'leave' || !ways[way].possible
                ? '–'
                : [moneyText(ways[way].money, currencyOf(kit)), prooferText(ways[way].proofer)].filter(Boolean).join(', '),
          },
        ]}
      />
      <SaidList lines={REPELLENCY_BASIS} quiet />
    </Disclosure>
  );
}
