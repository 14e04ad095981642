import type { EdgeJob } from '../jobs';
import { calibrate } from '../evidence';
import { PRIORS } from '../priors';
import type { SchoolNote } from './types';

/** Touch-ups after which ranges are compared. */
const SESSIONS = 5;

/** Counted or by feel: how wide the range of an estimate still is after a few touch-ups. */
export function countingNote({ tool }: EdgeJob): SchoolNote {
  const byFeel = tool.schools.counting === 'by feel';
  const { sdLn } = calibrate({
    priorSd: PRIORS.familySdLn.value,
    observationSd: byFeel ? PRIORS.byFeelSdLn.value : PRIORS.stepSdLn.value,
    ratios: Array<number>(SESSIONS).fill(1),
  });
  return { kind: 'range after', sessions: SESSIONS, factor: Math.exp(sdLn), byFeel };
}
