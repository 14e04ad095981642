'use client';

import {
  createColumnHelper,
  createSortedRowModel,
  rowSortingFeature,
  sortFn_alphanumeric,
  sortFn_basic,
  tableFeatures,
  useTable,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { useRecords, useSessions } from '../../live';
import { SelectField, TextField } from '../../ui/forms/fields';
import { day, minutes, plural } from '../../ui/format';
import { findRows, logRows, type LogRow } from './logRows';

const features = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric, basic: sortFn_basic },
});

const column = createColumnHelper<typeof features, LogRow>();

const columns = column.columns([
  column.accessor('startedAt', {
    header: 'Day',
    cell: ({ row, getValue }) => (
      <Link className="link figures whitespace-nowrap" href={`/log/entry?id=${row.original.id}`}>
        {day(getValue())}
      </Link>
    ),
  }),
  column.accessor('toolName', { header: 'Tool' }),
  column.accessor('work', {
    header: 'Work',
    cell: ({ getValue }) => <span className="whitespace-nowrap">{getValue()}</span>,
  }),
  column.accessor('where', { header: 'Where' }),
  column.accessor('abrasives', { header: 'With' }),
  column.accessor('strokes', {
    header: 'Strokes',
    cell: ({ getValue }) => <span className="number">{getValue()}</span>,
  }),
  column.accessor('minutes', {
    header: 'Time',
    cell: ({ getValue }) => <span className="number">{minutes(getValue())}</span>,
  }),
  column.accessor('before', { header: 'Before' }),
  column.accessor('after', { header: 'After' }),
]);

/** Every touch-up, newest first; by tool, and searched in its words. */
export function LogScreen() {
  const sessions = useSessions();
  const tools = useRecords('tools');
  const rows = useMemo(
    () => (sessions && tools ? logRows(sessions, tools) : undefined),
    [sessions, tools],
  );
  if (!rows || !tools) return null;
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 py-5 sm:px-8">
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1>Log</h1>
        <Link href="/log/taught" className="link inline-flex min-h-12 items-center">
          What your log has taught it
        </Link>
      </div>
      {rows.length === 0 ? (
        <p className="mt-3 max-w-[60ch] text-lg">
          Nothing yet. A touch-up that is finished in the guide writes itself in here.{' '}
          <Link href="/touch-up" className="link">
            Begin one
          </Link>
        </p>
      ) : (
        <LogTable rows={rows} toolNames={[...new Set(rows.map(({ toolName }) => toolName))]} />
      )}
    </div>
  );
}

function LogTable({ rows, toolNames }: { rows: LogRow[]; toolNames: string[] }) {
  const [tool, setTool] = useState('');
  const [search, setSearch] = useState('');
  const data = useMemo(() => findRows(rows, tool, search), [rows, tool, search]);
  const table = useTable({
    features,
    columns,
    data,
    initialState: { sorting: [{ id: 'startedAt', desc: true }] },
  });
  const shown = table.getRowModel().rows;
  const time = shown.reduce((sum, { original }) => sum + original.minutes, 0);
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
          {plural(shown.length, 'entry', 'entries')}, {minutes(time)} in all
        </p>
      </div>
      <div className="mt-4 overflow-x-auto">
        <table className="table-plain">
          <thead>
            {table.getHeaderGroups().map((group) => (
              <tr key={group.id}>
                {group.headers.map((header) => {
                  const sorted = header.column.getIsSorted();
                  return (
                    <th
                      key={header.id}
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
          <tbody>
            {shown.map((row) => (
              <tr key={row.id}>
                {row.getAllCells().map((cell) => (
                  <td key={cell.id}>
                    <table.FlexRender cell={cell} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
