import { useRef } from 'react';
import { Area, CartesianGrid, ComposedChart, Line, ReferenceLine, ResponsiveContainer, Scatter, XAxis, YAxis } from 'recharts';
import { MARK, type Repellency } from '../core/repellency';
import { TREATMENT_WORDS } from '../core/telling/repellency';
import { Quiet, Row } from '../ui/basics';
import { axisTick, timeAxis } from '../ui/chart';
import { color } from '../ui/theme';
import { ChartOut } from './ChartOut';

/** The curve and the tests as rows for other software. */
const rowsOf = ({ curve, tests }: Repellency): (string | number)[][] => [
  ['at', 'index', 'low', 'high', 'test'],
  ...[
    ...curve.map(({ at, value, low, high }) => ({ at, cells: [Math.round(value), Math.round(low), Math.round(high), ''] })),
    ...tests.map(({ at, index }) => ({ at, cells: ['', '', '', Math.round(index)] })),
  ]
    .sort((a, b) => a.at - b.at)
    .map(({ at, cells }) => [new Date(at).toISOString(), ...cells]),
];

/** The index over time: the band that holds nine in ten, tests as dots, care as verticals, the mark dashed. */
export function RepellencyCurve({ of, name }: { of: Repellency; /** Of its files. */ name: string }) {
  const chart = useRef<HTMLElement>(null);
  const data = of.curve.map((p) => ({ at: p.at, value: p.value, band: [p.low, p.high] }));
  const tests = of.tests.map((t) => ({ at: t.at, test: t.index }));
  return (
    <figure ref={chart} style={{ margin: 0, minHeight: 280 }}>
      <div
        role="img"
        aria-label={`Index from ${Math.round(of.tests[0]?.index ?? 0)} to ${Math.round(of.now.value)} over ${of.tests.length} tests`}
      >
        <ResponsiveContainer width="100%" height={190}>
          <ComposedChart data={data} margin={{ top: 8, right: 36, bottom: 0, left: -8 }}>
            <CartesianGrid stroke={color.line} vertical={false} />
            <XAxis {...timeAxis} />
            <YAxis domain={[0, 100]} ticks={[0, 50, 70, 100]} tick={axisTick} stroke={color.line} width={48} />
            <ReferenceLine y={MARK} stroke={color.alarm} strokeDasharray="4 4" />
            {of.cares.map((c) => (
              <ReferenceLine
                key={`${c.at} ${c.treatment}`}
                x={c.at}
                stroke={color.water}
                label={{ value: TREATMENT_WORDS[c.treatment], fill: color.quiet, fontSize: 12, position: 'insideBottomLeft' }}
              />
            ))}
            <Area dataKey="band" stroke="none" fill={color.water} fillOpacity={0.2} isAnimationActive={false} />
            <Line dataKey="value" stroke={color.water} strokeWidth={2} dot={false} isAnimationActive={false} />
            <Scatter data={tests} dataKey="test" fill={color.ink} isAnimationActive={false} />
          </ComposedChart>
        </ResponsiveContainer>
      </div>
      <figcaption>
        <Quiet>Dots are drop tests, verticals care; the band holds nine in ten, below the dashed line rain soaks in.</Quiet>
        <Row $wrap className="no-print">
          <ChartOut within={chart} name={name} rows={() => rowsOf(of)} />
        </Row>
      </figcaption>
    </figure>
  );
}
