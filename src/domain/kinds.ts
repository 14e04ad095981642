import { AXES } from './kinds/axes';
import type { Kind } from './kinds/kind';
import { KNIVES } from './kinds/knives';
import { MACHETES } from './kinds/machetes';

export type { BladeShape, Kind, ToolForm } from './kinds/kind';

const ROWS = { ...KNIVES, ...AXES, ...MACHETES };

export type ToolKind = keyof typeof ROWS;

/** The kinds of tools, in the order in which they are offered. */
export const KINDS: Readonly<Record<ToolKind, Kind>> = ROWS;
export const TOOL_KINDS = Object.keys(ROWS) as readonly ToolKind[];
