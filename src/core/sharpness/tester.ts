import { mean, sum } from 'd3-array';
import type { Observation } from '../../domain/session';

/** One place of an edge that was tested both ways at one look. */
export interface GramsPair {
  /** The radius (µm) that the test stands for. */
  apexUm: number;
  grams: number;
}

/** A force tester: grams = rest + each·r^0.8, r in µm. */
export interface TesterScale {
  restG: number;
  eachG: number;
}

/** The usual tester (prior). */
export const USUAL_TESTER: TesterScale = { restG: 50, eachG: 150 };
const POWER = 0.8;

/** What a tester reads (grams-force) at an apex radius (µm). */
export function gramsAt({ restG, eachG }: TesterScale, apexUm: number): number {
  return restG + eachG * apexUm ** POWER;
}

/** The apex radius (µm) at which a tester reads so many grams-force; 0 where it reads no more than at rest. */
export function apexAt({ restG, eachG }: TesterScale, grams: number): number {
  return (Math.max(0, grams - restG) / eachG) ** (1 / POWER);
}

/**
 * Least squares on r^0.8. Where all pairs are of one test, or the line would fall, the rest stays as is
 * usual and only the slope is fitted.
 */
export function fitTester(pairs: readonly GramsPair[]): TesterScale {
  const points = pairs.map(({ apexUm, grams }) => ({ x: apexUm ** POWER, y: grams }));
  const meanX = mean(points, ({ x }) => x)!;
  const meanY = mean(points, ({ y }) => y)!;
  const xx = sum(points, ({ x }) => (x - meanX) ** 2);
  const xy = sum(points, ({ x, y }) => (x - meanX) * (y - meanY));
  const eachG = xx > 0 ? xy / xx : 0;
  const restG = meanY - eachG * meanX;
  if (eachG > 0 && restG >= 0) return { restG, eachG };
  const rest = USUAL_TESTER.restG;
  const slope = sum(points, ({ x, y }) => x * (y - rest)) / sum(points, ({ x }) => x * x);
  return { restG: rest, eachG: Math.max(1, slope) };
}

/** A reading of a person's own tester as the usual one would have it; one without a scale as it is. */
export function asUsualGrams(grams: number, scale: TesterScale | null): number {
  if (!scale) return grams;
  const { restG, eachG } = USUAL_TESTER;
  // By its line and not by the radius: below its rest a reading would have none.
  const usual = restG + ((grams - scale.restG) / scale.eachG) * eachG;
  // Readings are kept between 1 g and 2 kg.
  return Math.min(2000, Math.max(1, usual));
}

/** A look with its grams as the usual tester would read them: what every estimate of the apex goes by. */
export function byUsualTester<T extends Pick<Observation, 'tests'>>(
  seen: T,
  scale: TesterScale | null,
): T {
  if (!scale || seen.tests.every(({ grams }) => grams === null)) return seen;
  const tests = seen.tests.map((test) =>
    test.grams === null ? test : { ...test, grams: asUsualGrams(test.grams, scale) },
  );
  return { ...seen, tests };
}
