import { thicknessBehindEdge } from '../edge';
import {
  DRIFT_LIMIT_MM,
  isZeroGround,
  planFlattening,
  STEEPER_PER_WOBBLE,
  type EdgeJob,
} from '../jobs';
import { workingFace } from '../ladder';
import { roundingShiftMm } from '../wear';
import { wobbleDeg } from '../evidence';
import type { SchoolNote } from './types';

/** Where an edge is measured to say how thick it is (mm behind it). */
const BEHIND_MM = 0.25;

/** Ground flat at each touch-up or let grow steeper: the flattening's price, or the thickness gained. */
export function driftNote(worn: EdgeJob): SchoolNote {
  const { tool, zone, apexRadiusUm } = worn;
  if (!isZeroGround(zone)) return { kind: 'no drift' };
  const { angleDeg, hold } = workingFace(tool, zone);
  if (tool.schools.drift === 'regrind flat') {
    const lagMm = roundingShiftMm({ apexRadiusUm, angleDeg });
    const touchUps = Math.max(1, Math.floor(DRIFT_LIMIT_MM / lagMm));
    const flat = planFlattening({ ...worn, apexRadiusUm: zone.targetApexUm }, touchUps * lagMm);
    const { minutes, steps, outcome } = flat;
    const price = outcome === 'planned' ? { minutes, steelMm3: steps[0]!.volumeMm3 } : null;
    return { kind: 'ground flat', lagMm, touchUps, price };
  }
  const steeperDeg = STEEPER_PER_WOBBLE * wobbleDeg(worn.hand.learned.hold, hold);
  const thickness = (deg: number): number =>
    thicknessBehindEdge({ bevelAngleDeg: Math.min(60, deg), distanceMm: BEHIND_MM });
  return {
    kind: 'drifts',
    steeperDeg,
    behindMm: BEHIND_MM,
    flatMm: thickness(angleDeg),
    driftedMm: thickness(angleDeg + steeperDeg),
  };
}
