import { scaleLinear } from 'd3-scale';
import type { StrokeAnswer } from '../../core';
import { Band, Course, FootAxis, Label, LevelAxis, Plot, Reading, ticksOf } from '../../ui/plot';
import { DOSE_WORDS, doseTitle, doseWords } from '../../ui/words/labWords';

/** How the answer changes with the dose, and where the two ways lie on it. */
export function DoseChart(props: { answer: StrokeAnswer; names: readonly [string, string] }) {
  const { answer, names } = props;
  const { of, points, marks } = answer.dose;
  const drawn = points.filter(({ result }) => Number.isFinite(result.p84));
  const [first, last] = [points[0]!, points.at(-1)!];
  if (drawn.length < 2) return null;
  const low = Math.min(...drawn.map(({ result }) => result.p16));
  const high = Math.max(...drawn.map(({ result }) => result.p84));
  const pad = 0.08 * (high - low || 1);
  const resultAt = scaleLinear(
    drawn.map(({ value }) => value),
    drawn.map(({ result }) => result.p50),
  );
  // A way that lies off the curve has no mark on it.
  const shown = marks.flatMap((value, i) =>
    value < drawn[0]!.value || value > drawn.at(-1)!.value
      ? []
      : [{ value, result: resultAt(value), name: names[i]!, isFull: i === 0 }],
  );
  return (
    <div>
      <h3 className="text-base">{doseTitle(answer)}</h3>
      <Plot
        height={190}
        margin={{ left: 46, right: 18, top: 20, bottom: 42 }}
        label={`${doseTitle(answer)}. ${points
          .filter((_, i) => i % 4 === 0)
          .map(({ value, result }) => doseWords(answer, value, result))
          .join('; ')}`}
        fontSize={13}
        firstWidth={300}
        x={(range) => scaleLinear([first.value, last.value], range)}
        y={(range) => scaleLinear([Math.max(0, low - pad), high + pad], range)}
      >
        {({ x, y, frame }) => (
          <>
            <LevelAxis frame={frame} ticks={ticksOf(y, 4)} hasLines />
            <FootAxis
              frame={frame}
              ticks={ticksOf(x, 4)}
              title={DOSE_WORDS[of].axis}
              hasRule
              hasMarks
            />
            <Band
              data={drawn}
              x={({ value }) => x(value)}
              low={({ result }) => y(result.p16)}
              high={({ result }) => y(result.p84)}
            />
            <Course data={drawn} x={({ value }) => x(value)} y={({ result }) => y(result.p50)} />
            {shown.map(({ value, result, name, isFull }) => (
              <g key={name}>
                <Reading x={x(value)} y={y(result)} r={6} isFull={isFull} />
                <Label x={x(value)} y={y(result) - 12} end="middle" isBold={isFull}>
                  {name.toLowerCase()}
                </Label>
              </g>
            ))}
          </>
        )}
      </Plot>
    </div>
  );
}
