import { useThresholds } from '../../app/thresholds';
import type { Inspection, InspectionPatch, Item } from '../../core/gear';
import type { Thresholds } from '../../core/knowledge';
import { loftVerdict } from '../../core/loft';
import { LoftLines } from '../../app/LoftLines';
import { Column } from '../../ui/basics';
import { OneOf } from '../../ui/Choices';

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
  answer: (patch: InspectionPatch) => void;
}) {
  const limits = useThresholds();
  const wash = Math.round(100 * limits.loftWash);
  const fluff = Math.round(100 * limits.loftFluff);
  return (
    <Column $gap={20}>
      <p>Shake it, lay it down, wait 10 minutes, and hold a ruler beside each baffle you want to judge.</p>
      <LoftLines
        item={item}
        given={seen.loft}
        last={last}
        onChange={(readings, ratio) =>
          answer({
            loft: readings.length > 0 ? [...readings] : undefined,
            ...(ratio === null ? {} : { loftRatio: ratio }),
          })
        }
      />
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
