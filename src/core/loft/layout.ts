/** Layouts of baffles to scale, as starting points: panels of strips or boxes, each joined to its neighbours by open openings. */
import type { FillMap } from '../gear';
import { areaMm2 } from './spread';
import { LOFT_FIGURES } from '../knowledge';

export const PANEL_STYLES = ['horizontal', 'vertical', 'box', 'chevron', 'foot-box'] as const;
export type PanelStyle = (typeof PANEL_STYLES)[number];
export interface Panel {
  /** Short name; its baffles are called "back 1", "back 2" … */
  readonly name: string;
  readonly style: PanelStyle;
  readonly xMm: number;
  readonly yMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Strips, or rows of boxes. */
  readonly rows: number;
  /** Boxes in a row; 1 for strips. */
  readonly columns: number;
  readonly thicknessMm: number;
}
/** An opening at a baffle's end is about so wide, mm. */
export const OPENING_MM = LOFT_FIGURES.openingMm.value;
/** How far the middle of a chevron hangs below its ends, as a share of its width. */
const CHEVRON = 0.18;

type Point = [number, number];
/** One panel's baffles and openings. @throws RangeError when a size is not above 0 or a count is not whole. */
export function panelOf(panel: Panel): Required<FillMap> {
  const { name, style, xMm: x, yMm: y, widthMm: w, heightMm: h, rows, columns, thicknessMm } = panel;
  if (!(w > 0) || !(h > 0) || !(thicknessMm > 0)) throw new RangeError('A panel needs a size above 0.');
  if (!Number.isInteger(rows) || !Number.isInteger(columns) || rows < 1 || columns < 1)
    throw new RangeError('A panel needs at least one whole row and column.');
  const across = style === 'box' || style === 'foot-box' ? columns : style === 'vertical' ? rows : 1;
  const down = style === 'vertical' ? 1 : rows;
  const [bw, bh] = [w / across, h / down];
  const sag = style === 'chevron' ? w * CHEVRON : 0;
  const id = (row: number, column: number): string => `${name} ${row * across + column + 1}`;
  const baffles: FillMap['baffles'] = [];
  const openings: NonNullable<FillMap['openings']> = [];
  for (let row = 0; row < down; row++)
    for (let column = 0; column < across; column++) {
      const [left, top] = [x + column * bw, y + row * bh];
      const middle: Point[] = sag > 0 ? [[left + bw / 2, top + sag]] : [];
      const below: Point[] = sag > 0 ? [[left + bw / 2, top + bh + sag]] : [];
      const corners: Point[] = [[left, top], ...middle, [left + bw, top], [left + bw, top + bh], ...below, [left, top + bh]];
      const flat = {
        polygonMm: corners.map(([px, py]): Point => [Math.round(px), Math.round(py)]),
        newThicknessMm: thicknessMm,
      };
      const foot =
        style === 'foot-box' && footBaffle(panel, row / down, (row + 1) / down, column / across, (column + 1) / across);
      baffles.push({ id: id(row, column), ...(foot || flat) });
      const join = (to: string): void => void openings.push({ from: id(row, column), to, state: 'open', widthMm: OPENING_MM });
      if (column + 1 < across) join(id(row, column + 1));
      if (row + 1 < down) join(id(row + 1, column));
    }
  return { baffles, openings };
}
/** A foot box narrows to this share of its width. */
const TAPER = 0.7;
/**
 * A baffle of a foot box that is cut differentially: the cloth lies flat as the lining does, the outer cloth goes round it further. Rolled
 * to a tube of radius r it holds area × t × (1 + t / 2r): the volume between two cylinders.
 */
function footBaffle(panel: Panel, top: number, bottom: number, from: number, to: number): Omit<FillMap['baffles'][number], 'id'> {
  const { xMm, yMm, widthMm, heightMm, thicknessMm } = panel;
  const at = (across: number, down: number): Point => {
    const wide = widthMm * (1 - (1 - TAPER) * down);
    return [Math.round(xMm + (widthMm - wide) / 2 + across * wide), Math.round(yMm + down * heightMm)];
  };
  const polygonMm = [at(from, top), at(to, top), at(to, bottom), at(from, bottom)];
  const radius = (widthMm * (1 - ((1 - TAPER) * (top + bottom)) / 2)) / (2 * Math.PI);
  const flat = (areaMm2(polygonMm) * thicknessMm) / 1000;
  return { polygonMm, newThicknessMm: thicknessMm, volumeCm3: Math.round(flat * (1 + thicknessMm / (2 * radius))) };
}
/** Several panels, not joined to one another: their seams are sewn through. */
export function layoutOf(panels: readonly Panel[]): Required<FillMap> {
  const made = panels.map(panelOf);
  return { baffles: made.flatMap((m) => m.baffles), openings: made.flatMap((m) => m.openings) };
}

const strips = (
  name: string,
  xMm: number,
  yMm: number,
  widthMm: number,
  heightMm: number,
  rows: number,
  thicknessMm: number,
  style: PanelStyle = 'horizontal',
): Panel => ({ name, style, xMm, yMm, widthMm, heightMm, rows, columns: 1, thicknessMm });
/** Where people begin, in the sizes of usual things [from memory]; each is then made one's own. */
export const START_LAYOUTS = {
  jacket: [
    strips('sleeve l', 0, 60, 190, 520, 7, 40),
    strips('left', 210, 0, 270, 600, 8, 45),
    strips('back', 500, 0, 540, 600, 8, 45),
    strips('right', 1060, 0, 270, 600, 8, 45),
    strips('sleeve r', 1350, 60, 190, 520, 7, 40),
  ],
  quilt: [
    strips('body', 0, 0, 1300, 1450, 7, 55, 'vertical'),
    { name: 'foot', style: 'box', xMm: 150, yMm: 1480, widthMm: 1000, heightMm: 420, rows: 2, columns: 4, thicknessMm: 60 },
  ],
  bag: [
    strips('hood', 180, 0, 440, 260, 3, 70, 'chevron'),
    strips('body', 0, 290, 800, 1400, 11, 80),
    { name: 'foot', style: 'foot-box', xMm: 100, yMm: 1720, widthMm: 600, heightMm: 320, rows: 2, columns: 3, thicknessMm: 85 },
  ],
} as const satisfies Record<string, readonly Panel[]>;
export type StartLayout = keyof typeof START_LAYOUTS;

export type DrawnBaffle = FillMap['baffles'][number] & { readonly polygonMm: [number, number][] };
/** The baffles that have an outline. */
export const drawnBaffles = (map: FillMap): DrawnBaffle[] =>
  map.baffles.filter((b): b is DrawnBaffle => (b.polygonMm?.length ?? 0) > 2);
/** The mean of an outline's points, mm. */
export const centreOf = (outline: readonly (readonly [number, number])[]): Point => [
  outline.reduce((sum, [x]) => sum + x, 0) / outline.length,
  outline.reduce((sum, [, y]) => sum + y, 0) / outline.length,
];
