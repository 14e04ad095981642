import type { Tool, Zone } from '../../domain/tool';
import { holdGuide } from '../edge';
import { toolForm, workingFace } from '../ladder';
import type { AngleAdvice } from './adviseAngle';

/** A symptom, its likely cause and its remedy; `turnDeg` is how far to change the hold. */
export interface Symptom {
  id: string;
  seen: string;
  cause: string;
  remedy: string;
  /** Above zero: raise the spine (or the rear of the stone); below: lower it. */
  turnDeg: number;
}

const symptom = (
  id: string,
  seen: string,
  cause: string,
  remedy: string,
  turnDeg = 0,
): Symptom => ({ id, seen, cause, remedy, turnDeg });

/** What is seen or felt, what it comes from, and what to do. */
export const SYMPTOMS: readonly Symptom[] = [
  symptom('ink-at-edge', 'ink left at the very edge', 'held too low', 'raise the hold a little', 1),
  symptom('ink-gone-apex', 'ink gone only at the apex', 'held too high', 'lower the hold', -1),
  symptom(
    'shoulder-polished',
    'shoulder polished, still dull',
    'too low on stone or strop',
    'raise it until it bites',
    2,
  ),
  symptom(
    'no-burr',
    'no burr after many strokes',
    'not at the apex; stone too fine or loaded; too little pressure',
    'check with ink, clean the stone, go coarser',
  ),
  symptom(
    'burr-in-places',
    'burr in places only',
    'uneven reach, a flat spot, a hollow stone',
    'work that section',
  ),
  symptom(
    'shaves-one-way',
    'shaves one way only',
    'a burr stands on one side',
    'light strokes on that side, then strop',
  ),
  symptom(
    'strop-torn',
    'the strop is scored or torn',
    'burr, or edge leading by mistake',
    'remove the burr; always edge trailing',
  ),
  symptom(
    'dies-at-once',
    'sharp, then dull within minutes',
    'foil burr broke off, or the apex is too fine for the work',
    'deburr properly; set a micro-bevel',
    3,
  ),
  symptom(
    'wedges',
    'sharp apex, cuts poorly',
    'the edge has thickened',
    'lay the stone lower and thin the shoulders',
    -4,
  ),
  symptom(
    'worse-after-strop',
    'worse after stropping',
    'too steep, too much pressure, too many strokes, soft strop',
    'lower, lighter, fewer; back to the fine stone',
    -1,
  ),
  symptom(
    'no-change-strop',
    'no change on the strop',
    'too flat, or the compound has glazed',
    'raise it until it bites; renew the compound',
    1,
  ),
  symptom(
    'catches',
    'a catching spot while cutting paper',
    'a chip or a roll there',
    'work that section',
  ),
  symptom(
    'scratched-flat',
    'scratches up the flat',
    'lying too low, or grit on the stone',
    'raise it, rinse the stone',
    1,
  ),
  symptom(
    'chips-from-work',
    'chips from normal work',
    'too thin or too hard for it',
    'coarser stone or file, then a steeper angle',
    2,
  ),
  symptom(
    'chips-from-misuse',
    'chips from a stone, a nail, prying',
    'misuse: the angle is not to blame',
    'grind out at the same angle, or leave on purpose',
  ),
  symptom(
    'rolled',
    'a roll or a dent',
    'soft or thin edge, side load',
    'hone or strop if slight, else stone',
  ),
  symptom(
    'new-chips',
    'a new knife chips at once',
    'stressed factory edge',
    'the first proper sharpening usually cures it',
  ),
  symptom(
    'dull-band',
    'polished near the shoulder, dull band in the middle or at the apex',
    'a facet of the convex edge was missed',
    'look across the bevel and work that facet',
  ),
  symptom('off-centre', 'apex off the centre line', 'unequal strokes', 'more on the other side'),
  symptom(
    'rounded-scandi',
    'scandi bevel gone rounded',
    'wobble, soft backing',
    'back on a flat coarse stone, or accept it',
  ),
];

/** A symptom with its remedy in the measures of one tool. */
export interface Diagnosis extends Symptom {
  /** The turn as a lift of the spine, or of the stone's rear 75 mm behind the edge; null for none. */
  liftMm: number | null;
  /** The same as parts of a coin; null for a stone in the hand. */
  coins: number | null;
}

/** The named symptoms with their remedies in degrees, millimetres and coins for this very tool. */
export function diagnose(input: {
  symptomIds: readonly string[];
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
  /** What the log says of the angle: damage from work is answered by it, in the same degrees. */
  advice?: Pick<AngleAdvice, 'changeDeg'>;
}): Diagnosis[] {
  const { symptomIds, tool, zone, coinThicknessMm, advice } = input;
  return SYMPTOMS.filter(({ id }) => symptomIds.includes(id)).map((symptomFound) => {
    const asked = symptomFound.id === 'chips-from-work' ? advice?.changeDeg : undefined;
    const found = {
      ...symptomFound,
      turnDeg: possibleTurn(tool, zone, asked ?? symptomFound.turnDeg),
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

/** A turn as far as this edge allows it: held from its faces up to 60° per side. */
function possibleTurn(tool: Tool, zone: Zone, turnDeg: number): number {
  const { angleDeg } = workingFace(tool, zone);
  const lowest = Math.min(
    angleDeg,
    Math.max(LOWEST_HOLD_DEG, zone.primaryAngleDeg + OFF_THE_FACE_DEG),
  );
  const held = Math.min(HIGHEST_HOLD_DEG, Math.max(lowest, angleDeg + turnDeg));
  return turnDeg > 0 ? Math.max(0, held - angleDeg) : Math.min(0, held - angleDeg);
}

/** A stone is laid at least so far off the faces behind the bevel. */
const OFF_THE_FACE_DEG = 0.05;
const LOWEST_HOLD_DEG = 5;
const HIGHEST_HOLD_DEG = 60;

function liftAt(tool: Tool, zone: Zone, coinThicknessMm: number, turnDeg: number): number {
  const hold = holdGuide({
    tool,
    zone,
    coinThicknessMm,
    stoneInHand: toolForm(tool.kind) !== 'knife',
    stoneLengthMm: 75,
    angleDeg: workingFace(tool, zone).angleDeg + turnDeg,
  });
  return hold.way === 'lift the spine'
    ? hold.liftMm
    : hold.way === 'tilt the stone'
      ? hold.rearLiftMm
      : 0;
}
