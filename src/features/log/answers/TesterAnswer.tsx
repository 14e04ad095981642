import { logAnswersWords as say } from './words';
import { scaleLinear, scaleLog } from 'd3-scale';
import { FEWEST_PAIRS, type TesterLearned } from '../../../core/log';
import { gramsAt, USUAL_TESTER, type TesterScale } from '../../../core/sharpness';
import { grams, um } from '../../../ui/format';
import { Course, FootAxis, LevelAxis, Plot, Reading, ticksAt, ticksOf } from '../../../ui/plot';
import { Answer } from './Answer';

const TICKS_UM = [0.2, 0.5, 1, 2, 4, 8, 15];
/** Places along a curve. */
const PLACES = Array.from({ length: 40 }, (_, i) => 0.2 * 75 ** (i / 39));

/** How the person's own force tester reads against tests of paper and hair. */
export function TesterAnswer({ learned }: { learned: TesterLearned }) {
  const { pairs, scale } = learned;
  if (pairs.length === 0) return null;
  if (!scale) {
    return (
      <Answer
        title={say.morePairsKnowTester(FEWEST_PAIRS - pairs.length)}
        behind={say.usualTesterUntilTenPairs(pairs.length, USUAL_TESTER.restG, USUAL_TESTER.eachG)}
      />
    );
  }
  const most = Math.max(...pairs.map((pair) => pair.grams), gramsAt(USUAL_TESTER, 8));
  return (
    <Answer
      title={say.ownTesterAgainstUsual(gramsAt(scale, 1), gramsAt(USUAL_TESTER, 1))}
      behind={say.ownTesterFromPairs(pairs.length, scale.restG.toFixed(0), scale.eachG.toFixed(0))}
    >
      <Plot
        height={190}
        margin={{ left: 60, right: 8, top: 8, bottom: 26 }}
        label={pairs.map((p) => `${um(p.apexUm)}: ${grams(p.grams)}`).join('; ')}
        fontSize={13}
        firstWidth={700}
        className="mt-2"
        x={(range) => scaleLog([0.2, 15], range)}
        y={(range) => scaleLinear([0, most * 1.1], range).clamp(true)}
      >
        {({ x, y, frame }) => {
          const curve = (of: TesterScale) => ({
            data: PLACES,
            x,
            y: (r: number) => y(gramsAt(of, r)),
          });
          return (
            <>
              <LevelAxis frame={frame} ticks={ticksOf(y, 4, grams)} hasLines />
              <FootAxis frame={frame} ticks={ticksAt(x, TICKS_UM, um)} />
              <Course {...curve(USUAL_TESTER)} strokeWidth={1} dash="3 4" />
              <Course {...curve(scale)} />
              {pairs.map((pair, i) => (
                <Reading key={i} x={x(pair.apexUm)} y={y(pair.grams)} r={4} />
              ))}
            </>
          );
        }}
      </Plot>
      <p className="text-[0.95rem] text-soft">{say.testerChartLegend}</p>
    </Answer>
  );
}
