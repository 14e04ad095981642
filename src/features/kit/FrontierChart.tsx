'use client';

import { kitWords as say } from './words/kitWords';
import { leastIndex } from 'd3-array';
import { scaleLinear, scaleLog } from 'd3-scale';
import { curveStepAfter } from 'd3-shape';
import { grams } from '../../ui/format';
import { FRONTIER_HEIGHT } from './frontierHeight';
import { Course, FootAxis, Grip, LevelAxis, Plot, ticksAt, ticksOf } from '../../ui/plot';

const TICKS_MINUTES = [1, 2, 5, 10, 20, 30, 50, 70, 100, 200, 500, 1000, 2000, 5000];
/** Room above the line for kits that leave needs unserved (px). */
const SHORT_PX = 22;
/** Kits that take so many times as long as the quickest stand at the upper edge. */
const MOST_RATIO = 60;

/** A kit as the chart has it. */
export interface ShownKit {
  grams: number;
  /** Expected minutes of what it serves. */
  minutes: number;
  /** Whether it will likely leave something unserved: it stands above the line then. */
  isShort: boolean;
}

/**
 * Grams against expected minutes as a stepped line; the grip on the gram rule runs along it by hand, and by
 * the arrow keys from kit to kit.
 */
export default function FrontierChart(props: {
  /** Lightest first. */
  kits: readonly ShownKit[];
  at: number;
  /** The chosen kit in words. */
  says: string;
  onChoose: (at: number) => void;
}) {
  const { kits, at, says, onChoose } = props;
  const [first, last, chosen] = [kits[0], kits.at(-1), kits[at]];
  if (!first || !last || !chosen) return null;
  const mostGrams = Math.max(50, last.grams * 1.08);
  const serving = kits.filter(({ isShort }) => !isShort);
  const all = (serving.length > 0 ? serving : kits).map(({ minutes }) => minutes);
  const least = Math.max(0.5, Math.min(...all) * 0.85);
  const most = Math.max(least * 2, Math.min(Math.max(...all) * 1.15, least * MOST_RATIO));
  return (
    <Plot
      height={FRONTIER_HEIGHT}
      margin={{ left: 52, right: 24, top: 12 + SHORT_PX, bottom: 44 }}
      label={null}
      fontSize={13}
      firstWidth={700}
      x={(range) => scaleLinear([0, mostGrams], range)}
      y={(range) => scaleLog([least, most], range).clamp(true)}
      onScrub={(px, x) => onChoose(nearest(kits, x.invert(px)))}
    >
      {({ x, y, frame }) => {
        const yOf = ({ isShort, minutes }: ShownKit): number =>
          isShort ? frame.top - SHORT_PX / 2 : y(minutes);
        const place = { x: x(chosen.grams), y: yOf(chosen) };
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
            <Squares at={at} places={kits.map((kit) => [x(kit.grams), yOf(kit)])} />
            {serving.length < kits.length && (
              <text x={0} y={frame.top - SHORT_PX / 2 + 4}>
                {say.short}
              </text>
            )}
            <Chosen {...place} foot={frame.bottom} />
            <Grip
              x={place.x}
              y={frame.bottom}
              at={at}
              count={kits.length}
              label={say.gramsOfTheKit}
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

function nearest(kits: readonly ShownKit[], gramsAt: number): number {
  return leastIndex(kits, (kit) => Math.abs(kit.grams - gramsAt)) ?? 0;
}
