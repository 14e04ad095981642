import { benchAt, triage, edgeJobOf, planJob } from '../src/core/inspection';
import { NO_WISHES, toolForm, workingFace } from '../src/core/ladder';
import { handOf } from '../src/core/log';
import { passedTest as finestTest } from '../src/core/sharpness';
import { advance, findingsLeft, startSession } from '../src/core/touchUp';
import { DEFAULT_PACE } from '../src/core/wear';
import type { Finding, Observation, Session, SessionStep } from '../src/domain/session';
import { finding, passedTest, readGrams } from '../src/domain/observation';
import {
  SHARPNESS_TESTS,
  type DamageWay,
  type InkSeen,
  type Job,
  type SharpnessTest,
} from '../src/domain/terms';
import { tripOf } from '../src/domain/tripDays';
import { stepWords } from '../src/ui/words/stepWords';
import { tools } from './crew';
import { pastTrips } from './pastTrips';
import { abrasives, compounds, lubricants, strops } from './shelf';

/** One past touch-up, or another job, as the crew did it. */
export interface PastJob {
  at: string;
  tool: string;
  zone?: string;
  where: Session['where'];
  /** What it was for; a touch-up where nothing is said. */
  job?: Job;
  before: SharpnessTest;
  after: SharpnessTest;
  /** By misuse where nothing is said. */
  chip?: { atMm: number; depthMm: number; leftOnPurpose?: boolean; cause?: Finding['cause'] };
  damageWay?: DamageWay;
  /** The things it was done with, by id; as planned where nothing is said. */
  with?: string[];
  /** Strokes done over what this hand usually takes with the thing. */
  effort?: number;
  /** Grams on the force tester, read at even distances along the last step. */
  grams?: number[];
  /** What ink told at the end of the first stone. */
  ink?: InkSeen;
  /** How many cuts the edge had made since the touch-up before. */
  cutsSince?: number;
  /** The angle it was held at then, where that was another than now (° per side). */
  heldAtDeg?: number;
  /** Its id, where it is not named by its place in the log. */
  id?: string;
  /** Steps done before it was broken off. */
  brokenOffAfter?: number;
  notes?: string;
}

const shelf = { abrasives, strops, compounds, lubricants };

/** What this hand takes with each thing, over what the model alone would plan. */
const TRUE_FACTORS: Record<string, number> = {
  'puck/coarse': 1.5,
  'puck/fine': 1.45,
  'diamond-rod/rod': 0.72,
  'pocket-plate/medium': 1.05,
  'pocket-plate/coarse': 0.95,
  'fine-plate/fine': 1.1,
  'mill-file/cut': 0.6,
  denim: 1.25,
  belt: 1.1,
};
/** Strokes a minute of this hand over the usual ones. */
const TRUE_PACE = 1.12;

/** Scatter that is the same at every making: never more than a fifth either way. */
const scatter = (index: number): number => 1 + 0.18 * Math.sin(7.3 * index);

/** The side that comes first gets more of the strokes, and ever less more of them. */
const leanAt = (index: number): number => 0.12 * Math.exp(-index / 12);

/** Plays past jobs through the guide in their order; each plan knows what the log had taught by then. */
export function playBack(past: readonly PastJob[]): Session[] {
  const log: Session[] = [];
  let count = 0;
  for (const each of past) {
    const id = each.id ?? `entry-${(count += 1)}`;
    log.push(playOne(each, id, log));
  }
  return log;
}

function playOne(past: PastJob, id: string, log: readonly Session[]): Session {
  const tool = tools.find((each) => each.id === past.tool)!;
  const zone = tool.zones.find((each) => each.id === (past.zone ?? 'edge'))!;
  const job = past.job ?? 'touch-up';
  const before = seenBefore(past, zone.id, log);
  const hand = handOf({ tools, sessions: log, shelf, pace: DEFAULT_PACE });
  const bench = benchAt({
    spot: past.where === 'bench' ? 'bench' : 'camp',
    trip: null,
    now: '',
    shelf,
    schools: tool.schools,
    hand,
  });
  const asked = {
    tool,
    zone,
    seen: before,
    knownApexUm: null,
    keenRadiusUm: null,
    sessions: log,
    bench,
    damageWay: past.damageWay,
    ownLadder: past.with ? { ...NO_WISHES, sequence: past.with } : NO_WISHES,
  };
  const plan = planJob({ ...asked, job, spineWork: null, aim: null });
  if (plan?.outcome !== 'planned') throw new Error(`${past.tool} at ${past.at}: ${plan?.outcome}`);
  if (plan.wishesFailed)
    throw new Error(`${past.tool} at ${past.at}: not with ${past.with?.join()}`);
  const edge = edgeJobOf(asked);
  const session = startSession({
    id,
    at: past.at,
    toolId: tool.id,
    zoneId: zone.id,
    job,
    where: past.where,
    tripId: tripOf(pastTrips, tool.id, past.at)?.id ?? null,
    before: job === 'spine' ? { tests: [], findings: [] } : before,
    targetApexUm: zone.targetApexUm,
    damageWay: edge && job === 'touch-up' ? triage(edge).way : null,
    plan,
    workSince: past.cutsSince ? { amount: past.cutsSince, unit: 'cuts' } : null,
    wordsOf: (step) => stepWords(step, toolForm(tool.kind) === 'axe'),
  });
  return worked(session, past, log.length, workingFace(tool, zone).angleDeg);
}

/** The edge as it was: its test, what the last job left on it, and a new chip. */
function seenBefore(past: PastJob, zoneId: string, log: readonly Session[]): Observation {
  const last = log.findLast(
    (s) => s.toolId === past.tool && s.zoneId === zoneId && s.job !== 'spine',
  );
  const kept = last?.after.findings ?? [];
  const { chip } = past;
  const fresh: Finding[] = chip
    ? [
        finding('chip', chip.atMm, chip.depthMm, {
          cause: chip.cause ?? 'misuse',
          leftOnPurpose: chip.leftOnPurpose ?? false,
        }),
      ]
    : [];
  return { tests: [passedTest(past.before)], findings: [...kept, ...fresh] };
}

function worked(begun: Session, past: PastJob, index: number, angleDeg: number): Session {
  let session =
    past.heldAtDeg === undefined
      ? begun
      : { ...begun, steps: begun.steps.map((s) => ({ ...s, angleDeg: past.heldAtDeg! })) };
  let seconds = 0;
  const later = (gap: number): string => {
    seconds += gap;
    return new Date(Date.parse(past.at) + Math.round(seconds) * 1000).toISOString();
  };
  const steps = session.steps.slice(0, past.brokenOffAfter ?? session.steps.length);
  steps.forEach((step, i) => {
    const usual = step.baseline ? step.baseline.strokes / 2 : step.plannedPerSide;
    const times = (TRUE_FACTORS[step.itemId] ?? 1) * (past.effort ?? 1) * scatter(index + 3 * i);
    const perSide = Math.max(1, Math.round(usual * times));
    const perMinute = { sweeps: 45, 'back-and-forth': 100, circles: 60 }[step.motion] * TRUE_PACE;
    const grams = i === steps.length - 1 ? (past.grams ?? []) : [];
    const sets = Math.max(1, grams.length);
    for (let set = 0; set < sets; set += 1) {
      const setPerSide = share(perSide, sets, set);
      for (const side of ['left', 'right']) {
        const lean = Math.round(setPerSide * leanAt(index));
        const onSide = side === 'left' ? setPerSide + lean : setPerSide - lean;
        // Strokes come in tens: a stroke at a time would only make the same record more slowly.
        for (let done = 0; done < onSide; done += 10) {
          const count = Math.min(10, onSide - done);
          const at = later((count * 60) / perMinute);
          session = advance(session, { type: 'stroke', count, at });
        }
        const turns = side === 'left' || set < sets - 1;
        if (turns) session = advance(session, { type: 'turn over', at: later(4) });
      }
      if (grams.length > 0) {
        session = advance(session, {
          type: 'test',
          reading: readGrams(grams[set]!),
          at: later(15),
        });
      }
    }
    if (i === 0 && past.ink)
      session = advance(session, { type: 'ink', seen: past.ink, at: later(10) });
    const reading = passedTest(i === steps.length - 1 ? past.after : leftBy(step, past));
    if (past.job !== 'spine') session = advance(session, { type: 'test', reading, at: later(15) });
    if (i < steps.length - 1)
      session = advance(session, { type: 'next step', from: i, at: later(10) });
  });
  const findings = findingsLeft(session, angleDeg);
  return advance(session, { type: 'finish', findings, notes: past.notes ?? '', at: later(20) });
}

/** What falls to one of so many parts, so that all of them make up the whole. */
function share(whole: number, parts: number, part: number): number {
  return Math.round((whole * (part + 1)) / parts) - Math.round((whole * part) / parts);
}

/** The test that an edge passes as a step leaves it: no keener than it was in the end. */
function leftBy({ plannedApexUm }: SessionStep, { after }: PastJob): SharpnessTest {
  const own = finestTest({ apexRadiusUm: plannedApexUm });
  return SHARPNESS_TESTS.indexOf(own) < SHARPNESS_TESTS.indexOf(after) ? after : own;
}
