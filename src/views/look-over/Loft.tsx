import { useState } from 'react';
import styled from 'styled-components';
import { useThresholds } from '../../app/kit';
import type { Inspection, Item } from '../../core/gear';
import type { Thresholds } from '../../core/knowledge';
import { loftOf, loftVerdict } from '../../core/loft';
import { Button, Column, Field, Quiet, Row, TextButton } from '../../ui/basics';
import { OneOf } from '../../ui/Choices';
import { useRowKeys } from '../../ui/fields';
import { NumberField } from '../../ui/Select';

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
type Reading = NonNullable<Inspection['loft']>[number];
interface Line {
  readonly baffle: string;
  readonly nowMm?: number | undefined;
  readonly newMm?: number | undefined;
}

/** Where the readings start: the last ones of this draft, else the item's own baffles, else what the last look measured, else one place. */
function startLines(item: Item, seen: Partial<Inspection>, last: Inspection | null): Line[] {
  if (seen.loft?.length) return seen.loft;
  const baffles = item.fillMap?.baffles ?? [];
  if (baffles.length > 0) return baffles.map((b) => ({ baffle: b.id, ...(b.newThicknessMm ? { newMm: b.newThicknessMm } : {}) }));
  if (last?.loft?.length) return last.loft.map(({ baffle, newMm }) => ({ baffle, ...(newMm ? { newMm } : {}) }));
  return [{ baffle: '1' }];
}

type Band = 'leave' | 'fluff' | 'wash';
const bandOf = (ratio: number, limits: Thresholds): Band => {
  const verdict = loftVerdict(ratio, limits);
  return verdict === 'mend' ? 'wash' : verdict;
};
/** What a look without a ruler is taken for: new, the middle of the flat band, or clearly below it. */
const BY_EYE: Record<Band, (limits: Thresholds) => number> = {
  leave: () => 1,
  fluff: ({ loftWash, loftFluff }) => Math.round(50 * (loftWash + loftFluff)) / 100,
  wash: ({ loftWash }) => Math.round(100 * loftWash) / 100 - 0.1,
};

/** Loft by the ruler, baffle by baffle, against the thing's own record when new; or by eye. */
export function Loft({
  item,
  seen,
  last,
  answer,
}: {
  item: Item;
  seen: Partial<Inspection>;
  last: Inspection | null;
  answer: (patch: Partial<Inspection>) => void;
}) {
  const limits = useThresholds();
  const wash = Math.round(100 * limits.loftWash);
  const fluff = Math.round(100 * limits.loftFluff);
  const [lines, setLines] = useState<readonly Line[]>(() => startLines(item, seen, last));
  const rows = useRowKeys(lines.length);
  const change = (next: readonly Line[]): void => {
    setLines(next);
    const readings = next.filter((l): l is Reading => l.nowMm !== undefined).map((l) => ({ ...l }));
    const { ratio } = loftOf(readings);
    answer({ loft: readings.length > 0 ? readings : undefined, ...(ratio === null ? {} : { loftRatio: ratio }) } as never);
  };
  const set = (n: number, patch: Partial<Line>): void => change(lines.map((l, i) => (i === n ? { ...l, ...patch } : l)));
  const result = loftOf(lines.flatMap((l) => (l.nowMm === undefined ? [] : [{ ...l, nowMm: l.nowMm }])));
  return (
    <Column $gap={20}>
      <p>Shake it, lay it down, wait 10 minutes, and hold a ruler beside each baffle you want to judge.</p>
      <Lines>
        {lines.map((line, n) => (
          <li key={rows.keys[n]}>
            <Field>
              Baffle
              <input value={line.baffle} maxLength={60} onChange={(e) => set(n, { baffle: e.target.value })} />
            </Field>
            <NumberField label="Now, mm" value={line.nowMm} what="the millimetres" onChange={(x) => set(n, { nowMm: x })} />
            <NumberField label="When new, mm" value={line.newMm} what="the millimetres" onChange={(x) => set(n, { newMm: x })} />
            {lines.length > 1 && (
              <TextButton
                aria-label={`Remove baffle ${line.baffle}`}
                onClick={() => {
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
        <Button $quiet onClick={() => setLines([...lines, { baffle: String(lines.length + 1) }])}>
          Another baffle
        </Button>
        {result.ratio !== null && (
          <Quiet role="status">
            {Math.round(result.ratio * 100)} % of new over {result.measured} {result.measured === 1 ? 'place' : 'places'}
            {result.thin.length > 0 ? `; thin: ${result.thin.join(', ')}` : ''}.
          </Quiet>
        )}
      </Row>
      <OneOf
        label="Or by eye, against new"
        value={seen.loftRatio === undefined ? null : bandOf(seen.loftRatio, limits)}
        options={[
          { id: 'leave', name: 'As new', hint: `above ${fluff} %` },
          { id: 'fluff', name: 'A little flat', hint: `${wash} to ${fluff} %` },
          { id: 'wash', name: 'Clearly flat', hint: `below ${wash} %` },
        ]}
        onChange={(id) => answer({ loftRatio: BY_EYE[id as Band](limits) })}
      />
      <OneOf
        label="Was it packed small until now?"
        value={seen.fromStorage === undefined ? null : seen.fromStorage ? 'yes' : 'no'}
        options={[
          { id: 'no', name: 'No' },
          { id: 'yes', name: 'Yes' },
        ]}
        onChange={(id) => answer({ fromStorage: id === 'yes' })}
      />
    </Column>
  );
}
