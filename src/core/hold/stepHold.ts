import type { HeldWay, StepTask } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { generalHeldWay, workingFace, type LadderStep } from '../ladder';
import { contactOf, type Contact } from './contact';
import { holdGuide, type HoldGuide } from './holdGuide';
import { reachMm, USUAL_REACH_MM } from './reach';

/** How one stroke is held: what every screen, list and drawing says of it. */
export interface Hold {
  /** Per side. */
  angleDeg: number;
  contact: Contact;
  guide: HoldGuide;
  /** The stretch that is worked at this angle, where it is not the whole zone. */
  stretch: { startMm: number; endMm: number } | null;
  /** The angle that the strokes go on at when this stretch has its own; null where they all go alike. */
  thenDeg: number | null;
  /** Where every stroke over a whole arc is rocked down to, its cheek (° per side); null where the angle is kept. */
  rockedToDeg: number | null;
  /** Which of an arc's facets is worked, apex first; null where none is. */
  facet: { number: number; of: number } | null;
}

/** What of a step says how it is held; of the log's steps and of a plan's alike. */
export interface HeldStep {
  task: StepTask;
  kind: 'stone' | 'strop';
  angleDeg: number;
  stretch: { startMm: number; endMm: number; angleDeg: number; strokesPerSide: number } | null;
  facet: { number: number; of: number } | null;
  /** How tool and abrasive meet; null where nobody noted it. */
  held: HeldWay | null;
  /** How far the stone reaches behind the edge; null for a strop, and where nobody noted it. */
  reachMm: number | null;
  /** Strokes a side that the whole step takes. */
  plannedPerSide: number;
}

/** A step of a plan as one that is held. */
export function heldStep(step: LadderStep): HeldStep {
  const { task, angleDeg, stretch, facet, held, abrasive, strokesPerSide } = step;
  const { kind } = abrasive;
  return {
    task,
    kind,
    angleDeg,
    stretch,
    facet,
    held,
    reachMm: reachMm(abrasive),
    plannedPerSide: strokesPerSide,
  };
}

/** No edge is held steeper than this (° per side). */
export const STEEPEST_HOLD_DEG = 60;

interface Held {
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
}

/**
 * The hold of a step on the edge after so many strokes on the side in hand: a stretch with an angle of its own first, then the
 * rest. Null on the spine, which is held by no angle.
 */
export function stepHold(step: HeldStep, held: Held, done = 0): Hold | null {
  const contact = contactOf(step);
  if (contact === 'spine') return null;
  const { stretch } = step;
  const isFirst = stretch !== null && done < stretch.strokesPerSide;
  const goesOn = isFirst && stretch.strokesPerSide < step.plannedPerSide;
  const angleDeg = isFirst ? stretch.angleDeg : step.angleDeg;
  return {
    angleDeg,
    contact: isFirst ? 'band' : contact,
    guide: guideAt(angleDeg, step, held),
    stretch: isFirst ? { startMm: stretch.startMm, endMm: stretch.endMm } : null,
    thenDeg: goesOn ? step.angleDeg : null,
    rockedToDeg: contact === 'arc' ? held.zone.primaryAngleDeg : null,
    facet: step.facet,
  };
}

/** The hold of a zone's working face with no thing in particular: what a card or an adviser speaks of. */
export function edgeHold(held: Held, angleDeg = workingFace(held.tool, held.zone).angleDeg): Hold {
  const guide = guideAt(angleDeg, { kind: 'stone', held: null, reachMm: null }, held);
  return {
    angleDeg,
    contact: 'edge',
    guide,
    stretch: null,
    thenDeg: null,
    rockedToDeg: null,
    facet: null,
  };
}

/** How one angle is found with the thing of a step. */
export function guideAt(
  angleDeg: number,
  { kind, held, reachMm: reach }: Pick<HeldStep, 'kind' | 'held' | 'reachMm'>,
  { tool, zone, coinThicknessMm }: Held,
): HoldGuide {
  const isBraced = (held ?? generalHeldWay(workingFace(tool, zone))) === 'braced';
  const over = kind === 'strop' ? 'the strop' : 'the stone';
  return holdGuide({
    tool,
    zone,
    coinThicknessMm,
    moves: isBraced ? over : 'the tool',
    angleDeg: Math.min(STEEPEST_HOLD_DEG, angleDeg),
    leverMm: reach ?? USUAL_REACH_MM,
  });
}
