import type { Session, SessionStep } from '../../domain/session';
import { isWorked } from '../../domain/observation';
import { contactOf, wantsBurr } from '../hold';

/** What is to be asked before a step is left. */
export interface Gate {
  /** Hardly any of its strokes are done. */
  early: boolean;
  /** It is the first stone: what it leaves undone no later one makes good. */
  first: boolean;
}

/** Left before this share of its strokes a step is asked about. */
const EARLY_SHARE = 0.1;
/** A step of fewer strokes a side is short anyway. */
const LEAST_PLANNED = 5;

/** What is asked before the present step is left; null where nothing is. A step without a stroke is passed over. */
export function gateAt({ steps, stepIndex }: Session): Gate | null {
  const step = steps[stepIndex]!;
  if (!isWorked(step)) return null;
  const { left, right, plannedPerSide, byFeel } = step;
  const early =
    !byFeel && plannedPerSide >= LEAST_PLANNED && left + right < EARLY_SHARE * 2 * plannedPerSide;
  const isFirst = steps.findIndex(raisesBurr) === stepIndex;
  const first = isFirst && !isThrough(step);
  return early || first ? { early, first } : null;
}

function raisesBurr(step: SessionStep): boolean {
  return step.kind === 'stone' && wantsBurr(contactOf(step));
}

/** The three looks of a first stone, as they were answered at the present count; null where not yet. */
export interface GateLooks {
  burr: boolean | null;
  ink: boolean | null;
  glint: boolean | null;
}

/** Each look: true where it says that the stone is done. */
export function gateLooks(step: SessionStep): GateLooks {
  const strokes = step.left + step.right;
  const burr = step.burrWalks.findLast((walk) => walk.strokes === strokes);
  const ink = step.inkChecks.findLast((check) => check.strokes === strokes);
  const glint = step.glints.findLast((look) => look.strokes === strokes);
  return {
    burr: burr ? burr.felt.every(Boolean) : null,
    ink: ink ? ink.seen === 'gone to the edge' : null,
    glint: glint ? !glint.seen : null,
  };
}

function isThrough(step: SessionStep): boolean {
  const { burr, ink, glint } = gateLooks(step);
  return burr === true && ink === true && glint === true;
}

/** Strokes a side that stretches without a burr are still owed: their share of what the step was planned for. */
export function owedPerSide(
  { plannedPerSide }: Pick<SessionStep, 'plannedPerSide'>,
  felt: readonly boolean[],
): number {
  const missing = felt.filter((isFelt) => !isFelt).length;
  return missing === 0 ? 0 : Math.max(2, Math.ceil((plannedPerSide * missing) / felt.length / 2));
}
