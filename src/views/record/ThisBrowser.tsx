import { useCopiedAt, useSnapshots } from '../../app/stored';
import type { ComponentProps } from 'react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { bringBack, saveForOthers, snapshot } from '../../app/copy';
import { setTheme, notify, useSession } from '../../app/session';
import { daysUntil, whenText } from '../../app/time';
import { dayOf } from '../../core/units/day';
import { type Kit } from '../../core/gear';
import { capital, howMany } from '../../core/words/text';
import { type SnapshotReason } from '../../data/db';
import { KEPT_DAYS, LEFT_DAYS } from '../../data/snapshots';
import { fullness, isKept, type Fullness } from '../../data/storage';
import { Column, Note, Quiet, Row } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { Calendar } from './Calendar';
import { PATHS } from '../../app/routes';
import { BYTES_PER_MB } from '../../core/units';
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
      {(usedBytes / BYTES_PER_MB).toFixed(1)} of {Math.round(ofBytes / BYTES_PER_MB)} MB are used.{' '}
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
  const at = useCopiedAt();
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
  const all = useSnapshots() ?? [];
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
function Theme() {
  const theme = useSession((s) => s.theme);
  return (
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
  );
}
/** What is kept here, how it is copied, and what all of it is told in. */
export function ThisBrowser({ kit, ranked }: { kit: Kit; ranked: ComponentProps<typeof Calendar>['ranked'] }) {
  const [busy, setBusy] = useState(false);
  const [about, setAbout] = useState(false);
  const demo = async (): Promise<void> => {
    setBusy(true);
    await snapshot('demo');
    const undo = await (await import('../../app/demo')).takeDemoKit();
    setBusy(false);
    if (undo) notify('The demo kit is here.', undo);
    else notify('The demo kit is not here just now; your kit is as it was.');
  };
  return (
    <Column $gap={20} style={{ maxWidth: 520 }}>
      <h2>This browser</h2>
      <Note>
        Everything stays in this browser. Save a copy now and then: it holds all of it, photographs and what is under way too, and
        opens in any Umbrastic.
      </Note>
      <Copied kit={kit} />
      <Earlier />
      <Calendar kit={kit} ranked={ranked} />
      <Row $wrap>
        <Quiet>For other software, and for the planning command:</Quiet>
        <TextButton onPress={() => void saveForOthers()}>Save the kit as JSON</TextButton>
      </Row>
      <Stored kit={kit} />
      <p>
        <Link to={PATHS.licences} reloadDocument>
          Licences of what this app is made with
        </Link>
      </p>
      <Theme />
      <Row $wrap>
        <Button look="quiet" onPress={() => setAbout(true)}>
          Name, people, units, money
        </Button>
        <LinkButton look="quiet" to={PATHS.begin}>
          Begin anew
        </LinkButton>
        <Button look="quiet" isDisabled={busy} onPress={() => void demo()}>
          Replace everything by the demo kit
        </Button>
      </Row>
      <Suspense fallback={null}>{about && <AboutKit kit={kit} onClose={() => setAbout(false)} />}</Suspense>
    </Column>
  );
}
