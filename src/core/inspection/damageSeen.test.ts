import { finding, passedTest } from '../../domain/observation';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Finding, Inspection } from '../../domain/session';
import { sample } from '../../testing/sample';
import { damageLooks, damageOnce } from '.';

const bracken = sample.tools.find(({ id }) => id === 'bracken')!;
const [fine, chop] = ['fine', 'chop'].map((id) => bracken.zones.find((zone) => zone.id === id)!);
const like = sample.sessions.find(({ zoneId }) => zoneId === 'chop')!;

const look = (day: string, findings: Finding[], zoneId = 'chop'): Inspection => ({
  ...sample.inspections[0]!,
  id: day,
  toolId: 'bracken',
  zoneId,
  at: `${day}T12:00:00.000Z`,
  seen: { tests: [passedTest('slices-paper')], findings },
});
const touchUp = (day: string, findings: Finding[], task: 'grind out damage' | 'strop') => {
  const at = `${day}T18:00:00.000Z`;
  const session: LoggedSession = {
    ...like,
    id: day,
    startedAt: at,
    finishedAt: at,
    job: 'touch-up',
    before: { tests: [], findings },
    after: { tests: [], findings: task === 'strop' ? findings : [] },
    steps: [{ ...like.steps[0]!, task }],
  };
  return session;
};
const counted = (sessions: LoggedSession[], looks: Inspection[], zone = chop!) =>
  damageOnce(damageLooks(zone, sessions, looks), zone).map(({ at, found }) => [
    at.slice(0, 10),
    found.atMm,
    found.cause,
  ]);

describe('damage in a log', () => {
  const chip = finding('chip', 205, 0.06);

  it('counts once while it is open, however often it is seen', () => {
    const near = finding('chip', 207, 0.06);
    const looks = [look('2026-03-01', [chip]), look('2026-03-05', [near])];
    expect(counted([touchUp('2026-03-09', [chip], 'strop')], looks)).toEqual([
      ['2026-03-01', 205, 'work'],
    ]);
  });

  it('counts again once it was ground out', () => {
    const sessions = [touchUp('2026-03-09', [chip], 'grind out damage')];
    expect(counted(sessions, [look('2026-03-01', [chip]), look('2026-04-01', [chip])])).toEqual([
      ['2026-03-01', 205, 'work'],
      ['2026-04-01', 205, 'work'],
    ]);
  });

  it('tells a chip from a roll, and one place from another', () => {
    const found = [chip, finding('roll', 205, 0.05), finding('chip', 262, 0.05)];
    expect(counted([], [look('2026-03-01', found)])).toHaveLength(3);
    expect(counted([], [look('2026-03-01', [finding('burr', 70, 0)])])).toEqual([]);
  });

  it('is misuse where nothing hard may strike, unless it was said otherwise', () => {
    const unknown = finding('chip', 40, 0.06, { cause: 'unknown' });
    const own = { ...fine!, noImpacts: true };
    expect(counted([], [look('2026-03-01', [unknown], 'fine')], own)[0]![2]).toBe('misuse');
    const factory = finding('chip', 40, 0.06, { cause: 'factory' });
    expect(counted([], [look('2026-03-01', [factory], 'fine')], own)[0]![2]).toBe('factory');
  });

  it('is that of its own zone alone', () => {
    expect(counted([], [look('2026-03-01', [chip], 'fine')])).toEqual([]);
  });
});
