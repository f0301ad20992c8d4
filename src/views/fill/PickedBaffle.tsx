import { Link } from 'react-router';
import { toThing } from '../../app/routes';
import { notify } from '../../app/session';
import { OPENING_STATES, type FillMap, type Item } from '../../core/gear';
import { BOUNDS } from '../../core/knowledge/bounds';
import { saveItem } from '../../data/repo';
import { Column, Figure, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { QuantityField } from '../../ui/NumberField';
import { OneSelect } from '../../ui/Select';
import type { Fill, Picked, ReadingsHere } from './useFill';

const OPENING_WORDS = { open: 'open', tied: 'tied off', sewn: 'sewn shut' } as const;
/** The map as it is from now on. */
export const keepMap = (item: Item, next: FillMap, said: string): void =>
  void saveItem({ ...item, fillMap: next }).then((undo) => notify(said, undo));

function Grams({ share, overfilled, byRuler }: Pick<Picked, 'share' | 'overfilled'> & { byRuler: boolean }) {
  if (!share) return null;
  return (
    <p>
      <Figure>
        {Math.round(share.grams)} ± {Math.max(1, Math.round(share.sd))} g
      </Figure>
      , even would be <Figure>{Math.round(share.target)} g</Figure>
      {byRuler && share.ratio === null ? '; not measured, taken to be like the others' : ''}
      {overfilled === null || overfilled === undefined ? '' : `; its down lofts to ${overfilled.toFixed(2)} × its sewn volume`}.
    </p>
  );
}

interface OfBaffle {
  readonly item: Item;
  readonly map: FillMap;
  readonly baffle: Picked['baffle'];
}
function Thicknesses({ item, map, baffle, ruler }: OfBaffle & { ruler: ReadingsHere }) {
  return (
    <Row $gap={12} $wrap $top key={baffle.id}>
      <QuantityField
        label="Thickness now"
        unit="mm"
        value={ruler.readings.get(baffle.id)?.nowMm}
        what="the millimetres"
        {...BOUNDS.thicknessMm}
        onChange={(mm) => ruler.setNow(baffle.id, mm)}
      />
      <QuantityField
        label="When new"
        unit="mm"
        value={baffle.newThicknessMm}
        what="the millimetres"
        {...BOUNDS.newThicknessMm}
        onChange={(mm) =>
          mm !== undefined &&
          keepMap(
            item,
            { ...map, baffles: map.baffles.map((b) => (b.id === baffle.id ? { ...b, newThicknessMm: mm } : b)) },
            `${baffle.id}: ${mm} mm when new.`,
          )
        }
      />
    </Row>
  );
}
function Openings({ item, map, baffle }: OfBaffle) {
  return (map.openings ?? []).map((o, n) =>
    o.from === baffle.id || o.to === baffle.id ? (
      <OneSelect
        key={`${o.from} ${o.to}`}
        label={`Opening to ${o.from === baffle.id ? o.to : o.from}`}
        value={o.state ?? 'open'}
        options={OPENING_STATES}
        words={OPENING_WORDS}
        onChange={(state) =>
          keepMap(
            item,
            { ...map, openings: (map.openings ?? []).map((x, k) => (k === n ? { ...x, state } : x)) },
            `The opening is ${OPENING_WORDS[state]}.`,
          )
        }
      />
    ) : null,
  );
}
/** Readings that are changed here: kept in today's look, or forgotten. */
function Changed({ item, ruler }: { item: Item; ruler: ReadingsHere }) {
  if (!ruler.changed) return null;
  return (
    <Row $wrap style={{ marginTop: 12 }}>
      {ruler.looked ? (
        <Button look="quiet" onPress={() => void ruler.keep()}>
          Keep these readings
        </Button>
      ) : (
        <Quiet>
          These readings stand only here. <Link to={toThing(item.id, 'look-over')}>Look it over</Link> to keep them.
        </Quiet>
      )}
      <TextButton onPress={ruler.forget}>Forget them</TextButton>
    </Row>
  );
}

/** What is known of the baffle that is picked, and where its thickness is written. */
export function PickedBaffle({ item, map, fill }: { item: Item; map: FillMap; fill: Fill }) {
  const { picked, ruler, source } = fill;
  return (
    <section aria-labelledby="baffle">
      <h2 id="baffle" style={{ marginBottom: 8 }}>
        {picked ? picked.baffle.id : 'Press a baffle'}
      </h2>
      {!picked && <p>Its grams, its openings, and a place for what the ruler shows.</p>}
      {picked && (
        <Column $gap={12}>
          <Grams {...picked} byRuler={source === 'ruler'} />
          <Thicknesses item={item} map={map} baffle={picked.baffle} ruler={ruler} />
          <Openings item={item} map={map} baffle={picked.baffle} />
        </Column>
      )}
      <Changed item={item} ruler={ruler} />
    </section>
  );
}
