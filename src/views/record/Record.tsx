import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useKit, usePlanning } from '../../app/kit';
import { useRanked } from '../../app/ranked';
import { download } from '../../app/download';
import { setTheme, tell, useSession } from '../../app/session';
import { nowIso, today } from '../../app/now';
import { dayText, whenText } from '../../app/time';
import type { Fault } from '../../core/formats';
import { MAX_KIT_CHARS } from '../../core/formats/limits';
import { isEntry, type Kit } from '../../core/gear';
import { NEED_WORDS } from '../../core/telling/due';
import { didText, usedText } from '../../core/telling/run';
import { KIND_WORDS } from '../../core/words';
import { exportKit, replaceKit } from '../../data/kit';
import { fullness, isKept, type Fullness } from '../../data/storage';
import { plannerWorker } from '../../workers';
import { Column, Figure, Note, Page, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { color, phone } from '../../ui/theme';
import { FilePick } from '../../ui/FilePick';

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
const Faults = styled.ul`
  font-size: 15px;
  max-height: 320px;
  overflow: auto;
  li {
    padding: 2px 0;
    overflow-wrap: anywhere;
  }
`;

const MB = 1_000_000;
/** How much is stored here, and whether the browser has promised to keep it. */
function Stored() {
  const [state, setState] = useState<{ full: Fullness | null; kept: boolean } | null>(null);
  useEffect(() => {
    let stale = false;
    void Promise.all([fullness(), isKept()]).then(([full, kept]) => {
      if (!stale) setState({ full, kept });
    });
    return () => {
      stale = true;
    };
  }, []);
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

type Reading =
  | { state: 'idle' }
  | { state: 'reading'; name: string }
  | { state: 'ready'; name: string; kit: Kit }
  | { state: 'refused'; name: string; faults: readonly Fault[] };

function Import({ current }: { current: Kit }) {
  const [reading, setReading] = useState<Reading>({ state: 'idle' });
  const job = useRef(0);
  const read = async (file: File): Promise<void> => {
    const mine = ++job.current;
    setReading({ state: 'reading', name: file.name });
    if (file.size > MAX_KIT_CHARS) {
      setReading({
        state: 'refused',
        name: file.name,
        faults: [{ path: '', message: `is larger than ${MAX_KIT_CHARS / 1e6} MB` }],
      });
      return;
    }
    try {
      const result = await plannerWorker().read(await file.text());
      if (mine !== job.current) return;
      setReading(
        result.status === 'read'
          ? { state: 'ready', name: file.name, kit: result.kit }
          : { state: 'refused', name: file.name, faults: result.faults },
      );
    } catch {
      if (mine === job.current)
        setReading({
          state: 'refused',
          name: file.name,
          faults: [{ path: '', message: 'could not be read; choose the file again' }],
        });
    }
  };
  const cancel = (): void => {
    job.current++;
    setReading({ state: 'idle' });
  };
  const replace = async (kit: Kit): Promise<void> => {
    tell(`${kit.items.length} things are in your kit now.`, await replaceKit(kit));
    cancel();
  };
  return (
    <>
      <FilePick accept={['application/json', '.json']} onFiles={([file]) => file && void read(file)}>
        Import a kit
      </FilePick>
      {reading.state === 'reading' && (
        <Row>
          <Quiet role="status">Reading {reading.name} …</Quiet>
          <Button look="quiet" onPress={cancel}>
            Cancel
          </Button>
        </Row>
      )}
      {reading.state === 'ready' && (
        <Sheet title="Replace your kit by this file?" open onClose={cancel}>
          <p>
            {reading.name} holds {reading.kit.items.length} things, {reading.kit.inspections.length} looks and{' '}
            {(reading.kit.log ?? []).length} lines of record. Your {current.items.length} things and their record will be
            replaced, and programmes under way end.
          </p>
          <p>You can undo it for a few seconds; a copy saved first lasts longer.</p>
          <Row $wrap>
            <Button onPress={() => void replace(reading.kit)}>Replace it</Button>
            <Button
              look="quiet"
              onPress={() =>
                void exportKit(nowIso()).then((text) => download(`umbrastic-${today()}.json`, 'application/json', text))
              }
            >
              Save a copy first
            </Button>
            <Button look="quiet" onPress={cancel}>
              Keep mine
            </Button>
          </Row>
        </Sheet>
      )}
      {reading.state === 'refused' && (
        <Sheet title="This file was not imported." open onClose={cancel}>
          <p>Your kit is as it was. In {reading.name}:</p>
          <Faults>
            {reading.faults.map((f, n) => (
              <li key={n}>
                <Figure>{f.path || 'the file'}</Figure> {f.message}
              </li>
            ))}
          </Faults>
          <Row>
            <Button onPress={cancel}>Close</Button>
          </Row>
        </Sheet>
      )}
    </>
  );
}

/** What did it do, and what is next? The record, and the data in and out. */
export function Record() {
  const kit = useKit();
  const planning = usePlanning(kit);
  const ranked = useRanked(kit, planning.programmes);
  const theme = useSession((s) => s.theme);
  const [busy, setBusy] = useState(false);
  if (!kit) return <Page aria-busy="true" />;
  const names = new Map(kit.items.map((i) => [i.id, i.name ?? KIND_WORDS[i.kind]]));
  const care = (kit.log ?? []).filter(isEntry('care')).sort((a, b) => (a.at < b.at ? 1 : -1));
  // One day for a thing, as everywhere: it stands at its newest line only.
  const newest = new Map([...care].reverse().map((e) => [e.itemId, e.id]));
  const dueAt = new Map((ranked ?? []).map((r) => [newest.get(r.item.id) ?? '', r]));
  const dueText = (id: string): string => {
    const row = dueAt.get(id);
    if (!row?.programme) return '';
    return row.need === 'fresh' ? `next look ${dayText(row.on)}` : NEED_WORDS[row.need];
  };
  const save = async (): Promise<void> => {
    download(`umbrastic-${today()}.json`, 'application/json', await exportKit(nowIso()));
    tell('The copy is in your downloads.');
  };
  const demo = async (): Promise<void> => {
    setBusy(true);
    const undo = await (await import('../../app/demo')).takeDemoKit();
    setBusy(false);
    if (undo) tell('The demo kit is here.', undo);
    else tell('The demo kit is not here just now; your kit is as it was.');
  };
  return (
    <Page>
      <Row $between $wrap $top>
        <h1>
          {care.length === 0
            ? 'No care recorded yet.'
            : `Care recorded ${care.length === 1 ? 'once' : `${care.length} times`}, last ${whenText(care[0]?.at ?? '')}.`}
        </h1>
        <Row $wrap>
          <Button data-main-action onPress={() => void save()}>
            Save a copy
          </Button>
          <Import current={kit} />
        </Row>
      </Row>
      <section aria-label="Care record">
        <Lines>
          {care.map((e) => (
            <li key={e.id}>
              <Quiet>{whenText(e.at)}</Quiet>
              <span>
                <Link to={`/kit/${e.itemId}`}>
                  <strong>{names.get(e.itemId ?? '') ?? 'gone'}</strong>
                </Link>{' '}
                <Link to={`/record/${e.id}`}>{didText(e)}</Link>
                {e.rinsed && <Quiet>, clear after {e.rinsed.clearAfter} rinses</Quiet>}
                {e.note && (
                  <>
                    <br />
                    <Quiet>{e.note}</Quiet>
                  </>
                )}
                {(e.supplies ?? []).length > 0 && (
                  <>
                    <br />
                    <Figure>{(e.supplies ?? []).map((s) => usedText(s, kit.supplies)).join(', ')}</Figure>
                  </>
                )}
              </span>
              <Quiet>{dueText(e.id)}</Quiet>
            </li>
          ))}
        </Lines>
      </section>
      <Column $gap={20} style={{ maxWidth: 520 }}>
        <h2>This browser</h2>
        <Note>
          Everything stays in this browser. Save a copy now and then; it opens in any Umbrastic, and the planning command reads it
          too.
        </Note>
        <Stored />
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
        <Row>
          <Button look="quiet" isDisabled={busy} onPress={() => void demo()}>
            Replace everything by the demo kit
          </Button>
        </Row>
      </Column>
    </Page>
  );
}
