import type { ReactElement } from 'react';
import { ResponsiveContainer } from 'recharts';
import { InTurn } from './InTurn';

/** Where a chart is drawn, as wide as there is room, when its turn has come. @param height px, or all that what it stands in has. */
export function ChartPlace({ height = '100%', children }: { height?: number | '100%'; children: ReactElement }) {
  return (
    <InTurn height={height}>
      <ResponsiveContainer width="100%" height={height}>
        {children}
      </ResponsiveContainer>
    </InTurn>
  );
}
