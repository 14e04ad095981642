import { spokenText } from '../../../ui/words/closedWords';
import { spoken } from '../../../ui/words/closedWords';
import { counted } from '../../../ui/words/counted';
import { logAnswersWords as say } from './words';
import type { EdgeAnswers } from '../../../core/answers';
import type { TripTask } from '../../../domain/tripTasks';
import { sentence, rounded } from '../../../ui/format';
import type { EdgeNamer } from '../../../ui/words/edgeNames';
import { Answer, AnswerTable } from './Answer';

/** Hours that an edge lasts at a task, by its finish and its angle. */
export function HowItLasts(props: {
  edges: readonly EdgeAnswers[];
  tasks: readonly Pick<TripTask, 'id' | 'name'>[];
  nameOf: EdgeNamer;
}) {
  const { edges, tasks, nameOf } = props;
  const taskName = (id: string | null): string =>
    spokenText(tasks.find((task) => task.id === id)?.name ?? '');
  const rows = edges.flatMap(({ endurance, ...edge }) =>
    endurance.map((lasts) => ({ edge, lasts })),
  );
  if (rows.length === 0) return null;
  const longest = rows.reduce((most, row) =>
    row.lasts.untilTired > most.lasts.untilTired ? row : most,
  );
  return (
    <Answer
      title={say.edgeLasts(
        nameOf(longest.edge),
        hours(longest.lasts.untilTired),
        taskName(longest.lasts.taskId),
      )}
      behind={say.whenceEnduranceIsKnown}
    >
      <AnswerTable
        heads={[
          [say.edge, false],
          [say.task, false],
          [say.finish, false],
          [say.angle, true],
          [say.untilTired, true],
          [say.stretches, true],
        ]}
      >
        {rows.map(({ edge, lasts }) => (
          <tr key={`${nameOf(edge)} ${lasts.taskId} ${lasts.finish} ${lasts.angleDeg}`}>
            <td className="font-semibold">{nameOf(edge)}</td>
            <td>{taskName(lasts.taskId)}</td>
            <td>{lasts.finish ? sentence(spoken(lasts.finish)) : say.notKnown}</td>
            <td className="number">
              {lasts.angleDeg === null ? say.notKnown : say.perSide(lasts.angleDeg)}
            </td>
            <td className="number">
              {lasts.isAtLeast
                ? say.atLeastHours(hours(lasts.untilTired))
                : hours(lasts.untilTired)}
            </td>
            <td className="number">{lasts.spells}</td>
          </tr>
        ))}
      </AnswerTable>
    </Answer>
  );
}

function hours(value: number): string {
  return value < 10 ? `${rounded(value, 1)} h` : counted.hour(Math.round(value));
}
