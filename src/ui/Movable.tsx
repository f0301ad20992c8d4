import { type ReactNode, useRef } from 'react';
import { mergeProps, useFocusRing, useKeyboard, useMove } from 'react-aria';
import styled from 'styled-components';
import { Hidden } from './basics';
import { color } from './theme';

export type Point = readonly [number, number];
/** Which way an arrow key leads; undefined for any other key. */
export const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const Mark = styled.div`
  position: absolute;
  width: 44px;
  height: 44px;
  margin: -22px 0 0 -22px;
  cursor: grab;
  touch-action: none;
  &[data-focus-visible] {
    outline: none;
  }
  &[data-focus-visible] > span {
    outline: 3px solid ${color.water};
    outline-offset: 1px;
  }
`;
/** Where something lies on a picture, to be read aloud. */
export const placeText = ([x, y]: Point): string => `${Math.round(x * 100)} % across, ${Math.round(y * 100)} % down`;
const clamp = (v: number): number => Math.min(1, Math.max(0, v));

/**
 * A mark on a picture, moved by hand or with the arrow keys; with shift further. `at` and what is told are shares of the picture's width and
 * height, kept inside it. It says its place when it is moved.
 * @param step one arrow key, as a share; `far` the same with shift.
 */
export function Movable({
  at,
  label,
  step,
  far,
  onMove,
  children,
}: {
  at: Point;
  label: string;
  step: number;
  far: number;
  onMove: (to: Point) => void;
  children: ReactNode;
}) {
  const ref = useRef<HTMLDivElement>(null);
  const place = useRef<Point>(at);
  const { moveProps } = useMove({
    onMoveStart: () => void (place.current = at),
    onMove: ({ deltaX, deltaY, pointerType, shiftKey }) => {
      const box = ref.current?.parentElement?.getBoundingClientRect();
      if (!box) return;
      const by: Point =
        pointerType === 'keyboard'
          ? [Math.sign(deltaX) * (shiftKey ? far : step), Math.sign(deltaY) * (shiftKey ? far : step)]
          : [deltaX / box.width, deltaY / box.height];
      place.current = [place.current[0] + by[0], place.current[1] + by[1]];
      onMove([clamp(place.current[0]), clamp(place.current[1])]);
    },
  });
  const { isFocusVisible, focusProps } = useFocusRing();
  return (
    <Mark
      ref={ref}
      {...mergeProps(moveProps, focusProps)}
      // Two directions in one handle: no single role says that, so its name does.
      role="application"
      tabIndex={0}
      aria-roledescription="mark"
      aria-label={`${label}, ${placeText(at)}. The arrow keys move it.`}
      {...(isFocusVisible ? { 'data-focus-visible': true } : {})}
      style={{ left: `${at[0] * 100}%`, top: `${at[1] * 100}%` }}
    >
      {children}
      <Hidden aria-live="polite">{isFocusVisible ? placeText(at) : ''}</Hidden>
    </Mark>
  );
}

/** Buttons among which the arrow keys move what is chosen instead of the focus. */
export function ArrowGroup({
  label,
  onArrow,
  children,
}: {
  label: string;
  onArrow: (way: Point, far: boolean) => void;
  children: ReactNode;
}) {
  const { keyboardProps } = useKeyboard({
    onKeyDown: (event) => {
      const way = ARROWS[event.key];
      if (way) onArrow(way, event.shiftKey);
      else event.continuePropagation();
    },
  });
  return (
    <div role="group" aria-label={label} {...keyboardProps}>
      {children}
    </div>
  );
}
