import { useMemo, useRef, useState } from 'react';
import { openFile, snapshot, takeOver, type Opened } from '../../app/copy';
import { notify } from '../../app/session';
import { besideOf } from '../../core/formats/beside';
import { MAX_COPY_BYTES, MAX_KIT_CHARS } from '../../core/formats/limits';
import type { Kit } from '../../core/gear';
import { howMany } from '../../core/words/text';
import { nowMs } from '../../app/now';
import type { RunRecord } from '../../core/run';
import type { DayWish } from '../../core/washday';
import { addBeside, type Whole } from '../../data/kit';
import { togetherWith, type Together as TogetherWith } from '../../data/together';
import { BYTES_PER_MB } from '../../core/units';
export type Ready = Opened & { state: 'ready'; name: string; together: TogetherWith | null };
type Reading = { state: 'idle' } | { state: 'reading'; name: string } | Ready | (Opened & { state: 'refused'; name: string });
/** A file of which nothing can be read. */
const refused = (name: string, message: string): Reading => ({
  state: 'refused',
  name,
  faults: [{ path: '', message }],
  sound: null,
});
const MOST: Readonly<Record<string, number>> = { zip: MAX_COPY_BYTES, json: MAX_KIT_CHARS };
/** A kit file on its way in: what it holds, what of it cannot be read, and what taking it would do. */
export function useImport(current: Kit) {
  const [reading, setReading] = useState<Reading>({ state: 'idle' });
  const job = useRef(0);
  const read = async (file: File): Promise<void> => {
    const mine = ++job.current;
    setReading({ state: 'reading', name: file.name });
    const most = MOST[file.name.split('.').at(-1) ?? ''] ?? MAX_KIT_CHARS;
    if (file.size > most) {
      setReading(refused(file.name, `is larger than ${most / BYTES_PER_MB} MB`));
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
  return { reading, setReading, read, cancel, replace, beside, add };
}
export type Importing = ReturnType<typeof useImport>;

/** Things alone, without anybody's machines and bottles: meant to be taken in. */
export const isHandedOver = ({ kit, whole }: Opened & { readonly state: 'ready' }): boolean =>
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
