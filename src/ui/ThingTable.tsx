import { Said } from './said';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { memo, type ReactNode, useCallback, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useKeyboard } from 'react-aria';
import { Link } from 'react-router';
import styled from 'styled-components';
import { PressArea } from './Button';
import { Checkbox } from './Checkbox';
import { usePhone } from './phone';
import { color, phone } from './theme';

const Grid = styled.table`
  border-collapse: collapse;
  width: 100%;
  table-layout: fixed;
  th {
    text-align: left;
    font-size: 14px;
    font-weight: 600;
    color: ${color.quiet};
    padding: 0 12px 0 0;
    border-bottom: 1.5px solid ${color.ink};
    white-space: nowrap;
    button {
      min-height: 44px;
      min-width: 44px;
      display: inline-flex;
      gap: 4px;
      align-items: center;
      font-weight: 600;
    }
  }
  td {
    padding: 4px 12px 4px 0;
    border-bottom: 1px solid ${color.line};
    vertical-align: middle;
    overflow: hidden;
    text-overflow: ellipsis;
    ${phone} {
      padding: 8px 8px 8px 0;
    }
  }
  td[data-gap] {
    border: 0;
    padding: 0;
  }
  tbody tr[aria-selected='true'] {
    background: ${color.panel};
    box-shadow: inset 3px 0 0 ${color.ink};
  }
  tbody tr:focus-visible {
    outline-offset: -3px;
  }
`;

/** The link of a row: pressed by hand; keys come to the row itself. */
export const RowLink = (props: React.ComponentProps<typeof Link>) => <Link tabIndex={-1} {...props} />;

export interface ThingColumn<R> {
  readonly id: string;
  readonly head: string;
  readonly cell: (row: R) => ReactNode;
  /** Which of two stands first. */
  readonly order: (a: R, b: R) => number;
  /** px, a share such as `24%`, or what is left. */
  readonly width: number | `${number}%` | 'auto';
  /** On a phone: another width, or left out. */
  readonly onPhone: number | `${number}%` | 'auto' | null;
}

/** How a row of this table is found on the page. */
const rowOf = (id: string, index: number): HTMLElement | null =>
  document.querySelector<HTMLElement>(`#${id} [aria-rowindex="${index + 2}"]`);
/** Goes into a table from outside, such as from the search above it. */
export const enterTable = (id: string): void => document.querySelector<HTMLElement>(`#${id} tbody [tabindex="0"]`)?.focus();

/** Keys of a row: how far each one goes, in rows. */
const KEYS: Readonly<Record<string, number>> = {
  ArrowDown: 1,
  ArrowUp: -1,
  PageDown: 8,
  PageUp: -8,
  End: Infinity,
  Home: -Infinity,
};

interface LineProps<R> {
  readonly row: R;
  readonly index: number;
  readonly columns: readonly ThingColumn<R>[];
  readonly chosen: boolean;
  /** Tab comes to this row. */
  readonly stop: boolean;
  /** px; null where it is measured. */
  readonly height: number | null;
  readonly measure: (row: HTMLElement | null) => void;
  readonly onToggle: (id: string) => void;
  readonly onHere: (index: number) => void;
}
/** One row; drawn anew only when something of it has changed. */
const Line = memo(function Line<R extends { readonly id: string; readonly name: string }>({
  row,
  index,
  columns,
  chosen,
  stop,
  height,
  measure,
  onToggle,
  onHere,
}: LineProps<R>) {
  return (
    <tr
      ref={height === null ? measure : undefined}
      data-index={index}
      aria-rowindex={index + 2}
      aria-selected={chosen}
      tabIndex={stop ? 0 : -1}
      onFocus={(e) => e.target === e.currentTarget && onHere(index)}
      style={height === null ? undefined : { height }}
    >
      <td>
        <Checkbox label={`Choose ${row.name}`} selected={chosen} excludeFromTabOrder onChange={() => onToggle(row.id)} />
      </td>
      {columns.map((c) => (
        <td key={c.id}>
          <Said>{c.cell(row)}</Said>
        </td>
      ))}
    </tr>
  );
}) as <R extends { readonly id: string; readonly name: string }>(props: LineProps<R>) => ReactNode;

/** Rows that are out of sight. */
const Gap = ({ height }: { height: number }) =>
  height > 0 ? (
    <tr aria-hidden="true">
      <td data-gap style={{ height }} />
    </tr>
  ) : null;

/**
 * Things in rows that are opened, chosen and sorted. Among 5 000 only those in sight are drawn, and the page scrolls as ever. Tab comes to
 * one row; up and down, Page and Home and End go from row to row, Enter opens one, Space chooses it. For figures that are only read take
 * `FigureTable`. (React Aria's own table builds every row: with 5 000 a step of the search took 300 ms.)
 */
export function ThingTable<R extends { readonly id: string; readonly name: string }>({
  id,
  label,
  columns,
  rows,
  start,
  chosen,
  rowPx,
  onChoose,
  onOpen,
}: {
  id: string;
  label: string;
  /** The first names the row. */
  columns: readonly ThingColumn<R>[];
  rows: readonly R[];
  /** By which column it is sorted first. */
  start: string;
  chosen: ReadonlySet<string>;
  /** Height of a row, px; on a phone, where words break, about. */
  rowPx: number;
  onChoose: (ids: ReadonlySet<string>) => void;
  onOpen: (id: string) => void;
}) {
  const small = usePhone();
  const { sorted, setHere, here, sort, setSort } = useSorted(start, columns, rows);
  const shown = useMemo(() => columns.filter((c) => !small || c.onPhone !== null), [columns, small]);
  const { virtual, drawn, body, before, after } = useDrawn(chosen, small, sorted, rowPx);
  const { toggle, all } = useToggle(rows, chosen, onChoose);
  const goTo = (index: number): void => {
    const to = Math.max(0, Math.min(sorted.length - 1, index));
    setHere(to);
    const near = rowOf(id, to);
    if (near) return near.focus();
    // A row out of sight is scrolled to and drawn first.
    virtual.scrollToIndex(to);
    requestAnimationFrame(() => requestAnimationFrame(() => rowOf(id, to)?.focus({ preventScroll: true })));
  };
  const keyboardProps = useRowKeys({ sorted, id, goTo, onOpen, toggle });
  const stop = Math.min(here, sorted.length - 1);
  // Tab must find a row even when the last one that had the focus is scrolled out of sight.
  const inSight = drawn.some((v) => v.index === stop);
  return (
    <Grid id={id} role="grid" aria-label={label} aria-rowcount={sorted.length + 1} aria-multiselectable="true">
      <colgroup>
        <col style={{ width: 44 }} />
        {shown.map((c) => (
          <col key={c.id} style={{ width: (small ? c.onPhone : null) ?? c.width }} />
        ))}
      </colgroup>
      <Heads all={all} chosen={chosen} onChoose={onChoose} rows={rows} shown={shown} sort={sort} setSort={setSort} />
      <tbody ref={body} {...keyboardProps}>
        <Gap height={before} />
        {drawn.map(({ index }, n) => {
          const row = sorted[index];
          if (!row) return null;
          return (
            <Line
              key={row.id}
              row={row}
              index={index}
              columns={shown}
              chosen={chosen.has(row.id)}
              stop={inSight ? index === stop : n === 0}
              height={small ? null : rowPx}
              measure={virtual.measureElement}
              onToggle={toggle}
              onHere={setHere}
            />
          );
        })}
        <Gap height={after} />
      </tbody>
    </Grid>
  );
}

/** Whether all are chosen, and the way to choose one or leave it. */
function useToggle(
  rows: readonly { readonly id: string }[],
  chosen: ReadonlySet<string>,
  onChoose: (ids: ReadonlySet<string>) => void,
) {
  const all = rows.length > 0 && rows.every((r) => chosen.has(r.id));
  const now = useRef({ chosen, onChoose });
  useLayoutEffect(() => {
    now.current = { chosen, onChoose };
  });
  const toggle = useCallback((key: string): void => {
    const next = new Set(now.current.chosen);
    if (!next.delete(key)) next.add(key);
    now.current.onChoose(next);
  }, []);
  return { toggle, all };
}

/** The rows by the column that is pressed. */
function useSorted<R>(start: string, columns: readonly ThingColumn<R>[], rows: readonly R[]) {
  const [sort, setSort] = useState({ by: start, down: false });
  const [here, setHere] = useState(0);
  const sorted = useMemo(() => {
    const order = columns.find((c) => c.id === sort.by)?.order;
    if (!order) return [...rows];
    const way = sort.down ? -1 : 1;
    return [...rows].sort((a, b) => way * order(a, b));
  }, [rows, columns, sort]);
  return { sorted, setHere, here, sort, setSort };
}

/** The rows in sight and four more each way, enough for a wheel and few enough for a phone, and how much room the others take. */
function useDrawn(chosen: ReadonlySet<string>, small: boolean, sorted: readonly unknown[], rowPx: number) {
  const body = useRef<HTMLTableSectionElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => {
    setTop((body.current?.getBoundingClientRect().top ?? 0) + window.scrollY);
  }, [chosen.size, small]);
  const virtual = useWindowVirtualizer({ count: sorted.length, estimateSize: () => rowPx, overscan: 4, scrollMargin: top });
  const drawn = virtual.getVirtualItems();
  const before = drawn[0] ? drawn[0].start - top : 0;
  const after = virtual.getTotalSize() - ((drawn.at(-1)?.end ?? top) - top);
  return { virtual, drawn, body, before, after };
}

/** The keys that go from row to row, open one and choose one. */
function useRowKeys({
  sorted,
  id,
  goTo,
  onOpen,
  toggle,
}: {
  sorted: readonly { readonly id: string }[];
  id: string;
  goTo: (index: number) => void;
  onOpen: (id: string) => void;
  toggle: (key: string) => void;
}) {
  const { keyboardProps } = useKeyboard({
    onKeyDown: (event) => {
      const at = Number((event.target as HTMLElement).closest('tr')?.getAttribute('aria-rowindex')) - 2;
      const row = sorted[at];
      const by = KEYS[event.key];
      if (!row || event.target !== rowOf(id, at)) return event.continuePropagation();
      if (by !== undefined) goTo(at + by);
      else if (event.key === 'Enter') onOpen(row.id);
      else if (event.key === ' ') toggle(row.id);
      else return event.continuePropagation();
      event.preventDefault();
    },
  });
  return keyboardProps;
}

/** The heads of the columns, by which it is sorted. */
function Heads<R extends { readonly id: string }>({
  all,
  chosen,
  onChoose,
  rows,
  shown,
  sort,
  setSort,
}: {
  all: boolean;
  chosen: ReadonlySet<string>;
  onChoose: (ids: ReadonlySet<string>) => void;
  rows: readonly R[];
  shown: ThingColumn<R>[];
  sort: { by: string; down: boolean };
  setSort: (next: { by: string; down: boolean }) => void;
}) {
  return (
    <thead>
      <tr aria-rowindex={1}>
        <th scope="col">
          <Checkbox
            label="Choose all that are shown"
            selected={all}
            isIndeterminate={!all && chosen.size > 0}
            onChange={() => onChoose(all ? new Set() : new Set(rows.map((r) => r.id)))}
          />
        </th>
        {shown.map((c) => {
          const by = sort.by === c.id;
          return (
            <th key={c.id} scope="col" aria-sort={by ? (sort.down ? 'descending' : 'ascending') : 'none'}>
              <PressArea onPress={() => setSort({ by: c.id, down: by && !sort.down })}>
                {c.head}
                {by && (sort.down ? <ArrowDown size={14} aria-hidden="true" /> : <ArrowUp size={14} aria-hidden="true" />)}
              </PressArea>
            </th>
          );
        })}
      </tr>
    </thead>
  );
}
