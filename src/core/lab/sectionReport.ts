import { Grinder } from './grinder';
import type { Section } from './section';

/** Where the apex is measured across (µm behind the foremost point). */
const APEX_UM = 3;
/** The edge's own angle lies between these, that of the bevel between those (µm). */
const EDGE_UM = [5, 20] as const;
const BEVEL_UM = [100, 300] as const;

export interface SectionReport {
  /** Thickness 3 µm behind the foremost point. */
  apexWidthUm: number;
  /** Inclusive, from 5 to 20 µm behind it. */
  edgeInclusiveDeg: number;
  /** Inclusive, from 100 to 300 µm behind it. */
  bevelInclusiveDeg: number;
  /** Thickness a quarter of a millimetre, and a millimetre, behind it. */
  thicknessMm: { at025: number; at1: number };
  /** Width of the worked face, left and right: from the foremost point to the shoulder. */
  faceMm: { left: number; right: number };
}

/** What is measured of a section under a loupe. */
export function sectionReport(input: { section: Section }): SectionReport {
  return grinderReport(new Grinder(input.section, 0));
}

/** The same of a section that is being ground. */
function grinderReport(grinder: Grinder): SectionReport {
  return {
    apexWidthUm: apexWidthUm(grinder),
    edgeInclusiveDeg: edgeInclusiveDeg(grinder),
    bevelInclusiveDeg: inclusiveDeg(grinder, ...BEVEL_UM),
    thicknessMm: { at025: grinder.thicknessMm(0.25), at1: grinder.thicknessMm(1) },
    faceMm: grinder.faceMm(),
  };
}

export function apexWidthUm(grinder: Grinder): number {
  return 1000 * grinder.thicknessMm(APEX_UM / 1000);
}

export function edgeInclusiveDeg(grinder: Grinder): number {
  return inclusiveDeg(grinder, ...EDGE_UM);
}

/** 2·atan(½·change of width / distance). */
export function inclusiveDeg(grinder: Grinder, fromUm: number, toUm: number): number {
  const wider = grinder.thicknessMm(toUm / 1000) - grinder.thicknessMm(fromUm / 1000);
  return (360 / Math.PI) * Math.atan((500 * wider) / (toUm - fromUm));
}
