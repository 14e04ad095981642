import type { StepTask } from '../../domain/terms';

/** A step on the ruler: how fine it is, and whether it follows on the scratches of the one before. */
export interface WalkStep {
  sizeUm: number;
  task: StepTask;
}

export interface Hop {
  fromUm: number;
  toUm: number;
  /** Index of the step that the hop leads to. */
  step: number;
}

/** Steps that refine what the step before has left; any other sets out on a face of its own. */
const REFINING: readonly StepTask[] = [
  'remove scratches',
  'strop',
  'polish behind the edge',
  'stone the spine',
];

/** The hops of a walk: one to each step that refines the one before it. */
export function hopsOf(steps: readonly WalkStep[]): Hop[] {
  return steps.flatMap(({ sizeUm, task }, step) =>
    step > 0 && REFINING.includes(task)
      ? [{ fromUm: steps[step - 1]!.sizeUm, toUm: sizeUm, step }]
      : [],
  );
}
