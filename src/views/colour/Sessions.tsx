import { type Read } from './SessionChart';
import { Said } from '../../ui/said';
import { useMemo, useState } from 'react';
import { outlookOf, type Session } from '../../core/colour';
import { LIGHT_KINDS } from '../../core/knowledge';
import { CAUTION_WORDS } from '../../core/words/cautions';
import { minutesText } from '../../core/units';
import { estimateText, LIGHT_WORDS, outlookText } from '../../core/telling/colour';
import { whenText } from '../../app/time';
import type { Photo } from '../../data/db';
import { Column, Figure, Note, Quiet, Row, TwoColumns } from '../../ui/basics';
import { FigureTable } from '../../ui/FigureTable';
import { NumberField } from '../../ui/NumberField';
import { OneSelect } from '../../ui/Select';

import { SessionChart } from './SessionChart';
const hoursText = (hours: number): string => minutesText(Math.round(hours * 60));
/** The readings of one spot over all pictures, oldest first. */
export function sessionsOf(photos: readonly Photo[], spotId: string): Read[] {
  return photos.flatMap((photo) => {
    const reading = photo.colour?.readings.find((r) => r.id === spotId);
    return reading
      ? [
          {
            photo,
            yellow: reading.yellow,
            hours: photo.colour?.session?.hours ?? 0,
            light: photo.colour?.session?.light ?? 'sun',
          },
        ]
      : [];
  });
}

type OnSession = (photo: Photo, session: { hours: number; light: Session['light'] } | undefined) => void;
/** How long it lay in the light before the picture after, and in what light. */
function HoursBefore({ latest, onSession }: { latest: Read; onSession: OnSession }) {
  return (
    <Row $wrap $top>
      <NumberField
        label="Hours in the light before the picture after"
        what="hours in the light"
        value={latest.hours || undefined}
        min={0.05}
        max={48}
        step={0.25}
        onChange={(hours) => onSession(latest.photo, hours ? { hours, light: latest.light } : undefined)}
      />
      <OneSelect
        label="What light"
        value={latest.light}
        options={LIGHT_KINDS}
        words={LIGHT_WORDS}
        width={170}
        onChange={(light) => latest.hours > 0 && onSession(latest.photo, { hours: latest.hours, light })}
      />
    </Row>
  );
}
function SessionTable({ sessions }: { sessions: readonly Read[] }) {
  return (
    <FigureTable
      label="Sessions"
      rows={sessions}
      rowKey={(r) => r.photo.id}
      columns={[
        { id: 'when', head: 'Picture', cell: (r) => whenText(r.photo.at) },
        { id: 'yellow', head: 'Yellowness', cell: (r) => <Figure>{estimateText(r.yellow)}</Figure> },
        {
          id: 'before',
          head: 'In the light before it',
          cell: (r) =>
            r === sessions[0] ? (
              <Quiet>the start</Quiet>
            ) : r.hours > 0 ? (
              `${hoursText(r.hours)}, ${LIGHT_WORDS[r.light]}`
            ) : (
              <Quiet>not written</Quiet>
            ),
        },
      ]}
    />
  );
}

/** Peroxide in the light: what was done before each picture, and whether more is worth it. */
export function Sessions({
  photos,
  spots,
  first,
  after,
  onSession,
}: {
  photos: readonly Photo[];
  spots: readonly { readonly id: string; readonly name: string }[];
  /** The place that is followed until another is chosen. */
  first: string | undefined;
  /** The picture after, whose session is written. */
  after: Photo | undefined;
  onSession: OnSession;
}) {
  const [chosen, setChosen] = useState<string | undefined>();
  const spot = spots.find((s) => s.id === (chosen ?? first)) ?? spots[0];
  const spotId = spot?.id ?? '';
  const sessions = useMemo(() => sessionsOf(photos, spotId), [photos, spotId]);
  const lit = useMemo(() => sessions.filter((s, n) => n === 0 || s.hours > 0), [sessions]);
  const outlook = useMemo(() => outlookOf(lit), [lit]);
  if (!spot || sessions.length < 2) return null;
  const latest = sessions.find((s, n) => n > 0 && s.photo.id === after?.id);
  return (
    <section aria-labelledby="sessions">
      <h2 id="sessions" style={{ marginBottom: 8 }}>
        In the light with peroxide: {spot.name}
      </h2>
      <Column $gap={12}>
        <p aria-live="polite">
          <Said>
            {outlook && lit.length > 1
              ? outlookText(outlook, lit.length - 1)
              : 'Write how long it lay in the light before a picture, and this says how many more sessions are worth it.'}
          </Said>
        </p>
        <TwoColumns $left={1.3}>
          <Column $gap={12}>
            {lit.length > 1 && <SessionChart lit={lit} from={sessions[0]} />}
            {spots.length > 1 && (
              <OneSelect
                label="Place that is followed"
                value={spot.id}
                options={spots.map((s) => s.id)}
                words={Object.fromEntries(spots.map((s) => [s.id, s.name]))}
                width={220}
                onChange={setChosen}
              />
            )}
          </Column>
          <Column $gap={12}>
            {latest && <HoursBefore latest={latest} onSession={onSession} />}
            <SessionTable sessions={sessions} />
          </Column>
        </TwoColumns>
        <Note tone="alarm">{CAUTION_WORDS['peroxide-burns']}</Note>
        <Quiet>
          Only on clean rubber, leather and dyed cloth taped off; a thin even coat under clear film, wiped off before it dries.
          The product’s own label comes first.
        </Quiet>
      </Column>
    </section>
  );
}
