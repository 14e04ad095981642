import fc from 'fast-check';
import { passedTest, readGrams } from '../../domain/observation';
import type { Inspection } from '../../domain/session';
import { sample } from '../../testing/sample';
import { byUsualTester, fitTester, USUAL_TESTER, gramsFromApex } from '../sharpness';
import { FEWEST_PAIRS, learnTester, logByUsualTester } from '.';

const look = (tests: Inspection['seen']['tests']): Inspection => ({
  ...sample.inspections[0]!,
  seen: { tests, findings: [] },
});
const paired = (grams: number) => look([passedTest('push-cuts-newsprint'), readGrams(grams)]);
const learned = (inspections: readonly Inspection[]) => learnTester({ sessions: [], inspections });

describe('the person’s own tester', () => {
  it('counts a pair only where both were read at one place of one look', () => {
    expect(learned([paired(210)]).pairs).toEqual([{ apexUm: 1, grams: 210 }]);
    const apart = look([passedTest('shaves', 'tip'), readGrams(150, 'heel')]);
    expect(learned([apart, look([readGrams(150)]), look([])]).pairs).toEqual([]);
  });

  it('is known from ten pairs on, and not a pair sooner', () => {
    const pairs = (count: number) => Array.from({ length: count }, () => paired(210));
    expect(learned(pairs(FEWEST_PAIRS - 1)).scale).toBeNull();
    expect(learned(pairs(FEWEST_PAIRS)).scale).toEqual({ restG: 50, eachG: 160 });
  });

  it('is the usual one where it reads as that does', () => {
    const pairs = [0.2, 0.5, 1, 2, 4, 8].map((apexUm) => ({
      apexUm,
      grams: gramsFromApex({ apexRadiusUm: apexUm }),
    }));
    const scale = fitTester(pairs);
    expect(scale.restG).toBeCloseTo(USUAL_TESTER.restG, 6);
    expect(scale.eachG).toBeCloseTo(USUAL_TESTER.eachG, 6);
  });

  it('never makes a blunter reading a keener one, nor leaves what a record holds', () => {
    const scale = fc.record({
      restG: fc.double({ min: 0, max: 400, noNaN: true }),
      eachG: fc.double({ min: 1, max: 600, noNaN: true }),
    });
    const grams = fc.double({ min: 1, max: 2000, noNaN: true });
    fc.assert(
      fc.property(scale, grams, grams, (own, a, b) => {
        const [less, more] = [Math.min(a, b), Math.max(a, b)].map(
          (read) => byUsualTester(look([readGrams(read)]).seen, own).tests[0]!.grams!,
        );
        expect(less!).toBeLessThanOrEqual(more!);
        expect(less!).toBeGreaterThanOrEqual(1);
        expect(more!).toBeLessThanOrEqual(2000);
      }),
    );
  });

  it('leaves tests of paper and hair, and looks without grams, as they are', () => {
    const scale = { restG: 40, eachG: 200 };
    const log = { sessions: sample.sessions, inspections: [look([passedTest('shaves')])] };
    const read = logByUsualTester(log, scale);
    expect(read.inspections[0]).toBe(log.inspections[0]);
    expect(logByUsualTester(log, null)).toBe(log);
    const mixed = byUsualTester(look([passedTest('shaves'), readGrams(240)]).seen, scale);
    expect(mixed.tests[0]).toEqual(passedTest('shaves'));
    expect(mixed.tests[1]!.grams).toBeCloseTo(200, 9);
  });
});
