import { DEFAULT_PACE, handOf, zoneStates } from '../../../core';
import { sample } from '../../../testing/sample';
import { cardSides } from './cardSides';
import { cardSvg } from './cardSvg';

const trip = sample.trips.find(({ id }) => id === 'tarrow-ness')!;
const hand = handOf({
  tools: sample.tools,
  sessions: sample.sessions,
  shelf: sample,
  pace: DEFAULT_PACE,
});
const edges = zoneStates(sample).filter(({ tool }) => trip.toolIds.includes(tool.id));

function sidesOf(change: Partial<typeof trip> = {}, now = `${trip.startsOn}T12:00:00.000Z`) {
  return cardSides({
    trip: { ...trip, ...change },
    edges,
    shelf: sample,
    helpers: sample.helpers,
    hand,
    now,
    coinThicknessMm: 2.33,
    person: '',
  });
}

describe('the sides of a field card', () => {
  it('have every edge once with its angle, its lift and strokes, and the cautions once', () => {
    const sides = sidesOf();
    const rows = sides.flatMap((side) => side.rows);
    expect(rows).toHaveLength(edges.length);
    for (const { angle, hold, steps } of rows) {
      expect(angle).toMatch(/^\d+(\.\d)?°$/);
      expect(hold).toMatch(/mm|flat/);
      steps.forEach(({ strokes }) => expect(Number(strokes)).toBeGreaterThan(0));
    }
    expect(sides.filter(({ cautions }) => cautions.length > 0)).toHaveLength(1);
    expect(sides.at(-1)!.mats).toEqual([]);
  });

  it('list the packed kit and nothing else, what stays in the vehicle by itself', () => {
    const carried = [
      { itemId: 'puck', place: 'pack' as const, packed: true, used: null },
      { itemId: 'water-stone', place: 'workshop' as const, packed: false, used: null },
    ];
    expect(sidesOf({ carried }).at(-1)!.mats).toEqual([
      { name: 'In the pack', grams: '265 g', things: ['puck'] },
      { name: 'In the vehicle', grams: '680 g', things: ['bench water stone'] },
    ]);
  });

  it('have strokes with nothing but the kit, before the trip and on it', () => {
    const carried = ['paper-400', 'belt'].map((itemId) => ({
      itemId,
      place: 'pack' as const,
      packed: false,
      used: null,
    }));
    for (const now of ['2020-01-01T12:00:00.000Z', `${trip.startsOn}T12:00:00.000Z`]) {
      const rows = sidesOf({ carried }, now).flatMap((side) => side.rows);
      const names = new Set(rows.flatMap(({ steps }) => steps.map(({ name }) => name)));
      expect(names.size).toBeGreaterThan(0);
      for (const name of names) expect(name).toMatch(/^(paper strips P400|trouser belt)/);
    }
  });

  it('say so where nothing carried works an edge', () => {
    const none = [{ itemId: 'crayon-1', place: 'pack' as const, packed: true, used: null }];
    const fine = sidesOf({ carried: none }).flatMap((side) => side.rows);
    expect(fine.some(({ steps }) => steps.length === 0)).toBe(true);
  });
});

describe('a side as SVG', () => {
  it('is well formed, whatever tools are called', () => {
    const odd = 'Ax & "son" <of> a file';
    const [side] = sidesOf({ name: odd });
    const svg = cardSvg({
      ...side!,
      rows: side!.rows.map((row) => ({ ...row, name: odd, watch: odd })),
    });
    const parsed = new DOMParser().parseFromString(svg, 'image/svg+xml');
    expect(parsed.querySelector('parsererror')).toBeNull();
    expect(parsed.documentElement.getAttribute('width')).toBe('148mm');
    const words = [...parsed.querySelectorAll('text')].map(({ textContent }) => textContent);
    expect(words.filter((text) => text === odd)).toHaveLength(1 + side!.rows.length);
    for (const { angle, hold, steps } of side!.rows) {
      expect(words).toEqual(expect.arrayContaining([angle, ...hold.split(', ')]));
      for (const { strokes } of steps) expect(words).toContain(`${strokes} a side`);
    }
  });
});
