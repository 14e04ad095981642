import type { Tool, Zone } from '../../domain/tool';
import { edgeHold, liftOf, possibleTurn } from '../hold';
import { thinningHoldDeg } from '../jobs';
import { toolForm, workingFace } from '../ladder';
import type { AngleAdvice } from './adviseAngle';

/** What can be seen or felt, with how far to change the hold (degrees): above zero the spine, or the
 * rear of the stone, goes up; below zero down. */
const TURN_DEG = {
  'ink-at-edge': 1,
  'ink-gone-apex': -1,
  'shoulder-polished': 2,
  'no-burr': 0,
  'burr-in-places': 0,
  'shaves-one-way': 0,
  'strop-torn': 0,
  'dies-at-once': 3,
  wedges: 0,
  'worse-after-strop': -1,
  'no-change-strop': 1,
  catches: 0,
  'scratched-flat': 1,
  'chips-from-work': 2,
  'chips-from-misuse': 0,
  rolled: 0,
  'new-chips': 0,
  'dull-band': 0,
  'off-centre': 0,
  'rounded-scandi': 0,
} as const;

export type SymptomId = keyof typeof TURN_DEG;
export const SYMPTOM_IDS = Object.keys(TURN_DEG) as SymptomId[];

/** A symptom with its remedy in the measures of one tool. */
export interface Diagnosis {
  id: SymptomId;
  /** How far to change the hold; 0 where the remedy is another. */
  turnDeg: number;
  /** The turn as a lift of the spine, or of the stone's rear 75 mm behind the edge; null for none. */
  liftMm: number | null;
  /** The same as parts of a coin; null for a stone in the hand. */
  coins: number | null;
}

/** The named symptoms with their remedies in degrees, millimetres and coins for this very tool. */
export function diagnose(input: {
  symptomIds: readonly SymptomId[];
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
  /** What the log says of the angle: damage from work is answered by it, in the same degrees. */
  advice?: Pick<AngleAdvice, 'changeDeg'>;
}): Diagnosis[] {
  const { symptomIds, tool, zone, coinThicknessMm, advice } = input;
  return SYMPTOM_IDS.filter((id) => symptomIds.includes(id)).map((id) => {
    const advisedDeg =
      id === 'wedges'
        ? thinningTurn(tool, zone)
        : id === 'chips-from-work'
          ? advice?.changeDeg
          : undefined;
    const found = {
      id,
      turnDeg: possibleTurn(workingFace(tool, zone).angleDeg, advisedDeg ?? TURN_DEG[id], zone),
    };
    const lift = (turnDeg: number): number => liftAt(tool, zone, coinThicknessMm, turnDeg);
    const liftMm = found.turnDeg === 0 ? null : lift(found.turnDeg) - lift(0);
    const bladeOnStone = toolForm(tool.kind) === 'knife';
    return {
      ...found,
      liftMm,
      coins: liftMm !== null && bladeOnStone ? Math.abs(liftMm) / coinThicknessMm : null,
    };
  });
}

/** How much lower the stone is laid to thin an edge: what the job itself holds. */
function thinningTurn(tool: Tool, zone: Zone): number {
  const holdDeg = thinningHoldDeg(tool, zone);
  return holdDeg === null ? 0 : holdDeg - workingFace(tool, zone).angleDeg;
}

function liftAt(tool: Tool, zone: Zone, coinThicknessMm: number, turnDeg: number): number {
  const angleDeg = workingFace(tool, zone).angleDeg + turnDeg;
  return liftOf(edgeHold({ tool, zone, coinThicknessMm }, angleDeg).guide) ?? 0;
}
