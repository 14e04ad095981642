/** @jest-environment node */
import ICAL from 'ical.js';
import { tripCalendar } from './tripCalendar';

describe('a trip as a calendar', () => {
  const file = tripCalendar([
    { title: 'Tarrow Ness', details: [], startsOn: '2026-11-27', endsOn: '2026-12-02' },
    {
      title: 'Edges: Bracken; 14 min',
      details: ['file, eight times in ten'],
      startsOn: '2026-11-27',
    },
  ]);

  it('is whole by RFC 5545: one calendar, its events, lines ended by CR LF and folded', () => {
    expect(file.startsWith('BEGIN:VCALENDAR\r\n')).toBe(true);
    expect(file.trimEnd().endsWith('END:VCALENDAR')).toBe(true);
    expect(file.match(/BEGIN:VEVENT/g)).toHaveLength(2);
    expect(file.match(/END:VEVENT/g)).toHaveLength(2);
    file.split('\r\n').forEach((line) => expect(line.length).toBeLessThanOrEqual(75));
  });

  it('holds whole days, and escapes what separates', () => {
    expect(file).toContain('DTSTART;VALUE=DATE:20261127');
    expect(file).toContain('DTEND;VALUE=DATE:20261202');
    expect(file).toContain('Edges: Bracken\\; 14 min');
  });

  it('is read back by a parser that knows nothing of its writer', () => {
    const events = new ICAL.Component(ICAL.parse(file) as unknown[])
      .getAllSubcomponents('vevent')
      .map((component) => new ICAL.Event(component));
    expect(
      events.map(({ summary, description, startDate }) => [
        summary,
        description,
        startDate.toString(),
      ]),
    ).toEqual([
      ['Tarrow Ness', null, '2026-11-27'],
      ['Edges: Bracken; 14 min', 'file, eight times in ten', '2026-11-27'],
    ]);
    expect(events.every(({ startDate }) => startDate.isDate)).toBe(true);
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(2);
  });

  it('is refused where a day is none', () => {
    expect(() => tripCalendar([{ title: 'x', details: [], startsOn: 'soon' }])).toThrow();
  });
});
