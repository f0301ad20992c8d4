import { useContext, useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { notifying } from '../../app/alarms';
import { useLevelling } from '../../app/levelling';
import type { LoftReading, Item, Kit, Room } from '../../core/gear';
import { useEquipment, useItem } from '../../app/kit';
import { useLoad } from '../../app/loads';
import { useOpenRuns } from '../../app/runs';
import { type Carried, current, type Run, tick } from '../../core/run';
import { type Damp, dampOf } from '../../core/run/damp';
import { pieceOf } from '../../core/run/ticks';
import { useRunClock } from './clock';
import type { Measured } from './Used';
import { Units } from '../../ui/units';
import { allInUnits } from '../../core/units/said';
import { focusOn } from '../../ui/focus';
import { MINUTE_MS } from '../../core/units/time';

const NOBODY: readonly Run[] = [];
export type Change = (run: Run, how: Carried) => Run;
/** What is asked about a round that is ended early, and what is done then. */
interface Asked {
  readonly stepId: string;
  readonly question: string;
  readonly ran: number;
  readonly change: Change;
}

/** The drying of the current step, worked out anew by the minute. */
function useDamp(stored: Run, item: Item | undefined, kit: Kit | undefined, room: Room | undefined, minute: number): Damp | null {
  return useMemo(() => {
    const step = current(stored);
    return step && item && kit ? dampOf(stored, step, item, kit.weighIns ?? [], room, minute) : null;
  }, [stored, item, kit, room, minute]);
}

/** Where a run stands, and in what company. */
export function useStanding(stored: Run) {
  const { now, jumped } = useRunClock(stored);
  const run = tick(stored, now);
  const navigate = useNavigate();
  const equipment = useEquipment();
  const openRuns = useOpenRuns();
  const runs = openRuns ?? [];
  const mates = useLoad(stored.load?.id) ?? NOBODY;
  const { kit, item } = useItem(run.itemId);
  const { levelling } = useLevelling(kit, item);
  const units = useContext(Units);
  const planned = current(run);
  // Said in the user's units; what goes into the record stays as it was planned.
  const step = planned && allInUnits(planned, units);
  const state = step && run.steps[step.id];
  // By the minute: the curve need not be worked out at every tick.
  const minute = Math.floor(now / MINUTE_MS) * MINUTE_MS;
  const damp = useDamp(stored, item, kit, equipment?.room, minute);
  // What makes the thing ready is one screen with ticks; a step that stands alone is its own.
  const piece = step && run.detours.length === 0 ? pieceOf(run.programme.steps, step.id) : [];
  const focusKey = `${piece[0]?.id ?? step?.id}/${state?.state === 'asking'}/${run.open.length}`;
  useEffect(() => {
    focusOn('step');
  }, [focusKey]);
  return {
    stored,
    now,
    jumped,
    run,
    navigate,
    equipment,
    openRuns,
    runs,
    mates,
    kit,
    item,
    levelling,
    units,
    planned,
    step,
    state,
    damp,
    piece,
  };
}
type Standing = ReturnType<typeof useStanding>;
/** Where it stands at a step. */
export type At = Standing & { readonly step: NonNullable<Standing['step']>; readonly state: NonNullable<Standing['state']> };

/** What is open, asked and typed. Each belongs to the step it was opened at, and closes with it. */
export function useEntries() {
  const [opened, setOpened] = useState<{
    stepId: string;
    what: 'weigh' | 'skip' | 'note' | 'together' | 'stop' | 'early' | 'more';
  } | null>(null);
  const [asked, setAsked] = useState<Asked | null>(null);
  const [usedAt, setUsedAt] = useState<(Measured & { stepId: string }) | null>(null);
  const [rinsedAt, setRinsedAt] = useState<string | null>(null);
  const [mayNotify, setMayNotify] = useState(notifying);
  const [heard, setHeard] = useState<number | null>(null);
  // What is typed and not kept yet: an answer keeps it first, so that nothing typed is lost.
  const [typed, setTyped] = useState<{ stepId: string; massG?: number | null; loft?: readonly LoftReading[] } | null>(null);
  const [feltAt, setFeltAt] = useState<string | null>(null);
  return {
    opened,
    setOpened,
    asked,
    setAsked,
    usedAt,
    setUsedAt,
    rinsedAt,
    setRinsedAt,
    mayNotify,
    setMayNotify,
    heard,
    setHeard,
    typed,
    setTyped,
    feltAt,
    setFeltAt,
  };
}
export type Entries = ReturnType<typeof useEntries>;
