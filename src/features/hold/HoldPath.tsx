import { scaleLinear } from 'd3-scale';
import type { HeldStroke } from '../../core';
import { useWidth } from '../../ui/useWidth';

const ROW_PX = 20;
const ROWS = 12;
const HEAD_PX = 26;
/** The path takes so much of the width. */
const PATHS_SHOWN = 3;

/**
 * The latest strokes between the walls of the path, the newest on top: thick on the way out, double on the way back;
 * what leaves the path fills with steel.
 */
export function HoldPath(props: {
  strokes: readonly HeldStroke[];
  meantDeg: number;
  bandDeg: number;
}) {
  const { strokes, meantDeg, bandDeg } = props;
  const [ref, width] = useWidth<SVGSVGElement>(340);
  const x = scaleLinear(
    [meantDeg - PATHS_SHOWN * bandDeg, meantDeg + PATHS_SHOWN * bandDeg],
    [8, width - 8],
  ).clamp(true);
  const [left, right] = [x(meantDeg - bandDeg), x(meantDeg + bandDeg)];
  const height = HEAD_PX + ROWS * ROW_PX;
  const shown = strokes.slice(-ROWS).reverse();
  return (
    <svg ref={ref} height={height} className="block w-full" aria-hidden fontSize={14}>
      <rect
        x={left}
        y={HEAD_PX}
        width={right - left}
        height={height - HEAD_PX}
        fill="var(--ink)"
        opacity={0.07}
      />
      {[left, right].map((wall) => (
        <path key={wall} d={`M${wall},${HEAD_PX}V${height}`} stroke="var(--ink)" strokeWidth={3} />
      ))}
      <path d={`M${x(meantDeg)},${HEAD_PX}V${height}`} stroke="var(--ink)" strokeDasharray="1 5" />
      {[meantDeg - bandDeg, meantDeg, meantDeg + bandDeg].map((deg) => (
        <text key={deg} x={x(deg)} y={16} textAnchor="middle">
          {`${Math.round(10 * deg) / 10}°`}
        </text>
      ))}
      {shown.map(({ meanDeg, way, fromSeconds }, i) => {
        const y = HEAD_PX + i * ROW_PX + 4;
        const at = x(meanDeg);
        const wall = Math.min(right, Math.max(left, at));
        return (
          <g key={fromSeconds}>
            {wall !== at && (
              <rect
                x={Math.min(at, wall)}
                y={y}
                width={Math.abs(at - wall)}
                height={ROW_PX - 6}
                fill="var(--steel)"
              />
            )}
            {way === 'back' ? (
              <path
                d={`M${at - 3},${y}v${ROW_PX - 6}M${at + 3},${y}v${ROW_PX - 6}`}
                stroke="var(--ink)"
                strokeWidth={1.6}
              />
            ) : (
              <path d={`M${at},${y}v${ROW_PX - 6}`} stroke="var(--ink)" strokeWidth={5} />
            )}
          </g>
        );
      })}
    </svg>
  );
}
