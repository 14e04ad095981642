import { edgeName } from '../../domain/edgeName';
import type { Tool, Zone } from '../../domain/tool';
import {
  edgeTarget,
  shelfAbrasives,
  workingFace,
  type Hand,
  type Shelf,
  type Stretch,
} from '../ladder';
import { damageOf, type EdgeState } from '../inspection';
import type { KitItem, KitNeed, KitProblem } from './types';

/** A day's work dulls an edge to this many times the radius it is asked for (prior). */
const WORN_RATIO = 3;

/**
 * The kit problem of a trip: every zone of the tools that travel, worn as a day's work leaves it or
 * as it is now if that is worse, with a chip of the depth to be prepared for.
 */
export function kitProblem(input: {
  zones: readonly { tool: Tool; zone: Zone; state: EdgeState }[];
  shelf: Shelf;
  minutesPerTouchUp: number;
  chipDepthMm: number;
  hand: Hand;
  /** How many times as round as it should be an edge is by then; a day's work where nothing is said. */
  wornRatio?: number;
}): KitProblem {
  const { zones, shelf, minutesPerTouchUp, chipDepthMm, hand, wornRatio = WORN_RATIO } = input;
  return {
    needs: zones.map(({ tool, zone, state }) => need(tool, zone, state, chipDepthMm, wornRatio)),
    items: kitItems(shelf),
    abrasives: shelfAbrasives(shelf),
    minutesPerTouchUp,
    hand,
  };
}

function need(
  tool: Tool,
  zone: Zone,
  state: EdgeState,
  chipDepthMm: number,
  wornRatio: number,
): KitNeed {
  const wornUm = wornRatio * zone.targetApexUm;
  return {
    id: `${tool.id}/${zone.id}`,
    name: edgeName(tool, zone),
    face: workingFace(tool, zone),
    condition: {
      apexRadiusUm: Math.max(wornUm, state.apex?.apexRadiusUm ?? 0),
      damageDepthMm: Math.max(chipDepthMm, state.damageDepthMm),
      damageStretch: damageOf(state.findings).stretch ?? oneChip(zone),
      keenRadiusUm: state.keenUm ?? undefined,
    },
    target: edgeTarget(tool, zone, 'field'),
  };
}

/** A stretch such as one chip in the middle of a zone asks for. */
function oneChip({ startMm, endMm }: Zone): Stretch {
  const middleMm = (startMm + endMm) / 2;
  return { startMm: Math.max(0, middleMm - 30), endMm: middleMm + 30 };
}

/** Everything on the shelf as it could be carried; what is carried anyway weighs nothing more. */
function kitItems(shelf: Shelf): KitItem[] {
  return [...shelf.abrasives, ...shelf.strops, ...shelf.compounds, ...shelf.lubricants].map(
    ({ id, name, massG, carriedAnyway }) => ({ id, name, massG: carriedAnyway ? 0 : massG }),
  );
}
