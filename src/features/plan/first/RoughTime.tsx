import { scaleLog } from 'd3-scale';
import type { RoughPlan } from '../../../core/rough';
import { minutes } from '../../../ui/format';
import { useWidth } from '../../../ui/useWidth';
import { firstAnswer, KNOWN_WORDS } from '../words/firstAnswerWords';

const ROW_PX = 30;
const LABEL_PX = 104;
const TICKS = [1, 2, 5, 10, 20, 30, 60, 120, 240];

/** Minutes as one number, its span as a bar; below, dashed, the bar as the most useful measure would leave it. */
export function RoughTime({ rough }: { rough: RoughPlan }) {
  const { plan, minutesLow, minutesHigh, open } = rough;
  const [ref, width] = useWidth<SVGSVGElement>(328);
  const best = open[0];
  const span = firstAnswer.span(minutesLow, minutesHigh);
  const rows = [
    { words: firstAnswer.now, minutesLow, minutesHigh, isNow: true },
    ...(best ? [{ words: KNOWN_WORDS[best.measure.kind], ...best, isNow: false }] : []),
  ];
  const x = scaleLog([Math.max(0.5, 0.7 * minutesLow), 1.4 * minutesHigh], [LABEL_PX, width - 40]);
  const foot = rows.length * ROW_PX + 6;
  const ticks = TICKS.filter((tick) => tick >= x.domain()[0]! && tick <= x.domain()[1]!);
  return (
    <section aria-label={firstAnswer.about(plan)} className="mt-3">
      <h2 className="figures">
        <span className="text-3xl">{firstAnswer.about(plan)}</span>{' '}
        <span className="text-xl">{span}</span>
      </h2>
      <p className="text-soft">{best ? firstAnswer.rough : firstAnswer.known}</p>
      <svg
        ref={ref}
        className="figures mt-1 block w-full"
        height={foot + 24}
        viewBox={`0 0 ${width} ${foot + 24}`}
        role="img"
        aria-label={rows
          .map((row) => `${row.words}: ${firstAnswer.span(row.minutesLow, row.minutesHigh)}`)
          .join('; ')}
      >
        {rows.map((row, i) => (
          <g key={row.words} transform={`translate(0 ${i * ROW_PX})`}>
            <text x={0} y={21} fontSize={15} fontWeight={row.isNow ? 680 : 500}>
              {row.words}
            </text>
            <rect
              x={x(Math.max(x.domain()[0]!, row.minutesLow))}
              y={7}
              width={x(row.minutesHigh) - x(Math.max(x.domain()[0]!, row.minutesLow))}
              height={18}
              fill={row.isNow ? 'var(--steel)' : 'none'}
              stroke="var(--ink)"
              strokeWidth={row.isNow ? 0 : 1.8}
              strokeDasharray="4 3"
            />
          </g>
        ))}
        <path
          d={`M${x(Math.max(1, plan.minutes))},2V${foot}`}
          stroke="var(--ink)"
          strokeWidth={3}
        />
        <path d={`M${LABEL_PX},${foot}H${width - 4}`} stroke="var(--ink)" />
        {ticks.map((tick) => (
          <g key={tick} transform={`translate(${x(tick)} ${foot})`}>
            <path d="M0,0V5" stroke="var(--ink)" />
            <text y={19} textAnchor="middle" fontSize={13.5}>
              {tick === ticks.at(-1) ? minutes(tick) : tick}
            </text>
          </g>
        ))}
      </svg>
    </section>
  );
}
