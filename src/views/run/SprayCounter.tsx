import { Said } from '../../ui/said';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { useDraft } from '../../app/draft';
import { nowMs } from '../../app/now';
import { notify } from '../../app/session';
import { pullOf, pullsFor } from '../../core/dosing/spray';
import { DOSING_FIGURES } from '../../core/knowledge';
import { BOUNDS } from '../../core/knowledge/bounds';
import { sprayLeftText } from '../../core/telling/repellency';
import { capital } from '../../core/words/text';
import { zoneName } from '../../core/words/zones';
import { saveSupply } from '../../data/repo';
import { Column, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { countdown } from '../../ui/countdown';
import { Form } from '../../ui/Form';
import { NumberField } from '../../ui/NumberField';
import { color } from '../../ui/theme';
import { Big } from './parts';
import type { LiveRun } from './useLive';

/** One pull a beat, at the pace of a hand that is not hurried. */
const BEAT_MS = 1500;
const TEN = 10;
const Zones = styled.ol`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  li[aria-current] {
    font-weight: 700;
  }
  li[data-done] {
    color: ${color.quiet};
    text-decoration: line-through;
  }
`;

/** Pulls of the trigger, zone by zone: by a press, by key, or by a beat that the hand follows. What was counted is what was used. */
export function SprayCounter({ live }: { live: LiveRun }) {
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
  if (zones.length === 0) return null;
  const wanted = zones.reduce((sum, z) => sum + z.ml, 0);
  return (
    <section aria-label="Pulls of the trigger">
      <Column $gap={16}>
        <p aria-live="polite">
          {here ? (
            <Big as="strong" style={{ display: 'block' }}>
              {capital(nameOf(here.zone))}: {done(here.zone)} of {here.pulls} pulls
            </Big>
          ) : (
            <strong>
              <Said>Every zone is sprayed: {Math.round(used * pullMl)} mL.</Said>
            </strong>
          )}
        </p>
        {!here && doneMs !== undefined && <WipeOff since={doneMs} now={live.now} />}
        {here && (
          <Row $wrap>
            <Button size="big" onPress={() => count(1)}>
              One pull
            </Button>
            <Button size="big" look="quiet" aria-pressed={beating} onPress={() => setBeating(!beating)}>
              {beating ? 'Stop the beat' : 'By a beat'}
            </Button>
            <TextButton onPress={() => count(here.pulls)}>This zone is done</TextButton>
          </Row>
        )}
        <Zones aria-label="Zones">
          {zones.map((z) => (
            <li
              key={z.zone}
              {...(z === here ? { 'aria-current': 'step' as const } : {})}
              {...(done(z.zone) >= z.pulls ? { 'data-done': true } : {})}
            >
              {nameOf(z.zone)} {done(z.zone)}/{z.pulls}
            </li>
          ))}
        </Zones>
        <Quiet>{sprayLeftText(bottle?.remainingMl, used * pullMl, wanted)}</Quiet>
        <Quiet>By the area of its face and how each zone sheds, from memory; the bottle’s own word comes first.</Quiet>
        {bottle && (
          <Ten
            pullMl={pullMl}
            onPull={(ml) => {
              const next = { ...bottle, pullMl: ml };
              void saveSupply(next).then((undo) => notify(`One pull of it gives ${ml} mL.`, undo));
            }}
          />
        )}
      </Column>
    </section>
  );
}

/** Drips are wiped off when the cloth has taken what it takes: how long yet. */
function WipeOff({ since, now }: { since: number; now: number }) {
  const left = since + DOSING_FIGURES.wipeAfterMin.value * 60_000 - now;
  return left > 0 ? (
    <p>
      <strong role="timer" aria-live="off" style={{ fontSize: 28 }}>
        {countdown(left)}
      </strong>{' '}
      until drips are wiped off.
    </p>
  ) : (
    <p role="status">
      <strong>Wipe the drips off now, with a damp cloth.</strong>
    </p>
  );
}

/** Ten pulls into a cap, or the bottle weighed before and after them: what one gives. A millilitre of it weighs about a gram. */
function Ten({ pullMl, onPull }: { pullMl: number; onPull: (ml: number) => void }) {
  const [open, setOpen] = useState(false);
  const [ml, setMl] = useState<number | undefined>(undefined);
  if (!open)
    return (
      <TextButton style={{ alignSelf: 'flex-start' }} onPress={() => setOpen(true)}>
        <Said>One pull is taken for {pullMl} mL: measure it</Said>
      </TextButton>
    );
  return (
    <Form
      onSubmit={() => {
        if (ml === undefined) return;
        onPull(Math.round(ml * TEN) / (TEN * TEN));
        setOpen(false);
      }}
    >
      <Row $wrap $top>
        <NumberField
          label="Ten pulls into a cap gave, mL (or grams off the bottle)"
          value={ml}
          what="millilitres"
          {...BOUNDS.tenPullsMl}
          onChange={(next) => setMl(next)}
        />
        <Button type="submit" style={{ marginTop: 22 }} isDisabled={ml === undefined}>
          Keep it
        </Button>
      </Row>
    </Form>
  );
}
