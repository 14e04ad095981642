import { spoken } from '../../ui/words/closedWords';
import { logWords as say } from './words';
import { stepSeries } from '../../core/touchUp';
import type { Session } from '../../domain/session';
import { StropCurve } from '../../ui/StropCurve';
import { INK_WORDS } from '../../ui/words/inkWords';

/** Before and after are said above already; a curve has something between them. */
const FEWEST_DRAWN = 3;

/** What was read on the way: one curve a strop, and what the ink told on each stone. */
export function EntryReadings({ session }: { session: Session }) {
  const { steps } = session;
  const curves = steps.flatMap((step, i) => {
    const series = step.kind === 'strop' ? stepSeries(session, i) : null;
    return series && series.readings.length >= FEWEST_DRAWN ? [{ step, series }] : [];
  });
  const inked = steps.filter(({ inkChecks, burrWalks }) => inkChecks.length + burrWalks.length > 0);
  if (curves.length + inked.length === 0) return null;
  return (
    <div className="mt-4 grid gap-x-12 gap-y-6 lg:grid-cols-2">
      {curves.map(({ step, series }) => (
        <section key={step.itemId}>
          <h2>{say.readingsOn(step.abrasiveName)}</h2>
          <StropCurve {...series} />
        </section>
      ))}
      {inked.map((step) => (
        <section key={step.itemId}>
          <h2>{say.looksOn(step.abrasiveName)}</h2>
          <ul>
            {step.inkChecks.map((check, i) => (
              <li key={i}>{say.afterInk(check.strokes, INK_WORDS[check.seen])}</li>
            ))}
            {step.burrWalks.map(({ strokes, side, felt }) => (
              <li key={`${strokes} ${side}`}>
                {say.burrAfterStrokes(
                  strokes,
                  spoken(side),
                  felt.filter(Boolean).length,
                  felt.length,
                )}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}
