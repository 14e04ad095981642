import { uiPartsWords as say } from '../words/partsWords';
import { spoken } from '../words/closedWords';
import type { EdgeWord } from '../../core/inspection';
import type { Finding } from '../../domain/session';

/** How the line of an edge is drawn: shape and weight tell the state before colour does. */
interface Stroke {
  amplitude: number;
  period: number;
  rounded: boolean;
  weight: number;
}

const STROKES: Record<EdgeWord, Stroke> = {
  keen: { amplitude: 0, period: 0, rounded: false, weight: 1.6 },
  works: { amplitude: 1.3, period: 6, rounded: false, weight: 1.6 },
  tired: { amplitude: 2, period: 13, rounded: true, weight: 2.6 },
  blunt: { amplitude: 2.4, period: 26, rounded: true, weight: 5 },
  unknown: { amplitude: 0, period: 0, rounded: false, weight: 1.6 },
};

export function edgeWeight(word: EdgeWord): number {
  return STROKES[word].weight;
}

/** A notch as wide as it is deep, large enough to be seen. */
export function notchSize(depthMm: number): number {
  return Math.min(13, 4 + depthMm * 22);
}

/**
 * The line of one stretch of edge from `x0` to `x1` at height `y`, in drawing units, with a notch at
 * each of its chips.
 */
export function edgePath(
  word: EdgeWord,
  x0: number,
  x1: number,
  y: number,
  chips: readonly { x: number; depthMm: number }[],
): string {
  const stroke = STROKES[word];
  const notches = [...chips].sort((a, b) => a.x - b.x);
  let path = `M${fixed(x0)},${fixed(y)}`;
  let from = x0;
  for (const chip of notches) {
    const size = notchSize(chip.depthMm);
    const left = Math.max(from, chip.x - size / 2);
    const right = Math.min(x1, chip.x + size / 2);
    path += wave(stroke, from, left, y);
    path += `L${fixed(chip.x)},${fixed(y + size)}L${fixed(right)},${fixed(y)}`;
    from = right;
  }
  return path + wave(stroke, from, x1, y);
}

function wave({ amplitude, period, rounded }: Stroke, x0: number, x1: number, y: number): string {
  if (amplitude === 0 || x1 - x0 < period / 2) return `L${fixed(x1)},${fixed(y)}`;
  const count = Math.max(1, Math.round((x1 - x0) / period));
  const step = (x1 - x0) / count;
  let path = '';
  for (let i = 0; i < count; i += 1) {
    const x = x0 + i * step;
    path += rounded
      ? `Q${fixed(x + step / 4)},${fixed(y - 2 * amplitude)} ${fixed(x + step / 2)},${fixed(y)}` +
        `Q${fixed(x + (3 * step) / 4)},${fixed(y + 2 * amplitude)} ${fixed(x + step)},${fixed(y)}`
      : `L${fixed(x + step / 2)},${fixed(y - 2 * amplitude)}L${fixed(x + step)},${fixed(y)}`;
  }
  return path;
}

const fixed = (value: number): string => String(Math.round(value * 100) / 100);

/** What a strip says, in words, for those who do not see it. */
export function describeEdge(
  stretches: readonly { name: string; word: EdgeWord; findings: readonly Finding[] }[],
): string {
  return stretches
    .map(({ name, word, findings }) => {
      const seen = findings.map((f) => say.findingAt(spoken(f.kind), f.atMm)).join(', ');
      return `${name}: ${word === 'unknown' ? say.notTested : spoken(word)}${seen ? `, ${seen}` : ''}`;
    })
    .join('; ');
}
