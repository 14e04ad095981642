import { spoken } from './words/closedWords';
import { uiPartsWords as say } from './words/partsWords';
import type { WorkMark } from '../core/answers';

/** What each mark of the log stands for. */
export const WORK_MARK_WORDS: Record<WorkMark, string> = {
  tested: say.testedOnly,
  strop: spoken('strop'),
  hone: spoken('hone'),
  fine: say.fineStone,
  medium: say.mediumStone,
  coarse: say.coarseStone,
  file: spoken('file'),
  thinned: say.thinnedOrNewAngle,
  hook: say.spine,
};

/** What was done in a session, by its shape alone; `x`, `y` is its middle. */
export function WorkSignAt({
  mark,
  x,
  y,
  size = 6,
}: {
  mark: WorkMark;
  x: number;
  y: number;
  size?: number;
}) {
  const line = { stroke: 'var(--ink)', strokeWidth: 2 };
  const hollow = { ...line, fill: 'var(--color-base-100)' };
  switch (mark) {
    case 'tested':
      return <circle cx={x} cy={y} r={size / 2} fill="var(--ink)" />;
    case 'strop':
      return <circle cx={x} cy={y} r={size - 1} {...hollow} />;
    case 'hone':
      return (
        <path d={`M${x - size},${y + size}L${x + size},${y - size}`} {...line} strokeWidth={3} />
      );
    case 'file':
      return (
        <path d={`M${x},${y - size}L${x + size},${y + size - 1}H${x - size}Z`} fill="var(--ink)" />
      );
    case 'thinned':
      return (
        <path d={`M${x},${y + size}L${x + size},${y - size}H${x - size}Z`} fill="var(--ink)" />
      );
    case 'hook':
      return (
        <path
          d={`M${x - 3},${y + size}V${y}q0,${-size} ${size},${-size}q3,0 3,4`}
          {...line}
          fill="none"
        />
      );
    default: {
      const [left, top, side] = [x - size + 1, y - size + 1, 2 * size - 2];
      return (
        <g>
          <rect x={left} y={top} width={side} height={side} {...hollow} />
          {mark === 'medium' && (
            <path d={`M${left},${top}V${top + side}H${left + side}Z`} fill="var(--ink)" />
          )}
          {mark === 'coarse' && (
            <rect x={left} y={top} width={side} height={side} fill="var(--ink)" />
          )}
        </g>
      );
    }
  }
}

/** The same beside a word. */
export function WorkSign({ mark }: { mark: WorkMark }) {
  return (
    <svg width={18} height={18} aria-hidden className="inline-block shrink-0 align-[-3px]">
      <WorkSignAt mark={mark} x={9} y={9} />
    </svg>
  );
}
