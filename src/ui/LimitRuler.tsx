import { useState } from 'react';
import { Slider, SliderThumb, SliderTrack } from 'react-aria-components';
import styled from 'styled-components';
import type { Envelope } from '../core/envelope';
import { looseness } from '../core/envelope';
import type { Dimension } from '../core/knowledge';
import { causeText, DIMENSION_WORDS, limitText } from '../core/words';
import { useSay } from './said';
import { color, font } from './theme';

/** The stops of each ruler, strictest first. */
const STOPS: Partial<Record<Dimension, readonly (string | number)[]>> = {
  washMaxC: [0, 20, 30, 40, 50, 60, 70, 95],
  action: ['none', 'surface', 'hand', 'very-mild', 'mild', 'normal'],
  spinMaxRpm: [0, 400, 600, 800, 1000, 1200, 1400],
  tumble: ['none', 'air', 'low', 'normal'],
};
const HURTS: Partial<Record<Dimension, string>> = {
  washMaxC: 'heat harms',
  action: 'movement harms',
  spinMaxRpm: 'the spin creases or tears',
  tumble: 'dryer heat harms',
};

const Line = styled(Slider)`
  display: grid;
  grid-template-columns: 80px minmax(0, 1fr) 112px;
  gap: 12px;
  align-items: center;
`;
const Track = styled(SliderTrack)`
  height: 44px;
  position: relative;
  cursor: pointer;
`;
const Base = styled.span<{ $to: number }>`
  position: absolute;
  top: 23px;
  left: 0;
  right: 0;
  height: 2px;
  background: ${color.line};
  &::after {
    content: '';
    position: absolute;
    left: 0;
    top: -2px;
    height: 6px;
    width: ${(p) => p.$to}%;
    background: ${color.finish};
    border-radius: 2px;
  }
`;
const Tick = styled.span<{ $strong: boolean }>`
  position: absolute;
  top: ${(p) => (p.$strong ? 14 : 18)}px;
  width: ${(p) => (p.$strong ? 3 : 2)}px;
  height: ${(p) => (p.$strong ? 20 : 12)}px;
  background: ${(p) => (p.$strong ? color.ink : color.quiet)};
  transform: translateX(-50%);
`;
const Cause = styled.span<{ $end: boolean }>`
  position: absolute;
  top: -5px;
  font-size: 13px;
  font-weight: 650;
  line-height: 1.2;
  transform: translateX(${(p) => (p.$end ? '-88%' : '-50%')});
  white-space: nowrap;
`;
const Thumb = styled(SliderThumb)<{ $over: boolean }>`
  width: 18px;
  height: 18px;
  border-radius: 50%;
  background: ${color.panel};
  border: 4px solid ${(p) => (p.$over ? color.alarm : color.ink)};
  top: 24px;
  &[data-focus-visible] {
    outline: 3px solid ${color.water};
    outline-offset: 2px;
  }
`;
const Value = styled.output<{ $over: boolean }>`
  font: 650 14px ${font.mono};
  white-space: nowrap;
  text-align: right;
  color: ${(p) => (p.$over ? color.alarm : color.ink)};
`;
const Hurt = styled.p`
  color: ${color.alarm};
  font-size: 14px;
  margin: 0 0 6px 88px;
`;

/**
 * One setting on its scale: what is allowed is solid, every layer's own limit is a tick, the one that binds is named, the chosen value is a
 * handle. Moving it past a tick says what is hurt.
 */
export function LimitRuler({
  envelope,
  dimension,
  chosen,
}: {
  envelope: Envelope;
  dimension: 'washMaxC' | 'action' | 'spinMaxRpm' | 'tumble';
  chosen: string | number;
}) {
  const say = useSay();
  const limit = (at: string | number): string => say(limitText(dimension, at));
  const stops = STOPS[dimension] ?? [];
  const rank = (value: string | number | null): number => looseness(dimension, value);
  const indexOf = (value: string | number | null): number => {
    const at = stops.findIndex((stop) => rank(stop) >= rank(value));
    return at < 0 ? stops.length - 1 : at;
  };
  const [moved, setMoved] = useState<number | null>(null);
  const last = stops.length - 1;
  const bound = envelope.bounds[dimension];
  const at = moved ?? indexOf(chosen);
  const value = stops[at] ?? chosen;
  const over = moved !== null && rank(value) > rank(bound.value);
  const limits = envelope.limits.filter((l) => l.dimension === dimension && l.scope === 'whole');
  const hurt = [
    ...new Set(limits.filter((l) => rank(l.value) < rank(value)).map((l) => causeText(l.component, l.material, l.fabric))),
  ];
  const left = (index: number): string => `${(100 * index) / last}%`;
  const name = DIMENSION_WORDS[dimension];
  const boundAt = indexOf(bound.value);
  const shown = moved === null ? chosen : value;
  return (
    <div>
      <Line
        minValue={0}
        maxValue={last}
        step={1}
        value={at}
        onChange={(v) => setMoved(Number(v))}
        aria-label={`${name}: try another value`}
      >
        <span>{name}</span>
        <Track>
          <Base $to={(100 * boundAt) / last} />
          {[...new Set(limits.map((l) => indexOf(l.value)))].map((index) => (
            <Tick key={index} $strong={index === boundAt} style={{ left: left(index) }} />
          ))}
          {bound.by && (
            <Cause $end={boundAt >= last - 1} style={{ left: left(boundAt) }}>
              {bound.by.component === 'label' ? 'label' : bound.by.component}
            </Cause>
          )}
          <Thumb $over={over} aria-label={`${name}, ${limit(value)}`} />
        </Track>
        <Value $over={over}>{dimension === 'tumble' && shown === 'normal' ? 'medium' : limit(shown)}</Value>
      </Line>
      {over && (
        <Hurt role="status">
          At {limit(value)} {HURTS[dimension]} {hurt.join(', ')}.
        </Hurt>
      )}
    </div>
  );
}
