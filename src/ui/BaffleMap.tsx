import { Bars, Arrows, Signs } from './BaffleSigns';
import { useRef } from 'react';
import { mergeProps, useFocusRing, useKeyboard, useMove, usePress } from 'react-aria';
import styled from 'styled-components';
import type { FillMap } from '../core/gear';
import { areaMm2, boundsOf, centreOf, drawnBaffles, type DrawnBaffle, type Move } from '../core/loft';
import { focusOn } from './focus';
import { ARROWS, type Point } from './Movable';
import { color, font, size } from './theme';

/** A map whose narrow baffles would be too small for a finger is wider than its place, and is moved sideways. */
const Moves = styled.div`
  overflow-x: auto;
`;
const HIGHEST = '560px';
/** Wider or higher than this it is no map any more. */
const MOST = '1600px';
const Frame = styled.svg`
  width: 100%;
  height: auto;
  display: block;
  polygon {
    stroke: ${color.ink};
    stroke-width: 4;
    cursor: pointer;
    outline: none;
  }
  polygon[aria-pressed='true'] {
    stroke-width: 12;
  }
  polygon[data-focus-visible] {
    outline: none;
    stroke: ${color.water};
    stroke-width: 16;
  }
  text {
    font-weight: 600;
    font-family: ${font.mono};
    fill: ${color.ink};
    paint-order: stroke;
    stroke: ${color.ground};
    stroke-width: 0.3em;
    pointer-events: none;
    text-anchor: middle;
  }
`;
/** Where a baffle stands on the page; its name may hold what an address of a place must not. */
const placeId = (map: FillMap, id: string): string => `baffle-${map.baffles.findIndex((b) => b.id === id)}`;

/** The nearest baffle in a direction, for the arrow keys. */
function towards(map: FillMap, from: string, [dx, dy]: Point): string | null {
  const list = drawnBaffles(map);
  const here = list.find((b) => b.id === from);
  if (!here) return null;
  const [x, y] = centreOf(here.polygonMm);
  let best: { id: string; far: number } | null = null;
  for (const b of list) {
    const [bx, by] = centreOf(b.polygonMm);
    const along = (bx - x) * dx + (by - y) * dy;
    if (along <= 1) continue;
    const far = along + 2 * Math.abs((bx - x) * dy - (by - y) * dx);
    if (best === null || far < best.far) best = { id: b.id, far };
  }
  return best?.id ?? null;
}

/** A corner to be dragged; the keyboard has buttons of its own for it. */
function Grip({ at, size, onDrag }: { at: Point; size: number; onDrag: (by: Point, done: boolean) => void }) {
  const ref = useRef<SVGCircleElement>(null);
  const moved = useRef<Point>([0, 0]);
  const { moveProps } = useMove({
    onMoveStart: () => void (moved.current = [0, 0]),
    onMove: ({ deltaX, deltaY, pointerType }) => {
      if (pointerType === 'keyboard') return;
      // Pixels on the screen to millimetres of the layout.
      const scale = ref.current?.ownerSVGElement?.getScreenCTM();
      moved.current = [moved.current[0] + deltaX / (scale?.a ?? 1), moved.current[1] + deltaY / (scale?.d ?? 1)];
      onDrag([Math.round(moved.current[0]), Math.round(moved.current[1])], false);
    },
    onMoveEnd: () => onDrag([Math.round(moved.current[0]), Math.round(moved.current[1])], true),
  });
  return (
    <circle
      ref={ref}
      cx={at[0]}
      cy={at[1]}
      r={size}
      fill={color.panel}
      stroke={color.heat}
      strokeWidth={size / 4}
      style={{ cursor: 'grab', touchAction: 'none' }}
      {...moveProps}
    />
  );
}

/** One baffle: pressed, or reached with the arrow keys. */
function Cell({
  id,
  points,
  shade,
  label,
  chosen,
  first,
  onPress,
  onArrow,
}: {
  id: string;
  points: string;
  shade: number;
  label: string;
  chosen: boolean;
  /** Tab comes here. */
  first: boolean;
  onPress: () => void;
  /** True when there is a baffle that way. */
  onArrow: (way: Point) => boolean;
}) {
  const { pressProps } = usePress({ onPress });
  const { keyboardProps } = useKeyboard({
    onKeyDown: (event) => {
      const way = ARROWS[event.key];
      if (!way || !onArrow(way)) event.continuePropagation();
    },
  });
  const { focusProps, isFocusVisible } = useFocusRing();
  return (
    <polygon
      {...mergeProps(pressProps, keyboardProps, focusProps)}
      id={id}
      points={points}
      fill={color.water}
      fillOpacity={shade}
      role="button"
      tabIndex={first ? 0 : -1}
      aria-pressed={chosen}
      aria-label={label}
      {...(isFocusVisible ? { 'data-focus-visible': true } : {})}
    />
  );
}

/** Baffles in their real layout, darker where there is more down for their area; shut openings as bars, moves as arrows. */
export function BaffleMap({
  map,
  grams,
  moves,
  selected,
  onSelect,
  mark,
  clumps = [],
  handles,
}: {
  map: FillMap;
  /** Grams by baffle; none before anything was measured. */
  grams: ReadonlyMap<string, number> | null;
  moves: readonly Move[];
  selected: string | null;
  /** Pressed, or reached with the arrow keys. */
  onSelect: (id: string, how: 'press' | 'reach') => void;
  /** A place that is pointed at, mm. */
  mark?: Point | undefined;
  /** Baffles in which clumps were felt. */
  clumps?: readonly string[];
  /** Corners that can be dragged, mm, and what is told of it: how far, and when it is let go. */
  handles?: { readonly at: readonly Point[]; readonly onDrag: (n: number, by: Point, done: boolean) => void } | undefined;
}) {
  const list = drawnBaffles(map);
  const { x: minX, y: minY, width: wide, height: high } = boundsOf(list.flatMap((b) => b.polygonMm));
  // As large on a wide layout as on a narrow one, and no higher than a flat baffle.
  const letters = Math.max(wide, high) / 34;
  const at = new Map(list.map((b) => [b.id, centreOf(b.polygonMm)]));
  const dense = (b: (typeof list)[number]): number => (grams?.get(b.id) ?? 0) / areaMm2(b.polygonMm);
  const mean = list.reduce((sum, b) => sum + (grams?.get(b.id) ?? 0), 0) / list.reduce((sum, b) => sum + areaMm2(b.polygonMm), 0);
  const shade = (b: (typeof list)[number]): number => (grams && mean > 0 ? Math.min(0.85, 0.38 * (dense(b) / mean)) : 0.12);
  const first = selected ?? list[0]?.id ?? null;
  const [width, height] = [wide + 40, high + 40];
  // So large that the narrowest can be pressed: as many times that as the whole is.
  const narrowest = Math.max(
    1,
    Math.min(...list.map(({ polygonMm }) => boundsOf(polygonMm)).map((b) => Math.min(b.width, b.height))),
  );
  const least = (side: number): string => `min(${MOST}, ${size.touch} * ${(side / narrowest).toFixed(2)})`;
  return (
    <Moves>
      <Frame
        viewBox={`${minX - 20} ${minY - 20} ${width} ${height}`}
        role="group"
        aria-label="Baffles"
        style={{
          minWidth: least(width),
          maxHeight: `max(${HIGHEST}, ${least(height)})`,
        }}
      >
        <defs>
          <marker id="arrow" viewBox="0 0 10 10" refX="8" refY="5" markerWidth="5" markerHeight="5" orient="auto-start-reverse">
            <path d="M0 0L10 5L0 10z" fill={color.heat} />
          </marker>
        </defs>
        <Cells
          list={list}
          map={map}
          shade={shade}
          first={first}
          selected={selected}
          clumps={clumps}
          grams={grams}
          onSelect={onSelect}
        />
        <Bars map={map} at={at} />
        <Arrows moves={moves} at={at} />
        <Signs grams={grams} list={list} at={at} letters={letters} clumps={clumps} />
        {handles?.at.map((p, n) => (
          <Grip key={n} at={p} size={letters * 0.5} onDrag={(by, done) => handles.onDrag(n, by, done)} />
        ))}
        {mark && <circle cx={mark[0]} cy={mark[1]} r={letters * 0.45} fill={color.heat} stroke={color.ground} strokeWidth={4} />}
      </Frame>
    </Moves>
  );
}

/** Every baffle, to be pressed or reached. */
function Cells({
  list,
  map,
  shade,
  first,
  selected,
  clumps,
  grams,
  onSelect,
}: {
  list: DrawnBaffle[];
  map: FillMap;
  shade: (b: DrawnBaffle) => number;
  first: string | null;
  selected: string | null;
  clumps: readonly string[];
  grams: ReadonlyMap<string, number> | null;
  onSelect: (id: string, how: 'press' | 'reach') => void;
}) {
  return (
    <>
      {list.map((b) => (
        <Cell
          key={b.id}
          id={placeId(map, b.id)}
          points={b.polygonMm.map((p) => p.join(',')).join(' ')}
          shade={shade(b)}
          first={b.id === first}
          chosen={b.id === selected}
          label={`${b.id}${clumps.includes(b.id) ? ', clumped' : ''}${grams ? `, ${Math.round(grams.get(b.id) ?? 0)} g` : ''}`}
          onPress={() => onSelect(b.id, 'press')}
          onArrow={(way) => {
            const next = towards(map, b.id, way);
            if (next === null) return false;
            onSelect(next, 'reach');
            focusOn(placeId(map, next));
            return true;
          }}
        />
      ))}
    </>
  );
}
