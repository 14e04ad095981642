import { uiSectionWords as say } from '../words/sectionWords';
import type { ProfilePoint } from '../../core/edge';
import { mm, um } from '../format';
import { isImperial, MM_PER_INCH } from '../units';

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
    { id: 'blade', label: say.wholeBlade, depthMm: profile.at(-1)!.depthMm * 1.04 },
    { id: 'bevel', label: 'bevel', depthMm: shoulderDepthMm * 1.35 },
    { id: 'edge', label: 'edge', depthMm: 1.15 },
    { id: 'apex', label: 'apex', depthMm: 0.02 },
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

/** The longest round length that fits in `roomMm`, and what stands beside it. */
export function scaleBar(roomMm: number): { lengthMm: number; label: string } {
  if (isImperial() && roomMm >= MM_PER_INCH / 64) {
    const lengthMm = MM_PER_INCH * 2 ** Math.floor(Math.log2(roomMm / MM_PER_INCH));
    return { lengthMm, label: mm(lengthMm) };
  }
  const decade = 10 ** Math.floor(Math.log10(roomMm));
  const lengthMm = [5, 2, 1].map((k) => k * decade).find((length) => length <= roomMm)!;
  const isFine = isImperial() || lengthMm < 0.09;
  return { lengthMm, label: isFine ? um(1000 * lengthMm) : mm(lengthMm) };
}
