import { Pictures, Photos } from './CarePictures';
import { Said } from '../ui/said';
import { lazy, Suspense } from 'react';
import styled from 'styled-components';
import { format, parseISO } from 'date-fns';
import {
  isEntry,
  type CareEntry,
  type DoneStep,
  type Inspection,
  type Kind,
  type Kit,
  type LoadEntry,
  type Took,
} from '../core/gear';
import { capital, listed } from '../core/words/text';
import { zoneName } from '../core/words/zones';
import { didText, stepText, usedText } from '../core/telling/run';
import { inDrumText, loadTookText } from '../core/telling/load';
import { loftOf } from '../core/loft';
import { minutesText } from '../core/units';
import { ODOUR_WORDS, SOIL_GRADE_WORDS, SOIL_WORDS, thingName } from '../core/words';
import { Figure, Quiet } from '../ui/basics';
import { Outline } from '../ui/Outline';
import { color, phone } from '../ui/theme';
import { FigureTable } from '../ui/FigureTable';

const Sheet = styled.div`
  display: flex;
  flex-direction: column;
  gap: 18px;
`;
const Steps = styled.ol`
  max-width: 760px;
  li {
    border-top: 1px solid ${color.line};
    padding: 6px 0;
    display: grid;
    grid-template-columns: 52px 30% minmax(0, 1fr);
    gap: 16px;
    ${phone} {
      grid-template-columns: 52px minmax(0, 1fr);
      gap: 0 8px;
      > :last-child {
        grid-column: 2;
      }
    }
  }
`;

const marks = (seen: Inspection | null): string | null =>
  seen?.stains === undefined
    ? null
    : seen.stains.map((s) => `${SOIL_WORDS[s.soil]}${s.place ? ` at ${s.place}` : ''}${s.set ? ', set' : ''}`).join('; ') ||
      'none';
/** What two looks say, row by row; what neither saw is left out. */
function rowsOf(before: Inspection | null, after: Inspection | null, kind: Kind): { name: string; was: string; is: string }[] {
  const row = (
    name: string,
    of: (seen: Inspection | null) => string | null | undefined,
  ): { name: string; was: string; is: string }[] => {
    const was = of(before) ?? null;
    const is = of(after) ?? null;
    return was === null && is === null
      ? []
      : [{ name, was: was ?? 'not looked at', is: is ?? (name === 'Marks' && after ? 'none' : 'not looked at') }];
  };
  const grades = (seen: Inspection | null): string | null =>
    seen?.droplet
      ? Object.entries(seen.droplet)
          .filter((e) => e[1] !== undefined)
          .map(([zone, grade]) => `${zoneName(zone, kind)} ${grade}`)
          .join(', ')
      : null;
  const loft = (seen: Inspection | null): string | null => {
    if (seen?.loftRatio !== undefined) return `${Math.round(seen.loftRatio * 100)} % of new`;
    return seen?.loft ? `${loftOf(seen.loft).measured} places measured` : null;
  };
  const yes = (value: boolean | undefined, is: string, not: string): string | null =>
    value === undefined ? null : value ? is : not;
  return [
    ...row('Soil', (s) => (s?.soil === undefined ? null : SOIL_GRADE_WORDS[s.soil])),
    ...row('Smell', (s) => (s?.odour === undefined ? null : ODOUR_WORDS[s.odour])),
    ...row('Marks', marks),
    ...row('Drops', grades),
    ...row('Loft', loft),
    ...row('Clumps', (s) => yes(s?.clumped, 'clumped', 'none')),
    ...row('Damp', (s) => yes(s?.damp, 'damp', 'dry')),
  ];
}

const WeightCurve = lazy(async () => ({ default: (await import('./WeightCurve')).WeightCurve }));
const joinedWeights = (weights: readonly { massG: number; dryMin?: number }[]): string =>
  weights.map((w) => `${w.massG} g${w.dryMin === undefined ? '' : ` after ${minutesText(Math.round(w.dryMin))}`}`).join(', ');

/** What a run came to: what was seen before and after, what was used and took, what failed and what was done about it. */
export function CareReport({
  entry,
  kit,
  after: given,
  weights: taken,
  load: unwritten,
}: {
  entry: CareEntry;
  kit: Kit;
  /** The look after it, when it is not yet in the record; weights likewise. */
  after?: Inspection | null;
  weights?: readonly { massG: number; dryMin?: number }[];
  /** Its drum's line, when that is not yet in the record. */
  load?: LoadEntry | null;
}) {
  const find = (id: string | undefined): Inspection | null => kit.inspections.find((i) => i.id === id) ?? null;
  const load = unwritten ?? (kit.log ?? []).filter(isEntry('load')).find((e) => e.id === entry.loadId);
  const names = new Map(kit.items.map((i) => [i.id, thingName(i)]));
  const kind = kit.items.find((i) => i.id === entry.itemId)?.kind ?? 'other';
  const [before, after] = [find(entry.before), given === undefined ? find(entry.after) : given];
  const rows = rowsOf(before, after, kind);
  const weights = taken ?? (kit.weighIns ?? []).filter((w) => entry.runId !== undefined && w.runId === entry.runId);
  const dried = weights.flatMap(({ massG, dryMin }) => (dryMin === undefined ? [] : [{ massG, dryMin }]));
  const steps = (entry.steps ?? []).filter((s) => s.title !== undefined);
  const skipped = steps.filter((s) => s.outcome === 'skipped');
  const carried = steps.filter((s) => s.outcome !== 'skipped').sort((a, b) => ((a.at ?? '') < (b.at ?? '') ? -1 : 1));
  const worded = carried.filter((s) => stepText(s) !== null);
  const plain = carried.filter((s) => stepText(s) === null);
  const { takes, tookMin, plannedMin } = entry;
  const currency = kit.preferences?.currency ?? '';
  return (
    <Sheet>
      <p>
        <strong>
          <Said>{capital(didText(entry))}</Said>
        </strong>
        {tookMin !== undefined && `, in ${tookMin < 1 ? 'less than a minute' : minutesText(tookMin)}`}
        {plannedMin !== undefined && plannedMin > 0 && <Quiet> ({minutesText(plannedMin)} were planned)</Quiet>}.
        {entry.asItIs && ' It was put away although a look was open.'}
      </p>
      <Seen rows={rows} before={before} after={after} kind={kind} weights={weights} dried={dried} />
      <TookLines load={load} entry={entry} names={names} kit={kit} takes={takes} currency={currency} />
      <Stepwise worded={worded} plain={plain} skipped={skipped} entry={entry} />
      <Photos entry={entry} />
    </Sheet>
  );
}

/** What was seen, drop by drop and weighed, before and after. */
function Seen({
  rows,
  before,
  after,
  kind,
  weights,
  dried,
}: {
  rows: ReturnType<typeof rowsOf>;
  before: Inspection | null;
  after: Inspection | null;
  kind: Kind;
  weights: readonly { massG: number; dryMin?: number }[];
  dried: { massG: number; dryMin: number }[];
}) {
  return (
    <>
      {rows.length > 0 && (
        <div style={{ maxWidth: 640 }}>
          <FigureTable
            label="Before and after"
            rows={rows}
            rowKey={(r) => r.name}
            columns={[
              { id: 'what', head: '', cell: (r) => r.name },
              { id: 'before', head: 'before', cell: (r) => r.was },
              { id: 'after', head: 'after', cell: (r) => (r.was === r.is ? r.is : <strong>{r.is}</strong>) },
            ]}
          />
        </div>
      )}
      {before?.droplet && after?.droplet && after.asOf?.droplet === undefined && (
        <Pictures aria-label="Drops by zone">
          {[before, after].map((seen, n) => (
            <figure key={seen.id} style={{ width: 240 }}>
              <Outline kind={kind} grades={seen.droplet ?? {}} />
              <figcaption>{n === 0 ? 'Drops before' : 'Drops after'}</figcaption>
            </figure>
          ))}
        </Pictures>
      )}
      {weights.length > 0 && (
        <p>
          <Quiet>Weights:</Quiet> <Said>{joinedWeights(weights)}.</Said>
        </p>
      )}
      {dried.length > 1 && (
        <div style={{ maxWidth: 640, minHeight: 222 }}>
          <Suspense fallback={null}>
            <WeightCurve weights={dried} />
          </Suspense>
        </div>
      )}
    </>
  );
}

/** What it used and took; of a drum once for all that lay in it. */
function TookLines({
  load,
  entry,
  names,
  kit,
  takes,
  currency,
}: {
  load: LoadEntry | undefined;
  entry: CareEntry;
  names: Map<string, string>;
  kit: Kit;
  takes: Took | undefined;
  currency: string;
}) {
  return (
    <>
      {load && (
        <p>
          <Said>{inDrumText(load, entry.itemId, (id) => names.get(id) ?? 'a thing that is gone')}</Said>{' '}
          <Quiet>Counted once for all of it:</Quiet> <Figure>{loadTookText(load, kit) || 'nothing'}</Figure>.
        </p>
      )}
      {(entry.supplies ?? []).length > 0 && (
        <p>
          <Quiet>Used:</Quiet> <Figure>{listed((entry.supplies ?? []).map((s) => usedText(s, kit.supplies)))}</Figure>.
        </p>
      )}
      {takes && (takes.kWh > 0 || takes.litres > 0 || takes.money !== undefined) && (
        <p>
          <Quiet>It took, worked out and not metered, about</Quiet>{' '}
          <Figure>
            {[
              takes.kWh > 0 ? `${takes.kWh} kWh` : '',
              takes.litres > 0 ? `${takes.litres} L of water` : '',
              takes.money === undefined ? '' : `${takes.money.toFixed(2)} ${currency}`,
            ]
              .filter(Boolean)
              .join(', ')}
          </Figure>
          {takes.unpriced && takes.money !== undefined && <Quiet> of what has a price</Quiet>}.
        </p>
      )}
    </>
  );
}

/** Step by step, what went as planned, and what was left out. */
function Stepwise({
  worded,
  plain,
  skipped,
  entry,
}: {
  worded: DoneStep[];
  plain: DoneStep[];
  skipped: DoneStep[];
  entry: CareEntry;
}) {
  return (
    <>
      {worded.length > 0 && (
        <Steps aria-label="Step by step">
          {worded.map((s) => (
            <li key={s.stepId}>
              <Quiet>{s.at ? format(parseISO(s.at), 'HH:mm') : ''}</Quiet>
              <span>{s.title}</span>
              <span>
                <Said>{stepText(s)}</Said>
              </span>
            </li>
          ))}
        </Steps>
      )}
      {plain.length > 0 && (
        <p style={{ maxWidth: 760 }}>
          <Quiet>As planned:</Quiet> {plain.map((s) => s.title).join('; ')}.
        </p>
      )}
      {skipped.length > 0 && (
        <p>
          <Quiet>Left out:</Quiet> {skipped.map((s) => `${s.title} (${s.why ?? s.note ?? 'no reason given'})`).join('; ')}.
        </p>
      )}
      {entry.note && (
        <p>
          <Quiet>Noted:</Quiet> {entry.note}
        </p>
      )}
    </>
  );
}
