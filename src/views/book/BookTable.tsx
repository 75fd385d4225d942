import {
  type ExpandedState,
  flexRender,
  getCoreRowModel,
  getExpandedRowModel,
  getGroupedRowModel,
  getSortedRowModel,
  type Row,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table';
import { type Range, useWindowVirtualizer } from '@tanstack/react-virtual';
import { memo, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { Summary } from '../../run/line';
import { useFormat } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { columnsOf, type Group, WIDTHS } from './columns';
import { rowMaker, sortedLines } from './flatRows';

/** Where nothing is put together, the table makes no rows of its own. */
const NONE: Summary[] = [];
/** Heights before a row has been measured, px. */
const ROW_PX = 64;
/** What is put together by, and otherwise stands in another column already. */
const APART = ['title', 'milk', 'lot', 'month'] as const;
/** Columns a narrow page has room for. */
const NARROW = ['pick', 'name', 'weighedKg', 'score'];

/** So many rows are all drawn, for whoever looks for a word on the page. */
const SHORT = 40;
/** Of more, those in sight and a few on both sides; they come and go by so many, few enough for one frame of a scroll. */
const STEP = 3;
const inSteps = ({ startIndex, endIndex, count }: Range): number[] => {
  const long = count > SHORT;
  const first = long ? Math.max(0, Math.floor(startIndex / STEP) - 1) * STEP : 0;
  const end = long ? Math.min(count, (Math.floor(endIndex / STEP) + 2) * STEP) : count;
  return Array.from({ length: Math.max(0, end - first) }, (_, i) => first + i);
};

/** All makes as rows: sorted by a tap on a head, put together by a column, only those in sight drawn. */
export function BookTable({
  lines,
  group,
  picked,
  onPick,
}: {
  lines: readonly Summary[];
  group: Group;
  picked: readonly string[];
  onPick(id: string): void;
}) {
  const format = useFormat();
  const currency = useAppSelector((app) => app.kitchen.currency);
  const columns = useMemo(() => columnsOf(format, currency ?? ''), [format, currency]);
  const [sorting, setSorting] = useState<SortingState>([{ id: 'startedAt', desc: true }]);
  const [expanded, setExpanded] = useState<ExpandedState>(true);
  const grouping = useMemo(() => (group === '' ? [] : [group]), [group]);
  const columnVisibility = useMemo(() => Object.fromEntries(APART.map((id) => [id, id === group])), [group]);
  const table = useReactTable({
    data: group === '' ? NONE : (lines as Summary[]),
    columns,
    state: {
      sorting,
      expanded,
      grouping,
      columnVisibility,
    },
    onSortingChange: setSorting,
    onExpandedChange: setExpanded,
    getRowId: (line) => line.id,
    getCoreRowModel: getCoreRowModel(),
    getGroupedRowModel: getGroupedRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getExpandedRowModel: getExpandedRowModel(),
    autoResetAll: false,
  });
  const { rows } = table.getRowModel();
  const [by] = sorting;
  const value = by && table.getColumn(by.id)?.accessorFn;
  const ordered = useMemo(
    () => (value && group === '' ? sortedLines(lines, (line) => value(line, 0), by.desc) : lines),
    [lines, value, by, group],
  );
  const rowOf = useMemo(() => rowMaker(table), [table]);
  const rowAt = (place: number): Row<Summary> | undefined => {
    const line = ordered[place];
    return group !== '' ? rows[place] : line && rowOf(line, place, columns);
  };
  const many = group === '' ? ordered.length : rows.length;
  const body = useRef<HTMLTableSectionElement>(null);
  const [topPx, setTopPx] = useState(0);
  useLayoutEffect(() => {
    setTopPx((body.current?.getBoundingClientRect().top ?? 0) + window.scrollY);
  }, []);
  const virtual = useWindowVirtualizer({
    count: many,
    estimateSize: () => ROW_PX,
    scrollMargin: topPx,
    rangeExtractor: inSteps,
  });
  const items = virtual.getVirtualItems();
  const first = items[0];
  const last = items.at(-1);
  const width = table.getVisibleLeafColumns().length + 1;
  return (
    <table aria-label="Makes" className="mt-2 w-full lap:table-fixed text-[16px]" aria-rowcount={many + 1}>
      <thead>
        {table.getHeaderGroups().map((heads) => (
          <tr key={heads.id} className="border-b-2 border-rim text-left">
            <th scope="col" className="w-9 py-1">
              <span className="sr-only">lay beside</span>
            </th>
            {heads.headers.map((head) => {
              const sorted = head.column.getIsSorted();
              return (
                <th
                  key={head.id}
                  scope="col"
                  aria-sort={sorted === false ? 'none' : sorted === 'asc' ? 'ascending' : 'descending'}
                  className={`py-1 pr-3 text-[15px] font-semibold ${WIDTHS[head.column.id] ?? ''} ${NARROW.includes(head.column.id) ? '' : 'max-tab:hidden'}`}
                >
                  {head.column.getCanSort() ? (
                    <button
                      type="button"
                      onClick={head.column.getToggleSortingHandler()}
                      className="min-h-11 text-left underline decoration-rim-soft underline-offset-4 hover:decoration-rim"
                    >
                      {flexRender(head.column.columnDef.header, head.getContext())}
                      <span aria-hidden="true">
                        {sorted === 'asc' ? ' ↑' : sorted === 'desc' ? ' ↓' : ''}
                      </span>
                    </button>
                  ) : (
                    flexRender(head.column.columnDef.header, head.getContext())
                  )}
                </th>
              );
            })}
          </tr>
        ))}
      </thead>
      <tbody ref={body}>
        {first && first.start > topPx && (
          <tr>
            <td colSpan={width} style={{ height: first.start - topPx }} />
          </tr>
        )}
        {items.map(({ index }) => {
          const row = rowAt(index);
          return (
            row && (
              <BookRow
                key={row.id}
                row={row}
                open={row.getIsExpanded()}
                place={index}
                measure={virtual.measureElement}
                picked={picked.includes(row.id)}
                full={picked.length >= 3}
                onPick={onPick}
                width={width}
              />
            )
          );
        })}
        {last && last.end < virtual.getTotalSize() + topPx && (
          <tr>
            <td colSpan={width} style={{ height: virtual.getTotalSize() + topPx - last.end }} />
          </tr>
        )}
      </tbody>
    </table>
  );
}

/** One row; drawn again only when it, its mark or its folding changes. */
const BookRow = memo(function BookRow({
  row,
  open,
  place,
  measure,
  picked,
  full,
  onPick,
  width,
}: {
  row: Row<Summary>;
  open: boolean;
  place: number;
  measure(element: Element | null): void;
  picked: boolean;
  full: boolean;
  onPick(id: string): void;
  width: number;
}) {
  if (row.getIsGrouped())
    return (
      <tr ref={measure} data-index={place} aria-rowindex={place + 2} className="border-b-2 border-rim-soft">
        <th colSpan={width} scope="rowgroup" className="pt-4 pb-1 text-left">
          <button
            type="button"
            aria-expanded={open}
            onClick={row.getToggleExpandedHandler()}
            className="name min-h-11 text-[21px] underline decoration-rim-soft underline-offset-4 hover:decoration-rim"
          >
            {String(row.groupingValue) || 'no milk named'}
          </button>{' '}
          <GroupSays row={row} />
        </th>
      </tr>
    );
  return (
    <tr
      ref={measure}
      data-index={place}
      data-make={row.id}
      aria-rowindex={place + 2}
      className="border-b border-rim-soft hover:bg-plate"
    >
      <td className="align-middle">
        <input
          type="checkbox"
          aria-label={`Lay ${row.original.name} beside another`}
          checked={picked}
          disabled={!picked && full}
          onChange={() => onPick(row.id)}
          className="size-6 accent-(--enamel)"
        />
      </td>
      {row.getVisibleCells().map((cell) => (
        <td
          key={cell.id}
          className={`py-1 pr-3 align-middle ${NARROW.includes(cell.column.id) ? '' : 'max-tab:hidden'}`}
        >
          {cell.getIsPlaceholder() || cell.getIsAggregated()
            ? null
            : flexRender(cell.column.columnDef.cell, cell.getContext())}
        </td>
      ))}
    </tr>
  );
});

/** What a group comes to: how many, kilograms in all, and the means of what is known. */
function GroupSays({ row }: { row: Row<Summary> }) {
  const format = useFormat();
  const makes = row.getLeafRows().map((one) => one.original);
  const mean = (all: readonly (number | null)[]) => {
    const known = all.filter((one): one is number => one !== null);
    return known.length === 0 ? null : known.reduce((sum, one) => sum + one, 0) / known.length;
  };
  const kg = makes.reduce((sum, one) => sum + (one.weighedKg ?? 0), 0);
  const share = mean(makes.map((one) => one.yieldShare));
  const score = mean(makes.map((one) => one.score));
  return (
    <span className="font-plain text-[15px] font-normal text-ink-soft">
      {[
        makes.length === 1 ? 'one make' : `${makes.length} makes`,
        kg > 0 && format.kg(kg),
        share !== null && `${format.percent(Math.round(100 * share))} of plan`,
        score !== null && `score ${format.number(score, 1)}`,
      ]
        .filter(Boolean)
        .join(' · ')}
    </span>
  );
}
