import type { Tool } from '../../domain/tool';
import { grouped } from '../grouped';
import { calibrate } from '../learn';
import { workStretches, type WorkLog } from './workStretches';

/** How differently tools of one kind dull (sd of ln, prior), where the log does not say. */
const TOOL_SD_LN = 0.7;
/** Spread of one stretch of work around its tool's factor (prior), and of one task around it. */
const STRETCH_SD_LN = 0.4;
const TASK_SD_LN = 0.35;
const TASK_STRETCH_SD_LN = 0.25;
/** From so many stretches on, a task has a factor of its own over its tool's. */
const TASK_STRETCHES = 3;

/** What the log teaches of how fast a tool dulls: a factor on the rates, with its spread. */
export interface DullingFactor {
  factor: number;
  sdLn: number;
  /** Stretches of work that stand behind it. */
  stretches: number;
}

export interface LearnedDulling {
  /** By tool. */
  tools: Record<string, DullingFactor>;
  /** By tool and task, `tool/task`, over the tool's own. */
  tasks: Record<string, DullingFactor>;
}

export const NOTHING_LEARNED: LearnedDulling = { tools: {}, tasks: {} };

/** The factor of a tool at a task, and the spread that is left of it. */
export function dullingFactor(
  { tools, tasks }: LearnedDulling,
  toolId: string,
  taskId: string,
): DullingFactor {
  return (
    tasks[`${toolId}/${taskId}`] ?? tools[toolId] ?? { factor: 1, sdLn: TOOL_SD_LN, stretches: 0 }
  );
}

/**
 * How fast each tool dulls by its log: from each look at an edge to the next, what the painted work of
 * trips, or the hours that were noted, was to dull it by, against what it did. A conjugate update of
 * ln(did/was to) per tool; per task on what the tool's factor leaves, from three stretches on.
 */
export function learnDulling(input: WorkLog & { tools: readonly Tool[] }): LearnedDulling {
  const stretches = input.tools.flatMap((tool) =>
    tool.zones.flatMap((zone) => workStretches(tool, zone, input)),
  );
  const learned: LearnedDulling = { tools: {}, tasks: {} };
  for (const [toolId, own] of grouped(stretches, (stretch) => stretch.toolId)) {
    const ratios = own.map(({ ratio }) => ratio);
    const tool = calibrate({ priorSd: TOOL_SD_LN, observationSd: STRETCH_SD_LN, ratios });
    learned.tools[toolId] = { ...tool, stretches: own.length };
    const named = own.filter(({ taskId }) => taskId !== null);
    for (const [taskId, ofTask] of grouped(named, (stretch) => stretch.taskId!)) {
      if (ofTask.length < TASK_STRETCHES) continue;
      const { factor, sdLn } = calibrate({
        priorSd: TASK_SD_LN,
        observationSd: TASK_STRETCH_SD_LN,
        ratios: ofTask.map(({ ratio }) => ratio / tool.factor),
      });
      const stretchCount = ofTask.length;
      learned.tasks[`${toolId}/${taskId}`] = {
        ...{ factor: factor * tool.factor, sdLn, stretches: stretchCount },
      };
    }
  }
  return learned;
}
