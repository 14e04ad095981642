import fc from 'fast-check';
import { profileThickness, sectionProfile, thicknessBehindEdge } from '.';
import { shelfAbrasives, workingFace } from '../ladder';
import type { Tool, Zone } from '../../domain/tool';
import { typicalTool } from '../../domain/typicalTools';
import { anyMeasuredTool } from '../../testing/anything';
import { sample } from '../../testing/sample';
import { TOOL_KINDS } from '../../domain/kinds';

const record = { id: 't', createdAt: '', updatedAt: '', deletedAt: null };
const toolOf = (kind: (typeof TOOL_KINDS)[number]): Tool => ({
  ...record,
  ...typicalTool(kind, kind),
});

describe('the profile of a section', () => {
  it('runs from the apex back, on every tool that records allow', () => {
    fc.assert(
      fc.property(anyMeasuredTool, (tool) => {
        const profile = sectionProfile(tool, tool.zones[0]!);
        profile.forEach(({ depthMm, halfMm }, i) => {
          expect(depthMm).toBeGreaterThanOrEqual(profile[i - 1]?.depthMm ?? 0);
          expect(halfMm).toBeGreaterThanOrEqual(0);
        });
      }),
      { numRuns: 500 },
    );
  });

  it('has no hollow face where the bevel takes the whole blade', () => {
    const tool = { bladeWidthMm: 5, spineThicknessMm: 0.5 };
    const zone: Zone = {
      ...toolOf('flat-knife').zones[0]!,
      grind: 'hollow',
      hollowRadiusMm: 100,
      bevelAngleDeg: 5,
      primaryAngleDeg: 0,
      shoulderThicknessMm: 18.4,
      microBevel: null,
    };
    const [apex, shoulder, end, ...rest] = sectionProfile(tool, zone);
    expect(apex).toEqual({ depthMm: 0, halfMm: 0 });
    expect(shoulder!.depthMm).toBeCloseTo(9.2 / Math.tan((5 * Math.PI) / 180), 6);
    expect(end!.halfMm).toBeCloseTo(9.2, 9);
    expect(rest).toEqual([]);
  });

  it('agrees with the thickness formula on straight grinds', () => {
    const distance = fc.double({ min: 0.001, max: 15, noNaN: true });
    const kind = fc.constantFrom('scandi-knife', 'flat-knife', 'fillet-knife', 'machete');
    const micro = fc.constantFrom(null, { angleDeg: 28, faceWidthMm: 0.2 });
    fc.assert(
      fc.property(kind, distance, micro, (k, distanceMm, microBevel) => {
        const tool = toolOf(k as 'machete');
        const zone: Zone = { ...tool.zones[0]!, microBevel };
        fc.pre(!microBevel || zone.shoulderThicknessMm > 0.3);
        const profile = sectionProfile(tool, zone);
        const bevelOnlyMm = zone.shoulderThicknessMm;
        const formula = thicknessBehindEdge({
          bevelAngleDeg: zone.bevelAngleDeg,
          microAngleDeg: microBevel?.angleDeg,
          microFaceWidthMm: microBevel?.faceWidthMm,
          stockThicknessMm: bevelOnlyMm,
          distanceMm,
        });
        const drawn = Math.min(profileThickness(profile, distanceMm), bevelOnlyMm);
        expect(drawn).toBeCloseTo(formula, 9);
      }),
    );
  });

  it('widens from apex to spine and ends at the spine, for every kind', () => {
    for (const kind of TOOL_KINDS) {
      const tool = toolOf(kind);
      const profile = sectionProfile(tool, tool.zones[0]!);
      expect(profile[0]).toEqual({ depthMm: 0, halfMm: 0 });
      expect(profile.at(-1)!.depthMm).toBeCloseTo(tool.bladeWidthMm, 6);
      profile.slice(1).forEach((point, i) => {
        expect(point.depthMm).toBeGreaterThan(profile[i]!.depthMm);
        expect(point.halfMm).toBeGreaterThanOrEqual(profile[i]!.halfMm);
      });
    }
  });
});

it('a hollow face is thinner than a flat one between the same ends', () => {
  const tool = toolOf('skinning-knife');
  const zone = tool.zones[0]!;
  const profile = sectionProfile(tool, zone);
  const shoulder = profile.find(({ halfMm }) => halfMm >= zone.shoulderThicknessMm / 2 - 1e-9)!;
  const end = profile.find(({ halfMm }) => halfMm > 0.9)!;
  const middleMm = (shoulder.depthMm + end.depthMm) / 2;
  expect(profileThickness(profile, middleMm)).toBeLessThan(shoulder.halfMm + end.halfMm);
});

describe('records as the model sees them', () => {
  it('works the micro-bevel where there is one', () => {
    const wren = sample.tools.find(({ id }) => id === 'wren')!;
    expect(workingFace(wren, wren.zones[0]!)).toMatchObject({
      angleDeg: 15,
      faceWidthMm: 0.3,
      behindAngleDeg: 12,
    });
  });

  it('sees every face of every stone and each strop as it is loaded, without its bar', () => {
    const abrasives = shelfAbrasives(sample);
    expect(abrasives).toHaveLength(16 + 3);
    const belt = abrasives.find(({ abrasive }) => abrasive.id === 'belt')!;
    expect(belt).toMatchObject({ needsAll: ['belt'], abrasive: { sizeUm: 1 } });
    const oilStone = abrasives.find(({ needsAll }) => needsAll.includes('old-stone'))!;
    expect(oilStone).toMatchObject({ needsOneOf: ['oil'], abrasive: { sizeUm: 24 } });
    const without = shelfAbrasives({ ...sample, lubricants: [] });
    expect(without.find(({ needsAll }) => needsAll.includes('old-stone'))!.abrasive).toMatchObject({
      lubricant: null,
    });
  });
});
