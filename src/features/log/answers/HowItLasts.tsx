import type { EdgeAnswers } from '../../../core';
import type { TripTask } from '../../../domain/tripTasks';
import { deg, plural, sentence, rounded } from '../../../ui/format';
import type { EdgeNamer } from '../../../ui/words/edgeNames';
import { Answer, AnswerTable } from './Answer';

/** Hours that an edge lasts at a task, by its finish and its angle. */
export function HowItLasts(props: {
  edges: readonly EdgeAnswers[];
  tasks: readonly Pick<TripTask, 'id' | 'name'>[];
  nameOf: EdgeNamer;
}) {
  const { edges, tasks, nameOf } = props;
  const taskName = (id: string | null): string => tasks.find((task) => task.id === id)?.name ?? '';
  const rows = edges.flatMap(({ endurance, ...edge }) =>
    endurance.map((lasts) => ({ edge, lasts })),
  );
  if (rows.length === 0) return null;
  const longest = rows.reduce((most, row) =>
    row.lasts.untilTired > most.lasts.untilTired ? row : most,
  );
  return (
    <Answer
      title={`${nameOf(longest.edge)} lasts ${hours(longest.lasts.untilTired)} of ${taskName(longest.lasts.taskId)} until it is tired.`}
      behind="From looks before and after painted trips, and from hours noted at a touch-up; from two stretches of mostly one task on. From as keen as asked until tired, at an even rate."
    >
      <AnswerTable
        heads={[
          ['Edge', false],
          ['Task', false],
          ['Finish', false],
          ['Angle', true],
          ['Until tired', true],
          ['Stretches', true],
        ]}
      >
        {rows.map(({ edge, lasts }) => (
          <tr key={`${nameOf(edge)} ${lasts.taskId} ${lasts.finish} ${lasts.angleDeg}`}>
            <td className="font-semibold">{nameOf(edge)}</td>
            <td>{taskName(lasts.taskId)}</td>
            <td>{lasts.finish ? sentence(lasts.finish) : 'not known'}</td>
            <td className="number">
              {lasts.angleDeg === null ? 'not known' : `${deg(lasts.angleDeg)} per side`}
            </td>
            <td className="number">
              {lasts.isAtLeast && 'at least '}
              {hours(lasts.untilTired)}
            </td>
            <td className="number">{lasts.spells}</td>
          </tr>
        ))}
      </AnswerTable>
    </Answer>
  );
}

function hours(value: number): string {
  return value < 10 ? `${rounded(value, 1)} h` : plural(Math.round(value), 'hour');
}
