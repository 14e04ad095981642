import { spoken } from '../../ui/words/closedWords';
import { inspectWords as say } from './words/inspectWords';
import { Said } from '../../ui/Term';
import type { DamageChoice, EdgeVerdict } from '../../core/inspection';
import type { DamageWay } from '../../domain/terms';
import { minutes, minutesSpan, sentence } from '../../ui/format';
import { leftDamageWords } from '../../ui/words/leftDamageWords';
import { heavierWords, lighterWords, verdictReason } from './words/verdictWords';

/** The lightest thing that will do, why nothing lighter does, what heavier wastes. */
export function VerdictPanel({
  verdict,
  choices,
  hold,
  notes,
  onDamageWay,
}: {
  verdict: EdgeVerdict;
  /** How the job that it names is held; null where nothing is ground. */
  hold: string | null;
  /** What else was found, and what it asks for. */
  notes: readonly string[];
  choices: readonly DamageChoice[];
  onDamageWay: (way: DamageWay) => void;
}) {
  const { rung, outlooks, damageWay } = verdict;
  const lighter = lighterWords(verdict);
  const heavier = heavierWords(verdict);
  const danger = rung === 'stop use' || rung === 'professional';
  return (
    <section
      aria-label={say.verdict}
      aria-live="polite"
      className={danger ? 'border-l-4 border-blaze pl-4' : ''}
    >
      <p className="text-soft">{say.verdict}</p>
      <p className="sign text-4xl" data-testid="verdict">
        <span className={rung === 'stop use' ? 'battened' : ''}>{sentence(spoken(rung))}</span>
      </p>
      <p className="mt-1 text-lg">
        <Said>{verdictReason(verdict.reason)}</Said>
      </p>
      {verdict.job === 'thin' && hold && <p className="mt-1 font-semibold">{sentence(hold)}.</p>}
      {verdict.plan?.leftDamage && (
        <p className="mt-1">{say.chipStays(leftDamageWords(verdict.plan.leftDamage))}</p>
      )}
      {notes.map((note) => (
        <p key={note} className="mt-1 font-semibold">
          <Said>{note}</Said>
        </p>
      ))}
      {lighter && (
        <p className="mt-1">
          <Said>{lighter}</Said>
        </p>
      )}
      {heavier && (
        <p className="mt-1">
          <Said>{heavier}</Said>
        </p>
      )}
      {!danger && choices.length > 0 && verdict.job === 'touch-up' && (
        <DamageTable choices={choices} chosen={damageWay} onChoose={onDamageWay} />
      )}
      {outlooks.length > 0 && <Rungs outlooks={outlooks} chosen={rung} />}
    </section>
  );
}

/** The ways of a chip side by side: time, steel, what is left to see. */
function DamageTable(props: {
  choices: readonly DamageChoice[];
  chosen: DamageWay | null;
  onChoose: (way: DamageWay) => void;
}) {
  const { choices, chosen, onChoose } = props;
  return (
    <table className="table-plain mt-3">
      <caption className="sign text-left text-lg">{say.theChipThreeWays}</caption>
      <tbody>
        {choices.map(({ way, plan, wornOut, steelMm3, facet }) => (
          <tr key={way} className={way === chosen ? 'font-bold' : 'text-soft'}>
            <td>
              <button
                type="button"
                aria-pressed={way === chosen}
                className={`btn whitespace-nowrap ${way === chosen ? 'btn-neutral' : 'btn-outline'}`}
                onClick={() => onChoose(way)}
              >
                {sentence(spoken(way))}
              </button>
            </td>
            <td className="number">
              {plan.outcome === 'planned'
                ? minutesSpan(plan)
                : plan.outcome === 'leave alone'
                  ? 'nothing'
                  : 'no'}
            </td>
            <td>
              {wornOut
                ? say.takesNothingGoneAfterAbout(wornOut.touchUps)
                : say.takesAndLeaves(
                    steelMm3,
                    facet ? say.aFacetAt(facet.angleDeg) : say.nothingToSee,
                  )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Every rung with its time, lightest first. */
function Rungs({
  outlooks,
  chosen,
}: {
  outlooks: EdgeVerdict['outlooks'];
  chosen: EdgeVerdict['rung'];
}) {
  return (
    <table className="table-plain mt-3">
      <caption className="sr-only">{say.everyRungForThisEdge}</caption>
      <tbody>
        {outlooks.map((outlook) => (
          <tr key={outlook.rung} className={outlook.rung === chosen ? 'font-bold' : 'text-soft'}>
            <td>
              <Said>{sentence(spoken(outlook.rung))}</Said>
            </td>
            <td className="number">
              {outlook.minutes === null
                ? 'no'
                : outlook.minutes === 0
                  ? 'nothing'
                  : minutes(outlook.minutes)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
