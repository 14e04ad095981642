/** What an undo left as it is, as somebody has changed it since; null where it took all back. */
export function leftAsItIs(changedSince: number): string | null {
  return changedSince > 0
    ? `Taken back, but for ${changedSince} changed since: they stay as they are now.`
    : null;
}
