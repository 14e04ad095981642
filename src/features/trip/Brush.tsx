import { spokenText } from '../../ui/words/closedWords';
import { tripWords as say } from './words';
import type { TripTask } from '../../domain/tripTasks';
import { taskFill } from './TaskPattern';
import { RUB_OUT } from './rubOut';

/** The tasks to paint with, gentlest on the edge first. */
export function Brush(props: {
  tasks: readonly TripTask[];
  chosen: string;
  onChoose: (taskId: string) => void;
}) {
  const { tasks, chosen, onChoose } = props;
  const brushes = [
    { id: RUB_OUT, name: say.clear },
    ...tasks.map(({ id, name }) => ({ id, name: spokenText(name) })),
  ];
  return (
    <fieldset className="min-w-0 sm:mb-2">
      <legend className="sr-only flex-wrap justify-between gap-x-6 sm:not-sr-only sm:flex sm:w-full">
        <span>{say.brushFromGentlest(<b>{say.brush}</b>)}</span>
        <span className="text-soft">{say.brushByKeys(<b>x</b>, <b>d</b>)}</span>
      </legend>
      <div className="mt-1 flex gap-1 overflow-x-auto sm:flex-wrap">
        {brushes.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            aria-pressed={chosen === id}
            // Under the thumb rubbing out comes first; where there is room it stands at the end.
            className={`${id === RUB_OUT ? 'sm:order-last' : ''} min-h-12 shrink-0 cursor-pointer px-2 py-1 text-left text-[0.95rem] ${chosen === id ? 'bg-neutral text-neutral-content' : 'hover:bg-base-200'}`}
            onClick={() => onChoose(id)}
          >
            {name}
            <svg width={64} height={11} className="block" aria-hidden>
              <rect width={64} height={11} fill="var(--color-base-100)" />
              {id === RUB_OUT ? (
                <path d="M1,6H63" stroke="var(--ink)" strokeDasharray="2 5" />
              ) : (
                <rect
                  x={0.7}
                  y={0.7}
                  width={62.6}
                  height={9.6}
                  fill={taskFill(id)}
                  stroke="var(--ink)"
                />
              )}
            </svg>
          </button>
        ))}
      </div>
    </fieldset>
  );
}
