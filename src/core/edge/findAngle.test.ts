import fc from 'fast-check';
import {
  agreement,
  ANGLE_METHOD_RULES,
  findAngle,
  puckRearLift,
  spineLift,
  wedgeHeight,
  type MeasuredTool,
} from '.';

const tool: MeasuredTool = {
  bladeWidthMm: 28,
  spineThicknessMm: 3.5,
  shoulderThicknessMm: 0.6,
  faceAngleDeg: 3,
};
const rule = (id: string) => ANGLE_METHOD_RULES.find((r) => r.id === id)!;

/** What each method would measure on a blade of a known angle. */
function measuresAt(id: string, angleDeg: number): number[] {
  const rad = (angleDeg * Math.PI) / 180;
  switch (id) {
    case 'face':
      return [0.3 / Math.sin(rad), 0.6];
    case 'height':
      return [0.3 / Math.tan(rad), 0.6];
    case 'behind':
      return [2 * 0.25 * Math.tan(rad), 0.25];
    case 'lift':
      return [spineLift({ ...tool, angleDeg })];
    case 'coins':
      return [spineLift({ ...tool, angleDeg }) / 2.33, 2.33];
    case 'wedge':
      return [wedgeHeight({ baseMm: 100, angleDeg, primaryAngleDeg: 3 }), 100];
    case 'stone':
      return [puckRearLift({ apexToRearRimMm: 75, angleDeg, cheekAngleDeg: 3 }), 75];
    default:
      throw new Error(id);
  }
}

it('every method gives back the angle that is there', () => {
  const methods = fc.constantFrom(
    ...ANGLE_METHOD_RULES.map((r) => r.id).filter((i) => i !== 'fold'),
  );
  fc.assert(
    fc.property(methods, fc.double({ min: 8, max: 40, noNaN: true }), (id, angleDeg) => {
      const found = findAngle(rule(id), measuresAt(id, angleDeg), tool);
      expect(found.angleDeg).toBeCloseTo(angleDeg, 6);
      expect(found.errorDeg).toBeGreaterThanOrEqual(0.5);
    }),
  );
  expect(findAngle(rule('fold'), [3], tool).angleDeg).toBeCloseTo(14.25, 9);
});

it('a rough measure is known for one', () => {
  const byLift = findAngle(rule('lift'), measuresAt('lift', 15), tool);
  const byFace = findAngle(rule('face'), measuresAt('face', 15), tool);
  expect(byLift.errorDeg).toBeLessThan(1);
  expect(byFace.errorDeg).toBeGreaterThan(2);
});

it('methods that agree narrow the angle, and those that do not are told', () => {
  const one = { angleDeg: 15, errorDeg: 1 };
  const both = agreement([one, { angleDeg: 16, errorDeg: 1 }]);
  expect(both).toMatchObject({ angleDeg: 15.5, agree: true });
  expect(both.errorDeg).toBeLessThan(1);
  expect(agreement([one, { angleDeg: 22, errorDeg: 1 }]).agree).toBe(false);
  expect(() => agreement([])).toThrow('found');
});

it('refuses what cannot be measured, by name', () => {
  expect(() => findAngle(rule('lift'), [-1], tool)).toThrow('lift');
  expect(() => findAngle(rule('stone'), [80, 75], tool)).toThrow('lift');
  expect(() => findAngle(rule('face'), [7], tool)).toThrow('thickness');
});
