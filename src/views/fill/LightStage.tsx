import styled from 'styled-components';
import type { FillMap } from '../../core/gear';
import { centreOf, drawnBaffles } from '../../core/loft';
import { anchorsOf, homographyOf, type Point, seenAt } from '../../core/loft/light';
import { color, font } from '../../ui/theme';
import { Movable } from '../../ui/Movable';

const Stage = styled.div`
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
    pointer-events: none;
  }
`;
const Knob = styled.span<{ $spot: boolean }>`
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
const FINE = 0.0015;
const COARSE = 0.015;
const CORNER_NAMES = ['upper left', 'upper right', 'lower right', 'lower left'] as const;

/** A point in the picture that is moved by hand or by the arrow keys. */
const Mark = ({
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
}) => (
  <Movable at={at} label={label} step={FINE} far={COARSE} onMove={onMove}>
    <Knob $spot={spot} aria-hidden="true">
      {text}
    </Knob>
  </Movable>
);

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
      <img src={address} alt="Held against the light" />
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
