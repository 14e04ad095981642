import type { Tool, Zone } from '../../domain/tool';
import { convexArc } from '../edge';
import { workingSteel } from '../wear';
import { sinDeg } from '../trigonometry';
import { practiceOf } from './practice';
import type { WorkingFace } from './types';

/** Width (mm) of a straight bevel face from its thickness at the shoulder: (t/2)/sin θ. */
export function bevelFaceWidthMm(zone: Pick<Zone, 'shoulderThicknessMm' | 'bevelAngleDeg'>) {
  return zone.shoulderThicknessMm / 2 / sinDeg(zone.bevelAngleDeg);
}

/** Which of the three ways of working a tool asks for. */
export function toolForm(kind: Tool['kind']): WorkingFace['toolForm'] {
  if (kind === 'hatchet' || kind === 'felling-axe' || kind === 'tomahawk') return 'axe';
  return kind === 'machete' ? 'machete' : 'knife';
}

/** The face that touch-ups of this zone work: its micro-bevel, its bevel, or its convex arc. */
export function workingFace(tool: Tool, zone: Zone): WorkingFace {
  const { hardnessHrc, carbide, stainless } = workingSteel(tool.steel);
  const common = {
    toolForm: toolForm(tool.kind),
    contour: zone.contour,
    edgeLengthMm: zone.endMm - zone.startMm,
    hardnessHrc,
    carbide,
    stainless,
    practice: practiceOf(tool.schools),
  };
  if (zone.microBevel) {
    return {
      ...common,
      angleDeg: zone.microBevel.angleDeg,
      faceWidthMm: zone.microBevel.faceWidthMm,
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
      faceWidthMm: arc.faceWidthMm,
      behindAngleDeg: zone.primaryAngleDeg,
      arcRadiusMm: arc.radiusMm,
      hold: 'freehand',
    };
  }
  return {
    ...common,
    angleDeg: zone.bevelAngleDeg,
    faceWidthMm: bevelFaceWidthMm(zone),
    behindAngleDeg: zone.primaryAngleDeg,
    arcRadiusMm: null,
    hold: zone.grind === 'scandi' ? 'resting on the bevel' : 'freehand',
  };
}
