import { useMemo } from 'react';
import { useParams } from 'react-router';
import styled from 'styled-components';
import { useKit, usePlanning } from '../../app/kit';
import { today } from '../../app/now';
import { useRanked } from '../../app/ranked';
import { needsCare } from '../../core/due/rank';
import { isExpired, shoppingFor, type ShoppingLine } from '../../core/supplies';
import type { Kit } from '../../core/gear';
import { SUPPLY_WORDS } from '../../core/words';
import { listed } from '../../core/words/text';
import { Page } from '../../ui/basics';
import { PlaceTabs } from '../../ui/PlaceTabs';
import { phone } from '../../ui/theme';
import { Machines } from './Machines';
import { Never } from './Never';
import { Supplies } from './Supplies';
import { Upkeep } from './Upkeep';
import { Water } from './Water';
import { PATHS } from '../../app/routes';

const PARTS = [
  { to: PATHS.cupboard, name: 'Bottles and aids' },
  { to: PATHS.machines, name: 'Machines and places' },
  { to: PATHS.upkeep, name: 'Upkeep' },
  { to: PATHS.water, name: 'Room, water, prices' },
  { to: PATHS.never, name: 'Never together' },
] as const;
const Answer = styled.h1`
  max-width: 32em;
  /* The sentence grows when the plans are there; its place is kept, so that nothing below it moves. */
  min-height: 2.4em;
  ${phone} {
    min-height: 4.8em;
    font-size: 24px;
  }
`;

/** What is missing for what is planned, then machines that hold something, in one or two sentences. */
function answer(kit: Kit, shopping: readonly ShoppingLine[] | null): string {
  const missing = (shopping ?? []).filter((line) => !line.perhaps).map((line) => SUPPLY_WORDS[line.class]);
  const standing = (kit.equipment?.washers ?? []).filter((w) => (w.unrinsed ?? []).length > 0);
  const dirty = (kit.equipment?.washers ?? []).filter((w) => (w.lastLoads ?? []).length > 0);
  const expired = (kit.supplies ?? []).filter((s) => isExpired(s, today()));
  const named = (w: (typeof dirty)[number]): string => w.name ?? 'a machine';
  return [
    shopping === null
      ? ''
      : missing.length === 0
        ? 'There is enough for everything that is planned.'
        : `Not enough for what is planned: ${listed(missing.slice(0, 3))}${missing.length > 3 ? ` and ${missing.length - 3} more` : ''}.`,
    standing.length > 0 ? `Rinse out ${listed(standing.map(named))} before anything else goes in.` : '',
    dirty.length > 0 ? `${listed(dirty.map(named))} ${dirty.length > 1 ? 'want' : 'wants'} a purge before technical loads.` : '',
    expired.length > 0 ? `${listed(expired.map((s) => s.name ?? SUPPLY_WORDS[s.class]))} expired.` : '',
  ]
    .filter(Boolean)
    .slice(0, 2)
    .join(' ');
}

/** What have I to work with? */
export function Cupboard() {
  const kit = useKit();
  const { section } = useParams();
  const { programmes } = usePlanning(kit);
  const ranked = useRanked(kit, programmes);
  const shopping = useMemo(() => {
    // A list of half of the plans would grow under the hand; an older whole one stands until the newer is whole.
    if (!kit || !programmes || !ranked || !kit.items.every((i) => programmes[i.id])) return null;
    return shoppingFor(
      ranked.filter(needsCare).flatMap((r) => programmes[r.item.id]?.needs ?? []),
      kit.supplies ?? [],
      today(),
    );
  }, [kit, programmes, ranked]);
  if (!kit) return <Page aria-busy="true" />;
  return (
    <Page>
      <Answer>{answer(kit, shopping) || 'What you have to work with.'}</Answer>
      <PlaceTabs label="Parts of the cupboard" parts={PARTS}>
        {section === undefined && <Supplies kit={kit} shopping={shopping} />}
        {section === 'machines' && <Machines kit={kit} />}
        {section === 'upkeep' && <Upkeep kit={kit} />}
        {section === 'water' && <Water kit={kit} />}
        {section === 'never' && <Never kit={kit} />}
      </PlaceTabs>
    </Page>
  );
}
