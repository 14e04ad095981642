/** @jest-environment node */
import fc from 'fast-check';
import { makeRecording, SURROUNDINGS, type RecordingScene } from './recordings';
import { strokeCounter } from '../core/measure';

const sampleRateHz = 16_000;

// Sound is worked through sample by sample: beside other work that takes its time.
jest.setTimeout(120_000);

/** Seeds that nothing was tried on. */
const HELD_BACK = [90_001, 90_002];

function count(scene: Partial<RecordingScene>, piece = 1024) {
  const { samples, strokesAt } = makeRecording({
    seconds: 30,
    sampleRateHz,
    perMinute: 45,
    motion: 'single',
    overHissDb: 20,
    surroundings: 'quiet',
    seed: HELD_BACK[0]!,
    ...scene,
  });
  const ear = strokeCounter({ sampleRateHz });
  for (let at = 0; at < samples.length; at += piece) ear.push(samples.subarray(at, at + piece));
  return { ...ear.state(), truth: strokesAt.length };
}

/** How far counts are off, in the mean over the seeds that were held back. */
function meanOff(scene: Partial<RecordingScene>): number {
  const offs = HELD_BACK.map((seed) => {
    const { strokes, truth } = count({ ...scene, seed });
    return Math.abs(strokes / truth - 1);
  });
  return offs.reduce((sum, off) => sum + off, 0) / offs.length;
}

describe('strokes by their sound', () => {
  it.each([
    [20, 20],
    [45, 30],
    [45, 6],
    [70, 12],
  ])(
    'single ones, %d a minute at %d dB over the hiss: at most 2 %% off',
    (perMinute, overHissDb) => {
      expect(meanOff({ perMinute, overHissDb })).toBeLessThanOrEqual(0.02);
    },
  );

  it.each([
    [90, 20],
    [100, 12],
    [140, 6],
  ])(
    'back and forth, %d a minute at %d dB over the hiss: at most 5 %% off',
    (perMinute, overHissDb) => {
      expect(meanOff({ perMinute, overHissDb, motion: 'scrub' })).toBeLessThanOrEqual(0.05);
    },
  );

  it.each(['wind', 'birds', 'talk'] as const)('in %s: at most 3 %% off', (surroundings) => {
    expect(meanOff({ surroundings })).toBeLessThanOrEqual(0.03);
    expect(meanOff({ surroundings, perMinute: 100, motion: 'scrub' })).toBeLessThanOrEqual(0.03);
  });

  it.each(SURROUNDINGS)('never counts in %s alone', (surroundings) => {
    for (const seed of HELD_BACK) {
      expect(count({ surroundings, perMinute: null, seconds: 60, seed })).toMatchObject({
        strokes: 0,
        perMinute: null,
      });
    }
  });

  it('says what it hears: nothing in silence, and its pace while it counts', () => {
    const ear = strokeCounter({ sampleRateHz });
    expect(ear.state()).toEqual({ strokes: 0, hearing: 'nothing', perMinute: null });
    ear.push(new Float32Array(sampleRateHz * 5));
    expect(ear.state()).toEqual({ strokes: 0, hearing: 'nothing', perMinute: null });
    const { hearing, perMinute } = count({ perMinute: 60 });
    expect(hearing).toBe('strokes');
    expect(Math.abs(perMinute! - 60)).toBeLessThan(6);
  });

  it('counts alike however the sound is cut into pieces', () => {
    const whole = count({ seconds: 15 });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5000 }), (piece) => {
        expect(count({ seconds: 15 }, piece)).toEqual(whole);
      }),
      { numRuns: 4 },
    );
  });
});
