import { useRef } from 'react';
import { mergeProps, useFocusRing, useMove } from 'react-aria';
import styled from 'styled-components';
import { useTouch } from './field';
import { color } from './theme';
import { DAY_MIN } from '../core/units/time';

/** A press of an arrow key, and the grid that a hand lands on, min. */
const STEP_MIN = 15;
const FAR_MIN = 60;
const HOUR_MIN = 60;

const Bar = styled.div`
  position: relative;
  height: 56px;
  flex: 1 1 260px;
  min-width: 240px;
  touch-action: none;
`;
const Ground = styled.div<{ $taken?: boolean }>`
  position: absolute;
  left: 0;
  right: 0;
  top: 20px;
  height: 6px;
  border-radius: 3px;
  background: ${(p) => (p.$taken ? color.ink : color.line)};
`;
const Hour = styled.span`
  position: absolute;
  top: 38px;
  font-size: 12.5px;
  color: ${color.quiet};
  transform: translateX(-50%);
  &:first-of-type {
    transform: none;
  }
  &:last-of-type {
    transform: translateX(-100%);
  }
`;
const Handle = styled.div`
  position: absolute;
  top: 1px;
  width: 44px;
  height: 44px;
  margin-left: -22px;
  cursor: ew-resize;
  touch-action: none;
  outline: none;
  &::after {
    content: '';
    position: absolute;
    inset: 11px;
    border-radius: 50%;
    background: ${color.ink};
    border: 2px solid ${color.panel};
  }
  &[data-focus-visible]::after {
    outline: 3px solid ${color.water};
    outline-offset: 2px;
  }
`;
const minutesOf = (clock: string): number => {
  const [h = 0, m = 0] = clock.split(':').map(Number);
  return h * 60 + m;
};
const two = (n: number): string => String(n).padStart(2, '0');
/** A clock time from minutes after midnight, the next day's too. */
const clockOf = (minutes: number): string => {
  const at = ((Math.round(minutes) % DAY_MIN) + DAY_MIN) % DAY_MIN;
  return `${two(Math.floor(at / 60))}:${two(at % 60)}`;
};

function Edge({
  name,
  at,
  min,
  max,
  clock,
  onMove,
}: {
  name: string;
  /** What is read aloud. */
  clock: string;
  /** Minutes from the beginning of the bar. */
  at: number;
  min: number;
  max: number;
  onMove: (to: number) => void;
}) {
  const ref = useRef<HTMLDivElement>(null);
  const place = useRef(at);
  const { moveProps } = useMove({
    onMoveStart: () => void (place.current = at),
    onMove: ({ deltaX, deltaY, pointerType, shiftKey }) => {
      const width = ref.current?.parentElement?.getBoundingClientRect().width ?? 1;
      place.current +=
        pointerType === 'keyboard'
          ? (Math.sign(deltaX) - Math.sign(deltaY)) * (shiftKey ? FAR_MIN : STEP_MIN)
          : (deltaX / width) * DAY_MIN;
      onMove(Math.min(max, Math.max(min, Math.round(place.current / STEP_MIN) * STEP_MIN)));
    },
  });
  const { isFocusVisible, focusProps } = useFocusRing();
  return (
    <Handle
      ref={ref}
      {...mergeProps(moveProps, focusProps)}
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuemin={min}
      aria-valuemax={max}
      aria-valuenow={at}
      aria-valuetext={clock}
      {...(isFocusVisible ? { 'data-focus-visible': true } : {})}
      style={{ left: `${(at / DAY_MIN) * 100}%` }}
    />
  );
}

/**
 * Hours of a day between two edges, drawn and dragged; with the arrow keys a quarter of an hour, with shift an hour. For an exact minute a
 * `TimeField` stands beside it. Hours over midnight begin the line at noon.
 */
export function HoursBar({
  label,
  from,
  to,
  overnight = false,
  onChange: given,
}: {
  label: string;
  /** Clock times, HH:MM. */
  from: string;
  to: string;
  /** The line goes from noon to noon. */
  overnight?: boolean;
  onChange: (hours: { from: string; to: string }) => void;
}) {
  const onChange = useTouch(given);
  const first = overnight ? DAY_MIN / 2 : 0;
  const onLine = (clock: string, end: boolean): number => {
    const at = (((minutesOf(clock) - first) % DAY_MIN) + DAY_MIN) % DAY_MIN;
    return end && at === 0 ? DAY_MIN : at;
  };
  const [a, z] = [onLine(from, false), onLine(to, true)];
  // Hours that do not lie on this line one way round are typed only.
  if (z <= a) return null;
  const report = (begin: number, end: number): void => onChange({ from: clockOf(begin + first), to: clockOf(end + first) });
  return (
    <Bar role="group" aria-label={label}>
      <Ground />
      <Ground $taken style={{ left: `${(a / DAY_MIN) * 100}%`, right: `${(1 - z / DAY_MIN) * 100}%` }} />
      {[0, 1, 2, 3, 4].map((n) => (
        <Hour key={n} aria-hidden="true" style={{ left: `${n * 25}%` }}>
          {n === 4 && !overnight ? '24' : clockOf(first + n * 6 * HOUR_MIN).slice(0, 2)}
        </Hour>
      ))}
      <Edge name={`${label}: from`} at={a} clock={from} min={0} max={z - STEP_MIN} onMove={(to) => report(to, z)} />
      <Edge name={`${label}: until`} at={z} clock={to} min={a + STEP_MIN} max={DAY_MIN} onMove={(to) => report(a, to)} />
    </Bar>
  );
}
