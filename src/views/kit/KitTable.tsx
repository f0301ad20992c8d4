import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingFn,
  type SortingState,
} from '@tanstack/react-table';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { type KeyboardEvent, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { byNeed, type Need, type Ranked } from '../../core/due/rank';
import { NEED_WORDS } from '../../core/telling/due';
import { dayText, whenText } from '../../app/time';
import { AIM_WORDS, KIND_WORDS } from '../../core/words';
import { Quiet } from '../../ui/basics';
import { color, phone } from '../../ui/theme';
import { StateStrip } from './state';

const ROW_PX = 67;
const Table = styled.table`
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
    button {
      border: 0;
      background: none;
      padding: 6px 0;
      min-height: 44px;
      font: inherit;
      color: inherit;
      cursor: pointer;
      display: inline-flex;
      gap: 4px;
      align-items: center;
    }
  }
  td {
    padding: 4px 12px 4px 0;
    height: ${ROW_PX}px;
    border-bottom: 1px solid ${color.line};
    vertical-align: middle;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  td[data-gap] {
    border: 0;
    padding: 0;
  }
  a {
    font-weight: 650;
    text-decoration: none;
    display: block;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  a:hover {
    text-decoration: underline;
  }
  input[type='checkbox'] {
    width: 22px;
    height: 22px;
    margin: 10px 0;
    accent-color: ${color.ink};
  }
  col[data-id='chosen'] {
    width: 44px;
  }
  col[data-id='name'] {
    width: 24%;
  }
  col[data-id='owner'] {
    width: 11%;
  }
  col[data-id='due'] {
    width: 96px;
  }
  col[data-id='looked'] {
    width: 120px;
  }
  ${phone} {
    [data-wide] {
      display: none;
    }
    col[data-id='due'] {
      width: 68px;
    }
    td {
      padding-right: 8px;
    }
    a {
      white-space: normal;
      line-height: 1.2;
      display: -webkit-box;
      -webkit-box-orient: vertical;
      -webkit-line-clamp: 2;
    }
    col[data-id='name'] {
      width: auto;
    }
    col[data-id='state'] {
      width: 42%;
    }
  }
`;
const NeedWord = styled.span<{ $need: Need }>`
  font-weight: ${(p) => (p.$need === 'fresh' ? 400 : 650)};
  color: ${(p) => (p.$need === 'urgent' || p.$need === 'blocked' ? color.alarm : p.$need === 'fresh' ? color.finish : color.ink)};
`;

const helper = createColumnHelper<Ranked>();
const collator = new Intl.Collator('en-GB', { numeric: true });
const byText: SortingFn<Ranked> = (a, b, id) => collator.compare(a.getValue(id), b.getValue(id));
const nameOf = ({ item }: Ranked): string => item.name ?? KIND_WORDS[item.kind];
const WIDE = new Set(['owner', 'needs', 'looked']);
const COLUMNS = [
  helper.accessor(nameOf, {
    id: 'name',
    header: 'Thing',
    sortingFn: byText,
    cell: ({ row: { original } }) => (
      <>
        <Link to={`/kit/${original.item.id}`}>{nameOf(original)}</Link>
        <Quiet>
          {[KIND_WORDS[original.item.kind], ...(original.item.tags ?? [])].join(', ')}
          {original.item.lent && `, with ${original.item.lent.to}`}
        </Quiet>
      </>
    ),
  }),
  helper.accessor((row) => row.item.owner ?? '', { id: 'owner', header: 'Owner', sortingFn: byText }),
  helper.accessor((row) => (row.seen?.soil ?? -1) * 10 + (row.seen?.odour ?? 0), {
    id: 'state',
    header: 'State',
    sortDescFirst: true,
    cell: ({ row: { original } }) => <StateStrip item={original.item} seen={original.seen} />,
  }),
  helper.accessor((row) => (row.programme ? row.programme.aims.map((a) => AIM_WORDS[a]).join(', ') || 'nothing' : ''), {
    id: 'needs',
    header: 'It needs',
    sortingFn: byText,
  }),
  helper.accessor((row) => row.seen?.at ?? '', {
    id: 'looked',
    sortingFn: 'basic',
    header: 'Looked over',
    cell: (cell) => <Quiet>{cell.getValue() ? whenText(cell.getValue()) : 'never'}</Quiet>,
  }),
  helper.accessor((row) => row.on, {
    id: 'due',
    header: 'Due',
    sortingFn: (a, b) => byNeed(a.original, b.original),
    cell: ({ row: { original } }) => (
      <NeedWord $need={original.need}>{original.need === 'fresh' ? dayText(original.on) : NEED_WORDS[original.need]}</NeedWord>
    ),
  }),
];

/** The kit as a table that draws only the rows in sight. Sorted by its heads; rows are chosen by their boxes. */
export function KitTable({
  rows,
  chosen,
  onChoose,
}: {
  rows: readonly Ranked[];
  chosen: ReadonlySet<string>;
  onChoose: (ids: ReadonlySet<string>) => void;
}) {
  const [sorting, setSorting] = useState<SortingState>([{ id: 'due', desc: false }]);
  const data = useMemo(() => [...rows], [rows]);
  // The table library hands out functions that change with every call: the compiler's own memory must not keep them.
  // eslint-disable-next-line react-hooks/incompatible-library
  const table = useReactTable({
    data,
    columns: COLUMNS,
    state: { sorting },
    onSortingChange: setSorting,
    getRowId: (row) => row.item.id,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  const sorted = table.getRowModel().rows;
  const body = useRef<HTMLTableSectionElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => {
    setTop(body.current?.getBoundingClientRect().top ?? 0);
  }, [chosen.size]);
  const virtual = useWindowVirtualizer({ count: sorted.length, estimateSize: () => ROW_PX, overscan: 8, scrollMargin: top });
  const shown = virtual.getVirtualItems();
  const before = shown[0] ? shown[0].start - top : 0;
  const after = virtual.getTotalSize() - ((shown.at(-1)?.end ?? top) - top);
  const all = rows.length > 0 && rows.every((r) => chosen.has(r.item.id));
  const toggle = (id: string): void => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    onChoose(next);
  };
  /** Up and down go from thing to thing; rows out of sight are scrolled to first. */
  const byArrows = (event: KeyboardEvent<HTMLElement>): void => {
    const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    const at = Number((event.target as HTMLElement).closest('tr')?.getAttribute('aria-rowindex')) - 2;
    const to = at + step;
    if (step === 0 || !(at >= 0) || to < 0 || to >= sorted.length) return;
    event.preventDefault();
    virtual.scrollToIndex(to);
    requestAnimationFrame(() => body.current?.querySelector<HTMLElement>(`tr[aria-rowindex="${to + 2}"] a`)?.focus());
  };
  const head = table.getHeaderGroups()[0];
  return (
    <Table aria-rowcount={sorted.length + 1}>
      <colgroup>
        <col data-id="chosen" />
        {COLUMNS.map((c) => (
          <col key={c.id} data-id={c.id} {...(WIDE.has(c.id ?? '') ? { 'data-wide': true } : {})} />
        ))}
      </colgroup>
      <thead>
        <tr aria-rowindex={1}>
          <th>
            <input
              type="checkbox"
              aria-label="Choose all that are shown"
              checked={all}
              onChange={() => onChoose(all ? new Set() : new Set(rows.map((r) => r.item.id)))}
            />
          </th>
          {head?.headers.map((header) => {
            const way = header.column.getIsSorted();
            return (
              <th
                key={header.id}
                aria-sort={way === 'asc' ? 'ascending' : way === 'desc' ? 'descending' : 'none'}
                {...(WIDE.has(header.id) ? { 'data-wide': true } : {})}
              >
                <button type="button" onClick={header.column.getToggleSortingHandler()}>
                  {flexRender(header.column.columnDef.header, header.getContext())}
                  {way === 'asc' && <ArrowUp size={14} aria-hidden="true" />}
                  {way === 'desc' && <ArrowDown size={14} aria-hidden="true" />}
                </button>
              </th>
            );
          })}
        </tr>
      </thead>
      <tbody ref={body} onKeyDown={byArrows}>
        {before > 0 && (
          <tr aria-hidden="true">
            <td data-gap style={{ height: before }} />
          </tr>
        )}
        {shown.map(({ index }) => {
          const row = sorted[index];
          if (!row) return null;
          return (
            <tr key={row.id} aria-rowindex={index + 2}>
              <td>
                <input
                  type="checkbox"
                  aria-label={`Choose ${nameOf(row.original)}`}
                  checked={chosen.has(row.id)}
                  onChange={() => toggle(row.id)}
                />
              </td>
              {row.getVisibleCells().map((cell) => (
                <td key={cell.id} {...(WIDE.has(cell.column.id) ? { 'data-wide': true } : {})}>
                  {flexRender(cell.column.columnDef.cell, cell.getContext())}
                </td>
              ))}
            </tr>
          );
        })}
        {after > 0 && (
          <tr aria-hidden="true">
            <td data-gap style={{ height: after }} />
          </tr>
        )}
      </tbody>
    </Table>
  );
}
