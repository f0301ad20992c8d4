import { Said } from '../../ui/said';
import { useIdHere } from '../../app/routes';
import { useItem } from '../../app/kit';
import { UnderWayOf } from '../../app/UnderWay';
import type { Item } from '../../core/gear';
import { drawnBaffles } from '../../core/loft';
import { Column, Page, Quiet, TwoColumns } from '../../ui/basics';
import { NotInKit } from '../../app/NotHere';
import { BaffleMap } from '../../ui/BaffleMap';

import { useLayout } from './useLayout';
import { AddPanel } from './AddPanel';
import { LaidBaffle } from './LaidBaffle';
import { ThingCrumbs } from '../../app/ThingCrumbs';
/** Making a layout one's own: baffles moved, reshaped, parted, named, joined, and panels added. */
export function LayoutPage() {
  const { kit, item } = useItem(useIdHere());
  if (!kit) return <Page aria-busy="true" />;
  if (!item) return <NotInKit />;
  return <Laid item={item} />;
}

function Laid({ item }: { item: Item }) {
  const layout = useLayout(item);
  const { map, picked, selected, setSelected, setCorner, sewnL, shown, mark, dragged } = layout;
  return (
    <Page>
      <UnderWayOf itemId={item.id} />
      <ThingCrumbs item={item} through={{ page: 'fill', name: 'Where its down is' }} here="Its baffles" />
      <h1 style={{ fontSize: 32 }}>
        <Said>
          {map.baffles.length === 0
            ? 'No baffles yet: add the first panel.'
            : `${map.baffles.length} baffles, ${sewnL.toFixed(1)} L sewn volume.`}
        </Said>
      </h1>
      <TwoColumns $left={1.4}>
        <Column $gap={12}>
          {drawnBaffles(map).length > 0 && (
            <BaffleMap
              map={shown}
              grams={null}
              moves={[]}
              selected={selected}
              mark={mark}
              handles={picked && { at: picked.polygonMm, onDrag: dragged }}
              onSelect={(baffle) => {
                setSelected(baffle);
                setCorner(null);
              }}
            />
          )}
          <Quiet>
            Drawn to scale. Press a baffle, then drag a corner, or move it with the buttons; corners that touch move together.
          </Quiet>
        </Column>
        <Column $gap={24}>
          {picked && <LaidBaffle layout={layout} picked={picked} />}
          <AddPanel layout={layout} />
        </Column>
      </TwoColumns>
    </Page>
  );
}
