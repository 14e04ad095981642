import { putAway } from '.';
import type { Session } from '../../domain/session';
import { sample } from '../../testing/sample';

const [worked] = sample.sessions.filter(({ toolId }) => toolId === 'wren');
const on = (toolId: string, itemId: string): Session => ({
  ...worked!,
  toolId,
  steps: [{ ...worked!.steps[0]!, kind: 'stone', itemId, left: 20, right: 20 }],
});
const idsOf = (sessions: Session[]) =>
  Object.fromEntries(
    putAway(sessions, sample.tools, sample.abrasives).map(({ doing, things }) => [
      doing,
      things.map(({ id }) => id),
    ]),
  );

it('after work wet stones are washed, edges dried, steel that rusts waxed, sheaths put on', () => {
  const done = idsOf([on('wren', 'fine-plate/fine'), on('tern', 'fine-plate/fine')]);
  expect(done.scrub).toEqual(['fine-plate']);
  expect(done.dry!.sort()).toEqual(['tern', 'wren']);
  const rusts = sample.tools.find(({ id }) => id === 'wren')!.steel.stainless;
  expect(rusts).toBe('no');
  expect(done.film).toContain('wren');
  expect(done.film).not.toContain('tern');
  for (const id of done.sheathe ?? [])
    expect(sample.tools.find((tool) => tool.id === id)!.sheath).not.toBe('none');
});

it('a dry file wants no washing, and what was not worked nothing', () => {
  expect(idsOf([on('old-hob', 'mill-file/face')]).scrub).toBeUndefined();
  expect(putAway([], sample.tools, sample.abrasives)).toEqual([]);
});
