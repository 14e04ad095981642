import { addDays, differenceInMinutes, formatISO, isValid, parseISO } from 'date-fns';
import { createEvents, type DateArray, type EventAttributes } from 'ics';

/** One thing to do at a day of a trip, or before it. */
export interface CalendarLine {
  /** What it is, in words that stay: the same line in another export takes the place of this one. */
  id: string;
  title: string;
  /** What it consists of, a line each. */
  details: readonly string[];
  /** A day, like 2026-11-30; several days where there is an end, which is the day after the last. */
  startsOn: string;
  endsOn?: string;
  /** Whether it takes the day up; a chore leaves it free. */
  isBusy?: boolean;
}

/** Farther ahead nobody keeps a chore (days). */
const FARTHEST_DAYS = 1830;
/** Sequence numbers count the minutes from here: a later export has a higher one, for as long as 32 bits last. */
const FIRST_SEQUENCE = '2020-01-01T00:00:00.000Z';

/**
 * Lines as an iCalendar file (RFC 5545), whole days each. A line keeps its UID from export to export, with a
 * SEQUENCE and LAST-MODIFIED of the moment (ISO 8601), so that a calendar updates it. What is past, and what
 * is years ahead, is left out. Throws where the calendar cannot be written, with what it says.
 */
export function tripCalendar(lines: readonly CalendarLine[], now: string): string {
  const wrong = lines.find(({ startsOn }) => !isValid(parseISO(startsOn)));
  if (wrong) throw new RangeError(`${wrong.title} stands on no day: ${wrong.startsOn}`);
  const today = formatISO(parseISO(now), { representation: 'date' });
  const farthest = formatISO(addDays(parseISO(now), FARTHEST_DAYS), { representation: 'date' });
  const shown = lines.filter((line) => lastDay(line) >= today && line.startsOn <= farthest);
  const { value, error } = createEvents(
    shown.map((line): EventAttributes => ({
      uid: uidOf(line.id),
      sequence: Math.max(0, differenceInMinutes(now, FIRST_SEQUENCE)),
      lastModified: utcArray(now),
      productId: 'open-trail',
      title: line.title,
      description: line.details.join('\n'),
      start: dateArray(line.startsOn),
      // A day as its end, and not as a duration: whole days have no time.
      end: dateArray(line.endsOn ?? dayAfter(line.startsOn)),
      transp: line.isBusy ? 'OPAQUE' : 'TRANSPARENT',
    })),
  );
  if (typeof value !== 'string') throw error ?? new Error('the calendar cannot be written');
  return foldedByOctets(value);
}

function lastDay({ startsOn, endsOn }: CalendarLine): string {
  if (!endsOn) return startsOn;
  return formatISO(addDays(parseISO(endsOn), -1), { representation: 'date' });
}

function dayAfter(day: string): string {
  return formatISO(addDays(parseISO(day), 1), { representation: 'date' });
}

/** An id as the left part of a UID: what is no letter, digit or mark there is written as its code. */
function uidOf(id: string): string {
  const plain = id.replace(/[^A-Za-z0-9._-]/g, (mark) => `_${mark.codePointAt(0)!.toString(16)}`);
  return `${plain}@open-trail`;
}

const MOST_OCTETS = 75;

/** The same file with its lines folded at 75 octets (RFC 5545, 3.1), and never within a character. */
function foldedByOctets(file: string): string {
  return file
    .replace(/\r?\n[ \t]/g, '')
    .split(/\r?\n/)
    .flatMap((line) => {
      const parts: string[] = [];
      let part = '';
      for (const character of line) {
        if (octets(part) + octets(character) > MOST_OCTETS) {
          parts.push(part);
          part = ' ';
        }
        part += character;
      }
      return [...parts, part];
    })
    .join('\r\n');
}

const encoder = new TextEncoder();
const octets = (text: string): number => encoder.encode(text).length;

function dateArray(day: string): DateArray {
  return day.split('-').map(Number) as unknown as DateArray;
}

/** A moment by its parts, in UTC. */
function utcArray(at: string): DateArray {
  const parts = new Date(at)
    .toISOString()
    .split(/[-T:.]/)
    .slice(0, 5);
  return parts.map(Number) as unknown as DateArray;
}
