import { passedTest } from '../../domain/observation';
import type { EdgeTest, Finding } from '../../domain/session';
import { estimateApex, testReading, type ApexEstimate } from './estimateApex';
import { TEST_CENTRE_UM } from './testCentres';

/** A stretch that glints slides on a nail: it is at least this round (µm). */
const GLINT_UM = TEST_CENTRE_UM['slides-on-nail'];

/** The apex of one look: the bluntest tested stretch, or a glint's; null where neither was seen. */
export function seenApex(seen: {
  tests: readonly EdgeTest[];
  findings: readonly Finding[];
}): ApexEstimate | null {
  const tested = seen.tests.length > 0 ? worstStretch(seen.tests) : null;
  const glints = seen.findings.some((f) => f.kind === 'glint' && !f.leftOnPurpose);
  if (!glints || (tested && tested.apexRadiusUm >= GLINT_UM)) return tested;
  return worstStretch([passedTest('slides-on-nail')]);
}

/** Looks are estimated again and again, and never change: each is computed once. */
const estimated = new WeakMap<readonly EdgeTest[], ApexEstimate>();

/** Estimate of the bluntest stretch among tests at several places of one edge. */
export function worstStretch(tests: readonly EdgeTest[]): ApexEstimate {
  const known = estimated.get(tests);
  if (known) return known;
  const worst = estimateWorst(tests);
  estimated.set(tests, worst);
  return worst;
}

function estimateWorst(tests: readonly EdgeTest[]): ApexEstimate {
  const places = [...new Set(tests.map((t) => t.place))];
  return places
    .map((place) =>
      estimateApex({ tests: tests.filter((t) => t.place === place).map(testReading) }),
    )
    .reduce((worst, next) => (next.apexRadiusUm > worst.apexRadiusUm ? next : worst));
}
