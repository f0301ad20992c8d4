import { memo } from 'react';
import { useSay } from '../../ui/said';
import { CartesianGrid, ComposedChart, Line, ReferenceArea, ReferenceLine, Scatter, XAxis, YAxis } from 'recharts';
import { ChartPlace } from '../../ui/ChartPlace';
import type { Damp } from '../../core/run/damp';
import { axisTick } from '../../ui/chart';
import { color } from '../../ui/theme';

/**
 * Water left over drying time: the fitted curve, weights as dots, now as a vertical, and when it is likely inside the dry band. Drawn again when
 * the drying was worked out anew, and not with every tick of the clock beside it.
 */
export const DampChart = memo(function DampChart({ damp }: { damp: Damp }) {
  const say = useSay();
  const { curve, weighed, minutes, estimate, dryAtG, expectedG } = damp;
  const dryG = expectedG ?? null;
  const dots = dryG === null ? [] : weighed.map((w) => ({ minutes: w.minutes, water: Math.max(0, w.massG - dryG) }));
  const last = curve[curve.length - 1]?.minutes ?? 1;
  const most = Math.ceil(Math.max(...curve.map((p) => p.middle), ...dots.map((d) => d.water)) / 150) * 150;
  const said = `Water left from ${Math.round(curve[0]?.middle ?? 0)} g; dry likely between ${Math.round(minutes + estimate.left.low)} and ${Math.round(minutes + estimate.left.high)} minutes of drying.`;
  return (
    <div style={{ height: 190 }} role="img" aria-label={say(said)}>
      <ChartPlace>
        <ComposedChart margin={{ top: 8, right: 34, bottom: 0, left: -6 }}>
          <CartesianGrid stroke={color.line} vertical={false} />
          <XAxis
            dataKey="minutes"
            type="number"
            domain={[0, Math.max(30, last)]}
            tickFormatter={(m: number) => `${Math.round(m)} min`}
            tick={axisTick}
            minTickGap={40}
          />
          <YAxis
            dataKey="middle"
            type="number"
            tickFormatter={(g: number) => say(`${Math.round(g)} g`)}
            tick={axisTick}
            width={70}
            domain={[0, most]}
            tickCount={4}
          />
          <ReferenceArea
            x1={minutes + estimate.left.low}
            x2={minutes + estimate.left.high}
            fill={color.finish}
            fillOpacity={0.18}
            label={{ value: 'dry', fill: color.finish, fontSize: 14, position: 'insideTop' }}
          />
          <ReferenceLine y={dryAtG} stroke={color.finish} strokeDasharray="4 4" />
          {minutes > 0 && (
            <ReferenceLine
              x={minutes}
              stroke={color.ink}
              label={{ value: 'now', fill: color.ink, fontSize: 14, position: 'insideTopLeft' }}
            />
          )}
          <Line data={[...curve]} dataKey="middle" stroke={color.water} strokeWidth={2.5} dot={false} isAnimationActive={false} />
          <Scatter data={dots} dataKey="water" fill={color.ink} isAnimationActive={false} />
        </ComposedChart>
      </ChartPlace>
    </div>
  );
});
