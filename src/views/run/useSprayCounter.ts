import { useEffect, useRef, useState } from 'react';
import { useDraft } from '../../app/draft';
import { nowMs } from '../../app/now';
import { pullOf, pullsFor } from '../../core/dosing/spray';
import { zoneName } from '../../core/words/zones';
import type { LiveRun } from './useLive';

/** One pull a beat, at the pace of a hand that is not hurried. */
const BEAT_MS = 1500;
/** Pulls of the trigger, zone by zone: how many there are, how many are done, and the beat that counts them. */
export function useSprayCounter(live: LiveRun) {
  const { run, kit, step, state, onlyZones, setUsedAt } = live;
  const bottles = kit?.supplies ?? [];
  const bottle =
    bottles.find((s) => s.id === step.settings.supplyId) ??
    bottles.find((s) => s.class === 'spray-proofer' && s.remainingMl !== 0);
  const pullMl = pullOf(bottle);
  const all = step.settings.spray ?? [];
  const failed = all.filter((z) => onlyZones.includes(z.zone));
  const zones = (failed.length > 0 ? failed : all).map((z) => ({ ...z, pulls: pullsFor(z.ml, pullMl) }));
  const nameOf = (zone: string): string => (all.length < 2 ? 'all of it' : zoneName(zone, live.item?.kind ?? 'other'));
  const [start] = useState<{ counts: Readonly<Record<string, number>>; doneMs?: number }>({ counts: {} });
  const sheet = useDraft(`spray:${run.id}:${step.id}:${state.times}`, start);
  const { counts, doneMs } = sheet.draft;
  const [beating, setBeating] = useState(false);
  const done = (zone: string): number => counts[zone] ?? 0;
  const here = zones.find((z) => done(z.zone) < z.pulls) ?? null;
  const used = zones.reduce((sum, z) => sum + done(z.zone), 0);
  const count = (by: number): void => {
    if (!here) return;
    const now = Math.min(here.pulls, done(here.zone) + by);
    const last = now >= here.pulls && zones.every((z) => z === here || done(z.zone) >= z.pulls);
    sheet.setDraft({ counts: { ...counts, [here.zone]: now }, ...(last ? { doneMs: nowMs() } : {}) });
    const sprayed = used + now - done(here.zone);
    setUsedAt({ stepId: step.id, ml: { 'spray-proofer': Math.round(sprayed * pullMl) } });
    // The beat waits for the hand at every new zone.
    if (now >= here.pulls) setBeating(false);
  };
  const { restored } = sheet;
  useEffect(() => {
    // What was counted before a reload was used all the same.
    if (restored && used > 0) setUsedAt({ stepId: step.id, ml: { 'spray-proofer': Math.round(used * pullMl) } });
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when it comes back
  }, [restored]);
  const latest = useRef(count);
  useEffect(() => {
    latest.current = count;
  });
  useEffect(() => {
    if (!beating) return;
    const beat = setInterval(() => latest.current(1), BEAT_MS);
    return () => clearInterval(beat);
  }, [beating]);
  return { bottle, pullMl, zones, nameOf, here, done, usedMl: used * pullMl, doneMs, beating, setBeating, count };
}
