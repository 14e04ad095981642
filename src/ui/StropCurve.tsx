'use client';

import { uiPartsWords as say } from './words/partsWords';
import { max } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { analyseStropSeries, stropGrams, type StropReading } from '../core/sharpness';
import { AxisLines, Course, FootAxis, Label, LevelAxis, Plot, Reading, ticksOf } from './plot';
import { seriesAdvice, seriesTitle } from './words/stropWords';

/** Points of the drawn curve. */
const POINTS = 120;

/**
 * The readings on one surface, each with its noise, the curve through them and its lowest point; a
 * table of the same behind it.
 */
export function StropCurve(props: { readings: readonly StropReading[]; noiseGrams: number }) {
  const { readings, noiseGrams } = props;
  const series = analyseStropSeries(props);
  const title = seriesTitle(series);
  const advice = seriesAdvice(series);
  const fit = 'fit' in series ? series.fit : null;
  const best = 'fit' in series && !series.isLowerBound ? series.bestStrokes : null;
  const last = max(readings, ({ strokes }) => strokes)!;
  const most = (max(readings, ({ grams }) => grams)! + noiseGrams) * 1.05;
  const along = Array.from({ length: POINTS + 1 }, (_, i) => (last * i) / POINTS);
  return (
    <section>
      <div role="status">
        <h3 className="sign text-lg">{title}</h3>
      </div>
      <Plot
        height={220}
        margin={{ left: 48, right: 16, top: 24, bottom: 44 }}
        label={title}
        x={(range) => scaleLinear([0, Math.max(10, last * 1.08)], range)}
        y={(range) => scaleLinear([0, most], range).nice(4)}
      >
        {({ x, y, frame }) => (
          <>
            <AxisLines frame={frame} />
            <LevelAxis frame={frame} ticks={ticksOf(y, 4)} title={say.grams} />
            <FootAxis
              frame={frame}
              ticks={ticksOf(x, Math.max(2, Math.floor(frame.width / 110)))}
              title={say.strokesOverBothSides}
            />
            {fit && <Course data={along} x={x} y={(n) => y(stropGrams(fit, n))} />}
            {best !== null && fit && (
              <>
                <path
                  d={`M${x(best)},${y(stropGrams(fit, best))}V${frame.bottom}`}
                  stroke="var(--blaze)"
                  strokeWidth={2}
                  strokeDasharray="5 4"
                />
                <Label x={x(best) + 6} y={frame.bottom - 6}>
                  {say.best}
                </Label>
              </>
            )}
            {readings.map(({ strokes, grams }, i) => (
              <Reading
                key={i}
                x={x(strokes)}
                y={y(grams)}
                range={[y(Math.max(0, grams - noiseGrams)), y(grams + noiseGrams)]}
              />
            ))}
          </>
        )}
      </Plot>
      {advice && <p className="max-w-[60ch]">{advice}</p>}
      <Readings readings={readings} noiseGrams={noiseGrams} />
    </section>
  );
}

function Readings({ readings, noiseGrams }: Parameters<typeof StropCurve>[0]) {
  return (
    <details>
      <summary className="min-h-12 cursor-pointer py-2">{say.theReadings}</summary>
      <table className="table-plain max-w-sm">
        <thead>
          <tr>
            <th className="number">{say.strokes}</th>
            <th className="number">{say.gramsWithNoise(Math.round(noiseGrams))}</th>
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
  );
}
