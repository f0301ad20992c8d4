import { memo, useMemo } from 'react';
import { type Session } from '../../core/colour';
import { estimateText } from '../../core/telling/colour';
import type { Photo } from '../../data/db';
import { Quiet } from '../../ui/basics';
import { Area, CartesianGrid, ComposedChart, Line, Scatter, XAxis, YAxis } from 'recharts';
import { ChartPlace } from '../../ui/ChartPlace';
import { LinesInTurn } from '../../ui/InTurn';
import { courseOf, hoursSoFar } from '../../core/colour';
import { axisTick } from '../../ui/chart';
import { color } from '../../ui/theme';

export interface Read extends Session {
  readonly photo: Photo;
}
/** Whole hours, few enough to be read. */
function ticksTo(end: number): number[] {
  const step = Math.max(1, Math.ceil(end / 6));
  return Array.from({ length: Math.floor(end / step) + 1 }, (_, n) => n * step);
}
/** Worked out where it is drawn: it takes longer than all else on its page. */
function Course({ lit, hours }: { lit: readonly Read[]; hours: readonly number[] }) {
  const course = useMemo(() => courseOf(lit).map((p) => ({ ...p, band: [p.low, p.high] })), [lit]);
  const points = useMemo(() => lit.map((s, n) => ({ hours: hours[n] ?? 0, read: s.yellow.value })), [lit, hours]);
  return (
    <ComposedChart data={course} margin={{ top: 12, right: 24, bottom: 4, left: 0 }}>
      <CartesianGrid stroke={color.line} vertical={false} />
      <XAxis
        dataKey="hours"
        type="number"
        domain={[0, 'dataMax']}
        ticks={ticksTo(course.at(-1)?.hours ?? 0)}
        tick={axisTick}
        stroke={color.line}
        unit=" h"
      />
      <YAxis tick={axisTick} stroke={color.line} width={48} domain={['auto', 'auto']} />
      <LinesInTurn>
        <Area dataKey="band" stroke="none" fill={color.finish} fillOpacity={0.18} isAnimationActive={false} />
        <Line dataKey="value" stroke={color.finish} strokeWidth={2} dot={false} isAnimationActive={false} />
        <Scatter data={points} dataKey="read" fill={color.ink} isAnimationActive={false} />
      </LinesInTurn>
    </ComposedChart>
  );
}
/** How yellow it was over hours of sun, and the band of what the readings say; not drawn anew with every mark that is moved beside it. */
export const SessionChart = memo(function SessionChart({ lit, from }: { lit: readonly Read[]; from: Read | undefined }) {
  const hours = useMemo(() => hoursSoFar(lit), [lit]);
  return (
    <figure style={{ margin: 0, minHeight: 220 }}>
      <div
        role="img"
        aria-label={`Yellowness from ${estimateText(from?.yellow ?? { value: 0, sd: 0 })} to ${estimateText(lit.at(-1)?.yellow ?? { value: 0, sd: 0 })} over ${(hours.at(-1) ?? 0).toFixed(1)} hours of sun`}
      >
        <ChartPlace height={200}>
          <Course lit={lit} hours={hours} />
        </ChartPlace>
      </div>
      <figcaption>
        <Quiet>Yellowness over hours of full sun; dots are pictures, the band holds nine in ten.</Quiet>
      </figcaption>
    </figure>
  );
});
