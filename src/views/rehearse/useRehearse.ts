import { useCallback, useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { planOf, nextWashOf } from '../../app/plan';
import { nowMs } from '../../app/now';
import { notify } from '../../app/session';
import { clockText } from '../../app/time';
import { writeProgramme } from '../../core/programme';
import { canRehearse, readChoices, setupOf, writeChoices, type Choices } from '../../core/rehearse';
import { hasty, type Debrief } from '../../core/rehearse/train';
import { rehearseWorker } from '../../workers';
import { NOT_RUN, useRehearsal } from './useRehearsal';
import { focusOn } from '../../ui/focus';

import type { Kit, Item } from '../../core/gear';
import { MINUTE_MS } from '../../core/units/time';
interface LessonState {
  readonly goalMin: number;
  readonly debriefed: Debrief | null;
}
const PATH = { seed: 'day', wash: 'wash' } as const;
const DAYS = 9999;
const QUARTER_MS = 15 * MINUTE_MS;

/** What is rehearsed, with what choices and on what day: the choices stand in the address. */
function useAsked(kit: Kit, item: Item) {
  const [params, setParams] = useSearchParams();
  const washing = params.get(PATH.wash) === 'next';
  const seed = Math.max(0, Math.floor(Number(params.get(PATH.seed) ?? 1)) || 0);
  const made = useMemo(() => {
    const today = planOf(kit, item).plan;
    const plan = washing ? nextWashOf(kit, item) : today;
    const setup = setupOf(plan, writeProgramme(plan));
    const next = nextWashOf(kit, item);
    return { setup, other: washing || canRehearse(setupOf(next, writeProgramme(next))) };
  }, [kit, item, washing]);
  const setup = canRehearse(made.setup) ? made.setup : null;
  const choices = setup && readChoices(setup, (name) => params.get(name));
  const show = (next: Choices | null, more: Readonly<Record<string, string>> = {}): void => {
    const carried = {
      ...(washing ? { [PATH.wash]: 'next' } : {}),
      ...(seed === 1 ? {} : { [PATH.seed]: String(seed) }),
      ...more,
    };
    setParams({ ...carried, ...(setup && next ? writeChoices(setup, next) : {}) }, { replace: true });
  };
  return { setup, choices, seed, show, nextWash: made.other ? () => setParams({ [PATH.wash]: 'next' }) : null };
}
type Asked = ReturnType<typeof useAsked>;

/** Times of day while it runs, from the quarter of an hour that has begun. */
function useClock() {
  const [startMs] = useState(() => Math.floor(nowMs() / QUARTER_MS) * QUARTER_MS);
  const clock = useCallback((minutes: number): string => clockText(startMs + minutes * MINUTE_MS), [startMs]);
  const at = (minutes: number): string => {
    const [day, time] = clock(minutes).split(' ');
    return time ? `on ${day} at ${time}` : `at ${day}`;
  };
  return { startMs, clock, at };
}

/** A goal that is set, and what became of it. */
function useLesson({ setup, choices, seed, show }: Asked) {
  const [lesson, setLesson] = useState<LessonState | null>(null);
  const debrief = lesson?.debriefed ?? null;
  useEffect(() => {
    if (debrief) focusOn('answer');
  }, [debrief]);
  const begin = (day: number): void => {
    if (!setup) return;
    void rehearseWorker()
      .goal({ setup, seed: day })
      .then(
        (goalMin) => setLesson({ goalMin, debriefed: null }),
        () => notify(NOT_RUN),
      );
    show(hasty(setup), { [PATH.seed]: String(day) });
  };
  const another = (): void => begin((seed * 7 + 13) % DAYS);
  const carryOut = (): void => {
    if (!lesson || !setup || !choices) return;
    void rehearseWorker()
      .debrief({ setup, choices, seed }, lesson.goalMin)
      .then(
        (debriefed) => setLesson({ ...lesson, debriefed }),
        () => notify(NOT_RUN),
      );
  };
  return {
    lesson,
    debrief,
    another,
    carryOut,
    again: () => lesson && setLesson({ ...lesson, debriefed: null }),
    leave: () => setLesson(null),
  };
}

/** A programme run forward: what is asked, what comes of it, and the lesson that is made of it. */
export function useRehearse(kit: Kit, item: Item) {
  const asked = useAsked(kit, item);
  const { setup, choices, seed, show } = asked;
  const both = useRehearsal(setup, choices, seed);
  const clock = useClock();
  const lesson = useLesson(asked);
  const [moved, setMoved] = useState<number | null>(null);
  const yours = both?.yours ?? null;
  return {
    ...asked,
    ...clock,
    ...lesson,
    both,
    yours,
    differs: setup !== null && choices !== null && Object.keys(writeChoices(setup, choices)).length > 0,
    blind: lesson.lesson !== null && lesson.debrief === null,
    cursor: yours ? Math.min(yours.endMin, Math.max(yours.wetAtMin, moved ?? yours.endMin)) : 0,
    setMoved,
    anotherDay: () => show(choices, { [PATH.seed]: String((seed + 1) % DAYS) }),
  };
}
export type Rehearsing = ReturnType<typeof useRehearse>;
