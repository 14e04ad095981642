'use client';

import { logWords as say } from './words';
import { millisecondsInDay as DAY_MS } from 'date-fns/constants';
import { min } from 'd3-array';
import { memo, useMemo } from 'react';
import { WORK_MARKS } from '../../core/answers';
import { SelectField, TextField } from '../../ui/forms/fields';
import { sentence } from '../../ui/format';
import { WORK_MARK_WORDS } from '../../ui/WorkSign';
import { dayIn } from './entryDay';
import { NO_FILTER, type LogFilter } from './logFilter';
import type { LogRow } from './logRows';

/** Which entries are shown: by tool and words at once, by the rest when it is unfolded. */
export const LogFilters = memo(function LogFilters(props: {
  rows: readonly LogRow[];
  filter: LogFilter;
  onFilter: (change: Partial<LogFilter>) => void;
}) {
  const { rows, filter, onFilter } = props;
  const known = useMemo(() => choicesOf(rows), [rows]);
  const select = (
    label: string,
    field: 'tool' | 'trip' | 'person' | 'abrasive' | 'mark',
    all: string,
    options: readonly (readonly [string, string])[],
  ) => (
    <SelectField
      label={label}
      value={filter[field]}
      options={[['', all], ...options]}
      onChange={(event) => onFilter({ [field]: event.target.value })}
    />
  );
  const more = (['trip', 'person', 'abrasive', 'mark'] as const).filter((f) => filter[f] !== '');
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-2">
      <div className="w-48">{select(say.tool, 'tool', say.allTools, same(known.tools))}</div>
      <div className="w-64">
        <TextField
          label={say.searchInNotesToo}
          type="search"
          value={filter.words}
          onChange={(event) => onFilter({ words: event.target.value })}
        />
      </div>
      <details open={more.length > 0 || undefined}>
        <summary className="inline-flex min-h-12 cursor-pointer items-center underline underline-offset-4">
          {say.filterFurther}
        </summary>
        <div className="flex flex-wrap items-end gap-x-4 gap-y-2 pb-1">
          <div className="w-44">{select(say.trip, 'trip', say.anyOrNone, known.trips)}</div>
          {known.people.length > 0 && (
            <div className="w-36">
              {select(say.carriedBy, 'person', say.anybody, same(known.people))}
            </div>
          )}
          <div className="w-48">
            {select(say.withThing, 'abrasive', say.anything, same(known.things))}
          </div>
          <div className="w-44">
            {select(
              say.work,
              'mark',
              say.anyWork,
              WORK_MARKS.filter((mark) => known.marks.has(mark)).map((mark) => [
                mark,
                sentence(WORK_MARK_WORDS[mark]),
              ]),
            )}
          </div>
          <DayField label={say.from} end={0} filter={filter} onFilter={onFilter} rows={rows} />
          <DayField label={say.until} end={1} filter={filter} onFilter={onFilter} rows={rows} />
        </div>
      </details>
      {isAsked(filter) && (
        <button type="button" className="btn btn-ghost" onClick={() => onFilter(NO_FILTER)}>
          {say.allEntries}
        </button>
      )}
    </div>
  );
});

/** One end of the days that are asked for: the same as a grip of the brush. */
function DayField(props: {
  label: string;
  end: 0 | 1;
  filter: LogFilter;
  onFilter: (change: Partial<LogFilter>) => void;
  rows: readonly LogRow[];
}) {
  const { label, end, filter, onFilter, rows } = props;
  const { span } = filter;
  return (
    <div className="w-40">
      <TextField
        label={label}
        type="date"
        value={span ? dayIn(new Date(span[end]).toISOString()) : ''}
        onChange={(event) => {
          const ms = Date.parse(`${event.target.value}T00:00:00`);
          if (Number.isNaN(ms)) return onFilter({ span: null });
          const first = min(rows, ({ atMs }) => atMs) ?? Date.now();
          const [from, to] = span ?? [first, Date.now()];
          // The last day counts whole.
          onFilter({
            span: end === 0 ? [ms, Math.max(to, ms)] : [Math.min(from, ms), ms + DAY_MS - 1],
          });
        }}
      />
    </div>
  );
}

function isAsked(filter: LogFilter): boolean {
  return (Object.keys(NO_FILTER) as (keyof LogFilter)[]).some(
    (field) => filter[field] !== NO_FILTER[field],
  );
}

/** What there is to choose from, each once, by name. */
function choicesOf(rows: readonly LogRow[]) {
  const tools = new Set<string>();
  const trips = new Map<string, string>();
  const people = new Set<string>();
  const things = new Set<string>();
  const marks = new Set<LogRow['mark']>();
  for (const row of rows) {
    tools.add(row.toolName);
    if (row.tripId) trips.set(row.tripId, row.where);
    row.people.forEach((person) => people.add(person));
    row.things.forEach((thing) => things.add(thing));
    marks.add(row.mark);
  }
  return {
    tools: [...tools].sort(),
    trips: [...trips].sort((a, b) => (a[1] < b[1] ? -1 : 1)),
    people: [...people].sort(),
    things: [...things].sort(),
    marks,
  };
}

function same(names: readonly string[]): (readonly [string, string])[] {
  return names.map((name) => [name, name] as const);
}
