import { passedTest, readGrams } from '../../domain/observation';
import type { EdgeTest, Session } from '../../domain/session';
import { sample } from '../../testing/sample';
import { placeProgress } from '.';

const [walked] = sample.sessions.filter(({ steps }) => steps.length > 1);

/** A session with these tests before, and at its steps in turn. */
function tested(before: EdgeTest[], ...steps: EdgeTest[][]): Session {
  return {
    ...walked!,
    before: { tests: before, findings: [] },
    after: { tests: [], findings: [] },
    steps: steps.map((tests, i) => ({ ...walked!.steps[Math.min(i, 1)]!, tests })),
  };
}
const at = (test: EdgeTest, strokes: number): EdgeTest => ({ ...test, strokes });

describe('progress by place', () => {
  it('is one line where only the whole edge was tested', () => {
    const [line, ...others] = placeProgress(
      tested([passedTest('tears-paper')], [passedTest('shaves')]),
    );
    expect(others).toEqual([]);
    expect(line!.before!.apexRadiusUm).toBeCloseTo(4, 9);
    expect(line!.now!.apexRadiusUm).toBeCloseTo(0.5, 9);
  });

  it('goes heel to tip, the whole edge standing for places without a test of their own', () => {
    const lines = placeProgress(
      tested(
        [passedTest('tears-paper')],
        [passedTest('shaves', 'heel'), passedTest('slices-paper', 'tip')],
      ),
    );
    expect(lines.map(({ place }) => place)).toEqual(['heel', 'tip']);
    expect(lines.map(({ before }) => before!.apexRadiusUm)).toEqual(
      [4, 4].map((r) => expect.closeTo(r)),
    );
    expect(lines[1]!.now!.apexRadiusUm).toBeGreaterThan(lines[0]!.now!.apexRadiusUm);
  });

  it('takes the newest readings of one moment together, never those of an earlier count', () => {
    const readings = [200, 150, 156, 144].map((grams, i) =>
      at(readGrams(grams, 'tip'), i < 1 ? 4 : 9),
    );
    const [three] = placeProgress(tested([], readings));
    const [one] = placeProgress(tested([], readings.slice(0, 2)));
    expect(three!.now!.sdLn).toBeLessThan(one!.now!.sdLn);
    expect(three!.before).toBeNull();
  });

  it('stays at the last step that was tested', () => {
    const [line] = placeProgress(tested([], [passedTest('shaves')], []));
    expect(line!.now!.apexRadiusUm).toBeCloseTo(0.5, 9);
  });
});
