'use client';

import { spoken } from '../../ui/words/closedWords';
import { tripWords as say } from './words';
import { sum } from 'd3-array';
import { useRef } from 'react';
import { bluntestWord, edgeWord } from '../../core/inspection';
import type { EdgeForecast, RungOut, TripForecast, TripProblem } from '../../core/trip';
import type { Tool } from '../../domain/tool';
import type { Trip, TripWork } from '../../domain/trip';
import type { TripTask } from '../../domain/tripTasks';
import { edgePath, edgeWeight } from '../../ui/edge-strip/edgePath';
import { DAY_HOURS, workIn } from './paint';
import { RungMark } from '../../ui/RungMark';
import { taskFill } from './TaskPattern';
import { hoursWords, jobWords, taskName } from './taskWords';

/** What the hand does in a cell. */
export interface Painting {
  /** So many hours of the brush's task; none rubs the cell out. */
  onPaint: (toolId: string, day: number, hours: number) => void;
  /** An hour more of it. */
  onTap: (toolId: string, day: number) => void;
  /** The cell is the one at hand. */
  onPick: (toolId: string, day: number) => void;
  onRubOut: (toolId: string, day: number) => void;
  onCopyDay: (day: number) => void;
}

/** What a grid shows in its cells. */
export interface CellContent {
  trip: Trip;
  tasks: readonly TripTask[];
  forecast: TripForecast | null;
  problem: TripProblem | null;
  dayName: (day: number) => string;
  /** The cell at hand. */
  picked: { toolId: string; day: number } | null;
}

/** A hand that moves less than this has tapped. */
const TAP_PX = 5;
/** Marks of the evening are drawn from this chance on. */
const SHOWN_FROM = 0.3;
const WIDE_BAR_PX = 104;
const NARROW_BAR_PX = 40;
const MARK_PX = 18;

/** Work of one tool on one day, painted: task and hours, the bar of work, the strip of that evening. */
export function WorkCell(
  props: Painting & CellContent & { tool: Tool; day: number; isNarrow: boolean },
) {
  const { trip, tool, day, tasks, forecast, problem, dayName, picked, isNarrow } = props;
  const { onPaint, onTap, onPick, onRubOut, onCopyDay } = props;
  const from = useRef<number | null>(null);
  const work = workIn(trip, { toolId: tool.id, day });
  const edges = (forecast?.edges ?? []).filter(({ toolId }) => toolId === tool.id);
  const words = work.map((job) => jobWords(tasks, job));
  const state = worstWord(edges, problem, day);
  const label = say.cellOf(
    tool.name,
    dayName(day),
    words.join(', ') || say.noWork,
    state && spoken(state),
  );
  const barPx = isNarrow ? NARROW_BAR_PX : WIDE_BAR_PX;
  const isPicked = picked?.toolId === tool.id && picked.day === day;
  const hoursOver = (x: number): number =>
    Math.max(1, Math.round((2 * DAY_HOURS * (x - from.current!)) / barPx) / 2);
  return (
    <td className="border-l border-rule p-0 align-top">
      <button
        type="button"
        aria-label={label}
        aria-current={isPicked ? 'true' : undefined}
        className={`min-h-16 w-full cursor-crosshair px-1 py-1 text-left text-[0.9rem] leading-tight hover:bg-base-200 ${isPicked ? 'outline-3 -outline-offset-3 outline-ink' : ''}`}
        onFocus={() => onPick(tool.id, day)}
        onPointerDown={(event) => {
          from.current = event.clientX;
          // A finger that is drawn along scrolls the days; only a mouse or a pen paints by it.
          if (event.pointerType !== 'touch') event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerUp={(event) => {
          if (from.current === null) return;
          const isTap = Math.abs(event.clientX - from.current) < TAP_PX;
          if (event.pointerType === 'touch') {
            // The first touch takes the cell up, where the stepper shows it; the next ones paint.
            if (isPicked) onTap(tool.id, day);
            else onPick(tool.id, day);
          } else if (isTap) onTap(tool.id, day);
          else onPaint(tool.id, day, hoursOver(event.clientX));
          from.current = null;
        }}
        onPointerCancel={() => (from.current = null)}
        onKeyDown={(event) => {
          if (/^[1-8]$/.test(event.key)) onPaint(tool.id, day, Number(event.key));
          else if (event.key === 'x') onRubOut(tool.id, day);
          else if (event.key === 'd') onCopyDay(day);
          else if (event.key === 'Enter' || event.key === ' ') onTap(tool.id, day);
          else return;
          event.preventDefault();
        }}
      >
        <span className="block min-h-5 truncate">
          {isNarrow ? shortWords(tasks, work) : words.join(', ')}
        </span>
        <span className="flex items-center gap-0.5">
          <CellBar
            work={work}
            state={state}
            barPx={barPx}
            mayChip={edges.some((edge) => edge.days[day]!.chipChance >= 0.5)}
          />
          <EveningMark edges={edges} day={day} />
        </span>
      </button>
    </td>
  );
}

function CellBar(props: {
  work: readonly TripWork[];
  state: ReturnType<typeof worstWord>;
  barPx: number;
  mayChip: boolean;
}) {
  const { work, state, barPx, mayChip } = props;
  const inner = barPx - 2;
  return (
    <svg width={barPx} height={26} aria-hidden className="block shrink-0">
      {work.map((job, i) => {
        const before = sum(work.slice(0, i), ({ hours }) => hours);
        return (
          <rect
            key={job.taskId}
            x={1 + (inner * Math.min(before, DAY_HOURS)) / DAY_HOURS}
            y={1}
            width={(inner * Math.min(job.hours, Math.max(0, DAY_HOURS - before))) / DAY_HOURS}
            height={9}
            fill={taskFill(job.taskId)}
            stroke="var(--ink)"
          />
        );
      })}
      {state && (
        <path
          d={edgePath(state, 2, barPx - 2, 19, [])}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={edgeWeight(state)}
        />
      )}
      {mayChip && (
        <path d={`M${barPx * 0.6},20l4,5l4,-5`} fill="none" stroke="var(--ink)" strokeWidth={1.6} />
      )}
    </svg>
  );
}

function EveningMark({ edges, day }: { edges: readonly EdgeForecast[]; day: number }) {
  const [first] = (['file', 'stone', 'strop'] as const satisfies RungOut[])
    .map((rung) => ({
      rung,
      chance: Math.max(0, ...edges.map((e) => e.days[day]!.eveningWork[rung])),
    }))
    .filter(({ chance }) => chance >= SHOWN_FROM);
  if (!first) return <span style={{ width: MARK_PX }} />;
  return <RungMark rung={first.rung} chance={first.chance} />;
}

/** The bluntest edge of a tool in the evening. */
function worstWord(edges: readonly EdgeForecast[], problem: TripProblem | null, day: number) {
  if (!problem || edges.length === 0) return null;
  const words = edges.flatMap((edge) => {
    const own = problem.edges.find(({ id }) => id === edge.id);
    const ofDay = edge.days[day];
    return own && ofDay ? [edgeWord(ofDay.evening.median, own.targetUm, 0)] : [];
  });
  return words.length > 0 ? bluntestWord(words) : null;
}

/** As much as fits a narrow cell: the hours of all, and the first task. */
function shortWords(tasks: readonly TripTask[], work: readonly TripWork[]): string {
  const [first] = work;
  if (!first) return '';
  const hours = work.map((job) => hoursWords(job.hours)).join('+');
  return `${hours} ${taskName(tasks, first.taskId)}`;
}
