import { workingFace, zoneLeft, type JobPlan } from '../../core';
import type { Job } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { deg, fineMm, minutes, minutesSpan, mm, sentence } from '../../ui/format';
import { helpfulStoneWords } from '../../ui/words/helpfulStoneWords';
import { stagesOf } from './stages';

interface JobWords {
  /** The choice of this job. */
  choose: string;
  start: string;
  /** What is said when there is nothing to do, or nothing to do it with. */
  leaveAlone: string;
  outOfReach: string;
}

/** What each job is called on the plan. */
export const JOB_WORDS: Record<Job, JobWords> = {
  'touch-up': {
    choose: 'Touch it up',
    start: 'Start the touch-up',
    leaveAlone: 'It meets its target: leave it alone.',
    outOfReach: 'Nothing at hand works this edge.',
  },
  hone: {
    choose: 'Lay it straight',
    start: 'Start honing',
    leaveAlone: 'It meets its target: leave it alone.',
    outOfReach: 'No smooth steel or fine ceramic rod is at hand.',
  },
  upkeep: {
    choose: 'Keep it up',
    start: 'Start stropping',
    leaveAlone: 'Nothing is to be kept up here.',
    outOfReach: 'No strop and no hone is at hand.',
  },
  thin: {
    choose: 'Thin it',
    start: 'Start thinning',
    leaveAlone: 'Nothing has grown behind the edge: there is nothing to thin.',
    outOfReach: 'Nothing at hand moves the shoulders back and sets the edge again.',
  },
  angle: {
    choose: 'Change the angle',
    start: 'Start on the new angle',
    leaveAlone: 'That is the angle it has.',
    outOfReach: 'Nothing at hand grinds this steel and sets the edge again.',
  },
  spine: {
    choose: 'Work on the spine',
    start: 'Start on the spine',
    leaveAlone: 'This spine is plain: it needs no work.',
    outOfReach: 'What the spine needs is not at hand.',
  },
};

/** Why a job is out of reach, and what would bring it there. */
function outOfReachWords(job: Job, { noRoom, missingStone, tooLongMinutes }: JobPlan): string {
  if (noRoom) {
    return noRoom.behindDeg === null
      ? 'No room: less than half of the blade would be left.'
      : `No room: the faces behind the edge stand at ${deg(noRoom.behindDeg)} themselves.`;
  }
  if (tooLongMinutes === null && !missingStone) return JOB_WORDS[job].outOfReach;
  const now =
    tooLongMinutes === null
      ? 'Nothing at hand does it'
      : `${sentence(minutes(tooLongMinutes))} with what is at hand`;
  if (!missingStone) return `${now}: work for a smith.`;
  return `${now}; ${minutes(missingStone.minutes)} with ${helpfulStoneWords(missingStone)}.`;
}

/** What the start of a job says: the first of its stages, where there are several. */
export function startWords(job: Job, plan: JobPlan | null): string {
  const stages = plan?.outcome === 'planned' && job === 'angle' ? stagesOf(plan.steps) : [];
  return stages.length > 1 ? `Start: ${stages[0]!.name}` : JOB_WORDS[job].start;
}

/** What the tool keeps once another angle is ground; null where it keeps its measures. */
export function keepsWords({ steps }: JobPlan, tool: Tool): string | null {
  const zone = zoneLeft(steps);
  if (!zone) return null;
  const { angleDeg, arcRadiusMm, faceWidthMm } = workingFace(tool, zone);
  const face = zone.facet ?? { angleDeg, faceWidthMm };
  const shape =
    arcRadiusMm !== null && !zone.facet
      ? `an arc of ${mm(arcRadiusMm)} radius`
      : `a face ${fineMm(face.faceWidthMm)} wide`;
  return `The tool then keeps ${deg(face.angleDeg)} per side, ${shape}, ${mm(zone.shoulderThicknessMm)} thick at the shoulder. Every touch-up after it is held so.`;
}

/** The plan of a job in one line; null where the edge has to be tested first. */
export function planHeadline(job: Job, plan: JobPlan | null): string {
  if (!plan) {
    if (job === 'spine') return JOB_WORDS.spine.leaveAlone;
    return job === 'angle'
      ? 'Name the angle: the plan follows.'
      : 'Test the edge: the plan follows.';
  }
  switch (plan.outcome) {
    case 'leave alone':
      return JOB_WORDS[job].leaveAlone;
    case 'out of reach':
      return outOfReachWords(job, plan);
    case 'planned':
      return sentence(minutesSpan(plan).replace(/^(?=\d)/, 'about '));
  }
}
