import {
  depthOnPhoto,
  fitRim,
  measureOnPhoto,
  type PhotoLength,
  type PhotoPoint,
  type Rim,
} from '../../core';
import type { Zone } from '../../domain/tool';

/** What is marked on a photo, and how many points each takes. */
export const MARKS = ['coin', 'edge', 'bevel', 'chip', 'spine'] as const;
export type Mark = (typeof MARKS)[number];

export const MOST_POINTS: Record<Mark, number> = { coin: 8, edge: 2, bevel: 2, chip: 1, spine: 2 };

export type Marks = Record<Mark, readonly PhotoPoint[]>;

export const NO_MARKS: Marks = { coin: [], edge: [], bevel: [], chip: [], spine: [] };

/** What the marks on a photo come to; null for what is not marked yet. */
export interface PhotoMeasures {
  rim: Rim | null;
  edge: PhotoLength | null;
  bevel: PhotoLength | null;
  /** By the bevel's width as it is seen, and the thickness that the tool's record has. */
  angle: { angleDeg: number; sdDeg: number } | null;
  chip: PhotoLength | null;
  /** Where the chip lies, from the tool's heel (mm): the edge was marked from its heel on. */
  chipAtMm: number | null;
  spine: PhotoLength | null;
}

/** A calliper is read to this (mm). */
const CALLIPER_MM = 0.05;

export function photoMeasures(input: {
  marks: Marks;
  coinDiameterMm: number;
  heightErrorMm: number;
  zone: Zone;
}): PhotoMeasures {
  const { marks, coinDiameterMm, heightErrorMm, zone } = input;
  const by = { rimPoints: marks.coin, coinDiameterMm, heightErrorMm };
  const rim = fitRim({ points: marks.coin });
  const between = ([from, to]: readonly PhotoPoint[]): PhotoLength | null =>
    rim && from && to ? measureOnPhoto({ ...by, from, to }) : null;
  const [heel, tip] = marks.edge;
  const floor = marks.chip[0];
  const bevel = between(marks.bevel);
  return {
    rim,
    edge: between(marks.edge),
    bevel,
    angle: bevel && angleOf(bevel, zone.shoulderThicknessMm),
    chip: rim && heel && tip && floor ? depthOnPhoto({ ...by, edge: [heel, tip], floor }) : null,
    chipAtMm: heel && tip && floor ? placeOf(heel, tip, floor, zone) : null,
    spine: between(marks.spine),
  };
}

/**
 * The angle of a flat bevel from its width as the camera sees it: the face leans by its own angle, so that its true
 * width is what is seen / cos θ, and tan θ = (t/2) / seen.
 */
function angleOf({ mm, sdMm }: PhotoLength, thicknessMm: number) {
  const at = (seenMm: number, thickMm: number): number =>
    (180 / Math.PI) * Math.atan(thickMm / 2 / seenMm);
  const angleDeg = at(mm, thicknessMm);
  const bySeen = sdMm === null ? Infinity : at(Math.max(0.01, mm - sdMm), thicknessMm) - angleDeg;
  return {
    angleDeg,
    sdDeg: Math.hypot(bySeen, at(mm, thicknessMm + CALLIPER_MM) - angleDeg),
  };
}

/** How far along an edge that was marked from heel to tip a point lies, in the tool's own millimetres. */
function placeOf(heel: PhotoPoint, tip: PhotoPoint, at: PhotoPoint, zone: Zone): number {
  const [dx, dy] = [tip.x - heel.x, tip.y - heel.y];
  const share = ((at.x - heel.x) * dx + (at.y - heel.y) * dy) / (dx * dx + dy * dy);
  return zone.startMm + Math.min(1, Math.max(0, share)) * (zone.endMm - zone.startMm);
}
