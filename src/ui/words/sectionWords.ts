/** What these screens say. */
export const uiSectionWords = {
  wholeBlade: 'whole blade',
  perSide: 'per side',
  sectionPerSideThickA: (label: string, deg: string, fineMm: string) =>
    `Section, ${label}: ${deg} per side, ${fineMm} thick a quarter of a millimetre behind the edge`,
  dashedAsItIs: 'dashed: as it is',
  zoom: 'Zoom',
  arcToAtTheCheek: (deg: string, deg2: string) => `arc, ${deg} to ${deg2} at the cheek`,
  bevelPerSide: (deg: string) => `bevel ${deg} per side`,
  microBevelPerSide: (deg: string, fineMm: string) => `micro-bevel ${deg} per side, ${fineMm}`,
  inclusive: (deg: string) => `inclusive ${deg}`,
  at: (fineMm: string, value: string) => `${fineMm} at ${value}`,
  theSectionAsPlannedPer: (deg: string, fineMm: string) =>
    `The section as planned: ${deg} per side, the apex ${fineMm} further back`,
  dottedAsItIsHatched: 'dotted: as it is; hatched: taken',
  back: (mm: string) => `${mm} back`,
};
