import { SHARPNESS_TESTS, type SharpnessTest } from '../../domain/terms';
import { edgeWord, type EdgeWord } from '../inspection';
import { TEST_CENTRE_UM } from '../sharpness';

/**
 * The test that an edge of this word passes at its finest: the middle one of those that the word stands for,
 * by what the edge's work asks for (µm). Null where no test tells that word: coarse work knows no tired edge.
 */
export function testOfWord(word: EdgeWord, targetUm: number): SharpnessTest | null {
  const fitting = SHARPNESS_TESTS.filter(
    (test) => edgeWord(TEST_CENTRE_UM[test], targetUm, 0) === word,
  );
  return fitting[Math.floor((fitting.length - 1) / 2)] ?? null;
}
