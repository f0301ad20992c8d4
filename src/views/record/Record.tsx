import { Said } from '../../ui/said';
import { useLiveQuery } from 'dexie-react-hooks';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { DONE, SEASON, toRecord, toThing } from '../../app/routes';
import { useKit, usePlanning } from '../../app/kit';
import { useRanked } from '../../app/ranked';
import { bringBack, saveCopy, saveForOthers, snapshot } from '../../app/copy';
import { setTheme, notify, useSession } from '../../app/session';
import { dayText, daysUntil, whenText } from '../../app/time';
import { dayOf } from '../../core/units/day';
import {
  type CareEntry,
  type HalvesEntry,
  isEntry,
  type Kit,
  type LoadEntry,
  type SpotTestEntry,
  type TreatmentEntry,
} from '../../core/gear';
import { lineText } from '../../core/telling/line';
import { monthText, yearText } from '../../core/telling/year';
import { yearRecord, yearsIn } from '../../core/year';
import { NEED_WORDS } from '../../core/telling/due';
import { inDrumText, loadTookText } from '../../core/telling/load';
import { didText, usedText } from '../../core/telling/run';
import { KIND_WORDS } from '../../core/words';
import { capital, howMany } from '../../core/words/text';
import { readMeta, type SnapshotReason } from '../../data/db';
import { KEPT_DAYS, LEFT_DAYS, snapshots } from '../../data/snapshots';
import { fullness, isKept, type Fullness } from '../../data/storage';
import { Column, Figure, Note, Page, Quiet, Row } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { color, phone } from '../../ui/theme';
import { Calendar } from './Calendar';
import { focusOn, reachable } from '../../ui/focus';
import { today } from '../../app/now';
import { currencyOf } from '../../app/worth';
import { Effects } from './Effects';
import { Import } from './Import';
import { YearCard, YearOnPaper } from './YearCard';

const Lines = styled.ol`
  li {
    border-top: 1px solid ${color.line};
    padding: 10px 0;
    display: grid;
    grid-template-columns: 130px minmax(0, 1fr) 150px;
    gap: 16px;
    ${phone} {
      grid-template-columns: minmax(0, 1fr);
      gap: 2px;
    }
  }
`;
const MB = 1_000_000;
/** How much is stored here, and whether the browser has promised to keep it. */
function Stored({ kit }: { kit: Kit }) {
  const [state, setState] = useState<{ full: Fullness | null; kept: boolean } | null>(null);
  useEffect(() => {
    let stale = false;
    void Promise.all([fullness(), isKept()]).then(([full, kept]) => {
      if (!stale) setState({ full, kept });
    });
    return () => {
      stale = true;
    };
    // Asked anew with every change of the kit.
  }, [kit]);
  if (!state?.full) return null;
  const { usedBytes, ofBytes, nearlyFull } = state.full;
  return (
    <Note tone={nearlyFull ? 'alarm' : 'quiet'}>
      {(usedBytes / MB).toFixed(1)} of {Math.round(ofBytes / MB)} MB are used.{' '}
      {nearlyFull ? 'The store is nearly full: save a copy and delete some photographs; nothing was lost. ' : ''}
      {state.kept
        ? 'The browser has promised to keep it until you clear it.'
        : 'The browser may clear it when the device runs out of room: save a copy.'}
    </Note>
  );
}

const AboutKit = lazy(() => import('./AboutKit'));

/** A copy older than this is worth a word, days. */
const OLD_DAYS = 30;
/** When a copy was saved last, and what has been recorded since. */
function Copied({ kit }: { kit: Kit }) {
  const at = useLiveQuery(async () => (await readMeta('copiedAt')) ?? null, []);
  if (at === undefined || kit.items.length === 0) return null;
  const since = [...kit.inspections, ...(kit.log ?? [])].filter((row) => at === null || row.at > at).length;
  const old = at === null || daysUntil(dayOf(at)) < -OLD_DAYS;
  return (
    <Note tone={old && since > 0 ? 'alarm' : 'quiet'}>
      {at === null ? 'No copy was saved from this browser yet. ' : `The last copy was saved ${whenText(at)}. `}
      {since === 0
        ? 'Nothing was recorded since.'
        : at !== null && `Since then ${howMany(since, 'line was', 'lines were')} recorded.`}
    </Note>
  );
}

const BEFORE_WORDS: Readonly<Record<SnapshotReason, string>> = {
  import: 'before a file was opened',
  merge: 'before two browsers were brought together',
  demo: 'before the demo kit was taken',
  csv: 'before rows were taken in',
  bulk: 'before several things were changed',
  restore: 'before an earlier state was brought back',
  begin: 'before you began with your own',
};
/** Whole states of before, each to be brought back; nothing when there are none. */
function Earlier() {
  const all = useLiveQuery(snapshots, []) ?? [];
  const [busy, setBusy] = useState(false);
  if (all.length === 0) return null;
  return (
    <section aria-labelledby="earlier">
      <h3 id="earlier">Earlier states, kept for {KEPT_DAYS} days</h3>
      {all.some((one) => one.why === 'begin') && (
        <Quiet as="p">What you left to begin with your own stays {LEFT_DAYS} days.</Quiet>
      )}
      <ul aria-label="Earlier states">
        {all.map((one) => (
          <li key={one.id}>
            <Row $wrap $between>
              <span>
                {capital(whenText(one.at))}, {BEFORE_WORDS[one.why]}{' '}
                <Quiet>
                  {howMany(one.things, 'thing')}
                  {one.photos > 0 ? `, ${howMany(one.photos, 'photograph')}` : ''}
                </Quiet>
              </span>
              <TextButton
                isDisabled={busy}
                aria-label={`Bring it back: ${whenText(one.at)}, ${BEFORE_WORDS[one.why]}`}
                onPress={() => {
                  setBusy(true);
                  void bringBack(one).finally(() => setBusy(false));
                }}
              >
                Bring it back
              </TextButton>
            </Row>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What it shared a drum with; what the drum took stands at the newest of its things, once. */
function InDrum({
  entry,
  loads,
  kit,
  nameOf,
}: {
  entry: CareEntry;
  loads: readonly LoadEntry[];
  kit: Kit;
  nameOf: (id: string) => string;
}) {
  const load = loads.find((l) => l.id === entry.loadId);
  if (!load) return null;
  const cares = (kit.log ?? []).filter(isEntry('care')).filter((c) => c.loadId === load.id);
  const newest = cares.reduce((a, b) => (a.at >= b.at ? a : b), entry);
  return (
    <>
      <br />
      <Quiet>{inDrumText(load, entry.itemId, nameOf)}</Quiet>
      {newest.id === entry.id && (
        <>
          {' '}
          <Figure>{loadTookText(load, kit)}</Figure>
        </>
      )}
    </>
  );
}

const MOST_LINES = 40;
type RecordLine = CareEntry | TreatmentEntry | SpotTestEntry | HalvesEntry;
/** What was done, the newest first. */
const recordLines = (kit: Kit): RecordLine[] =>
  (kit.log ?? [])
    .filter((e): e is RecordLine => e.type === 'care' || e.type === 'treatment' || e.type === 'spot-test' || e.type === 'halves')
    .sort((a, b) => (a.at < b.at ? 1 : -1));

/** What did it do, and what is next? The record, and the data in and out. */
export function Record() {
  const kit = useKit();
  const planning = usePlanning(kit);
  const ranked = useRanked(kit, planning.programmes);
  const theme = useSession((s) => s.theme);
  const [busy, setBusy] = useState(false);
  const [about, setAbout] = useState(false);
  const thisYear = Number(today().slice(0, 4));
  const [{ year, month }, setChosen] = useState<{ readonly year: number; readonly month: string | null }>({
    year: thisYear,
    month: null,
  });
  const [all, setAll] = useState(false);
  if (!kit) return <Page aria-busy="true" />;
  const names = new Map(kit.items.map((i) => [i.id, i.name ?? KIND_WORDS[i.kind]]));
  const care = (kit.log ?? []).filter(isEntry('care')).sort((a, b) => (a.at < b.at ? 1 : -1));
  const loads = (kit.log ?? []).filter(isEntry('load'));
  // One day for a thing, as everywhere: it stands at its newest line only.
  const lines = recordLines(kit);
  const here = month === null ? lines : lines.filter((e) => dayOf(e.at).startsWith(month));
  const shown = all ? here : here.slice(0, MOST_LINES);
  const of = yearRecord(kit, year);
  const show = (nextYear: number, nextMonth: string | null): void => {
    setChosen({ year: nextYear, month: nextMonth });
    if (nextMonth !== null) focusOn('lines');
  };
  const newest = new Map([...care].reverse().map((e) => [e.itemId, e.id]));
  const dueAt = new Map((ranked ?? []).map((r) => [newest.get(r.item.id) ?? '', r]));
  const dueText = (id: string): string => {
    const row = dueAt.get(id);
    if (!row?.programme) return '';
    return row.need === 'fresh' ? `next look ${dayText(row.on)}` : NEED_WORDS[row.need];
  };
  const demo = async (): Promise<void> => {
    setBusy(true);
    await snapshot('demo');
    const undo = await (await import('../../app/demo')).takeDemoKit();
    setBusy(false);
    if (undo) notify('The demo kit is here.', undo);
    else notify('The demo kit is not here just now; your kit is as it was.');
  };
  return (
    <Page>
      {of.cares > 0 && <YearOnPaper kit={kit} of={of} title={yearText(of, year === thisYear, currencyOf(kit))} />}
      <Row $between $wrap $top>
        <h1 aria-live="polite" style={{ maxWidth: '30em' }}>
          <Said>{lines.length === 0 ? 'No care recorded yet.' : yearText(of, year === thisYear, currencyOf(kit))}</Said>
        </h1>
        <Row $wrap>
          <Button onPress={() => void saveCopy()}>Save a copy</Button>
          <Import current={kit} />
          <LinkButton to={SEASON} look="quiet">
            The weeks ahead
          </LinkButton>
          <LinkButton to={DONE} look="quiet">
            Done today
          </LinkButton>
        </Row>
      </Row>
      {lines.length > 0 && (
        <YearCard
          kit={kit}
          of={of}
          years={yearsIn(kit, thisYear)}
          onYear={(next) => show(next, null)}
          onMonth={(next) => show(year, next)}
        />
      )}
      {lines.length > 0 && <Effects kit={kit} />}
      <section aria-label="Care record" {...reachable('lines')}>
        {month !== null && (
          <Row $wrap>
            <strong>
              <Said>{monthText(month)}</Said> {month.slice(0, 4)}: {howMany(here.length, 'line')}.
            </strong>
            <TextButton onPress={() => show(year, null)}>All of it</TextButton>
          </Row>
        )}
        <Lines>
          {shown.map((e) =>
            e.type !== 'care' ? (
              <li key={e.id}>
                <Quiet>{whenText(e.at)}</Quiet>
                <span>
                  <Link to={toThing(e.itemId)}>
                    <strong>{names.get(e.itemId) ?? 'gone'}</strong>
                  </Link>{' '}
                  <Said>{lineText(e, kit)}</Said>
                  {e.note && (
                    <>
                      <br />
                      <Quiet>{e.note}</Quiet>
                    </>
                  )}
                </span>
                <span />
              </li>
            ) : (
              <li key={e.id}>
                <Quiet>{whenText(e.at)}</Quiet>
                <span>
                  <Link to={toThing(e.itemId ?? '')}>
                    <strong>{names.get(e.itemId ?? '') ?? 'gone'}</strong>
                  </Link>{' '}
                  <Link to={toRecord(e.id)}>
                    <Said>{didText(e)}</Said>
                  </Link>
                  {e.rinsed && <Quiet>, clear after {e.rinsed.clearAfter} rinses</Quiet>}
                  {e.note && (
                    <>
                      <br />
                      <Quiet>{e.note}</Quiet>
                    </>
                  )}
                  <InDrum entry={e} loads={loads} kit={kit} nameOf={(id) => names.get(id) ?? 'a thing that is gone'} />
                  {(e.supplies ?? []).length > 0 && (
                    <>
                      <br />
                      <Figure>{(e.supplies ?? []).map((s) => usedText(s, kit.supplies)).join(', ')}</Figure>
                    </>
                  )}
                </span>
                <Quiet>{dueText(e.id)}</Quiet>
              </li>
            ),
          )}
        </Lines>
        {here.length > shown.length && <TextButton onPress={() => setAll(true)}>Show all {here.length} lines</TextButton>}
      </section>
      <Column $gap={20} style={{ maxWidth: 520 }}>
        <h2>This browser</h2>
        <Note>
          Everything stays in this browser. Save a copy now and then: it holds all of it, photographs and what is under way too,
          and opens in any Umbrastic.
        </Note>
        <Copied kit={kit} />
        <Earlier />
        <Calendar kit={kit} ranked={planning.state === 'busy' ? null : ranked} />
        <Row $wrap>
          <Quiet>For other software, and for the planning command:</Quiet>
          <TextButton onPress={() => void saveForOthers()}>Save the kit as JSON</TextButton>
        </Row>
        <Stored kit={kit} />
        <p>
          <Link to="/licences.txt" reloadDocument>
            Licences of what this app is made with
          </Link>
        </p>
        <OneOf
          label="Light or dark"
          value={theme}
          options={[
            { id: 'auto', name: 'As the device' },
            { id: 'light', name: 'Light' },
            { id: 'dark', name: 'Dark' },
          ]}
          onChange={(id) => setTheme(id as 'auto')}
        />
        <Row $wrap>
          <Button look="quiet" onPress={() => setAbout(true)}>
            Name, people, units, money
          </Button>
          <LinkButton look="quiet" to="/begin">
            Begin anew
          </LinkButton>
          <Button look="quiet" isDisabled={busy} onPress={() => void demo()}>
            Replace everything by the demo kit
          </Button>
        </Row>
        <Suspense fallback={null}>{about && <AboutKit kit={kit} onClose={() => setAbout(false)} />}</Suspense>
      </Column>
    </Page>
  );
}
