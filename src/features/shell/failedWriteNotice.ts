import { notice } from '../../ui/notice';
import { failureWords } from '../../ui/words/failureWords';
import type { FailedWrite } from '../../live';

/** Says that a write was refused; where it may go better another time, it can be tried again. */
export function failedWriteNotice({ error, retry }: FailedWrite): void {
  // What is not valid stays so: it is to be mended where it was entered.
  const mayGoBetter = error.name !== 'ValidationError';
  // A second refusal shows its own notice.
  const action = { label: 'Try again', onClick: () => void retry().catch(() => {}) };
  void notice(failureWords(error), { stays: true, action: mayGoBetter ? action : undefined });
}
