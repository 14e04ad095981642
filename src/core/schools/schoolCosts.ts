import { SCHOOLS, type SchoolQuestion, type Schools } from '../../domain/schools';
import type { Tool, Zone } from '../../domain/tool';
import { planEdge } from '../inspection';
import { abrasivesAtHand, type Shelf } from '../ladder';
import type { Pace } from '../wear';
import { schoolNote, WORN_SHARE } from './schoolNote';

/** What one answer costs on one edge. */
export interface SchoolCost {
  answer: string;
  /** The next touch-up by this answer; null where nothing at hand reaches the target. */
  touchUp: { strokesPerSide: number; minutes: number; apexRadiusUm: number } | null;
  /** What it costs beside that touch-up, in numbers; null where the touch-up says it all. */
  note: string | null;
}

/** Every answer to a question, with what it costs on a worn edge of this zone. */
export function schoolCosts(
  question: SchoolQuestion,
  edge: { tool: Tool; zone: Zone; shelf: Shelf; pace: Pace },
): SchoolCost[] {
  const { zone, shelf, pace } = edge;
  return SCHOOLS[question].map((answer) => {
    const schools = { ...edge.tool.schools, [question]: answer } as Schools;
    const tool = { ...edge.tool, schools };
    const problem = { tool, zone, abrasives: abrasivesAtHand(shelf, schools), pace };
    const plan = planEdge({
      ...problem,
      apexRadiusUm: WORN_SHARE * zone.targetApexUm,
      damageDepthMm: 0,
      keenRadiusUm: null,
    });
    return {
      answer,
      touchUp:
        plan.outcome === 'planned'
          ? {
              strokesPerSide: plan.steps.reduce((sum, step) => sum + step.strokesPerSide, 0),
              minutes: plan.minutes,
              apexRadiusUm: plan.apexRadiusUm,
            }
          : null,
      note: schoolNote(question, problem),
    };
  });
}
