import { careRows } from '../../core/care';
import { sample } from '../../testing/sample';
import { sampleStandings } from '../../testing/sampleStandings';
import { gateWork } from './gateWork';

const trip = sample.trips.find(({ id }) => id === 'tarrow-ness')!;
const { needs, surfaceUse } = sampleStandings();
const now = '2026-11-23T08:00:00.000Z';
const care = careRows({
  tools: sample.tools,
  shelf: sample,
  surfaceUse,
  inspections: sample.inspections,
  care: sample.care,
  spines: new Map(),
  trips: [],
  trip,
  now,
});

describe('what a trip wants done before it', () => {
  it('is its edges first, then care, what takes longest first, like work in one line', () => {
    const [edges, ...rest] = gateWork(trip, needs, care, now);
    expect(edges!.words).toMatch(/^\d edges$/);
    const minutes = rest.map((line) => line.minutes);
    expect(minutes).toEqual([...minutes].sort((a, b) => b - a));
    expect(new Set(rest.map(({ words }) => words)).size).toBe(rest.length);
    expect(rest.map(({ words }) => words)).toContain('wax sheaths');
  });

  it('has the first test of an edge in front, and nothing of a tool that a rule keeps at home', () => {
    const bare = needs.map((need) =>
      need.tool.id === 'wren'
        ? { ...need, state: { ...need.state, word: 'unknown' as const, apex: null }, plan: null }
        : need,
    );
    expect(gateWork(trip, bare, care, now)[0]).toEqual({ words: 'test 1 edge', minutes: 1 });
    const forbidden = [{ toolId: 'wren', rule: 'forbidden there' }];
    expect(gateWork({ ...trip, forbidden }, bare, care, now)[0]!.words).toMatch(/^\d edges$/);
  });

  it('is care alone where the edges that go need nothing, and nothing where nothing goes', () => {
    expect(gateWork(trip, [], care, now)[0]!.words).not.toMatch(/edge/);
    expect(gateWork({ ...trip, toolIds: [] }, needs, [], now)).toEqual([]);
  });
});
