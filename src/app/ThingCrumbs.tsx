import type { Item } from '../core/gear';
import { thingName } from '../core/words';
import { Crumbs } from '../ui/Crumbs';
import { PATHS, toThing, type ThingPage } from './routes';

/** The way back from a page of a thing: the kit, the thing, and the page between where there is one. */
export function ThingCrumbs({
  item,
  here,
  through,
}: {
  item: Pick<Item, 'id' | 'name' | 'kind'>;
  here: string;
  through?: { readonly page: ThingPage; readonly name: string };
}) {
  return (
    <Crumbs
      trail={[
        { to: PATHS.kit, name: 'Kit' },
        { to: toThing(item.id), name: thingName(item) },
        ...(through ? [{ to: toThing(item.id, through.page), name: through.name }] : []),
      ]}
      here={here}
    />
  );
}
