'use client';

import { planWords as say } from '../../ui/words/screens/plan';
import { max } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { gramsFromApex, type StropOutlook } from '../../core';
import { AxisLines, Course, FootAxis, Label, LevelAxis, Plot, ticksOf } from '../../ui/plot';

/** Counts that are drawn, over both sides. */
export const MOST_STROKES = 100;
const ALONG = Array.from({ length: 51 }, (_, i) => (i * MOST_STROKES) / 50);

/** What each strop would read on a force tester, stroke by stroke, numbered as its row, with its best count marked. */
export function StropCourses({ outlooks }: { outlooks: readonly StropOutlook[] }) {
  const shown = outlooks.slice(0, 5);
  const gramsOf = ({ radiusUm }: StropOutlook, strokes: number): number =>
    gramsFromApex({ apexRadiusUm: radiusUm(strokes) });
  const most = max(shown, (outlook) => max(ALONG, (n) => gramsOf(outlook, n))!)!;
  return (
    <Plot
      height={200}
      margin={{ left: 48, right: 24, top: 30, bottom: 44 }}
      label={say.gramsByStrokesOn(shown.map(({ strop }) => strop.name).join(', '))}
      x={(range) => scaleLinear([0, MOST_STROKES], range)}
      y={(range) => scaleLinear([0, 1.05 * most], range).nice(4)}
    >
      {({ x, y, frame }) => (
        <>
          <AxisLines frame={frame} />
          <LevelAxis frame={frame} ticks={ticksOf(y, 4)} title={say.grams} />
          <FootAxis frame={frame} ticks={ticksOf(x, 5)} title={say.strokesOverBothSides} />
          {shown.map((outlook, i) => (
            <g key={outlook.strop.id}>
              <Course data={ALONG} x={x} y={(n) => y(gramsOf(outlook, n))} />
              {outlook.bestStrokes <= MOST_STROKES && (
                <circle
                  cx={x(outlook.bestStrokes)}
                  cy={y(gramsOf(outlook, outlook.bestStrokes))}
                  r={5}
                  fill="var(--ink)"
                />
              )}
              <Label x={frame.right + 6} y={labelY(shown, i, (g) => y(g), gramsOf)}>
                {String(i + 1)}
              </Label>
            </g>
          ))}
        </>
      )}
    </Plot>
  );
}

/** Labels stand at the ends of their curves, each at least a line under the one above. */
function labelY(
  shown: readonly StropOutlook[],
  index: number,
  y: (grams: number) => number,
  gramsOf: (outlook: StropOutlook, strokes: number) => number,
): number {
  const ends = shown.map((outlook, i) => ({ i, at: y(gramsOf(outlook, MOST_STROKES)) }));
  let lowest = -Infinity;
  for (const { i, at } of ends.sort((a, b) => a.at - b.at)) {
    const own = Math.max(at, lowest + 17);
    if (i === index) return own + 5;
    lowest = own;
  }
  return 0;
}
