import { scaleLinear } from 'd3-scale';
import type { HeldStroke } from '../../core';
import { deg } from '../../ui/format';
import { useWidth } from '../../ui/useWidth';
import { coachWords as say } from '../../ui/words/holdCoachWords';

const SQUARE_PX = 9;
const STEP_DEG = 0.5;
const HALF_PX = 74;
const PATHS_SHOWN = 4;

/** One square a stroke over the angles that they were held at: out filled above the rule, back hollow below it. */
export function SetSquares(props: {
  strokes: readonly HeldStroke[];
  meantDeg: number;
  bandDeg: number;
}) {
  const { strokes, meantDeg, bandDeg } = props;
  const [ref, width] = useWidth<SVGSVGElement>(340);
  const reach = Math.max(
    PATHS_SHOWN * bandDeg,
    ...strokes.map((s) => Math.abs(s.meanDeg - meantDeg)),
  );
  const x = scaleLinear([meantDeg - reach, meantDeg + reach], [14, width - 14]);
  const stacks = new Map<string, number>();
  return (
    <svg ref={ref} height={2 * HALF_PX + 20} className="block w-full" aria-hidden fontSize={14}>
      <rect
        x={x(meantDeg - bandDeg)}
        width={x(meantDeg + bandDeg) - x(meantDeg - bandDeg)}
        y={4}
        height={2 * HALF_PX - 8}
        fill="var(--ink)"
        opacity={0.07}
      />
      <path d={`M8,${HALF_PX}H${width - 8}`} stroke="var(--ink)" strokeWidth={2} />
      {strokes.map(({ meanDeg, way, fromSeconds }) => {
        const bin = Math.round((meanDeg - meantDeg) / STEP_DEG);
        const isBack = way === 'back';
        const key = `${bin} ${String(isBack)}`;
        const at = stacks.get(key) ?? 0;
        stacks.set(key, at + 1);
        const y = isBack
          ? HALF_PX + 4 + at * (SQUARE_PX + 1)
          : HALF_PX - 4 - SQUARE_PX - at * (SQUARE_PX + 1);
        return (
          <rect
            key={fromSeconds}
            x={x(meantDeg + bin * STEP_DEG) - SQUARE_PX / 2}
            y={y}
            width={SQUARE_PX}
            height={SQUARE_PX}
            fill={isBack ? 'none' : 'var(--ink)'}
            stroke="var(--ink)"
          />
        );
      })}
      <text x={8} y={14}>
        {say.out}
      </text>
      <text x={8} y={2 * HALF_PX - 4}>
        {say.backWay}
      </text>
      {[meantDeg - bandDeg, meantDeg, meantDeg + bandDeg].map((value) => (
        <text key={value} x={x(value)} y={2 * HALF_PX + 14} textAnchor="middle">
          {deg(value)}
        </text>
      ))}
    </svg>
  );
}
