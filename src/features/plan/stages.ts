import { sum } from 'd3-array';
import type { LadderStep } from '../../core/ladder';
import type { StepTask } from '../../domain/terms';

/** What is done, one sound edge after the other; a job may be left after any of them. */
type StageName = 'chips out' | 'arc' | 'new face' | 'behind the edge' | 'smooth' | 'edge';

/** The steps of a job that belong together. */
export interface Stage {
  name: StageName;
  steps: LadderStep[];
  /** Numbers of the steps in the plan, from 1. */
  firstStep: number;
  minutes: number;
}

const STAGE_OF: Partial<Record<StepTask, StageName>> = {
  'grind out damage': 'chips out',
  'grind a facet of the arc': 'arc',
  'grind the new angle': 'new face',
  'grind the bevel flat': 'new face',
  'move the shoulders back': 'behind the edge',
  'polish behind the edge': 'smooth',
  'smooth the arc': 'smooth',
};

/** The stages of a plan, in order. */
export function stagesOf(steps: readonly LadderStep[]): Stage[] {
  const stages: Stage[] = [];
  steps.forEach((step, i) => {
    const name = STAGE_OF[step.task] ?? 'edge';
    const last = stages.at(-1);
    if (last?.name === name) last.steps.push(step);
    else stages.push({ name, steps: [step], firstStep: i + 1, minutes: 0 });
  });
  return stages.map((stage) => ({ ...stage, minutes: sum(stage.steps, ({ minutes }) => minutes) }));
}
