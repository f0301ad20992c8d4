import { type ReactNode, useState } from 'react';
import { mergeProps, useFocusRing, useKeyboard, usePress } from 'react-aria';
import styled from 'styled-components';
import type { Kind } from '../core/gear';
import { zoneName } from '../core/words/zones';
import { Hidden } from './basics';
import { ARROWS, placeText, type Point } from './Movable';
import { color, font } from './theme';

/* Our own plain outlines, front and back, on a field 200 by 240 each. */
interface Shape {
  readonly id: string;
  readonly side: 'front' | 'back';
  readonly path: string;
  /** Where its word stands. */
  readonly at: readonly [number, number];
}
const JACKET: readonly Shape[] = [
  { id: 'hood', side: 'front', path: 'M78 34 Q100 2 122 34 L118 52 Q100 60 82 52 Z', at: [100, 38] },
  { id: 'shoulders', side: 'front', path: 'M82 52 Q100 60 118 52 L150 66 L144 92 L56 92 L50 66 Z', at: [100, 80] },
  { id: 'chest', side: 'front', path: 'M56 92 L144 92 L144 176 L56 176 Z', at: [100, 136] },
  { id: 'sleeves', side: 'front', path: 'M50 66 L56 92 L46 190 L22 188 Z M150 66 L144 92 L154 190 L178 188 Z', at: [33, 150] },
  { id: 'hem', side: 'front', path: 'M56 176 L144 176 L144 206 L56 206 Z', at: [100, 196] },
  { id: 'hood', side: 'back', path: 'M78 34 Q100 2 122 34 L118 54 L82 54 Z', at: [100, 38] },
  { id: 'shoulders', side: 'back', path: 'M82 54 L118 54 L150 66 L144 92 L56 92 L50 66 Z', at: [100, 80] },
  { id: 'back', side: 'back', path: 'M56 92 L144 92 L144 176 L56 176 Z', at: [100, 136] },
  { id: 'sleeves', side: 'back', path: 'M50 66 L56 92 L46 190 L22 188 Z M150 66 L144 92 L154 190 L178 188 Z', at: [33, 150] },
  { id: 'hem', side: 'back', path: 'M56 176 L144 176 L144 206 L56 206 Z', at: [100, 196] },
];
const TROUSERS: readonly Shape[] = [
  { id: 'body', side: 'front', path: 'M62 20 L138 20 L146 96 L104 96 L100 72 L96 96 L54 96 Z', at: [100, 52] },
  { id: 'knees', side: 'front', path: 'M54 96 L96 96 L94 152 L52 152 Z M104 96 L146 96 L148 152 L106 152 Z', at: [74, 128] },
  { id: 'hem', side: 'front', path: 'M52 152 L94 152 L92 222 L54 222 Z M106 152 L148 152 L146 222 L108 222 Z', at: [74, 192] },
  { id: 'seat', side: 'back', path: 'M62 20 L138 20 L146 96 L104 96 L100 72 L96 96 L54 96 Z', at: [100, 52] },
  { id: 'body', side: 'back', path: 'M54 96 L96 96 L94 152 L52 152 Z M104 96 L146 96 L148 152 L106 152 Z', at: [74, 128] },
  { id: 'hem', side: 'back', path: 'M52 152 L94 152 L92 222 L54 222 Z M106 152 L148 152 L146 222 L108 222 Z', at: [74, 192] },
];
const VEST: readonly Shape[] = JACKET.filter((s) => ['shoulders', 'chest', 'back', 'hem'].includes(s.id));
const SHOE: readonly Shape[] = [
  { id: 'toe', side: 'front', path: 'M112 122 Q152 129 172 150 L172 166 L112 166 Z', at: [142, 150] },
  { id: 'body', side: 'front', path: 'M30 150 L38 84 Q62 92 84 84 L104 118 L112 122 L112 166 L30 166 Z', at: [72, 136] },
  { id: 'hem', side: 'front', path: 'M28 166 L174 166 L174 182 L28 182 Z', at: [100, 179] },
  { id: 'body', side: 'back', path: 'M64 70 L136 70 L146 166 L54 166 Z', at: [100, 124] },
  { id: 'hem', side: 'back', path: 'M52 166 L148 166 L148 184 L52 184 Z', at: [100, 180] },
];
const FINGERS =
  'M56 118 L52 52 Q60 40 68 52 L72 112 Z M76 112 L74 32 Q83 20 92 32 L94 110 Z M98 110 L100 26 Q109 14 118 26 L116 112 Z M120 114 L126 42 Q135 32 142 44 L138 122 Z M56 124 L34 104 Q22 104 24 116 L54 160 Z';
const PALM = 'M56 118 L72 112 L94 110 L116 112 L138 122 L140 184 L58 184 L54 160 Z';
const CUFF = 'M56 184 L142 184 L148 220 L50 220 Z';
const GLOVE: readonly Shape[] = (['front', 'back'] as const).flatMap((side): Shape[] => [
  { id: 'fingers', side, path: FINGERS, at: [109, 72] },
  { id: 'body', side, path: PALM, at: [98, 152] },
  { id: 'hem', side, path: CUFF, at: [99, 206] },
]);
const TENT: readonly Shape[] = [
  { id: 'roof', side: 'front', path: 'M52 66 L150 66 L166 116 L36 116 Z', at: [101, 95] },
  { id: 'body', side: 'front', path: 'M36 116 L166 116 L182 166 L20 166 Z', at: [101, 145] },
  { id: 'hem', side: 'front', path: 'M20 166 L182 166 L186 182 L16 182 Z', at: [101, 180] },
  { id: 'ends', side: 'back', path: 'M100 60 L174 166 L26 166 Z', at: [100, 130] },
  { id: 'hem', side: 'back', path: 'M26 166 L174 166 L182 182 L18 182 Z', at: [100, 180] },
];
const SHEET: readonly Shape[] = [
  { id: 'body', side: 'front', path: 'M36 26 L164 26 L164 184 L36 184 Z', at: [100, 108] },
  { id: 'hem', side: 'front', path: 'M36 184 L164 184 L164 214 L36 214 Z', at: [100, 203] },
  { id: 'body', side: 'back', path: 'M36 26 L164 26 L164 214 L36 214 Z', at: [100, 120] },
];
const SHAPES: Partial<Record<Kind, readonly Shape[]>> = {
  jacket: JACKET,
  'mid-layer': JACKET,
  'base-layer': JACKET,
  jersey: JACKET,
  'costume-body': JACKET,
  vest: VEST,
  'running-vest': VEST,
  trousers: TROUSERS,
  gloves: GLOVE,
  tent: TENT,
  shoe: SHOE,
  boot: SHOE,
  'studded-boot': SHOE,
};
const shapesOf = (kind: Kind): readonly Shape[] => SHAPES[kind] ?? SHEET;

/** Which zone lies at a spot (shares of the field), or null beside the thing. */
export interface Pin {
  readonly side: 'front' | 'back';
  readonly x: number;
  readonly y: number;
  readonly mark: string;
  readonly name: string;
}

const Fields = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 220px));
  gap: 16px;
  figure {
    margin: 0;
  }
  figcaption {
    font-size: 14px;
    color: ${color.quiet};
    text-align: center;
  }
  svg {
    width: 100%;
    height: auto;
    display: block;
    touch-action: manipulation;
  }
`;
const WIDTH = 200;
const HEIGHT = 240;

/** How a grade is hatched, so that colour is never the only sign: denser is wetter. */
const gradeFill = (grade: number | undefined): string =>
  grade === undefined ? 'transparent' : `url(#wet-${Math.max(0, Math.min(5, grade))})`;

function Wetness() {
  return (
    <defs>
      {[0, 1, 2, 3, 4, 5].map((grade) => (
        <pattern key={grade} id={`wet-${grade}`} width={12} height={12} patternUnits="userSpaceOnUse">
          <rect width={12} height={12} fill={color.panel} />
          {grade <= 1 && <rect width={12} height={12} fill={color.water} opacity={grade === 0 ? 0.75 : 0.45} />}
          {grade === 2 && <path d="M0 12 L12 0" stroke={color.water} strokeWidth={4} />}
          {grade === 3 && <circle cx={6} cy={6} r={3} fill={color.water} />}
          {grade === 4 && <circle cx={6} cy={6} r={1.2} fill={color.water} />}
        </pattern>
      ))}
    </defs>
  );
}

/** One zone: pressed, or reached with Tab. */
function Zone({
  shape,
  name,
  grade,
  chosen,
  onPress,
}: {
  shape: Shape;
  /** As its owner calls it. */
  name: string;
  grade: number | undefined;
  chosen: boolean;
  /** None where it is only shown. */
  onPress: (() => void) | undefined;
}) {
  const { pressProps } = usePress({ isDisabled: !onPress, onPress: () => onPress?.() });
  const { focusProps, isFocusVisible } = useFocusRing();
  const pressed = onPress
    ? {
        ...mergeProps(pressProps, focusProps),
        role: 'button',
        tabIndex: 0,
        'aria-pressed': chosen,
        'aria-label': `${name}, ${shape.side}, ${grade === undefined ? 'not tried' : `grade ${grade}`}`,
        style: { cursor: 'pointer', outline: 'none' },
      }
    : {};
  return (
    <g {...pressed}>
      <path
        d={shape.path}
        fill={gradeFill(grade)}
        stroke={isFocusVisible ? color.water : color.ink}
        strokeWidth={isFocusVisible ? 5 : chosen ? 3.5 : 1.5}
        strokeLinejoin="round"
      />
      {grade !== undefined && (
        <text
          x={shape.at[0]}
          y={shape.at[1] + 5}
          textAnchor="middle"
          style={{ font: `700 17px ${font.mono}`, fill: color.ink, paintOrder: 'stroke', stroke: color.panel, strokeWidth: 5 }}
        >
          {grade}
        </text>
      )}
    </g>
  );
}

/** One arrow key on the outline, as a share of it; with shift further. */
const STEP = 0.02;
const FAR = 0.1;
const inside = (share: number): number => Math.min(1, Math.max(0, share));
/** A side on which a pin is set: where it is touched, or where the arrow keys have brought the cross, with Enter. */
function SpotSide({
  side,
  label,
  onSpot,
  children,
}: {
  side: string;
  label: string;
  onSpot: (x: number, y: number) => void;
  children: ReactNode;
}) {
  const [[x, y], setAt] = useState<Point>([0.5, 0.5]);
  const { pressProps } = usePress({
    onPress: (event) => {
      if (event.pointerType === 'keyboard') return onSpot(x, y);
      const box = event.target.getBoundingClientRect();
      // A press by a screen reader has no place of its own: it means the cross.
      if (event.pointerType === 'virtual') onSpot(x, y);
      else onSpot(inside(event.x / box.width), inside(event.y / box.height));
    },
  });
  const { keyboardProps } = useKeyboard({
    onKeyDown: (event) => {
      const way = ARROWS[event.key];
      if (!way) return event.continuePropagation();
      const by = event.shiftKey ? FAR : STEP;
      setAt(([a, b]) => [inside(a + way[0] * by), inside(b + way[1] * by)]);
    },
  });
  const { focusProps, isFocusVisible } = useFocusRing();
  return (
    <>
      <svg
        {...mergeProps(pressProps, keyboardProps, focusProps)}
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="application"
        aria-roledescription="outline"
        tabIndex={0}
        aria-label={`${label}. ${placeText([x, y])} the ${side}: the arrow keys move it, Enter sets a pin.`}
        style={{ cursor: 'crosshair' }}
      >
        {children}
        {isFocusVisible && (
          <path
            d={`M${x * WIDTH - 12} ${y * HEIGHT}h24M${x * WIDTH} ${y * HEIGHT - 12}v24`}
            stroke={color.water}
            strokeWidth={4}
            aria-hidden="true"
          />
        )}
      </svg>
      <Hidden aria-live="polite">{isFocusVisible ? placeText([x, y]) : ''}</Hidden>
    </>
  );
}

/** A thing's outline, front and back. Zones carry a word and a hatch; pins carry a mark. */
export function Outline({
  kind,
  grades = {},
  chosen,
  pins = [],
  onZone,
  onSpot,
}: {
  kind: Kind;
  grades?: Readonly<Record<string, number | undefined>>;
  chosen?: string | null;
  pins?: readonly Pin[];
  onZone?: (zone: string) => void;
  onSpot?: (side: 'front' | 'back', x: number, y: number) => void;
}) {
  return (
    <Fields>
      {(['front', 'back'] as const).map((side) => {
        const label = `${side}: ${[
          ...Object.entries(grades).map(([zone, grade]) => `${zoneName(zone, kind)} ${grade ?? 'not tried'}`),
          ...pins.filter((p) => p.side === side).map((p) => p.name),
        ].join(', ')}`;
        const drawn = (
          <>
            <Wetness />
            {shapesOf(kind)
              .filter((s) => s.side === side)
              .map((shape) => (
                <Zone
                  key={shape.id}
                  shape={shape}
                  name={zoneName(shape.id, kind)}
                  grade={grades[shape.id]}
                  chosen={chosen === shape.id}
                  onPress={onZone && (() => onZone(shape.id))}
                />
              ))}
            {pins
              .filter((p) => p.side === side)
              .map((pin, n) => (
                <g key={`${pin.name}-${n}`} transform={`translate(${pin.x * WIDTH} ${pin.y * HEIGHT})`}>
                  <circle r={11} fill={color.ink} />
                  <text y={5} textAnchor="middle" style={{ font: `700 14px ${font.mono}`, fill: color.onInk }}>
                    {pin.mark}
                  </text>
                </g>
              ))}
          </>
        );
        return (
          <figure key={side}>
            {onSpot ? (
              <SpotSide side={side} label={label} onSpot={(x, y) => onSpot(side, x, y)}>
                {drawn}
              </SpotSide>
            ) : (
              <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role={onZone ? 'group' : 'img'} aria-label={label}>
                {drawn}
              </svg>
            )}
            <figcaption>{side}</figcaption>
          </figure>
        );
      })}
    </Fields>
  );
}
