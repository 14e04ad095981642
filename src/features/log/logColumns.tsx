import {
  createColumnHelper,
  createSortedRowModel,
  rowSortingFeature,
  sortFn_basic,
  tableFeatures,
} from '@tanstack/react-table';
import Link from '../../ui/Link';
import { day, minutes } from '../../ui/format';
import type { LogRow } from './logRows';

export const logFeatures = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { basic: sortFn_basic },
});

const column = createColumnHelper<typeof logFeatures, LogRow>();

/** The share of the table's width (%) that each column takes: rows come and go, widths stay. */
export const COLUMN_SHARES: Record<string, number> = {
  startedAt: 11,
  toolName: 13,
  work: 10,
  where: 6,
  abrasives: 25,
  strokes: 7,
  minutes: 7,
  before: 11,
  after: 10,
};

export const logColumns = column.columns([
  column.accessor('startedAt', {
    header: 'Day',
    sortFn: 'basic',
    cell: ({ row, getValue }) => (
      <Link className="link figures whitespace-nowrap" href={`/log/entry?id=${row.original.id}`}>
        {day(getValue())}
      </Link>
    ),
  }),
  column.accessor('toolName', { header: 'Tool', sortFn: 'basic' }),
  column.accessor('work', { header: 'Work', sortFn: 'basic' }),
  column.accessor('where', { header: 'Where', sortFn: 'basic' }),
  column.accessor('abrasives', { header: 'With', sortFn: 'basic' }),
  column.accessor('strokes', {
    header: 'Strokes',
    sortFn: 'basic',
    cell: ({ getValue }) => <span className="number">{getValue()}</span>,
  }),
  column.accessor('minutes', {
    header: 'Time',
    sortFn: 'basic',
    cell: ({ getValue }) => <span className="number">{minutes(getValue())}</span>,
  }),
  column.accessor('before', { header: 'Before', sortFn: 'basic' }),
  column.accessor('after', { header: 'After', sortFn: 'basic' }),
]);
