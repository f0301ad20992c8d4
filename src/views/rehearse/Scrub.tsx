import { Pause, Play } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { Moment, Rehearsal, Setup } from '../../core/rehearse';
import { minutesText } from '../../core/units';
import { Figure, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { Slider } from '../../ui/Slider';

const PLAY_MS = 60;
const PLAY_STEPS = 160;

const nearest = (moments: readonly Moment[], at: number): Moment =>
  moments.reduce((best, m) => (Math.abs(m.minutes - at) < Math.abs(best.minutes - at) ? m : best));

/** What there is to read at one instant. */
function readout(setup: Setup, m: Moment): string {
  const water = m.shellG + m.coreG;
  return [
    `${Math.round(water)} g of water${water > 1 && setup.coreFactor > 1 ? `, ${Math.round(m.coreG)} g of it in the core` : ''}`,
    `cloth ${Math.round(m.fabricC)} °C`,
    ...(setup.filled ? [`${Math.round(m.clumps * 100)} % clumped`] : []),
  ].join(' · ');
}

/** Moves through a rehearsal by hand, or lets it run. */
export function Scrub({
  setup,
  rehearsal,
  at,
  onMove,
}: {
  setup: Setup;
  rehearsal: Rehearsal;
  at: number;
  onMove: (minutes: number) => void;
}) {
  const [playing, setPlaying] = useState(false);
  const { wetAtMin, endMin } = rehearsal;
  useEffect(() => {
    if (!playing) return;
    const timer = setTimeout(() => {
      const next = at + (endMin - wetAtMin) / PLAY_STEPS;
      onMove(Math.min(next, endMin));
      if (next >= endMin) setPlaying(false);
    }, PLAY_MS);
    return () => clearTimeout(timer);
  }, [playing, at, endMin, wetAtMin, onMove]);
  return (
    <div>
      <Row $gap={16} $wrap>
        <Button
          look="quiet"
          onPress={() => {
            if (!playing && at >= endMin) onMove(wetAtMin);
            setPlaying(!playing);
          }}
        >
          {playing ? <Pause size={18} aria-hidden="true" /> : <Play size={18} aria-hidden="true" />}
          {playing ? 'Hold' : 'Run it forward'}
        </Button>
        <Slider
          label="Minutes from the start"
          hideLabel
          value={at}
          min={Math.floor(wetAtMin)}
          max={Math.ceil(endMin)}
          onChange={onMove}
        />
      </Row>
      <p aria-live={playing ? 'off' : 'polite'}>
        <strong>{minutesText(at)} after the start:</strong> <Figure>{readout(setup, nearest(rehearsal.moments, at))}</Figure>
      </p>
    </div>
  );
}
