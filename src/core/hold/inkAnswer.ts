import type { InkSeen } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { PRIORS } from '../priors';
import type { Contact } from './contact';
import { guideAt, STEEPEST_HOLD_DEG, type HeldStep, type Hold } from './stepHold';
import type { HoldGuide } from './holdGuide';

/** What ink on the bevel says of a hold. */
export type InkAnswer =
  /** It is held as it should be; for a new face that is not through yet there is more of the same to do. */
  | { says: 'held so' }
  | { says: 'go on' }
  | { says: 'done' }
  /** Hold it steeper (above zero) or flatter by so much; `byMm` of the lift, where it is measured by one. */
  | { says: 'turn'; turnDeg: number; byMm: number | null }
  /** No other angle is open to this edge. */
  | { says: 'no other' }
  /** A facet of an arc that the strokes have missed. */
  | { says: 'facet'; angleDeg: number; guide: HoldGuide };

/** What ink tells of a step held so: the remedy in degrees and in the millimetres of this very tool. */
export function inkAnswer(
  seen: InkSeen,
  hold: Hold,
  step: HeldStep,
  held: { tool: Tool; zone: Zone; coinThicknessMm: number },
): InkAnswer {
  const turned = (turnDeg: number): InkAnswer => {
    const turn = turnedHold(turnDeg, hold, step, held);
    return turn ? { says: 'turn', ...turn } : { says: 'no other' };
  };
  const wobble = PRIORS.inkTurnDeg.value;
  const share = FACET_SHARE[seen];
  if (share !== undefined && ON_THE_ARC.includes(hold.contact)) {
    const { primaryAngleDeg, bevelAngleDeg } = held.zone;
    const angleDeg = primaryAngleDeg + share * (bevelAngleDeg - primaryAngleDeg);
    return { says: 'facet', angleDeg, guide: guideAt(angleDeg, step, held) };
  }
  // A band works the edge alone: what is left behind it is not its own.
  if (share !== undefined && hold.contact === 'band') return { says: 'held so' };
  switch (hold.contact) {
    case 'behind':
    case 'facet':
      if (seen === 'gone to the edge') return turned(-wobble);
      return seen === 'gone at the edge alone' ? turned(-2 * wobble) : { says: 'held so' };
    case 'arc':
      // The edge itself is set by the steps that follow.
      return seen === 'gone at the edge alone' ? turned(-wobble) : { says: 'held so' };
    case 'new face':
      if (seen === 'gone to the edge') return { says: 'done' };
      return seen === 'gone at the edge alone' ? turned(-wobble) : { says: 'go on' };
    default:
      if (seen === 'gone to the edge') return { says: 'held so' };
      return turned(seen === 'gone at the edge alone' ? -wobble : wobble);
  }
}

/** Work that is rocked from facet to facet, so that a missed one is named. */
const ON_THE_ARC: readonly Contact[] = ['edge', 'facet', 'arc'];

/** Where on the turn from cheek to apex a facet lies. */
const FACET_SHARE: Partial<Record<InkSeen, number>> = {
  'left in the middle': 0.5,
  'left at the shoulder': 0.125,
};

/** A stone is laid at least so far off the faces behind the bevel (°). */
const OFF_THE_FACE_DEG = 0.05;
const FLATTEST_HOLD_DEG = 5;

/** A turn as far as this edge allows it: held from its faces up to 60° per side. */
export function possibleTurn(
  angleDeg: number,
  turnDeg: number,
  { primaryAngleDeg }: Pick<Zone, 'primaryAngleDeg'>,
): number {
  const lowest = Math.min(
    angleDeg,
    Math.max(FLATTEST_HOLD_DEG, primaryAngleDeg + OFF_THE_FACE_DEG),
  );
  const to = Math.min(STEEPEST_HOLD_DEG, Math.max(lowest, angleDeg + turnDeg));
  return turnDeg > 0 ? Math.max(0, to - angleDeg) : Math.min(0, to - angleDeg);
}

/** A hold turned as far as its edge allows (degrees), and what of the lift that is (mm); null where it does not. */
export function turnedHold(
  wantedDeg: number,
  hold: Hold,
  step: HeldStep,
  held: { tool: Tool; zone: Zone; coinThicknessMm: number },
): { turnDeg: number; byMm: number | null } | null {
  const turnDeg = possibleTurn(hold.angleDeg, wantedDeg, held.zone);
  if (turnDeg === 0) return null;
  const [from, to] = [hold.guide, guideAt(hold.angleDeg + turnDeg, step, held)].map(liftOf);
  const byMm = from === null || to === null ? null : to! - from!;
  return { turnDeg, byMm };
}

/** The lift that a guide is measured by (mm); 0 where the blade lies flat, null where nothing is measured. */
export function liftOf(guide: HoldGuide): number | null {
  switch (guide.way) {
    case 'lift the spine':
      return guide.liftMm;
    case 'tilt the stone':
      return guide.rearLiftMm;
    case 'lay it flat':
      return 0;
    case 'draw it over':
      return null;
  }
}

/** The angle (° per side) at which a burr is sheared off a face. */
export function shearingDeg(angleDeg: number): number {
  return Math.min(STEEPEST_HOLD_DEG, PRIORS.shearingTimes.value * angleDeg);
}
