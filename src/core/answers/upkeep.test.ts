import { upkeepAnswer } from '.';
import type { Session } from '../../domain/session';
import { sample } from '../../testing/sample';

const [like] = sample.sessions.filter(
  ({ toolId, job, steps }) => toolId === 'wren' && job === 'touch-up' && steps[0]!.kind === 'stone',
);
const at = (day: number): string =>
  new Date(Date.parse('2026-01-01T10:00:00.000Z') + day * 86_400_000).toISOString();
const onStone = (day: number): Session => ({
  ...like!,
  id: `stone-${day}`,
  startedAt: at(day),
  finishedAt: at(day),
  steps: [{ ...like!.steps[0]!, task: 'restore the apex', left: 20, right: 20 }],
});
const onStrop = (day: number): Session => ({
  ...like!,
  id: `strop-${day}`,
  job: 'upkeep',
  startedAt: at(day),
  finishedAt: at(day),
  steps: [{ ...like!.steps[0]!, kind: 'strop', task: 'strop', left: 5, right: 5 }],
});
const of = (...sessions: Session[]) =>
  upkeepAnswer(sessions, { toolId: 'wren', zoneId: like!.zoneId });

it('the days between two stones are told apart by whether the edge was kept up in between', () => {
  const log = [0, 9, 18, 42].map(onStone);
  const answer = of(...log, onStrop(24), onStrop(31), onStrop(50));
  expect(answer).toMatchObject({ withDays: 24, withoutDays: 9, strops: 3, stoneAt: at(42) });
  expect(answer.since).toEqual([at(50)]);
});

it('says nothing that the log does not hold', () => {
  expect(of()).toMatchObject({ withDays: null, withoutDays: null, stoneAt: null, since: [] });
  expect(of(onStone(0), onStrop(3), onStone(8))).toMatchObject({ withDays: null, withoutDays: 8 });
});
