import { spoken } from '../../ui/words/closedWords';
import { planWords as say } from './words/planWords';
import { zoneLeft, type JobPlan } from '../../core/jobs';
import { workingFace } from '../../core/ladder';
import type { Job } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { minutes, minutesSpan, sentence } from '../../ui/format';
import { helpfulStoneWords } from './words/helpfulStoneWords';
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
    choose: say.touchItUp,
    start: say.startTheTouchUp,
    leaveAlone: say.itMeetsItsTargetLeave,
    outOfReach: say.nothingWorksEdge,
  },
  hone: {
    choose: say.layItStraight,
    start: say.startHoning,
    leaveAlone: say.itMeetsItsTargetLeave,
    outOfReach: say.noSmoothSteelOrFine,
  },
  upkeep: {
    choose: say.keepItUp,
    start: say.startStropping,
    leaveAlone: say.nothingIsToBeKept,
    outOfReach: say.noStropAndNoHone,
  },
  thin: {
    choose: say.thinIt,
    start: say.startThinning,
    leaveAlone: say.nothingToThin,
    outOfReach: say.nothingMovesShoulders,
  },
  angle: {
    choose: say.changeTheAngle,
    start: say.startOnTheNewAngle,
    leaveAlone: say.angleItHas,
    outOfReach: say.nothingGrindsSteel,
  },
  spine: {
    choose: say.workOnTheSpine,
    start: say.startOnTheSpine,
    leaveAlone: say.spineIsPlain,
    outOfReach: say.spineNeedsNotAtHand,
  },
};

/** Why a job is out of reach, and what would bring it there. */
function outOfReachWords(job: Job, { noRoom, missingStone, tooLongMinutes }: JobPlan): string {
  if (noRoom) {
    return noRoom.behindDeg === null
      ? say.noRoomLessThanHalf
      : say.noRoomTheFacesBehind(noRoom.behindDeg);
  }
  if (tooLongMinutes === null && !missingStone) return JOB_WORDS[job].outOfReach;
  const now =
    tooLongMinutes === null
      ? say.nothingAtHandDoesIt
      : say.withWhatIsAtHand(minutes(tooLongMinutes));
  if (!missingStone) return say.workForASmith(now);
  return say.stateMinutesWithStone(now, missingStone.minutes, helpfulStoneWords(missingStone));
}

/** What the start of a job says: the first of its stages, where there are several. */
export function startWords(job: Job, plan: JobPlan | null): string {
  const stages = plan?.outcome === 'planned' && job === 'angle' ? stagesOf(plan.steps) : [];
  return stages.length > 1 ? say.start(spoken(stages[0]!.name)) : JOB_WORDS[job].start;
}

/** What the tool keeps once another angle is ground; null where it keeps its measures. */
export function keepsWords({ steps }: JobPlan, tool: Tool): string | null {
  const zone = zoneLeft(steps);
  if (!zone) return null;
  const { angleDeg, arcRadiusMm, faceWidthMm } = workingFace(tool, zone);
  const face = zone.facet ?? { angleDeg, faceWidthMm };
  const shape =
    arcRadiusMm !== null && !zone.facet
      ? say.anArcOfRadius(arcRadiusMm)
      : say.aFaceWide(face.faceWidthMm);
  return say.toolThenKeeps(face.angleDeg, shape, zone.shoulderThicknessMm);
}

/** The plan of a job in one line; null where the edge has to be tested first. */
export function planHeadline(job: Job, plan: JobPlan | null): string {
  if (!plan) {
    if (job === 'spine') return JOB_WORDS.spine.leaveAlone;
    return job === 'angle' ? say.nameTheAngleThePlan : say.testTheEdgeThePlan;
  }
  switch (plan.outcome) {
    case 'leave alone':
      return JOB_WORDS[job].leaveAlone;
    case 'out of reach':
      return outOfReachWords(job, plan);
    case 'planned':
      return sentence(say.aboutSo(minutesSpan(plan)));
  }
}
