import type { EdgeJob } from '../jobs';
import { calibrate, OBSERVATION_SD, PRIOR_SD } from '../learn';
import type { SchoolNote } from './types';

/** Touch-ups after which ranges are compared. */
const SESSIONS = 5;
/** Spread of ln(actual/predicted) of a session whose minutes alone are known (prior). */
const BY_FEEL_SD = 0.7;

/** Counted or by feel: how wide the range of an estimate still is after a few touch-ups. */
export function countingNote({ tool }: EdgeJob): SchoolNote {
  const byFeel = tool.schools.counting === 'by feel';
  const { sdLn } = calibrate({
    priorSd: PRIOR_SD,
    observationSd: byFeel ? BY_FEEL_SD : OBSERVATION_SD,
    ratios: Array<number>(SESSIONS).fill(1),
  });
  return { kind: 'range after', sessions: SESSIONS, factor: Math.exp(sdLn), byFeel };
}
