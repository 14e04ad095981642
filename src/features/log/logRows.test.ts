import { sample } from '../../testing/sample';
import { workedEdge, findRows, logRows, testWords } from './logRows';
import { passedTest } from '../../domain/observation';

const rows = logRows(sample.sessions, sample.tools);

describe('the log', () => {
  it('has a line for every finished touch-up and none for one under way', () => {
    expect(rows).toHaveLength(sample.sessions.length);
    const underWay = { ...sample.sessions[0]!, id: 'now', finishedAt: null };
    expect(logRows([...sample.sessions, underWay], sample.tools)).toHaveLength(
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

  it('is found by tool and by any of its words, notes included', () => {
    expect(findRows(rows, '', '')).toHaveLength(sample.sessions.length);
    expect(findRows(rows, 'Wren', '').every(({ toolName }) => toolName === 'Wren')).toBe(true);
    expect(findRows(rows, '', '  HIT A WIRE ')).toHaveLength(1);
    expect(findRows(rows, 'Wren', 'hit a wire')).toHaveLength(0);
    expect(findRows(rows, '', 'puck').length).toBeGreaterThan(1);
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
