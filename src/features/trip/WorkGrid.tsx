'use client';

import { useRef } from 'react';
import { edgeWord, type EdgeForecast, type TripForecast, type TripProblem } from '../../core';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import type { TripTask } from '../../domain/tripTasks';
import { edgePath, edgeWeight } from '../../ui/edge-strip/edgePath';
import { DAY_HOURS, workIn } from './paint';
import { RungMark } from './RungMark';
import { taskFill } from './TaskPattern';

/** What the hand does in a cell. */
export interface Painting {
  /** So many hours of the brush's task; none rubs the cell out. */
  onPaint: (toolId: string, day: number, hours: number) => void;
  /** An hour more of it. */
  onTap: (toolId: string, day: number) => void;
  onRubOut: (toolId: string, day: number) => void;
  onCopyDay: (day: number) => void;
}

/** Days across and tools down: work painted on the cells, and each edge as it will probably be. */
export function WorkGrid(
  props: Painting & {
    trip: Trip;
    tools: readonly Tool[];
    tasks: readonly TripTask[];
    forecast: TripForecast | null;
    problem: TripProblem | null;
    dayName: (day: number) => string;
    chosenToolId: string | null;
    onChoose: (toolId: string) => void;
  },
) {
  const { trip, tools, dayName, chosenToolId, onChoose } = props;
  const days = Array.from({ length: trip.days }, (_, day) => day);
  return (
    <div className="overflow-x-auto">
      <table className="w-full min-w-[44rem] table-fixed border-collapse">
        <thead>
          <tr className="border-b-2 border-ink text-left">
            <th className="w-36">
              <span className="sr-only">Tool</span>
            </th>
            {days.map((day) => (
              <th key={day} className="border-l border-rule px-1 py-1">
                {dayName(day)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {tools.map((tool) => (
            <tr key={tool.id} className="border-b border-rule">
              <th scope="row" className="p-0 text-left">
                <button
                  type="button"
                  aria-pressed={tool.id === chosenToolId}
                  className={`min-h-16 w-full cursor-pointer px-2 text-left ${tool.id === chosenToolId ? 'bg-neutral text-neutral-content' : ''}`}
                  onClick={() => onChoose(tool.id)}
                >
                  <span className="sign text-lg">{tool.name}</span>
                </button>
              </th>
              {days.map((day) => (
                <Cell key={day} {...props} tool={tool} day={day} />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const BAR_PX = 104;
/** A hand that moves less than this has tapped. */
const TAP_PX = 5;

function Cell(
  props: Painting & {
    trip: Trip;
    tool: Tool;
    day: number;
    tasks: readonly TripTask[];
    forecast: TripForecast | null;
    problem: TripProblem | null;
    dayName: (day: number) => string;
  },
) {
  const { trip, tool, day, tasks, forecast, problem, dayName } = props;
  const { onPaint, onTap, onRubOut, onCopyDay } = props;
  const from = useRef<number | null>(null);
  const work = workIn(trip, { toolId: tool.id, day });
  const edges = (forecast?.edges ?? []).filter(({ toolId }) => toolId === tool.id);
  const words = work.map(({ taskId, hours }) => `${nameOf(tasks, taskId)} ${hoursWords(hours)}`);
  const state = worstWord(edges, problem, day);
  const label = `${tool.name}, ${dayName(day)}: ${words.join(', ') || 'no work'}${state ? `; ${state} by evening` : ''}`;
  const hoursOver = (x: number): number =>
    Math.max(1, Math.round((2 * DAY_HOURS * (x - from.current!)) / BAR_PX) / 2);
  return (
    <td className="border-l border-rule p-0 align-top">
      <button
        type="button"
        aria-label={label}
        className="min-h-16 w-full cursor-crosshair px-1 py-1 text-left text-[0.9rem] leading-tight hover:bg-base-200"
        onPointerDown={(event) => {
          from.current = event.clientX;
          // A finger that is drawn along scrolls the days; only a mouse or a pen paints by it.
          if (event.pointerType !== 'touch') event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerUp={(event) => {
          if (from.current === null) return;
          const isTap = Math.abs(event.clientX - from.current) < TAP_PX;
          if (isTap || event.pointerType === 'touch') onTap(tool.id, day);
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
        <span className="block min-h-5 truncate">{words.join(', ')}</span>
        <span className="flex items-center gap-1">
          <svg width={BAR_PX} height={26} aria-hidden className="block">
            {work.map((job, i) => {
              const before = work.slice(0, i).reduce((sum, { hours }) => sum + hours, 0);
              return (
                <rect
                  key={job.taskId}
                  x={1 + ((BAR_PX - 2) * before) / DAY_HOURS}
                  y={1}
                  width={((BAR_PX - 2) * job.hours) / DAY_HOURS}
                  height={9}
                  fill={taskFill(job.taskId)}
                  stroke="var(--ink)"
                />
              );
            })}
            {state && (
              <path
                d={edgePath(state, 2, BAR_PX - 2, 19, [])}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={edgeWeight(state)}
              />
            )}
            {edges.some((edge) => edge.days[day]!.chipChance >= 0.5) && (
              <path
                d={`M${BAR_PX * 0.6},20l4,5l4,-5`}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={1.6}
              />
            )}
          </svg>
          <EveningMark edges={edges} day={day} />
        </span>
      </button>
    </td>
  );
}

function EveningMark({ edges, day }: { edges: readonly EdgeForecast[]; day: number }) {
  const marks = (['file', 'stone', 'strop'] as const)
    .map((rung) => ({
      rung,
      chance: Math.max(0, ...edges.map((e) => e.days[day]!.eveningWork[rung])),
    }))
    .filter(({ chance }) => chance >= 0.3);
  const [first] = marks;
  return first ? <RungMark rung={first.rung} chance={first.chance} /> : null;
}

/** The bluntest edge of a tool in the evening. */
function worstWord(edges: readonly EdgeForecast[], problem: TripProblem | null, day: number) {
  if (!problem || edges.length === 0) return null;
  const ratios = edges.map((edge) => {
    const { targetUm } = problem.edges.find(({ id }) => id === edge.id)!;
    return edge.days[day]!.evening.median / targetUm;
  });
  return edgeWord(Math.max(...ratios), 0);
}

function nameOf(tasks: readonly TripTask[], id: string): string {
  return tasks.find((task) => task.id === id)?.name ?? 'work of another list';
}

/** Hours as they are painted: 2, ½, 1½. */
function hoursWords(hours: number): string {
  const whole = Math.floor(hours);
  return `${whole > 0 || hours < 0.5 ? whole : ''}${hours - whole >= 0.5 ? '½' : ''}`;
}
