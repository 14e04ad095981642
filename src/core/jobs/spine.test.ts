import { planJob } from '../inspection';
import { planSpine, raisingsLeft, spineWorkDue } from '.';
import { abrasivesAtHand } from '../ladder';
import type { Session, SessionStep } from '../../domain/session';
import type { StepTask } from '../../domain/terms';
import { benchWith, usualHand } from '../../testing/bench';
import { stone, strop, toolOf } from '../../testing/ladderFixtures';
import { sample } from '../../testing/sample';

const abrasives = abrasivesAtHand(sample);
const hand = usualHand;
const machete = {
  ...toolOf('machete'),
  spine: { use: 'burnished hook' as const, raisingsLeft: 2, startMm: null, endMm: null },
};
const knife = {
  ...toolOf('scandi-knife'),
  spine: { use: 'square scraper' as const, raisingsLeft: 0, startMm: null, endMm: null },
};

let day = 0;
function onSpine(...tasks: StepTask[]): Session {
  const [like] = sample.sessions;
  const finishedAt = `2026-04-${String((day += 1)).padStart(2, '0')}T10:00:00.000Z`;
  const steps: SessionStep[] = tasks.map((task) => ({ ...like!.steps[0]!, task }));
  return { ...like!, toolId: machete.id, job: 'spine', finishedAt, steps };
}
const raise = (): Session => onSpine('raise the hook');
const file = (): Session => onSpine('file the spine square', 'stone the spine', 'raise the hook');

describe('a burnished hook', () => {
  it('is raised again two times after each filing, by the log', () => {
    expect(raisingsLeft(machete, [])).toBe(2);
    expect(raisingsLeft(machete, [raise()])).toBe(1);
    const spent = [raise(), raise(), raise()];
    expect(raisingsLeft(machete, spent)).toBe(0);
    expect(raisingsLeft(machete, [...spent, file()])).toBe(2);
    expect(raisingsLeft(machete, [...spent, file(), raise()])).toBe(1);
  });

  it('does not count what is under way, on another tool, or on the edge', () => {
    const others = [
      { ...raise(), finishedAt: null },
      { ...raise(), toolId: 'other' },
      { ...raise(), job: 'touch-up' as const },
    ];
    expect(raisingsLeft(machete, others)).toBe(2);
  });

  it('is filed anew when it is spent', () => {
    expect(spineWorkDue(machete, [])).toBe('raise the hook');
    expect(spineWorkDue(machete, [raise(), raise()])).toBe('file it anew');
    expect(spineWorkDue(knife, [])).toBe('strop it');
    expect(spineWorkDue(toolOf('flat-knife'), [])).toBeNull();
  });
});

describe('work on a spine', () => {
  const tasks = (
    tool: typeof machete | typeof knife,
    work: Parameters<typeof planSpine>[0]['work'],
  ) => planSpine({ tool, work, abrasives, hand }).steps.map(({ task }) => task);

  it('goes from file to stone to burnishing, or ends on a strop', () => {
    expect(tasks(machete, 'raise the hook')).toEqual(['raise the hook']);
    expect(tasks(machete, 'file it anew')).toEqual([
      'file the spine square',
      'stone the spine',
      'raise the hook',
    ]);
    expect(tasks(knife, 'strop it')).toEqual(['strop the spine']);
    expect(tasks(knife, 'stone it')).toEqual(['stone the spine', 'strop the spine']);
  });

  it('costs a few file strokes, ten on the stone, and under four minutes', () => {
    const plan = planSpine({ tool: machete, work: 'file it anew', abrasives, hand });
    expect(plan.steps.map(({ strokesPerSide }) => strokesPerSide)).toEqual([4, 10, 2]);
    expect(plan.steps[0]!.angleDeg).toBe(90);
    expect(plan.minutes).toBeLessThan(4);
  });

  it('that was planned and not done raises nothing', () => {
    const idle = raise();
    const steps = idle.steps.map((step) => ({ ...step, left: 0, right: 0, activeSeconds: 0 }));
    expect(raisingsLeft(machete, [{ ...idle, steps }])).toBe(2);
  });

  it('names what is not at hand: a file skates on a hard spine', () => {
    const steel = { ...machete.steel, hardnessLowHrc: 62, hardnessHighHrc: 63, fileBite: null };
    const hard = planSpine({ tool: { ...machete, steel }, work: 'file it anew', abrasives, hand });
    expect(hard.outcome).toBe('out of reach');
    expect(hard.leftOut.map(({ name }) => name)).toContain('a file that bites this steel');
    const bare = planSpine({ tool: machete, work: 'raise the hook', abrasives: [stone(25)], hand });
    expect(bare.leftOut.map(({ name }) => name)).toContain(
      'a file with a smooth edge, or a smooth steel',
    );
  });

  it('takes the firmest strop', () => {
    const strops = [
      strop(3, { id: 'slack', backing: 'slack' }),
      strop(1, { id: 'hard', backing: 'hard' }),
    ];
    const { steps } = planSpine({ tool: knife, work: 'strop it', abrasives: strops, hand });
    expect(steps[0]!.abrasive.id).toBe('hard');
  });
});

describe('the plan of a job', () => {
  const base = {
    zone: machete.zones[0]!,
    seen: { tests: [], findings: [] },
    knownApexUm: null,
    keenRadiusUm: null,
    sessions: [],
    aim: null,
    bench: benchWith(abrasives),
  };

  it('on the edge waits for a test, on a spine it does not', () => {
    const asked = { ...base, tool: machete, spineWork: null };
    for (const job of ['touch-up', 'hone', 'thin'] as const) {
      expect(planJob({ ...asked, job })).toBeNull();
    }
    expect(planJob({ ...asked, job: 'spine' })!.steps[0]!.task).toBe('raise the hook');
  });

  it('on a plain spine is none, and never work of another kind of spine', () => {
    expect(
      planJob({ ...base, tool: toolOf('flat-knife'), job: 'spine', spineWork: 'raise the hook' }),
    ).toBeNull();
    const asked = planJob({ ...base, tool: knife, job: 'spine', spineWork: 'file it anew' });
    expect(asked!.steps.map(({ task }) => task)).toEqual(['strop the spine']);
  });
});
