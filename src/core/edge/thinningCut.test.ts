import fc from 'fast-check';
import { workingFace } from '../ladder';
import { thinningCut, profileThickness, sectionProfile, tipReach } from '.';
import type { Tool, Zone } from '../../domain/tool';
import { toolOf } from '../../testing/ladderFixtures';
import type { ToolKind } from '../../domain/kinds';

const share = fc.double({ min: 0.2, max: 0.95, noNaN: true });
const kinds = fc.constantFrom<ToolKind>(
  'convex-knife',
  'flat-knife',
  'fillet-knife',
  'parer',
  'recurve-hook',
  'hatchet',
  'felling-axe',
  'machete',
);

/** Arcs are drawn as chords, which lie this far off the true arc at most. */
const CHORD_MM = 0.005;

const sin = (deg: number): number => Math.sin((deg * Math.PI) / 180);

/** A cut to a share of the present width of the worked face. */
function cutTo(tool: Tool, zone: Zone, ratio: number) {
  const widthMm = workingFace(tool, zone).faceWidthMm;
  return { widthMm, cut: thinningCut({ tool, zone, faceWidthMm: ratio * widthMm }) };
}

describe('the cut that moves the shoulders back', () => {
  it('takes the triangle between bevel, relief and the face behind: its closed form', () => {
    const tool = toolOf('flat-knife');
    const zone = { ...tool.zones[0]!, microBevel: null };
    fc.assert(
      fc.property(share, (ratio) => {
        const { widthMm, cut } = cutTo(tool, zone, ratio);
        const { bevelAngleDeg: theta, primaryAngleDeg: alpha } = zone;
        const phi = cut.holdAngleDeg;
        const less = widthMm * (1 - ratio);
        const triangle =
          (0.5 * less ** 2 * sin(theta - phi) * sin(theta - alpha)) / sin(phi - alpha);
        expect(cut.areaPerSideMm2).toBeCloseTo(triangle, 8);
        expect(cut.reliefWidthMm).toBeCloseTo((less * sin(theta - alpha)) / sin(phi - alpha), 8);
      }),
    );
  });

  it('leaves the apex angle, narrows the worked face to what was asked, adds steel nowhere', () => {
    fc.assert(
      fc.property(kinds, share, (kind, ratio) => {
        const tool = toolOf(kind);
        const zone = tool.zones[0]!;
        const { widthMm, cut } = cutTo(tool, zone, ratio);
        const before = workingFace(tool, zone);
        const after = workingFace(tool, cut.zoneAfter);
        expect(after.angleDeg).toBeCloseTo(before.angleDeg, 9);
        expect(after.faceWidthMm).toBeCloseTo(ratio * widthMm, 6);
        const [old, now] = [sectionProfile(tool, zone), sectionProfile(tool, cut.zoneAfter)];
        for (const part of [0.02, 0.1, 0.3, 0.5, 0.8, 1]) {
          const depthMm = part * cut.cutDepthMm;
          expect(profileThickness(now, depthMm)).toBeLessThanOrEqual(
            profileThickness(old, depthMm) + CHORD_MM,
          );
        }
      }),
    );
  });

  it('takes more steel the narrower the face is made', () => {
    fc.assert(
      fc.property(kinds, share, share, (kind, one, two) => {
        fc.pre(Math.abs(one - two) > 0.01);
        const tool = toolOf(kind);
        const areaAt = (ratio: number) => cutTo(tool, tool.zones[0]!, ratio).cut.areaPerSideMm2;
        const [narrow, wide] = [Math.min(one, two), Math.max(one, two)];
        expect(areaAt(narrow)).toBeGreaterThan(areaAt(wide));
        expect(areaAt(wide)).toBeGreaterThan(0);
      }),
    );
  });

  it('refuses a face that is not narrowed', () => {
    const tool = toolOf('flat-knife');
    const zone = tool.zones[0]!;
    const { faceWidthMm } = workingFace(tool, zone);
    expect(() => thinningCut({ tool, zone, faceWidthMm: 1.2 * faceWidthMm })).toThrow(
      'faceWidthMm must be narrower',
    );
    expect(() => thinningCut({ tool, zone, faceWidthMm: 0 })).toThrow('faceWidthMm');
  });
});

describe('the curve up to the tip', () => {
  const knife = toolOf('skinning-knife');
  const withBelly = (bellyShare: number): Tool => ({
    ...knife,
    outline: { ...knife.outline, bellyShare },
  });

  it('asks nothing of a straight edge', () => {
    expect(tipReach({ tool: withBelly(0), angleDeg: 18 })).toEqual({
      turnDeg: 0,
      missedDeg: 0,
      handleRiseMm: 0,
    });
  });

  it('turns by atan(width ÷ belly), and a flat wrist meets the stone that much flatter', () => {
    const { turnDeg, missedDeg } = tipReach({ tool: withBelly(0.5), angleDeg: 18 });
    const bellyMm = 0.5 * knife.edgeLengthMm;
    const turn = Math.atan(knife.bladeWidthMm / bellyMm);
    expect(turnDeg).toBeCloseTo((turn * 180) / Math.PI, 9);
    expect(sin(18 - missedDeg)).toBeCloseTo(sin(18) * Math.cos(turn), 9);
  });

  it('asks for more the steeper the edge is held and the shorter the belly', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        fc.double({ min: 8, max: 35, noNaN: true }),
        (bellyShare, angleDeg) => {
          const here = tipReach({ tool: withBelly(bellyShare), angleDeg });
          const steeper = tipReach({ tool: withBelly(bellyShare), angleDeg: angleDeg + 1 });
          const rounder = tipReach({ tool: withBelly(bellyShare + 0.05), angleDeg });
          expect(steeper.handleRiseMm).toBeGreaterThan(here.handleRiseMm);
          expect(steeper.missedDeg).toBeGreaterThan(here.missedDeg);
          expect(rounder.turnDeg).toBeLessThan(here.turnDeg);
          expect(here.missedDeg).toBeLessThan(angleDeg);
        },
      ),
    );
  });
});
