import type { TaskId } from './tasks';
import type { ToolKind } from './terms';

/** Work that each kind of tool usually does, for edges that a test alone describes. */
export const USUAL_WORK: Record<ToolKind, readonly TaskId[]> = {
  'scandi-knife': ['carve'],
  'convex-knife': ['food'],
  'flat-knife': ['food', 'rope'],
  'fillet-knife': ['fish'],
  'skinning-knife': ['hide'],
  parer: ['food'],
  'recurve-hook': ['rope'],
  hatchet: ['chop'],
  'felling-axe': ['chop'],
  tomahawk: ['chop'],
  machete: ['brush'],
};
