import type { CountScheme } from '../../domain/terms';

/** Whether the tool turns over by itself: all that is not counted a side, or along the edge, at a time. */
export function turnsByItself(scheme: CountScheme): boolean {
  return scheme !== 'a side at a time' && scheme !== 'heel to toe and back';
}
