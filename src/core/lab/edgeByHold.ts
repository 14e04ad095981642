import type { Experiment, HandHold } from '../../domain/experiment';
import type { Tool, Zone } from '../../domain/tool';
import { labEdge } from './labEdge';
import { studyOf } from './strokeQuestions';
import { studyHold, type Quantiles } from './studyHold';

/** A usual sharpening, for what a hold alone does: 40 strokes a side on a medium diamond. */
const USUAL: Omit<Experiment, 'hold'> = {
  forceN: 8,
  strokesPerSide: 40,
  stone: { family: 'diamond', sizeUm: 25 },
  strokeLengthMm: 95,
};
const TIRED_UM = 4;
const RUNS = 300;
const SEED = 1;

/** The inclusive angle (degrees) at which a tired edge ends in a hand, by a usual sharpening. */
export function edgeByHold(input: { tool: Tool; zone: Zone; hold: HandHold }): {
  edgeInclusiveDeg: Quantiles;
  strokesPerSide: number;
} {
  const edge = labEdge({ ...input, apexRadiusUm: TIRED_UM });
  const experiment = { ...USUAL, hold: input.hold };
  const { edgeInclusiveDeg } = studyHold(studyOf({ edge, experiment }, RUNS, SEED));
  return { edgeInclusiveDeg, strokesPerSide: USUAL.strokesPerSide };
}
