import { logWords as say } from './words';
import {
  createColumnHelper,
  createSortedRowModel,
  rowSortingFeature,
  sortFn_basic,
  tableFeatures,
} from '@tanstack/react-table';
import { edgeWord } from '../../core/inspection';
import { seenApex } from '../../core/sharpness';
import { useTester } from '../../live';
import Link from '../../ui/Link';
import { day, minutes } from '../../ui/format';
import { SmallStrip } from '../../ui/edge-strip/SmallStrip';
import { WorkSign } from '../../ui/WorkSign';
import type { LogRow } from './logRows';

export const logFeatures = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { basic: sortFn_basic },
});

const column = createColumnHelper<typeof logFeatures, LogRow>();

/** The share of the table's width (%) that each column takes: rows come and go, widths stay. */
export const COLUMN_SHARES: Record<string, number> = {
  startedAt: 10,
  toolName: 11,
  work: 11,
  where: 8,
  abrasives: 18,
  strokes: 7,
  minutes: 8,
  before: 10,
  after: 10,
};

/** Where a column is shown: a phone has room for the four that matter most. */
export function shownClass(column: string): string {
  return ['startedAt', 'toolName', 'before', 'after'].includes(column)
    ? ''
    : 'hidden sm:table-cell';
}

export const logColumns = column.columns([
  column.accessor('startedAt', {
    header: say.day,
    sortFn: 'basic',
    cell: ({ row, getValue }) => (
      <Link className="link figures whitespace-nowrap" href={`/log/entry?id=${row.original.id}`}>
        {day(getValue())}
      </Link>
    ),
  }),
  column.accessor('toolName', {
    header: say.tool,
    sortFn: 'basic',
    cell: ({ row, getValue }) => (
      <>
        <span className="sm:hidden">
          <WorkSign mark={row.original.mark} />{' '}
        </span>
        {getValue()}
      </>
    ),
  }),
  column.accessor('work', {
    header: say.work,
    sortFn: 'basic',
    cell: ({ row, getValue }) => (
      <>
        <WorkSign mark={row.original.mark} /> {getValue()}
      </>
    ),
  }),
  column.accessor('where', { header: say.where, sortFn: 'basic' }),
  column.accessor('abrasives', { header: say.withThing, sortFn: 'basic' }),
  column.accessor('strokes', {
    header: say.strokes,
    sortFn: 'basic',
    cell: ({ getValue }) => <span className="number">{getValue()}</span>,
  }),
  column.accessor('minutes', {
    header: say.time,
    sortFn: 'basic',
    cell: ({ getValue }) => <span className="number">{minutes(getValue())}</span>,
  }),
  column.accessor('before', {
    header: say.before,
    sortFn: 'basic',
    cell: ({ row, getValue }) => <Stood row={row.original} seen="before" words={getValue()} />,
  }),
  column.accessor('after', {
    header: say.after,
    sortFn: 'basic',
    cell: ({ row, getValue }) => <Stood row={row.original} seen="after" words={getValue()} />,
  }),
]);

/** The edge as it stood, as a small strip over what it passed. */
function Stood(props: { row: LogRow; seen: 'before' | 'after'; words: string }) {
  const { row, seen, words } = props;
  const { targetUm } = row.seen;
  const byTester = useTester();
  const apex = seenApex(byTester(row.seen[seen]));
  return (
    <>
      {apex && targetUm !== null && (
        <SmallStrip
          word={edgeWord(apex.apexRadiusUm, targetUm, 0)}
          findings={row.seen[seen].findings}
        />
      )}
      <span className="text-[0.95rem]">{words}</span>
    </>
  );
}
