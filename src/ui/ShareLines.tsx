import { CartesianGrid, Line, LineChart, ReferenceLine, Tooltip, XAxis, YAxis } from 'recharts';
import { ChartPlace } from './ChartPlace';
import { LinesInTurn } from './InTurn';
import { axisDay, axisTick, roomForNames, timeAxis } from './chart';
import { color } from './theme';

export interface ShareLine {
  readonly key: string;
  readonly name: string;
  readonly stroke: string;
  readonly dash: string;
}
/** A time, ms, with a value, or none, for each line. */
export type SharePoint = { readonly at: number };
const dot = { r: 4, cursor: 'pointer' };
const activeDot = { r: 6, cursor: 'pointer' };
const value = (point: SharePoint, key: string): number =>
  Number((point as unknown as Readonly<Record<string, unknown>>)[key] ?? 0);

const LABEL = { fill: color.quiet, fontSize: 12 } as const;
const TIP = { background: color.panel, border: `1px solid ${color.line}`, color: color.ink } as const;
/** Above the lines, so that none runs through it, stands what was done. */
const NAMED_PX = 22;
const DRAWN = { dot, activeDot, connectNulls: true, isAnimationActive: false } as const;
/**
 * Shares of as good as new over time, 0–100 % and above, and one count on a scale of its own; verticals are what was done. A point is pressed to
 * open it; the same can be pressed in a table beneath it.
 */
export function ShareLines({
  points,
  lines,
  count = null,
  marks,
  label,
  onOpen,
}: {
  points: readonly SharePoint[];
  lines: readonly ShareLine[];
  count?: ShareLine | null;
  marks: readonly { readonly id: string; readonly at: number; readonly name: string }[];
  label: string;
  onOpen: (index: number) => void;
}) {
  const named = roomForNames(marks, points[0]?.at ?? 0, points.at(-1)?.at ?? 0);
  const top = Math.max(100, ...points.flatMap((p) => lines.map(({ key }) => Math.ceil(value(p, key) / 10) * 10)));
  // The first, the last and the best point lie wholly within, to be pressed.
  const within = { top: 10, bottom: 6 };
  return (
    <div style={{ height: 214 }} role="img" aria-label={label}>
      <ChartPlace>
        <LineChart
          data={[...points]}
          margin={{ top: NAMED_PX, right: count ? 0 : 36, bottom: 0, left: -18 }}
          accessibilityLayer={false}
          onClick={(state) => onOpen(Number(state.activeTooltipIndex ?? NaN))}
        >
          <CartesianGrid stroke={color.line} vertical={false} />
          <XAxis {...timeAxis} padding={{ left: 14, right: 14 }} />
          <YAxis domain={[0, top]} padding={within} ticks={[0, 50, 100]} unit=" %" tick={axisTick} width={66} />
          {count && (
            <YAxis
              yAxisId={count.key}
              padding={within}
              orientation="right"
              allowDecimals={false}
              domain={[0, 'dataMax + 1']}
              tick={axisTick}
              width={36}
            />
          )}
          <Tooltip
            labelFormatter={(ms) => axisDay(Number(ms))}
            formatter={(shown) => Math.round(Number(shown))}
            contentStyle={TIP}
          />
          <LinesInTurn>
            {marks.map((mark) => (
              <ReferenceLine
                key={mark.id}
                x={mark.at}
                stroke={color.quiet}
                strokeDasharray="3 3"
                {...(named.has(mark) && { label: { ...LABEL, value: mark.name, position: 'top' } })}
              />
            ))}
          </LinesInTurn>
          <LinesInTurn>
            {lines.map(({ key, name, stroke, dash }) => (
              <Line key={key} dataKey={key} name={name} stroke={stroke} strokeDasharray={dash} strokeWidth={2.5} {...DRAWN} />
            ))}
            {count && (
              <Line
                yAxisId={count.key}
                dataKey={count.key}
                name={count.name}
                stroke={count.stroke}
                strokeWidth={1.5}
                type="stepAfter"
                {...DRAWN}
              />
            )}
          </LinesInTurn>
        </LineChart>
      </ChartPlace>
    </div>
  );
}
