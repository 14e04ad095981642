import type { EdgeVerdict } from '../../core';
import { minutes, sentence } from '../../ui/format';

/** The lightest thing that will do, why nothing lighter does, what heavier wastes. */
export function VerdictPanel({ verdict }: { verdict: EdgeVerdict }) {
  const { rung, reason, whyNotLighter, heavierWastes, outlooks } = verdict;
  const danger = rung === 'stop use' || rung === 'professional';
  return (
    <section
      aria-label="Verdict"
      aria-live="polite"
      className={danger ? 'border-l-4 border-blaze pl-4' : ''}
    >
      <p className="text-soft">Verdict</p>
      <p className="sign text-4xl" data-testid="verdict">
        {sentence(rung)}
      </p>
      <p className="mt-1 text-lg">{reason}</p>
      {whyNotLighter && <p className="mt-1">{whyNotLighter}</p>}
      {heavierWastes && <p className="mt-1">{heavierWastes}</p>}
      {outlooks.length > 0 && (
        <table className="table-plain mt-3">
          <caption className="sr-only">Every rung for this edge, lightest first</caption>
          <tbody>
            {outlooks.map((outlook) => (
              <tr key={outlook.rung} className={outlook.rung === rung ? 'font-bold' : 'text-soft'}>
                <td>{sentence(outlook.rung)}</td>
                <td className="number">
                  {outlook.minutes === null
                    ? outlook.reaches
                      ? 'due'
                      : 'no'
                    : outlook.minutes === 0
                      ? 'nothing'
                      : minutes(outlook.minutes)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
