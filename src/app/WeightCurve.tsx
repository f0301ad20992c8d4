import { useSay } from '../ui/said';
import { useRef } from 'react';
import { CartesianGrid, Line, LineChart, XAxis, YAxis } from 'recharts';
import { ChartPlace } from '../ui/ChartPlace';
import { Row } from '../ui/basics';
import { axisTick } from '../ui/chart';
import { color } from '../ui/theme';
import { ChartOut } from './ChartOut';

/** The weights of a drying over its minutes. */
export function WeightCurve({ weights }: { weights: readonly { readonly massG: number; readonly dryMin: number }[] }) {
  const say = useSay();
  const chart = useRef<HTMLDivElement>(null);
  const data = [...weights].sort((a, b) => a.dryMin - b.dryMin);
  const grams = data.map((w) => w.massG);
  const said = `Weights while it dried: ${data.map((w) => `${w.massG} g after ${Math.round(w.dryMin)} min`).join(', ')}.`;
  return (
    <div ref={chart}>
      <div style={{ height: 170 }} role="img" aria-label={say(said)}>
        <ChartPlace>
          <LineChart data={data} margin={{ top: 8, right: 34, bottom: 0, left: -6 }}>
            <CartesianGrid stroke={color.line} vertical={false} />
            <XAxis
              dataKey="dryMin"
              type="number"
              domain={[0, 'dataMax']}
              tickFormatter={(m: number) => `${Math.round(m)} min`}
              tick={axisTick}
            />
            <YAxis
              dataKey="massG"
              type="number"
              tickFormatter={(g: number) => say(`${Math.round(g)} g`)}
              tick={axisTick}
              width={70}
              domain={[Math.floor(Math.min(...grams) / 50) * 50, Math.ceil(Math.max(...grams) / 50) * 50]}
              tickCount={4}
            />
            <Line
              dataKey="massG"
              stroke={color.water}
              strokeWidth={2.5}
              dot={{ fill: color.ink, r: 4 }}
              isAnimationActive={false}
            />
          </LineChart>
        </ChartPlace>
      </div>
      <Row $wrap className="no-print">
        <ChartOut
          within={chart}
          name="weights"
          rows={() => [['drying_min', 'mass_g'], ...data.map((w) => [Math.round(w.dryMin), w.massG])]}
        />
      </Row>
    </div>
  );
}
