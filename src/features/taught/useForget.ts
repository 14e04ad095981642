import { taughtWords as say } from '../../ui/words/screens/taught';
import { notice } from '../../ui/notice';
import { useChangeSettings, useSettings } from '../../live';
import { stampNow } from '../../domain/clock';

/** Forgets what the log has taught of one thing, of `pace` or of `all`, from now backward; with undo. */
export function useForget(): (what: string, name: string) => Promise<void> {
  const change = useChangeSettings();
  const settings = useSettings();
  return async (what, name) => {
    if (!settings) return;
    const at = stampNow();
    const forgotten = [...settings.forgotten.filter((entry) => entry.what !== what), { what, at }];
    await change({ forgotten });
    void notice(say.forgottenWhatComesFromNow(name), {
      action: {
        label: say.undo,
        onClick: () => void change({ forgotten: settings.forgotten }),
      },
    });
  };
}
