import { counted } from '../../ui/words/counted';
import { taughtWords } from './words';
import { scaleLog } from 'd3-scale';
import type { Learned } from '../../core/evidence';
import type { Hand } from '../../core/ladder';
import type { Settings } from '../../domain/settings';
import { MOTIONS, type Motion } from '../../domain/terms';
import { sentence } from '../../ui/format';
import { spoken } from '../../ui/words/closedWords';
import { RangeBar } from '../../ui/plot';

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
    <section aria-label={taughtWords.pace}>
      <div className="flex items-baseline gap-4 border-b-2 border-ink">
        <h2 className="flex-1">{paceTitle(known)}</h2>
        {known.length > 0 && (
          <button
            type="button"
            className="link min-h-12"
            aria-label={taughtWords.forgetThePace}
            onClick={() => void onForget('pace', taughtWords.yourPace)}
          >
            {taughtWords.forget}
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
      <p className="mt-1 text-[0.92rem] text-soft">{taughtWords.paceChartLegend}</p>
    </section>
  );
}

/** A difference smaller than this share is none. */
const NOTABLE = 0.05;

function paceTitle(known: readonly { motion: Motion; learned: Learned }[]): string {
  const best = [...known].sort((a, b) => b.learned.steps - a.learned.steps)[0];
  if (!best) return taughtWords.yourPaceIsNotKnown;
  const share = best.learned.factor - 1;
  if (Math.abs(share) < NOTABLE) return taughtWords.yourGoAtThePace(spoken(best.motion));
  const size = Math.round(100 * Math.abs(share));
  return taughtWords.paceAgainstSet(
    spoken(best.motion),
    size,
    share > 0 ? taughtWords.quicker : taughtWords.slower,
  );
}

/** Half and twice the pace that is set (px). */
const x = scaleLog([0.5, 2], [4, 106]).clamp(true);

function PaceRow(props: { motion: Motion; learned: Learned; planned: number }) {
  const { motion, learned, planned } = props;
  const { factor, sdLn, steps } = learned;
  const up = Math.exp(sdLn);
  const figure = (times: number): number => Math.round(planned * times);
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-rule py-1">
      <span className="w-28 font-semibold">{sentence(spoken(motion))}</span>
      <RangeBar x={x} value={factor} range={[factor / up, factor * up]} asked={1} />
      <span className="figures">
        <b>{figure(factor)}</b> ({figure(factor / up)}–{figure(factor * up)})
      </span>
      <span className="ml-auto text-[0.92rem]">{counted.step(steps)}</span>
    </li>
  );
}
