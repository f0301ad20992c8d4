import { Said } from '../../ui/said';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { toThing, useIdHere } from '../../app/routes';
import { LevellingMoves } from '../../app/LevellingMoves';
import { moveKey, type Readings, readingsOf, type Source, useLevelling, useTicked } from '../../app/levelling';
import { useItem } from '../../app/kit';
import { UnderWayOf } from '../../app/UnderWay';
import { today } from '../../app/now';
import { dayOf } from '../../core/units/day';
import { useLastRun } from '../../app/runs';
import { notify } from '../../app/session';
import { whenText } from '../../app/time';
import { latestInspection, OPENING_STATES, type FillMap } from '../../core/gear';
import { drawnBaffles, fillGrams, layoutOf, loftOf, overfill, volumeOf, START_LAYOUTS, type StartLayout } from '../../core/loft';
import { KIND_WORDS } from '../../core/words';
import { apartText, levellingText } from '../../core/telling/loft';
import { clumpsOf } from '../../core/run';
import { saveInspection, saveItem } from '../../data/repo';
import { Column, Figure, Note, Page, Quiet, Row, TwoColumns, NotInKit } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { Crumbs } from '../../ui/Crumbs';
import { QuantityField } from '../../ui/NumberField';
import { Select } from '../../ui/Select';
import { Handling } from './Handling';
import { LoftYears } from './LoftYears';
import { BaffleMap } from '../../ui/BaffleMap';
import { BOUNDS } from '../../core/knowledge/bounds';

const STARTS: Readonly<Record<StartLayout, string>> = { jacket: 'Like a jacket', quilt: 'Like a quilt', bag: 'Like a bag' };
const OPENING_WORDS = { open: 'open', tied: 'tied off', sewn: 'sewn shut' } as const;
/** Where the down is, baffle by baffle, and the least work that evens it. */
export function FillPage() {
  const id = useIdHere();
  const { kit, item } = useItem(id);
  const seen = useMemo(() => (kit && item ? latestInspection(kit.inspections, item.id) : null), [kit, item]);
  const [changed, setChanged] = useState<Readings | null>(null);
  const [selected, setSelected] = useState<string | null>(null);
  const [after, setAfter] = useState(false);
  const [wished, setWished] = useState<Source | null>(null);
  const readings = useMemo(() => changed ?? readingsOf(seen), [changed, seen]);
  const fillG = item ? fillGrams(item) : 0;
  const map = item?.fillMap;
  const { levelling, source, ruledAt, litAt } = useLevelling(kit, item, changed, wished);
  const run = useLastRun(id);
  const clumps = run ? clumpsOf(run) : [];
  const [done] = useTicked(id ?? '', levelling);
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
  const keepMap = (next: FillMap, said: string): void =>
    void saveItem({ ...item, fillMap: next }).then((undo) => notify(said, undo));
  const crumbs = (
    <Crumbs
      trail={[
        { to: '/kit', name: 'Kit' },
        { to: toThing(item.id), name: name },
      ]}
      here="Where its down is"
    />
  );
  if (!map || drawnBaffles(map).length === 0) {
    return (
      <Page>
        {crumbs}
        <h1>First its baffles: take the layout that is nearest.</h1>
        <p>It is drawn to scale and made your own afterwards: what each baffle measures, and which openings are shut.</p>
        <Row $wrap>
          {(Object.keys(START_LAYOUTS) as StartLayout[]).map((kind) => (
            <Button key={kind} look="quiet" onPress={() => keepMap(layoutOf(START_LAYOUTS[kind]), 'Its baffles are laid out.')}>
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
  const grams = levelling ? new Map((after ? levelling.after : levelling.spread).map((s) => [s.baffle, s.grams] as const)) : null;
  const picked = map.baffles.find((b) => b.id === selected);
  const pickedSpread = levelling?.spread.find((s) => s.baffle === selected);
  const power = item.components.find((c) => c.part === 'fill')?.attributes?.fillPowerCuInPerOz;
  const sewnCm3 = picked && volumeOf(picked);
  const overfilled = pickedSpread && power && sewnCm3 ? overfill(pickedSpread.grams, power, 'in3-per-oz', sewnCm3) : null;
  const thinnest = levelling?.spread.reduce((a, b) => (b.grams / b.target < a.grams / a.target ? b : a));
  const setNow = (baffle: string, nowMm: number | undefined): void => {
    const next = new Map(readings);
    if (nowMm === undefined) next.delete(baffle);
    else next.set(baffle, { ...next.get(baffle), nowMm });
    setChanged(next);
  };
  const looked = seen !== null && dayOf(seen.at) === today();
  const keepReadings = async (): Promise<void> => {
    if (!seen) return;
    const loft = [...readings].map(([baffle, r]) => {
      const newMm = r.newMm ?? map.baffles.find((b) => b.id === baffle)?.newThicknessMm;
      return { baffle, nowMm: r.nowMm, ...(newMm === undefined ? {} : { newMm }) };
    });
    const { ratio } = loftOf(loft);
    const undo = await saveInspection({ ...seen, loft, ...(ratio === null ? {} : { loftRatio: ratio }) });
    setChanged(null);
    notify('The readings are in today’s look.', undo);
  };
  return (
    <Page>
      <Row $between $wrap>
        <UnderWayOf itemId={item.id} />
        {crumbs}
        <Row $gap={12} $wrap>
          {ruledAt && litAt && !changed ? (
            <>
              <Button
                look={source !== 'ruler' ? 'quiet' : 'main'}
                aria-pressed={source === 'ruler'}
                onPress={() => setWished('ruler')}
              >
                By ruler, {whenText(ruledAt)}
              </Button>
              <Button
                look={source !== 'light' ? 'quiet' : 'main'}
                aria-pressed={source === 'light'}
                onPress={() => setWished('light')}
              >
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
      </Row>
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
      <TwoColumns $left={1.4}>
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
            grams={grams}
            moves={after ? [] : (levelling?.moves ?? []).filter((m) => !done.has(moveKey(m)))}
            selected={selected}
            onSelect={setSelected}
            clumps={clumps}
          />
          {clumps.length > 0 && (
            <p>
              <strong>Clumps were felt in {clumps.join(', ')}</strong> at the last look of its drying: three dots. Break them up
              there first; a clump that dried in stays thin around it.
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
        <Column $gap={24}>
          <section aria-labelledby="baffle">
            <h2 id="baffle" style={{ marginBottom: 8 }}>
              {picked ? picked.id : 'Press a baffle'}
            </h2>
            {!picked && <p>Its grams, its openings, and a place for what the ruler shows.</p>}
            {picked && (
              <Column $gap={12}>
                {pickedSpread && (
                  <p>
                    <Figure>
                      {Math.round(pickedSpread.grams)} ± {Math.max(1, Math.round(pickedSpread.sd))} g
                    </Figure>
                    , even would be <Figure>{Math.round(pickedSpread.target)} g</Figure>
                    {source === 'ruler' && pickedSpread.ratio === null ? '; not measured, taken to be like the others' : ''}
                    {overfilled === null ? '' : `; its down lofts to ${overfilled.toFixed(2)} × its sewn volume`}.
                  </p>
                )}
                <Row $gap={12} $wrap $top key={picked.id}>
                  <QuantityField
                    label="Thickness now"
                    unit="mm"
                    value={readings.get(picked.id)?.nowMm}
                    what="the millimetres"
                    {...BOUNDS.thicknessMm}
                    onChange={(mm) => setNow(picked.id, mm)}
                  />
                  <QuantityField
                    label="When new"
                    unit="mm"
                    value={picked.newThicknessMm}
                    what="the millimetres"
                    {...BOUNDS.newThicknessMm}
                    onChange={(mm) =>
                      mm !== undefined &&
                      keepMap(
                        { ...map, baffles: map.baffles.map((b) => (b.id === picked.id ? { ...b, newThicknessMm: mm } : b)) },
                        `${picked.id}: ${mm} mm when new.`,
                      )
                    }
                  />
                </Row>
                {(map.openings ?? []).map((o, n) =>
                  o.from === picked.id || o.to === picked.id ? (
                    <Select
                      key={`${o.from} ${o.to}`}
                      label={`Opening to ${o.from === picked.id ? o.to : o.from}`}
                      value={o.state ?? 'open'}
                      options={OPENING_STATES}
                      words={OPENING_WORDS}
                      blank=""
                      onChange={(state) =>
                        state &&
                        keepMap(
                          { ...map, openings: (map.openings ?? []).map((x, k) => (k === n ? { ...x, state } : x)) },
                          `The opening is ${OPENING_WORDS[state]}.`,
                        )
                      }
                    />
                  ) : null,
                )}
              </Column>
            )}
            {changed && (
              <Row $wrap style={{ marginTop: 12 }}>
                {looked ? (
                  <Button look="quiet" onPress={() => void keepReadings()}>
                    Keep these readings
                  </Button>
                ) : (
                  <Quiet>
                    These readings stand only here. <Link to={toThing(item.id, 'look-over')}>Look it over</Link> to keep them.
                  </Quiet>
                )}
                <TextButton onPress={() => setChanged(null)}>Forget them</TextButton>
              </Row>
            )}
          </section>
          {levelling && levelling.moves.length > 0 && (
            <section aria-labelledby="moves">
              <h2 id="moves" style={{ marginBottom: 8 }}>
                By hand, in this order
              </h2>
              <LevellingMoves itemId={item.id} evening={levelling} />
            </section>
          )}
          <p>
            <Quiet>
              <Said>{fillG} g</Said> of down, shared out by{' '}
              {source === 'light' ? 'the light that comes through' : 'thickness and sewn volume'}.{' '}
              <Link to={`/bench/loft?item=${encodeURIComponent(item.id)}`}>Its volume and overfill</Link>
            </Quiet>
          </p>
        </Column>
      </TwoColumns>
      <TwoColumns $left={1.4}>
        <LoftYears kit={kit} itemId={item.id} />
        <Handling item={item} map={map} evening={levelling} />
      </TwoColumns>
    </Page>
  );
}
