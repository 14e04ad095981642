'use client';

import { logWords as say } from './words';
import { SideScroll } from '../../ui/SideScroll';
import { useTable } from '@tanstack/react-table';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { ArrowDown, ArrowUp } from 'lucide-react';
import {
  memo,
  useLayoutEffect,
  useRef,
  useState,
  type CSSProperties,
  type ReactNode,
  type RefObject,
} from 'react';
import { COLUMN_SHARES, shownClass, logColumns, logFeatures } from './logColumns';
import type { LogRow } from './logRows';

/** A row of one line; a row that wraps is measured when it comes into view. */
const ROW_PX = 44;
/** Rows beyond the window that are drawn ahead of the scroll. */
const AHEAD = 4;

/** The entries that are asked for, sorted; only those in the window are drawn. Two are chosen to be compared. */
export const LogTable = memo(function LogTable(props: {
  rows: LogRow[];
  isWhole: boolean;
  pointed: string | null;
  onPoint: (id: string | null) => void;
  compared: readonly string[];
  onCompare: (id: string) => void;
}) {
  const { rows, isWhole, pointed, onPoint, compared, onCompare } = props;
  const table = useTable({
    features: logFeatures,
    columns: logColumns,
    data: rows,
    initialState: { sorting: [{ id: 'startedAt', desc: true }] },
  });
  const shown = table.getRowModel().rows;
  const body = useRef<HTMLTableSectionElement>(null);
  const { drawn, above, below, measure } = useRowsInView(body, shown.map(idOf));
  return (
    <SideScroll label={say.entries} className="mt-2">
      <table
        className="table-plain sm:min-w-[62rem] sm:table-fixed"
        aria-rowcount={isWhole ? shown.length + 1 : -1}
      >
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id} aria-rowindex={1}>
              {group.headers.map((header) => (
                <SortHead
                  key={header.id}
                  id={header.id}
                  sorted={header.column.getIsSorted()}
                  onSort={header.column.getToggleSortingHandler()}
                >
                  <table.FlexRender header={header} />
                </SortHead>
              ))}
              <CompareHead />
            </tr>
          ))}
        </thead>
        <tbody ref={body}>
          <Gap heightPx={above} />
          {drawn.map(({ index, key }) => (
            <tr
              key={key}
              ref={measure}
              data-index={index}
              aria-rowindex={index + 2}
              className={shown[index]!.original.id === pointed ? 'bg-[var(--lit)]' : undefined}
              onPointerEnter={() => onPoint(shown[index]!.original.id)}
              onPointerLeave={() => onPoint(null)}
            >
              {shown[index]!.getAllCells().map((cell) => (
                <td key={cell.id} className={shownClass(cell.column.id)}>
                  <table.FlexRender cell={cell} />
                </td>
              ))}
              <td className="hidden sm:table-cell">
                <CompareBox
                  row={shown[index]!.original}
                  compared={compared}
                  onCompare={onCompare}
                />
              </td>
            </tr>
          ))}
          <Gap heightPx={below} />
        </tbody>
      </table>
    </SideScroll>
  );
});

const idOf = ({ original }: { original: LogRow }): string => original.id;

/** The rows that the window shows, and the room of those above and below. */
function useRowsInView(body: RefObject<HTMLElement | null>, ids: readonly string[]) {
  const topPx = useTopPx(body);
  const virtual = useWindowVirtualizer({
    count: ids.length,
    estimateSize: () => ROW_PX,
    overscan: AHEAD,
    scrollMargin: topPx,
    getItemKey: (i) => ids[i]!,
  });
  const drawn = virtual.getVirtualItems();
  const [first, last] = [drawn[0], drawn.at(-1)];
  return {
    drawn,
    above: first ? first.start - topPx : 0,
    below: last ? virtual.getTotalSize() - (last.end - topPx) : 0,
    measure: virtual.measureElement,
  };
}

/** The place (px) of an element on its page, measured whenever the page is laid out anew: what stands above comes and goes. */
function useTopPx(element: RefObject<HTMLElement | null>): number {
  const [topPx, setTopPx] = useState(0);
  useLayoutEffect(() => {
    const measure = (): void =>
      setTopPx(Math.round(element.current!.getBoundingClientRect().top + window.scrollY));
    const observer = new ResizeObserver(measure);
    observer.observe(document.body);
    return () => observer.disconnect();
  }, [element]);
  return topPx;
}

/** A column's head: pressing it sorts by the column. */
function SortHead(props: {
  id: string;
  sorted: false | 'asc' | 'desc';
  onSort: ((event: unknown) => void) | undefined;
  children: ReactNode;
}) {
  const { id, sorted, onSort, children } = props;
  return (
    <th
      className={`sm:w-(--share) ${shownClass(id)}`}
      style={{ '--share': `${COLUMN_SHARES[id]}%` } as CSSProperties}
      aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}
    >
      <button
        type="button"
        className="inline-flex min-h-12 cursor-pointer items-center gap-1"
        onClick={onSort}
      >
        {children}
        {sorted === 'asc' && <ArrowUp aria-hidden size={16} />}
        {sorted === 'desc' && <ArrowDown aria-hidden size={16} />}
      </button>
    </th>
  );
}

function CompareHead() {
  return (
    <th className="hidden !align-middle sm:table-cell" style={{ width: '7%' }}>
      {say.compare}
    </th>
  );
}

/** Whether an entry is one of the two to be held against each other. */
function CompareBox(props: {
  row: LogRow;
  compared: readonly string[];
  onCompare: (id: string) => void;
}) {
  const { row, compared, onCompare } = props;
  return (
    <label className="grid min-h-12 w-11 cursor-pointer place-items-center">
      <input
        type="checkbox"
        className="checkbox"
        aria-label={say.compareOf(row.toolName, row.startedAt)}
        checked={compared.includes(row.id)}
        onChange={() => onCompare(row.id)}
      />
    </label>
  );
}

/** The room of the rows that are not drawn. */
function Gap({ heightPx }: { heightPx: number }) {
  return heightPx > 0 ? (
    <tr aria-hidden>
      <td colSpan={logColumns.length + 1} style={{ height: heightPx, padding: 0, border: 0 }} />
    </tr>
  ) : null;
}
