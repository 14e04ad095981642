'use client';

import { scaleLinear } from 'd3-scale';
import type { Thickening } from '../../core';
import { fineMm, plural } from '../../ui/format';
import { unitOf } from '../../ui/forms/measures';
import { AxisLines, Course, FootAxis, Label, Level, LevelAxis, Plot, ticksOf } from '../../ui/plot';
import { isImperial, MM_PER_INCH } from '../../ui/units';

/** What the chart says, in words; `steelTouchUps`: touch-ups until the steel itself is used up. */
export function growthTitle(
  { touchUpsLeft, faceLimitMm }: Thickening,
  steelTouchUps: number,
): string {
  if (touchUpsLeft > steelTouchUps) return 'It will not need thinning while its steel lasts';
  if (touchUpsLeft === 0) return `Past its limit of ${fineMm(faceLimitMm)}: thinning is due`;
  if (!Number.isFinite(touchUpsLeft)) return 'The worked face does not grow: no thinning ahead';
  return `${plural(touchUpsLeft, 'touch-up')} until the worked face reaches ${fineMm(faceLimitMm)}`;
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
            title="touch-ups from now"
            hasMarks
          />
          <LevelAxis frame={frame} ticks={ticksOf(y, 3)} />
          <text x={4} y={frame.height - 5}>
            face, {unitOf('length')}
          </text>
          <Level frame={frame} at={y(limit)} stroke="var(--blaze)" strokeWidth={2}>
            thin here
          </Level>
          {first.touchUp < 0 && (
            <>
              <path
                d={`M${x(0)},${y(0)}V${y(last.face)}`}
                stroke="var(--ink)"
                strokeDasharray="3 4"
              />
              <Label x={x(0) + 5} y={y(0) - 6}>
                now
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
