'use client';

import { scaleLinear, scaleLog } from 'd3-scale';
import { useWidth } from '../../ui/useWidth';
import type { TaughtThing } from './taughtThings';

const HEIGHT = 52;
const LEFT = 8;
const RIGHT = 12;

const y = scaleLog()
  .domain([0.4, 2.5])
  .range([HEIGHT - 3, 3])
  .clamp(true);

/**
 * How a factor narrowed, step by step: the range as a wedge, the factor as its line, each step a dot,
 * those that teach nothing a cross. Dashed is the plan; the lines beyond it are half and twice.
 */
export function Wedge({ thing, most }: { thing: TaughtThing; most: number }) {
  const { steps, course } = thing;
  const [ref, width] = useWidth<SVGSVGElement>(320);
  // Every wedge of the page counts steps on the same scale.
  const x = scaleLinear()
    .domain([0, Math.max(6, most)])
    .range([LEFT, width - RIGHT]);
  const edge = (sign: number): string[] =>
    course.map(({ factor, sdLn }, i) => `${x(i)},${y(factor * Math.exp(sign * sdLn))}`);
  const last = course.at(-1)!;
  return (
    <svg
      ref={ref}
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      className="block w-full"
      aria-hidden
    >
      {[0.5, 2].map((factor) => (
        <line
          key={factor}
          x1={x(0)}
          x2={width}
          y1={y(factor)}
          y2={y(factor)}
          stroke="var(--rule)"
        />
      ))}
      <polygon
        points={[...edge(1), ...edge(-1).reverse()].join(' ')}
        fill="var(--steel-light)"
        stroke="var(--steel)"
      />
      <line x1={x(0)} x2={width} y1={y(1)} y2={y(1)} stroke="var(--ink)" strokeDasharray="5 4" />
      <polyline
        points={course.map(({ factor }, i) => `${x(i)},${y(factor)}`).join(' ')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2.4}
      />
      <line
        x1={x(course.length - 1)}
        x2={x(course.length - 1)}
        y1={y(last.factor * Math.exp(last.sdLn))}
        y2={y(last.factor * Math.exp(-last.sdLn))}
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
          <circle
            key={`${step.sessionId}${i}`}
            cx={at.x}
            cy={at.y}
            r={3.6}
            fill="var(--color-base-100)"
            stroke="var(--ink)"
            strokeWidth={1.8}
          />
        );
      })}
    </svg>
  );
}
