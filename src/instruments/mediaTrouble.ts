import type { LostWhy } from './source';

/** What a browser means by refusing a microphone or a camera (the errors of `getUserMedia`). */
export function whyOf(error: unknown): LostWhy {
  const name = error instanceof Error || error instanceof DOMException ? error.name : '';
  if (name === 'NotAllowedError' || name === 'SecurityError') return 'refused';
  if (name === 'NotReadableError' || name === 'AbortError') return 'busy';
  return 'not here';
}
