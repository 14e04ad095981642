import { passedTest } from '../../domain/observation';
import { sample } from '../../testing/sample';
import { compareEntries } from './compareEntries';

const [entry] = sample.sessions.filter(({ toolId }) => toolId === 'wren');
const scaled = (times: number) => ({
  ...entry!,
  steps: entry!.steps.map((step) => ({
    ...step,
    left: times * step.left,
    right: times * step.right,
    activeSeconds: times * step.activeSeconds,
  })),
});

it('says by how much strokes and time differ, and how the edge came and was left', () => {
  const seen = (test: 'shaves' | 'tears-paper') => ({ tests: [passedTest(test)], findings: [] });
  const newer = { ...scaled(2), before: seen('shaves'), after: seen('tears-paper') };
  const older = { ...entry!, before: seen('tears-paper'), after: seen('tears-paper') };
  expect(compareEntries(older, newer)).toEqual({
    strokes: 1,
    minutes: 1,
    before: 'keener',
    after: 'the same',
  });
  expect(compareEntries(newer, older)).toMatchObject({ strokes: -0.5, before: 'rounder' });
  const untested = { ...older, before: { tests: [], findings: [] } };
  expect(compareEntries(untested, newer).before).toBeNull();
  expect(compareEntries({ ...older, steps: [] }, newer)).toMatchObject({ strokes: 0, minutes: 0 });
});
