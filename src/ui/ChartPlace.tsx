import type { ReactElement } from 'react';
import { ResponsiveContainer } from 'recharts';
import { useTurn } from './turns';

/** Where a chart is drawn, as wide as there is room; its place is kept until its turn has come. @param height px, or all that what it stands in has. */
export function ChartPlace({ height = '100%', children }: { height?: number | '100%'; children: ReactElement }) {
  return useTurn() ? (
    <ResponsiveContainer width="100%" height={height}>
      {children}
    </ResponsiveContainer>
  ) : (
    <div aria-busy="true" style={{ height }} />
  );
}
