import { scaleLog } from 'd3-scale';
import type { Hand, Learned } from '../../core';
import type { Settings } from '../../domain/settings';
import { MOTIONS, type Motion } from '../../domain/terms';
import { plural, sentence, spoken } from '../../ui/format';

/** The strokes a minute of this hand, by motion, beside what the settings say. */
export function PaceTaught(props: {
  hand: Hand;
  settings: Settings;
  onForget: (what: string, name: string) => Promise<void>;
}) {
  const { hand, settings, onForget } = props;
  const { pace } = hand.learned;
  const known = MOTIONS.flatMap((motion) => {
    const learned = pace[motion];
    return learned ? [{ motion, learned }] : [];
  });
  return (
    <section aria-label="Pace">
      <div className="flex items-baseline gap-4 border-b-2 border-ink">
        <h2 className="flex-1">{paceTitle(known)}</h2>
        {known.length > 0 && (
          <button
            type="button"
            className="link min-h-12"
            aria-label="Forget the pace"
            onClick={() => void onForget('pace', 'your pace')}
          >
            Forget
          </button>
        )}
      </div>
      <ul>
        {known.map(({ motion, learned }) => (
          <PaceRow
            key={motion}
            motion={motion}
            learned={learned}
            planned={settings.strokesPerMinute[motion]}
          />
        ))}
      </ul>
      <p className="mt-1 text-[0.92rem] text-soft">
        Strokes a minute, turning the tool over included; dashed is what you have set.
      </p>
    </section>
  );
}

/** A difference smaller than this share is none. */
const NOTABLE = 0.05;

function paceTitle(known: readonly { motion: Motion; learned: Learned }[]): string {
  const best = [...known].sort((a, b) => b.learned.steps - a.learned.steps)[0];
  if (!best) return 'Your pace is not known yet';
  const share = best.learned.factor - 1;
  if (Math.abs(share) < NOTABLE) return `Your ${spoken(best.motion)} go at the pace you set`;
  const size = Math.round(100 * Math.abs(share));
  return `Your ${spoken(best.motion)} are ${size} % ${share > 0 ? 'quicker' : 'slower'} than set`;
}

const WIDTH = 110;
const x = scaleLog()
  .domain([0.5, 2])
  .range([4, WIDTH - 4])
  .clamp(true);

function PaceRow(props: { motion: Motion; learned: Learned; planned: number }) {
  const { motion, learned, planned } = props;
  const { factor, sdLn, steps } = learned;
  const up = Math.exp(sdLn);
  const figure = (times: number): number => Math.round(planned * times);
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-rule py-1">
      <span className="w-28 font-semibold">{sentence(spoken(motion))}</span>
      <svg width={WIDTH} height={20} viewBox={`0 0 ${WIDTH} 20`} aria-hidden>
        <line x1={4} x2={WIDTH - 4} y1={10} y2={10} stroke="var(--rule)" />
        <rect
          x={x(factor / up)}
          width={Math.max(2, x(factor * up) - x(factor / up))}
          y={6}
          height={8}
          fill="var(--steel)"
        />
        <line x1={x(factor)} x2={x(factor)} y1={3} y2={17} stroke="var(--ink)" strokeWidth={3} />
        <line x1={x(1)} x2={x(1)} y1={1} y2={19} stroke="var(--ink)" strokeDasharray="3 2" />
      </svg>
      <span className="figures">
        <b>{figure(factor)}</b> ({figure(factor / up)}–{figure(factor * up)})
      </span>
      <span className="ml-auto text-[0.92rem]">{plural(steps, 'step')}</span>
    </li>
  );
}
