import { edgeName } from '../../domain/edgeName';
import type { Tool } from '../../domain/tool';

/** How edges are called by the tools that there are. */
export function edgeNames(tools: readonly Tool[]) {
  return ({ toolId, zoneId }: { toolId: string; zoneId: string }): string => {
    const tool = tools.find(({ id }) => id === toolId);
    const zone = tool?.zones.find(({ id }) => id === zoneId);
    return tool && zone ? edgeName(tool, zone) : 'an edge that is gone';
  };
}

export type EdgeNamer = ReturnType<typeof edgeNames>;
