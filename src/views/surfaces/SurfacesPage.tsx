import { Said } from '../../ui/said';
import { useState } from 'react';
import { Link } from 'react-router';
import { useItem } from '../../app/kit';
import { toThing, useIdHere } from '../../app/routes';
import { whenText } from '../../app/time';
import { workAhead } from '../../app/plan';
import { reckon } from '../../app/worth';
import { outlookText } from '../../core/telling/worth';
import { UnderWayOf } from '../../app/UnderWay';
import type { Item, Kit, Spot } from '../../core/gear';
import { PairStage } from '../../app/PairStage';
import { ladderOfPanel, type MarkAt, type Panel, type RungAt } from '../../core/surfaces';
import { markText, rungName, surfacesText } from '../../core/telling/surfaces';
import { capital } from '../../core/words/text';
import { Column, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { NotInKit } from '../../app/NotHere';
import { Button, LinkButton } from '../../ui/Button';
import { Mark, PanelCard } from './Marks';
import { MarkSheet } from './MarkSheet';
import { RungSheet } from './RungSheet';
import { useSurfaces, type Hands } from './useSurfaces';
import { ThingCrumbs } from '../../app/ThingCrumbs';

/** A pair, panel by panel: what lies on it, what was tried, and the next rung of each mark. */
export function SurfacesPage() {
  const id = useIdHere();
  const { kit, item } = useItem(id);
  if (!kit) return <Page aria-busy="true" />;
  if (!item) return <NotInKit />;
  return <Surfaces key={item.id} kit={kit} item={item} />;
}

function Surfaces({ kit, item }: { kit: Kit; item: Item }) {
  const { surfaces, hands } = useSurfaces(kit, item);
  const { panels, marks, gone } = surfaces;
  const [pressed, setPressed] = useState<{ readonly panel: Panel; readonly spot: Spot } | null>(null);
  const [adding, setAdding] = useState(false);
  const [working, setWorking] = useState<number | null>(null);
  const crumbs = <ThingCrumbs item={item} here="Surfaces" />;
  if (panels.length === 0)
    return (
      <Page>
        {crumbs}
        <h1>Only shoes and boots are drawn panel by panel.</h1>
        <p>
          The marks of other things are pinned in a <Link to={toThing(item.id, 'look-over')}>look over</Link>.
        </p>
      </Page>
    );
  const { verdict, more } = surfacesText(surfaces);
  const { outlook, perHour, ahead, currency, sold } = reckon(kit, item, workAhead(kit, item));
  const worth = sold ? null : outlookText(outlook, perHour, ahead.minutes, currency);
  const first = marks.findIndex((m) => m.next);
  const mark = working === null ? undefined : marks[working];
  return (
    <Page>
      <UnderWayOf itemId={item.id} />
      {crumbs}
      <Head verdict={verdict} more={more} item={item} first={first} setWorking={setWorking} marks={marks} />
      <TwoColumns $left={1.2}>
        <PairStage
          panels={panels}
          chosen={pressed?.panel ?? null}
          pinned={marks.map((m, n) => ({
            spot: m.stain.spot,
            panel: m.panel,
            mark: String(n + 1),
            name: markText(m.stain),
            over: m.next === null,
          }))}
          hint="Press a panel to see what it bears; where you press, a mark can be pinned."
          onPanel={(panel, spot) => setPressed({ panel, spot })}
        />
        <Column $gap={28}>
          {pressed && (
            <PanelCard panel={pressed.panel} ladder={ladderOfPanel(kit, item, pressed.panel)} onAdd={() => setAdding(true)} />
          )}
          {marks.map((m, n) => (
            <Mark
              key={`${m.stain.soil}-${m.stain.place ?? ''}-${n}`}
              n={n + 1}
              mark={m}
              onNext={() => setWorking(n)}
              onTakeAway={() => void hands.takeAway(m)}
            />
          ))}
          {worth && (
            <section aria-labelledby="worth">
              <h2 id="worth">Worth</h2>
              <p>
                <Said>{worth}</Said>
              </p>
            </section>
          )}
          <Off gone={gone} />
        </Column>
      </TwoColumns>
      {adding && pressed && (
        <MarkSheet
          item={item}
          panel={pressed.panel}
          spot={pressed.spot}
          onMark={(next) => void hands.addMark(next).then(() => setAdding(false))}
          onDamage={(next) => void hands.addDamage(next).then(() => setAdding(false))}
          onClose={() => setAdding(false)}
        />
      )}
      {mark?.next && <AtRung mark={mark} rung={mark.next} item={item} hands={hands} setWorking={setWorking} />}
    </Page>
  );
}

/** The rung that is worked at: on a cloth in a hidden place first, then on the mark. */
function AtRung({
  mark,
  rung,
  item,
  hands,
  setWorking,
}: {
  mark: MarkAt;
  rung: RungAt;
  item: Item;
  hands: Hands;
  setWorking: (next: number | null) => void;
}) {
  return (
    <RungSheet
      mark={mark}
      rung={rung}
      itemId={item.id}
      onCloth={({ cloth, place, photos }) => {
        const agent = rung.testFirst;
        if (!agent) return;
        const { part } = mark.stain;
        const test = {
          agent,
          ...(part === undefined ? {} : { part }),
          ...(place ? { place } : {}),
          ...(photos.length > 0 ? { photos: [...photos] } : {}),
        };
        void hands.tested(test, cloth).then(() => cloth !== 'clean' && setWorking(null));
      }}
      onDid={(did) => {
        void hands.tried(mark, rung, did).then(() => setWorking(null));
      }}
      onClose={() => setWorking(null)}
    />
  );
}

/** What to do first. */
function Head({
  verdict,
  more,
  item,
  first,
  setWorking,
  marks,
}: {
  verdict: string;
  more: string;
  item: Item;
  first: number;
  setWorking: (next: number | null) => void;
  marks: readonly MarkAt[];
}) {
  return (
    <Row $between $wrap $top>
      <Column $gap={8} style={{ maxWidth: 700 }}>
        <h1 aria-live="polite">{verdict}</h1>
        <p>
          <Said>{more}</Said>
        </p>
      </Column>
      <Row $wrap>
        <LinkButton to={toThing(item.id, 'colour')} look="quiet">
          Compare pictures
        </LinkButton>
        {first >= 0 && (
          <Button data-main-action onPress={() => setWorking(first)}>
            {marks[first]?.next?.testFirst ? 'Try it hidden' : 'Next rung'}
          </Button>
        )}
      </Row>
    </Row>
  );
}

/** Marks that are off, and by what. */
function Off({
  gone,
}: {
  gone: readonly {
    readonly soil:
      | 'mud'
      | 'dust'
      | 'sweat'
      | 'sweat-salt'
      | 'body-oil'
      | 'blood'
      | 'grease'
      | 'wax'
      | 'food-sugar'
      | 'canvas-stain'
      | 'scuff'
      | 'transfer'
      | 'paint'
      | 'dye'
      | 'yellowing'
      | 'mould'
      | 'salt-line'
      | 'smoke'
      | 'resin'
      | 'residue'
      | 'unknown';
    readonly place?: string;
    readonly rung: string;
    readonly at: string;
  }[];
}) {
  return (
    <>
      {gone.length > 0 && (
        <section aria-labelledby="off">
          <h2 id="off">Off</h2>
          <ul>
            {gone.map((g, n) => (
              <li key={n}>
                <Said>{capital(markText(g))}</Said>{' '}
                <Quiet>
                  by {rungName(g.rung)}, {whenText(g.at)}
                </Quiet>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
