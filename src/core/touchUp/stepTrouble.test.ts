import fc from 'fast-check';
import { sample } from '../../testing/sample';
import { stepTrouble } from '.';
import type { SessionStep } from '../../domain/session';
import { isSpineTask, STEP_TASKS } from '../../domain/terms';

const planned = sample.sessions
  .flatMap(({ steps }) => steps)
  .find(({ kind, task }) => kind === 'stone' && task === 'restore the apex')!;
const step = (change: Partial<SessionStep>): SessionStep => ({
  ...planned,
  plannedPerSide: 40,
  left: 0,
  right: 0,
  activeSeconds: 0,
  ...change,
});
const kinds = (change: Partial<SessionStep>): string[] =>
  stepTrouble(step(change)).map(({ kind }) => kind);

it('a step that goes as planned has no trouble', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 79 }), fc.integer({ min: -5, max: 5 }), (left, off) => {
      const right = Math.min(79, Math.max(0, left + off));
      expect(kinds({ left, right, activeSeconds: 1799 })).toEqual([]);
    }),
  );
});

it('twice what was planned, or half an hour, says so', () => {
  expect(kinds({ left: 80, right: 78 })).toEqual(['twice the estimate']);
  expect(kinds({ activeSeconds: 1800 })).toEqual(['half an hour']);
  expect(kinds({ left: 99, right: 97, activeSeconds: 4000 })).toEqual([
    'twice the estimate',
    'half an hour',
  ]);
  // Where no count was planned there is none to pass.
  expect(kinds({ plannedPerSide: 0, left: 99, right: 97 })).toEqual([]);
});

it('sides that drift apart are told once both are on their way, the fuller one named', () => {
  expect(stepTrouble(step({ left: 40, right: 30 }))).toEqual([
    { kind: 'sides apart', more: 'left', strokes: 10 },
  ]);
  expect(stepTrouble(step({ left: 25, right: 38 }))).toEqual([
    { kind: 'sides apart', more: 'right', strokes: 13 },
  ]);
  // One side after the other is how it is done.
  expect(kinds({ left: 40, right: 0 })).toEqual([]);
  expect(kinds({ left: 26, right: 21 })).toEqual([]);
});

it('work on a spine is counted by its scrapes, not by a plan', () => {
  for (const task of STEP_TASKS.filter(isSpineTask))
    expect(kinds({ task, left: 200, right: 0, activeSeconds: 4000 })).toEqual([]);
});
