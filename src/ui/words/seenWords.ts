import { spoken } from './closedWords';
import type { Observation } from '../../domain/session';
import { chipDepth } from '../format';
import { testWords } from './entryWords';

/** What was seen of an edge, in a few words: its test or grams, and its deepest damage. */
export function seenInWords(seen: Observation): string {
  const { findings } = seen;
  const test = testWords(seen);
  const deepest = findings.reduce(
    (most, own) => (own.depthMm > (most?.depthMm ?? 0) ? own : most),
    findings[0],
  );
  if (!deepest) return test;
  const depth = deepest.depthMm > 0 ? ` ${chipDepth(deepest.depthMm)}` : '';
  return `${test}, ${spoken(deepest.kind)}${depth}`;
}
