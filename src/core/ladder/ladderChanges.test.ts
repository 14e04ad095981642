import { type LadderRequest, ladderChanges, NO_WISHES, findLadder, type LadderAbrasive } from '.';
import { faceOf, stone, strop } from '../../testing/ladderFixtures';

const knife = faceOf('flat-knife');
const sizes = (plan: { steps: readonly { abrasive: LadderAbrasive }[] }) =>
  plan.steps.map(({ abrasive }) => abrasive.sizeUm);

describe('a person’s own ladder', () => {
  const request: LadderRequest = {
    zone: knife,
    condition: { apexRadiusUm: 8, damageDepthMm: 0 },
    target: { apexRadiusUm: 0.9, finishSizeUm: 15 },
    abrasives: [stone(60), stone(25), stone(14), stone(9), strop(1)],
  };
  const own = (wishes: Partial<typeof NO_WISHES>) =>
    findLadder({ ...request, ownLadder: { ...NO_WISHES, ...wishes } });

  it('leaves out, requires, begins with, or is the whole sequence', () => {
    expect(sizes(own({ leftOut: ['stone-9'] }))).not.toContain(9);
    expect(sizes(own({ required: ['stone-60', 'stone-14'] }))).toEqual(
      expect.arrayContaining([60, 14]),
    );
    expect(sizes(own({ startsWith: 'stone-60' }))[0]).toBe(60);
    expect(sizes(own({ sequence: ['stone-25', 'stone-60', 'strop-1'] }))).toEqual([60, 25, 1]);
  });

  it('says what it costs against the best', () => {
    const best = findLadder(request);
    const slow = own({ sequence: ['stone-60', 'stone-25', 'stone-14', 'stone-9', 'strop-1'] });
    expect(slow.quickest!.minutes).toBeCloseTo(best.minutes, 9);
    expect(slow.minutes).toBeGreaterThan(best.minutes);
    expect(best.leftOut).toEqual([]);
    expect(own({ leftOut: ['stone-9'] }).leftOut).toMatchObject([
      { id: 'stone-9', reason: { kind: 'left out by you' } },
    ]);
  });

  it('that cannot be walked is said so, and the plan chooses', () => {
    const twins = [stone(25), stone(25, { id: 'twin' })];
    const plan = findLadder({
      ...request,
      abrasives: twins,
      ownLadder: { ...NO_WISHES, required: ['stone-25', 'twin'] },
    });
    expect(plan).toMatchObject({ outcome: 'planned', wishesFailed: true });
  });

  it('knows what each further tap would cost, and a tap costs just that', () => {
    const present = findLadder(request);
    const changes = ladderChanges(
      {
        abrasives: request.abrasives,
        ownLadder: NO_WISHES,
        planWith: (ownLadder) => findLadder({ ...request, ownLadder }),
      },
      present,
    );
    expect(changes.map(({ id }) => id)).toEqual(request.abrasives.map(({ id }) => id));
    for (const { minutesMore, wishes, id, isIn } of changes) {
      expect(isIn).toBe(sizes(present).includes(Number(id.replace(/\D+/, ''))));
      if (minutesMore === null) continue;
      const after = findLadder({ ...request, ownLadder: wishes });
      expect(after.minutes - present.minutes).toBeCloseTo(minutesMore, 9);
      expect(after.steps.some(({ abrasive }) => abrasive.id === id)).toBe(!isIn);
    }
  });
});
