import { scaleLinear, scaleTime } from 'd3-scale';
import { wobbleDeg, type LearnedHold } from '../../core/evidence';
import type { Practice } from '../../domain/practice';
import type { Side } from '../../domain/terms';
import { day, deg } from '../../ui/format';
import { Course, FootAxis, LevelAxis, Plot, Reading, ticksOf } from '../../ui/plot';
import { coachWords as say } from './words';

/** The wobble of either hand, set by set, and what the lab takes of it. */
export function WobblePast(props: {
  /** The person's own. */
  practices: readonly Practice[];
  learned: LearnedHold | null;
  onForget: () => void;
}) {
  const { practices, learned, onForget } = props;
  const own = [...practices].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  return (
    <section aria-label={say.past} className="mt-4">
      <h2>{say.past}</h2>
      {own.length > 1 && <Past own={own} />}
      <p>
        {learned
          ? say.learned(learned.wobble.value, learned.wobble.low, learned.wobble.high, learned.sets)
          : say.usual(wobbleDeg(null, 'freehand'))}{' '}
        {learned && (
          <button type="button" className="link min-h-12" onClick={onForget}>
            {say.forget}
          </button>
        )}
      </p>
    </section>
  );
}

function Past({ own }: { own: readonly Practice[] }) {
  const most = Math.max(...own.map(({ wobble }) => wobble.value));
  const [first, last] = [new Date(own[0]!.at), new Date(own.at(-1)!.at)];
  const of = (hand: Side): Practice[] => own.filter((set) => set.hand === hand);
  return (
    <Plot
      height={150}
      margin={{ left: 34, right: 92, top: 10, bottom: 30 }}
      label={own
        .map(({ at, hand, wobble }) => `${day(at)}, ${say.hands[hand]}: ${deg(wobble.value)}`)
        .join('; ')}
      fontSize={13}
      firstWidth={340}
      x={(range) => scaleTime([first, last], range)}
      y={(range) => scaleLinear([0, 1.15 * most], range)}
    >
      {({ x, y, frame }) => (
        <>
          <LevelAxis frame={frame} ticks={ticksOf(y, 3, (value) => deg(value))} hasLines />
          <FootAxis
            frame={frame}
            hasRule
            ticks={[first, last].map((at) => ({ at: x(at), label: day(at.toISOString()) }))}
          />
          {(['left', 'right'] as const).map((hand) => {
            const sets = of(hand);
            const end = sets.at(-1);
            return (
              <g key={hand}>
                <Course
                  data={sets}
                  x={({ at }) => x(new Date(at))}
                  y={({ wobble }) => y(wobble.value)}
                  dash={hand === 'left' ? '7 4' : undefined}
                />
                {sets.map(({ id, at, wobble }) => (
                  <Reading
                    key={id}
                    x={x(new Date(at))}
                    y={y(wobble.value)}
                    r={4}
                    isFull={hand === 'right'}
                  />
                ))}
                {end && (
                  <text x={frame.right + 8} y={y(end.wobble.value) + (hand === 'left' ? -4 : 12)}>
                    {`${say.hands[hand]} ${deg(end.wobble.value)}`}
                  </text>
                )}
              </g>
            );
          })}
        </>
      )}
    </Plot>
  );
}
