import type { SharpnessTest } from '../../domain/terms';
import { SHARPNESS_TESTS } from '../../domain/terms';
import { positive } from '../check';
import { TEST_CENTRE_UM } from './testCentres';
import { PRIORS } from '../priors';

/** Apex radius over target up to which an edge is keen for its work: a test is no finer. */
export const KEEN_UP_TO = PRIORS.keenUpTo.value;

/** The finest test that an apex radius passes: the one whose centre is nearest in ln r. */
export function passedTest(input: { apexRadiusUm: number }): SharpnessTest {
  const ln = Math.log(positive(input.apexRadiusUm, 'apexRadiusUm'));
  const distance = (test: SharpnessTest): number => Math.abs(ln - Math.log(TEST_CENTRE_UM[test]));
  return SHARPNESS_TESTS.reduce((best, next) => (distance(next) < distance(best) ? next : best));
}

/** The bluntest apex radius (µm) of the test that a radius passes: half-way (ln) to the next test's centre. */
export function upperEdgeUm(apexRadiusUm: number): number {
  const at = SHARPNESS_TESTS.indexOf(passedTest({ apexRadiusUm }));
  const next = SHARPNESS_TESTS[at + 1];
  const centreUm = TEST_CENTRE_UM[SHARPNESS_TESTS[at]!];
  return next ? Math.sqrt(centreUm * TEST_CENTRE_UM[next]) : Infinity;
}

/** Apex radius over target up to which an edge still works; beyond it is tired. */
export const WORKS_UP_TO = PRIORS.worksUpTo.value;
