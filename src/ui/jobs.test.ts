import { SPINE_WORKS } from '../core/jobs';
import { JOBS } from '../domain/terms';
import { jobLink, readJob } from './jobAddress';
import { hopsOf } from './ruler/hops';
import { stepItems } from './ruler/stepItems';
import { sample } from '../testing/sample';

const query = (href: string): URLSearchParams => new URL(href, 'http://here').searchParams;

describe('the address of a job', () => {
  const plain = {
    job: 'touch-up',
    spineWork: null,
    aim: null,
    damageWay: null,
    spot: null,
    tripId: null,
  };
  const edge = { toolId: 'old hob & co', zoneId: 'edge' };

  it('gives back what was put into it', () => {
    for (const job of JOBS) {
      expect(readJob(query(jobLink({ ...edge, job })))).toEqual({ ...plain, job });
    }
    for (const spineWork of Object.values(SPINE_WORKS).flat()) {
      const read = readJob(query(jobLink({ ...edge, job: 'spine', spineWork })));
      expect(read).toEqual({ ...plain, job: 'spine', spineWork });
    }
    expect(query(jobLink({ ...edge, job: 'thin' })).get('tool')).toBe(edge.toolId);
  });

  it('is a touch-up where it says nothing that there is', () => {
    expect(readJob(query('/touch-up?job=melt&work=dance'))).toEqual(plain);
    expect(readJob(query('/touch-up?job=angle&grind=convex&angle=95')).aim).toBeNull();
  });

  it('names the angle that is wanted, and what is to be done about damage', () => {
    const aim = { grind: 'convex', angleDeg: 22.5 } as const;
    expect(readJob(query(jobLink({ ...edge, job: 'angle', aim }))).aim).toEqual(aim);
    const read = readJob(query(jobLink({ ...edge, job: 'touch-up', damageWay: 'leave it' })));
    expect(read.damageWay).toBe('leave it');
    expect(readJob(query(jobLink({ ...edge, job: 'hone', spot: 'belt' }))).spot).toBe('belt');
  });
});

describe('hops along the ruler', () => {
  it('lead to steps that refine the one before, and not from one face to another', () => {
    const hops = hopsOf([
      { sizeUm: 112, task: 'move the shoulders back' },
      { sizeUm: 25, task: 'restore the apex' },
      { sizeUm: 9, task: 'remove scratches' },
      { sizeUm: 1, task: 'strop' },
    ]);
    expect(hops).toEqual([
      { fromUm: 25, toUm: 9, step: 2 },
      { fromUm: 9, toUm: 1, step: 3 },
    ]);
    expect(hopsOf([{ sizeUm: 3, task: 'strop' }])).toEqual([]);
  });

  it('stand on abrasives that are drawn once, in shapes of their own', () => {
    const [step] = sample.sessions[0]!.steps;
    const steps = [
      { ...step!, itemId: 'file', kind: 'stone' as const, form: 'file' as const },
      { ...step!, itemId: 'plate', kind: 'stone' as const, form: 'plate' as const },
      { ...step!, itemId: 'file', kind: 'stone' as const, form: 'file' as const },
      { ...step!, itemId: 'belt', kind: 'strop' as const, form: null },
    ];
    expect(stepItems(steps).map(({ id, shape }) => [id, shape])).toEqual([
      ['file', 'file'],
      ['plate', 'stone'],
      ['belt', 'strop'],
    ]);
  });
});
