import { useMemo } from 'react';
import { newId, nowIso } from '../../app/now';
import { notify } from '../../app/session';
import type { Cloth, DamageSeen, Did, Item, Kit, SpotTestEntry, Stain } from '../../core/gear';
import { marksAfter, surfacesOf, withMarks, type MarkAt, type RungAt, type Surfaces } from '../../core/surfaces';
import { capital } from '../../core/words/text';
import { markName, rungName, testText } from '../../core/telling/surfaces';
import { DID_WORDS } from '../../core/words/marks';
import { saveEntry, saveSeen, saveTreatment } from '../../data/repo';

/** What can be done on the surfaces of a pair; each is told, and can be undone. */
export interface Hands {
  readonly addMark: (mark: Stain) => Promise<void>;
  readonly addDamage: (damage: DamageSeen) => Promise<void>;
  readonly takeAway: (mark: MarkAt) => Promise<void>;
  readonly tried: (mark: MarkAt, rung: RungAt, result: Did) => Promise<void>;
  readonly tested: (test: Pick<SpotTestEntry, 'agent' | 'part' | 'place' | 'photos'>, cloth: Cloth) => Promise<void>;
}

/** A pair as it was last seen, and the hands that work on it. */
export function useSurfaces(kit: Kit, item: Item): { readonly surfaces: Surfaces; readonly hands: Hands } {
  const surfaces = useMemo(() => surfacesOf(kit, item), [kit, item]);
  const { seen } = surfaces;
  const stains = seen?.stains ?? [];
  const look = (next: Stain[], damage = seen?.damage) => withMarks(seen, item.id, next, damage, newId('ins'), nowIso());
  const hands: Hands = {
    addMark: async (mark) => notify('The mark is written down.', await saveSeen(look([...stains, mark]))),
    addDamage: async (damage) =>
      notify('It is written down as damage.', await saveSeen(look(stains, [...(seen?.damage ?? []), damage]))),
    takeAway: async ({ stain }) => notify('The mark is taken away.', await saveSeen(look(stains.filter((s) => s !== stain)))),
    tried: async (mark, rung, result) => {
      const bottle = (kit.supplies ?? []).find((s) => s.class === rung.agent && s.remainingMl !== 0);
      const used =
        rung.agent === null || rung.agent === 'warm-water'
          ? []
          : [
              {
                class: rung.agent,
                ...(bottle ? { supplyId: bottle.id } : {}),
                ...(rung.amount === null ? {} : { ml: rung.amount }),
              },
            ];
      const { soil, place, part } = mark.stain;
      const undo = await saveTreatment(
        {
          id: newId('log'),
          type: 'treatment',
          itemId: item.id,
          at: nowIso(),
          soil,
          rung: rung.rung,
          result,
          ...(place === undefined ? {} : { place }),
          ...(part === undefined ? {} : { part }),
          ...(used.length > 0 ? { supplies: used } : {}),
        },
        look(marksAfter(stains, mark.stain, result)),
      );
      notify(`${capital(rungName(rung.rung))} on the ${markName(mark)}: ${DID_WORDS[result].said}.`, undo);
    },
    tested: async (test, cloth) => {
      const entry: SpotTestEntry = { id: newId('log'), type: 'spot-test', itemId: item.id, at: nowIso(), cloth, ...test };
      notify(`${testText(entry)}.`, await saveEntry(entry));
    },
  };
  return { surfaces, hands };
}
