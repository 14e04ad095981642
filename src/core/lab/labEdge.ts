import type { LabStone } from '../../domain/experiment';
import type { Carbide } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { workingFace } from '../ladder';
import { finishRadiusUm } from '../sharpness';
import { tanDeg } from '../trigonometry';
import { specificWearRate, type Steadiness } from '../wear';
import { edgeSection } from './edgeSection';
import type { Section } from './section';

/** An edge keener than this shows nothing of what a stone does to an apex: the lab dulls it so far (µm). */
const LEAST_APEX_UM = 2;

/** Share of the face at the apex that a rounding may take. */
const ROUNDED_SHARE = 0.8;

/** Density of steel (mg/mm³). */
const STEEL_MG_PER_MM3 = 7.85;

/** One edge as the lab takes it. Angles per side. */
export interface LabEdge {
  tool: Tool;
  zone: Zone;
  section: Section;
  /** Angle of the face at the apex. */
  apexAngleDeg: number;
  startUm: number;
  /** Whether it was keener, and is dulled for the lab. */
  isDulled: boolean;
  lengthMm: number;
  hardnessHrc: number;
  carbide: Carbide;
  /** How it is held: by the hand alone, or resting on its bevel. */
  steadiness: Steadiness;
}

/** A zone as an edge of the lab, with its apex as it was judged. */
export function labEdge(input: { tool: Tool; zone: Zone; apexRadiusUm: number }): LabEdge {
  const { tool, zone, apexRadiusUm } = input;
  const face = workingFace(tool, zone);
  const roomUm = 1000 * ROUNDED_SHARE * face.faceWidthMm * tanDeg(face.angleDeg);
  const startUm = Math.min(roomUm, Math.max(LEAST_APEX_UM, apexRadiusUm));
  return {
    tool,
    zone,
    section: edgeSection({ tool, zone, apexRadiusUm: startUm }),
    apexAngleDeg: zone.facet?.angleDeg ?? face.angleDeg,
    startUm,
    isDulled: apexRadiusUm < LEAST_APEX_UM,
    lengthMm: face.edgeLengthMm,
    hardnessHrc: face.hardnessHrc,
    carbide: face.carbide,
    steadiness: face.hold,
  };
}

/** Area (mm²) that one stroke takes off a section: k·F·s/L, s in m. */
export function strokeAreaMm2(input: {
  edge: Pick<LabEdge, 'lengthMm' | 'hardnessHrc' | 'carbide'>;
  stone: LabStone;
  forceN: number;
  strokeLengthMm: number;
}): number {
  const { edge, stone, forceN, strokeLengthMm } = input;
  const wearRate = specificWearRate({
    abrasive: stone.family,
    sizeUm: stone.sizeUm,
    hardnessHrc: edge.hardnessHrc,
    carbide: edge.carbide,
  });
  return (wearRate * forceN * strokeLengthMm) / 1000 / edge.lengthMm;
}

/** Apex radius (µm) that a stone leaves after alternating strokes. */
export function stoneFinishUm({ sizeUm }: Pick<LabStone, 'sizeUm'>): number {
  return finishRadiusUm({ sizeUm, burr: 'alternating strokes' });
}

/** Steel (mg) that an area of the section is along the whole edge. */
export function steelMg(areaMm2: number, { lengthMm }: Pick<LabEdge, 'lengthMm'>): number {
  return areaMm2 * lengthMm * STEEL_MG_PER_MM3;
}
