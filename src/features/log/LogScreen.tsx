'use client';

import { counted } from '../../ui/words/counted';
import { logWords as say } from './words';
import { min, sum } from 'd3-array';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import dynamic from 'next/dynamic';
import Link from '../../ui/Link';
import { useCallback, useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import {
  useLogAnswers,
  useNewestSessions,
  useRecords,
  useSessions,
  useWorkedTools,
  useZoneStates,
} from '../../live';
import { logTitle } from '../../ui/words/logWords';
import { chartHeight } from './chart/chartHeight';
import { findRows, type Span } from './logFilter';
import { LogFilters } from './LogFilters';
import { LogFiles } from './LogFiles';
import { logRows } from './logRows';
import { LogTable } from './LogTable';
import { useLogFilter } from './logView';

const LooksList = dynamic(() => import('./LooksList').then((own) => own.LooksList), { ssr: false });
const LogChart = dynamic(() => import('./chart/LogChart'), { ssr: false });

/** So many entries are shown while the rest of a long log is read. */
const FIRST_PAGE = 40;

/** Every edge through time, and the entries that the brush and the filters leave. */
// eslint-disable-next-line max-lines-per-function -- the one place where brush, filters, chart and table share what is found
export function LogScreen() {
  const tools = useRecords('tools');
  const trips = useRecords('trips');
  const { rows, isWhole } = useLogRows(tools, trips);
  const worked = useWorkedTools();
  // The chart is drawn in pieces, between what the person does.
  const answers = useDeferredValue(useLogAnswers());
  const states = useZoneStates();
  const [filter, setFilter] = useLogFilter();
  const [chosen, setChosen] = useState<string | null>(null);
  const [pointed, setPointed] = useState<string | null>(null);
  const [compared, setCompared] = useState<string[]>([]);
  // The brush answers at once; the entries, their days and their count follow when there is time.
  const asked = useDeferredValue(filter);
  const found = useMemo(() => rows && findRows(rows, asked), [rows, asked]);
  const compare = useCallback((id: string) => setCompared((held) => toggled(held, id)), []);
  const choose = useCallback(
    (id: string) => {
      setChosen(id);
      setFilter({ tool: '' });
    },
    [setFilter],
  );
  if (!rows || !found || !tools || !trips || !worked) return null;
  const firstAt = (isWhole && min(rows, ({ startedAt }) => startedAt)) || null;
  const byFilter = tools.find(
    ({ name }) => filter.tool === name || filter.tool.startsWith(`${name}, `),
  );
  const hung = tools.filter(({ id }) => worked.includes(id)).length;
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 py-4 sm:px-8">
      <Head title={answers ? logTitle(answers, rows.length, firstAt) : say.log} />
      {rows.length === 0 ? (
        <>
          <Nothing />
          <LooksList tools={tools} />
          <LogFiles rows={found} />
        </>
      ) : (
        <>
          <div className="mt-1" style={{ minHeight: chartHeight(hung) }}>
            {!answers && rows.length >= FIRST_PAGE && (
              <p className="text-soft">{say.theLinesOfTheEdges}</p>
            )}
            {answers && states && (
              <LogChart
                answers={answers}
                tools={tools}
                trips={trips}
                states={states}
                pointed={pointed}
                chosen={byFilter?.id ?? chosen}
                onChoose={choose}
                span={filter.span}
                onSpan={(span) => setFilter({ span })}
                onPoint={setPointed}
              />
            )}
          </div>
          <LogFilters rows={rows} filter={filter} onFilter={setFilter} />
          <Found
            found={found}
            of={rows.length}
            isWhole={isWhole}
            span={asked.span}
            onAllDays={filter.span && (() => setFilter({ span: null }))}
          >
            {compared.length > 0 && <Comparing compared={compared} />}
          </Found>
          <LogTable
            rows={found}
            isWhole={isWhole}
            pointed={pointed}
            compared={compared}
            onPoint={setPointed}
            onCompare={compare}
          />
          <LooksList tools={tools} />
          <LogFiles rows={found} />
        </>
      )}
    </div>
  );
}

/** The entries as rows: the newest at once, all of them when they are read. */
function useLogRows(tools: Tool[] | undefined, trips: Trip[] | undefined) {
  const newest = useNewestSessions(FIRST_PAGE);
  // Ten thousand entries are put into rows when nothing else is waiting.
  const all = useDeferredValue(useSessions(newest !== undefined));
  const sessions = all ?? newest;
  const rows = useMemo(
    () => (sessions && tools && trips ? logRows(sessions, tools, trips) : undefined),
    [sessions, tools, trips],
  );
  return { rows, isWhole: all !== undefined };
}

function Head({ title }: { title: string }) {
  return (
    <div className="flex flex-wrap items-center gap-x-6 gap-y-1">
      <h1 className="min-w-0 flex-1 basis-80">{title}</h1>
      <Link href="/log/answers" className="link inline-flex min-h-12 items-center">
        {say.whatItAnswers}
      </Link>
      <Link href="/log/taught" className="link inline-flex min-h-12 items-center">
        {say.whatItHasTaught}
      </Link>
      <Link href="/log/write" className="btn btn-primary">
        {say.writeOneDown}
      </Link>
    </div>
  );
}

function Nothing() {
  return (
    <p className="mt-3 max-w-[60ch] text-lg">
      {say.nothingInLogYet}{' '}
      <Link href="/touch-up" className="link">
        {say.beginOne}
      </Link>
    </p>
  );
}

/** What the brush and the filters leave, in a line. */
function Found(props: {
  found: readonly { minutes: number }[];
  of: number;
  isWhole: boolean;
  span: Span | null;
  /** Lets the brush go; null where none is set. */
  onAllDays: (() => void) | null;
  children: ReactNode;
}) {
  const { found, of, isWhole, span, onAllDays, children } = props;
  const count = counted.entry(found.length);
  return (
    <div className="mt-2 flex flex-wrap items-baseline gap-x-6">
      <p role="status" className="text-lg">
        {span && (
          <b>{say.daysFromTo(new Date(span[0]).toISOString(), new Date(span[1]).toISOString())} </b>
        )}
        {isWhole
          ? say.inAll(
              count,
              found.length < of ? of : null,
              sum(found, (row) => row.minutes),
            )
          : say.restIsBeingRead}
      </p>
      {onAllDays && (
        <button type="button" className="link min-h-12" onClick={onAllDays}>
          {say.allDays}
        </button>
      )}
      {children}
    </div>
  );
}

/** What is to be compared, and the way there once there are two. */
function Comparing({ compared }: { compared: readonly string[] }) {
  return compared.length < 2 ? (
    <p>{say.oneIsChosenChooseAnother}</p>
  ) : (
    <Link href={`/log/compare?a=${compared[0]}&b=${compared[1]}`} className="btn btn-neutral">
      {say.compareTheseTwo}
    </Link>
  );
}

/** At most two are held: a third takes the place of the first. */
function toggled(compared: readonly string[], id: string): string[] {
  return compared.includes(id)
    ? compared.filter((each) => each !== id)
    : [...compared, id].slice(-2);
}
