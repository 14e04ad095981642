import fc from 'fast-check';
import {
  apexContactWidthMm,
  bevelFaceWidthMm,
  contactPressure,
  convexContactWidthMm,
  damageVolumeMm3,
  defaultForceN,
  faceVolumeMm3,
  forceInWords,
  microbevelVolumeMm3,
  rockwellHardness,
  roundingShiftMm,
  scratchShiftMm,
  specificWearRate,
  strokesFor,
  vickersHardness,
} from '..';
import { ABRASIVE_FAMILIES } from '../../domain/terms';

const on58 = { hardnessHrc: 58, carbide: 'low' } as const;

it('reads Vickers between the entries of the hardness table', () => {
  expect(vickersHardness({ hardnessHrc: 58 })).toBe(653);
  expect(vickersHardness({ hardnessHrc: 59 })).toBe(675);
  expect(() => vickersHardness({ hardnessHrc: 70 })).toThrow('hardnessHrc');
});

it('reads the table backward, and stops at its ends', () => {
  fc.assert(
    fc.property(fc.double({ min: 30, max: 68, noNaN: true }), (hardnessHrc) => {
      const hardnessHv = vickersHardness({ hardnessHrc });
      expect(rockwellHardness({ hardnessHv })).toBeCloseTo(hardnessHrc, 9);
    }),
  );
  expect(rockwellHardness({ hardnessHv: 100 })).toBe(30);
  expect(rockwellHardness({ hardnessHv: 2000 })).toBe(68);
});

describe('wear rate', () => {
  it('has the order of its worked examples', () => {
    expect(specificWearRate({ abrasive: 'diamond', sizeUm: 25, ...on58 })).toBeCloseTo(0.00325, 5);
    expect(specificWearRate({ abrasive: 'diamond', sizeUm: 45, ...on58 })).toBeCloseTo(0.0049, 5);
    const fine = { abrasive: 'alumina', sizeUm: 14, hardnessHrc: 60, carbide: 'low' } as const;
    expect(specificWearRate(fine)).toBeCloseTo(0.000888, 6);
  });

  it('falls with hardness and rises with size, up to 100 µm, of all that cuts', () => {
    const families = fc.constantFrom(
      ...ABRASIVE_FAMILIES.filter((f) => f !== 'file' && f !== 'smooth-steel'),
    );
    const size = fc.double({ min: 0.5, max: 90, noNaN: true });
    const hardness = fc.double({ min: 40, max: 66, noNaN: true });
    fc.assert(
      fc.property(families, size, hardness, (abrasive, sizeUm, hardnessHrc) => {
        const input = { abrasive, sizeUm, hardnessHrc, carbide: 'low' } as const;
        const k = specificWearRate(input);
        expect(specificWearRate({ ...input, hardnessHrc: hardnessHrc + 1 })).toBeLessThan(k);
        expect(specificWearRate({ ...input, sizeUm: sizeUm * 1.1 })).toBeGreaterThan(k);
      }),
    );
  });

  it('knows what a file skates on and what slows stones', () => {
    const file = { abrasive: 'file', sizeUm: 100, carbide: 'low' } as const;
    expect(specificWearRate({ ...file, hardnessHrc: 58 })).toBeGreaterThan(0);
    expect(specificWearRate({ ...file, hardnessHrc: 58.5 })).toBe(0);
    const rich = { sizeUm: 25, hardnessHrc: 60, carbide: 'vanadium-rich' } as const;
    const plain = { ...rich, carbide: 'low' } as const;
    const ratio = (abrasive: 'diamond' | 'alumina') =>
      specificWearRate({ ...rich, abrasive }) / specificWearRate({ ...plain, abrasive });
    expect(ratio('diamond')).toBe(1);
    expect(ratio('alumina')).toBeCloseTo(0.3, 9);
    const loaded = specificWearRate({ ...plain, abrasive: 'sic', state: 'loaded' });
    expect(loaded / specificWearRate({ ...plain, abrasive: 'sic' })).toBeCloseTo(0.4, 9);
  });
});

describe('force', () => {
  it('falls as the grit gets finer, within the hand’s limits', () => {
    const at = (sizeUm: number) => defaultForceN({ abrasive: 'diamond', sizeUm });
    expect(at(3)).toBe(4);
    expect(at(0.5)).toBe(3);
    expect(at(500)).toBe(15);
    expect(defaultForceN({ abrasive: 'file', sizeUm: 100, hands: 2 })).toBe(45);
    expect(defaultForceN({ abrasive: 'leather', sizeUm: 1 })).toBe(4);
  });

  it('has a word', () => {
    expect([1.5, 4, 7.6, 14, 28].map((forceN) => forceInWords({ forceN }))).toEqual([
      'own weight',
      'light',
      'medium',
      'firm',
      'hard',
    ]);
  });

  it('warns by pressure, both ways', () => {
    const at = (faceWidthMm: number) =>
      contactPressure({ forceN: 8, faceWidthMm, contactLengthMm: 25 }).warning;
    expect([at(20), at(1), at(0.05)]).toEqual(['may-skate', null, 'may-score']);
  });
});

describe('volume to remove', () => {
  it('of a rounded apex follows 2·L·w·r·(1 − sin θ)', () => {
    const shiftMm = roundingShiftMm({ apexRadiusUm: 2, angleDeg: 15 });
    const volume = faceVolumeMm3({ edgeLengthMm: 95, faceWidthMm: 0.3, shiftMm });
    expect(volume).toBeCloseTo(2 * 95 * 0.3 * 0.002 * (1 - 0.258819), 6);
  });

  it('of a chip through a micro-bevel is about twice its first term', () => {
    const chip = {
      edgeLengthMm: 95,
      faceWidthMm: 0.3,
      angleDeg: 15,
      behindAngleDeg: 12,
      depthMm: 0.15,
    };
    const firstTerm = damageVolumeMm3({ ...chip, behindAngleDeg: 0 });
    expect(damageVolumeMm3(chip) / firstTerm).toBeCloseTo(2, 1);
  });

  it('scales with the cube of the unit and grows with damage', () => {
    const chip = {
      edgeLengthMm: 95,
      faceWidthMm: 0.9,
      angleDeg: 20,
      behindAngleDeg: 3,
      depthMm: 0.2,
    };
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 5, noNaN: true }), (k) => {
        const scaled = damageVolumeMm3({
          ...chip,
          edgeLengthMm: k * chip.edgeLengthMm,
          faceWidthMm: k * chip.faceWidthMm,
          depthMm: k * chip.depthMm,
        });
        expect(scaled / damageVolumeMm3(chip)).toBeCloseTo(k ** 3, 6);
        const deeper = damageVolumeMm3({ ...chip, depthMm: chip.depthMm + k });
        expect(deeper).toBeGreaterThan(damageVolumeMm3(chip));
      }),
    );
    expect(() => damageVolumeMm3({ ...chip, behindAngleDeg: 20 })).toThrow('behindAngleDeg');
  });

  it('of a new micro-bevel is its area along the edge', () => {
    const micro = { bevelAngleDeg: 12, microAngleDeg: 15, faceWidthMm: 0.3 };
    expect(microbevelVolumeMm3({ ...micro, edgeLengthMm: 100 })).toBeCloseTo(0.586, 3);
  });

  it('comes from near the apex when only the apex matters', () => {
    const near = { faceWidthMm: 7, shiftMm: 0.0015, wobbleDeg: 0.5 };
    expect(apexContactWidthMm(near)).toBeCloseTo(0.172, 3);
    expect(apexContactWidthMm({ ...near, faceWidthMm: 0.1 })).toBe(0.1);
    expect(convexContactWidthMm({ radiusMm: 35.73, shiftMm: 0.002 })).toBeCloseTo(0.252, 3);
    expect(scratchShiftMm({ sizeUm: 25 })).toBeCloseTo(0.0015, 9);
  });
});

describe('strokes', () => {
  it('follow Archard, over both sides', () => {
    const strokes = strokesFor({
      volumeMm3: 0.225,
      wearRate: specificWearRate({ abrasive: 'diamond', sizeUm: 25, ...on58 }),
      forceN: 8,
      strokeLengthMm: 95,
    });
    expect(Math.round(strokes)).toBe(91);
  });

  it('make a chip in a zero-ground scandi a job for the bench', () => {
    const volumeMm3 = damageVolumeMm3({
      edgeLengthMm: 95,
      faceWidthMm: bevelFaceWidthMm({ shoulderThicknessMm: 3, bevelAngleDeg: 12 }),
      angleDeg: 12,
      behindAngleDeg: 0,
      depthMm: 0.15,
    });
    const wearRate = specificWearRate({ abrasive: 'diamond', sizeUm: 60, ...on58 });
    const strokes = strokesFor({ volumeMm3, wearRate, forceN: 20, strokeLengthMm: 95 });
    expect(strokes).toBeGreaterThan(3700);
    expect(strokes).toBeLessThan(3800);
  });

  it('refuse an abrasive that does not bite', () => {
    expect(() => strokesFor({ volumeMm3: 1, wearRate: 0, forceN: 8, strokeLengthMm: 95 })).toThrow(
      'wearRate must be more than 0',
    );
  });
});
