import type { Tool } from '../../domain/tool';
import { toolForm } from './workingFace';

/**
 * Whether the stone moves over a clamped or braced tool, and not the tool over the stone: axes and
 * machetes usually, knives where their keeper clamps them.
 */
export function stoneInHand({ kind, schools }: Pick<Tool, 'kind' | 'schools'>): boolean {
  if (schools.moves === 'by tool') return toolForm(kind) !== 'knife';
  return schools.moves === 'the stone over a clamped tool';
}
