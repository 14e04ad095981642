import type { RungOut } from './types';

/** The heaviest rung of some steps, planned or logged: the file, else a stone, else the strop. */
export function heaviestRung(
  things: readonly { kind: 'stone' | 'strop'; form: string | null }[],
): RungOut {
  const stones = things.filter(({ kind }) => kind === 'stone');
  if (stones.some(({ form }) => form === 'file')) return 'file';
  return stones.length > 0 ? 'stone' : 'strop';
}
