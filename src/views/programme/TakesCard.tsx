import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { alternatives, takes, type Takes } from '../../core/energy/takes';
import type { Kit } from '../../core/gear';
import type { Plan } from '../../core/programme';
import { alternativeText, TAKES_WORDS, takesWorking } from '../../core/telling/energy';
import { Figure, Quiet } from '../../ui/basics';
import { color } from '../../ui/theme';
import { Details } from './Step';

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  th {
    text-align: right;
    font-size: 14px;
    font-weight: 600;
    color: ${color.quiet};
    padding: 2px 0 2px 8px;
  }
  th:first-child,
  td:first-child {
    text-align: left;
    padding-left: 0;
  }
  td {
    border-top: 1px solid ${color.line};
    padding: 6px 0 6px 8px;
    text-align: right;
    white-space: nowrap;
  }
  td:first-child {
    white-space: normal;
  }
  tr[data-now] td:first-child {
    font-weight: 650;
  }
`;
const kWh = (t: Takes): string => t.kWh.toFixed(t.kWh < 0.095 ? 2 : 1);

/** Energy, water and money of a programme beside what it could be, with the sums behind it. */
export function TakesCard({ plan, kit }: { plan: Plan; kit: Kit }) {
  const all = useMemo(() => alternatives(plan), [plan]);
  const lines = useMemo(() => takes(plan).lines.filter((l) => l.kWh > 0 || l.litres > 0 || l.what === 'supply'), [plan]);
  const currency = kit.preferences?.currency ?? '';
  if (lines.length === 0) return null;
  const unpriced = all.some((a) => a.takes.unpriced);
  return (
    <section aria-labelledby="takes">
      <h2 id="takes">What it takes</h2>
      <Table>
        <thead>
          <tr>
            <td style={{ border: 0 }} />
            <th scope="col">kWh</th>
            <th scope="col">water, L</th>
            <th scope="col">{currency}</th>
          </tr>
        </thead>
        <tbody>
          {all.map((a) => (
            <tr key={a.id} data-now={a.id === 'planned' || undefined}>
              <td>{alternativeText(a)}</td>
              <td>
                <Figure>{kWh(a.takes)}</Figure>
              </td>
              <td>
                <Figure>{Math.round(a.takes.litres)}</Figure>
              </td>
              <td>
                <Figure>{a.takes.money > 0 ? a.takes.money.toFixed(2) : '–'}</Figure>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      {unpriced && (
        <p>
          <Quiet>
            Not everything has a price: <Link to="/cupboard/water">what you pay</Link>, or a bottle’s own price and size.
          </Quiet>
        </p>
      )}
      <Details>
        <summary>The sums</summary>
        <ul>
          {lines.map((line, n) => (
            <li key={n}>
              {TAKES_WORDS[line.what]}: <Figure style={{ fontSize: 14 }}>{takesWorking(line)}</Figure>
            </li>
          ))}
        </ul>
        <Quiet>
          The motor’s and the dryer’s draw are from memory. Latent heat FAO-56.{' '}
          <Link to={`/bench/energy?item=${plan.request.item.id}`}>Try other figures</Link>
        </Quiet>
      </Details>
    </section>
  );
}
