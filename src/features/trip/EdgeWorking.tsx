import { tripWords as say } from '../../ui/words/screens/trip';
import {
  dullingFactor,
  PRIORS,
  type EdgeForecast,
  type LearnedDulling,
  type TripProblem,
} from '../../core';
import type { TripTask } from '../../domain/tripTasks';
import { mm, times } from '../../ui/format';
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
        {say.twoInThreeOfSuch(
          spells > 0 ? say.learnedFromOfWorkIn(spells) : say.usualRatesNoSpellOf,
          times(Math.exp(sdLn)),
          factorOf('daySdLn'),
          factorOf('hoursSdLn'),
          factorOf('effortSdLn'),
          mm(PRIORS.chipMedianMm.value),
          problem.runs,
        )}
      </p>
    </Working>
  );
}

/** A spread of the model as the factor that two in three lie within. */
function factorOf(name: 'daySdLn' | 'hoursSdLn' | 'effortSdLn'): string {
  return times(Math.exp(PRIORS[name].value));
}
