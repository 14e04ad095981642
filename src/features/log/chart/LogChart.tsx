'use client';

import { logChartWords as say } from './words';
import { sum } from 'd3-array';
import { useMemo, useState } from 'react';
import { WORK_MARKS, type EdgeStory, type LogAnswers } from '../../../core/answers';
import type { ZoneState } from '../../../core/inspection';
import type { Tool } from '../../../domain/tool';
import type { Trip } from '../../../domain/trip';
import { useWidth } from '../../../ui/useWidth';
import { WORK_MARK_WORDS, WorkSign } from '../../../ui/WorkSign';
import type { Span } from '../logFilter';
import { FIRST_ROWS } from './chartHeight';
import { ChartRow } from './ChartRow';
import { CourseTable } from './CourseTable';
import { TimeBrush } from './TimeBrush';
import { bandsOf, type TripBand } from './tripBands';
import { timeScale, wholeSpan } from './timeAxis';

interface ChartProps {
  answers: LogAnswers;
  tools: readonly Tool[];
  trips: readonly Trip[];
  states: readonly ZoneState[];
  chosen: string | null;
  onChoose: (toolId: string) => void;
  span: Span | null;
  onSpan: (span: Span | null) => void;
  pointed: string | null;
  onPoint: (id: string | null) => void;
}

/** Every tool through time on one scale, with one brush that says which entries follow. */
export default function LogChart(props: ChartProps) {
  const { tools, chosen, onChoose, span, onSpan, pointed, onPoint } = props;
  const [showsAll, setShowsAll] = useState(false);
  const [ref, width] = useWidth<HTMLDivElement>(700);
  const [nowMs] = useState(() => Date.now());
  const { worked, whole, x, bands } = useLogScales(props, width, nowMs);
  const tall = worked.find(({ tool }) => tool.id === chosen) ?? worked[0];
  const first = worked.slice(0, FIRST_ROWS);
  const shown = showsAll || !tall || first.includes(tall) ? first : [tall, ...first.slice(0, -1)];
  const rows = showsAll ? worked : shown;
  const idle = tools.filter((tool) => !worked.some((row) => row.tool === tool));
  const inRow = (edges: LogAnswers['edges']): string | null =>
    edges.some(({ course }) => course.entries.some(({ id }) => id === pointed)) ? pointed : null;
  return (
    <div>
      <details className="sm:hidden">
        <summary className="inline-flex min-h-12 cursor-pointer items-center underline underline-offset-4">
          {say.whatTheMarksSay}
        </summary>
        <Signs />
      </details>
      <div className="hidden sm:block">
        <Signs />
      </div>
      <div className="log-row mt-1">
        <span />
        <div ref={ref} className="min-w-0">
          <TripNames bands={bands} x={x} width={width} />
        </div>
        <span className="hidden lg:block" />
      </div>
      <div className="relative isolate">
        {span && <SpanShade x={x} span={span} />}
        {rows.map(({ tool, edges, states: own }) => (
          <ChartRow
            key={tool.id}
            tool={tool}
            edges={edges}
            x={x}
            width={width}
            nowMs={nowMs}
            onChoose={onChoose}
            onPoint={onPoint}
            states={own}
            isTall={tool === tall?.tool}
            trips={bands}
            pointed={inRow(edges)}
          />
        ))}
      </div>
      <div className="log-row">
        <span />
        <TimeBrush x={x} width={width} whole={whole} span={span} onSpan={onSpan} />
        <span className="hidden text-[0.95rem] text-soft lg:block">
          {idle.length > 0 && say.noTouchUpYet(idle.map(({ name }) => name))}
        </span>
      </div>
      <div className="flex flex-wrap items-baseline gap-x-6">
        {worked.length > FIRST_ROWS && (
          <button type="button" className="link min-h-12" onClick={() => setShowsAll(!showsAll)}>
            {showsAll ? say.fewerTools : say.allTools(worked.length)}
          </button>
        )}
        {tall && <CourseTable tool={tall.tool} edges={tall.edges} />}
      </div>
    </div>
  );
}

/** The tools that were worked, the most telling first, and the time that all of them share. */
function useLogScales(
  { answers, tools, trips, states }: Pick<ChartProps, 'answers' | 'tools' | 'trips' | 'states'>,
  width: number,
  nowMs: number,
) {
  const worked = useMemo(
    () =>
      tools
        .map((tool) => ({
          tool,
          edges: answers.edges.filter(({ toolId }) => toolId === tool.id),
          states: states.filter((state) => state.tool.id === tool.id),
        }))
        .filter(({ edges }) => edges.some(({ course }) => course.entries.length > 0))
        .sort((a, b) => tells(b.edges) - tells(a.edges)),
    [answers, tools, states],
  );
  const whole = useMemo(
    () =>
      wholeSpan(
        answers.edges.map(({ course }) => course),
        nowMs,
      ),
    [answers, nowMs],
  );
  const x = useMemo(() => timeScale(whole, width), [whole, width]);
  const bands = useMemo(() => bandsOf(trips, whole), [trips, whole]);
  return { worked, whole, x, bands };
}

/** The brushed span, light behind all rows. */
function SpanShade({ x, span }: { x: ReturnType<typeof timeScale>; span: Span }) {
  const [from, to] = span.map((ms) => x(ms)) as [number, number];
  return (
    <div className="log-row pointer-events-none absolute inset-0 -z-10" aria-hidden>
      <span className="hidden lg:block" />
      <span className="relative overflow-hidden">
        <span
          className="absolute inset-y-0 border-x-2 border-ink bg-[var(--lit)]"
          style={{ left: from, width: Math.max(2, to - from) }}
        />
      </span>
    </div>
  );
}

/** What each mark says. */
function Signs() {
  return (
    <ul className="flex flex-wrap gap-x-3 text-[0.92rem]">
      {WORK_MARKS.map((mark) => (
        <li key={mark}>
          <WorkSign mark={mark} /> {WORK_MARK_WORDS[mark]}
        </li>
      ))}
      <li>{say.dottedAskedOfItShaded}</li>
    </ul>
  );
}

/** How much there is to tell of a tool: what its log has found first, then the number of its entries. */
function tells(edges: LogAnswers['edges']): number {
  const kinds = edges.map(({ story }) => (story ? STORY_ORDER.indexOf(story.kind) : -1));
  return 1e6 * Math.max(...kinds) + sum(edges, ({ entries }) => entries);
}

/** What is told of an edge, the least telling first. */
const STORY_ORDER: readonly EdgeStory['kind'][] = [
  'so far',
  'comes back',
  'effort',
  'left alone',
  'lives on the strop',
  'stones trend',
];

/** Names over the bands, on two lines where they are near; one that has no room on either is left out. */
function TripNames(props: {
  bands: readonly TripBand[];
  x: ReturnType<typeof timeScale>;
  width: number;
}) {
  const { bands, x, width } = props;
  const freeFrom = [-Infinity, -Infinity];
  const named = bands.flatMap(({ id, name, from }) => {
    const length = NAME_PX * name.length;
    const at = Math.min(x(from), width - length);
    const line = freeFrom.findLastIndex((free) => at >= free);
    if (line < 0) return [];
    freeFrom[line] = at + length + 8;
    return [{ id, name, at, line }];
  });
  return (
    <svg className="figures block" width={width} height={36} fontSize={14} fill="var(--ink)">
      {named.map(({ id, name, at, line }) => (
        <text key={id} x={at} y={14 + 17 * line}>
          {name}
        </text>
      ))}
    </svg>
  );
}

/** Width of a letter of the names (px), about. */
const NAME_PX = 7;
