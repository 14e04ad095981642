import {
  abrasivesAtHand,
  advance,
  DEFAULT_PACE,
  planJob,
  planLadder,
  startSession,
  TEST_CENTRE_UM,
  workingFace,
  type LadderPlan,
} from '../src/core';
import {
  finding,
  NO_CHECKS,
  passes,
  type Finding,
  type Inspection,
  type Session,
} from '../src/domain/session';
import { SHARPNESS_TESTS, type Job, type Place, type SharpnessTest } from '../src/domain/terms';
import { abrasives, compounds, lubricants, strops, tools } from './crew';

/** Eighteen months of touch-ups, worked through the same guide as a person's own. */

interface PastTouchUp {
  at: string;
  tool: string;
  zone?: string;
  where: Session['where'];
  /** What it was for; a touch-up where nothing is said. */
  job?: Job;
  before: SharpnessTest;
  after: SharpnessTest;
  chip?: { atMm: number; depthMm: number };
  /** Strokes done over strokes planned: the hand is learning. */
  effort: number;
  notes: string;
}

const HISTORY: PastTouchUp[] = [
  {
    at: '2025-05-03T18:10:00.000Z',
    tool: 'wren',
    where: 'bench',
    before: 'slides-on-nail',
    after: 'slices-paper',
    effort: 1.9,
    notes: 'First go. Wobbled, and left the burr at the tip.',
  },
  {
    at: '2025-06-14T07:40:00.000Z',
    tool: 'bracken',
    zone: 'chop',
    where: 'bench',
    before: 'blunt',
    after: 'tears-paper',
    chip: { atMm: 288, depthMm: 0.12 },
    effort: 1.6,
    notes: 'Hit a wire in the bank. Same angle kept: the edge was not to blame.',
  },
  {
    at: '2025-08-22T20:05:00.000Z',
    tool: 'plover',
    where: 'field',
    before: 'slices-paper',
    after: 'push-cuts-newsprint',
    effort: 1.4,
    notes: '',
  },
  {
    at: '2025-10-11T17:30:00.000Z',
    tool: 'old-hob',
    where: 'bench',
    before: 'slides-on-nail',
    after: 'slices-paper',
    effort: 1.5,
    notes: 'Ink showed the middle of the bit was missed; went back over it.',
  },
  {
    at: '2026-01-17T15:00:00.000Z',
    tool: 'wren',
    where: 'bench',
    before: 'tears-paper',
    after: 'push-cuts-newsprint',
    effort: 1.4,
    notes: 'Micro-bevel at 15° set for knots. Holds much better.',
  },
  {
    at: '2026-03-21T19:20:00.000Z',
    tool: 'plover',
    where: 'field',
    before: 'slices-paper',
    after: 'slices-paper',
    effort: 2.6,
    notes: 'Too long on the belt: worse after than in the middle. Next time stop earlier.',
  },
  {
    at: '2026-05-09T08:15:00.000Z',
    tool: 'bracken',
    zone: 'fine',
    where: 'bench',
    before: 'slides-on-nail',
    after: 'slices-paper',
    effort: 1.2,
    notes: '',
  },
  {
    at: '2026-06-27T21:00:00.000Z',
    tool: 'wren',
    where: 'field',
    before: 'slices-paper',
    after: 'shaves',
    effort: 1.2,
    notes: '',
  },
  {
    at: '2026-08-08T18:45:00.000Z',
    tool: 'old-hob',
    where: 'field',
    before: 'slides-on-nail',
    after: 'slices-paper',
    effort: 1.1,
    notes: 'Puck with water on a stump, poll braced. Quiet circles at the end.',
  },
  {
    at: '2026-09-19T07:10:00.000Z',
    tool: 'bracken',
    zone: 'chop',
    where: 'field',
    before: 'blunt',
    after: 'tears-paper',
    effort: 1.1,
    notes: '',
  },
  {
    at: '2026-10-10T20:30:00.000Z',
    tool: 'plover',
    where: 'field',
    before: 'slices-paper',
    after: 'shaves',
    effort: 1,
    notes: 'Ten a side and tested: enough.',
  },
  {
    at: '2026-10-24T16:20:00.000Z',
    tool: 'wren',
    where: 'field',
    before: 'slices-paper',
    after: 'shaves',
    effort: 1,
    notes: '',
  },
];

/** What is done now and then: thinning, the hook on a spine, a turned edge; and a pair of unknown steel. */
const NOW_AND_THEN: PastTouchUp[] = [
  {
    at: '2026-02-14T14:00:00.000Z',
    tool: 'tern',
    where: 'bench',
    job: 'thin',
    before: 'slices-paper',
    after: 'push-cuts-newsprint',
    effort: 1.3,
    notes: 'Sharp but wedging in the fish last autumn. Shoulders moved back, apex set anew.',
  },
  {
    at: '2026-07-18T10:30:00.000Z',
    tool: 'bracken',
    zone: 'fine',
    where: 'field',
    job: 'spine',
    before: 'slices-paper',
    after: 'slices-paper',
    effort: 1,
    notes: 'Two gentle pushes a side with the smooth edge of the file.',
  },
  {
    at: '2026-08-09T19:00:00.000Z',
    tool: 'sprig',
    where: 'field',
    before: 'slides-on-nail',
    after: 'push-cuts-newsprint',
    effort: 0.8,
    notes: 'Soft: the stone was through in no time.',
  },
  {
    at: '2026-09-06T12:10:00.000Z',
    tool: 'sprig',
    where: 'field',
    job: 'hone',
    before: 'slices-paper',
    after: 'push-cuts-newsprint',
    effort: 1,
    notes: '',
  },
  {
    at: '2026-09-20T18:30:00.000Z',
    tool: 'sprig',
    where: 'field',
    before: 'tears-paper',
    after: 'push-cuts-newsprint',
    effort: 0.7,
    notes: '',
  },
  {
    at: '2026-10-25T17:15:00.000Z',
    tool: 'sprig',
    where: 'bench',
    before: 'tears-paper',
    after: 'push-cuts-newsprint',
    effort: 0.75,
    notes: 'Both of the pair, ready for the trip.',
  },
];

/** Work on a spine looks at no edge. */
const NOTHING_SEEN: Session['before'] = { tests: [], findings: [] };

const atHand = {
  bench: abrasivesAtHand({ abrasives, strops, compounds, lubricants }),
  field: abrasivesAtHand({
    abrasives: abrasives.filter(travels),
    strops: strops.filter(travels),
    compounds,
    lubricants: lubricants.filter(travels),
  }),
};

function travels({ place }: { place: Place }): boolean {
  return place !== 'workshop';
}

export const sessions: Session[] = [
  ...HISTORY.map((past, index) => playBack(past, `touch-up-${index + 1}`)),
  ...NOW_AND_THEN.map((past, index) => playBack(past, `now-and-then-${index + 1}`)),
];

function playBack(past: PastTouchUp, id: string): Session {
  const findings: Finding[] = past.chip
    ? [finding('chip', past.chip.atMm, past.chip.depthMm, { cause: 'misuse' })]
    : [];
  let session = startSession({
    id,
    at: past.at,
    toolId: past.tool,
    zoneId: past.zone ?? 'edge',
    job: past.job ?? 'touch-up',
    where: past.where,
    before: past.job === 'spine' ? NOTHING_SEEN : { tests: [passes(past.before)], findings },
    plan: planFor(past),
  });
  let seconds = 0;
  const later = (gap: number): string => {
    seconds += gap;
    return new Date(Date.parse(past.at) + Math.round(seconds) * 1000).toISOString();
  };
  session.steps.forEach((step, i) => {
    const perSide = Math.max(1, Math.round(step.plannedPerSide * past.effort));
    const perMinute = { sweeps: 45, 'back-and-forth': 100, circles: 60 }[step.motion];
    for (const side of ['left', 'right']) {
      // Strokes come in tens: a stroke at a time would only make the same record more slowly.
      for (let done = 0; done < perSide; done += 10) {
        const count = Math.min(10, perSide - done);
        const at = later((count * 60) / perMinute);
        session = advance(session, { type: 'stroke', count, at });
      }
      if (side === 'left') session = advance(session, { type: 'turn over', at: later(4) });
    }
    const reading = passes(i === session.steps.length - 1 ? past.after : between(past));
    if (past.job !== 'spine') {
      session = advance(session, { type: 'test', reading, at: later(15) });
    }
    session = advance(session, { type: 'next step', at: later(10) });
  });
  return advance(session, { type: 'finish', findings: [], notes: past.notes, at: later(20) });
}

function planFor(past: PastTouchUp): LadderPlan {
  const tool = tools.find(({ id }) => id === past.tool)!;
  const zone = tool.zones.find(({ id }) => id === (past.zone ?? 'edge'))!;
  const abrasives = atHand[past.where];
  const plan = past.job
    ? planJob({
        job: past.job,
        spineWork: null,
        tool,
        zone,
        before: { tests: [passes(past.before)], findings: [] },
        keenRadiusUm: null,
        sessions: [],
        abrasives,
        pace: DEFAULT_PACE,
      })!
    : planLadder({
        zone: workingFace(tool, zone),
        condition: {
          apexRadiusUm: TEST_CENTRE_UM[past.before],
          damageDepthMm: past.chip?.depthMm ?? 0,
        },
        target: { apexRadiusUm: zone.targetApexUm },
        abrasives,
      });
  if (plan.outcome !== 'planned') throw new Error(`${past.tool} at ${past.at}: ${plan.outcome}`);
  return plan;
}

/** The test half-way between before and after. */
function between(past: PastTouchUp): SharpnessTest {
  const from = SHARPNESS_TESTS.indexOf(past.before);
  const to = SHARPNESS_TESTS.indexOf(past.after);
  return SHARPNESS_TESTS[Math.ceil((from + to) / 2)]!;
}

const look = (
  id: string,
  at: string,
  toolId: string,
  zoneId: string,
  test: SharpnessTest,
  findings: Finding[],
  notes: string,
): Inspection => ({
  id,
  createdAt: at,
  updatedAt: at,
  deletedAt: null,
  toolId,
  zoneId,
  at,
  seen: { tests: [passes(test)], findings },
  checks: NO_CHECKS,
  notes,
});

/** How the edges stand now, before the trip. */
export const inspections: Inspection[] = [
  look(
    'look-plover',
    '2026-11-22T14:50:00.000Z',
    'plover',
    'edge',
    'slices-paper',
    [],
    'Bread, rope ends, one net. Still cuts.',
  ),
  look(
    'look-wren',
    '2026-11-22T15:00:00.000Z',
    'wren',
    'edge',
    'tears-paper',
    [finding('burr', 70, 0, { side: 'left' })],
    'Forty pegs of seasoned ash since the last touch-up.',
  ),
  look(
    'look-hob',
    '2026-11-22T15:10:00.000Z',
    'old-hob',
    'edge',
    'slides-on-nail',
    [finding('chip', 92, 0.25, { cause: 'misuse' })],
    'Caught a stone in the bank with the toe.',
  ),
  look(
    'look-bracken',
    '2026-11-22T15:20:00.000Z',
    'bracken',
    'chop',
    'blunt',
    [finding('chip', 205, 0.06), finding('chip', 262, 0.05)],
    'Gorse roots.',
  ),
  {
    ...look('look-knap', '2026-11-22T15:30:00.000Z', 'knap', 'edge', 'slices-paper', [], ''),
    checks: { ...NO_CHECKS, head: 'tight', handle: 'cracked' },
    notes: 'Crack in the haft runs into the eye.',
  },
  look(
    'look-tern',
    '2026-11-22T15:35:00.000Z',
    'tern',
    'edge',
    'slices-paper',
    [finding('glint', 118, 0, { band: 'apex' })],
    'Bone, near the tip.',
  ),
  look(
    'look-sprig',
    '2026-11-22T15:40:00.000Z',
    'sprig',
    'edge',
    'slices-paper',
    [finding('roll', 30, 0.05, { side: 'right' })],
    'Turned on the board; nothing is broken out.',
  ),
  look(
    'look-crook',
    '2026-11-22T15:45:00.000Z',
    'crook',
    'edge',
    'push-cuts-newsprint',
    [],
    'Sharp, yet it wedges in thick stalks.',
  ),
  look(
    'look-heron',
    '2026-11-22T15:50:00.000Z',
    'heron',
    'edge',
    'shaves',
    [finding('chip', 93, 2.5, { cause: 'misuse' })],
    '',
  ),
];
