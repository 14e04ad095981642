import { sum } from 'd3-array';
import { FAMILIES } from '../../domain/families';
import type { Motion, StepTask } from '../../domain/terms';
import { finishRadiusUm } from '../sharpness';
import { shareLeftOpen, strokesLearned, wobbleDeg, type LearnedHand } from '../evidence';
import {
  bandVolumeMm3,
  defaultForceN,
  roundingShiftMm,
  scratchShiftMm,
  HOLD_WOBBLE_DEG,
  specificWearRate,
  strokesFor,
  workedBand,
  type Pace,
} from '../wear';
import { handling, type Handling } from './handling';
import { heldWay } from './heldWay';
import type { EdgeCondition, LadderStep, LadderStone, WorkingFace } from './types';
import type { WorkedPart } from './workedParts';
import { PRIORS } from '../priors';

/** Minutes to put one thing down and start with the next (prior). */
export const CHANGEOVER_MINUTES = PRIORS.changeoverMinutes.value;

/** The hand that works: its pace, and what its log has taught. */
export interface Hand {
  pace: Pace;
  learned: LearnedHand;
}

/** The work of one abrasive on one edge. */
export interface AbrasiveWork {
  task: StepTask;
  handling: Handling;
  forceN: number;
  strokesPerSide: number;
  stretch: LadderStep['stretch'];
  /** Strokes of one pass from heel to toe, where a stone moves over the tool; null where it does not. */
  passStrokes: number | null;
  minutes: number;
  volumeMm3: number;
  wearRate: number;
  contactWidthMm: number;
  apexRadiusUm: number;
  /** Strokes over both sides and their minutes by the model alone; null where a rule counts them. */
  bare: BareWork | null;
  /** What the hand's own wobble, as it was practised, makes of the strokes: 1 where nobody knows it, or the log does. */
  heldFactor: number;
}

/** Work as the model alone counts it, without what a log has taught and before it is made whole. */
export interface BareWork {
  strokes: number;
  minutes: number;
}

/** Work of a taught hand as the model alone would count it. */
export function bareWork(
  { learned }: Hand,
  motion: Motion,
  strokesFactor: number,
  work: BareWork,
): BareWork {
  const paceFactor = learned.pace[motion]?.factor ?? 1;
  return {
    strokes: work.strokes / strokesFactor,
    minutes: (work.minutes / strokesFactor) * paceFactor,
  };
}

/** Steel to take off one part, both sides together, and the width it comes from. */
export interface Removal {
  task: StepTask;
  volumeMm3: number;
  contactWidthMm: number;
  heavy: boolean;
  /** Steel that the hand takes for it by its own wobble, over what a usual one takes. */
  heldRatio?: number;
}

/** What the rounded apex of a part asks for, at the zone's own face. */
function roundingRemoval(
  face: WorkingFace,
  part: WorkedPart,
  { apexRadiusUm }: EdgeCondition,
  hand: Hand,
): Removal {
  const { angleDeg, faceWidthMm, arcRadiusMm } = part.heavy ? face : { ...face, ...part };
  const shiftMm = roundingShiftMm({ apexRadiusUm, angleDeg });
  return {
    task: 'restore the apex',
    ...bandRemoval(part, { shiftMm, faceWidthMm, arcRadiusMm }, hand),
    heavy: false,
  };
}

function scratchRemoval(part: WorkedPart, sizeUm: number, hand: Hand): Removal {
  const { faceWidthMm, arcRadiusMm } = part;
  const shiftMm = scratchShiftMm({ sizeUm });
  return {
    task: 'remove scratches',
    ...bandRemoval(part, { shiftMm, faceWidthMm, arcRadiusMm }, hand),
    heavy: false,
  };
}

/** Steel of a band next to the apex by the usual wobble, and what the hand's own makes of it. */
function bandRemoval(
  { lengthMm, steadiness }: WorkedPart,
  of: { shiftMm: number; faceWidthMm: number; arcRadiusMm: number | null },
  { learned }: Hand,
): Pick<Removal, 'volumeMm3' | 'contactWidthMm' | 'heldRatio'> {
  const bandAt = (holdAboveDeg: number) => workedBand({ ...of, holdAboveDeg });
  const band = bandAt(HOLD_WOBBLE_DEG[steadiness]);
  const own = learned.hold ? bandAt(wobbleDeg(learned.hold, steadiness)) : band;
  return {
    volumeMm3: bandVolumeMm3({ lengthMm, band }),
    contactWidthMm: band.widthMm,
    heldRatio: band.areaPerSideMm2 > 0 ? own.areaPerSideMm2 / band.areaPerSideMm2 : 1,
  };
}

/** A removal as strokes: not yet whole, both sides together. */
interface Strokes {
  removal: Removal;
  handling: Handling;
  forceN: number;
  strokes: number;
  minutes: number;
  /** By the model alone. */
  bareStrokes: number;
}

function strokesOn(
  face: WorkingFace,
  stone: LadderStone,
  removal: Removal,
  wearRate: number,
  hand: Hand,
): Strokes {
  const way = handling(face, stone, removal.heavy);
  const { strokeLengthMm } = way;
  const forceN = stoneForceN(face, stone, removal.heavy);
  const { volumeMm3, heldRatio = 1 } = removal;
  const bareStrokes = strokesFor({ volumeMm3, wearRate, forceN, strokeLengthMm });
  const taught = strokesLearned(hand.learned, stone);
  const strokes = bareStrokes * taught.factor * heldRatio ** shareLeftOpen(taught);
  const minutes = strokes / hand.pace[way.motion];
  return { removal, handling: way, forceN, strokes, minutes, bareStrokes };
}

function stoneForceN(face: WorkingFace, stone: LadderStone, heavy: boolean): number {
  const { family, sizeUm } = stone;
  const { toolForm } = face;
  const held = heldWay(face, stone);
  const usualN = defaultForceN({ abrasive: family, sizeUm, held, toolForm, heavy });
  return FAMILIES[stone.family].isFile ? usualN : Math.min(usualN, face.practice.stoneForceLimitN);
}

/** How fast a stone wears this steel (mm³/(N·m)); 0 where it does not bite. */
function stoneWearRate(
  { hardnessHrc, carbide }: WorkingFace,
  { family, sizeUm, state }: LadderStone,
): number {
  return specificWearRate({ abrasive: family, sizeUm, hardnessHrc, carbide, state });
}

/** The work of the first abrasive: on a damaged stretch the damage or the rounding, whichever takes longer. */
export function firstStoneWork(
  face: WorkingFace,
  stone: LadderStone,
  parts: readonly WorkedPart[],
  condition: EdgeCondition,
  hand: Hand,
): AbrasiveWork | null {
  const wearRate = stoneWearRate(face, stone);
  if (wearRate === 0) return null;
  const done = parts.map((part): PartWork => {
    const round = strokesOn(
      face,
      stone,
      roundingRemoval(face, part, condition, hand),
      wearRate,
      hand,
    );
    if (!part.heavy) return { part, strokes: [round] };
    const { task, volumeMm3, widthMm, instead } = part.heavy;
    const removal = { task, volumeMm3, contactWidthMm: widthMm, heavy: true };
    const heavy = strokesOn(face, stone, removal, wearRate, hand);
    if (!instead) return { part, strokes: [heavy, round] };
    return { part, strokes: [heavy.minutes >= round.minutes ? heavy : round] };
  });
  return wholeWork(face, stone, done, wearRate, hand, face.practice.deburrStrokes.first);
}

/** The work of a finer stone: the scratches of the step before, of size d. */
export function finerStoneWork(
  face: WorkingFace,
  stone: LadderStone,
  parts: readonly WorkedPart[],
  lastSizeUm: number,
  hand: Hand,
): AbrasiveWork | null {
  const wearRate = stoneWearRate(face, stone);
  if (wearRate === 0) return null;
  const done = parts.map((part) => ({
    part,
    strokes: [strokesOn(face, stone, scratchRemoval(part, lastSizeUm, hand), wearRate, hand)],
  }));
  return wholeWork(face, stone, done, wearRate, hand, face.practice.deburrStrokes.later);
}

/** The work of taking some steel off one face, for jobs that are no ladder; null where it does not bite. */
export function plainStoneWork(
  face: WorkingFace,
  stone: LadderStone,
  removal: Removal,
  hand: Hand,
): AbrasiveWork | null {
  const wearRate = stoneWearRate(face, stone);
  if (wearRate === 0) return null;
  const part: WorkedPart = {
    ...face,
    stretch: null,
    lengthMm: face.edgeLengthMm,
    steadiness: face.hold,
    heavy: null,
  };
  const strokes = [strokesOn(face, stone, removal, wearRate, hand)];
  return wholeWork(face, stone, [{ part, strokes }], wearRate, hand, 0);
}

interface PartWork {
  part: WorkedPart;
  strokes: Strokes[];
}

/** Parts put together: whole strokes, the same on each side, with the changeover. */
function wholeWork(
  face: WorkingFace,
  stone: LadderStone,
  parts: readonly PartWork[],
  wearRate: number,
  hand: Hand,
  deburrStrokes: number,
): AbrasiveWork {
  const all = parts.flatMap(({ strokes }) => strokes);
  const lead = all.find(({ removal }) => removal.heavy) ?? all[0]!;
  const covered = parts.map(({ part }) => passStrokesOver(part.lengthMm, stone, lead.handling));
  const counts = parts.map(({ part, strokes }, i) => {
    const total = sum(strokes, (each) => each.strokes);
    const sections = part.stretch ? 1 : lead.handling.sections;
    const counted = Math.max(1, Math.ceil(total / 2 / sections)) * sections;
    return Math.max(counted, covered[i] ?? 0);
  });
  const isByCoverage = parts.every(
    ({ strokes }, i) => counts[i]! > Math.ceil(sum(strokes, (each) => each.strokes) / 2) + 1,
  );
  const minutes = sum(parts, ({ strokes }, i) => {
    const exact = sum(strokes, (each) => each.strokes);
    const exactMinutes = sum(strokes, (each) => each.minutes);
    return exact > 0 ? (exactMinutes * 2 * counts[i]!) / exact : 0;
  });
  const [first] = parts;
  const exact = {
    strokes: sum(all, ({ strokes }) => strokes),
    minutes: sum(all, (each) => each.minutes),
  };
  const { factor } = strokesLearned(hand.learned, stone);
  const bareStrokes = sum(all, (each) => each.bareStrokes);
  const overBare = bareStrokes > 0 ? exact.strokes / bareStrokes : factor;
  return {
    task: lead.removal.task,
    handling: lead.handling,
    forceN: lead.forceN,
    strokesPerSide: sum(counts),
    stretch: first!.part.stretch && { ...first!.part.stretch, strokesPerSide: counts[0]! },
    passStrokes: covered[0] === null ? null : sum(covered, (each) => each ?? 0),
    minutes: minutes + CHANGEOVER_MINUTES + deburrStrokes / hand.pace.sweeps,
    volumeMm3: sum(all, ({ removal }) => removal.volumeMm3),
    wearRate,
    contactWidthMm: lead.removal.contactWidthMm,
    apexRadiusUm: stoneFinishUm(face, stone),
    // A count that covering the edge has set says nothing of how fast the stone wears it.
    bare:
      isByCoverage && covered[0] !== null
        ? null
        : bareWork(hand, lead.handling.motion, overBare, exact),
    heldFactor: overBare / factor,
  };
}

/**
 * Circles of one pass along an edge, heel to toe, one each 7 mm: where a stone (not a file) is moved over the tool,
 * no side has less. Null where the tool is drawn over the stone, or each stroke runs along the edge.
 */
function passStrokesOver(
  lengthMm: number,
  { family }: LadderStone,
  { held, motion }: Handling,
): number | null {
  if (held !== 'braced' || motion !== 'circles' || FAMILIES[family].isFile) return null;
  return Math.max(1, Math.ceil(lengthMm / PRIORS.passStepMm.value));
}

/** The apex radius (µm) that a stone leaves; a bare file leaves its burr standing. */
export function stoneFinishUm({ practice }: WorkingFace, { sizeUm, form }: LadderStone): number {
  const standingUm = finishRadiusUm({ sizeUm, burr: 'standing' });
  if (form === 'file') return standingUm;
  const { burr, carriedBurr } = practice;
  return Math.min(carriedBurr * finishRadiusUm({ sizeUm, burr }), standingUm);
}
