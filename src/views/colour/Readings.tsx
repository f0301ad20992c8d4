import type { ColourChange, ColourMarks, ColourReading, ColourSpot } from '../../core/colour';
import { estimateText, intervalText, labText, pictureFault, seenText, spotFault } from '../../core/telling/colour';
import { Column, Figure, Note } from '../../ui/basics';
import { Disclosure } from '../../ui/Disclosure';
import { FigureTable } from '../../ui/FigureTable';
import { Progress } from '../../ui/Progress';
import { TextField } from '../../ui/TextField';
import { pictureWorker } from '../../workers';
import { letterOf } from './ColourStage';
import type { ColoursOf, ColourPicture } from './useMarks';

export const NAMES: Record<ColourPicture, string> = { before: 'Before', after: 'After' };

/** What stands in the way of reading a picture, and how far it is read. */
export function Faults({ which, colours, marks }: { which: ColourPicture; colours: ColoursOf; marks: ColourMarks }) {
  const { share, fault, answer } = colours;
  if (share !== null)
    return (
      <Progress
        what={`Reading “${NAMES[which].toLowerCase()}”, %`}
        done={Math.round(share * 100)}
        of={100}
        onStop={() => void pictureWorker().stop(which)}
      />
    );
  if (fault === 'stopped') return <Note>{NAMES[which]}: reading it was stopped. Open the page again to have it read.</Note>;
  if (fault) return <Note tone="alarm">{NAMES[which]}: that is no picture that can be read. Take another.</Note>;
  if (!answer) return null;
  const { result } = answer;
  if (result.status !== 'read') return <Note tone="alarm">{`${NAMES[which]}: ${pictureFault(result.status)}`}</Note>;
  return result.faults.map(({ id, fault }) => (
    <Note key={id} tone="alarm">
      {`${NAMES[which]}: ${spotFault(marks.spots.find((s) => s.id === id)?.name ?? id, fault)}`}
    </Note>
  ));
}

const figure = (text: string | undefined) => <Figure>{text ?? '–'}</Figure>;
/** Every place: what happened to it in a line, and below all its figures. */
export function Readings({
  marks,
  changes,
  before,
  onRename,
}: {
  marks: ColourMarks;
  changes: readonly ColourChange[];
  before: readonly ColourReading[];
  onRename: (id: string, name: string) => void;
}) {
  const rows = marks.spots.map((spot, n) => ({
    spot,
    name: `${letterOf(n)}: ${spot.name}`,
    change: changes.find((c) => c.id === spot.id),
    one: before.find((r) => r.id === spot.id),
  }));
  return (
    <Column $gap={16}>
      <FigureTable
        label="Places"
        rows={rows}
        rowKey={(r) => r.spot.id}
        columns={[
          { id: 'place', head: 'Place', cell: (r) => r.name },
          {
            id: 'yellow',
            head: changes.length > 0 ? 'Yellowness (E313), before → after' : 'Yellowness (E313)',
            cell: ({ change, one }) =>
              figure(
                change
                  ? `${estimateText(change.before.yellow)} → ${estimateText(change.after.yellow)}`
                  : one && estimateText(one.yellow),
              ),
          },
          { id: 'seen', head: 'The change', cell: ({ change }) => (change ? seenText(change.seen) : '–') },
        ]}
      />
      <AllFigures changes={changes} rows={rows} />
      <Disclosure title="Name the places">
        <Column $gap={12}>
          {marks.spots.map((spot, n) => (
            <TextField
              key={spot.id}
              label={`Place ${letterOf(n)}`}
              value={spot.name}
              maxLength={60}
              width={240}
              onChange={(to) => onRename(spot.id, to)}
            />
          ))}
        </Column>
      </Disclosure>
    </Column>
  );
}

/** Everything that a change was read as, place by place. */
function AllFigures({
  changes,
  rows,
}: {
  changes: readonly ColourChange[];
  rows: readonly { spot: ColourSpot; name: string; change: ColourChange | undefined }[];
}) {
  return (
    <Disclosure title="All figures of the change">
      {changes.length === 0 ? (
        <p>They come with the second picture.</p>
      ) : (
        rows.map(
          ({ spot, name, change }) =>
            change && (
              <FigureTable
                key={spot.id}
                label={`Figures of ${spot.name}`}
                rows={[
                  { what: 'Yellowness, ASTM E313', text: intervalText(change.yellower) },
                  { what: 'CIEDE2000', text: intervalText(change.seen) },
                  { what: 'ΔE*ab', text: intervalText(change.deltaE) },
                  { what: 'Grey scale, ISO 105-A02', text: change.grade },
                  { what: 'Before', text: labText(change.before) },
                  { what: 'After', text: labText(change.after) },
                ]}
                rowKey={(r) => r.what}
                columns={[
                  { id: 'what', head: name, cell: (r) => r.what },
                  { id: 'text', head: 'Change, nine in ten between', cell: (r) => figure(r.text) },
                ]}
              />
            ),
        )
      )}
    </Disclosure>
  );
}
