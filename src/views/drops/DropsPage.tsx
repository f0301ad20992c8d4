import { Of, OfThing, useOfThing } from '../../app/OfThing';
import { Helps } from '../../app/Helps';
import { Said } from '../../ui/said';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { Drops } from '../../app/Drops';
import { useDraft } from '../../app/draft';
import { useItem } from '../../app/kit';
import { newId, nowIso, nowMs } from '../../app/now';
import { planIfPossible, type Ways, waysOf, type WayTakes } from '../../app/plan';
import { toThing, useIdHere } from '../../app/routes';
import { notify } from '../../app/session';
import { dayText } from '../../app/time';
import { UnderWayOf } from '../../app/UnderWay';
import { hasFinish, latestInspection, seenAnew, type Inspection, type Item, type Kit } from '../../core/gear';
import { dropTestsOf, leaks, repellencyOf, type Repellency } from '../../core/repellency';
import { zoneName } from '../../core/words/zones';
import { gainsText, repellencyText, zonesText } from '../../core/telling/repellency';
import { saveSeen } from '../../data/repo';
import { Column, Page, Row, TwoColumns } from '../../ui/basics';
import { InTurn } from '../../ui/InTurn';
import { NotInKit } from '../../app/NotHere';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { Chances } from './Chances';
import { Halves } from './Halves';
import { LeakTest } from './LeakTest';
import { SprayTable } from './SprayTable';
import { ZoneMaps } from './ZoneMaps';
import { ThingCrumbs } from '../../app/ThingCrumbs';

const Curve = lazy(async () => ({ default: (await import('../../app/RepellencyCurve')).RepellencyCurve }));

/** Where a thing wets, zone by zone, and what brings it back. */
export function DropsPage() {
  const { kit, item } = useItem(useIdHere());
  if (!kit) return <Page aria-busy="true" />;
  if (!item) return <NotInKit />;
  return (
    <OfThing item={item}>
      <DropsOf key={item.id} kit={kit} item={item} />
    </OfThing>
  );
}

function DropsOf({ kit, item }: { kit: Kit; item: Item }) {
  const says = useOfThing();
  const [testing, setTesting] = useState(false);
  const of = useMemo(() => repellencyOf(item, kit.inspections, kit.log ?? [], nowMs()), [kit, item]);
  const ways = useMemo(() => waysOf(kit, item), [kit, item]);
  const can = (way: keyof Ways | 'wash'): boolean => way !== 'wash' && ways[way].possible;
  const verdict = useMemo(() => planIfPossible(kit, item)?.programme.verdict ?? null, [kit, item]);
  const last = latestInspection(kit.inspections, item.id);
  const tests = dropTestsOf(kit.inspections, item.id).reverse();
  const leaking = leaks(last);
  const crumbs = <ThingCrumbs item={item} here="Drops" />;
  if (!hasFinish(item))
    return (
      <Page>
        {crumbs}
        <h1>{says('It has no finish that drops could bead on.')}</h1>
        <p>
          {says('If it has one after all, say so where')} <Link to={toThing(item.id)}>{says('it is corrected')}</Link>.
        </p>
      </Page>
    );
  const gains = of && gainsText(of);
  return (
    <Page>
      <UnderWayOf itemId={item.id} />
      {crumbs}
      <Row $between $wrap $top>
        <Column $gap={8} style={{ maxWidth: 820 }}>
          <h1 aria-live="polite">
            <Said>{says(of ? repellencyText(of, dayText) : 'Nobody has tried it with drops yet.')}</Said>
          </h1>
          {tests[0]?.droplet && (
            <p>
              <Said>{zonesText(tests[0].droplet, (zone) => zoneName(zone, item.kind))}</Said>
            </p>
          )}
          {of && <Helps of={of} can={can} leaking={leaking} />}
          {verdict && (
            <p>
              {says('Its programme:')} {verdict}
            </p>
          )}
        </Column>
        {!testing && (
          <Row $wrap>
            <LinkButton to={toThing(item.id, 'programme')} look="quiet">
              <Of>Its programme</Of>
            </LinkButton>
            <Button data-main-action onPress={() => setTesting(true)}>
              <Of>Test it with drops</Of>
            </Button>
          </Row>
        )}
      </Row>
      {testing && <Testing item={item} last={last} before={tests[0]} onEnd={() => setTesting(false)} />}
      {!testing && tests.length > 0 && (
        <InTurn height={PAST_PX}>
          <Past item={item} tests={tests} of={of} gains={gains} kit={kit} ways={ways} />
        </InTurn>
      )}
      {!testing && (
        <InTurn>
          <TwoColumns $left={1.1}>
            <Halves kit={kit} item={item} ways={ways} />
            <Column $gap={12}>
              <SprayTable kit={kit} item={item} takes={ways.renew} />
              <LeakTest item={item} last={last} />
            </Column>
          </TwoColumns>
        </InTurn>
      )}
    </Page>
  );
}

/** What the tests so far say. */
function Past({
  item,
  tests,
  of,
  gains,
  kit,
  ways,
}: {
  item: Item;
  tests: Inspection[];
  of: Repellency | null;
  gains: string | null;
  kit: Kit;
  ways: Readonly<Record<'heat' | 'wash-heat' | 'renew', WayTakes>>;
}) {
  return (
    <TwoColumns $left={1.1}>
      <ZoneMaps item={item} tests={tests} />
      {of && (
        <Column $gap={12}>
          {of.tests.length > 1 && (
            <Suspense fallback={<div aria-busy="true" style={{ minHeight: 280 }} />}>
              <Curve kit={kit} item={item} of={of} />
            </Suspense>
          )}
          {gains && (
            <p>
              <Said>{gains}</Said>
            </p>
          )}
          <Chances of={of} kit={kit} ways={ways} />
        </Column>
      )}
    </TwoColumns>
  );
}

/** About what the earlier tests take of a page, px. */
const PAST_PX = 520;
const UNTRIED: Pick<Inspection, 'droplet' | 'dropTest'> = {};
/** The guided test: what is graded so far is kept until it is recorded. */
function Testing({
  item,
  last,
  before,
  onEnd,
}: {
  item: Item;
  last: Inspection | null;
  before: Inspection | undefined;
  onEnd: () => void;
}) {
  const [start] = useState((): typeof UNTRIED => {
    const { drunkS: _, ...way } = before?.dropTest ?? {};
    return Object.keys(way).length > 0 ? { dropTest: way } : UNTRIED;
  });
  const sheet = useDraft(`drops:${item.id}`, start);
  const { droplet, dropTest } = sheet.draft;
  const keep = async (): Promise<void> => {
    if (!droplet) return;
    const anew = { id: newId('ins'), itemId: item.id, at: nowIso(), droplet, ...(dropTest ? { dropTest } : {}) };
    const undo = await saveSeen(seenAnew(last, anew));
    sheet.forget();
    onEnd();
    notify('The drops are recorded.', undo);
  };
  return (
    <section aria-label="The test">
      <Column $gap={20}>
        <Drops
          item={item}
          seen={sheet.draft}
          before={before?.droplet}
          beforeName="Last time"
          answer={(patch) =>
            sheet.setDraft((was) => {
              const next: Record<string, unknown> = { ...was, ...patch };
              for (const key of Object.keys(next)) if (next[key] === undefined) delete next[key];
              return next;
            })
          }
        />
        <Row $wrap>
          <Button data-main-action isDisabled={!droplet} onPress={() => void keep()}>
            Record the drops
          </Button>
          <TextButton onPress={onEnd}>{droplet ? 'Go on later' : 'Not now'}</TextButton>
        </Row>
      </Column>
    </section>
  );
}
