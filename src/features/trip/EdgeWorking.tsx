import {
  dullingFactor,
  PRIORS,
  type EdgeForecast,
  type LearnedDulling,
  type TripProblem,
} from '../../core';
import type { TripTask } from '../../domain/tripTasks';
import { mm, plural, times } from '../../ui/format';
import { Working } from '../../ui/Working';
import { edgeWorking } from './edgeWorkingLines';

/** What the figures of one edge follow from, and how far each may be off. */
export function EdgeWorking(props: {
  edge: EdgeForecast;
  problem: TripProblem;
  tasks: readonly TripTask[];
  dulling: LearnedDulling;
}) {
  const { edge, problem, tasks, dulling } = props;
  const { toolId, work } = problem.edges.find(({ id }) => id === edge.id)!;
  const { sdLn, spells } = dullingFactor(dulling, toolId, work[0]?.taskId ?? '');
  return (
    <Working lines={edgeWorking(edge, problem, tasks)}>
      <p className="mt-2 max-w-[70ch] text-[0.95rem]">
        {spells > 0
          ? `Learned from ${plural(spells, 'spell')} of work in your log`
          : 'Usual rates: no spell of work in your log says otherwise yet'}
        ; two in three of such tools within a factor of {times(Math.exp(sdLn))}. Days differ by
        {factorOf('daySdLn')}, hours by {factorOf('hoursSdLn')}, effort by {factorOf('effortSdLn')}.
        Chips are log-normal, {mm(PRIORS.chipMedianMm.value)} in the middle. The same{' '}
        {plural(problem.runs, 'run')} of chance for every change that you make.
      </p>
    </Working>
  );
}

/** A spread of the model as the factor that two in three lie within. */
function factorOf(name: 'daySdLn' | 'hoursSdLn' | 'effortSdLn'): string {
  return times(Math.exp(PRIORS[name].value));
}
