import type { CalendarLine } from '../formats/tripCalendar';
import { downloadText } from './download';
import { saying } from './saying';

/** Saves lines as a calendar file; the writer loads when it is wanted. What goes wrong is said. */
export function saveCalendar(fileName: string, lines: readonly CalendarLine[]): Promise<void> {
  return saying(async () => {
    const { tripCalendar } = await import('../formats/tripCalendar');
    downloadText(fileName, tripCalendar(lines, new Date().toISOString()), 'text/calendar');
  });
}
