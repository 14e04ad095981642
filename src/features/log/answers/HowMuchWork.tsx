import type { EdgeAnswers, PlansMet } from '../../../core';
import { minutes, plural } from '../../../ui/format';
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
      title={plans ? `${plansWords(plans)}.` : 'The same job, then and now.'}
      behind={[
        plans && `Plans: the first five of ${plural(plans.steps, 'step')} against the last five.`,
        rows.length > 0 &&
          'The same job: touch-ups between the same two tests with the same kind of thing, from four on; the older half against the newer.',
      ]
        .filter(Boolean)
        .join(' ')}
    >
      {plans && (
        <p className="mt-1">
          Of the planned strokes it took {percent(plans.first.times)} in {month(plans.first.from)},{' '}
          {percent(plans.latest.times)} lately.
        </p>
      )}
      {rows.length > 0 && (
        <AnswerTable
          heads={[
            ['Edge', false],
            ['Job', false],
            ['Strokes a side, then', true],
            ['Now', true],
            ['Time, then', true],
            ['Now ', true],
            ['Entries', true],
          ]}
        >
          {rows.map(({ edge, effort }) => (
            <tr key={nameOf(edge)}>
              <td className="font-semibold">{nameOf(edge)}</td>
              <td>
                {WORK_MARK_WORDS[effort.mark]}: {TEST_WORDS[effort.before]} to{' '}
                {TEST_WORDS[effort.after]}
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
