'use client';

import { spoken } from '../../ui/words/closedWords';
import { guideWords as say } from './words/guideWords';
import { scaleLinear, type ScaleLinear } from 'd3-scale';
import type { Side } from '../../domain/terms';
import { useWidth } from '../../ui/useWidth';

const HEIGHT = 74;
const LEFT = 40;
const TOP = 8;
const FOOT = 24;

const HEEL_Y = HEIGHT - FOOT - 4;
const TOE_Y = TOP + 4;

/** How high the hand is on its way from heel to toe and back. */
function heightAt(second: number, passSeconds: number): number {
  const pass = second / passSeconds;
  const share = pass % 1;
  const [from, to] = Math.floor(pass) % 2 === 0 ? [HEEL_Y, TOE_Y] : [TOE_Y, HEEL_Y];
  return from + share * (to - from);
}

/** The way of the hand between two seconds, turning at heel and toe. */
function passLine(
  from: number,
  to: number,
  passSeconds: number,
  x: (second: number) => number,
): string {
  const turns: number[] = [];
  for (let k = Math.floor(from / passSeconds) + 1; k * passSeconds < to; k += 1)
    turns.push(k * passSeconds);
  return [from, ...turns, to]
    .map((second, i) => `${i ? 'L' : 'M'}${x(second)},${heightAt(second, passSeconds)}`)
    .join('');
}

/**
 * Seconds across, heel and toe up: each pass a peak at the person's own pace, dark as far as the clock has run,
 * dotted as it will; the usual span lit, the other side's time a post.
 */
export function PassChart(props: {
  seconds: number;
  usual: { low: number; middle: number; high: number };
  /** Seconds of one pass, heel to toe; null where strokes are no passes. */
  passSeconds: number | null;
  otherSeconds: number | null;
  other: Side;
  isAxe: boolean;
}) {
  const { seconds, usual, otherSeconds, other, isAxe } = props;
  const [ref, width] = useWidth<SVGSVGElement>(330);
  const most = Math.max(10, 1.15 * usual.high, 1.1 * seconds, 1.1 * (otherSeconds ?? 0));
  const x = scaleLinear([0, most], [LEFT, width - 14]);
  const passSeconds = props.passSeconds ?? usual.middle;
  const line = (from: number, to: number): string => passLine(from, to, passSeconds, x);
  return (
    <svg
      ref={ref}
      className="block w-full"
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      role="img"
      aria-label={say.secondsOfUsual(
        Math.floor(seconds),
        Math.round(usual.low),
        Math.round(usual.high),
      )}
    >
      <rect
        x={x(usual.low)}
        width={Math.max(2, x(Math.min(most, usual.high)) - x(usual.low))}
        y={TOP - 4}
        height={HEIGHT - FOOT - TOP + 6}
        fill="var(--lit)"
      />
      <Axes x={x} width={width} isAxe={isAxe} />
      <g fill="none" stroke="var(--ink)">
        <path
          d={line(Math.min(seconds, usual.middle), usual.middle)}
          strokeDasharray="2 5"
          strokeWidth={1.6}
        />
        {seconds > 0 && <path d={line(0, seconds)} strokeWidth={3.2} strokeLinejoin="round" />}
        {otherSeconds !== null && (
          <line
            x1={x(otherSeconds)}
            x2={x(otherSeconds)}
            y1={TOP - 4}
            y2={HEIGHT - FOOT + 2}
            strokeWidth={3}
          />
        )}
      </g>
      <circle cx={x(seconds)} cy={heightAt(seconds, passSeconds)} r={6} fill="var(--ink)" />
      {otherSeconds !== null && (
        <text className="figures" x={x(otherSeconds) + 5} y={TOP + 6} fontSize={14}>
          {spoken(other)}
        </text>
      )}
    </svg>
  );
}

/** Heel and toe, and the seconds. */
function Axes({
  x,
  width,
  isAxe,
}: {
  x: ScaleLinear<number, number>;
  width: number;
  isAxe: boolean;
}) {
  return (
    <>
      <g stroke="var(--rule)">
        <line x1={LEFT} x2={width - 14} y1={TOE_Y} y2={TOE_Y} />
        <line x1={LEFT} x2={width - 14} y1={HEEL_Y} y2={HEEL_Y} />
      </g>
      <g fontSize={14} className="figures">
        <text x={4} y={TOE_Y + 5}>
          {isAxe ? 'toe' : 'tip'}
        </text>
        <text x={4} y={HEEL_Y + 5}>
          {say.heel}
        </text>
        {x.ticks(4).map((tick) => (
          <text key={tick} x={x(tick)} y={HEIGHT - 6} textAnchor="middle">
            {tick}
          </text>
        ))}
        <text x={width - 2} y={HEIGHT - 6} textAnchor="end">
          s
        </text>
      </g>
    </>
  );
}
