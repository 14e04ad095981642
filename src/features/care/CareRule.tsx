'use client';

import { careWords as say } from './words';
import { shortDay, shortMonth, shortWeekday } from '../../ui/format';
import { useLayoutEffect, useState } from 'react';
import { careGroupKey, type CareGroup, type CareRow } from '../../core/care';
import type { Trip } from '../../domain/trip';
import { dayOfTrip } from '../../domain/tripDays';
import { rulePlace, ruleTicks, type RuleFrame } from './careScale';
import { clockNow } from '../../domain/clock';

/** Width of the rule, and of the leaders beside it (px). */
const RULE = { wide: 104, narrow: 62 };
const LEADERS = { wide: 96, narrow: 26 };

interface Measured {
  height: number;
  rows: Record<string, number>;
  gate: { top: number; bottom: number } | null;
}

/**
 * The upright rule of time beside the list: every dated row is joined to its day; what a trip pulls
 * forward has its own day besides, as a hollow dot.
 */
// eslint-disable-next-line max-lines-per-function -- one drawing: ground, gate, ticks and leaders on one scale
export function CareRule(props: {
  /** The list beside it; null until it stands. */
  list: HTMLElement | null;
  groups: readonly CareGroup[];
  dueCount: number;
  trip: Trip | null;
  isNarrow: boolean;
}) {
  const { list, groups, dueCount, trip, isNarrow } = props;
  const measured = useMeasured(list);
  const [now] = useState(() => clockNow());
  const size = isNarrow ? 'narrow' : 'wide';
  const [ruleX, width] = [RULE[size], RULE[size] + LEADERS[size]];
  if (!measured) return null;
  const { height, rows } = measured;
  const frame = frameOf(measured, dueCount, groups.length, trip);
  const nowMs = now.getTime();
  const y = (iso: string): number => rulePlace(frame, nowMs, Date.parse(iso));
  const words = (ms: number, days: number): string =>
    (days < 7 ? shortWeekday : days < 300 ? shortDay : shortMonth)(ms);
  return (
    <svg
      className="figures absolute top-0 left-0"
      width={width}
      height={height}
      fontSize={14}
      fill="var(--ink)"
      aria-hidden
    >
      <rect width={ruleX} height={frame.today} fill="var(--color-base-200)" />
      <rect y={frame.today} width={ruleX} height={height - frame.today} fill="var(--steel-light)" />
      {frame.gate && (
        <>
          <rect
            y={frame.gate.top}
            width={width}
            height={frame.gate.bottom - frame.gate.top}
            fill="var(--rail)"
          />
          <text
            x={ruleX / 2}
            y={(frame.gate.top + frame.gate.bottom) / 2 + 5}
            textAnchor="middle"
            fontWeight={700}
            fill="var(--rail-ink)"
          >
            {say.trip}
          </text>
        </>
      )}
      <line x1={ruleX} x2={ruleX} y1={0} y2={height} stroke="var(--ink)" strokeWidth={2} />
      <line
        x1={0}
        x2={ruleX + 10}
        y1={frame.today}
        y2={frame.today}
        stroke="var(--ink)"
        strokeWidth={3}
      />
      <text x={4} y={16} fontWeight={700}>
        {say.overdue}
      </text>
      <text x={4} y={frame.today - 6} fontWeight={700}>
        {isNarrow ? say.today : say.todayOn(now)}
      </text>
      {ruleTicks(frame, nowMs, words).map((tick) => (
        <g key={`${tick.words} ${tick.y}`}>
          <line x1={ruleX - 10} x2={ruleX} y1={tick.y} y2={tick.y} stroke="var(--ink)" />
          <text x={ruleX - 14} y={tick.y + 5} textAnchor="end">
            {isNarrow ? tick.words.replace(/ months?/, ' mo.').replace(' week', ' wk') : tick.words}
          </text>
        </g>
      ))}
      {groups.map((group) => (
        <Leader
          key={careGroupKey(group[0])}
          row={group[0]}
          ruleX={ruleX}
          width={width}
          y={y}
          rowY={rows[careGroupKey(group[0])]}
        />
      ))}
    </svg>
  );
}

function Leader(props: {
  row: CareRow;
  ruleX: number;
  width: number;
  y: (iso: string) => number;
  rowY: number | undefined;
}) {
  const { row, ruleX, width, y, rowY } = props;
  const due = row.putOff?.until ?? row.dueAt;
  if (due === null || rowY === undefined) return null;
  const half = (ruleX + width) / 2;
  const path = (from: number): string =>
    `M${ruleX},${from}C${half},${from} ${half},${rowY} ${width},${rowY}`;
  const own =
    row.tripId !== null && row.ownDueAt && row.ownDueAt !== row.dueAt ? row.ownDueAt : null;
  return (
    <g fill="none" stroke="var(--ink)" strokeWidth={1.4}>
      <path d={path(y(due))} />
      <circle cx={ruleX} cy={y(due)} r={4} fill="var(--ink)" stroke="none" />
      {own && (
        <>
          <path d={path(y(own))} strokeDasharray="2 4" />
          <circle cx={ruleX} cy={y(own)} r={4} fill="var(--color-base-100)" />
        </>
      )}
    </g>
  );
}

/** Today stands between what is due and what was due, by how many rows there are of each. */
function frameOf(
  { height, gate }: Measured,
  dueCount: number,
  count: number,
  trip: Trip | null,
): RuleFrame {
  const end = gate ? gate.top : height;
  const part = gate ? 0.55 : Math.min(0.6, Math.max(0.2, dueCount / Math.max(1, count)));
  return {
    top: 34,
    today: Math.max(60, end * part),
    bottom: height - 14,
    gate:
      gate && trip
        ? {
            ...gate,
            startsMs: dayOfTrip(trip, 0).getTime(),
            endsMs: dayOfTrip(trip, trip.days).getTime(),
          }
        : null,
  };
}

/** Where the rows and the gate of a list stand, measured whenever it is laid out anew. */
function useMeasured(list: HTMLElement | null): Measured | null {
  const [measured, setMeasured] = useState<Measured | null>(null);
  useLayoutEffect(() => {
    if (!list) return;
    const element = list;
    const measure = (): void => {
      const { top, height } = element.getBoundingClientRect();
      const place = (child: Element): { top: number; bottom: number } => {
        const box = child.getBoundingClientRect();
        return { top: box.top - top, bottom: box.bottom - top };
      };
      const rows = [...element.querySelectorAll<HTMLElement>('[data-due]')].map(
        (row) => [row.dataset.due!, place(row).top + 24] as const,
      );
      const gate = element.querySelector('[data-gate]');
      const next = { height, rows: Object.fromEntries(rows), gate: gate && place(gate) };
      setMeasured((known) => (JSON.stringify(known) === JSON.stringify(next) ? known : next));
    };
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    const changes = new MutationObserver(measure);
    changes.observe(element, { childList: true, subtree: true });
    return () => {
      observer.disconnect();
      changes.disconnect();
    };
  }, [list]);
  return measured;
}

/** The room that the rule and its leaders take (px). */
export function ruleWidth(isNarrow: boolean): number {
  const size = isNarrow ? 'narrow' : 'wide';
  return RULE[size] + LEADERS[size];
}
