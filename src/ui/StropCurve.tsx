'use client';

import { scaleLinear } from 'd3-scale';
import { analyseStropSeries, stropGrams, type StropReading } from '../core';
import { useWidth } from './useWidth';
import { seriesAdvice, seriesTitle } from './words/stropWords';

const HEIGHT = 220;
const LEFT = 48;
const RIGHT = 16;
const BOTTOM = 44;
const TOP = 24;
/** Points of the drawn curve. */
const POINTS = 120;

/**
 * The readings on one surface, each with its noise, the curve through them and its lowest point; a
 * table of the same behind it.
 */
export function StropCurve(props: { readings: readonly StropReading[]; noiseGrams: number }) {
  const { readings, noiseGrams } = props;
  const [ref, width] = useWidth<SVGSVGElement>(520);
  const series = analyseStropSeries(props);
  const title = seriesTitle(series);
  const advice = seriesAdvice(series);
  const fit = 'fit' in series ? series.fit : null;
  const best = 'fit' in series && !series.isLowerBound ? series.bestStrokes : null;
  const last = Math.max(...readings.map(({ strokes }) => strokes));
  const x = scaleLinear()
    .domain([0, Math.max(10, last * 1.08)])
    .range([LEFT, width - RIGHT]);
  const y = scaleLinear()
    .domain([0, (Math.max(...readings.map(({ grams }) => grams)) + noiseGrams) * 1.05])
    .nice(4)
    .range([HEIGHT - BOTTOM, TOP]);
  const along = Array.from({ length: POINTS + 1 }, (_, i) => (last * i) / POINTS);
  return (
    <section>
      <div role="status">
        <h3 className="sign text-lg">{title}</h3>
      </div>
      <svg
        ref={ref}
        className="figures block w-full"
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={title}
        fontSize={14}
        fill="var(--ink)"
      >
        <path
          d={`M${LEFT},${TOP}V${HEIGHT - BOTTOM}H${width - RIGHT}`}
          fill="none"
          stroke="var(--ink)"
        />
        {x.ticks(Math.max(2, Math.floor(width / 110))).map((tick) => (
          <text key={tick} x={x(tick)} y={HEIGHT - BOTTOM + 18} textAnchor="middle">
            {tick}
          </text>
        ))}
        {y.ticks(4).map((tick) => (
          <text key={tick} x={LEFT - 8} y={y(tick) + 5} textAnchor="end">
            {tick}
          </text>
        ))}
        <text x={width - RIGHT} y={HEIGHT - 6} textAnchor="end">
          strokes over both sides
        </text>
        <text x={4} y={14}>
          grams
        </text>
        {fit && (
          <polyline
            points={along.map((n) => `${x(n)},${y(stropGrams(fit, n))}`).join(' ')}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={2.4}
          />
        )}
        {best !== null && fit && (
          <g stroke="var(--blaze)" strokeWidth={2}>
            <line
              x1={x(best)}
              x2={x(best)}
              y1={y(stropGrams(fit, best))}
              y2={HEIGHT - BOTTOM}
              strokeDasharray="5 4"
            />
            <text x={x(best) + 6} y={HEIGHT - BOTTOM - 6} stroke="none">
              best
            </text>
          </g>
        )}
        {readings.map(({ strokes, grams }, i) => (
          <g key={i} stroke="var(--ink)">
            <line
              x1={x(strokes)}
              x2={x(strokes)}
              y1={y(Math.max(0, grams - noiseGrams))}
              y2={y(grams + noiseGrams)}
            />
            <circle cx={x(strokes)} cy={y(grams)} r={4.5} fill="var(--color-base-100)" />
          </g>
        ))}
      </svg>
      {advice && <p className="max-w-[60ch]">{advice}</p>}
      <details>
        <summary className="min-h-11 cursor-pointer py-2">The readings</summary>
        <table className="table-plain max-w-sm">
          <thead>
            <tr>
              <th className="number">Strokes</th>
              <th className="number">Grams, ± {Math.round(noiseGrams)}</th>
            </tr>
          </thead>
          <tbody>
            {readings.map(({ strokes, grams }, i) => (
              <tr key={i}>
                <td className="number">{strokes}</td>
                <td className="number">{Math.round(grams)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}
