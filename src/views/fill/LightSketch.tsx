import styled from 'styled-components';
import type { FillMap } from '../../core/gear';
import { boundsOf, drawnBaffles } from '../../core/loft';
import { color } from '../../ui/theme';

const Room = styled.svg`
  width: 100%;
  max-height: 460px;
  display: block;
  border-radius: 4px;
`;
/** What the picture shows of a room without light, a lamp behind the thing, and down before it: the light itself, and nearly none of it. */
const DARK = '#1b1a17';
const BRIGHT = '#fff3cf';
/** How much of the lamp comes through, baffle by baffle: an example, one of them thin. */
const THROUGH = [0.28, 0.34, 0.22, 0.3, 0.78, 0.26] as const;

/** How the picture is taken: the room dark, the light all around its outline, the thin place bright. Its own baffles, an example of light. */
export function LightSketch({ map }: { map: FillMap }) {
  const baffles = drawnBaffles(map);
  const { x: x0, y: y0, width, height } = boundsOf(baffles.flatMap((b) => b.polygonMm));
  const hand = 0.14 * Math.max(width, height);
  const view = [x0 - 2 * hand, y0 - 2 * hand, width + 4 * hand, height + 4 * hand];
  return (
    <figure style={{ margin: 0 }}>
      <Room
        viewBox={view.join(' ')}
        role="img"
        aria-label="In a dark room a bright light shows a hand’s width around the thing; where there is little down it shines through."
      >
        <rect x={view[0]} y={view[1]} width={view[2]} height={view[3]} fill={DARK} />
        <rect x={x0 - hand} y={y0 - hand} width={width + 2 * hand} height={height + 2 * hand} fill={BRIGHT} />
        {baffles.map((b, n) => (
          <g key={b.id}>
            <polygon points={b.polygonMm.join(' ')} fill={DARK} />
            <polygon
              points={b.polygonMm.join(' ')}
              fill={BRIGHT}
              fillOpacity={THROUGH[n % THROUGH.length]}
              stroke={DARK}
              strokeWidth={0.006 * Math.max(width, height)}
            />
          </g>
        ))}
      </Room>
      <figcaption style={{ color: color.quiet, fontSize: 14, marginTop: 6 }}>
        So it should look: the room dark, bare light a hand’s width around, the baffle with little down bright.
      </figcaption>
    </figure>
  );
}
