import { isSpineTask } from '../../domain/terms';
import type { SessionStep } from '../../domain/session';

/** A sign that a step has gone wrong. */
export type StepTrouble =
  | { kind: 'twice the estimate'; plannedPerSide: number }
  | { kind: 'half an hour' }
  | { kind: 'sides apart'; more: 'left' | 'right'; strokes: number };

const TOO_MANY = 2;
const STUCK_SECONDS = 30 * 60;
/** The sides have drifted apart when they differ by this share of the larger … */
const APART_SHARE = 0.2;
/** … once the plan for a side has been reached, and by more strokes than a slip. */
const A_SLIP = 5;

/** What is wrong at a step, the most telling first; none while all goes as it should. */
export function stepTrouble(step: SessionStep): StepTrouble[] {
  const { left, right, plannedPerSide, activeSeconds, task } = step;
  if (isSpineTask(task)) return [];
  const found: StepTrouble[] = [];
  if (Math.max(left, right) >= TOO_MANY * plannedPerSide && plannedPerSide > 0) {
    found.push({ kind: 'twice the estimate', plannedPerSide });
  }
  if (activeSeconds >= STUCK_SECONDS) found.push({ kind: 'half an hour' });
  const strokes = Math.abs(left - right);
  const bothDone = Math.min(left, right) >= plannedPerSide / 2;
  if (bothDone && strokes > A_SLIP && strokes > APART_SHARE * Math.max(left, right)) {
    found.push({ kind: 'sides apart', more: left > right ? 'left' : 'right', strokes });
  }
  return found;
}
