import { toolOf } from '../../testing/ladderFixtures';
import { stampMeasures } from './ToolEditor';

const at = '2026-06-01T10:00:00.000Z';
const tool = toolOf('flat-knife');
const [zone] = tool.zones;

it('a zone is measured when its measures change, and not when its name does', () => {
  const renamed = { ...tool, zones: [{ ...zone!, name: 'belly', targetApexUm: 2 }] };
  expect(stampMeasures(tool, renamed, at).zones[0]!.measuredAt).toBeNull();
  for (const change of [
    { bevelAngleDeg: 21 },
    { microBevel: { angleDeg: 25, faceWidthMm: 0.2 } },
  ]) {
    const measured = { ...tool, zones: [{ ...zone!, ...change }] };
    expect(stampMeasures(tool, measured, at).zones[0]!.measuredAt).toBe(at);
  }
});

it('a new zone is measured now, and its neighbour stays as it was', () => {
  const two = { ...tool, zones: [zone!, { ...zone!, id: 'second' }] };
  expect(stampMeasures(tool, two, at).zones.map(({ measuredAt }) => measuredAt)).toEqual([
    null,
    at,
  ]);
});
