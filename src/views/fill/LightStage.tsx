import styled from 'styled-components';
import type { FillMap } from '../../core/gear';
import { centreOf, drawnBaffles } from '../../core/loft';
import { anchorsOf, homographyOf, type Point, seenAt } from '../../core/loft/light';
import { color, font } from '../../ui/theme';
import { PictureMark, PictureStage } from '../../ui/PictureStage';

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
const CORNER_NAMES = ['upper left', 'upper right', 'lower right', 'lower left'] as const;

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
    <PictureStage>
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
        <PictureMark key={`c${n}`} at={at} corner label={`Corner ${n + 1}, ${CORNER_NAMES[n]}`} onMove={(to) => onCorner(n, to)}>
          {n + 1}
        </PictureMark>
      ))}
      {cloth.map((at, n) => (
        <PictureMark key={`s${n}`} at={at} label={`Bare cloth, spot ${n + 1}`} onMove={(to) => onCloth(n, to)}>
          ○
        </PictureMark>
      ))}
    </PictureStage>
  );
}
