import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Movable, type Point } from './Movable';
import { color, font, phone } from './theme';

/** The answer above a picture: it keeps its height while it changes, so that the picture stays under the hand. */
export const PictureAnswer = styled.h1`
  font-size: 32px;
  max-width: 28em;
  min-height: 1.25em;
  ${phone} {
    min-height: 3.75em;
  }
`;
/** A picture with drawings over it (an `svg` fills it) and marks that are moved on it. */
export const PictureStage = styled.div`
  position: relative;
  touch-action: none;
  img,
  svg {
    display: block;
    pointer-events: none;
    width: 100%;
    height: auto;
  }
  svg {
    position: absolute;
    inset: 0;
    height: 100%;
  }
`;
const Knob = styled.span<{ $round: boolean; $tone: string }>`
  display: grid;
  place-items: center;
  width: 26px;
  height: 26px;
  margin: 9px;
  border-radius: ${(p) => (p.$round ? '50%' : '4px')};
  background: ${color.panel};
  color: ${color.ink};
  border: 2px solid ${(p) => p.$tone};
  font: 700 14px ${font.mono};
`;
const FINE = 0.0015;
const COARSE = 0.015;

/** A point in the picture that is moved by hand or by the arrow keys. @param corner it belongs to a frame, not to a place that is looked at. */
export const PictureMark = ({
  at,
  label,
  corner = false,
  tone = corner ? color.heat : color.finish,
  onMove,
  children,
}: {
  at: Point;
  label: string;
  corner?: boolean;
  tone?: string;
  onMove: (to: Point) => void;
  /** A letter or two. */
  children: ReactNode;
}) => (
  <Movable at={at} label={label} step={FINE} far={COARSE} onMove={onMove}>
    <Knob $round={!corner} $tone={tone} aria-hidden="true">
      {children}
    </Knob>
  </Movable>
);
