import { passedTest } from '../../domain/observation';
import type { LoggedSession } from '../../domain/loggedSession';
import { sample } from '../../testing/sample';
import { toolOf } from '../../testing/ladderFixtures';
import { toolEndurance } from '.';

const enduranceOf = (tool: Parameters<typeof toolEndurance>[0], sessions: LoggedSession[]) =>
  toolEndurance(tool, { sessions, inspections: [], trips: [] });

const knife = toolOf('flat-knife');
const [zone] = knife.zones;
const like = sample.sessions.find(({ steps }) => steps.some(({ kind }) => kind === 'stone'))!;
const stoneStep = like.steps.find(({ kind }) => kind === 'stone')!;

/** A touch-up on a day of May, ended on a stone of this size, of an edge that was so before and after. */
function touchUp(day: number, sizeUm: number, change: Partial<LoggedSession> = {}): LoggedSession {
  const at = `2026-05-${String(day).padStart(2, '0')}T12:00:00.000Z`;
  return {
    ...like,
    toolId: knife.id,
    zoneId: zone!.id,
    job: 'touch-up',
    startedAt: at,
    finishedAt: at,
    before: { tests: [passedTest('slices-paper')], findings: [] },
    after: { tests: [passedTest('shaves')], findings: [] },
    steps: [{ ...stoneStep, sizeUm, left: 10, right: 10 }],
    workSince: null,
    ...change,
  };
}

describe('how long a finish lasts', () => {
  it('is told in days, and in the person’s own unit where they noted their work', () => {
    const hours = { amount: 6, unit: 'hours' as const };
    const lines = enduranceOf(knife, [touchUp(1, 25), touchUp(11, 25, { workSince: hours })]);
    const tiredUm = 2.2 * zone!.targetApexUm;
    const share = (tiredUm - 0.5) / (2 - 0.5);
    expect(lines).toMatchObject([
      { finish: 'toothy', unit: 'days', untilTired: expect.closeTo(10 * share, 6), spells: 1 },
      { finish: 'toothy', unit: 'hours', untilTired: expect.closeTo(6 * share, 6) },
    ]);
  });

  it('tells finishes apart, and a strop alone keeps that of the last stone', () => {
    const stropped = touchUp(9, 0, { steps: [{ ...stoneStep, kind: 'strop', sizeUm: 1 }] });
    const lines = enduranceOf(knife, [touchUp(1, 4), stropped, touchUp(20, 25), touchUp(24, 25)]);
    expect(lines.map(({ finish, spells }) => [finish, spells])).toEqual([
      ['polished', 2],
      ['toothy', 1],
    ]);
  });

  it('says at least where the edge did not get rounder', () => {
    const stillKeen = { before: { tests: [passedTest('shaves')], findings: [] } };
    const [line] = enduranceOf(knife, [touchUp(1, 25), touchUp(8, 25, stillKeen)]);
    expect(line).toMatchObject({ untilTired: 7, isAtLeast: true });
  });

  it('is nothing of another tool, of work under way, or of an edge that nobody tested', () => {
    const untested = { after: { tests: [], findings: [] } };
    expect(enduranceOf(knife, [touchUp(1, 25, untested), touchUp(8, 25)])).toEqual([]);
    expect(enduranceOf(knife, [touchUp(1, 25), touchUp(8, 25, { finishedAt: null })])).toEqual([]);
    expect(enduranceOf(toolOf('hatchet'), [touchUp(1, 25), touchUp(8, 25)])).toEqual([]);
  });
});
