import { logWords as say } from './words';
import { addDays, differenceInCalendarDays, formatISO, isValid, parseISO } from 'date-fns';
import type { Session } from '../../domain/session';
import { clockNow } from '../../domain/clock';

/** The day of a moment as a date field has it. */
export function dayIn(iso: string): string {
  return formatISO(parseISO(iso), { representation: 'date' });
}

/** Whether a date field holds a day that does not lie ahead. */
export function isPast(day: string): boolean {
  const at = parseISO(day);
  return isValid(at) && differenceInCalendarDays(at, clockNow()) <= 0;
}

/** What is wrong with the day that something of a moment is moved to; null where nothing is, or where it stays. */
export function dayFault(iso: string, day: string): string | null {
  const isOk = day === dayIn(iso) || isPast(day);
  return isOk ? null : say.theDayMustNotLie;
}

/** A moment at the same hour on another day, as a date field has it. */
export function onDay(iso: string, day: string): string {
  const days = differenceInCalendarDays(parseISO(day), parseISO(iso));
  return days === 0 ? iso : addDays(parseISO(iso), days).toISOString();
}

/** An entry on another day, at the same hour: all of its moments move with it. */
export function movedTo(session: Session, day: string): Session {
  const startedAt = onDay(session.startedAt, day);
  if (startedAt === session.startedAt) return session;
  const days = differenceInCalendarDays(parseISO(day), parseISO(session.startedAt));
  const moved = (iso: string): string => addDays(parseISO(iso), days).toISOString();
  const orNull = (iso: string | null): string | null => iso && moved(iso);
  return {
    ...session,
    startedAt,
    finishedAt: orNull(session.finishedAt),
    pausedAt: orNull(session.pausedAt),
    steps: session.steps.map((step) => ({ ...step, finishedAt: orNull(step.finishedAt) })),
  };
}
