import type { Tool } from '../../domain/tool';
import { sectionProfile } from '../edge';
import { workingFace } from './workingFace';

/** Why nothing can be computed of a tool whose fields are all within their limits; null where all can. */
export function uncomputable(tool: Tool): string | null {
  try {
    for (const zone of tool.zones) {
      workingFace(tool, zone);
      sectionProfile(tool, zone);
    }
    return null;
  } catch (error) {
    return (error as Error).message;
  }
}
