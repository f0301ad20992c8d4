import { Of, useOfThing } from '../../app/OfThing';
import { Helps } from '../../app/Helps';
import { Said } from '../../ui/said';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { nowMs } from '../../app/now';
import { canFor } from '../../app/plan';
import { toThing } from '../../app/routes';
import { dayText } from '../../app/time';
import { latestInspection, type Item, type Kit } from '../../core/gear';
import { leaks, repellencyOf } from '../../core/repellency';
import { repellencyText } from '../../core/telling/repellency';
import { Column } from '../../ui/basics';

/** Is it tired, and what will bring it back? All else stands on the page of its drops. */
export function RepellencyCard({ kit, item }: { kit: Kit; item: Item }) {
  const says = useOfThing();
  const of = useMemo(() => repellencyOf(item, kit.inspections, kit.log ?? [], nowMs()), [kit, item]);
  const can = useMemo(() => canFor(kit, item), [kit, item]);
  const leaking = leaks(latestInspection(kit.inspections, item.id));
  return (
    <section aria-labelledby="sheds">
      <h2 id="sheds">
        <Of>How it sheds rain</Of>
      </h2>
      <Column $gap={8}>
        <p>
          <Said>{says(of ? repellencyText(of, dayText) : 'Nobody has tried it with drops yet.')}</Said>
        </p>
        {of && <Helps of={of} can={can} leaking={leaking} />}
        <Link to={toThing(item.id, 'drops')}>Drops, zone by zone</Link>
      </Column>
    </section>
  );
}
