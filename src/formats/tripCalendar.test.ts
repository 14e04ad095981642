/** @jest-environment node */
import ICAL from 'ical.js';
import { tripCalendar, type CalendarLine } from './tripCalendar';

const NOW = '2026-11-23T08:00:00.000Z';
const LINES: CalendarLine[] = [
  {
    id: 'trip tarrow-ness',
    title: 'Tarrow Ness',
    details: [],
    startsOn: '2026-11-27',
    endsOn: '2026-12-02',
    isBusy: true,
  },
  {
    id: 'trip tarrow-ness evening 0',
    title: 'Edges: Bracken; 14 min',
    details: [
      'file, eight times in ten, at 25° per side, by the crew’s own rod of 30 µm and a strop',
    ],
    startsOn: '2026-11-27',
  },
];

const eventsOf = (file: string): ICAL.Component[] =>
  new ICAL.Component(ICAL.parse(file) as unknown[]).getAllSubcomponents('vevent');

describe('a trip as a calendar', () => {
  const file = tripCalendar(LINES, NOW);

  it('is whole by RFC 5545: one calendar, its events, lines ended by CR LF and folded at 75 octets', () => {
    expect(file.startsWith('BEGIN:VCALENDAR\r\n')).toBe(true);
    expect(file.trimEnd().endsWith('END:VCALENDAR')).toBe(true);
    expect(file.match(/BEGIN:VEVENT/g)).toHaveLength(2);
    expect(file.match(/END:VEVENT/g)).toHaveLength(2);
    const lines = file.split('\r\n');
    for (const line of lines) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    expect(lines.join('')).not.toMatch(/[\r\n]/);
    expect(file).not.toContain('DURATION');
  });

  it('holds whole days, and escapes what separates', () => {
    expect(file).toContain('DTSTART;VALUE=DATE:20261127');
    expect(file).toContain('DTEND;VALUE=DATE:20261202');
    expect(file).toContain('DTEND;VALUE=DATE:20261128');
    expect(file).toContain('Edges: Bracken\\; 14 min');
  });

  it('is read back by a parser that knows nothing of its writer', () => {
    const events = eventsOf(file).map((component) => new ICAL.Event(component));
    expect(
      events.map(({ summary, description, startDate }) => [
        summary,
        description,
        startDate.toString(),
      ]),
    ).toEqual([
      ['Tarrow Ness', null, '2026-11-27'],
      ['Edges: Bracken; 14 min', LINES[1]!.details[0], '2026-11-27'],
    ]);
    expect(events.every(({ startDate }) => startDate.isDate)).toBe(true);
  });

  it('keeps each line’s identity: imported twice, the later takes the place of the earlier', () => {
    const shelf = new Map<string, { sequence: number; title: string }>();
    const take = (own: string): void => {
      for (const component of eventsOf(own)) {
        const event = new ICAL.Event(component);
        const known = shelf.get(event.uid);
        expect(component.getFirstPropertyValue('last-modified')).not.toBeNull();
        if (!known || event.sequence > known.sequence) {
          shelf.set(event.uid, { sequence: event.sequence, title: event.summary });
        }
      }
    };
    take(file);
    const changed = LINES.map((line) => ({ ...line, title: `${line.title}, changed` }));
    take(tripCalendar(changed, '2026-11-24T08:00:00.000Z'));
    take(tripCalendar(changed, '2026-11-24T08:00:00.000Z'));
    expect(shelf.size).toBe(2);
    expect([...shelf.values()].every(({ title }) => title.endsWith('changed'))).toBe(true);
    // Another trip's lines are others.
    take(tripCalendar([{ ...LINES[0]!, id: 'trip osier-cut' }], NOW));
    expect(shelf.size).toBe(3);
  });

  it('leaves the day free for a chore, and has nothing that is past or years away', () => {
    const transp = eventsOf(file).map((own) => own.getFirstPropertyValue('transp'));
    expect(transp).toEqual(['OPAQUE', 'TRANSPARENT']);
    const others = ['2026-11-20', '2048-01-01'].map((startsOn) => ({ ...LINES[1]!, startsOn }));
    expect(eventsOf(tripCalendar([...others, LINES[1]!], NOW))).toHaveLength(1);
  });

  it('is refused where a day is none', () => {
    expect(() =>
      tripCalendar([{ id: 'x', title: 'x', details: [], startsOn: 'soon' }], NOW),
    ).toThrow();
  });
});
