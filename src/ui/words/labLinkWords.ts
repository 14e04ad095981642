import type { LabQuestionId } from './labWords';

/** How a question is asked where it comes up. */
export const LAB_LINK_WORDS: Record<LabQuestionId, string> = {
  wobble: 'In the lab: what your wobble does to this edge',
  'low-high': 'In the lab: what it does to hold low or high',
  micro: 'In the lab: a micro-bevel or none',
  force: 'In the lab: what pressing hard does',
  hands: 'In the lab: one hand steeper than the other',
  angle: 'In the lab: a degree flatter or steeper',
  jump: 'In the lab: a stone between, or none',
  strop: 'In the lab: a soft belt or a board',
  finish: 'In the lab: toothy or polished',
  steps: 'In the lab: play these strokes',
  wear: 'In the lab: this edge over the years',
  years: 'In the lab: bands or the whole face, over three seasons',
};
