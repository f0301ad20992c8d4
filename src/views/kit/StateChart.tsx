import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import type { CareEntry, Inspection } from '../../core/gear';
import { AIM_WORDS } from '../../core/words';
import { Quiet } from '../../ui/basics';
import { axisTick } from '../../ui/chart';
import { color } from '../../ui/theme';

interface Point {
  readonly at: number;
  readonly clean?: number;
  readonly loft?: number;
  readonly drops?: number;
}
const day = (ms: number): string => new Date(ms).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: '2-digit' });

/** Everything as a share of as good as new, so that one scale serves: clean 100 % is soil 0, drops 100 % is grade 5. */
function points(looks: readonly Inspection[]): Point[] {
  return looks
    .map((look): Point => {
      // What a look only carries over was seen on another day, and stands there.
      const { asOf = {} } = look;
      const grades = Object.values((asOf.droplet === undefined && look.droplet) || {}).filter(
        (g): g is number => typeof g === 'number',
      );
      return {
        at: Date.parse(look.at),
        ...(look.soil === undefined || asOf.soil !== undefined ? {} : { clean: Math.round(100 * (1 - look.soil / 4)) }),
        ...(look.loftRatio === undefined || asOf.loftRatio !== undefined ? {} : { loft: Math.round(100 * look.loftRatio) }),
        ...(grades.length === 0 ? {} : { drops: Math.round((100 * Math.min(...grades)) / 5) }),
      };
    })
    .filter((point) => Object.keys(point).length > 1)
    .sort((a, b) => a.at - b.at);
}
const LINES = [
  { key: 'clean', name: 'clean', stroke: color.ink, dash: '0' },
  { key: 'loft', name: 'loft', stroke: color.finish, dash: '6 4' },
  { key: 'drops', name: 'worst drop', stroke: color.water, dash: '2 3' },
] as const;

/** A thing's state over its looks, with care as verticals. */
export function StateChart({ looks, care }: { looks: readonly Inspection[]; care: readonly CareEntry[] }) {
  const data = points(looks);
  const lines = LINES.filter((line) => data.some((p) => p[line.key] !== undefined));
  const first = data[0];
  const last = data.at(-1);
  const said = lines
    .map((line) => {
      const known = data.filter((p) => p[line.key] !== undefined);
      return `${line.name} ${known[0]?.[line.key]} to ${known.at(-1)?.[line.key]} %`;
    })
    .join(', ');
  return (
    <figure style={{ margin: 0, minHeight: 250 }}>
      <div
        style={{ height: 200 }}
        role="img"
        aria-label={`From ${first ? day(first.at) : ''} to ${last ? day(last.at) : ''}: ${said}`}
      >
        <ResponsiveContainer width="100%" height="100%">
          <LineChart data={data} margin={{ top: 8, right: 36, bottom: 0, left: -18 }}>
            <CartesianGrid stroke={color.line} vertical={false} />
            <XAxis
              dataKey="at"
              type="number"
              scale="time"
              domain={['dataMin', 'dataMax']}
              tickFormatter={day}
              tick={axisTick}
              minTickGap={40}
            />
            <YAxis domain={[0, 100]} unit=" %" tick={axisTick} width={66} />
            <Tooltip
              labelFormatter={(ms) => day(Number(ms))}
              contentStyle={{ background: color.panel, border: `1px solid ${color.line}`, color: color.ink }}
            />
            {care
              .filter((e) => first && last && Date.parse(e.at) >= first.at && Date.parse(e.at) <= last.at)
              .map((e) => (
                <ReferenceLine
                  key={e.id}
                  x={Date.parse(e.at)}
                  stroke={color.quiet}
                  strokeDasharray="3 3"
                  label={{
                    value: AIM_WORDS[(e.aims ?? ['wash'])[0] ?? 'wash'],
                    fill: color.quiet,
                    fontSize: 12,
                    position: 'insideTopRight',
                  }}
                />
              ))}
            {lines.map((line) => (
              <Line
                key={line.key}
                dataKey={line.key}
                name={line.name}
                stroke={line.stroke}
                strokeDasharray={line.dash}
                strokeWidth={2.5}
                dot={{ r: 4 }}
                connectNulls
                isAnimationActive={false}
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <figcaption>
        <Quiet>
          {lines.map((l) => `${l.name}: ${l.dash === '0' ? 'solid' : l.dash === '6 4' ? 'dashed' : 'dotted'}`).join(' · ')}. 100 %
          is as new.
        </Quiet>
      </figcaption>
    </figure>
  );
}
