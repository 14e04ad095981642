/** Longest line that is waited for: what goes on beyond is no line of ours. */
const LONGEST = 200;

/** Puts pieces of a stream together into lines, and hands each on as it is whole. */
export function splitLines(onLine: (line: string) => void): (piece: string) => void {
  let begun = '';
  return (piece) => {
    begun += piece;
    const lines = begun.split(/\r?\n/);
    begun = lines.pop()!;
    lines.forEach(onLine);
    if (begun.length > LONGEST) {
      onLine(begun);
      begun = '';
    }
  };
}
