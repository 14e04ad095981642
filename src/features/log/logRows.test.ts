import { sample } from '../../testing/sample';
import { findRows, NO_FILTER, type LogFilter } from './logFilter';
import { testWords, workedEdge } from '../../ui/words/entryWords';
import { logRows } from './logRows';
import { passedTest } from '../../domain/observation';

const rows = logRows(sample.sessions, sample.tools, sample.trips);

describe('the log', () => {
  it('has a line for every finished touch-up and none for one under way', () => {
    expect(rows).toHaveLength(sample.sessions.length);
    const underWay = { ...sample.sessions[0]!, id: 'now', finishedAt: null };
    expect(logRows([...sample.sessions, underWay], sample.tools, sample.trips)).toHaveLength(
      sample.sessions.length,
    );
  });

  it('adds up strokes and time of all steps', () => {
    const session = sample.sessions[0]!;
    const row = rows.find(({ id }) => id === session.id)!;
    const strokes = session.steps.flatMap(({ left, right }) => [left, right]);
    expect(row.strokes).toBe(strokes.reduce((a, b) => a + b, 0));
    const seconds = session.steps.reduce((sum, { activeSeconds }) => sum + activeSeconds, 0);
    expect(row.minutes).toBeCloseTo(seconds / 60, 9);
  });

  it('names zones only where there are several, and tools that were taken down', () => {
    const toolOf = (id: string) => sample.tools.find((tool) => tool.id === id);
    const of = (toolId: string) => sample.sessions.find((s) => s.toolId === toolId)!;
    expect(workedEdge(of('wren'), toolOf('wren'))).toBe('Wren');
    expect(workedEdge(of('bracken'), toolOf('bracken'))).toMatch(/^Bracken, /);
    expect(workedEdge(of('wren'), undefined)).toBe('a tool taken down');
  });

  const found = (filter: Partial<LogFilter>) => findRows(rows, { ...NO_FILTER, ...filter });

  it('is found by tool and by any of its words, notes included', () => {
    expect(found({})).toHaveLength(sample.sessions.length);
    expect(found({ tool: 'Wren' }).every(({ toolName }) => toolName === 'Wren')).toBe(true);
    expect(found({ words: '  HIT A WIRE ' })).toHaveLength(1);
    expect(found({ tool: 'Wren', words: 'hit a wire' })).toHaveLength(0);
    expect(found({ words: 'puck' }).length).toBeGreaterThan(1);
  });

  it('is found by trip, by who carried it, by thing, by work and by days, and by all of them', () => {
    const onTrip = found({ trip: 'stane-bothy' });
    expect(onTrip.length).toBeGreaterThan(0);
    expect(onTrip.every(({ where }) => where === 'Stane Bothy')).toBe(true);
    expect(found({ person: 'Fenn' }).map(({ toolName }) => toolName)).toEqual(['Old Hob']);
    expect(found({ abrasive: 'belt' }).every(({ abrasives }) => /belt/.test(abrasives))).toBe(true);
    expect(found({ mark: 'hone' }).map(({ toolName }) => toolName)).toEqual(['Sprig']);
    const span = [Date.parse('2026-09-15'), Date.parse('2026-10-31')] as const;
    const autumn = found({ span });
    const inside = sample.sessions.filter(
      ({ startedAt }) => startedAt > '2026-09-15' && startedAt < '2026-10-31',
    );
    expect(autumn).toHaveLength(inside.length);
    expect(found({ span, mark: 'strop', tool: 'Plover' })).toHaveLength(1);
  });

  it('says the last test, or that there was none', () => {
    const findings: [] = [];
    expect(testWords({ tests: [], findings })).toBe('not tested');
    expect(testWords({ tests: [passedTest('blunt'), passedTest('shaves')], findings })).toBe(
      'shaves, both ways',
    );
    const grams = { ...passedTest(null), grams: 160 };
    expect(testWords({ tests: [grams], findings })).toBe('160 g');
  });
});
