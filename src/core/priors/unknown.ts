import { PRACTICE, prior, type Prior } from './prior';

/** What is taken where nobody has measured or noted it. */
export const UNKNOWN = {
  unmeasuredAngleSdDeg: prior(
    3,
    '° per side',
    'angle of an edge around what is usual of its kind',
    PRACTICE,
  ),
  unmeasuredLengthSdLn: prior(
    0.15,
    'sd of ln',
    'length of an edge around what is usual of its kind',
    PRACTICE,
  ),
  unseenChipShare: prior(
    0.5,
    '',
    'edges with a chip, of those that nobody has looked along',
    PRACTICE,
  ),
  unseenChipMm: prior(0.3, 'mm', 'the deepest chip of such an edge, in the middle', PRACTICE),
  leastMinutes: prior(
    1,
    'min',
    'the least that an edge takes, ready or not: to look at it',
    PRACTICE,
  ),
  keenShare: prior(
    0.6,
    'share',
    'apex radius under the burr of an edge of unknown history, as a share of its target',
    PRACTICE,
  ),
  honedKeenShare: prior(
    0.8,
    'share',
    'the same where a steel is asked: only what is surely turned is laid straight',
    PRACTICE,
  ),
  stoneThicknessMm: prior(20, 'mm', 'thickness of a stone that nobody measured', PRACTICE),
  recessionMm: prior(0.004, 'mm', 'recession of a touch-up where the log shows none yet', PRACTICE),
  wideningLimitShare: prior(
    1.5,
    'share',
    'where no limit is set, a face half as wide again as it was measured needs thinning',
    PRACTICE,
  ),
  usualMicroLimitMm: prior(
    0.9,
    'mm',
    'a micro-bevel wider than this has thickened, where no limit is set',
    PRACTICE,
  ),
} as const satisfies Record<string, Prior>;
