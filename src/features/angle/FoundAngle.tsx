import { apexAngle } from '../../core/edge';
import { angleFromTilt, type TiltReading, STILL_DEG, STILL_SECONDS } from '../../core/measure';
import type { Zone } from '../../domain/tool';
import { deg } from '../../ui/format';
import { angleWords as say } from './words';
import { spoken } from '../../ui/words/closedWords';
import type { AngleFinder } from './useAngleFinder';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useWidth } from '../../ui/useWidth';
import { TRACE_SECONDS } from './useTilt';

/** The angle as it is now, its sum in words, and whether the phone lies still. */
export function FoundAngle({ finder }: { finder: AngleFinder }) {
  const { tilt, found, zero, halfTaperDeg, isStill, scatterDeg, first } = finder;
  const sign = zero === 'bare-stone' ? -1 : 1;
  const tiltDeg = found ? found.angleDeg - sign * halfTaperDeg : 0;
  const stands = tilt.isZeroed ? found : null;
  return (
    <div>
      <p className="text-lg">
        {tilt.isZeroed ? say.stand : `${first ? `${say.layTurned} ` : ''}${say.layOn[zero]}`}
      </p>
      <div className="flex items-end gap-x-4">
        <p className="sign text-[5.2rem] leading-none">{deg(stands?.angleDeg ?? tiltDeg)}</p>
        {stands && (
          <p className="ml-auto text-right leading-tight">
            <b className="block">{say.perSide}</b>
            <b className="block text-lg">{say.plusMinus(stands.sdDeg)}</b>
            {say.inclusive(2 * stands.angleDeg)}
          </p>
        )}
      </div>
      {stands && <p>{say.sum[zero](deg(tiltDeg), deg(halfTaperDeg))}</p>}
      <TiltTrace readings={tilt.readings} />
      <p role="status" className="flex justify-between text-[0.95rem]">
        <span>{say.secondsAgo}</span>
        <b>{isStill ? say.still(`± ${deg(scatterDeg)}`) : say.holdStill}</b>
      </p>
      {first && stands && (
        <p className="mt-1">{say.turned(middle(first), middle(tilt.readings))}</p>
      )}
      <p className="text-[0.92rem] text-soft">{say.noLevelYet}</p>
    </div>
  );
}

/** How far a phone is tilted in the middle of its latest readings, whichever way. */
function middle(readings: readonly TiltReading[]): number {
  return (
    angleFromTilt({ readings, zeroDeg: 0, zero: 'bare-stone', halfTaperDeg: 0 })?.angleDeg ?? 0
  );
}

/** The angle that the tool's record holds, how it was found, and when. */
export function Until({ zone }: { zone: Zone }) {
  const angleDeg = apexAngle(zone);
  const when = zone.measuredAt ? say.on(zone.measuredAt) : '';
  return (
    <p className="mt-3 border-t border-rule pt-2">
      {say.until(angleDeg, spoken(zone.angleMethod), when)}
    </p>
  );
}

const HEIGHT_PX = 92;
/** So much is shown at least, up and down (degrees). */
const LEAST_SPAN_DEG = 2;

/** The last seconds of a tilt, and the narrow band that it has to stay in for the last two. */
function TiltTrace({ readings }: { readings: readonly TiltReading[] }) {
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
