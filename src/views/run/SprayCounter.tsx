import { Said } from '../../ui/said';
import { useState } from 'react';
import styled from 'styled-components';
import { notify } from '../../app/session';
import { DOSING_FIGURES } from '../../core/knowledge';
import { BOUNDS } from '../../core/knowledge/bounds';
import { sprayLeftText } from '../../core/telling/repellency';
import { capital } from '../../core/words/text';
import { saveSupply } from '../../data/repo';
import { Column, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { countdown } from '../../ui/countdown';
import { Form } from '../../ui/Form';
import { NumberField } from '../../ui/NumberField';
import { color } from '../../ui/theme';
import { Big } from './parts';
import type { LiveRun } from './useLive';

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

import { useSprayCounter } from './useSprayCounter';
import { MINUTE_MS } from '../../core/units/time';
/** Pulls of the trigger, zone by zone: by a press, by key, or by a beat that the hand follows. What was counted is what was used. */
export function SprayCounter({ live }: { live: LiveRun }) {
  const { bottle, pullMl, zones, nameOf, here, done, usedMl, doneMs, beating, setBeating, count } = useSprayCounter(live);
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
              <Said>Every zone is sprayed: {Math.round(usedMl)} mL.</Said>
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
        <Quiet>{sprayLeftText(bottle?.remainingMl, usedMl, wanted)}</Quiet>
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
  const left = since + DOSING_FIGURES.wipeAfterMin.value * MINUTE_MS - now;
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
