import { spokenText } from './closedWords';
import { passedTest, TEST_CENTRE_UM } from '../../core/sharpness';
import type { EdgeTest } from '../../domain/session';
import type { EdgeTestKind } from '../../domain/terms';
import { TASKS } from '../../domain/tasks';
import type { Zone } from '../../domain/tool';

/** What each test looks like when the edge passes it, finest first. */
export const TEST_WORDS: Record<EdgeTestKind, string> = {
  'pops-hair': 'pops hair',
  shaves: 'shaves, both ways',
  'push-cuts-newsprint': 'push-cuts newsprint',
  'slices-paper': 'slices printer paper',
  'tears-paper': 'tears paper',
  'slides-on-nail': 'slides on a nail',
  blunt: 'blunt, glints',
  'kitchen-paper': 'cuts kitchen paper',
  'thin-magazine-paper': 'cuts thin magazine paper',
  'folded-paper': 'cuts folded paper',
};

/** What each test looks like opens from its name. */
export const HOW_TESTED = 'How to test an edge';

/** The test that an apex radius passes, in words. */
export function passesWords(apexRadiusUm: number): string {
  return TEST_WORDS[passedTest({ apexRadiusUm })];
}

/** What an edge must do, by its work or by its test. */
export function asksWords({ work, targetApexUm }: Pick<Zone, 'work' | 'targetApexUm'>): string {
  const names = TASKS.filter(({ id }) => work.includes(id)).map(({ name }) => spokenText(name));
  return names.length > 0 ? names.join(', ') : passesWords(targetApexUm);
}

/** Two tests of one place that lie farther apart than this (ln r) contradict each other. */
const APART_LN = 1;

/** Why two tests of one state disagree; null where they do not. Soft paper tears on an edge that has lost its teeth. */
export function disagreementWords(tests: readonly EdgeTest[]): string | null {
  const [b, a] = [tests.at(-1), tests.at(-2)];
  if (!a?.test || !b?.test || a.place !== b.place || a.strokes !== b.strokes) return null;
  const [keener, blunter] = [a.test, b.test].sort((x, y) => TEST_CENTRE_UM[x] - TEST_CENTRE_UM[y]);
  const apart = Math.log(TEST_CENTRE_UM[blunter!] / TEST_CENTRE_UM[keener!]);
  if (apart < APART_LN) return null;
  const both = `It ${TEST_WORDS[keener!]} and yet no finer than ${TEST_WORDS[blunter!]}`;
  return blunter === 'kitchen-paper' || keener === 'push-cuts-newsprint'
    ? `${both}: rounded, or polished without teeth. A few light strokes on the last stone give it bite.`
    : `${both}: the edge differs along its length, or a burr stands. Test at one place, or feel for it.`;
}
