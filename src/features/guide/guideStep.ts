import { sum } from 'd3-array';
import { damageToMend, edgeWord } from '../../core/inspection';
import { worstStretch } from '../../core/sharpness';
import type { Session, SessionStep } from '../../domain/session';
import type { Side } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import type { Stretch } from '../../ui/edge-strip/EdgeStrip';
import { minutes } from '../../ui/format';

/** One set: the strokes of a side in a section, or a fifth of them where there is but one. */
export function setOf({ plannedPerSide, sections }: SessionStep): number {
  return Math.max(1, Math.round(plannedPerSide / (sections > 1 ? sections : 5)));
}

/** The edge as it was when the touch-up began. */
export function stretchBefore({ before }: Session, tool: Tool, zone: Zone): Stretch {
  const depthMm = damageToMend(tool, zone, before.findings);
  const word =
    before.tests.length > 0
      ? edgeWord(worstStretch(before.tests).apexRadiusUm, zone.targetApexUm, depthMm)
      : 'unknown';
  return {
    name: zone.name,
    startMm: zone.startMm,
    endMm: zone.endMm,
    word,
    findings: before.findings,
  };
}

/** Planned minutes of what is still to do, this step in proportion to its strokes. */
export function minutesLeft(session: Session): string {
  const left = sum(session.steps.slice(session.stepIndex), (step, i) => {
    const done = i === 0 ? (step.left + step.right) / (2 * Math.max(1, step.plannedPerSide)) : 0;
    return step.plannedMinutes * Math.max(0, 1 - done);
  });
  return minutes(left);
}

/** Whether this side has what was planned for it, and the other has not. */
export function sideHasIts(step: SessionStep, side: Side): boolean {
  const other = side === 'left' ? 'right' : 'left';
  return step[side] >= step.plannedPerSide && step[other] < step.plannedPerSide;
}
