import { useMemo, useRef } from 'react';
import { Area, CartesianGrid, ComposedChart, Line, ReferenceLine, Scatter, XAxis, YAxis } from 'recharts';
import { ChartPlace } from '../ui/ChartPlace';
import type { Item, Kit } from '../core/gear';
import { MARK, type Repellency, repellencyCurve, type RepellencyPoint } from '../core/repellency';
import { TREATMENT_WORDS } from '../core/telling/repellency';
import { Quiet, Row } from '../ui/basics';
import { axisTick, timeAxis } from '../ui/chart';
import { LinesInTurn } from '../ui/InTurn';
import { color } from '../ui/theme';
import { ChartOut } from './ChartOut';
import { nowMs } from './now';

/** The curve and the tests as rows for other software. */
const rowsOf = ({ tests }: Repellency, curve: readonly RepellencyPoint[]): (string | number)[][] => [
  ['at', 'index', 'low', 'high', 'test'],
  ...[
    ...curve.map(({ at, value, low, high }) => ({ at, cells: [Math.round(value), Math.round(low), Math.round(high), ''] })),
    ...tests.map(({ at, index }) => ({ at, cells: ['', '', '', Math.round(index)] })),
  ]
    .sort((a, b) => a.at - b.at)
    .map(({ at, cells }) => [new Date(at).toISOString(), ...cells]),
];

interface Of {
  readonly kit: Kit;
  readonly item: Item;
  readonly of: Repellency;
}
const curveOf = (kit: Kit, item: Item): RepellencyPoint[] => repellencyCurve(item, kit.inspections, kit.log ?? [], nowMs());

/** Worked out where it is drawn: it takes longer than all else on its page. */
function Curve({ kit, item, of }: Of) {
  const data = useMemo(() => curveOf(kit, item).map((p) => ({ at: p.at, value: p.value, band: [p.low, p.high] })), [kit, item]);
  const tests = useMemo(() => of.tests.map((t) => ({ at: t.at, test: t.index })), [of]);
  return (
    <ComposedChart data={data} margin={{ top: 8, right: 36, bottom: 0, left: -8 }}>
      <CartesianGrid stroke={color.line} vertical={false} />
      <XAxis {...timeAxis} />
      <YAxis domain={[0, 100]} ticks={[0, 50, 70, 100]} tick={axisTick} stroke={color.line} width={48} />
      <ReferenceLine y={MARK} stroke={color.alarm} strokeDasharray="4 4" />
      <LinesInTurn>
        {of.cares.map((c) => (
          <ReferenceLine
            key={`${c.at} ${c.treatment}`}
            x={c.at}
            stroke={color.water}
            label={{ value: TREATMENT_WORDS[c.treatment], fill: color.quiet, fontSize: 12, position: 'insideBottomLeft' }}
          />
        ))}
      </LinesInTurn>
      <LinesInTurn>
        <Area dataKey="band" stroke="none" fill={color.water} fillOpacity={0.2} isAnimationActive={false} />
        <Line dataKey="value" stroke={color.water} strokeWidth={2} dot={false} isAnimationActive={false} />
        <Scatter data={tests} dataKey="test" fill={color.ink} isAnimationActive={false} />
      </LinesInTurn>
    </ComposedChart>
  );
}

/** The index over time: the band that holds nine in ten, tests as dots, care as verticals, the mark dashed. */
export function RepellencyCurve({ kit, item, of }: Of) {
  const chart = useRef<HTMLElement>(null);
  return (
    <figure ref={chart} style={{ margin: 0, minHeight: 280 }}>
      <div
        role="img"
        aria-label={`Index from ${Math.round(of.tests[0]?.index ?? 0)} to ${Math.round(of.now.value)} over ${of.tests.length} tests`}
      >
        <ChartPlace height={190}>
          <Curve kit={kit} item={item} of={of} />
        </ChartPlace>
      </div>
      <figcaption>
        <Quiet>Dots are drop tests, verticals care; the band holds nine in ten, below the dashed line rain soaks in.</Quiet>
        <Row $wrap className="no-print">
          <ChartOut within={chart} name={`drops-${item.id}`} rows={() => rowsOf(of, curveOf(kit, item))} />
        </Row>
      </figcaption>
    </figure>
  );
}
