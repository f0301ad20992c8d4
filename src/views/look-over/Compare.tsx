import { useOfThing } from '../../app/OfThing';
import type { Inspection, Kind } from '../../core/gear';
import { CARD_NAMES, said, type CardId } from './cards';
import { FigureTable } from '../../ui/FigureTable';

/** The last look and this one, side by side; what has moved stands out. What was not looked at is a dash, never fine. */
export function Compare({
  kind,
  cards,
  before,
  beforeName,
  now,
}: {
  kind: Kind;
  cards: readonly CardId[];
  before: Inspection;
  beforeName: string;
  now: Partial<Inspection>;
}) {
  const says = useOfThing();
  const rows = cards
    .map((card) => ({ card, was: said(card, before, kind), is: said(card, now, kind) }))
    .filter(({ was, is }) => was !== null || is !== null);
  if (rows.length === 0) return null;
  return (
    <div style={{ maxWidth: 720 }}>
      <FigureTable
        label="The last look and this one"
        rows={rows}
        rowKey={(r) => r.card}
        columns={[
          { id: 'what', head: 'Seen', cell: (r) => says(CARD_NAMES[r.card]) },
          { id: 'was', head: beforeName, cell: (r) => r.was ?? '–' },
          {
            id: 'is',
            head: 'now',
            cell: (r) => (r.was !== null && r.is !== null && r.was !== r.is ? <strong>{r.is}</strong> : (r.is ?? '–')),
          },
        ]}
      />
    </div>
  );
}
