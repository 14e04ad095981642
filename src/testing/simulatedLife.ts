import { addDays, addSeconds, formatISO } from 'date-fns';
import { learn } from '../core/evidence';
import { benchAt, edgeNeeds, zoneStates } from '../core/inspection';
import { workingFace } from '../core/ladder';
import { evidenceOf, familyOnShelf } from '../core/log';
import { passedTest as finestTest } from '../core/sharpness';
import { advance, startSession, type GuideEvent } from '../core/touchUp';
import { DEFAULT_PACE } from '../core/wear';
import { lnHardness, type Lessons } from '../core/evidence';
import { radiusAfter } from '../core/evidence/likelihood';
import { handBy, statedHardness } from '../core/log';
import { PRIORS } from '../core/priors';
import { Draws, namedStream } from '../core/random';
import { TEST_CENTRE_UM, upperEdgeUm } from '../core/sharpness';
import { edgeWear } from '../core/wear';
import { loggedSession, type LoggedSession } from '../domain/loggedSession';
import { NO_CHECKS, passedTest } from '../domain/observation';
import type { Inspection, Observation, Session, SessionStep } from '../domain/session';
import { SHARPNESS_TESTS } from '../domain/terms';
import { USUAL_TRIP, type Trip } from '../domain/trip';
import { TRIP_TASKS, zoneForTask } from '../domain/tripTasks';
import type { Tool } from '../domain/tool';
import { sample } from './sample';
import { drawTruth, TASKS, type Truth } from './simulatedTruth';

/** How far plans were off in one half of a year: the mean of |ln(needed ÷ planned)| over restored edges. */
interface PlansOff {
  sum: number;
  count: number;
}

/** One life of two years at the end of each half of a year. */
export interface SimulatedLife {
  truth: Truth;
  /** What the log teaches each person by then, and how far plans were off in that half. */
  halves: { lessons: Record<string, Lessons>; off: PlansOff }[];
  log: Log;
}

const WEEKS = 104;
const HALF = 26;
/** Lessons are drawn again after so many weeks. */
const LEARN_EVERY = 13;
const START = new Date(2024, 0, 5, 8);

/** How sessions go: begun in earnest, ended by looks, by the hand, early, or without any look. */
type Way = 'looks' | 'by hand' | 'early' | 'untested';

/**
 * Lives through two years: trips of a few days dull an edge, a test that fails begins a session, the core
 * plans it by what the log has taught until then, and what is done is logged as the guide logs it.
 */
export function liveThrough(life: number): SimulatedLife {
  const truth = drawTruth(life);
  const draws = new Draws(namedStream('life', life));
  const log: Log = { sessions: [], inspections: [], trips: [] };
  const radii = new Map(truth.tools.map((tool) => [tool.id, tool.zones[0]!.targetApexUm]));
  const halves: SimulatedLife['halves'] = [];
  let lessons = lessonsOfAll(truth, log);
  let off: PlansOff = { sum: 0, count: 0 };
  for (let week = 0; week < WEEKS; week += 1) {
    const person = truth.people[Math.floor(draws.even() * truth.people.length)]!;
    const tool = truth.tools[Math.floor(draws.even() * truth.tools.length)]!;
    const before = addDays(START, 7 * week);
    work(truth, log, radii, tool, before, draws);
    const found = seen(radii.get(tool.id)!, draws);
    const at = addDays(before, 3);
    if (fails(found, tool)) {
      const begun = planned(log, lessons[person]!, tool, person, at, found);
      if (begun) {
        const end = done(begun, truth, radii.get(tool.id)!, draws);
        radii.set(tool.id, end.apexUm);
        off = { sum: off.sum + end.off.sum, count: off.count + end.off.count };
        log.sessions.push(loggedSession(end.session));
      }
    } else log.inspections.push(look(`look-${week}`, tool, at, found));
    if ((week + 1) % LEARN_EVERY === 0) lessons = lessonsOfAll(truth, log);
    if ((week + 1) % HALF === 0) {
      halves.push({ lessons, off });
      off = { sum: 0, count: 0 };
    }
  }
  return { truth, halves, log };
}

/** What is written of a life. */
interface Log {
  sessions: LoggedSession[];
  inspections: Inspection[];
  trips: Trip[];
}

function lessonsOfAll({ tools, people }: Truth, log: Log): Record<string, Lessons> {
  const familyOf = familyOnShelf(sample);
  const evidence = evidenceOf({ ...log, tools, familyOf, pace: DEFAULT_PACE });
  const stated = statedHardness(tools);
  return Object.fromEntries(people.map((person) => [person, learn({ evidence, stated, person })]));
}

/** Two days of one task with one tool, painted as a trip; what it does is what is true of them. */
function work(
  truth: Truth,
  log: Log,
  radii: Map<string, number>,
  tool: Tool,
  from: Date,
  draws: Draws,
): void {
  const task = TASKS[Math.floor(draws.even() * TASKS.length)]!;
  const known = TRIP_TASKS.find(({ id }) => id === task)!;
  const hours = tool.count * (1 + 3 * draws.even());
  const startsOn = formatISO(from, { representation: 'date' });
  const at = from.toISOString();
  const painted = (day: number) => ({ toolId: tool.id, day, taskId: task, hours, counted: null });
  log.trips.push({
    id: `trip-${log.trips.length}`,
    createdAt: at,
    updatedAt: at,
    deletedAt: null,
    ...USUAL_TRIP,
    name: 'Out',
    startsOn,
    days: 2,
    minutesPerTouchUp: 30,
    chipDepthMm: 0,
    notes: '',
    toolIds: [tool.id],
    work: [painted(0), painted(1)],
  });
  const face = {
    ...workingFace(tool, zoneForTask(tool, known)),
    hardnessHrc: truth.hardness[tool.id]!,
  };
  const spell = draws.spread(Math.hypot(PRIORS.daySdLn.value, PRIORS.hoursSdLn.value));
  const grownUm =
    ((2 * hours) / tool.count) *
    edgeWear(known, face).umPerHour *
    truth.dulling[`${tool.id}/${task}`]! *
    spell;
  radii.set(tool.id, radii.get(tool.id)! + grownUm);
}

/** The test that an edge passes, as hands and paper scatter. */
function seen(apexUm: number, draws: Draws): Observation {
  const scattered = apexUm * draws.spread(PRIORS.testYesSdLn.value);
  return { tests: [passedTest(finestTest({ apexRadiusUm: scattered }))], findings: [] };
}

function fails({ tests: [reading] }: Observation, { zones: [zone] }: Tool): boolean {
  const enough = finestTest({ apexRadiusUm: zone!.targetApexUm });
  const order: readonly string[] = SHARPNESS_TESTS;
  return order.indexOf(reading!.test!) > order.indexOf(enough);
}

function look(id: string, tool: Tool, when: Date, found: Observation): Inspection {
  const at = when.toISOString();
  return {
    id,
    createdAt: at,
    updatedAt: at,
    deletedAt: null,
    at,
    seen: found,
    toolId: tool.id,
    zoneId: tool.zones[0]!.id,
    tripId: null,
    lookedAlong: true,
    checks: NO_CHECKS,
    notes: '',
  };
}

/** A touch-up as the core plans it for this hand; null where it plans none. */
function planned(
  log: Log,
  lessons: Lessons,
  tool: Tool,
  person: string,
  when: Date,
  found: Observation,
): Session | null {
  const at = when.toISOString();
  const [own] = zoneStates({
    tools: [tool],
    sessions: log.sessions.filter(({ toolId }) => toolId === tool.id),
    inspections: [look(`before-${at}`, tool, when, found)],
    hardness: lessons.hardness,
  });
  const hand = handBy(lessons.hand, DEFAULT_PACE);
  const bench = benchAt({
    spot: 'camp',
    shelf: sample,
    trip: null,
    now: at,
    schools: tool.schools,
    hand,
  });
  const [need] = edgeNeeds({ states: [own!], sessions: [], benchOf: () => bench });
  if (need?.plan?.outcome !== 'planned' || need.job !== 'touch-up') return null;
  return startSession({
    id: `s${log.sessions.length}`,
    at,
    toolId: tool.id,
    zoneId: tool.zones[0]!.id,
    job: 'touch-up',
    where: 'field',
    person,
    before: found,
    damageWay: null,
    plan: need.plan,
    targetApexUm: tool.zones[0]!.targetApexUm,
    wordsOf: () => ({ doneWhen: [], warnings: [] }),
  });
}

function drawWay(draws: Draws): Way {
  const drawn = draws.even();
  if (drawn < 0.5) return 'looks';
  if (drawn < 0.7) return 'by hand';
  return drawn < 0.85 ? 'untested' : 'early';
}

/** A session as a hand does it that needs what is true, with the radius that it leaves. */
function done(
  begun: Session,
  truth: Truth,
  beforeUm: number,
  draws: Draws,
): { session: Session; apexUm: number; off: PlansOff } {
  const how = drawWay(draws);
  const hand = new GuidedHand(begun, truth, draws);
  let apexUm = beforeUm;
  const off = { sum: 0, count: 0 };
  begun.steps.forEach((step, i) => {
    const { baseline, plannedPerSide, plannedApexUm } = step;
    if (!baseline) {
      hand.strokeUpTo(2 * plannedPerSide);
      // A closing strop takes off what burr the stone left.
      apexUm = Math.min(apexUm, Math.max(plannedApexUm, 0.6 * apexUm));
    } else {
      const needed = hand.needs(step, apexUm);
      if (baseline.apexUm !== null) {
        off.sum += Math.abs(Math.log(needed / (2 * plannedPerSide)));
        off.count += 1;
        hand.restore(how, needed, apexUm, i === 0);
        const apex = { beforeUm: apexUm, finishUm: plannedApexUm };
        apexUm = Math.min(apexUm, radiusAfter(hand.count(), needed, apex));
      } else {
        hand.strokeUpTo(
          how === 'untested' ? 2 * plannedPerSide : needed * draws.spread(PRIORS.signSdLn.value),
        );
        if (hand.count() >= 0.6 * needed) apexUm = Math.min(apexUm, plannedApexUm);
      }
    }
    if (i < begun.steps.length - 1) hand.act({ type: 'next step', from: i });
  });
  if (how !== 'untested') hand.act({ type: 'test', reading: seen(apexUm, draws).tests[0]! });
  hand.act({ type: 'finish', findings: [], notes: '' });
  return { session: hand.session, apexUm, off };
}

/** A hand at the guide, as its person has it. */
class GuidedHand {
  private seconds = 0;
  /** How the pace of each step lies around the hand's. */
  private readonly paceOfStep: readonly number[];

  constructor(
    public session: Session,
    private readonly truth: Truth,
    private readonly draws: Draws,
  ) {
    this.paceOfStep = session.steps.map(() => draws.spread(PRIORS.paceStepSdLn.value));
  }

  act(event: DistributiveOmit<GuideEvent, 'at'>): void {
    const at = addSeconds(this.session.startedAt, Math.round(this.seconds)).toISOString();
    this.session = advance(this.session, { ...event, at } as GuideEvent);
  }

  private get step(): SessionStep {
    return this.session.steps[this.session.stepIndex]!;
  }

  count(): number {
    return this.step.left + this.step.right;
  }

  /** Strokes that a step truly needs: this hand, this steel, the edge as it truly is. */
  needs({ baseline, itemId, kind }: SessionStep, apexUm: number): number {
    const { strokes, hardnessHrc, apexUm: assumedUm } = baseline!;
    const { toolId, person } = this.session;
    const power = kind === 'strop' ? 1 : PRIORS.strokesPower.value;
    const rounder = assumedUm === null ? 1 : (apexUm / assumedUm) ** power;
    return (
      strokes *
      this.truth.effort[person!]![itemId]! *
      Math.exp(lnHardness(this.truth.hardness[toolId]!, hardnessHrc!)) *
      rounder *
      this.draws.spread(PRIORS.stepSdLn.value)
    );
  }

  /** Strokes as the guide counts them, in one go: ten at a time would be the same record more slowly. */
  strokeUpTo(count: number): void {
    const { motion, left, right, activeSeconds } = this.step;
    const more = Math.max(0, Math.round(count) - this.count());
    const pace = DEFAULT_PACE[motion] * this.truth.pace[this.session.person!]![motion];
    const seconds = (more * 60) / (pace * this.paceOfStep[this.session.stepIndex]!);
    const step = {
      ...this.step,
      left: left + Math.ceil(more / 2),
      right: right + Math.floor(more / 2),
      activeSeconds: activeSeconds + Math.round(seconds),
    };
    this.seconds += seconds;
    this.session = {
      ...this.session,
      steps: this.session.steps.map((each, i) => (i === this.session.stepIndex ? step : each)),
    };
  }

  restore(how: Way, needed: number, beforeUm: number, isFirst: boolean): void {
    const planned = 2 * this.step.plannedPerSide;
    switch (how) {
      case 'untested':
        return this.strokeUpTo(planned);
      case 'by hand':
        this.strokeUpTo(needed * this.draws.spread(PRIORS.signSdLn.value));
        for (let more = 0; more < 3 && !this.test(needed, beforeUm); more += 1)
          this.strokeUpTo(1.3 * this.count());
        return;
      case 'early':
        this.strokeUpTo(isFirst ? 0.3 * planned : planned);
        if (this.draws.even() < 0.5) this.look(this.isSeen(needed));
        return;
      case 'looks':
        for (const share of [0.6, 1, 1.4, 1.9, 2.6, 3.6, 5]) {
          this.strokeUpTo(share * planned);
          const isDone = this.isSeen(needed);
          this.look(isDone);
          if (isDone || (share > 1.5 && this.draws.even() < 0.3)) return;
        }
    }
  }

  private isSeen(needed: number): boolean {
    const noise = PRIORS.signSdLn.value * this.draws.normal();
    return Math.log(Math.max(1, this.count())) + noise >= Math.log(needed);
  }

  /** A test of what the strokes have left so far: whether it passes what the step is to end at. */
  private test(needed: number, beforeUm: number): boolean {
    const { plannedApexUm } = this.step;
    const apexUm = radiusAfter(this.count(), needed, { beforeUm, finishUm: plannedApexUm });
    const [reading] = seen(apexUm, this.draws).tests;
    this.act({ type: 'test', reading: reading! });
    const enough = Math.max(plannedApexUm, this.session.targetApexUm!);
    return TEST_CENTRE_UM[reading!.test!] <= upperEdgeUm(enough);
  }

  private look(felt: boolean): void {
    this.act({ type: 'burr', side: 'left', felt: [felt, felt, felt] });
  }
}

type DistributiveOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;
