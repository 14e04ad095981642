import { notice } from './notice';
import { failureWords } from './words/failureWords';

/** Does what makes a file; what goes wrong is said. */
export async function saying(work: () => Promise<void>): Promise<void> {
  try {
    await work();
  } catch (error) {
    void notice(failureWords(error as Error), { stays: true });
  }
}
