'use client';

import { useTable } from '@tanstack/react-table';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import { SelectField, TextField } from '../../ui/forms/fields';
import { minutes, plural } from '../../ui/format';
import { COLUMN_SHARES, logColumns, logFeatures } from './logColumns';
import { findRows, type LogRow } from './logRows';

/** A row of one line; a row that wraps is measured when it comes into view. */
const ROW_PX = 44;
/** Rows beyond the window that are drawn ahead of the scroll. */
const AHEAD = 4;

/** The entries that are asked for, sorted; only those in the window are drawn. */
export function LogTable({ rows, isWhole }: { rows: readonly LogRow[]; isWhole: boolean }) {
  const [tool, setTool] = useState('');
  const [search, setSearch] = useState('');
  const data = useMemo(() => findRows(rows, tool, search), [rows, tool, search]);
  const toolNames = useMemo(() => [...new Set(rows.map(({ toolName }) => toolName))], [rows]);
  const table = useTable({
    features: logFeatures,
    columns: logColumns,
    data,
    initialState: { sorting: [{ id: 'startedAt', desc: true }] },
  });
  const shown = table.getRowModel().rows;
  const time = data.reduce((sum, row) => sum + row.minutes, 0);
  const body = useRef<HTMLTableSectionElement>(null);
  const [topPx, setTopPx] = useState(0);
  useLayoutEffect(() => setTopPx(body.current!.offsetTop), []);
  const virtual = useWindowVirtualizer({
    count: shown.length,
    estimateSize: () => ROW_PX,
    overscan: AHEAD,
    scrollMargin: topPx,
    getItemKey: (i) => shown[i]!.original.id,
  });
  const drawn = virtual.getVirtualItems();
  const above = drawn.length > 0 ? drawn[0]!.start - topPx : 0;
  const below = drawn.length > 0 ? virtual.getTotalSize() - (drawn.at(-1)!.end - topPx) : 0;
  return (
    <>
      <div className="mt-3 flex flex-wrap items-end gap-4">
        <div className="w-56">
          <SelectField
            label="Tool"
            value={tool}
            options={[['', 'all tools'], ...toolNames.map((name) => [name, name] as const)]}
            onChange={(event) => setTool(event.target.value)}
          />
        </div>
        <div className="w-72">
          <TextField
            label="Search, in notes too"
            type="search"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
        </div>
        <p role="status" className="pb-3 text-lg">
          {isWhole
            ? `${plural(data.length, 'entry', 'entries')}, ${minutes(time)} in all`
            : 'The latest; the rest is being read.'}
        </p>
      </div>
      <div className="mt-4 overflow-x-auto">
        <table
          className="table-plain min-w-[62rem] table-fixed"
          aria-rowcount={isWhole ? shown.length + 1 : -1}
        >
          <thead>
            {table.getHeaderGroups().map((group) => (
              <tr key={group.id} aria-rowindex={1}>
                {group.headers.map((header) => {
                  const sorted = header.column.getIsSorted();
                  return (
                    <th
                      key={header.id}
                      style={{ width: `${COLUMN_SHARES[header.id]}%` }}
                      aria-sort={
                        sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'
                      }
                    >
                      <button
                        type="button"
                        className="inline-flex min-h-11 cursor-pointer items-center gap-1"
                        onClick={header.column.getToggleSortingHandler()}
                      >
                        <table.FlexRender header={header} />
                        {sorted === 'asc' && <ArrowUp aria-hidden size={16} />}
                        {sorted === 'desc' && <ArrowDown aria-hidden size={16} />}
                      </button>
                    </th>
                  );
                })}
              </tr>
            ))}
          </thead>
          <tbody ref={body}>
            <Gap heightPx={above} />
            {drawn.map(({ index, key }) => (
              <tr
                key={key}
                ref={virtual.measureElement}
                data-index={index}
                aria-rowindex={index + 2}
              >
                {shown[index]!.getAllCells().map((cell) => (
                  <td key={cell.id}>
                    <table.FlexRender cell={cell} />
                  </td>
                ))}
              </tr>
            ))}
            <Gap heightPx={below} />
          </tbody>
        </table>
      </div>
    </>
  );
}

/** The room of the rows that are not drawn. */
function Gap({ heightPx }: { heightPx: number }) {
  return heightPx > 0 ? (
    <tr aria-hidden>
      <td colSpan={logColumns.length} style={{ height: heightPx, padding: 0, border: 0 }} />
    </tr>
  ) : null;
}
