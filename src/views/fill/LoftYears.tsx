import { Said } from '../../ui/said';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { CartesianGrid, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import { ChartPlace } from '../../ui/ChartPlace';
import { LinesInTurn } from '../../ui/InTurn';
import { toThing } from '../../app/routes';
import { useThresholds } from '../../app/thresholds';
import { whenText } from '../../app/time';
import type { Kit } from '../../core/gear';
import { loftRecord } from '../../core/loft';
import { careText, fadeText } from '../../core/telling/loft';
import { axisMonth, axisTick } from '../../ui/chart';
import { Quiet } from '../../ui/basics';
import { color } from '../../ui/theme';

/** The loft of one thing over the years, with what each wash gave back. */
export function LoftYears({ kit, itemId }: { kit: Kit; itemId: string }) {
  const { loftWash } = useThresholds();
  const record = useMemo(() => loftRecord(kit.inspections, kit.log ?? [], itemId), [kit, itemId]);
  const data = record.points.map((p) => ({ at: Date.parse(p.at), loft: Math.round(100 * p.ratio) }));
  const low = Math.floor(Math.min(80, ...data.map((p) => p.loft)) / 10) * 10;
  return (
    <section aria-labelledby="years">
      <h2 id="years" style={{ marginBottom: 8 }}>
        Over the years
      </h2>
      {data.length < 2 ? (
        <p>
          {data.length === 0 ? 'Nobody has measured its loft yet.' : 'One look so far.'}{' '}
          <Link to={toThing(itemId, 'look-over')}>Look it over</Link> before and after each wash, and its record says how it fades
          and what a wash gives back.
        </p>
      ) : (
        <>
          <p style={{ marginBottom: 12 }}>
            <Said>{fadeText(record, loftWash)}</Said>
          </p>
          <figure style={{ margin: 0, minHeight: 220 }}>
            <div role="img" aria-label={`Loft from ${data[0]?.loft} to ${data.at(-1)?.loft} % of new over ${data.length} looks`}>
              <ChartPlace height={200}>
                <LineChart data={data} margin={{ top: 16, right: 36, bottom: 4, left: 0 }}>
                  <CartesianGrid stroke={color.line} vertical={false} />
                  <XAxis
                    dataKey="at"
                    type="number"
                    domain={['dataMin', 'dataMax']}
                    tickFormatter={axisMonth}
                    tick={axisTick}
                    stroke={color.line}
                  />
                  <YAxis
                    domain={[low, 100]}
                    ticks={Array.from({ length: (100 - low) / 10 + 1 }, (_, n) => low + 10 * n)}
                    unit=" %"
                    width={56}
                    tick={axisTick}
                    stroke={color.line}
                  />
                  <LinesInTurn>
                    <ReferenceLine y={100 * loftWash} stroke={color.alarm} strokeDasharray="4 4" />
                    {record.cares.map((c) => (
                      <ReferenceLine key={c.at} x={Date.parse(c.at)} stroke={color.water} />
                    ))}
                    <Line
                      dataKey="loft"
                      stroke={color.finish}
                      strokeWidth={2}
                      isAnimationActive={false}
                      dot={{ r: 4, fill: color.finish, stroke: color.ground }}
                    />
                  </LinesInTurn>
                </LineChart>
              </ChartPlace>
            </div>
            <figcaption>
              <Quiet>Share of its loft when new. Verticals are care; below the dashed line it is washed.</Quiet>
            </figcaption>
          </figure>
          <ul style={{ marginTop: 8 }}>
            {record.cares.map((c) => (
              <li key={c.at}>
                {whenText(c.at)}: <Said>{careText(c)}</Said>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
