import { useSay } from '../../ui/said';
import { CartesianGrid, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import { ChartPlace } from '../../ui/ChartPlace';
import { LinesInTurn } from '../../ui/InTurn';
import type { Moment, Rehearsal, Setup } from '../../core/rehearse';
import { dryBandG } from '../../core/drying';
import { Quiet } from '../../ui/basics';
import { axisTick } from '../../ui/chart';
import { color } from '../../ui/theme';

const HOUR = 60;

type Read = (m: Moment) => number;
interface Row {
  readonly name: string;
  readonly unit: string;
  readonly lines: readonly {
    readonly key: string;
    readonly stroke: string;
    readonly dash: string;
    readonly read: Read;
    readonly how: string;
  }[];
  readonly limit?: { readonly at: number; readonly stroke: string; readonly says: string };
  readonly most: number;
}

/** Whole hours of the clock that fit the span, at most eight of them. @param toHour minutes from the start to the first whole hour. */
function hoursOf(from: number, to: number, toHour: number): number[] {
  const every = HOUR * [1, 2, 3, 6, 12, 24].reduce((best, h) => ((to - from) / (best * HOUR) > 8 ? h : best), 1);
  const ticks: number[] = [];
  for (let at = Math.ceil((from - toHour) / every) * every + toHour; at <= to; at += every) ticks.push(at);
  return ticks;
}

interface Both {
  readonly yours: Rehearsal;
  readonly plans: Rehearsal | null;
}
/** What is drawn: water, heat, and what is in it where something can be. */
function rowsOf(setup: Setup, { yours, plans }: Both): Row[] {
  const most = (read: Read): number => Math.max(...yours.moments.map(read), ...(plans?.moments.map(read) ?? []));
  const all: Read = (m) => m.shellG + m.coreG;
  const rinsed = setup.steps.some((s) => s.settings.rinseModel);
  const { fabricMaxC } = setup.limits;
  const drum = setup.steps.some((s) => s.settings.heat !== undefined);
  return [
    {
      name: 'Water',
      unit: ' g',
      lines: [
        { key: 'water', stroke: color.water, dash: '0', read: all, how: 'all' },
        { key: 'core', stroke: color.air, dash: '5 4', read: (m) => m.coreG, how: 'in the core' },
      ],
      limit: { at: dryBandG(setup.dryG), stroke: color.finish, says: 'dry' },
      // Soaked it goes off the scale: what matters is how it dries.
      most: Math.ceil((Math.max(yours.balance.startG, plans?.balance.startG ?? 0, 50) * 1.15) / 50) * 50,
    },
    {
      name: 'Cloth',
      unit: ' °C',
      lines: [{ key: 'cloth', stroke: color.heat, dash: '0', read: (m) => m.fabricC, how: 'temperature' }],
      ...(drum && fabricMaxC !== null ? { limit: { at: fabricMaxC, stroke: color.alarm, says: 'the most it may' } } : {}),
      most: Math.max(drum && fabricMaxC !== null ? fabricMaxC + 10 : 30, Math.ceil(most((m) => m.fabricC) / 10) * 10),
    },
    ...(setup.filled || rinsed
      ? [
          {
            name: 'Inside',
            unit: ' %',
            lines: [
              ...(setup.filled
                ? [{ key: 'clumps', stroke: color.ink, dash: '0', read: (m: Moment) => m.clumps * 100, how: 'clumped' }]
                : []),
              ...(rinsed
                ? [{ key: 'left', stroke: color.finish, dash: '2 3', read: (m: Moment) => m.residue * 100, how: 'cleaner left' }]
                : []),
            ],
            most: 100,
          },
        ]
      : []),
  ];
}

const Key = ({ stroke, width, dash }: { stroke: string; width: number; dash?: string | undefined }) => (
  <svg width="26" height="6" aria-hidden="true">
    <line x1="0" x2="26" y1="3" y2="3" stroke={stroke} strokeWidth={width} strokeDasharray={dash} />
  </svg>
);
/** What the lines of a row are. */
function Caption({ row, plans }: { row: Row; plans: boolean }) {
  return (
    <figcaption style={{ display: 'flex', gap: 14, flexWrap: 'wrap', alignItems: 'baseline' }}>
      <strong>{row.name}</strong>
      {row.lines.map((line) => (
        <Quiet key={line.key} style={{ display: 'inline-flex', gap: 6, alignItems: 'center' }}>
          <Key stroke={line.stroke} width={2.5} dash={line.dash === '0' ? undefined : line.dash} />
          {line.how}
        </Quiet>
      ))}
      {plans && (
        <Quiet style={{ display: 'inline-flex', gap: 6, alignItems: 'center' }}>
          <Key stroke={color.quiet} width={1.5} />
          as planned
        </Quiet>
      )}
    </figcaption>
  );
}

interface Axis {
  readonly from: number;
  readonly to: number;
  readonly ticks: readonly number[];
  readonly cursor: number;
  readonly clock: (minutes: number) => string;
}
function Lines({ row, yours, plans, axis, first, last }: Both & { row: Row; axis: Axis; first: boolean; last: boolean }) {
  const say = useSay();
  const { from, to, ticks, cursor, clock } = axis;
  const mine = yours.moments.map((m) => ({
    minutes: m.minutes,
    ...Object.fromEntries(row.lines.map((line) => [line.key, line.read(m)])),
  }));
  const other = plans?.moments.map((m) => ({ minutes: m.minutes, plan: row.lines[0]?.read(m) ?? 0 })) ?? [];
  return (
    <ChartPlace>
      <LineChart margin={{ top: 6, right: 26, bottom: 0, left: -2 }}>
        <CartesianGrid stroke={color.line} vertical={false} />
        <XAxis
          dataKey="minutes"
          type="number"
          domain={[from, to]}
          ticks={[...ticks]}
          tickFormatter={clock}
          tick={last ? axisTick : false}
          height={last ? 24 : 4}
          interval="preserveStart"
          minTickGap={12}
          allowDataOverflow
        />
        <YAxis
          type="number"
          tickFormatter={(y: number) => say(`${Math.round(y)}${row.unit}`)}
          tick={axisTick}
          width={72}
          domain={[0, row.most]}
          tickCount={first ? 4 : 3}
          allowDataOverflow
        />
        <LinesInTurn>
          {row.limit && (
            <ReferenceLine
              y={row.limit.at}
              stroke={row.limit.stroke}
              strokeDasharray="6 4"
              label={{ value: row.limit.says, fill: row.limit.stroke, fontSize: 13, position: 'insideBottomRight' }}
            />
          )}
          <ReferenceLine x={cursor} stroke={color.ink} />
          {other.length > 0 && (
            <Line data={other} dataKey="plan" stroke={color.quiet} strokeWidth={1.5} dot={false} isAnimationActive={false} />
          )}
          {row.lines.map((line) => (
            <Line
              key={line.key}
              data={mine}
              dataKey={line.key}
              stroke={line.stroke}
              strokeDasharray={line.dash}
              strokeWidth={2.5}
              dot={false}
              isAnimationActive={false}
            />
          ))}
        </LinesInTurn>
      </LineChart>
    </ChartPlace>
  );
}

/** Water, heat and filling over time, one above the other: yours as lines, the plan's behind them in grey. */
export function SimulationChart({
  setup,
  yours,
  plans,
  cursor,
  toHour,
  clock,
}: {
  setup: Setup;
  yours: Rehearsal;
  plans: Rehearsal | null;
  cursor: number;
  toHour: number;
  clock: (minutes: number) => string;
}) {
  const from = Math.min(yours.wetAtMin, plans?.wetAtMin ?? Infinity);
  const to = Math.max(yours.endMin, plans?.endMin ?? 0);
  const rows = rowsOf(setup, { yours, plans });
  const axis = { from, to, ticks: hoursOf(from, to, toHour), cursor, clock };
  return (
    <div style={{ display: 'flex', flexDirection: 'column', gap: 6 }}>
      {rows.map((row, n) => {
        const last = n === rows.length - 1;
        const end = yours.end;
        return (
          <figure key={row.name} style={{ margin: 0 }}>
            <Caption row={row} plans={plans !== null && n === 0} />
            <div
              style={{ height: n === 0 ? 190 : last ? 130 : 116 }}
              role="img"
              aria-label={`${row.name}: ${row.lines.map((line) => `${line.how} ${Math.round(line.read(end))}${row.unit} at the end`).join(', ')}`}
            >
              <Lines row={row} yours={yours} plans={plans} axis={axis} first={n === 0} last={last} />
            </div>
          </figure>
        );
      })}
    </div>
  );
}
