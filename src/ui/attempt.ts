import { notice } from './notice';
import { failureWords } from './words/failureWords';

/** Does something that the browser asks the person about; what they break off there is no failure. */
export function attempt(work: Promise<unknown>): void {
  work.catch((error: Error) => {
    if (error.name !== 'AbortError') void notice(failureWords(error), { stays: true });
  });
}
