import { CartesianGrid, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import { ChartPlace } from '../../ui/ChartPlace';
import type { CleanerLeft } from '../../core/rinsing';
import { Quiet } from '../../ui/basics';
import { axisTick } from '../../ui/chart';
import { color } from '../../ui/theme';

/** Below this share nothing can be told from nothing, %. */
const FLOOR = 0.1;
const LINES = [
  { key: 'total', name: 'all', stroke: color.ink, dash: '0', how: 'solid' },
  { key: 'sorbed', name: 'clinging', stroke: color.air, dash: '6 4', how: 'dashed' },
  { key: 'free', name: 'loose', stroke: color.water, dash: '2 3', how: 'dotted' },
] as const;

/** What is left of the cleaner after each rinse, on a scale where each step down is a tenth. */
export function RinseChart({ curve, target }: { curve: readonly CleanerLeft[]; target: number }) {
  const floor = (share: number): number => Math.max(FLOOR, share * 100);
  const data = [
    { rinse: 0, total: 100 },
    ...curve.map((r, n) => ({ rinse: n + 1, total: floor(r.total), free: floor(r.free), sorbed: floor(r.sorbed) })),
  ];
  const said = curve.map((r, n) => `${n + 1}: ${(r.total * 100).toFixed(1)} %`).join(', ');
  return (
    <figure style={{ margin: 0 }}>
      <div style={{ height: 250 }} role="img" aria-label={`Left after each rinse: ${said}`}>
        <ChartPlace>
          <LineChart data={data} margin={{ top: 8, right: 24, bottom: 4, left: -6 }}>
            <CartesianGrid stroke={color.line} vertical={false} />
            <XAxis
              dataKey="rinse"
              type="number"
              domain={[0, 'dataMax']}
              allowDecimals={false}
              tickCount={curve.length + 1}
              tick={axisTick}
            />
            <YAxis
              scale="log"
              domain={[FLOOR, 100]}
              ticks={[0.1, 1, 10, 100]}
              unit=" %"
              tick={axisTick}
              width={70}
              allowDataOverflow
            />
            <ReferenceLine
              y={target * 100}
              stroke={color.finish}
              strokeWidth={2}
              label={{ value: 'clear', fill: color.finish, fontSize: 14, position: 'insideTopRight' }}
            />
            {LINES.map((line) => (
              <Line
                key={line.key}
                dataKey={line.key}
                stroke={line.stroke}
                strokeDasharray={line.dash}
                strokeWidth={2.5}
                dot={{ r: 4 }}
                isAnimationActive={false}
              />
            ))}
          </LineChart>
        </ChartPlace>
      </div>
      <figcaption>
        <Quiet>Cleaner left after each rinse, of the start. {LINES.map((l) => `${l.name}: ${l.how}`).join(' · ')}.</Quiet>
      </figcaption>
    </figure>
  );
}
