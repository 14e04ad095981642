import fc from 'fast-check';
import { toolSchema } from '../../domain/tool';
import { sample } from '../../testing/sample';
import { angleRefused, withMeasuredAngle } from './measuredAngle';

const edges = sample.tools.flatMap((tool) => tool.zones.map((zone) => ({ tool, zone })));
const at = '2026-11-29T10:00:00.000Z';

it('keeps any angle that it does not refuse in a tool that is sound, and touches no other zone', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...edges),
      fc.double({ min: 0, max: 90, noNaN: true }),
      fc.double({ min: 0, max: 5, noNaN: true }),
      fc.constantFrom('apex' as const, 'bevel' as const),
      ({ tool, zone }, angleDeg, sdDeg, of) => {
        if (angleRefused(zone, { angleDeg, of })) return;
        const after = withMeasuredAngle(tool, zone.id, { angleDeg, sdDeg, method: 'tilt', of }, at);
        toolSchema.validateSync(after, { strict: true });
        const own = after.zones.find(({ id }) => id === zone.id)!;
        const micro = of === 'apex' ? own.microBevel : null;
        expect(micro?.angleDeg ?? own.bevelAngleDeg).toBeCloseTo(angleDeg, 0);
        expect(own).toMatchObject({ angleMethod: 'tilt', measuredAt: at });
        expect(after.zones.filter(({ id }) => id !== zone.id)).toEqual(
          tool.zones.filter(({ id }) => id !== zone.id),
        );
      },
    ),
  );
});

it('refuses what no edge can be', () => {
  const { zone } = edges.find((each) => each.zone.microBevel)!;
  const of = (angleDeg: number) => angleRefused(zone, { angleDeg, of: 'apex' });
  expect(of(2)).toBe('out of range');
  expect(of(75)).toBe('out of range');
  expect(of(zone.bevelAngleDeg)).toBe('flatter than the bevel');
  const steep = { angleDeg: zone.microBevel!.angleDeg + 1, of: 'bevel' } as const;
  expect(angleRefused(zone, steep)).toBe('steeper than the micro-bevel');
  const plain = edges.find((each) => each.zone.primaryAngleDeg >= 5)?.zone;
  if (plain) {
    const flat = { angleDeg: plain.primaryAngleDeg, of: 'bevel' } as const;
    expect(angleRefused(plain, flat)).toBe('flatter than the faces behind');
  }
});
