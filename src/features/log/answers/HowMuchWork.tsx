import { logAnswersWords as say } from './words';
import type { EdgeAnswers, PlansMet } from '../../../core/answers';
import { minutes } from '../../../ui/format';
import type { EdgeNamer } from '../../../ui/words/edgeNames';
import { month, percent, plansWords } from '../../../ui/words/logWords';
import { TEST_WORDS } from '../../../ui/words/testWords';
import { WORK_MARK_WORDS } from '../../../ui/WorkSign';
import { Answer, AnswerTable } from './Answer';

/** Strokes and minutes of alike touch-ups then and now, and how near the plans come. */
export function HowMuchWork(props: {
  edges: readonly EdgeAnswers[];
  plans: PlansMet | null;
  nameOf: EdgeNamer;
}) {
  const { edges, plans, nameOf } = props;
  const rows = edges.flatMap(({ effort, ...edge }) => (effort ? [{ edge, effort }] : []));
  if (rows.length === 0 && !plans) return null;
  return (
    <Answer
      title={plans ? `${plansWords(plans)}.` : say.sameJobThenAndNow}
      behind={[
        plans && say.plansFirstAgainstLast(plans.steps),
        rows.length > 0 && say.theSameJobTouchUps,
      ]
        .filter(Boolean)
        .join(' ')}
    >
      {plans && (
        <p className="mt-1">
          {say.shareOfPlannedStrokes(
            percent(plans.first.times),
            month(plans.first.from),
            percent(plans.latest.times),
          )}
        </p>
      )}
      {rows.length > 0 && (
        <AnswerTable
          heads={[
            [say.edge, false],
            [say.whichJob, false],
            [say.strokesASideThen, true],
            [say.now, true],
            [say.timeThen, true],
            [say.timeNow, true],
            [say.entries, true],
          ]}
        >
          {rows.map(({ edge, effort }) => (
            <tr key={nameOf(edge)}>
              <td className="font-semibold">{nameOf(edge)}</td>
              <td>
                {say.workFromTestToTest(
                  WORK_MARK_WORDS[effort.mark],
                  TEST_WORDS[effort.before],
                  TEST_WORDS[effort.after],
                )}
              </td>
              <td className="number">{Math.round(effort.then.strokesPerSide)}</td>
              <td className="number">{Math.round(effort.now.strokesPerSide)}</td>
              <td className="number">{minutes(effort.then.minutes)}</td>
              <td className="number">{minutes(effort.now.minutes)}</td>
              <td className="number">{effort.entries}</td>
            </tr>
          ))}
        </AnswerTable>
      )}
    </Answer>
  );
}
