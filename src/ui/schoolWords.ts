import { uiPartsWords } from './words/partsWords';
import { tipReach } from '../core/edge';
import { shearingDeg } from '../core/hold';
import { isSpineTask, type StepTask } from '../domain/terms';
import type { Tool, Zone } from '../domain/tool';
const BURR_WORDS: Record<Tool['schools']['burr'], string> = {
  'alternate light strokes': uiPartsWords.alternateEverLighterStrokes,
  'shear it off': uiPartsWords.twoFeatherLightStrokesEdge,
  'strop it off': uiPartsWords.leaveItForTheStrop,
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
  const steep = burr === 'shear it off' ? uiPartsWords.perSide(shearingDeg(step.angleDeg)) : '';
  const way = `${BURR_WORDS[burr]}${steep}`;
  if (APEX_TASKS.includes(step.task)) {
    words.push(
      burrWhen === 'at every grit'
        ? uiPartsWords.burrGoesBeforeChange(way)
        : uiPartsWords.burrGoesAtEnd(way),
    );
    if (scratches === 'unscratched') words.push(uiPartsWords.maskTheFlat);
  }
  return words;
}

function tipWords(tool: Tool, { angleDeg }: { angleDeg: number }): string {
  const { handleRiseMm, missedDeg } = tipReach({ tool, angleDeg });
  return tool.schools.tip === 'lift the handle'
    ? uiPartsWords.asTheStrokeReachesBelly(handleRiseMm)
    : uiPartsWords.keepWristFlat(missedDeg);
}
