import { toast } from 'sonner';
import type { FailedWrite } from '../../data';
import { failureWords } from '../../ui/words/failureWords';

/** Says that a write was refused, and stays until it is tried again or dismissed. */
export function failedWriteNotice({ error, retry }: FailedWrite): void {
  toast.error(failureWords(error), {
    duration: Infinity,
    closeButton: true,
    action: {
      label: 'Try again',
      // A second refusal shows its own notice.
      onClick: () => void retry().catch(() => {}),
    },
  });
}
