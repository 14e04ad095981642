import { DEFAULT_PACE, handOf, kitProblem, zoneStates } from '../core';
import { sample } from '../testing/sample';
import { readKitRequest } from './kitRequest';

const problem = kitProblem({
  zones: zoneStates(sample),
  shelf: sample,
  minutesPerTouchUp: 30,
  chipDepthMm: 0.1,
  hand: handOf({ sessions: sample.sessions, shelf: sample, pace: DEFAULT_PACE }),
});

/** The problem with one value changed, as a message that has crossed into the worker. */
function changed(path: (string | number)[], value: unknown): unknown {
  const message = structuredClone(problem) as unknown as Record<string | number, unknown>;
  let place = message;
  for (const key of path.slice(0, -1)) place = place[key] as Record<string | number, unknown>;
  place[path.at(-1)!] = value;
  return message;
}

describe('a kit problem that crosses into the worker', () => {
  it('comes out as it went in', () => {
    expect(readKitRequest(structuredClone(problem))).toEqual(problem);
  });

  it.each([
    [['minutesPerTouchUp'], 0],
    [['minutesPerTouchUp'], 'thirty'],
    [['needs', 0, 'face', 'angleDeg'], 90],
    [['needs', 0, 'face', 'faceWidthMm'], -1],
    [['needs', 0, 'face', 'toolForm'], 'saw'],
    [['needs', 0, 'condition', 'apexRadiusUm'], NaN],
    [['needs', 0, 'target', 'apexRadiusUm'], 0],
    [['items', 3, 'massG'], -4],
    [['abrasives', 0, 'abrasive', 'sizeUm'], 0],
    [['abrasives', 0, 'abrasive', 'family'], 'cheese'],
    [['abrasives', 17, 'abrasive', 'backing'], 'wobbly'],
    [['abrasives', 0, 'needsAll'], 'plate'],
    [['hand', 'pace', 'sweeps'], -45],
    [['hand', 'learned', 'things', 'puck/fine', 'factor'], 0],
    [['hand', 'learned', 'families'], null],
  ])('is refused with %j = %j', (path, value) => {
    const last = String(path.at(-1));
    expect(() => readKitRequest(changed(path, value))).toThrow(last);
  });

  it('is refused when it is too large to be one', () => {
    const many = Array.from({ length: 201 }, (_, i) => ({ id: `i${i}`, name: 'x', massG: 1 }));
    expect(() => readKitRequest(changed(['items'], many))).toThrow('items');
    expect(() => readKitRequest(null)).toThrow();
  });
});

describe('the problem of a trip', () => {
  it('takes every edge as a day’s work leaves it, or as it is now if that is worse', () => {
    for (const { condition, target } of problem.needs) {
      expect(condition.apexRadiusUm).toBeGreaterThanOrEqual(3 * target.apexRadiusUm - 1e-9);
      expect(condition.damageDepthMm).toBeGreaterThanOrEqual(0.1);
    }
    const heron = problem.needs.find(({ name }) => name === 'Heron')!;
    expect(heron.condition.damageDepthMm).toBe(2.5);
  });

  it('weighs what is carried anyway at nothing', () => {
    const mass = (id: string) => problem.items.find((item) => item.id === id)!.massG;
    expect([mass('belt'), mass('water'), mass('mill-file')]).toEqual([0, 0, 230]);
    expect(problem.items).toHaveLength(
      sample.abrasives.length +
        sample.strops.length +
        sample.compounds.length +
        sample.lubricants.length,
    );
  });
});
