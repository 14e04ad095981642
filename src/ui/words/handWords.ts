import type { SessionStep } from '../../domain/session';
import type { HeldWay, Side, StepTask } from '../../domain/terms';
import { sentence } from '../format';
import { spoken } from './closedWords';

type Step = Pick<SessionStep, 'task' | 'motion' | 'direction'>;

/** Work on a spine has its own hand; everything else goes by motion and direction. */
const SPINE_HANDS: Partial<Record<StepTask, string>> = {
  'file the spine square': 'Level strokes along the spine, half of them from each end',
  'stone the spine':
    'Strokes along the spine, half from each end; then flat on both faces beside it',
  'raise the hook':
    'Pushes along each corner with the smooth edge laid flat, tipped a little back and a little over',
  'strop the spine': 'Each flat of the blade, then the spine itself',
};

/** How tool and abrasive meet, in a few words. */
export const HELD_WORDS: Record<HeldWay, string> = {
  'in the hand': 'stone in the hand',
  'laid down': 'stone laid down',
  braced: 'tool braced',
};

/** How the hand moves at one step. */
export function handWords(step: Step): string {
  return SPINE_HANDS[step.task] ?? `${sentence(spoken(step.motion))}, ${spoken(step.direction)}`;
}

/** Passes as people say them: half a pass, 1 pass, 3½ passes. */
export function passWords(passes: number): string {
  const halves = Math.round(2 * passes);
  if (halves <= 1) return 'half a pass';
  const whole = Math.floor(halves / 2);
  return `${whole}${halves % 2 ? '½' : ''} ${halves === 2 ? 'pass' : 'passes'}`;
}

/** How work on a spine is held: by no angle. */
export function spineHold(task: StepTask): string {
  if (task === 'raise the hook') return 'smooth edge flat, tipped a little back and over';
  return task === 'strop the spine' ? 'each flat, then the spine' : 'held square';
}

/** Whether strokes are halved by the ends they come from, and not by the sides of the edge. */
export function fromEnds(task: StepTask): boolean {
  return task === 'file the spine square' || task === 'stone the spine';
}

/** Which way the tool lies while a side is counted. */
export function sideWords(step: Step, side: Side, isAxe: boolean): string {
  if (fromEnds(step.task)) return `from the ${spoken(side)} end`;
  return `${spoken(side)} ${isAxe ? 'cheek' : 'side'} up`;
}
