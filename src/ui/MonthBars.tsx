import { Bar, BarChart, CartesianGrid, XAxis, YAxis } from 'recharts';
import { ChartPlace } from './ChartPlace';
import { LinesInTurn } from './InTurn';
import { axisTick } from './chart';
import { color } from './theme';

export interface MonthBar {
  readonly id: string;
  /** Under its bar, a few letters. */
  readonly name: string;
  readonly lower: number;
  readonly upper: number;
}
/** Two figures a month, one upon the other or side by side; a month is pressed to open it. The same can be pressed in a table beneath it. */
export function MonthBars({
  months,
  label,
  apart = false,
  onMonth,
}: {
  /** Its two figures side by side instead of one upon the other. */
  apart?: boolean;
  months: readonly MonthBar[];
  label: string;
  onMonth: (id: string) => void;
}) {
  const bar = { isAnimationActive: false, cursor: 'pointer', ...(apart ? {} : { stackId: 'all' }) };
  return (
    <div role="img" aria-label={label} style={{ height: 190 }}>
      <ChartPlace>
        <BarChart
          data={[...months]}
          margin={{ top: 8, right: 8, bottom: 0, left: -20 }}
          accessibilityLayer={false}
          onClick={(state) => {
            const month = months[Number(state.activeTooltipIndex ?? NaN)];
            if (month) onMonth(month.id);
          }}
        >
          <CartesianGrid stroke={color.line} vertical={false} />
          <XAxis dataKey="name" tick={axisTick} stroke={color.line} interval="equidistantPreserveStart" />
          <YAxis allowDecimals={apart} tick={axisTick} stroke={color.line} width={48} />
          <LinesInTurn>
            <Bar dataKey="lower" fill={color.water} {...bar} />
            <Bar dataKey="upper" fill={color.finish} {...bar} />
          </LinesInTurn>
        </BarChart>
      </ChartPlace>
    </div>
  );
}
