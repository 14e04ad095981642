import { SHINY_FROM, STROP_AGES, stropAge, USUAL_EVERY } from '.';

const now = '2026-06-01T10:00:00.000Z';
const loadedAt = '2026-05-01T10:00:00.000Z';
const face = { compoundId: 'crayon', loadedAt };
const used = (strokes: number) => ({ uses: [{ atMs: Date.parse(loadedAt) + 1000, strokes }] });

it('a strop ages with its strokes, from fresh to caked, and a bare one is bare', () => {
  const ages = [10, 0.3 * SHINY_FROM, SHINY_FROM + 1, USUAL_EVERY.load.most + 1].map(
    (strokes) => stropAge(face, used(strokes), now).age,
  );
  expect(ages).toEqual(STROP_AGES.slice(1));
  expect(stropAge({ ...face, compoundId: null }, used(900), now).age).toBe('bare');
});

it('and with its days: what has dried is shiny, however little it was used', () => {
  const old = { ...face, loadedAt: '2025-12-01T10:00:00.000Z' };
  expect(stropAge(old, used(5), now)).toMatchObject({ age: 'shiny', days: 182 });
  expect(stropAge(face, undefined, now)).toMatchObject({ age: 'fresh', strokes: 0, days: 31 });
});
