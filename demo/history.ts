import type { Inspection } from '../src/domain/session';
import { finding, NO_CHECKS } from '../src/domain/observation';
import type { SharpnessTest } from '../src/domain/terms';
import { look } from './look';
import { testerLooks } from './testerLooks';
import { pastLooks } from './pastTrips';
import { playBack, type PastJob } from './playBack';

/** Eighteen months of touch-ups, worked through the same guide as a person's own. */

const job = (
  day: string,
  tool: string,
  where: PastJob['where'],
  before: SharpnessTest,
  after: SharpnessTest,
  more: Partial<PastJob> = {},
): PastJob => ({ at: `${day}:00.000Z`, tool, where, before, after, ...more });

const HISTORY: PastJob[] = [
  job('2025-05-03T18:10', 'wren', 'bench', 'slides-on-nail', 'slices-paper', {
    with: ['pocket-plate/coarse', 'fine-plate/fine', 'paddle'],
    effort: 1.7,
    ink: 'left at the edge',
    heldAtDeg: 11.5,
    notes: 'First go. Wobbled, and left the burr at the tip.',
  }),
  job('2025-05-24T08:20', 'plover', 'bench', 'tears-paper', 'push-cuts-newsprint', {
    with: ['pocket-plate/medium', 'belt'],
    effort: 1.5,
    ink: 'left in the middle',
    notes: 'Found a fine chip near the tip. Left: later touch-ups will wear it out.',
    chip: { atMm: 96, depthMm: 0.025, leftOnPurpose: true },
  }),
  job('2025-06-14T07:40', 'bracken', 'bench', 'blunt', 'slices-paper', {
    zone: 'chop',
    with: ['mill-file/cut', 'puck/fine'],
    chip: { atMm: 288, depthMm: 0.12 },
    damageWay: 'whole face',
    notes: 'Hit a wire in the bank. Same angle kept: the edge was not to blame.',
  }),
  job('2025-06-21T10:00', 'tern', 'bench', 'slices-paper', 'push-cuts-newsprint', {
    id: 'tern-thinned-first',
    job: 'thin',
    notes: 'As it came: far too thick behind the edge.',
  }),
  job('2025-07-05T17:00', 'old-hob', 'field', 'tears-paper', 'slices-paper', {
    with: ['puck/fine'],
    ink: 'left at the edge',
  }),
  job('2025-07-19T20:15', 'plover', 'field', 'slices-paper', 'push-cuts-newsprint', {
    with: ['pocket-plate/medium', 'belt'],
  }),
  job('2025-08-09T19:10', 'bracken', 'field', 'slides-on-nail', 'slices-paper', {
    zone: 'chop',
    with: ['diamond-rod/rod'],
    ink: 'left at the edge',
    notes: 'The rod was through much sooner than planned.',
  }),
  job('2025-08-22T20:05', 'plover', 'field', 'slices-paper', 'push-cuts-newsprint', {
    with: ['pocket-plate/medium', 'belt'],
    notes: 'The chip near the tip can hardly be felt.',
  }),
  job('2025-09-06T18:30', 'old-hob', 'field', 'tears-paper', 'slices-paper', {
    with: ['puck/coarse', 'puck/fine'],
    ink: 'gone to the edge',
    notes: 'Half again as many circles as planned, and it took them.',
  }),
  job('2025-09-27T10:00', 'wren', 'bench', 'tears-paper', 'push-cuts-newsprint', {
    with: ['pocket-plate/medium', 'fine-plate/fine', 'paddle'],
    chip: { atMm: 64, depthMm: 0.02, leftOnPurpose: true, cause: 'work' },
    ink: 'gone to the edge',
    cutsSince: 260,
    heldAtDeg: 11.5,
    notes: 'A knot took a grain out of the edge.',
  }),
  job('2025-10-11T17:30', 'old-hob', 'bench', 'slides-on-nail', 'slices-paper', {
    with: ['puck/coarse', 'puck/fine'],
    ink: 'left in the middle',
    notes: 'Ink showed the middle of the bit was missed; went back over it.',
  }),
  job('2025-10-25T18:00', 'bracken', 'field', 'slides-on-nail', 'slices-paper', {
    zone: 'fine',
    with: ['diamond-rod/rod'],
  }),
  job('2025-11-08T14:00', 'crook', 'bench', 'tears-paper', 'push-cuts-newsprint', {
    with: ['diamond-rod/rod', 'ceramic-rod/rod'],
  }),
  job('2025-11-29T15:20', 'plover', 'bench', 'slices-paper', 'push-cuts-newsprint', {
    with: ['pocket-plate/medium', 'belt'],
    notes: 'The chip near the tip is gone.',
  }),
  job('2025-12-20T11:00', 'bracken', 'bench', 'slides-on-nail', 'slices-paper', {
    zone: 'chop',
    with: ['diamond-rod/rod'],
  }),
  job('2026-01-17T15:00', 'wren', 'bench', 'tears-paper', 'push-cuts-newsprint', {
    with: ['pocket-plate/medium', 'fine-plate/fine', 'paddle'],
    ink: 'gone to the edge',
    cutsSince: 220,
    notes: 'Micro-bevel at 15° set for knots. Holds much better.',
  }),
  job('2026-02-14T14:00', 'tern', 'bench', 'slices-paper', 'push-cuts-newsprint', {
    job: 'thin',
    notes: 'Sharp but wedging in the fish last autumn. Shoulders moved back, apex set anew.',
  }),
  job('2026-03-07T16:10', 'old-hob', 'bench', 'tears-paper', 'slices-paper', {
    with: ['puck/coarse', 'puck/fine'],
  }),
  job('2026-03-21T19:20', 'plover', 'field', 'slices-paper', 'slices-paper', {
    with: ['belt'],
    effort: 4.5,
    grams: [225, 190, 186, 210, 245, 285],
    notes: 'Too long on the belt: worse after than in the middle. Next time stop earlier.',
  }),
  job('2026-04-11T09:30', 'bracken', 'field', 'slides-on-nail', 'slices-paper', {
    zone: 'chop',
    with: ['diamond-rod/rod'],
  }),
  job('2026-04-25T18:20', 'wren', 'field', 'slices-paper', 'shaves', {
    with: ['fine-plate/fine', 'denim'],
    ink: 'gone to the edge',
    cutsSince: 190,
  }),
  job('2026-05-09T08:15', 'bracken', 'bench', 'slides-on-nail', 'slices-paper', {
    zone: 'fine',
    with: ['puck/fine'],
  }),
  job('2026-05-30T19:40', 'wren', 'field', 'slices-paper', 'shaves', {
    with: ['fine-plate/fine', 'denim'],
    ink: 'gone to the edge',
    cutsSince: 90,
  }),
  job('2026-06-13T18:00', 'old-hob', 'field', 'slides-on-nail', 'slices-paper', {
    with: ['puck/coarse', 'puck/fine'],
    brokenOffAfter: 1,
    notes: 'Rain. Broken off after the coarse side.',
    after: 'tears-paper',
  }),
  job('2026-06-14T07:30', 'old-hob', 'field', 'tears-paper', 'slices-paper', {
    with: ['puck/fine'],
  }),
  job('2026-06-27T21:00', 'wren', 'field', 'slices-paper', 'shaves', {
    with: ['fine-plate/fine', 'denim'],
    ink: 'gone to the edge',
    cutsSince: 80,
  }),
  job('2026-07-04T20:00', 'plover', 'field', 'slices-paper', 'push-cuts-newsprint', {
    id: 'plover-eight-a-side',
    with: ['belt'],
    effort: 0.7,
    notes: 'Eight a side.',
  }),
  job('2026-07-11T12:00', 'bracken', 'field', 'slides-on-nail', 'slices-paper', {
    zone: 'chop',
    with: ['diamond-rod/rod'],
    ink: 'gone to the edge',
    notes: 'As planned, to the stroke nearly.',
  }),
  job('2026-07-18T10:30', 'bracken', 'field', 'slices-paper', 'slices-paper', {
    zone: 'fine',
    job: 'spine',
    notes: 'Two gentle pushes a side with the smooth edge of the file.',
  }),
  job('2026-08-08T18:45', 'old-hob', 'field', 'slides-on-nail', 'slices-paper', {
    with: ['puck/coarse', 'puck/fine'],
    notes: 'Puck with water on a stump, poll braced. Quiet circles at the end.',
  }),
  job('2026-08-09T19:00', 'sprig', 'field', 'slides-on-nail', 'push-cuts-newsprint', {
    with: ['pocket-plate/medium', 'belt'],
    effort: 0.8,
    notes: 'Soft: the stone was through in no time.',
  }),
  job('2026-09-06T12:10', 'sprig', 'field', 'slices-paper', 'push-cuts-newsprint', { job: 'hone' }),
  job('2026-09-19T07:10', 'bracken', 'field', 'blunt', 'slices-paper', {
    zone: 'chop',
    with: ['diamond-rod/rod'],
  }),
  job('2026-09-20T18:30', 'sprig', 'field', 'tears-paper', 'push-cuts-newsprint', {
    with: ['pocket-plate/medium', 'belt'],
    effort: 0.75,
  }),
  job('2026-10-03T16:00', 'old-hob', 'bench', 'tears-paper', 'slices-paper', {
    with: ['mill-file/cut', 'puck/fine'],
    chip: { atMm: 14, depthMm: 0.15 },
    damageWay: 'narrow band',
    notes: 'A chip near the heel filed out as a band.',
  }),
  job('2026-10-10T20:30', 'plover', 'field', 'slices-paper', 'shaves', {
    with: ['belt'],
    notes: 'Ten a side and tested: enough.',
  }),
  job('2026-10-24T16:20', 'wren', 'field', 'slices-paper', 'shaves', {
    with: ['denim'],
    cutsSince: 60,
    notes: 'The strop did it, this time.',
  }),
  job('2026-10-25T17:15', 'sprig', 'bench', 'tears-paper', 'push-cuts-newsprint', {
    with: ['pocket-plate/medium', 'belt'],
    effort: 0.75,
    notes: 'Both of the pair, ready for the trip.',
  }),
];

export const sessions = playBack(HISTORY);

/** How the edges stand now, before the trip. */
export const inspections: Inspection[] = [
  ...pastLooks,
  ...testerLooks,
  look('look-plover', '2026-11-22T14:50:00.000Z', 'plover', 'edge', 'slices-paper', {
    notes: 'Bread, rope ends, one net. Still cuts.',
  }),
  look('look-wren', '2026-11-22T15:00:00.000Z', 'wren', 'edge', 'tears-paper', {
    findings: [finding('burr', 70, 0, { side: 'left' })],
    notes: 'Forty pegs of seasoned ash since the last touch-up.',
  }),
  look('look-hob', '2026-11-22T15:10:00.000Z', 'old-hob', 'edge', 'slides-on-nail', {
    findings: [finding('chip', 92, 0.25, { cause: 'misuse' })],
    notes: 'Caught a stone in the bank with the toe.',
  }),
  look('look-bracken', '2026-11-22T15:20:00.000Z', 'bracken', 'chop', 'blunt', {
    findings: [finding('chip', 205, 0.06), finding('chip', 262, 0.05)],
    notes: 'Gorse roots.',
  }),
  {
    ...look('look-knap', '2026-11-22T15:30:00.000Z', 'knap', 'edge', 'slices-paper'),
    checks: { ...NO_CHECKS, head: 'tight', handle: 'cracked' },
    notes: 'Crack in the haft runs into the eye.',
  },
  look('look-tern', '2026-11-22T15:35:00.000Z', 'tern', 'edge', 'slices-paper', {
    findings: [finding('glint', 118, 0, { band: 'apex' })],
    notes: 'Bone, near the tip.',
  }),
  look('look-sprig', '2026-11-22T15:40:00.000Z', 'sprig', 'edge', 'slices-paper', {
    findings: [finding('roll', 30, 0.05, { side: 'right' })],
    notes: 'Turned on the board; nothing is broken out.',
  }),
  look('look-crook', '2026-11-22T15:45:00.000Z', 'crook', 'edge', 'push-cuts-newsprint', {
    notes: 'Sharp, yet it wedges in thick stalks.',
  }),
  look('look-heron', '2026-11-22T15:50:00.000Z', 'heron', 'edge', 'shaves', {
    findings: [finding('chip', 93, 2.5, { cause: 'misuse' })],
  }),
];
