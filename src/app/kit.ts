import { useObservable } from 'dexie-react-hooks';
import { startTransition, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { proxy } from 'comlink';
import type { Equipment, Item, Kit } from '../core/gear';
import type { UsualCare } from '../core/season';
import { readMeta } from '../data/db';
import { KIT_READS, loadKit } from '../data/kit';
import { live, whenRead } from '../data/live';
import { asPlansRead, byId, keepAnswers, keptAnswers, knownFor, type Outlines } from './answers';
import { whenQuiet } from './quiet';
import { runsAreRead, useOpenRuns } from './runs';
import { useSession } from './session';
import { kitTexts, onPlannerTrouble, plannerWorker, type OnPiece, type PlanningEnd } from '../workers';

const liveKit = live(KIT_READS, () => loadKit());
/** The whole kit, live; undefined while it is read, and on a first visit until the demo has come. */
export function useKit(): Kit | undefined {
  const arriving = useSession((s) => s.arriving);
  const kit = useObservable(liveKit);
  return arriving ? undefined : kit;
}

const liveEquipment = live(['meta/equipment'], () => readMeta('equipment'));
/** The kit as it was last written, when pages have it; null when they cannot. */
export const kitIsRead = (): Promise<Kit | null> => whenRead(liveKit);

/** Machines, places, room and water, live. */
export const useEquipment = (): Equipment | undefined => useObservable(liveEquipment);

/** A thing of the kit; `kit` is undefined until it and what is under way are read: a page of a thing says first what runs with it. */
export function useItem(id: string | undefined): { kit: Kit | undefined; item: Item | undefined } {
  const whole = useKit();
  const runs = useOpenRuns();
  const kit = runs && whole;
  const item = useMemo(() => kit?.items.find((i) => i.id === id), [kit, id]);
  return { kit, item };
}

export interface Planning {
  /** Null until the first are there; they come in pieces. */
  readonly programmes: Outlines | null;
  /** `failed`: planning broke down; it can be asked for again. */
  readonly state: 'busy' | 'failed' | PlanningEnd;
  /** No answer for most of the kit stands yet, not even an older one. */
  readonly first: boolean;
  readonly done: number;
  readonly of: number;
  readonly stop: () => void;
  readonly again: () => void;
}
interface Answer {
  readonly kit: Kit;
  readonly round: number;
  readonly done: number;
  readonly end: PlanningEnd | 'failed' | null;
  readonly programmes: Outlines;
}
/** What plans is made ready for the first change, when the page has its answer without it. */
async function readyForChanges(): Promise<void> {
  await whenQuiet();
  plannerWorker();
}
const stopPlanning = (): void => void plannerWorker().stop();
/** The newest answer, for the next page: a list that was known stands at once, and is only brought up to date. */
let newest: Answer | null = null;
/**
 * Reads what every page begins with, and takes up the answers that still hold, so that a page is drawn once, with its answer. What takes longer
 * than somebody would look at nothing comes while the page stands.
 */
export async function readFirst(): Promise<void> {
  const reading = Promise.all([kitIsRead(), runsAreRead(), keptAnswers()]).then(async ([kit]) => {
    const known = kit && (await knownFor(kit));
    if (kit && known) newest = { kit, round: 0, done: kit.items.length, end: 'done', programmes: known };
  });
  await Promise.race([reading, new Promise((later) => setTimeout(later, AT_MOST_MS))]);
}
const AT_MOST_MS = 700;
/** An older answer stands for a kit when it holds this share of its things. */
const MOSTLY = 0.9;
/** Pieces are shown this often, so that a long list is not drawn anew for each. */
const SHOW_EVERY_MS = 250;

/** The first answer is waited for; what comes to a list of thousands is drawn in slices, so that a hand is heard in between. */
const draw = (inSlices: boolean, set: () => void): void => (inSlices ? startTransition(set) : set());

/** All programmes, planned in the worker, with progress and a way out. A newer kit overtakes an older answer. */
export function usePlanning(kit: Kit | undefined): Planning {
  const [round, setRound] = useState(0);
  const [answer, setAnswer] = useState<Answer | null>(newest);
  const asked = useRef(0);
  useEffect(() => {
    if (!kit) return;
    const again = asked.current !== round;
    asked.current = round;
    // The same kit as on the page before: its answer stands.
    if (!again && newest?.kit === kit && newest.end === 'done') {
      setAnswer(newest);
      void readyForChanges();
      return;
    }
    let stale = false;
    let shown = performance.now();
    let made = byId();
    let drawn = newest !== null;
    const show = (done: number, end: Answer['end']): void => {
      shown = performance.now();
      made = Object.assign(byId(), made);
      const now = { kit, round, done, end, programmes: made };
      // To the next page it is the answer to its first question.
      if (end !== null && end !== 'failed') newest = { ...now, round: 0 };
      draw(drawn, () => setAnswer(now));
      drawn = true;
    };
    const onPiece: OnPiece = (piece, done) => {
      if (stale) return;
      for (const [id, outline] of Object.entries(piece)) made[id] = outline;
      if (performance.now() - shown > SHOW_EVERY_MS) show(done, null);
    };
    const fail = (): void => {
      if (!stale) show(Object.keys(made).length, 'failed');
    };
    const deaf = onPlannerTrouble(fail);
    const plan = async (): Promise<void> => {
      const texts = await kitTexts(asPlansRead(kit));
      if (stale) return;
      const end = await plannerWorker().planAll(texts, proxy(onPiece), again);
      if (stale) return;
      show(Object.keys(made).length, end);
      if (end === 'done') void whenQuiet().then(() => keepAnswers(kit, made));
    };
    const stands = (known: Outlines): void => {
      made = Object.assign(byId(), known);
      show(kit.items.length, 'done');
      void readyForChanges();
    };
    // Only a first page begins with what came or was kept: a later one knows more.
    const begin = async (): Promise<void> => {
      const known = newest === null && !again ? await knownFor(kit) : null;
      if (stale) return;
      await (known ? stands(known) : plan());
    };
    begin().catch(fail);
    return () => {
      stale = true;
      deaf();
    };
  }, [kit, round]);
  const again = useCallback(() => setRound((n) => n + 1), []);
  const fresh = answer?.kit === kit && answer?.round === round;
  const known = useMemo(() => {
    const made = newest?.programmes ?? byId();
    const there = kit?.items.filter((item) => made[item.id] !== undefined).length ?? 0;
    return newest !== null && kit !== undefined && there >= MOSTLY * kit.items.length;
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the newest answer changes with this one
  }, [kit, answer]);
  return {
    // Until the newer answer is whole, an older one that holds most of the kit stands: lists do not grow under the hand.
    programmes: (answer?.end === null && known ? newest?.programmes : answer?.programmes) ?? null,
    state: fresh ? (answer?.end ?? 'busy') : 'busy',
    first: !known,
    done: fresh ? (answer?.done ?? 0) : 0,
    of: kit?.items.length ?? 0,
    stop: stopPlanning,
    again,
  };
}

/** What each thing takes when it is washed; null while it is worked out, and nothing when it could not be. */
export function useUsual(kit: Kit | undefined): Readonly<Record<string, UsualCare>> | null {
  const [usual, setUsual] = useState<Readonly<Record<string, UsualCare>> | null>(null);
  useEffect(() => {
    if (!kit) return;
    let stale = false;
    const answer = (made: Readonly<Record<string, UsualCare>>): void => {
      if (!stale) setUsual(made);
    };
    plannerWorker()
      .usual(asPlansRead(kit))
      .then(answer, () => answer({}));
    return () => {
      stale = true;
    };
  }, [kit]);
  return usual;
}

/** Which items' programmes rest on which handbook entries; null while it is worked out. */
export function useUsers(kit: Kit | undefined): Readonly<Record<string, readonly string[]>> | null {
  const [users, setUsers] = useState<Readonly<Record<string, readonly string[]>> | null>(null);
  useEffect(() => {
    if (!kit) return;
    let stale = false;
    void plannerWorker()
      .whoUses(asPlansRead(kit))
      .then((answer) => {
        if (!stale) setUsers(answer);
      });
    return () => {
      stale = true;
    };
  }, [kit]);
  return users;
}
