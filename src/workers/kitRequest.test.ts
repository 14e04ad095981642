import { zoneStates } from '../core/inspection';
import { kitProblem, needsOfEachOnce, NO_LIMITS, rackRound } from '../core/kit';
import { handOf } from '../core/log';
import { DEFAULT_PACE } from '../core/wear';
import { USUAL_TRIP } from '../domain/trip';
import { sample } from '../testing/sample';
import { readGramsPerMinute, readKitLimits, readKitRequest, readRackRound } from './kitRequest';

const hand = handOf({
  tools: sample.tools,
  sessions: sample.sessions,
  shelf: sample,
  pace: DEFAULT_PACE,
});
const zones = zoneStates(sample);
const problem = kitProblem({
  needs: needsOfEachOnce(zones, 0.15),
  shelf: sample,
  helpers: sample.helpers,
  wishes: { ...USUAL_TRIP.kit, covers: ['wipe', 'rust film', 'see the angle'] },
  minutesPerTouchUp: 30,
  hand,
});
const round = rackRound({ zones, shelf: sample, chipDepthMm: 0.1, hand });

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
    expect(readRackRound(structuredClone(round))).toEqual(round);
    expect(readKitLimits(structuredClone(NO_LIMITS))).toEqual(NO_LIMITS);
  });

  it('is refused with a limit below nothing', () => {
    expect(() => readKitLimits({ ...NO_LIMITS, grams: -1 })).toThrow('grams');
    expect(() => readKitLimits({ ...NO_LIMITS, placeGrams: {} })).toThrow('placeGrams');
    expect(() => readGramsPerMinute(0)).toThrow();
  });

  it.each([
    [['minutesPerTouchUp'], 0],
    [['minutesPerTouchUp'], 'thirty'],
    [['needs', 0, 'event'], 'melted'],
    [['needs', 0, 'count'], 0],
    [['covers', 0, 'cover'], 'luck'],
    [['items', 3, 'place'], 'workshop'],
    [['needs', 0, 'face', 'angleDeg'], 90],
    [['needs', 0, 'face', 'faceWidthMm'], -1],
    [['needs', 0, 'face', 'toolForm'], 'saw'],
    [['needs', 0, 'condition', 'apexRadiusUm'], NaN],
    [['needs', 0, 'target', 'apexRadiusUm'], 0],
    [['items', 3, 'massG'], -4],
    [['items', 3, 'hangs'], 'sometimes'],
    [['needs', 0, 'perEvening'], [-1]],
    [['beltMostG'], -1],
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
    const many = Array.from({ length: 401 }, (_, i) => ({ id: `i${i}`, name: 'x', massG: 1 }));
    expect(() => readKitRequest(changed(['items'], many))).toThrow('items');
    expect(() => readKitRequest(null)).toThrow();
  });
});

describe('one round of a rack', () => {
  it('takes every edge as a day’s work leaves it, or as it is now if that is worse', () => {
    for (const { condition, target } of round.needs) {
      expect(condition.apexRadiusUm).toBeGreaterThanOrEqual(3 * target.apexRadiusUm - 1e-9);
      expect(condition.damageDepthMm).toBeGreaterThanOrEqual(0.1);
    }
    const heron = round.needs.find(({ name }) => name === 'Heron')!;
    expect(heron.condition.damageDepthMm).toBe(2.5);
  });
});

describe('the problem of a kit', () => {
  it('weighs what is carried anyway at nothing, and lays each thing where it lives or was moved to', () => {
    const item = (id: string) => problem.items.find((own) => own.id === id)!;
    expect([item('belt'), item('water'), item('mill-file')].map(({ massG }) => massG)).toEqual([
      ...[0, 0, 230],
    ]);
    expect([item('pocket-plate').place, item('paddle').place]).toEqual(['pouch', 'pack']);
    const moved = kitProblem({
      needs: [],
      shelf: sample,
      helpers: [],
      minutesPerTouchUp: 30,
      hand,
      wishes: { ...USUAL_TRIP.kit, places: [{ itemId: 'paddle', place: 'base-camp' }] },
    });
    expect(moved.items.find(({ id }) => id === 'paddle')!.place).toBe('base-camp');
  });

  it('knows what covers what is asked', () => {
    const covers = new Map(problem.covers.map(({ cover, itemIds }) => [cover, itemIds]));
    expect(covers.get('see the angle')).toEqual(['marker', 'coins']);
    expect(covers.get('rust film')).toEqual(['wax', 'fat', 'oil']);
    expect(covers.has('first aid')).toBe(false);
  });
});
