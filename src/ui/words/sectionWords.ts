import * as format from '../format';

/** What these screens say. */
export const uiSectionWords = {
  wholeBlade: 'whole blade',
  perSide: 'per side',
  sectionLabel: (label: string, bevelAngleDeg: number, widthMm: number) =>
    `Section, ${label}: ${format.deg(bevelAngleDeg)} per side, ${format.fineMm(widthMm)} thick a quarter of a millimetre behind the edge`,
  dashedAsItIs: 'dashed: as it is',
  zoom: 'Zoom',
  arcToAtTheCheek: (bevelAngleDeg: number, primaryAngleDeg: number) =>
    `arc, ${format.deg(bevelAngleDeg)} to ${format.deg(primaryAngleDeg)} at the cheek`,
  bevelPerSide: (bevelAngleDeg: number) => `bevel ${format.deg(bevelAngleDeg)} per side`,
  microBevelPerSide: (angleDeg: number, faceWidthMm: number) =>
    `micro-bevel ${format.deg(angleDeg)} per side, ${format.fineMm(faceWidthMm)}`,
  inclusive: (angleDeg: number) => `inclusive ${format.deg(angleDeg)}`,
  thickAtDistance: (thicknessMm: number, distance: string) =>
    `${format.fineMm(thicknessMm)} at ${distance}`,
  sectionAsPlanned: (bevelAngleDeg: number, recessionMm: number) =>
    `The section as planned: ${format.deg(bevelAngleDeg)} per side, the apex ${format.fineMm(recessionMm)} further back`,
  dottedAsItIsHatched: 'dotted: as it is; hatched: taken',
  back: (recessionMm: number) => `${format.mm(recessionMm)} back`,
};
