import { notice } from '../../ui/notice';
import { failureWords } from '../../ui/words/failureWords';

/** Says that what was entered is not valid: it is to be mended where it was entered. */
export function refused(error: Error): void {
  void notice(failureWords(error), { stays: true });
}
