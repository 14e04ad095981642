/** What a notice at the foot of the screen can offer beside its words. */
export interface NoticeOptions {
  action?: { label: string; onClick: () => void };
  /** A notice that stays until it is acted on or dismissed. */
  stays?: boolean;
}

/** Says something at the foot of the screen; what draws it loads after the screen itself. */
export async function notice(words: string, options: NoticeOptions = {}): Promise<void> {
  const { toast } = await import('sonner');
  const { action, stays } = options;
  const show = stays ? toast.error : toast;
  show(words, { action, ...(stays ? { duration: Infinity, closeButton: true } : {}) });
}
