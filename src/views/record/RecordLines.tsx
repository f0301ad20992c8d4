import { yearOf } from '../../core/units/day';
import { Said } from '../../ui/said';
import { Link } from 'react-router';
import styled from 'styled-components';
import { toRecord, toThing } from '../../app/routes';
import { whenText } from '../../app/time';
import { type CareEntry, isEntry, type Kit, type LoadEntry } from '../../core/gear';
import { lineText } from '../../core/telling/line';
import { monthText } from '../../core/telling/year';
import { inDrumText, loadTookText } from '../../core/telling/load';
import { didText, usedText } from '../../core/telling/run';
import { howMany } from '../../core/words/text';
import { Figure, Quiet, Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { color, phone } from '../../ui/theme';
import { reachable } from '../../ui/focus';
import type { RecordHere, RecordLine } from './useRecord';
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
function Noted({ note }: { note: string | undefined }) {
  if (!note) return null;
  return (
    <>
      <br />
      <Quiet>{note}</Quiet>
    </>
  );
}
/** What was done apart from a programme. */
function Single({ entry: e, kit, record }: { entry: Exclude<RecordLine, CareEntry>; kit: Kit; record: RecordHere }) {
  return (
    <li>
      <Quiet>{whenText(e.at)}</Quiet>
      <span>
        <Link to={toThing(e.itemId)}>
          <strong>{record.nameOf(e.itemId) ?? 'gone'}</strong>
        </Link>{' '}
        <Said>{lineText(e, kit)}</Said>
        <Noted note={e.note} />
      </span>
      <span />
    </li>
  );
}
function Care({ entry: e, kit, record }: { entry: CareEntry; kit: Kit; record: RecordHere }) {
  const { nameOf, loads, dueText } = record;
  return (
    <li>
      <Quiet>{whenText(e.at)}</Quiet>
      <span>
        <Link to={toThing(e.itemId ?? '')}>
          <strong>{nameOf(e.itemId ?? '') ?? 'gone'}</strong>
        </Link>{' '}
        <Link to={toRecord(e.id)}>
          <Said>{didText(e)}</Said>
        </Link>
        {e.rinsed && <Quiet>, clear after {e.rinsed.clearAfter} rinses</Quiet>}
        <Noted note={e.note} />
        <InDrum entry={e} loads={loads} kit={kit} nameOf={(id) => nameOf(id) ?? 'a thing that is gone'} />
        {(e.supplies ?? []).length > 0 && (
          <>
            <br />
            <Figure>{(e.supplies ?? []).map((s) => usedText(s, kit.supplies)).join(', ')}</Figure>
          </>
        )}
      </span>
      <Quiet>{dueText(e.id)}</Quiet>
    </li>
  );
}
/** What was done, the newest first; of a month where one is looked at. */
export function RecordLines({ kit, record }: { kit: Kit; record: RecordHere }) {
  const { month, year, here, shown, show, showAll } = record;
  return (
    <section aria-label="Care record" {...reachable('lines')}>
      {month !== null && (
        <Row $wrap>
          <strong>
            <Said>{monthText(month)}</Said> {yearOf(month)}: {howMany(here.length, 'line')}.
          </strong>
          <TextButton onPress={() => show(year, null)}>All of it</TextButton>
        </Row>
      )}
      <Lines>
        {shown.map((e) =>
          e.type === 'care' ? (
            <Care key={e.id} entry={e} kit={kit} record={record} />
          ) : (
            <Single key={e.id} entry={e} kit={kit} record={record} />
          ),
        )}
      </Lines>
      {here.length > shown.length && <TextButton onPress={() => showAll()}>Show all {here.length} lines</TextButton>}
    </section>
  );
}
