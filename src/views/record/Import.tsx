import { Said } from '../../ui/said';
import { useMemo, useRef, useState } from 'react';
import { besidesOf, openFile, saveCopy, snapshot, takeOver, type Opened } from '../../app/copy';
import { notify } from '../../app/session';
import { dayText } from '../../app/time';
import { dayOf } from '../../core/units/day';
import { besideOf, type Beside } from '../../core/formats/beside';
import { MAX_COPY_BYTES, MAX_KIT_CHARS } from '../../core/formats/limits';
import type { Kit } from '../../core/gear';
import { thingName } from '../../core/words';
import { howMany, listed } from '../../core/words/text';
import { nowMs } from '../../app/now';
import type { RunRecord } from '../../core/run';
import type { DayWish } from '../../core/washday';
import { addBeside, type Whole } from '../../data/kit';
import { KEPT_DAYS } from '../../data/snapshots';
import { togetherWith, type Together as TogetherWith } from '../../data/together';
import { Figure, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { FilePick } from '../../ui/FilePick';
import { Sheet } from '../../ui/Sheet';
import { Faults, LeftOutList } from './LeftOutList';
import { Together } from './Together';

type Ready = Opened & { state: 'ready'; name: string; together: TogetherWith | null };
type Reading = { state: 'idle' } | { state: 'reading'; name: string } | Ready | (Opened & { state: 'refused'; name: string });
/** A file of which nothing can be read. */
const refused = (name: string, message: string): Reading => ({
  state: 'refused',
  name,
  faults: [{ path: '', message }],
  sound: null,
});
const MOST: Readonly<Record<string, number>> = { zip: MAX_COPY_BYTES, json: MAX_KIT_CHARS };

/** Takes a kit file in: what it holds, what of it cannot be read, and only then in place of what is here. */
export function Import({ current }: { current: Kit }) {
  const [reading, setReading] = useState<Reading>({ state: 'idle' });
  const job = useRef(0);
  const read = async (file: File): Promise<void> => {
    const mine = ++job.current;
    setReading({ state: 'reading', name: file.name });
    const most = MOST[file.name.split('.').at(-1) ?? ''] ?? MAX_KIT_CHARS;
    if (file.size > most) {
      setReading(refused(file.name, `is larger than ${most / 1e6} MB`));
      return;
    }
    try {
      const opened = await openFile(file);
      const whole = opened.state === 'ready' ? opened.whole : null;
      // What was one kit once can be brought together again; what somebody else’s is, is taken in beside.
      const together = opened.state === 'ready' && whole ? await togetherWith(opened.kit, whole) : null;
      if (mine !== job.current) return;
      setReading(
        opened.state === 'refused'
          ? { ...opened, name: file.name }
          : { ...opened, name: file.name, together: together?.related && !isHandedOver(opened) ? together : null },
      );
    } catch {
      if (mine === job.current) setReading(refused(file.name, 'could not be read; choose the file again'));
    }
  };
  const cancel = (): void => {
    job.current++;
    setReading({ state: 'idle' });
  };
  const replace = async ({ kit, whole }: Ready): Promise<void> => {
    await snapshot('import');
    notify(`${howMany(kit.items.length, 'thing is', 'things are')} in your kit now.`, await takeOver(kit, whole));
    cancel();
  };
  const beside = useMemo(() => (reading.state === 'ready' ? besideOf(current, reading.kit) : null), [current, reading]);
  const add = async ({ whole }: Ready): Promise<void> => {
    if (!beside) return;
    const along = alongWith(whole);
    const undo = await addBeside(beside, along, nowMs());
    const coming = new Set(beside.items.map((i) => i.id));
    const runs = along.runs.filter((r) => coming.has(r.itemId)).length;
    const go =
      runs > 0 ? ' What is to be done with it stands under Now.' : along.washDay ? ' Their day stands under Wash day.' : '';
    const known =
      beside.known.length > 0
        ? ` ${howMany(beside.known.length, 'thing was', 'things were')} here already and stayed as they are.`
        : '';
    notify(`${howMany(beside.items.length, 'thing', 'things')} came in.${known}${go}`, undo);
    cancel();
  };
  return (
    <>
      <FilePick accept={['application/json', '.json', 'application/zip', '.zip']} onFiles={([file]) => file && void read(file)}>
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
      {reading.state === 'ready' && reading.together && reading.whole && (
        <Together
          {...{ reading, current }}
          together={reading.together}
          whole={reading.whole}
          onReplace={() => setReading({ ...reading, together: null })}
          onClose={cancel}
        />
      )}
      {reading.state === 'ready' && !reading.together && (
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
          <p>
            {reading.name} holds {howMany(reading.kit.items.length, 'thing')}, {howMany(reading.kit.inspections.length, 'look')}{' '}
            and {howMany((reading.kit.log ?? []).length, 'line')} of record{reading.whole ? besidesOf(reading.whole, ', ') : ''}
            {reading.madeAt ? `, saved on ${dayText(dayOf(reading.madeAt))}` : ''}.{' '}
            {isHandedOver(reading) ? 'Replaced by it, your' : 'Your'} kit of {howMany(current.items.length, 'thing')} goes with
            its record, and programmes under way end.{' '}
            {reading.whole
              ? 'Photographs and views that it does not hold go too.'
              : 'It is a kit without photographs: those of things that it does not name go.'}
          </p>
          {reading.left.length > 0 && <LeftOutList left={reading.left} />}
          {beside && current.items.length > 0 && !isHandedOver(reading) && (
            <p>
              <Said>{besideText(beside)}</Said>
            </p>
          )}
          <p>What is here now is kept for {KEPT_DAYS} days and can be brought back; a copy saved first lasts longer.</p>
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
        </Sheet>
      )}
      {reading.state === 'refused' && (
        <Sheet title="This file was not imported." open onClose={cancel}>
          <p>Your kit is as it was. In {reading.name}:</p>
          <Faults>
            {reading.faults.map((f, n) => (
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
      )}
    </>
  );
}

/** Things alone, without anybody's machines and bottles: meant to be taken in. */
const isHandedOver = ({ kit, whole }: Opened & { readonly state: 'ready' }): boolean =>
  kit.equipment === undefined &&
  (kit.supplies ?? []).length === 0 &&
  kit.items.length > 0 &&
  (whole?.rest.registers ?? []).length === 0;
/** What a file holds besides things and their record. */
const alongWith = (whole: Whole | null) => ({
  photos: whole?.photos ?? [],
  runs: (whole?.rest.runs ?? []) as readonly RunRecord[],
  ...(whole?.rest.washDay ? { washDay: whole.rest.washDay as DayWish } : {}),
});
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
