import styled from 'styled-components';
import type { Inspection } from '../../core/gear';
import { color } from '../../ui/theme';
import { CARD_NAMES, said, type CardId } from './cards';

const Table = styled.table`
  border-collapse: collapse;
  max-width: 720px;
  th,
  td {
    text-align: left;
    padding: 6px 24px 6px 0;
    border-bottom: 1px solid ${color.line};
    vertical-align: top;
  }
  thead th,
  tbody th {
    font-weight: 600;
    color: ${color.quiet};
    font-size: 14px;
  }
  td[data-moved] {
    font-weight: 700;
  }
`;

/** The last look and this one, side by side; what has moved stands out. What was not looked at is a dash, never fine. */
export function Compare({
  cards,
  before,
  beforeName,
  now,
}: {
  cards: readonly CardId[];
  before: Inspection;
  beforeName: string;
  now: Partial<Inspection>;
}) {
  const rows = cards
    .map((card) => ({ card, was: said(card, before), is: said(card, now) }))
    .filter(({ was, is }) => was !== null || is !== null);
  if (rows.length === 0) return null;
  return (
    <Table>
      <thead>
        <tr>
          <th aria-label="Seen" />
          <th>{beforeName}</th>
          <th>now</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ card, was, is }) => (
          <tr key={card}>
            <th scope="row">{CARD_NAMES[card]}</th>
            <td>{was ?? '–'}</td>
            <td data-moved={was !== null && is !== null && was !== is ? true : undefined}>{is ?? '–'}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
