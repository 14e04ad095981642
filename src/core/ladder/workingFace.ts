import { KINDS, type ToolForm } from '../../domain/kinds';
import type { Tool, Zone } from '../../domain/tool';
import { convexArc, workedWidthMm } from '../edge';
import { workingSteel } from '../wear';
import { practiceOf } from './practice';
import type { WorkingFace } from './types';

/** Which of the three ways of working a tool asks for. */
export function toolForm(kind: Tool['kind']): ToolForm {
  return KINDS[kind].form;
}

/** The face that touch-ups of this zone work: its micro-bevel, its bevel, or its convex arc. */
export function workingFace(tool: Tool, zone: Zone): WorkingFace {
  const { hardnessHrc, carbide, stainless } = workingSteel(tool.steel);
  const common = {
    toolForm: toolForm(tool.kind),
    contour: zone.contour,
    startMm: zone.startMm,
    edgeLengthMm: zone.endMm - zone.startMm,
    faceWidthMm: workedWidthMm(zone),
    hardnessHrc,
    carbide,
    stainless,
    zeroGround: zone.grind === 'scandi' && zone.microBevel === null,
    facet: zone.facet,
    isFine: zone.noImpacts,
    isMicroBevel: zone.microBevel !== null,
    practice: practiceOf(tool.schools, tool.kind),
  };
  if (zone.microBevel) {
    return {
      ...common,
      angleDeg: zone.microBevel.angleDeg,
      behindAngleDeg: zone.bevelAngleDeg,
      arcRadiusMm: null,
      hold: 'freehand',
    };
  }
  if (zone.grind === 'convex') {
    const arc = convexArc({
      thicknessMm: zone.shoulderThicknessMm,
      cheekAngleDeg: zone.primaryAngleDeg,
      apexAngleDeg: zone.bevelAngleDeg,
    });
    return {
      ...common,
      angleDeg: zone.bevelAngleDeg,
      behindAngleDeg: zone.primaryAngleDeg,
      arcRadiusMm: arc.radiusMm,
      hold: 'freehand',
    };
  }
  return {
    ...common,
    angleDeg: zone.bevelAngleDeg,
    behindAngleDeg: zone.primaryAngleDeg,
    arcRadiusMm: null,
    hold: zone.grind === 'scandi' ? 'resting on the bevel' : 'freehand',
  };
}
