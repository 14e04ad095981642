import { FAMILIES } from '../domain/families';
import { stoneClass } from '../core/abrasive';
import type { LadderAbrasive } from '../core/ladder';

/**
 * The sign of a thing that works an edge, by its shape: a circle for a strop, a triangle for a file, a
 * slash for a hone, a square for a stone: white when fine, half filled when medium, black when coarse.
 */
export function Alphabet({ abrasive }: { abrasive: LadderAbrasive }) {
  return (
    <svg width={16} height={16} viewBox="0 0 16 16" className="shrink-0" aria-hidden>
      <Sign abrasive={abrasive} />
    </svg>
  );
}

function Sign({ abrasive }: { abrasive: LadderAbrasive }) {
  const line = { fill: 'none', stroke: 'currentColor', strokeWidth: 2 };
  if (abrasive.kind === 'strop') return <circle cx={8} cy={8} r={6} {...line} />;
  if (abrasive.form === 'file') return <path d="M8,1L15,15H1Z" fill="currentColor" />;
  if (FAMILIES[abrasive.family].does === 'straightens') return <path d="M3,14L13,2" {...line} />;
  const grade = stoneClass(abrasive.sizeUm);
  return (
    <g>
      {grade === 'coarse' && <rect x={2} y={2} width={12} height={12} fill="currentColor" />}
      {grade === 'medium' && <path d="M2,2V14H14Z" fill="currentColor" />}
      <rect x={2} y={2} width={12} height={12} {...line} />
    </g>
  );
}
