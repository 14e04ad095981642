import type { Tool } from '../../domain/tool';
import type { LearnedHardness, Lessons, StatedHardness } from '../evidence';
import { workingSteel } from '../wear';

/** The hardness of every tool as it is stated, or as a file has told. */
export function statedHardness(tools: readonly Tool[]): StatedHardness[] {
  return tools.map(({ id, steel }) => {
    const [lowHrc, highHrc] = workingSteel(steel).rangeHrc;
    return { toolId: id, lowHrc, highHrc };
  });
}

/** The hardness (HRC) that plans go by, by tool: the middle of what is stated, or of what the log has learned. */
export function plannedHardness(
  tools: readonly Tool[],
  hardness: Lessons['hardness'],
): Map<string, number> {
  return new Map(
    statedHardness(tools).map(({ toolId, ...stated }) => {
      const { lowHrc, highHrc } = hardness.get(toolId) ?? stated;
      return [toolId, (lowHrc + highHrc) / 2];
    }),
  );
}

/** The tool with its range of hardness narrowed by the log, for planning with; not for keeping. */
export function withHardness(tool: Tool, learned: LearnedHardness | null): Tool {
  if (!learned) return tool;
  const steel = {
    ...tool.steel,
    hardnessLowHrc: learned.lowHrc,
    hardnessHighHrc: learned.highHrc,
  };
  return { ...tool, steel };
}
