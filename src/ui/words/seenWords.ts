import type { Observation } from '../../domain/session';
import { chipDepth, grams } from '../format';
import { TEST_WORDS } from './testWords';

/** What was seen of an edge, in a few words: its test or grams, and its deepest damage. */
export function seenInWords({ tests, findings }: Observation): string {
  const last = tests.at(-1);
  const test = last?.test ? TEST_WORDS[last.test] : last?.grams ? grams(last.grams) : 'not tested';
  const deepest = findings.reduce(
    (most, seen) => (seen.depthMm > (most?.depthMm ?? 0) ? seen : most),
    findings[0],
  );
  if (!deepest) return test;
  const depth = deepest.depthMm > 0 ? ` ${chipDepth(deepest.depthMm)}` : '';
  return `${test}, ${deepest.kind.replaceAll('-', ' ')}${depth}`;
}
