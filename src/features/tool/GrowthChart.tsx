'use client';

import { toolWords as say } from './words/toolWords';
import { scaleLinear } from 'd3-scale';
import type { Thickening } from '../../core/edge';
import { unitOf } from '../../ui/forms/measures';
import { AxisLines, Course, FootAxis, Label, Level, LevelAxis, Plot, ticksOf } from '../../ui/plot';
import { isImperial, MM_PER_INCH } from '../../ui/units';

/** What the chart says, in words; `steelTouchUps`: touch-ups until the steel itself is used up. */
export function growthTitle(
  { touchUpsLeft, faceLimitMm }: Thickening,
  steelTouchUps: number,
): string {
  if (touchUpsLeft > steelTouchUps) return say.itWillNotNeedThinning;
  if (touchUpsLeft === 0) return say.pastItsLimitOfThinning(faceLimitMm);
  if (!Number.isFinite(touchUpsLeft)) return say.faceDoesNotGrow;
  return say.untilTheWorkedFaceReaches(touchUpsLeft, faceLimitMm);
}

/** How the worked face widens with every touch-up, past and to come, until it needs thinning. */
export function GrowthChart({ growth, title }: { growth: Thickening; title: string }) {
  const { faceLimitMm, touchUpsLeft } = growth;
  const unitMm = isImperial() ? MM_PER_INCH : 1;
  const points = growth.points.map(({ touchUp, faceWidthMm }) => ({
    touchUp,
    face: faceWidthMm / unitMm,
  }));
  const [first, last] = [points[0]!, points.at(-1)!];
  const limit = faceLimitMm / unitMm;
  const isAhead = Number.isFinite(touchUpsLeft) && touchUpsLeft > 0;
  return (
    <Plot
      height={190}
      margin={{ left: 52, right: 12, top: 8, bottom: 40 }}
      label={title}
      x={(range) => scaleLinear([first.touchUp, last.touchUp], range)}
      y={(range) => scaleLinear([0, Math.max(last.face, limit) * 1.12], range)}
    >
      {({ x, y, frame }) => (
        <>
          <AxisLines frame={frame} />
          <FootAxis
            frame={frame}
            ticks={ticksOf(x, Math.max(2, Math.floor(frame.width / 110)))}
            title={say.touchUpsFromNow}
            hasMarks
          />
          <LevelAxis frame={frame} ticks={ticksOf(y, 3)} />
          <text x={4} y={frame.height - 5}>
            {say.face(unitOf('length'))}
          </text>
          <Level frame={frame} at={y(limit)} stroke="var(--blaze)" strokeWidth={2}>
            {say.thinHere}
          </Level>
          {first.touchUp < 0 && (
            <>
              <path
                d={`M${x(0)},${y(0)}V${y(last.face)}`}
                stroke="var(--ink)"
                strokeDasharray="3 4"
              />
              <Label x={x(0) + 5} y={y(0) - 6}>
                {say.now}
              </Label>
            </>
          )}
          <Course data={points} x={({ touchUp }) => x(touchUp)} y={({ face }) => y(face)} />
          {isAhead && <circle cx={x(touchUpsLeft)} cy={y(limit)} r={5} fill="var(--blaze)" />}
        </>
      )}
    </Plot>
  );
}
