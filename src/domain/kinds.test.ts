import { FAMILIES, type Family } from './families';
import { KINDS, type Kind } from './kinds';
import { typicalTool } from './typicalTools';
import { toolSchema } from './tool';
import { TOOL_KINDS } from './kinds';

const at = '2026-01-01T00:00:00.000Z';
const record = { id: 'x', createdAt: at, updatedAt: at, deletedAt: null };

it.each(TOOL_KINDS)('a %s as it usually comes fits its record', (kind) => {
  const tool = { ...record, ...typicalTool(kind, 'Wren') };
  expect(() => toolSchema.validateSync(tool, { strict: true })).not.toThrow();
});

it('a row with a trait left out is refused by the compiler', () => {
  type Shapeless = Omit<Kind, 'shape'>;
  // @ts-expect-error -- a kind needs its silhouette
  const kind: Kind = KINDS.hatchet as Shapeless;
  // @ts-expect-error -- a family needs its bite
  const family: Family = FAMILIES.diamond as Omit<Family, 'bite'>;
  expect([kind.name, family.does]).toEqual(['hatchet', 'grinds']);
});

it('each new kind has usual work, a shape and a form that its parts agree with', () => {
  for (const { shape, form, work, head } of Object.values(KINDS)) {
    expect(work.length).toBeGreaterThan(0);
    expect(shape === 'axe').toBe(form === 'axe');
    expect(head === 'tang').toBe(form !== 'axe');
  }
});
