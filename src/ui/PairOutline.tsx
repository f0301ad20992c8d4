import { mergeProps, useFocusRing, usePress } from 'react-aria';
import styled from 'styled-components';
import type { Side } from '../core/gear';
import type { PanelId, Surface } from '../core/knowledge';
import { color, font, phone } from './theme';

/* Our own plain drawing of one of a pair: a side, the sole from below, the inside from above; a field 560 by 320 each. */
const WIDTH = 560;
const HEIGHT = 320;
interface Piece {
  readonly path: string;
  /** Where its word stands. */
  readonly at: readonly [number, number];
}
const FROM_THE_SIDE: Partial<Record<PanelId, Piece>> = {
  collar: { path: 'M148 66 L158 26 L248 26 L240 66 Z', at: [200, 52] },
  upper: { path: 'M46 246 C46 180 84 80 148 66 L240 66 C254 108 306 152 388 182 C440 200 528 190 532 246 Z', at: [280, 226] },
  laces: { path: 'M246 84 L256 78 L352 158 L330 168 L240 106 Z', at: [330, 104] },
  overlay: { path: 'M74 246 Q84 182 158 180 L196 184 L226 246 Z', at: [146, 222] },
  toe: { path: 'M430 246 L430 194 Q524 190 532 246 Z', at: [478, 228] },
  midsole: { path: 'M40 246 L538 246 L542 262 L36 262 Z', at: [290, 259] },
  rim: { path: 'M36 262 L542 262 Q550 288 528 298 L58 298 Q34 294 36 262 Z', at: [290, 286] },
};
const WITHOUT_MIDSOLE: Partial<Record<PanelId, Piece>> = {
  rim: { path: 'M38 246 L540 246 Q550 284 528 298 L58 298 Q32 294 38 246 Z', at: [290, 278] },
};
const FOOTPRINT =
  'M44 160 C44 96 130 84 214 104 C290 122 350 82 428 82 C512 82 528 130 528 160 C528 202 500 226 428 222 C350 216 290 190 214 208 C130 226 44 222 44 160 Z';
const FROM_BELOW: Partial<Record<PanelId, Piece>> = { tread: { path: FOOTPRINT, at: [280, 162] } };
const FROM_ABOVE: Partial<Record<PanelId, Piece>> = {
  lining: { path: FOOTPRINT, at: [96, 110] },
  insole: {
    path: 'M74 160 C74 120 140 110 214 126 C290 142 350 108 424 108 C488 108 502 138 502 160 C502 188 478 200 424 198 C350 194 290 170 214 184 C140 198 74 200 74 160 Z',
    at: [190, 162],
  },
  tongue: { path: 'M330 110 Q430 96 436 152 Q430 206 330 196 Q310 152 330 110 Z', at: [374, 158] },
};
const PIECES: Record<Side, Partial<Record<PanelId, Piece>>> = {
  front: FROM_THE_SIDE,
  back: FROM_THE_SIDE,
  sole: FROM_BELOW,
  inside: FROM_ABOVE,
};
/** Pieces that lie over others are drawn after them. */
const ORDER: readonly PanelId[] = [
  'collar',
  'upper',
  'laces',
  'overlay',
  'toe',
  'midsole',
  'rim',
  'tread',
  'lining',
  'insole',
  'tongue',
];
/** Surfaces are told apart by hatch, so that colour is never the only sign. */
const HATCH: Record<Surface, string> = {
  leather: 'M0 0',
  patent: 'M0 12 L12 0',
  nap: 'M2 2 h1 M8 8 h1 M8 2 h1 M2 8 h1',
  rubber: 'M0 6 h12',
  foam: 'M3 3 a1 1 0 1 0 .1 0 M9 9 a1 1 0 1 0 .1 0',
  lining: 'M0 0 L12 12',
  insole: 'M6 0 v12',
  cloth: 'M0 4 h12 M4 0 v12',
};

export interface PanelDrawn {
  readonly id: PanelId;
  readonly name: string;
  /** The same, short enough for the drawing. */
  readonly word: string;
  readonly surface: Surface;
}
export interface PanelPin {
  readonly x: number;
  readonly y: number;
  readonly mark: string;
  readonly name: string;
  /** Done with: shown fainter, with a stroke through it. */
  readonly over?: boolean;
}
const Field = styled.svg`
  width: 100%;
  height: auto;
  display: block;
  touch-action: manipulation;
  text {
    font: 600 15px ${font.text};
    fill: ${color.ink};
    paint-order: stroke;
    stroke: ${color.panel};
    stroke-width: 5px;
    stroke-linejoin: round;
  }
  ${phone} {
    text {
      font-size: 22px;
    }
  }
`;
const share = (v: number): number => Math.round(Math.min(1, Math.max(0, v)) * 1000) / 1000;

function PanelZone({
  panel,
  piece,
  mirrored,
  chosen,
  marks,
  onPress,
}: {
  panel: PanelDrawn;
  piece: Piece;
  mirrored: boolean;
  chosen: boolean;
  marks: number;
  onPress: (at: { readonly x: number; readonly y: number }) => void;
}) {
  const [x, y] = [mirrored ? WIDTH - piece.at[0] : piece.at[0], piece.at[1]];
  const middle = { x: share(x / WIDTH), y: share(y / HEIGHT) };
  const { pressProps } = usePress({
    onPress: (event) => {
      const box = event.target.closest('svg')?.getBoundingClientRect();
      const mine = event.target.getBoundingClientRect();
      // By key or by a screen reader the middle of the panel is meant.
      if (!box || event.pointerType === 'keyboard' || event.pointerType === 'virtual') return onPress(middle);
      onPress({ x: share((mine.left - box.left + event.x) / box.width), y: share((mine.top - box.top + event.y) / box.height) });
    },
  });
  const { focusProps, isFocusVisible } = useFocusRing();
  return (
    <g
      {...mergeProps(pressProps, focusProps)}
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${panel.name}${marks > 0 ? `, ${marks === 1 ? 'one mark' : `${marks} marks`}` : ''}`}
      style={{ cursor: 'pointer', outline: 'none' }}
    >
      <g transform={mirrored ? `translate(${WIDTH} 0) scale(-1 1)` : undefined}>
        <path d={piece.path} fill={color.panel} />
        <path
          d={piece.path}
          fill={`url(#surface-${panel.surface})`}
          stroke={isFocusVisible ? color.water : color.ink}
          strokeWidth={isFocusVisible ? 5 : chosen ? 3.5 : 1.5}
          strokeLinejoin="round"
        />
      </g>
      <text x={x} y={y} textAnchor="middle" style={chosen ? { fontWeight: 800 } : {}}>
        {panel.word}
      </text>
    </g>
  );
}

/** One of a pair from one side, panel by panel; pins carry the numbers of marks. A press says the panel and where on the drawing it was, as shares. */
export function PairOutline({
  side,
  label,
  panels,
  chosen,
  pins,
  marksOn,
  onPanel,
}: {
  side: Side;
  label: string;
  panels: readonly PanelDrawn[];
  chosen: PanelId | null;
  pins: readonly PanelPin[];
  marksOn: (id: PanelId) => number;
  onPanel: (id: PanelId, at: { readonly x: number; readonly y: number }) => void;
}) {
  const midsole = panels.some((p) => p.id === 'midsole');
  const pieces = { ...PIECES[side], ...(midsole || side === 'sole' || side === 'inside' ? {} : WITHOUT_MIDSOLE) };
  const drawn = ORDER.flatMap((id) => {
    const panel = panels.find((p) => p.id === id);
    const piece = pieces[id];
    return panel && piece ? [{ panel, piece }] : [];
  });
  return (
    <Field viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="group" aria-label={label}>
      <defs>
        {Object.entries(HATCH).map(([surface, d]) => (
          <pattern key={surface} id={`surface-${surface}`} width={12} height={12} patternUnits="userSpaceOnUse">
            <path d={d} stroke={color.line} strokeWidth={1.5} fill="none" />
          </pattern>
        ))}
      </defs>
      {drawn.map(({ panel, piece }) => (
        <PanelZone
          key={panel.id}
          panel={panel}
          piece={piece}
          mirrored={side === 'back'}
          chosen={chosen === panel.id}
          marks={marksOn(panel.id)}
          onPress={(at) => onPanel(panel.id, at)}
        />
      ))}
      {pins.map((pin, n) => (
        <g key={`${pin.name}-${n}`} transform={`translate(${pin.x * WIDTH} ${pin.y * HEIGHT})`} style={{ pointerEvents: 'none' }}>
          <title>{pin.name}</title>
          <circle r={16} fill={pin.over ? color.finish : color.ink} />
          <text y={5} textAnchor="middle" style={{ fill: color.onInk, stroke: 'none', fontFamily: font.mono, fontWeight: 700 }}>
            {pin.mark}
          </text>
        </g>
      ))}
    </Field>
  );
}
