import { line } from 'd3-shape';
import { max, min } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import type { YearShape } from '../../core/lab';
import { useWidth } from '../../ui/useWidth';

/** What is shown of all years, on one scale (mm): along the blade, and of one side from its middle. */
export interface YearsView {
  fromMm: number;
  toMm: number;
  halfMm: number;
}

const HEIGHT_PX = 104;
const LEAST_PX = 100;
/** Room for a side's label and the scale. */
const FOOT_PX = 20;
/** So much more than the widest face is shown, and no less (mm). */
const BEYOND = 1.3;
const LEAST_MM = 1;

/** A view that holds all that changes of the faces; what lies behind is cut by the picture. */
export function yearsWindow(shapes: readonly YearShape[]): YearsView {
  const fromMm = min(shapes, ({ lostMm }) => lostMm)!;
  const toMm = max(
    shapes,
    ({ lostMm, zone, faceMm }) => lostMm + BEYOND * faceDepthMm(zone, faceMm),
  )!;
  return {
    fromMm,
    toMm: Math.max(toMm, fromMm + LEAST_MM),
    halfMm: max(shapes, ({ profile, lostMm }) => halfAt(profile, toMm - lostMm))!,
  };
}

const faceDepthMm = ({ bevelAngleDeg }: YearShape['zone'], faceMm: number): number =>
  faceMm * Math.cos((bevelAngleDeg * Math.PI) / 180);

/** Half thickness (mm) of a profile at a depth. */
function halfAt(profile: YearShape['profile'], depthMm: number): number {
  return scaleLinear(
    profile.map((point) => point.depthMm),
    profile.map((point) => point.halfMm),
  ).clamp(true)(depthMm);
}

/**
 * One side of a section through the years, edge to the left: dotted as it was first, a hairline for each year, full as
 * it is at the end. The other side is alike.
 */
export function YearSections({ shapes, view }: { shapes: readonly YearShape[]; view: YearsView }) {
  const [ref, width] = useWidth<SVGSVGElement>(360, LEAST_PX);
  const { fromMm, toMm, halfMm } = view;
  const floor = HEIGHT_PX - FOOT_PX;
  const pxPerMm = Math.min((width - 8) / (toMm - fromMm), (floor - 4) / halfMm);
  const outline = ({ profile, lostMm }: YearShape): string =>
    line<YearShape['profile'][number]>(
      ({ depthMm }) => 4 + (lostMm + depthMm - fromMm) * pxPerMm,
      ({ halfMm: half }) => floor - half * pxPerMm,
    )(profile)!;
  const first = shapes[0]!;
  const last = shapes.at(-1)!;
  const endPx = 4 + (last.lostMm + last.profile.at(-1)!.depthMm - fromMm) * pxPerMm;
  return (
    <svg
      ref={ref}
      height={HEIGHT_PX}
      className="block w-full overflow-hidden"
      aria-hidden
      fontSize={13}
    >
      <path d={`${outline(last)}V${floor}Z`} fill="var(--steel-light)" />
      {shapes.slice(1, -1).map((shape) => (
        <path
          key={shape.year}
          d={outline(shape)}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={0.6}
          opacity={0.7}
        />
      ))}
      {shapes.length > 1 && (
        <path
          d={outline(first)}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.4}
          strokeDasharray="1 4"
          strokeLinecap="round"
        />
      )}
      <path d={outline(last)} fill="none" stroke="var(--ink)" strokeWidth={1.8} />
      <path
        d={`M4,${floor}H${Math.min(width, endPx)}`}
        stroke="var(--ink)"
        strokeWidth={0.8}
        strokeDasharray="8 3 2 3"
      />
      <g stroke="var(--ink)" fill="var(--ink)">
        <path d={`M4,${HEIGHT_PX - 9}v4h${pxPerMm}v-4`} fill="none" strokeWidth={1.3} />
        <text x={4 + pxPerMm + 6} y={HEIGHT_PX - 4} stroke="none">
          1 mm
        </text>
      </g>
    </svg>
  );
}
