import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { STILL_DEG, STILL_SECONDS, type TiltReading } from '../../core';
import { useWidth } from '../../ui/useWidth';
import { TRACE_SECONDS } from './useTilt';

const HEIGHT_PX = 92;
/** So much is shown at least, up and down (degrees). */
const LEAST_SPAN_DEG = 2;

/** The last seconds of a tilt, and the narrow band that it has to stay in for the last two. */
export function TiltTrace({ readings }: { readings: readonly TiltReading[] }) {
  const [ref, width] = useWidth<SVGSVGElement>(340);
  const last = readings.at(-1);
  const degs = readings.map(({ deg }) => deg);
  const middle = last ? last.deg : 0;
  const span = Math.max(LEAST_SPAN_DEG, ...degs.map((deg) => 1.1 * Math.abs(deg - middle)));
  const x = scaleLinear([-TRACE_SECONDS, 0], [4, width - 4]);
  const y = scaleLinear([middle - span, middle + span], [HEIGHT_PX - 4, 4]);
  const path = line<TiltReading>(
    ({ seconds }) => x(seconds - (last?.seconds ?? 0)),
    ({ deg }) => y(deg),
  )(readings);
  return (
    <svg ref={ref} height={HEIGHT_PX} className="block w-full" aria-hidden>
      <rect
        x={x(-STILL_SECONDS)}
        width={x(0) - x(-STILL_SECONDS)}
        y={y(middle + 2 * STILL_DEG)}
        height={y(middle - 2 * STILL_DEG) - y(middle + 2 * STILL_DEG)}
        fill="none"
        stroke="var(--ink)"
        strokeDasharray="4 3"
      />
      {path && <path d={path} fill="none" stroke="var(--ink)" strokeWidth={1.6} />}
    </svg>
  );
}
