import type { JobPlan } from '../../core';
import type { Job } from '../../domain/terms';
import { minutesSpan, sentence } from '../../ui/format';

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
    leaveAlone: 'It passes what its work asks for: leave it alone.',
    outOfReach: 'Nothing at hand works this edge.',
  },
  hone: {
    choose: 'Lay it straight',
    start: 'Start honing',
    leaveAlone: 'It passes what its work asks for: leave it alone.',
    outOfReach: 'No smooth steel or fine ceramic rod is at hand.',
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
    outOfReach: 'This section has no room for that angle, or nothing at hand grinds it.',
  },
  spine: {
    choose: 'Work on the spine',
    start: 'Start on the spine',
    leaveAlone: 'This spine is plain: it wants no work.',
    outOfReach: 'What the spine needs is not at hand.',
  },
};

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
      return JOB_WORDS[job].outOfReach;
    case 'planned':
      return sentence(minutesSpan(plan).replace(/^(?=\d)/, 'about '));
  }
}
