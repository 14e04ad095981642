import { sample } from '../../testing/sample';
import { dayIn, isPast, movedTo } from './entryDay';

const entry = sample.sessions[0]!;

it('moves an entry to another day with all of its moments, and leaves it on its own', () => {
  expect(movedTo(entry, dayIn(entry.startedAt))).toBe(entry);
  const moved = movedTo(entry, '2025-06-01');
  expect(dayIn(moved.startedAt)).toBe('2025-06-01');
  const lasted = (session: typeof entry): number =>
    Date.parse(session.finishedAt!) - Date.parse(session.startedAt);
  expect(lasted(moved)).toBe(lasted(entry));
  moved.steps.forEach((step, i) => {
    const by = Date.parse(step.finishedAt!) - Date.parse(entry.steps[i]!.finishedAt!);
    expect(by).toBe(Date.parse(moved.startedAt) - Date.parse(entry.startedAt));
  });
  expect(movedTo(moved, dayIn(entry.startedAt))).toEqual(entry);
});

it('takes today and what is past, and nothing else for a day', () => {
  expect(isPast(dayIn(new Date().toISOString()))).toBe(true);
  expect(isPast('2020-02-29')).toBe(true);
  expect([isPast('2999-01-01'), isPast(''), isPast('no day')]).toEqual([false, false, false]);
});
