import { allInUnits } from '../../core/units/said';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { readList } from '../../app/routes';
import { endOfDay, newWish, unstarted } from '../../app/dayHours';
import { download } from '../../app/download';
import { readWish, wishIsRead } from '../../app/loads';
import { useKit, usePlanning } from '../../app/kit';
import { nowIso } from '../../app/now';
import { notify } from '../../app/session';
import { useWashDay } from '../../app/washDay';
import type { DayTask, DayWish } from '../../core/washday';
/** The part of an address that names the things of a new day. */
const GIVEN = 'items';
/** Takes what an address asks for into a new day, once. */
function useGiven({ kit, wish, change }: Pick<ReturnType<typeof useWashDay>, 'kit' | 'wish' | 'change'>): void {
  const [search, setSearch] = useSearchParams();
  const given = search.get(GIVEN);
  useEffect(() => {
    // Not before the kit is here: on a first visit the demo would come behind it.
    if (given === null || wish === undefined || !kit) return;
    const items = readList(given);
    const by = search.get('by');
    const next = { ...newWish(items), ...(by ? { until: endOfDay(by) } : {}) };
    void readWish()
      .then((was) =>
        change(
          was ? { ...next, people: was.people, prefer: was.prefer, ...(was.quiet ? { quiet: was.quiet } : {}) } : next,
          'A new day is put together.',
        ),
      )
      // Not kept, it is said: then the day that was stands.
      .finally(() => wishIsRead().then(() => setSearch({}, { replace: true })));
    // eslint-disable-next-line react-hooks/exhaustive-deps -- taken once from the address
  }, [given, wish === undefined, kit === undefined]);
}

/** A wash day as its page shows and changes it. */
export function useDay() {
  const home = useKit();
  const isGiven = useSearchParams()[0].has(GIVEN);
  // The day before is neither worked out nor shown for a moment.
  const washDay = useWashDay(home, !isGiven);
  const { kit, wish, day, change, carryOut } = washDay;
  const navigate = useNavigate();
  const { programmes } = usePlanning(home);
  const [sheet, setSheet] = useState<'hours' | 'cards' | null>(null);
  const closeSheet = useCallback(() => setSheet(null), []);
  const [move, setMove] = useState<{ id: string; to: string | null } | null>(null);
  const due = useMemo(
    () =>
      (kit?.items ?? []).filter((i) => {
        const aims = programmes?.[i.id]?.aims ?? [];
        return !i.archivedOn && !i.retiredOn && aims.length > 0 && !aims.every((a) => a === 'refer');
      }),
    [kit, programmes],
  );
  useGiven(washDay);
  const here = wish ?? newWish();
  const say = (next: DayWish, said: string): void => void change(next, said);
  const replan = (next: DayWish, said: string): void => say(unstarted(next), said);
  const files = () => import('../../app/dayFiles');
  const calendar = async (only?: DayTask): Promise<void> => {
    if (!day) return;
    const said = allInUnits(day, kit?.preferences?.units ?? 'metric');
    const tasks = only ? said.tasks.filter((_, n) => day.tasks[n] === only) : said.tasks;
    download('wash-day.ics', 'text/calendar', (await files()).calendarFile(said, nowIso(), tasks));
    notify('The calendar file is saved. Open it in your calendar.');
  };
  const carry = here.started && {
    begun: new Set(Object.keys(here.started.loads ?? {})),
    onCarry: (piece: string) => void carryOut(piece).then((path) => path !== null && void navigate(path)),
  };
  const onBegun = (id: string, has: boolean): void => {
    if (!here.started) return;
    const begun = has ? [...here.started.begun, id] : here.started.begun.filter((one) => one !== id);
    void change({ ...here, started: { ...here.started, begun } });
  };
  return {
    ...washDay,
    isGiven,
    programmes,
    due,
    here,
    say,
    replan,
    sheet,
    setSheet,
    closeSheet,
    move,
    setMove,
    calendar,
    carry,
    onBegun,
  };
}
export type DayHere = ReturnType<typeof useDay>;
