import { sample } from '../../testing/sample';
import { freshSince, otherFaceId, shelfAbrasives } from '../ladder';
import { strokesAWeek, strokesSince, surfaceUse } from '.';

describe('what was done on a surface', () => {
  const all = surfaceUse(sample.sessions, () => null);

  it('adds up to every stroke of the log', () => {
    const strokes = sample.sessions
      .filter(({ finishedAt }) => finishedAt !== null)
      .flatMap(({ steps }) => steps)
      .reduce((sum, { left, right }) => sum + left + right, 0);
    const counted = [...all.values()].reduce((sum, use) => sum + strokesSince(use), 0);
    expect(counted).toBe(strokes);
  });

  it('counts from the moment that it was made fresh, and nothing of work that is under way', () => {
    const since = '2026-09-01T00:00:00.000Z';
    const later = surfaceUse(sample.sessions, () => since);
    for (const [id, use] of later) {
      expect(strokesSince(use)).toBeLessThanOrEqual(strokesSince(all.get(id)!));
      // Counted since a moment is what came after it, to the stroke.
      expect(strokesSince(use)).toBe(strokesSince(all.get(id)!, Date.parse(since)));
    }
    const before = sample.sessions.map((session) => ({ ...session, finishedAt: null }));
    expect(surfaceUse(before, () => null)).toEqual(new Map());
  });
});

describe('the pace of a surface', () => {
  const now = Date.parse('2026-06-30T00:00:00.000Z');
  const day = 86_400_000;

  it('is that of the last ninety days', () => {
    const lately = { uses: [{ atMs: now - 45 * day, strokes: 900 }] };
    const before = { uses: [{ atMs: now - 400 * day, strokes: 9000 }, ...lately.uses] };
    expect(strokesAWeek(lately, now)).toBeCloseTo((900 * 7) / 45, 9);
    expect(strokesAWeek(before, now)).toBeCloseTo((900 * 7) / 90, 9);
    expect(strokesAWeek({ uses: [{ atMs: now - 400 * day, strokes: 9000 }] }, now)).toBe(0);
  });
});

describe('a strop with two faces', () => {
  const [belt] = sample.strops;
  const loadedAt = '2026-10-01T00:00:00.000Z';
  const twoSided = {
    ...belt!,
    otherFaces: [{ surface: 'leather' as const, compoundId: null, loadedAt }],
  };
  const shelf = { ...sample, strops: [twoSided] };

  it('is one thing to carry and two surfaces to work on, the log knowing them apart', () => {
    const faces = shelfAbrasives(shelf).filter(({ needsAll }) => needsAll[0] === belt!.id);
    expect(faces.map(({ abrasive }) => abrasive.id)).toEqual([belt!.id, otherFaceId(belt!.id)]);
    expect(faces.map(({ abrasive }) => abrasive.kind === 'strop' && abrasive.loaded)).toEqual([
      true,
      false,
    ]);
    const since = freshSince(shelf);
    expect(since(otherFaceId(belt!.id))).toBe(loadedAt);
    expect(since(belt!.id)).toBe(belt!.loadedAt);
  });

  it('an oil stone is never planned with water again, a diamond is', () => {
    const abrasives = sample.abrasives.map((item) => ({
      ...item,
      lubricants: ['water' as const, 'oil' as const],
      usedWithOil: true,
    }));
    const faces = shelfAbrasives({ ...sample, abrasives }, ['water', 'oil', 'fat', 'dry']);
    const lubricantOf = (id: string) =>
      faces.flatMap(({ abrasive, needsAll }) =>
        abrasive.kind === 'stone' && needsAll[0] === id ? [abrasive.lubricant] : [],
      )[0];
    expect(lubricantOf('puck')).toBe('oil');
    expect(lubricantOf('fine-plate')).toBe('water');
  });
});
