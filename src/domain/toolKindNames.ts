import type { ToolKind } from './terms';

/** Words for each kind of tool. */
export const TOOL_KIND_NAMES: Record<ToolKind, string> = {
  'scandi-knife': 'scandi knife',
  'convex-knife': 'convex knife',
  'flat-knife': 'flat or sabre knife',
  'fillet-knife': 'fillet knife',
  'skinning-knife': 'skinning knife',
  parer: 'parer',
  'recurve-hook': 'recurve hook',
  hatchet: 'hatchet',
  'felling-axe': 'felling axe',
  tomahawk: 'tomahawk, bolted bit',
  machete: 'machete',
};
