import { Said } from './said';
import { type Key, type ReactNode, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { color, phone } from './theme';

const Scroll = styled.div`
  /* What is only read aloud inside it is clipped with it. */
  position: relative;
  overflow-x: auto;
  min-width: 0;
`;
const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  font-size: 16px;
  th {
    text-align: left;
    font-size: 14px;
    font-weight: 600;
    color: ${color.quiet};
    padding: 4px 16px 4px 0;
    vertical-align: bottom;
  }
  tbody th {
    font-size: 16px;
    font-weight: 500;
    color: ${color.ink};
  }
  td,
  tbody th {
    border-top: 1px solid ${color.line};
    padding: 6px 16px 6px 0;
    vertical-align: middle;
  }
  tr[data-strong] > * {
    font-weight: 700;
    border-top: 1.5px solid ${color.ink};
  }
  [data-figure] {
    text-align: right;
    white-space: nowrap;
    font-variant-numeric: tabular-nums;
  }
  tr > :last-child {
    padding-right: 0;
  }
  ${phone} {
    [data-desk] {
      display: none;
    }
  }
`;
export interface Column<R> {
  readonly id: string;
  /** Its head; hidden from the eye when `quietHead`. */
  readonly head: string;
  readonly cell: (row: R) => ReactNode;
  /** Figures stand to the right. */
  readonly figure?: boolean;
  /** Left out on a phone. */
  readonly desk?: boolean;
}
/**
 * Figures to be read, row by row: the first column names the row. Nothing in it is chosen or sorted; for that take `ThingTable`.
 */
export function FigureTable<R>({
  label,
  columns,
  rows,
  rowKey,
  strong,
}: {
  label: string;
  columns: readonly Column<R>[];
  rows: readonly R[];
  rowKey: (row: R) => Key;
  /** A row that sums up the others. */
  strong?: (row: R) => boolean;
}) {
  const [scrolls, setScrolls] = useState(false);
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const box = frame.current;
    if (!box) return;
    const observer = new ResizeObserver(() => setScrolls(box.scrollWidth > box.clientWidth + 1));
    observer.observe(box);
    return () => observer.disconnect();
  }, []);
  const marks = (c: Column<R>) => ({ ...(c.figure ? { 'data-figure': true } : {}), ...(c.desk ? { 'data-desk': true } : {}) });
  return (
    // Wider than its place: the keyboard must reach it to move it.
    <Scroll ref={frame} {...(scrolls ? { tabIndex: 0, role: 'region', 'aria-label': label } : {})}>
      <Table aria-label={label}>
        <thead>
          <tr>
            {columns.map((c) => (
              <th key={c.id} scope="col" {...marks(c)}>
                <Said>{c.head}</Said>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={rowKey(row)} {...(strong?.(row) ? { 'data-strong': true } : {})}>
              {columns.map((c, n) =>
                n === 0 ? (
                  <th key={c.id} scope="row" {...marks(c)}>
                    <Said>{c.cell(row)}</Said>
                  </th>
                ) : (
                  <td key={c.id} {...marks(c)}>
                    <Said>{c.cell(row)}</Said>
                  </td>
                ),
              )}
            </tr>
          ))}
        </tbody>
      </Table>
    </Scroll>
  );
}
