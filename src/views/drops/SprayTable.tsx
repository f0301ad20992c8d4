import type { WayTakes } from '../../app/plan';
import { pullOf, pullsFor } from '../../core/dosing/spray';
import type { Item, Kit } from '../../core/gear';
import { capital } from '../../core/words/text';
import { zoneName } from '../../core/words/zones';
import { Quiet } from '../../ui/basics';
import { Disclosure } from '../../ui/Disclosure';
import { FigureTable } from '../../ui/FigureTable';

/** What a renewal would take, zone by zone, as the zones shed now. Nothing where the finish is not sprayed. */
export function SprayTable({ kit, item, takes }: { kit: Kit; item: Item; takes: WayTakes }) {
  const { spray } = takes;
  if (spray.length === 0) return null;
  const pullMl = pullOf((kit.supplies ?? []).find((s) => s.class === 'spray-proofer' && s.remainingMl !== 0));
  const whole = spray.reduce((sum, z) => sum + z.ml, 0);
  return (
    <Disclosure title={`If all of it is sprayed: ${whole} mL, zone by zone`}>
      <FigureTable
        label="Spray by zone"
        rows={spray}
        rowKey={(z) => z.zone}
        columns={[
          { id: 'zone', head: 'Zone', cell: (z) => capital(zoneName(z.zone, item.kind)) },
          { id: 'ml', head: 'mL', cell: (z) => z.ml },
          { id: 'pulls', head: `Pulls of ${pullMl} mL`, cell: (z) => pullsFor(z.ml, pullMl) },
        ]}
      />
      <Quiet>
        By the area of its face, from memory; after a failed test only the zones that failed. Run counts them with you.
      </Quiet>
    </Disclosure>
  );
}
