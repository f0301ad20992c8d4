import { Bar, BarChart, CartesianGrid, XAxis, YAxis } from 'recharts';
import { ChartPlace } from './ChartPlace';
import { LinesInTurn } from './InTurn';
import { axisTick } from './chart';
import { color } from './theme';

export interface PairBar {
  readonly id: string;
  readonly name: string;
  readonly before: number;
  readonly after: number;
}
const ROW = 54;
/** Before and after, side by side, for each of some kinds; one is pressed to open it. The same can be pressed in a table beneath it. */
export function PairBars({ pairs, label, onOpen }: { pairs: readonly PairBar[]; label: string; onOpen: (id: string) => void }) {
  const height = pairs.length * ROW + 40;
  return (
    <div role="img" aria-label={label} style={{ height }}>
      <ChartPlace>
        <BarChart
          data={[...pairs]}
          layout="vertical"
          margin={{ top: 4, right: 24, bottom: 0, left: 0 }}
          accessibilityLayer={false}
          onClick={(state) => {
            const pair = pairs[Number(state.activeTooltipIndex ?? NaN)];
            if (pair) onOpen(pair.id);
          }}
        >
          <CartesianGrid stroke={color.line} horizontal={false} />
          <XAxis type="number" domain={[0, 100]} unit=" %" tick={axisTick} stroke={color.line} />
          <YAxis type="category" dataKey="name" tick={{ ...axisTick, fontSize: 14 }} stroke={color.line} width={140} />
          <LinesInTurn>
            <Bar dataKey="before" fill={color.air} isAnimationActive={false} cursor="pointer" />
            <Bar dataKey="after" fill={color.finish} isAnimationActive={false} cursor="pointer" />
          </LinesInTurn>
        </BarChart>
      </ChartPlace>
    </div>
  );
}
