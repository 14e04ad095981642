import type { ProfilePoint } from '../../core';

/** A view of the section: how many mm behind the apex are shown, and how it is called. */
export interface SectionView {
  id: 'blade' | 'bevel' | 'edge' | 'apex';
  label: string;
  depthMm: number;
}

/** Zoom steps from the whole blade to a few µm behind the apex. */
export function sectionViews(
  profile: readonly ProfilePoint[],
  shoulderDepthMm: number,
): SectionView[] {
  return [
    { id: 'blade', label: 'whole blade', depthMm: profile.at(-1)!.depthMm * 1.04 },
    { id: 'bevel', label: 'bevel', depthMm: shoulderDepthMm * 1.35 },
    { id: 'edge', label: 'edge, 1 mm', depthMm: 1.15 },
    { id: 'apex', label: 'apex, 20 µm', depthMm: 0.02 },
  ];
}

/** One side of the section with its apex rounded to a radius, as [depth, half thickness] in mm. */
export function roundedSide(
  profile: readonly ProfilePoint[],
  apexRadiusMm: number,
): [number, number][] {
  const sharp = profile.map(({ depthMm, halfMm }): [number, number] => [depthMm, halfMm]);
  const [, first] = sharp;
  if (!first || apexRadiusMm <= 0) return sharp;
  const apexRad = Math.atan2(first[1], first[0]);
  const centre = apexRadiusMm / Math.sin(apexRad);
  const arc = Array.from({ length: 13 }, (_, i): [number, number] => {
    const turn = (i / 12) * (Math.PI / 2 - apexRad);
    return [centre - apexRadiusMm * Math.cos(turn), apexRadiusMm * Math.sin(turn)];
  });
  const tangentDepth = arc.at(-1)![0];
  return [...arc, ...sharp.filter(([depth]) => depth > tangentDepth)];
}

/** A round length for a scale bar of at most `roomMm`. */
export function scaleBarMm(roomMm: number): number {
  const decade = 10 ** Math.floor(Math.log10(roomMm));
  return [5, 2, 1].map((k) => k * decade).find((length) => length <= roomMm)!;
}

/** A length in the unit that reads best at its size. */
export function lengthLabel(lengthMm: number): string {
  return lengthMm >= 0.1 ? `${round(lengthMm)} mm` : `${round(lengthMm * 1000)} µm`;
}

const round = (value: number): number => Math.round(value * 1000) / 1000;
