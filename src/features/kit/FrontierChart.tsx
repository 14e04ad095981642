'use client';

import { leastIndex } from 'd3-array';
import { scaleLinear, scaleLog } from 'd3-scale';
import { curveStepAfter } from 'd3-shape';
import type { FrontierPoint } from '../../core';
import { grams } from '../../ui/format';
import { FRONTIER_HEIGHT } from './frontierHeight';
import { Course, FootAxis, Grip, LevelAxis, Plot, ticksAt, ticksOf } from '../../ui/plot';

const TICKS_MINUTES = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000];
/** Room above the line for kits that leave needs unserved (px). */
const SHORT_PX = 22;
/** Kits that take so many times as long as the quickest stand at the upper edge. */
const MOST_RATIO = 60;

/**
 * Grams against expected minutes as a stepped line; the grip on the gram rule runs along it by hand, and by
 * the arrow keys from kit to kit.
 */
export default function FrontierChart(props: {
  points: readonly FrontierPoint[];
  /** How many needs each of them leaves unserved. */
  unserved: readonly number[];
  at: number;
  /** The chosen kit in words. */
  says: string;
  onChoose: (at: number) => void;
}) {
  const { points, unserved, at, says, onChoose } = props;
  const [first, last, chosen] = [points[0], points.at(-1), points[at]];
  if (!first || !last || !chosen) return null;
  const mostGrams = Math.max(50, last.grams * 1.08);
  const least = Math.max(0.5, last.minutes * 0.85);
  const serving = points.filter((_, i) => unserved[i] === leastOf(unserved));
  const most = Math.max(least * 2, Math.min(serving[0]!.minutes * 1.15, least * MOST_RATIO));
  const isShort = (i: number): boolean => unserved[i]! > leastOf(unserved);
  return (
    <Plot
      height={FRONTIER_HEIGHT}
      margin={{ left: 52, right: 24, top: 12 + SHORT_PX, bottom: 44 }}
      label={null}
      fontSize={13}
      firstWidth={700}
      x={(range) => scaleLinear([0, mostGrams], range)}
      y={(range) => scaleLog([least, most], range).clamp(true)}
      onScrub={(px, x) => onChoose(nearest(points, x.invert(px)))}
    >
      {({ x, y, frame }) => {
        const yOf = (i: number): number =>
          isShort(i) ? frame.top - SHORT_PX / 2 : y(points[i]!.minutes);
        const place = { x: x(chosen.grams), y: yOf(at) };
        return (
          <>
            <LevelAxis frame={frame} ticks={ticksAt(y, TICKS_MINUTES)} hasLines />
            <FootAxis
              frame={frame}
              ticks={ticksOf(x, Math.max(3, Math.round(frame.width / 130)), grams)}
              hasMarks
              hasRule
              dropPx={40}
            />
            <Course
              data={[...serving, { grams: x.invert(frame.right), minutes: last.minutes }]}
              x={(point) => x(point.grams)}
              y={(point) => y(point.minutes)}
              curve={curveStepAfter}
            />
            <Squares at={at} places={points.map(({ grams: g }, i) => [x(g), yOf(i)])} />
            {serving.length < points.length && (
              <text x={0} y={frame.top - SHORT_PX / 2 + 4}>
                short
              </text>
            )}
            <Chosen {...place} foot={frame.bottom} />
            <Grip
              x={place.x}
              y={frame.bottom}
              at={at}
              count={points.length}
              label="Grams of the kit"
              value={{ least: first.grams, most: last.grams, now: chosen.grams, words: says }}
              onMove={onChoose}
            />
          </>
        );
      }}
    </Plot>
  );
}

function Squares({ at, places }: { at: number; places: readonly [x: number, y: number][] }) {
  return places.map(([x, y], i) => (
    <rect
      key={i}
      x={x - 3.5}
      y={y - 3.5}
      width={7}
      height={7}
      fill={i === at ? 'var(--ink)' : 'var(--color-base-100)'}
      stroke="var(--ink)"
    />
  ));
}

/** A ring around the chosen kit, and the line down to its grip. */
function Chosen({ x, y, foot }: { x: number; y: number; foot: number }) {
  return (
    <>
      <circle cx={x} cy={y} r={9} fill="none" stroke="var(--ink)" strokeWidth={3} />
      <path d={`M${x},${y + 9}V${foot}`} stroke="var(--ink)" />
    </>
  );
}

/** What even the best of them leaves unserved. */
function leastOf(unserved: readonly number[]): number {
  return Math.min(...unserved);
}

function nearest(points: readonly FrontierPoint[], gramsAt: number): number {
  return leastIndex(points, (point) => Math.abs(point.grams - gramsAt)) ?? 0;
}
