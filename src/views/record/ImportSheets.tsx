import { Said } from '../../ui/said';
import { besidesOf, saveCopy } from '../../app/copy';
import { dayText } from '../../app/time';
import { dayOf } from '../../core/units/day';
import { type Beside } from '../../core/formats/beside';
import type { Kit } from '../../core/gear';
import { thingName } from '../../core/words';
import { howMany, listed } from '../../core/words/text';
import { KEPT_DAYS } from '../../data/snapshots';
import { Figure, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { Faults, LeftOutList } from './LeftOutList';

import { isHandedOver, type Importing, type Ready } from './useImport';
/** What taking it in would do. */
function besideText({ items, known }: Beside): string {
  const named = items.slice(0, NAMED).map(thingName);
  const more = items.length > NAMED ? ` and ${items.length - NAMED} more` : '';
  if (items.length === 0) return 'All of its things are here already; taken in, nothing would change.';
  const stays =
    known.length > 0 ? ` ${howMany(known.length, 'thing is', 'things are')} here already and would stay as they are.` : '';
  return `Taken in beside yours, nothing of yours changes: ${items.length > NAMED ? named.join(', ') : listed(named)}${more} would come, with their looks and record.${stays}`;
}
const NAMED = 5;
/** What the file holds, and what it would take the place of. */
function Holds({ reading, current }: { reading: Ready; current: Kit }) {
  return (
    <p>
      {reading.name} holds {howMany(reading.kit.items.length, 'thing')}, {howMany(reading.kit.inspections.length, 'look')} and{' '}
      {howMany((reading.kit.log ?? []).length, 'line')} of record{reading.whole ? besidesOf(reading.whole, ', ') : ''}
      {reading.madeAt ? `, saved on ${dayText(dayOf(reading.madeAt))}` : ''}.{' '}
      {isHandedOver(reading) ? 'Replaced by it, your' : 'Your'} kit of {howMany(current.items.length, 'thing')} goes with its
      record, and programmes under way end.{' '}
      {reading.whole
        ? 'Photographs and views that it does not hold go too.'
        : 'It is a kit without photographs: those of things that it does not name go.'}
    </p>
  );
}
/** What can be done with it. */
function Choices({ importing, reading, current }: { importing: Importing; reading: Ready; current: Kit }) {
  const { beside, add, replace, cancel } = importing;
  return (
    <Row $wrap>
      {beside && beside.items.length > 0 && (current.items.length > 0 || isHandedOver(reading)) && (
        <Button look={isHandedOver(reading) ? 'main' : 'quiet'} onPress={() => void add(reading)}>
          {beside.items.length === 1 ? 'Take it in beside mine' : `Take ${beside.items.length} in beside mine`}
        </Button>
      )}
      <Button look={isHandedOver(reading) ? 'quiet' : 'main'} onPress={() => void replace(reading)}>
        Replace it
      </Button>
      <Button look="quiet" onPress={() => void saveCopy()}>
        Save a copy first
      </Button>
      <Button look="quiet" onPress={cancel}>
        Keep mine
      </Button>
    </Row>
  );
}
/** A file that can be taken in: beside what is here, or in its place. */
export function ReadySheet({ importing, reading, current }: { importing: Importing; reading: Ready; current: Kit }) {
  const { beside, cancel } = importing;
  return (
    <Sheet
      title={isHandedOver(reading) ? 'Take it in beside your things?' : 'Replace your kit by this file?'}
      open
      onClose={cancel}
    >
      {beside && isHandedOver(reading) && (
        <p>
          <Said>{besideText(beside)}</Said>
        </p>
      )}
      <Holds reading={reading} current={current} />
      {reading.left.length > 0 && <LeftOutList left={reading.left} />}
      {beside && current.items.length > 0 && !isHandedOver(reading) && (
        <p>
          <Said>{besideText(beside)}</Said>
        </p>
      )}
      <p>What is here now is kept for {KEPT_DAYS} days and can be brought back; a copy saved first lasts longer.</p>
      <Choices importing={importing} reading={reading} current={current} />
    </Sheet>
  );
}
type Refused = Extract<Importing['reading'], { state: 'refused' }>;
function FaultLines({ faults }: Pick<Refused, 'faults'>) {
  return (
    <Faults>
      {faults.map((f, n) => (
        <li key={n}>
          {f.said ? (
            <>
              {f.said} <Quiet>{f.path}</Quiet>
            </>
          ) : (
            <>
              <Figure>{f.path || 'the file'}</Figure> {f.message}
            </>
          )}
        </li>
      ))}
    </Faults>
  );
}
/** A file that cannot be taken in as it is. */
export function RefusedSheet({ reading, importing: { cancel, setReading } }: { reading: Refused; importing: Importing }) {
  return (
    <Sheet title="This file was not imported." open onClose={cancel}>
      <p>Your kit is as it was. In {reading.name}:</p>
      <FaultLines faults={reading.faults} />
      {reading.sound && (
        <p>
          The rest can be opened: {howMany(reading.sound.kit.items.length, 'thing')}, without{' '}
          {howMany(reading.sound.left.length, 'value or entry', 'values or entries')} that cannot be read.
        </p>
      )}
      <Row $wrap>
        {reading.sound && (
          <Button
            look="quiet"
            onPress={() =>
              reading.sound &&
              setReading({ state: 'ready', name: reading.name, whole: null, madeAt: null, together: null, ...reading.sound })
            }
          >
            See what would be opened
          </Button>
        )}
        <Button onPress={cancel}>Close</Button>
      </Row>
    </Sheet>
  );
}
