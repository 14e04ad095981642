import { createEvents, type DateArray, type EventAttributes } from 'ics';

/** One thing to do at a day of a trip, or before it. */
export interface CalendarLine {
  title: string;
  /** What it consists of, a line each. */
  details: readonly string[];
  /** A day, like 2026-11-30; several days where there is an end, which is the day after the last. */
  startsOn: string;
  endsOn?: string;
}

/**
 * Lines as an iCalendar file (RFC 5545), whole days each. Throws where the calendar cannot be written,
 * with what it says.
 */
export function tripCalendar(lines: readonly CalendarLine[]): string {
  const { value, error } = createEvents(
    lines.map(({ title, details, startsOn, endsOn }, i): EventAttributes => ({
      uid: `${i}-${startsOn}@open-trail`,
      productId: 'open-trail',
      title,
      description: details.join('\n'),
      start: dateArray(startsOn),
      ...(endsOn ? { end: dateArray(endsOn) } : { duration: { days: 1 } }),
    })),
  );
  if (typeof value !== 'string') throw error ?? new Error('the calendar cannot be written');
  return value;
}

function dateArray(day: string): DateArray {
  return day.split('-').map(Number) as unknown as DateArray;
}
