/** What a notice at the foot of the screen can offer beside its words. */
export interface NoticeOptions {
  action?: { label: string; onClick: () => void };
  /** A notice that stays until it is acted on or dismissed. */
  stays?: boolean;
}

let place: () => void;
const isPlaced = new Promise<void>((resolve) => (place = resolve));

/** Says that there is a place now where notices appear. */
export function noticesPlaced(): void {
  place();
}

/** Says something at the foot of the screen. What draws it loads after the screen itself; it waits. */
export async function notice(words: string, options: NoticeOptions = {}): Promise<void> {
  const [{ toast }] = await Promise.all([import('sonner'), isPlaced]);
  const { action, stays } = options;
  const show = stays ? toast.error : toast;
  show(words, { action, ...(stays ? { duration: Infinity, closeButton: true } : {}) });
}
