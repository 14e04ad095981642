import { shearingDeg, tipReach } from '../core';
import { isSpineTask, type StepTask } from '../domain/terms';
import type { Tool, Zone } from '../domain/tool';
import { deg, mm } from './format';

const BURR_WORDS: Record<Tool['schools']['burr'], string> = {
  'alternate light strokes': 'alternate ever lighter strokes',
  'shear it off': 'two feather-light strokes, edge leading, at',
  'strop it off': 'leave it for the strop',
};

/** Steps on a stone that raise a burr at the apex. */
const APEX_TASKS: readonly StepTask[] = [
  'grind out damage',
  'restore the apex',
  'remove scratches',
  'grind the bevel flat',
];

/** What a keeper's schools say to the hand at one step, beside its numbers. */
export function schoolWords(
  tool: Tool,
  zone: Zone,
  step: { task: StepTask; angleDeg: number },
): string[] {
  if (isSpineTask(step.task)) return [];
  const { burr, burrWhen, scratches } = tool.schools;
  const words = zone.contour === 'belly' || zone.contour === 'tip' ? [tipWords(tool, step)] : [];
  const steep = burr === 'shear it off' ? ` ${deg(shearingDeg(step.angleDeg))} per side` : '';
  const way = `${BURR_WORDS[burr]}${steep}`;
  if (APEX_TASKS.includes(step.task)) {
    words.push(
      burrWhen === 'at every grit'
        ? `Before you change stones, the burr goes: ${way}.`
        : `The burr goes once, at the end: ${way}.`,
    );
    if (scratches === 'unscratched') words.push('Mask the flat behind the bevel.');
  }
  return words;
}

function tipWords(tool: Tool, { angleDeg }: { angleDeg: number }): string {
  const { handleRiseMm, missedDeg } = tipReach({ tool, angleDeg });
  return tool.schools.tip === 'lift the handle'
    ? `As the stroke reaches belly and tip, lift the end of the handle, by ${mm(handleRiseMm)} at the tip, so that the bevel keeps its contact.`
    : `Keep the wrist flat to the tip, and press at the shoulder: the bevel lies ${deg(missedDeg)} flatter there.`;
}
