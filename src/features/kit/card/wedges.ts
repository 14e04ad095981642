import { ascending, rollups, sort } from 'd3-array';
import type { HoldGuide } from '../../../core/hold';

/** A wedge to fold a card by, for some edges. */
export interface Wedge {
  angleDeg: number;
  /** The edges that it is for, as many as stand under it. */
  names: string;
}

/** Names that stand under a wedge. */
const MOST_NAMES = 3;

/** The wedges of some rows, flattest first: what goes under a blade, or upon a cheek. */
export function wedges(
  rows: readonly { name: string; holds: HoldGuide; angleDeg: number }[],
): Wedge[] {
  const byAngle = rollups(
    rows,
    (own) => [...new Set(own.map(({ name }) => name))],
    ({ holds, angleDeg }) =>
      Math.round(10 * (holds.way === 'tilt the stone' ? holds.tiltDeg : angleDeg)) / 10,
  );
  return sort(byAngle, ([a], [b]) => ascending(a, b)).map(([angleDeg, names]) => ({
    angleDeg,
    names: `${names.slice(0, MOST_NAMES).join(', ')}${names.length > MOST_NAMES ? ' …' : ''}`,
  }));
}
