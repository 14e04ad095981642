import { scaleLinear, scaleLog } from 'd3-scale';
import {
  FEWEST_PAIRS,
  gramsAt,
  USUAL_TESTER,
  type TesterLearned,
  type TesterScale,
} from '../../../core';
import { grams, plural, um } from '../../../ui/format';
import { LevelTicks } from '../../../ui/LevelTicks';
import { useWidth } from '../../../ui/useWidth';
import { Answer } from './Answer';

const HEIGHT = 190;
const LEFT = 60;
const BOTTOM = 26;
const TICKS_UM = [0.2, 0.5, 1, 2, 4, 8, 15];
/** Places along a curve. */
const PLACES = Array.from({ length: 40 }, (_, i) => 0.2 * 75 ** (i / 39));

/** How the person's own force tester reads against tests of paper and hair. */
export function TesterAnswer({ learned }: { learned: TesterLearned }) {
  const { pairs, scale } = learned;
  const [ref, width] = useWidth<SVGSVGElement>(700);
  if (pairs.length === 0) return null;
  if (!scale) {
    return (
      <Answer
        title={`${plural(FEWEST_PAIRS - pairs.length, 'pair')} more of grams and a test, and your own tester is known.`}
        behind={`${plural(pairs.length, 'pair')} so far. Until ten stand the usual one is taken: ${USUAL_TESTER.restG} g and ${USUAL_TESTER.eachG} g for each µm to the power of 0.8.`}
      />
    );
  }
  const most = Math.max(...pairs.map((pair) => pair.grams), gramsAt(USUAL_TESTER, 8));
  const x = scaleLog([0.2, 15], [LEFT, width - 8]);
  const y = scaleLinear([0, most * 1.1], [HEIGHT - BOTTOM, 8]).clamp(true);
  const curve = (of: TesterScale): string =>
    `M${PLACES.map((r) => `${x(r)},${y(gramsAt(of, r))}`).join('L')}`;
  return (
    <Answer
      title={`Your force tester reads ${grams(gramsAt(scale, 1))} where newsprint is just push-cut; the usual one reads ${grams(gramsAt(USUAL_TESTER, 1))}.`}
      behind={`From ${plural(pairs.length, 'pair')} of grams and a test at one place: ${scale.restG.toFixed(0)} g and ${scale.eachG.toFixed(0)} g for each µm to the power of 0.8. Every estimate from grams goes by it.`}
    >
      <svg
        ref={ref}
        className="figures mt-2 block w-full"
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        fontSize={13}
        fill="var(--ink)"
        role="img"
        aria-label={pairs.map((p) => `${um(p.apexUm)}: ${grams(p.grams)}`).join('; ')}
      >
        <LevelTicks
          ticks={y.ticks(4).map((tick) => ({ y: y(tick), label: grams(tick) }))}
          from={LEFT}
          to={width}
        />
        {TICKS_UM.map((tick) => (
          <text key={tick} x={x(tick)} y={HEIGHT - 6} textAnchor="middle">
            {um(tick)}
          </text>
        ))}
        <path d={curve(USUAL_TESTER)} fill="none" stroke="var(--ink)" strokeDasharray="3 4" />
        <path d={curve(scale)} fill="none" stroke="var(--ink)" strokeWidth={2.4} />
        {pairs.map((pair, i) => (
          <circle
            key={i}
            cx={x(pair.apexUm)}
            cy={y(pair.grams)}
            r={4}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.6}
          />
        ))}
      </svg>
      <p className="text-[0.95rem] text-soft">
        Rings: your pairs. Thick: your tester. Dotted: the usual one.
      </p>
    </Answer>
  );
}
