import { edgeName } from '../../domain/edgeName';
import type { Tool, Zone } from '../../domain/tool';
import {
  edgeTarget,
  oneChip,
  shelfAbrasives,
  shelfThings,
  workingFace,
  type Hand,
  type Shelf,
} from '../ladder';
import { damageOf, type EdgeState } from '../inspection';
import type { RackRound, RoundNeed } from './types';
import { PRIORS } from '../priors';

/**
 * One round of a rack: every zone brought to its target once, worn as a day's work leaves it or as it is
 * now if that is worse, with a chip of the depth to be prepared for, by everything on the shelf.
 */
export function rackRound(input: {
  zones: readonly { tool: Tool; zone: Zone; state: EdgeState }[];
  shelf: Shelf;
  chipDepthMm: number;
  hand: Hand;
  /** How many times as round as it should be an edge is by then; a day's work where nothing is said. */
  wornRatio?: number;
}): RackRound {
  const { zones, shelf, chipDepthMm, hand, wornRatio = PRIORS.dayWornRatio.value } = input;
  return {
    needs: zones.map(({ tool, zone, state }) => need(tool, zone, state, chipDepthMm, wornRatio)),
    // Bars are rubbed onto strops at home: no single touch-up takes one.
    items: shelfThings({ ...shelf, compounds: [] }).map(({ id, name }) => ({ id, name })),
    abrasives: shelfAbrasives(shelf),
    hand,
  };
}

function need(
  tool: Tool,
  zone: Zone,
  state: EdgeState,
  chipDepthMm: number,
  wornRatio: number,
): RoundNeed {
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
