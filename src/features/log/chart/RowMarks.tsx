import { logChartWords as say } from './words';
import { useRouter } from 'next/navigation';
import { useRef, useState, type KeyboardEvent } from 'react';
import type { CourseEntry } from '../../../core/answers';
import { um } from '../../../ui/format';
import { WORK_MARK_WORDS, WorkSignAt } from '../../../ui/WorkSign';

/** An entry with the place of its mark. */
export interface PlacedEntry {
  entry: CourseEntry;
  x: number;
  y: number;
}

/** Marks nearer than this (px) to the next would lie on each other: the newest of them is drawn. */
const LEAST_APART = 5;

/** The marks that have room, oldest first. */
function roomFor(placed: readonly PlacedEntry[]): PlacedEntry[] {
  const drawn: PlacedEntry[] = [];
  for (const next of [...placed].sort((a, b) => b.x - a.x)) {
    const last = drawn.at(-1);
    if (!last || last.x - next.x >= LEAST_APART || Math.abs(last.y - next.y) > 14) drawn.push(next);
  }
  return drawn.reverse();
}

/** The entries of a row by their marks: one stop of the keyboard, arrows from mark to mark. */
export function RowMarks(props: {
  label: string;
  placed: readonly PlacedEntry[];
  pointed: string | null;
  onPoint: (id: string | null) => void;
}) {
  const { label, placed, pointed, onPoint } = props;
  const router = useRouter();
  const group = useRef<SVGGElement>(null);
  const [stop, setStop] = useState<string | null>(null);
  const drawn = roomFor(placed);
  const stopAt = drawn.some(({ entry }) => entry.id === stop) ? stop : drawn.at(-1)?.entry.id;
  const move = (event: KeyboardEvent): void => {
    const steps = { ArrowLeft: -1, ArrowRight: 1, Home: -Infinity, End: Infinity }[event.key];
    if (steps === undefined) return;
    event.preventDefault();
    const here = drawn.findIndex(({ entry }) => entry.id === stopAt);
    const next = Math.min(drawn.length - 1, Math.max(0, here + steps));
    setStop(drawn[next]!.entry.id);
    group.current!.querySelectorAll('a')[next]?.focus();
  };
  return (
    <g ref={group} role="group" aria-label={label} onKeyDown={move}>
      {drawn.map(({ entry, x, y }) => {
        const href = `/log/entry?id=${entry.id}`;
        return (
          <a
            key={entry.id}
            href={href}
            tabIndex={entry.id === stopAt ? 0 : -1}
            aria-label={nameOf(entry)}
            className="log-mark"
            onClick={(event) => {
              event.preventDefault();
              router.push(href);
            }}
            onFocus={() => onPoint(entry.id)}
            onBlur={() => onPoint(null)}
            onPointerEnter={() => onPoint(entry.id)}
            onPointerLeave={() => onPoint(null)}
          >
            <circle cx={x} cy={y} r={12} fill="transparent" />
            {entry.id === pointed && (
              <circle cx={x} cy={y} r={11} fill="none" stroke="var(--ink)" strokeWidth={2.4} />
            )}
            <WorkSignAt mark={entry.mark} x={x} y={y} />
          </a>
        );
      })}
    </g>
  );
}

function nameOf({ at, mark, before, after }: CourseEntry): string {
  const from = before ? um(before.apexUm) : 'untested';
  const to = after ? um(after.apexUm) : 'untested';
  const work = WORK_MARK_WORDS[mark];
  return mark === 'hook' ? say.hookMarkOf(at, work) : say.markOf(at, work, from, to);
}
