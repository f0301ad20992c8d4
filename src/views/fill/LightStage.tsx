import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import styled from 'styled-components';
import type { FillMap } from '../../core/gear';
import { centreOf, drawnBaffles } from '../../core/loft';
import { anchorsOf, homographyOf, type Point, seenAt } from '../../core/loft/light';
import { color, font } from '../../ui/theme';

const Stage = styled.div`
  position: relative;
  touch-action: none;
  img,
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
  svg {
    position: absolute;
    inset: 0;
    height: 100%;
    pointer-events: none;
  }
`;
const Handle = styled.button<{ $spot: boolean }>`
  position: absolute;
  width: 44px;
  height: 44px;
  margin: -22px 0 0 -22px;
  padding: 0;
  border: 0;
  background: none;
  cursor: grab;
  touch-action: none;
  span {
    display: grid;
    place-items: center;
    width: 26px;
    height: 26px;
    margin: 9px;
    border-radius: ${(p) => (p.$spot ? '50%' : '4px')};
    background: ${color.panel};
    color: ${color.ink};
    border: 2px solid ${(p) => (p.$spot ? color.finish : color.heat)};
    font: 700 14px ${font.mono};
  }
  &:focus-visible {
    outline: none;
  }
  &:focus-visible span {
    outline: 3px solid ${color.water};
    outline-offset: 1px;
  }
`;
const Grams = styled.span`
  position: absolute;
  transform: translate(-50%, -50%);
  padding: 0 4px;
  border-radius: 4px;
  background: ${color.panel};
  color: ${color.ink};
  font: 600 14px ${font.mono};
  pointer-events: none;
`;
const STEPS: Readonly<Record<string, Point>> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
const FINE = 0.0015;
const COARSE = 0.015;
const clamp = (v: number): number => Math.min(1, Math.max(0, v));
const CORNER_NAMES = ['upper left', 'upper right', 'lower right', 'lower left'] as const;

/** A point in the picture that is moved by hand or by the arrow keys (with shift ten times as far). */
function Mark({
  at,
  text,
  label,
  spot,
  onMove,
}: {
  at: Point;
  text: string;
  label: string;
  spot: boolean;
  onMove: (to: Point) => void;
}) {
  const held = useRef(false);
  const toPlace = (event: PointerEvent<HTMLButtonElement>): Point => {
    const box = (event.currentTarget.parentElement as HTMLElement).getBoundingClientRect();
    return [clamp((event.clientX - box.left) / box.width), clamp((event.clientY - box.top) / box.height)];
  };
  const keys = (event: KeyboardEvent): void => {
    const way = STEPS[event.key];
    if (!way) return;
    event.preventDefault();
    const far = event.shiftKey ? COARSE : FINE;
    onMove([clamp(at[0] + way[0] * far), clamp(at[1] + way[1] * far)]);
  };
  return (
    <Handle
      type="button"
      $spot={spot}
      style={{ left: `${at[0] * 100}%`, top: `${at[1] * 100}%` }}
      aria-label={`${label}, ${Math.round(at[0] * 100)} % across, ${Math.round(at[1] * 100)} % down. The arrow keys move it.`}
      onKeyDown={keys}
      onPointerDown={(e) => {
        held.current = true;
        e.currentTarget.setPointerCapture(e.pointerId);
      }}
      onPointerMove={(e) => held.current && onMove(toPlace(e))}
      onPointerUp={() => (held.current = false)}
      onPointerCancel={() => (held.current = false)}
    >
      <span aria-hidden="true">{text}</span>
    </Handle>
  );
}

/** The picture with the layout laid over it as its corners say. */
export function LightStage({
  address,
  map,
  corners,
  cloth,
  grams,
  thin,
  onCorner,
  onCloth,
}: {
  address: string;
  map: FillMap;
  corners: readonly Point[];
  cloth: readonly Point[];
  /** Grams by baffle, once they are measured. */
  grams: ReadonlyMap<string, number> | null;
  /** The baffle that the answer names. */
  thin: string | null;
  onCorner: (n: number, to: Point) => void;
  onCloth: (n: number, to: Point) => void;
}) {
  const h = homographyOf(
    anchorsOf(map),
    corners.map(([x, y]): Point => [x * 1000, y * 1000]),
  );
  return (
    <Stage>
      <img src={address} alt="Held against the light" draggable={false} />
      <svg viewBox="0 0 1000 1000" preserveAspectRatio="none" aria-hidden="true">
        {h &&
          drawnBaffles(map).map((b) => (
            <polygon
              key={b.id}
              points={b.polygonMm.map((p) => seenAt(h, p).join(',')).join(' ')}
              fill={b.id === thin ? color.heat : 'none'}
              fillOpacity={0.35}
              stroke={color.panel}
              strokeWidth={1.5}
              vectorEffect="non-scaling-stroke"
            />
          ))}
      </svg>
      {h &&
        grams &&
        drawnBaffles(map).map((b) => {
          const [x, y] = seenAt(h, centreOf(b.polygonMm));
          return (
            <Grams key={b.id} style={{ left: `${x / 10}%`, top: `${y / 10}%` }} aria-hidden="true">
              {Math.round(grams.get(b.id) ?? 0)}
            </Grams>
          );
        })}
      {corners.map((at, n) => (
        <Mark
          key={`c${n}`}
          at={at}
          text={String(n + 1)}
          label={`Corner ${n + 1}, ${CORNER_NAMES[n]}`}
          spot={false}
          onMove={(to) => onCorner(n, to)}
        />
      ))}
      {cloth.map((at, n) => (
        <Mark key={`s${n}`} at={at} text="○" label={`Bare cloth, spot ${n + 1}`} spot onMove={(to) => onCloth(n, to)} />
      ))}
    </Stage>
  );
}
