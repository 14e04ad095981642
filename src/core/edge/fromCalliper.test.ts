import fc from 'fast-check';
import { profileThickness, sectionProfile, zoneFromCalliper } from '.';
import { anyMeasuredTool } from '../../testing/anything';
import { toolOf } from '../../testing/ladderFixtures';

it('a calliper behind the edge gives back the shoulder that it was taken of', () => {
  const tool = toolOf('flat-knife');
  const zone = { ...tool.zones[0]!, shoulderThicknessMm: 0.94 };
  const thicknessMm = profileThickness(sectionProfile(tool, zone), 3);
  const measured = zoneFromCalliper({ tool, zone: tool.zones[0]!, distanceMm: 3, thicknessMm })!;
  expect(measured.shoulderThicknessMm).toBeCloseTo(0.94, 2);
});

it('a reading on the bevel itself, or one that no shoulder gives, is refused', () => {
  const tool = toolOf('flat-knife');
  const zone = tool.zones[0]!;
  const onBevel = profileThickness(sectionProfile(tool, zone), 0.1);
  expect(zoneFromCalliper({ tool, zone, distanceMm: 0.1, thicknessMm: onBevel })).toBeNull();
  expect(zoneFromCalliper({ tool, zone, distanceMm: 2, thicknessMm: 29 })).toBeNull();
});

it('whatever a tool measures: a zone as thick as was read there, or none', () => {
  fc.assert(
    fc.property(
      anyMeasuredTool,
      fc.double({ min: 0.2, max: 20, noNaN: true }),
      fc.double({ min: 0.05, max: 20, noNaN: true }),
      (tool, distanceMm, thicknessMm) => {
        const zone = tool.zones[0]!;
        const measured = zoneFromCalliper({ tool, zone, distanceMm, thicknessMm });
        if (!measured) return;
        const again = profileThickness(
          sectionProfile(tool, { ...measured, facet: null }),
          distanceMm,
        );
        expect(Math.abs(again - thicknessMm)).toBeLessThan(0.05);
      },
    ),
  );
});
