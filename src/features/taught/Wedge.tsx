'use client';

import { taughtWords as say } from '../../ui/words/screens/taught';
import { scaleLinear, scaleLog } from 'd3-scale';
import { Band, Course, Level, Plot, Reading } from '../../ui/plot';
import type { TaughtThing } from '../../core';

/** Half and twice the plan, and a little beyond. */
const SHOWN = [0.4, 2.5];

/**
 * How a factor narrowed, step by step: the range as a wedge, the factor as its line, each step a dot,
 * those that teach nothing a cross. Dashed is the plan; the lines beyond it are half and twice. Its words stand in
 * the table beside it.
 */
export function Wedge({ thing, most }: { thing: TaughtThing; most: number }) {
  const { steps, course } = thing;
  const last = course.at(-1)!;
  const up = ({ factor, sdLn }: typeof last): number => factor * Math.exp(sdLn);
  const down = ({ factor, sdLn }: typeof last): number => factor * Math.exp(-sdLn);
  return (
    <Plot
      height={58}
      margin={{ left: 8, right: 12, top: 6, bottom: 6 }}
      label={null}
      firstWidth={320}
      // Every wedge of the page counts steps on the same scale.
      x={(range) => scaleLinear([0, Math.max(6, most)], range)}
      y={(range) => scaleLog(SHOWN, range).clamp(true)}
    >
      {({ x, y, frame }) => (
        <g aria-hidden>
          {[0.5, 2].map((factor) => (
            <Level key={factor} frame={frame} at={y(factor)} stroke="var(--rule)" dash={say.none} />
          ))}
          <Band
            data={course}
            x={(_, i) => x(i)}
            low={(each) => y(down(each))}
            high={(each) => y(up(each))}
            stroke="var(--steel)"
          />
          <Level frame={frame} at={y(1)} strokeWidth={1} dash="5 4" />
          <Course data={course} x={(_, i) => x(i)} y={({ factor }) => y(factor)} />
          <path
            d={`M${x(course.length - 1)},${y(up(last))}V${y(down(last))}`}
            stroke="var(--ink)"
            strokeWidth={4}
          />
          {steps.map((step, i) => {
            const before = steps.slice(0, i).filter(({ evidence }) => evidence !== null).length;
            const at = { x: x(before + (step.evidence ? 1 : 0.5)), y: y(step.ratio) };
            return step.evidence === null ? (
              <path
                key={`${step.sessionId}${i}`}
                d={`M${at.x - 4},${at.y - 4}l8,8m0,-8l-8,8`}
                stroke="var(--ink)"
                strokeWidth={2}
              />
            ) : (
              <Reading key={`${step.sessionId}${i}`} {...at} r={3.6} />
            );
          })}
        </g>
      )}
    </Plot>
  );
}
