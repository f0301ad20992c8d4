import { allInUnits } from '../../core/units/said';
import { useState } from 'react';
import { download } from '../../app/download';
import { nowIso, today } from '../../app/now';
import { useOpenRuns } from '../../app/runs';
import { notify } from '../../app/session';
import { dayText } from '../../app/time';
import type { Ranked } from '../../core/due/rank';
import type { EventEntry, Kit, LogEntry } from '../../core/gear';
import { aheadOfKit } from '../../core/telling/calendar';
import { dayOf } from '../../core/units/day';
import { upkeepOf } from '../../core/upkeep';
import { howMany } from '../../core/words/text';
import { saveEvents } from '../../data/repo';
import { Column, Note, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { CheckboxGroup } from '../../ui/Checkbox';
import { FilePick } from '../../ui/FilePick';
import { Sheet } from '../../ui/Sheet';

/** What is ahead for one's own calendar, and outings out of it. */
export function Calendar({ kit, ranked }: { kit: Kit; ranked: readonly Ranked[] | null }) {
  const runs = useOpenRuns();
  const [read, setRead] = useState<readonly EventEntry[] | null>(null);
  const [chosen, setChosen] = useState<string[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const known = new Map((kit.log ?? []).map((e) => [e.id, e]));
  const save = async (): Promise<void> => {
    const ahead = aheadOfKit(
      {
        ranked: ranked ?? [],
        log: kit.log ?? [],
        runs: runs ?? [],
        upkeep: upkeepOf(kit.equipment ?? {}, kit.log ?? [], today()),
      },
      today(),
      (ms) => dayOf(new Date(ms).toISOString()),
    );
    const { aheadFile } = await import('../../app/calendarFile');
    download('umbrastic-ahead.ics', 'text/calendar', aheadFile(allInUnits(ahead, kit.preferences?.units ?? 'metric'), nowIso()));
    notify(`${howMany(ahead.length, 'day')} are saved as a calendar. Open it in yours; a later one updates them.`);
  };
  const open = async (file: File): Promise<void> => {
    setFault(null);
    try {
      const { eventsFrom } = await import('../../app/calendarFile');
      const events = eventsFrom(await file.text(), today(), nowIso());
      if (events.length === 0) setFault('Nothing in that calendar lies ahead. Nothing was changed.');
      else {
        // Days read before are brought up to date; nothing else is an outing before somebody says so.
        setChosen(events.filter((e) => known.has(e.id)).map((e) => e.id));
        setRead(events);
      }
    } catch (error) {
      setFault(error instanceof Error ? error.message : String(error));
    }
  };
  const take = async (events: readonly EventEntry[]): Promise<void> => {
    // What was said of it here, as which things go along, stays.
    const merged = events.map((e): EventEntry => {
      const was = known.get(e.id);
      return was?.type === 'event' ? { ...was, ...e } : e;
    });
    notify(`${howMany(events.length, 'outing')} from the calendar.`, await saveEvents(merged));
    setRead(null);
  };
  return (
    <section aria-labelledby="calendar">
      <h3 id="calendar">Calendar</h3>
      <Column $gap={8}>
        <Row $wrap>
          <Button look="quiet" isDisabled={!ranked || !runs} onPress={() => void save()}>
            Save what is ahead
          </Button>
          <FilePick accept={['.ics', 'text/calendar']} look="text" onFiles={([file]) => file && void open(file)}>
            Outings from a calendar file
          </FilePick>
        </Row>
        <Quiet>Looks, care, outings, upkeep and alarms, as one file (iCalendar).</Quiet>
        {fault && <Note tone="alarm">{fault}</Note>}
      </Column>
      {read && <Outings read={read} setRead={setRead} chosen={chosen} known={known} setChosen={setChosen} take={take} />}
    </section>
  );
}

/** Days read from a calendar: which of them are outings. */
function Outings({
  read,
  setRead,
  chosen,
  known,
  setChosen,
  take,
}: {
  read: readonly EventEntry[];
  setRead: (next: readonly EventEntry[] | null) => void;
  chosen: string[];
  known: Map<string, LogEntry>;
  setChosen: (next: string[]) => void;
  take: (events: readonly EventEntry[]) => Promise<void>;
}) {
  return (
    <Sheet title={`${howMany(read.length, 'day')} ahead in that calendar`} open onClose={() => setRead(null)}>
      <CheckboxGroup
        label="Which are outings that the kit must be ready for?"
        values={chosen}
        options={read.map((e) => ({
          id: e.id,
          name: (
            <>
              <strong>{e.name}</strong>, {dayText(e.on ?? '')} <Quiet>{known.has(e.id) ? 'read before' : (e.place ?? '')}</Quiet>
            </>
          ),
        }))}
        onChange={setChosen}
      />
      <Row $wrap>
        <Button isDisabled={chosen.length === 0} onPress={() => void take(read.filter((e) => chosen.includes(e.id)))}>
          Take {howMany(chosen.length, 'outing')}
        </Button>
        <Button look="quiet" onPress={() => setRead(null)}>
          Leave them all
        </Button>
      </Row>
    </Sheet>
  );
}
