import type { Item, Kit } from '../../core/gear';
import { useFill, type Fill } from './useFill';
import { keepMap, PickedBaffle } from './PickedBaffle';
import { Said } from '../../ui/said';
import { Link } from 'react-router';
import { toBench, toThing, useIdHere } from '../../app/routes';
import { LevellingMoves } from '../../app/LevellingMoves';
import { moveKey } from '../../app/levelling';
import { useItem } from '../../app/kit';
import { UnderWayOf } from '../../app/UnderWay';
import { whenText } from '../../app/time';
import { type FillMap } from '../../core/gear';
import { drawnBaffles, layoutOf, START_LAYOUTS, type StartLayout } from '../../core/loft';
import { KIND_WORDS } from '../../core/words';
import { apartText, levellingText } from '../../core/telling/loft';
import { Column, Note, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { NotInKit } from '../../app/NotHere';
import { Button, LinkButton } from '../../ui/Button';
import { Handling } from './Handling';
import { LoftYears } from './LoftYears';
import { BaffleMap } from '../../ui/BaffleMap';
import { ThingCrumbs } from '../../app/ThingCrumbs';

const STARTS: Readonly<Record<StartLayout, string>> = { jacket: 'Like a jacket', quilt: 'Like a quilt', bag: 'Like a bag' };
/** Where the down is, baffle by baffle, and the least work that evens it. */
export function FillPage() {
  const { kit, item } = useItem(useIdHere());
  if (!kit) return <Page aria-busy="true" />;
  if (!item) return <NotInKit />;
  const name = item.name ?? KIND_WORDS[item.kind];
  if (!item.components.some((c) => c.part === 'fill' && c.material === 'down')) {
    return (
      <Page>
        <h1>{name} holds no down that could be moved.</h1>
        <Row>
          <LinkButton to={toThing(item.id)}>To {name}</LinkButton>
        </Row>
      </Page>
    );
  }
  const map = item.fillMap;
  return map && drawnBaffles(map).length > 0 ? <Filled kit={kit} item={item} map={map} /> : <NoMap item={item} />;
}

/** Its way back: the kit, and the thing itself. */
function Trail({ item }: { item: Item }) {
  return <ThingCrumbs item={item} here="Where its down is" />;
}

/** Nothing is drawn yet: what its baffles can begin from. */
function NoMap({ item }: { item: Item }) {
  return (
    <Page>
      <Trail item={item} />
      <h1>First its baffles: take the layout that is nearest.</h1>
      <p>It is drawn to scale and made your own afterwards: what each baffle measures, and which openings are shut.</p>
      <Row $wrap>
        {(Object.keys(START_LAYOUTS) as StartLayout[]).map((kind) => (
          <Button
            key={kind}
            look="quiet"
            onPress={() => keepMap(item, layoutOf(START_LAYOUTS[kind]), 'Its baffles are laid out.')}
          >
            {STARTS[kind]}
          </Button>
        ))}
        <LinkButton look="quiet" to={toThing(item.id, 'baffles')}>
          Draw them myself
        </LinkButton>
      </Row>
    </Page>
  );
}

/** By which of the two the map is drawn, and what else is measured here. */
function Sources({ item, fill }: { item: Item; fill: Fill }) {
  const { source, ruledAt, litAt, ruler, wish } = fill;
  return (
    <Row $gap={12} $wrap>
      {ruledAt && litAt && !ruler.changed ? (
        <>
          <Button look={source !== 'ruler' ? 'quiet' : 'main'} aria-pressed={source === 'ruler'} onPress={() => wish('ruler')}>
            By ruler, {whenText(ruledAt)}
          </Button>
          <Button look={source !== 'light' ? 'quiet' : 'main'} aria-pressed={source === 'light'} onPress={() => wish('light')}>
            By light, {whenText(litAt)}
          </Button>
        </>
      ) : (
        <Quiet>
          {litAt && source === 'light'
            ? `by light, ${whenText(litAt)}`
            : ruledAt
              ? `measured ${whenText(ruledAt)}`
              : 'never measured baffle by baffle'}
        </Quiet>
      )}
      <LinkButton look="quiet" to={toThing(item.id, 'light')}>
        Against the light
      </LinkButton>
      <LinkButton look="quiet" to={toThing(item.id, 'baffles')}>
        Its baffles
      </LinkButton>
    </Row>
  );
}

/** The map with what it means in words. */
function MapHere({ map, fill }: { map: FillMap; fill: Fill }) {
  const { levelling, after, setAfter, clumps, thinnest } = fill;
  return (
    <Column $gap={12}>
      {levelling && levelling.moves.length > 0 && (
        <Row $gap={8}>
          <Button look={after ? 'quiet' : 'main'} aria-pressed={!after} onPress={() => setAfter(false)}>
            Now
          </Button>
          <Button look={!after ? 'quiet' : 'main'} aria-pressed={after} onPress={() => setAfter(true)}>
            After the moves
          </Button>
        </Row>
      )}
      <BaffleMap
        map={map}
        grams={fill.grams}
        moves={after ? [] : (levelling?.moves ?? []).filter((m) => !fill.done.has(moveKey(m)))}
        selected={fill.selected}
        onSelect={fill.select}
        clumps={clumps}
      />
      {clumps.length > 0 && (
        <p>
          <strong>Clumps were felt in {clumps.join(', ')}</strong> at the last look of its drying: three dots. Break them up there
          first; a clump that dried in stays thin around it.
        </p>
      )}
      <Quiet>
        The stronger the colour, the more down for its area. {levelling ? 'Figures are grams. ' : ''}
        {thinnest && thinnest.grams < 0.9 * thinnest.target
          ? `Thinnest: ${thinnest.baffle}, ${Math.round((100 * thinnest.grams) / thinnest.target)} % of even. `
          : ''}
        A red bar is a shut opening. Arrow keys move from baffle to baffle.
      </Quiet>
    </Column>
  );
}

function Filled({ kit, item, map }: { kit: Kit; item: Item; map: FillMap }) {
  const fill = useFill(kit, item, map);
  const { levelling, fillG } = fill;
  return (
    <Page>
      <UnderWayOf itemId={item.id} />
      <Trail item={item} />
      <h1 style={{ fontSize: 32, maxWidth: '30em' }} aria-live="polite">
        <Said>
          {fillG === 0
            ? 'How much down is in it? Write it under its layers first.'
            : levelling
              ? levellingText(levelling)
              : 'Hold a ruler beside a few baffles: press one and write what it shows.'}
        </Said>
      </h1>
      {levelling?.plan.apart.map((group) => (
        <Note key={group.baffles[0]} tone="alarm">
          {apartText(group)}
        </Note>
      ))}
      <Sources item={item} fill={fill} />
      <TwoColumns $left={1.4}>
        <MapHere map={map} fill={fill} />
        <Column $gap={24}>
          <PickedBaffle item={item} map={map} fill={fill} />
          {levelling && levelling.moves.length > 0 && (
            <section aria-labelledby="moves">
              <h2 id="moves" style={{ marginBottom: 8 }}>
                By hand, in this order
              </h2>
              <LevellingMoves itemId={item.id} levelling={levelling} />
            </section>
          )}
          <p>
            <Quiet>
              <Said>{fillG} g</Said> of down, shared out by{' '}
              {fill.source === 'light' ? 'the light that comes through' : 'thickness and sewn volume'}.{' '}
              <Link to={toBench('loft', item.id)}>Its volume and overfill</Link>
            </Quiet>
          </p>
        </Column>
      </TwoColumns>
      <TwoColumns $left={1.4}>
        <LoftYears kit={kit} itemId={item.id} />
        <Handling item={item} map={map} levelling={levelling} />
      </TwoColumns>
    </Page>
  );
}
