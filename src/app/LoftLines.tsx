import { useState } from 'react';
import styled from 'styled-components';
import type { Inspection, Item, LoftReading } from '../core/gear';
import { loftOf } from '../core/loft';
import { Quiet, Row } from '../ui/basics';
import { Button, TextButton } from '../ui/Button';
import { useRowKeys } from '../ui/fields';
import { QuantityField } from '../ui/NumberField';
import { TextField } from '../ui/TextField';
import { BOUNDS } from '../core/knowledge/bounds';
import type { NumberRange } from '../core/units/quantity';

const Lines = styled.ul`
  display: flex;
  flex-direction: column;
  gap: 8px;
  li {
    display: grid;
    grid-template-columns: minmax(0, 120px) minmax(0, 110px) minmax(0, 110px) auto;
    gap: 12px;
    align-items: end;
  }
`;
interface Line {
  readonly baffle: string;
  readonly nowMm?: number | undefined;
  readonly newMm?: number | undefined;
}

/** Where the readings start: those of this draft, else the item's own baffles, else what the last look measured, else one place. */
function startLines(item: Item, given: readonly LoftReading[] | undefined, last: Inspection | null): readonly Line[] {
  if (given?.length) return given;
  const baffles = item.fillMap?.baffles ?? [];
  if (baffles.length > 0) return baffles.map((b) => ({ baffle: b.id, ...(b.newThicknessMm ? { newMm: b.newThicknessMm } : {}) }));
  if (last?.loft?.length) return last.loft.map(({ baffle, newMm }) => ({ baffle, ...(newMm ? { newMm } : {}) }));
  return [{ baffle: '1' }];
}

/** Thickness beside the ruler, baffle by baffle, against the thing's own record when new; the share of new is worked out. */
export function LoftLines({
  item,
  given,
  last,
  onChange,
}: {
  item: Item;
  given?: readonly LoftReading[] | undefined;
  last: Inspection | null;
  onChange: (readings: readonly LoftReading[], ratio: number | null) => void;
}) {
  const [lines, setLines] = useState<readonly Line[]>(() => startLines(item, given, last));
  const rows = useRowKeys(lines.length);
  const measured = (of: readonly Line[]): LoftReading[] =>
    of.flatMap(({ baffle, nowMm, newMm }) =>
      nowMm === undefined ? [] : [{ baffle, nowMm, ...(newMm === undefined ? {} : { newMm }) }],
    );
  const change = (next: readonly Line[]): void => {
    setLines(next);
    const readings = measured(next);
    onChange(readings, loftOf(readings).ratio);
  };
  const set = (n: number, patch: Partial<Line>): void => change(lines.map((l, i) => (i === n ? { ...l, ...patch } : l)));
  const thickness = (n: number, label: string, key: 'nowMm' | 'newMm', bounds: NumberRange) => (
    <QuantityField
      label={label}
      unit="mm"
      {...bounds}
      value={lines[n]?.[key]}
      what="the thickness"
      onChange={(mm) => set(n, { [key]: mm })}
    />
  );
  const result = loftOf(measured(lines));
  return (
    <>
      <Lines>
        {lines.map((line, n) => (
          <li key={rows.keys[n]}>
            <TextField label="Baffle" value={line.baffle} maxLength={60} onChange={(text) => set(n, { baffle: text })} />
            {thickness(n, 'Now', 'nowMm', BOUNDS.thicknessMm)}
            {thickness(n, 'When new', 'newMm', BOUNDS.newThicknessMm)}
            {lines.length > 1 && (
              <TextButton
                aria-label={`Remove baffle ${line.baffle}`}
                onPress={() => {
                  rows.drop(n);
                  change(lines.filter((_, i) => i !== n));
                }}
              >
                Remove
              </TextButton>
            )}
          </li>
        ))}
      </Lines>
      <Row $wrap>
        <Button look="quiet" onPress={() => setLines([...lines, { baffle: String(lines.length + 1) }])}>
          Another baffle
        </Button>
        {result.ratio !== null && (
          <Quiet role="status">
            {Math.round(result.ratio * 100)} % of new over {result.measured} {result.measured === 1 ? 'place' : 'places'}
            {result.thin.length > 0 ? `; thin: ${result.thin.join(', ')}` : ''}.
          </Quiet>
        )}
      </Row>
    </>
  );
}
