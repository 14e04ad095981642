import { HELD_WAYS } from '../../domain/terms';
import fc from 'fast-check';
import { bevelFaceWidthMm } from '../edge';
import {
  bandVolumeMm3,
  contactPressure,
  damageVolumeMm3,
  defaultForceN,
  faceVolumeMm3,
  flatDamageBand,
  microbevelVolumeMm3,
  rockwellHardness,
  roundingShiftMm,
  scratchShiftMm,
  vickersHardness,
  forceInWords,
  specificWearRate,
  strokesFor,
  workedBand,
} from '.';
import { ABRASIVE_FAMILIES } from '../../domain/families';

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
      ...ABRASIVE_FAMILIES.filter(
        (f) => f !== 'file' && f !== 'smooth-steel' && f !== 'carbide-cutter',
      ),
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
  const onKnife = { toolForm: 'knife', held: 'laid down', heavy: false } as const;

  it('falls as the grit gets finer, within the hand’s limits', () => {
    const at = (sizeUm: number) => defaultForceN({ ...onKnife, abrasive: 'diamond', sizeUm });
    expect(at(3)).toBe(4);
    expect(at(0.5)).toBe(3);
    expect(at(500)).toBe(15);
  });

  it('goes by how the thing is held, the first that fits', () => {
    const at = (change: Partial<Parameters<typeof defaultForceN>[0]>) =>
      defaultForceN({ ...onKnife, abrasive: 'diamond', sizeUm: 25, ...change });
    expect(at({ abrasive: 'leather', heavy: true })).toBe(4);
    expect(at({ abrasive: 'file', held: 'braced', toolForm: 'axe' })).toBe(45);
    expect(at({ abrasive: 'file', held: 'braced' })).toBe(28);
    for (const held of HELD_WAYS) expect(at({ heavy: true, held })).toBe(15);
    expect(at({ heavy: true, sizeUm: 9, toolForm: 'axe', held: 'braced' })).toBe(12);
    expect(at({ toolForm: 'axe', held: 'braced' })).toBe(12);
    const lying = 4 * (25 / 3) ** 0.3;
    expect(at({ toolForm: 'axe' })).toBeCloseTo(lying, 9);
    for (const abrasive of ['diamond', 'ceramic', 'novaculite'] as const)
      expect(at({ abrasive, held: 'in the hand' })).toBe(4);
    for (const held of HELD_WAYS) expect(at({ toolForm: 'machete', held })).toBeCloseTo(lying, 9);
  });

  it('has a word', () => {
    expect([1.5, 4, 7.6, 14, 28, 45].map((forceN) => forceInWords({ forceN }))).toEqual([
      'own weight',
      'light',
      'medium',
      'firm',
      'hard',
      'two hands',
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

  it('of a tired hatchet comes from a tenth of a millimetre: the worked example', () => {
    const shiftMm = roundingShiftMm({ apexRadiusUm: 4, angleDeg: 20 });
    const band = workedBand({ shiftMm, holdAboveDeg: 1.5, faceWidthMm: 8, arcRadiusMm: 40 });
    expect(band.widthMm).toBeCloseTo(0.096, 3);
    const volumeMm3 = bandVolumeMm3({ lengthMm: 85, band });
    expect(volumeMm3).toBeCloseTo(0.044, 3);
    const wearRate = specificWearRate({
      abrasive: 'novaculite',
      sizeUm: 10,
      hardnessHrc: 56,
      carbide: 'low',
    });
    const strokes = strokesFor({ volumeMm3, wearRate, forceN: 12, strokeLengthMm: 95 });
    expect(Math.round(strokes / 2)).toBe(56);
  });

  it('of a chip filed out of a felling bit as a band: the worked example', () => {
    const shiftMm = 0.25 * Math.sin((25 * Math.PI) / 180);
    const band = workedBand({ shiftMm, holdAboveDeg: 3, faceWidthMm: 10, arcRadiusMm: 36 });
    expect(2 * 70 * band.areaPerSideMm2).toBeCloseTo(11.8, 1);
  });

  it('of a chip in a flat bevel is the exact triangle, less what lies beyond the shoulder', () => {
    const chip = { depthMm: 0.15, angleDeg: 12, behindAngleDeg: 0, faceWidthMm: 7.2 };
    const sin = (deg: number) => Math.sin((deg * Math.PI) / 180);
    const triangle = (0.5 * 0.15 ** 2 * sin(12) * sin(15)) / sin(3);
    expect(flatDamageBand(chip).areaPerSideMm2).toBeCloseTo(triangle, 12);
    expect(flatDamageBand(chip).widthMm).toBeCloseTo((0.15 * sin(12)) / sin(3), 12);
    const narrow = flatDamageBand({ ...chip, faceWidthMm: 0.3 });
    expect(narrow.areaPerSideMm2).toBeLessThan(triangle);
    expect(narrow.areaPerSideMm2).toBeGreaterThan(0);
  });

  it('of a band never falls with the shift, and never exceeds the whole face', () => {
    const shift = fc.double({ min: 1e-5, max: 0.3, noNaN: true });
    const arc = fc.option(fc.double({ min: 5, max: 200, noNaN: true }));
    const width = fc.double({ min: 0.05, max: 12, noNaN: true });
    fc.assert(
      fc.property(shift, arc, width, (shiftMm, arcRadiusMm, faceWidthMm) => {
        const at = (mm: number) =>
          workedBand({ shiftMm: mm, holdAboveDeg: 1.5, faceWidthMm, arcRadiusMm });
        expect(at(shiftMm).widthMm).toBeLessThanOrEqual(faceWidthMm);
        expect(at(shiftMm).areaPerSideMm2).toBeLessThanOrEqual(shiftMm * faceWidthMm);
        expect(at(1.1 * shiftMm).areaPerSideMm2).toBeGreaterThan(at(shiftMm).areaPerSideMm2);
      }),
    );
  });

  it('of scratches is a tenth of the particle, nearly', () => {
    expect(scratchShiftMm({ sizeUm: 25 })).toBeCloseTo(0.00225, 9);
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
    const strokes = strokesFor({ volumeMm3, wearRate, forceN: 15, strokeLengthMm: 135 });
    expect(strokes).toBeGreaterThan(3300);
    expect(strokes).toBeLessThan(3700);
  });

  it('refuse an abrasive that does not bite', () => {
    expect(() => strokesFor({ volumeMm3: 1, wearRate: 0, forceN: 8, strokeLengthMm: 95 })).toThrow(
      'wearRate must be more than 0',
    );
  });
});
