import { sum } from 'd3-array';
import { compareAsc } from 'date-fns';
import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import type { Tool, Zone } from '../../domain/tool';
import { workingFace } from '../ladder';
import { roundingShiftMm } from '../wear';
import { wobbleDeg, type LearnedHold } from '../evidence';
import { readingApexUm } from '../sharpness';
import { PRIORS } from '../priors';

/** How far touch-ups have rounded a bevel that is ground to the apex. */
export interface BevelDrift {
  /** Touch-ups on stones since the bevel was last ground flat. */
  touchUps: number;
  /** Steel (mm, square to the face) by which the bevel lags behind the apex. */
  lagMm: number;
  /** How much steeper the apex stands than the bevel, per side. */
  steeperDeg: number;
}

/** A wobbling hand leaves the apex steeper by this share of its wobble, per side (prior). */
export const STEEPER_PER_WOBBLE = PRIORS.steeperPerWobble.value;

const NO_DRIFT: BevelDrift = { touchUps: 0, lagMm: 0, steeperDeg: 0 };

/** Whether a step took steel off on a stone. */
function isStoneWork(step: LoggedSession['steps'][number]): boolean {
  return step.kind === 'stone' && isWorked(step);
}

/** Whether a zone's bevel runs flat to the apex and serves as its own guide. */
export function isZeroGround(zone: Pick<Zone, 'grind' | 'microBevel'>): boolean {
  return zone.grind === 'scandi' && zone.microBevel === null;
}

/**
 * The drift of a zero-ground bevel from its log: each touch-up takes δ = r·(1 − sin θ) off near the
 * apex alone, and leaves as much on the bevel behind it. Other grinds have no flat to drift from.
 */
export function bevelDrift(
  tool: Tool,
  zone: Zone,
  sessions: readonly LoggedSession[],
  hold: LearnedHold | null = null,
): BevelDrift {
  if (!isZeroGround(zone)) return NO_DRIFT;
  const finished = sessions
    .filter((s) => s.toolId === tool.id && s.zoneId === zone.id && s.finishedAt !== null)
    .sort((a, b) => compareAsc(a.finishedAt!, b.finishedAt!));
  const lastFlat = finished.findLastIndex(
    ({ job, steps }) => (job === 'thin' || job === 'angle') && steps.some(isWorked),
  );
  const { angleDeg, hold: how } = workingFace(tool, zone);
  const shifts = finished
    .slice(lastFlat + 1)
    .filter(({ job, steps }) => job === 'touch-up' && steps.some(isStoneWork))
    .map(({ before }) => {
      const tested = before.tests.at(-1);
      return tested ? roundingShiftMm({ apexRadiusUm: readingApexUm(tested), angleDeg }) : 0;
    });
  if (shifts.length === 0) return NO_DRIFT;
  return {
    touchUps: shifts.length,
    lagMm: sum(shifts),
    steeperDeg: STEEPER_PER_WOBBLE * wobbleDeg(hold, how),
  };
}
