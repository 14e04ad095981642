import { sum } from 'd3-array';
import { SCHOOLS, type SchoolQuestion, type Schools } from '../../domain/schools';
import type { Tool, Zone } from '../../domain/tool';
import { planTouchUp } from '../inspection';
import type { EdgeJob } from '../jobs';
import { abrasivesAtHand, NO_WISHES, type Hand, type Shelf } from '../ladder';
import { schoolNote } from './schoolNote';
import type { SchoolNote } from './types';

/** An edge this many times as round as its target wants a stone: stropping is past. */
const WORN_SHARE = 5;

/** What one answer costs on one edge. */
export interface SchoolCost {
  answer: string;
  /** The next touch-up by this answer; null where nothing at hand works the edge. */
  touchUp: { strokesPerSide: number; minutes: number; apexRadiusUm: number } | null;
  /** What it costs beside that touch-up; null where the touch-up says it all. */
  note: SchoolNote | null;
}

/** Every answer to a question, with what it costs on a worn edge of this zone. */
export function schoolCosts(
  question: SchoolQuestion,
  edge: { tool: Tool; zone: Zone; shelf: Shelf; hand: Hand },
): SchoolCost[] {
  const { zone, shelf, hand } = edge;
  return SCHOOLS[question].map((answer) => {
    const schools = { ...edge.tool.schools, [question]: answer } as Schools;
    const abrasives = abrasivesAtHand(shelf, schools);
    const worn: EdgeJob = {
      tool: { ...edge.tool, schools },
      zone,
      apexRadiusUm: WORN_SHARE * zone.targetApexUm,
      keenRadiusUm: null,
      damageDepthMm: 0,
      damageStretch: null,
      where: 'bench',
      damageWay: null,
      ownLadder: NO_WISHES,
      sessions: [],
      abrasives,
      owned: abrasives,
      hand,
    };
    const { outcome, steps, minutes, apexRadiusUm } = planTouchUp(worn);
    const strokesPerSide = sum(steps, (step) => step.strokesPerSide);
    return {
      answer,
      touchUp: outcome === 'planned' ? { strokesPerSide, minutes, apexRadiusUm } : null,
      note: schoolNote(question, worn),
    };
  });
}
