import type { EdgeWord } from '../../core';
import type { Finding } from '../../domain/session';
import { edgePath, edgeWeight } from './edgePath';

const WIDTH = 76;
const HEIGHT = 16;

/** The edge strip as small as a line of text: its line alone, with a notch for the deepest chip. */
export function SmallStrip({ word, findings }: { word: EdgeWord; findings: readonly Finding[] }) {
  const chips = findings.filter(({ kind }) => kind === 'chip' || kind === 'roll');
  const deepest = Math.max(0, ...chips.map(({ depthMm }) => depthMm));
  const notch = deepest > 0 ? [{ x: 0.6 * WIDTH, depthMm: deepest }] : [];
  return (
    <svg width={WIDTH} height={HEIGHT} aria-hidden className="block">
      <path
        d={edgePath(word, 1, WIDTH - 1, 5, notch)}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={edgeWeight(word)}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}
