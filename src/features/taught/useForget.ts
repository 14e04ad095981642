import { notice } from '../../ui/notice';
import { useSettings, useStore } from '../../live';

/** Forgets what the log has taught of one thing, of `pace` or of `all`, from now backward; with undo. */
export function useForget(): (what: string, name: string) => Promise<void> {
  const store = useStore();
  const settings = useSettings();
  return async (what, name) => {
    if (!settings) return;
    const at = new Date().toISOString();
    const forgotten = [...settings.forgotten.filter((entry) => entry.what !== what), { what, at }];
    const createdAt = settings.createdAt.startsWith('1970') ? at : settings.createdAt;
    await store.settings.save({ ...settings, createdAt, forgotten, updatedAt: at });
    void notice(`Forgotten: ${name}. What comes from now on teaches again.`, {
      action: {
        label: 'Undo',
        onClick: () =>
          void store.settings.update(settings.id, (present) => ({
            ...present,
            forgotten: settings.forgotten,
            updatedAt: new Date().toISOString(),
          })),
      },
    });
  };
}
