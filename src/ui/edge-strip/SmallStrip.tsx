import type { EdgeWord } from '../../core/inspection';
import type { Finding } from '../../domain/session';
import { edgePath, edgeWeight } from './edgePath';

const USUAL_WIDTH = 76;
const HEIGHT = 16;

/** The edge strip as small as a line of text: its line alone, with a notch for the deepest chip. */
export function SmallStrip(props: {
  word: EdgeWord;
  findings: readonly Finding[];
  width?: number;
}) {
  const { word, findings, width = USUAL_WIDTH } = props;
  const chips = findings.filter(({ kind }) => kind === 'chip' || kind === 'roll');
  const deepest = Math.max(0, ...chips.map(({ depthMm }) => depthMm));
  const notch = deepest > 0 ? [{ x: 0.6 * width, depthMm: deepest }] : [];
  return (
    <svg width={width} height={HEIGHT} aria-hidden className="block">
      <path
        d={edgePath(word, 1, width - 1, 5, notch)}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={edgeWeight(word)}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}
