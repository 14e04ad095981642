import { passedTest } from '../../core';
import type { SharpnessTest } from '../../domain/terms';
import { TASKS } from '../../domain/tasks';
import type { Zone } from '../../domain/tool';

/** What each test looks like when the edge passes it, finest first. */
export const TEST_WORDS: Record<SharpnessTest, string> = {
  'pops-hair': 'pops hair',
  shaves: 'shaves, both ways',
  'push-cuts-newsprint': 'push-cuts newsprint',
  'slices-paper': 'slices printer paper',
  'tears-paper': 'tears paper',
  'slides-on-nail': 'slides on a nail',
  blunt: 'blunt, glints',
};

/** The test that an apex radius passes, in words. */
export function passesWords(apexRadiusUm: number): string {
  return TEST_WORDS[passedTest({ apexRadiusUm })];
}

/** What an edge must do, by its work or by its test. */
export function asksWords({ work, targetApexUm }: Pick<Zone, 'work' | 'targetApexUm'>): string {
  const names = TASKS.filter(({ id }) => work.includes(id)).map(({ name }) => name);
  return names.length > 0 ? names.join(', ') : passesWords(targetApexUm);
}
