import fc from 'fast-check';
import { carrying, type KitSolution } from '../../core/kit';
import { isSameKit, isSamePacking, packedItems, packedKit, withTicks } from './packing';

const item = (id: string, massG: number) => ({
  id,
  name: id,
  massG,
  hangs: 'may' as const,
  place: id === 'rod' ? ('pouch' as const) : ('pack' as const),
});
const solution: KitSolution = {
  items: [item('rod', 41), item('plate', 62), item('file', 230)],
  anyway: [item('belt', 0)],
  needs: [],
  held: [],
  keptOut: [],
  belt: { mostG: 250, always: [] },
  points: [],
  proven: true,
};

it('a kit comes back from its packing as it was chosen, whatever stays in the vehicle', () => {
  fc.assert(
    fc.property(
      fc.subarray([0, 1, 2]),
      fc.subarray(['rod', 'plate', 'file']),
      (chosen, vehicle) => {
        const kit = packedKit(solution, carrying(solution, new Set(chosen)), vehicle);
        expect(isSameKit(packedItems(solution, kit)!, chosen)).toBe(true);
        expect(kit.some(({ itemId }) => itemId === 'belt')).toBe(true);
        const beside = kit.filter(({ place }) => place === 'workshop').map(({ itemId }) => itemId);
        expect(beside.every((id) => vehicle.includes(id))).toBe(true);
      },
    ),
  );
});

it('no kit is packed, or one with a thing that is gone: then there is none to show', () => {
  expect(packedItems(solution, [])).toBeNull();
  const gone = { itemId: 'puck', place: 'pack' as const, packed: true, used: null };
  expect(packedItems(solution, [gone])).toBeNull();
});

it('another kit keeps the ticks of what lies packed, but not of what goes elsewhere', () => {
  const first = packedKit(solution, carrying(solution, new Set([0, 1])), []);
  const ticked = first.map((thing) => ({ ...thing, packed: true }));
  const next = withTicks(packedKit(solution, carrying(solution, new Set([0, 2])), []), ticked);
  const packed = next.filter((thing) => thing.packed).map(({ itemId }) => itemId);
  expect(packed).toEqual(['rod', 'belt']);
  expect(isSamePacking(ticked, first)).toBe(true);
  expect(isSamePacking(next, first)).toBe(false);
  const moved = first.map((thing) => ({ ...thing, place: 'base-camp' as const }));
  expect(withTicks(moved, ticked).some((thing) => thing.packed)).toBe(false);
});
