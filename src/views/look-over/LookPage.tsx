import { Of, OfThing, useOfThing } from '../../app/OfThing';
import { drawnPins, pinsOf, type Pinned } from './pinsOf';
import { Link } from 'react-router';
import { useKit } from '../../app/kit';
import { toLook, useIdHere } from '../../app/routes';
import { dayText, whenText } from '../../app/time';
import { indexOf } from '../../core/repellency';
import { dayOf } from '../../core/units/day';
import { testWay } from '../../core/repellency/drop-test';
import { drunkText, testWayText } from '../../core/telling/repellency';
import { thingName } from '../../core/words';
import { capital } from '../../core/words/text';
import { zoneName } from '../../core/words/zones';
import { Column, DrawingAside, FactList, Page, Quiet, Row } from '../../ui/basics';
import { NotInRecord } from '../../app/NotHere';
import { FigureTable } from '../../ui/FigureTable';
import { Outline } from '../../ui/Outline';
import { CARD_NAMES, cardsFor, said, type CardId } from './cards';
import type { Inspection } from '../../core/gear';
import { ThingCrumbs } from '../../app/ThingCrumbs';

/** A past look as it was: zone by zone, mark by mark; what was only carried over has its own day. */
export function LookPage() {
  const id = useIdHere();
  const kit = useKit();
  if (!kit) return <Page aria-busy="true" />;
  const seen = kit.inspections.find((i) => i.id === id);
  const item = kit.items.find((i) => i.id === seen?.itemId);
  if (!seen || !item) return <NotInRecord what="look" />;
  const all = kit.inspections.filter((i) => i.itemId === item.id).sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  const at = all.indexOf(seen);
  const [before, after] = [all[at - 1], all[at + 1]];
  const rows = cardsFor(item).flatMap((card) => {
    const text = said(card, seen, item.kind);
    const from = FIELD_OF[card] && seen.asOf?.[FIELD_OF[card]];
    return text === null ? [] : [{ card, text, from }];
  });
  const pins = pinsOf(seen);
  const index = indexOf(seen.droplet ?? {}, item.kind);
  const name = (zone: string): string => zoneName(zone, item.kind);
  return (
    <OfThing item={item}>
      <Page>
        <ThingCrumbs item={item} here={whenText(seen.at)} />
        <h1>
          {thingName(item)}, <Of>as it was seen</Of> on {dayText(dayOf(seen.at))}.
        </h1>
        <Row $wrap>
          {before && <Link to={toLook(before.id)}>The look before, {dayText(dayOf(before.at))}</Link>}
          {after && <Link to={toLook(after.id)}>The look after, {dayText(dayOf(after.at))}</Link>}
        </Row>
        <DrawingAside>
          <Outline kind={item.kind} grades={seen.droplet ?? {}} pins={drawnPins(pins)} />
          <AsSeen rows={rows} pins={pins} index={index} seen={seen} name={name} />
        </DrawingAside>
      </Page>
    </OfThing>
  );
}

/** All that was seen then, question by question. */
function AsSeen({
  rows,
  pins,
  index,
  seen,
  name,
}: {
  rows: { card: CardId; text: string; from: string | undefined }[];
  pins: readonly Pinned[];
  index: number | null;
  seen: Inspection;
  name: (zone: string) => string;
}) {
  const says = useOfThing();
  return (
    <Column $gap={16}>
      {rows.length > 0 ? (
        <FactList $name={160}>
          {rows.map(({ card, text, from }) => (
            <div key={card} style={{ display: 'contents' }}>
              <dt>{capital(says(CARD_NAMES[card]))}</dt>
              <dd>
                {text}
                {from && <Quiet>, of {dayText(dayOf(from))}</Quiet>}
              </dd>
            </div>
          ))}
        </FactList>
      ) : (
        <p>Nothing of it was looked at.</p>
      )}
      {pins.length > 0 && (
        <ol>
          {pins.map((pin, n) => (
            <li key={n}>
              {pin.name}
              {pin.place ? `, ${pin.place}` : ''}
            </li>
          ))}
        </ol>
      )}
      {index !== null && seen.dropTest && (
        <Quiet>
          {testWayText(testWay(seen.dropTest))} {drunkText(seen.dropTest, name)}
        </Quiet>
      )}
      {(seen.loft ?? []).length > 0 && (
        <FigureTable
          label="Loft beside the ruler"
          rows={seen.loft ?? []}
          rowKey={(r) => r.baffle}
          columns={[
            { id: 'baffle', head: 'Place', cell: (r) => r.baffle },
            { id: 'now', head: 'Then, mm', figure: true, cell: (r) => r.nowMm },
            { id: 'new', head: 'New, mm', figure: true, cell: (r) => r.newMm ?? '–' },
          ]}
        />
      )}
      {seen.note && <p>{seen.note}</p>}
    </Column>
  );
}
/** The field whose day is told where a card was not looked at anew. */
const FIELD_OF: {
  readonly [card: string]: 'soil' | 'soils' | 'odour' | 'loftRatio' | 'clumped' | 'droplet' | 'damp' | 'wear' | undefined;
} = {
  soil: 'soil',
  soils: 'soils',
  odour: 'odour',
  loft: 'loftRatio',
  clumps: 'clumped',
  drops: 'droplet',
  damp: 'damp',
  wear: 'wear',
};
