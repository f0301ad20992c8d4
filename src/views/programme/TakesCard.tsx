import { Said } from '../../ui/said';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { alternatives, takes, type Takes } from '../../core/energy/takes';
import type { Kit } from '../../core/gear';
import type { Plan } from '../../core/programme';
import { alternativeText, TAKES_WORDS, takesWorking } from '../../core/telling/energy';
import { Figure, Quiet, Working } from '../../ui/basics';
import { Disclosure, Fold } from '../../ui/Disclosure';
import { FigureTable } from '../../ui/FigureTable';
import { PATHS, toBench } from '../../app/routes';

const kWh = (t: Takes): string => t.kWh.toFixed(t.kWh < 0.095 ? 2 : 1);

/** Energy, water and money of a programme beside what it could be, with the sums behind it. */
export function TakesCard({ plan, kit }: { plan: Plan; kit: Kit }) {
  const all = useMemo(() => alternatives(plan), [plan]);
  const planned = useMemo(() => takes(plan), [plan]);
  const lines = useMemo(() => planned.lines.filter((l) => l.kWh > 0 || l.litres > 0 || l.what === 'supply'), [planned]);
  const currency = kit.preferences?.currency ?? '';
  if (lines.length === 0) return null;
  const unpriced = all.some((a) => a.takes.unpriced);
  return (
    <Fold
      head="Energy, water and money"
      more={<Quiet>: {[`${kWh(planned)} kWh`, `${Math.round(planned.litres)} L`].join(', ')}</Quiet>}
    >
      <FigureTable
        label="Energy, water and money: as planned, and otherwise"
        rows={all}
        rowKey={(a) => a.id}
        columns={[
          {
            id: 'way',
            head: 'way',
            cell: (a) =>
              a.id === 'planned' ? (
                <strong>
                  <Said>{alternativeText(a)}</Said>
                </strong>
              ) : (
                alternativeText(a)
              ),
          },
          { id: 'kwh', head: 'kWh', figure: true, cell: (a) => <Figure>{kWh(a.takes)}</Figure> },
          { id: 'water', head: 'water', figure: true, cell: (a) => <Figure>{Math.round(a.takes.litres)} L</Figure> },
          {
            id: 'money',
            head: currency,
            figure: true,
            cell: (a) => <Figure>{a.takes.money > 0 ? a.takes.money.toFixed(2) : '–'}</Figure>,
          },
        ]}
      />
      {unpriced && (
        <p>
          <Quiet>
            Not everything has a price: <Link to={PATHS.water}>what you pay</Link>, or a bottle’s own price and size.
          </Quiet>
        </p>
      )}
      <Disclosure title="The sums">
        <ul>
          {lines.map((line, n) => (
            <li key={n}>
              {TAKES_WORDS[line.what]}: <Working>{takesWorking(line)}</Working>
            </li>
          ))}
        </ul>
        <Quiet>
          The motor’s and the dryer’s draw are from memory. Latent heat FAO-56.{' '}
          <Link to={toBench('energy', plan.request.item.id)}>Try other figures</Link>
        </Quiet>
      </Disclosure>
    </Fold>
  );
}
