import { costAt } from './edgeCosts';
import { touchUpEvent, type TouchUpEvent } from './events';
import { Draws, partOf } from '../random';
import {
  RUNGS_OUT,
  type CostPoint,
  type EdgeWork,
  type RungOut,
  type TripEdge,
  type TripPolicy,
} from './types';
import { PRIORS } from '../priors';

/** Within so long of the end people carry on (h). */
const NEARLY_DONE_HOURS = 5 / 60;
/** A knife of a set is taken up where it is so much keener than what is asked. */
const SWAP_SHARE = 0.9;
/** A need is at least so many times the radius that the ladder ends at. */
const LEAST_ROOM = 1.2;
/** The apex is noted at every quarter of an hour. */
export const COURSE_STEP_HOURS = 0.25;
/** A job of a day has no more turns than this: an edge that dulls at once is worked below its need. */
const MOST_TURNS = 40;

/** What one run notes of an edge on one day. */
export interface RunDay {
  /** The apex at each quarter of an hour of work. */
  course: number[];
  eveningUm: number;
  overnightUm: number;
  midJob: RungOut[];
  /** What it was brought back from, in mid-job and in the evening. */
  midJobEvents: TouchUpEvent[];
  eveningEvents: TouchUpEvent[];
  eveningWork: RungOut | null;
  chipped: boolean;
  belowHours: number;
  midJobMinutes: number;
  eveningMinutes: number;
  strokesPerSide: number;
  waterMl: number;
  passes: number;
  swaps: number;
  /** Whether it has gone home by this evening, and the hours of work that are lost by it. */
  isHome: boolean;
  lostHours: number;
}

/** A plain literal: it is made a hundred thousand times. */
function nothingNoted(): RunDay {
  return {
    course: [],
    eveningUm: 0,
    overnightUm: 0,
    midJob: [],
    midJobEvents: [],
    eveningEvents: [],
    eveningWork: null,
    chipped: false,
    belowHours: 0,
    midJobMinutes: 0,
    eveningMinutes: 0,
    strokesPerSide: 0,
    waterMl: 0,
    passes: 0,
    swaps: 0,
    isHome: false,
    lostHours: 0,
  };
}

/** The state of an edge that goes from day to day: each knife of its set, and its chip. */
interface State {
  apexUm: number[];
  inHand: number;
  /** The chip of each of them; 0 for none. */
  chipMm: number[];
  /** Whether it has been sent home, the last of its set. */
  isHome: boolean;
}

/** One edge on one day of one run: what it is, how it stands, and what is noted of it. */
interface Turn {
  edge: TripEdge;
  policy: TripPolicy;
  state: State;
  noted: RunDay;
  /** How much more touch-ups take on this day. */
  effort: number;
}

/** One run of one edge over the days: a race of dulling, chips and the end of each job. */
export function simulateEdge(
  edge: TripEdge,
  policy: TripPolicy,
  days: number,
  stream: number,
): RunDay[] {
  const toolFactor = new Draws(partOf(stream, days)).spread(edge.toolSdLn);
  const state: State = {
    apexUm: Array.from({ length: edge.copies }, () => edge.startUm),
    inHand: 0,
    chipMm: Array.from({ length: edge.copies }, (_, i) => (i === 0 ? edge.startChipMm : 0)),
    isHome: false,
  };
  return Array.from({ length: days }, (_, day) => {
    const ofDay = partOf(stream, day);
    const draws = new Draws(ofDay);
    const rateFactor = toolFactor * draws.spread(PRIORS.daySdLn.value);
    const noted = nothingNoted();
    const turn: Turn = {
      edge,
      policy,
      state,
      noted,
      effort: draws.spread(PRIORS.effortSdLn.value),
    };
    let clock = 0;
    edge.work.forEach((job, i) => {
      if (job.day === day && day >= edge.fromDay)
        clock = work(turn, job, rateFactor, clock, partOf(ofDay, i));
    });
    noted.eveningUm = Math.max(...state.apexUm);
    if (day >= edge.fromDay && !state.isHome) evening(turn);
    noted.isHome = state.isHome;
    noted.overnightUm = Math.max(...state.apexUm);
    return noted;
  });
}

/** One job: the first of need, chip and end happens, again and again. Returns the hours worked by then. */
function work(
  turn: Turn,
  job: EdgeWork,
  rateFactor: number,
  clock: number,
  stream: number,
): number {
  const { edge, state, noted } = turn;
  const draws = new Draws(stream);
  let left = job.hours * draws.spread(PRIORS.hoursSdLn.value);
  let now = clock;
  const rate = job.wear.umPerHour * rateFactor;
  const needUm = Math.max(job.needUm, LEAST_ROOM * edge.midJobCosts.finishUm);
  const wait = (): number =>
    job.wear.chipsPerHour > 0 ? draws.exponential() / job.wear.chipsPerHour : Infinity;
  let toChip = wait();
  for (let turns = 0; left > 1e-9 && !state.isHome; turns += 1) {
    const apexUm = state.apexUm[state.inHand]!;
    const isBelow = apexUm >= needUm;
    const carriesOn = turns > MOST_TURNS || left <= NEARLY_DONE_HOURS;
    if (isBelow && !carriesOn && bringBack(turn, needUm)) continue;
    const toNeed = isBelow || carriesOn || rate === 0 ? Infinity : (needUm - apexUm) / rate;
    const hours = Math.min(left, toChip, toNeed);
    if (isBelow) noted.belowHours += hours;
    noteCourse(noted, apexUm, rate, now, hours);
    state.apexUm[state.inHand] = apexUm + rate * hours;
    left -= hours;
    now += hours;
    toChip -= hours;
    if (toChip <= 1e-9) {
      noted.chipped = true;
      const chipMm = Math.max(
        state.chipMm[state.inHand]!,
        PRIORS.chipMedianMm.value * draws.spread(PRIORS.chipSdLn.value),
      );
      state.chipMm[state.inHand] = chipMm;
      toChip = wait();
      if (turn.policy.goHomeMm !== null && chipMm >= turn.policy.goHomeMm) sendHome(state);
    }
  }
  noted.lostHours += left;
  return now;
}

/** The knife in the hand goes home; with the last of its set the edge does. */
function sendHome(state: State): void {
  if (state.apexUm.length === 1) {
    state.isHome = true;
    return;
  }
  state.apexUm.splice(state.inHand, 1);
  state.chipMm.splice(state.inHand, 1);
  state.inHand = 0;
}

/** A keener knife of the set, else a touch-up in mid-job as long as the day allows one; false for neither. */
function bringBack({ edge, policy, state, noted, effort }: Turn, needUm: number): boolean {
  const other = state.apexUm.findIndex((apexUm) => apexUm < SWAP_SHARE * needUm);
  if (other >= 0) {
    state.inHand = other;
    noted.swaps += 1;
    return true;
  }
  if (noted.midJob.length >= policy.midJobStops) return false;
  const inHandMm = state.chipMm[state.inHand]!;
  const chipMm = policy.chipsInEvening || inHandMm < policy.repairMm ? 0 : inHandMm;
  const cost = costAt(edge.midJobCosts, state.apexUm[state.inHand]!, chipMm);
  if (!cost || cost.endUm >= SWAP_SHARE * needUm) return false;
  noted.midJobEvents.push(touchUpEvent(state.apexUm[state.inHand]!, chipMm, edge.targetUm));
  state.apexUm[state.inHand] = cost.endUm;
  if (chipMm > 0) state.chipMm[state.inHand] = 0;
  noted.midJob.push(cost.rung);
  noted.midJobMinutes += cost.minutes * effort;
  noteUse(noted, cost, effort);
  return true;
}

/** What the policy asks for in the evening, of every knife of the set with its own chip. */
function evening({ edge, policy, state, noted, effort }: Turn): void {
  state.apexUm.forEach((apexUm, i) => {
    const ownMm = state.chipMm[i]!;
    const chipMm = ownMm >= policy.repairMm && policy.chipsInEvening ? ownMm : 0;
    // Most edges are left alone on most evenings: that is known without a price.
    if (chipMm === 0 && apexUm <= Math.min(policy.stropAt, policy.stoneAt) * edge.targetUm) return;
    const cost = costAt(edge.eveningCosts, apexUm, chipMm);
    if (!cost) return;
    const at = cost.rung === 'strop' ? policy.stropAt : policy.stoneAt;
    if (chipMm === 0 && apexUm <= at * edge.targetUm) return;
    if (chipMm > 0) state.chipMm[i] = 0;
    noted.eveningEvents.push(touchUpEvent(apexUm, chipMm, edge.targetUm));
    noted.eveningWork = heavier(noted.eveningWork, cost.rung);
    noted.eveningMinutes += cost.minutes * effort;
    noteUse(noted, cost, effort);
    state.apexUm[i] = Math.min(apexUm, cost.endUm);
  });
}

function noteUse(noted: RunDay, cost: CostPoint, effort: number): void {
  noted.strokesPerSide += cost.strokesPerSide * effort;
  noted.waterMl += cost.waterMl;
  noted.passes += cost.passes;
}

function heavier(a: RungOut | null, b: RungOut): RungOut {
  return a !== null && RUNGS_OUT.indexOf(a) > RUNGS_OUT.indexOf(b) ? a : b;
}

/** Notes the apex in the hand at every quarter of an hour that goes by. */
function noteCourse(
  noted: RunDay,
  apexUm: number,
  rate: number,
  clock: number,
  hours: number,
): void {
  const last = Math.floor((clock + hours) / COURSE_STEP_HOURS + 1e-9);
  for (let step = noted.course.length; step <= last; step += 1) {
    noted.course[step] = apexUm + rate * (step * COURSE_STEP_HOURS - clock);
  }
}
