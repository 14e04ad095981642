import {
  edgeOnPhoto,
  fitRim,
  measureOnPhoto,
  notchOnPhoto,
  type PhotoLength,
  type PhotoPoint,
  type Rim,
} from '../../core/measure';
import { PRIORS } from '../../core/priors';
import type { PhotoScale } from '../../domain/photo';
import { isFindingMeasure } from '../../domain/session';
import { isToolMeasure, type Zone } from '../../domain/tool';

/** What is marked on a photo, and how many points each takes. */
export const MARKS = ['coin', 'rule', 'edge', 'bevel', 'chip', 'spine', 'outline', 'neck'] as const;
export type Mark = (typeof MARKS)[number];

export const MOST_POINTS: Record<Mark, number> = {
  coin: 8,
  rule: 2,
  edge: 6,
  bevel: 2,
  chip: 1,
  spine: 2,
  outline: 40,
  neck: 2,
};

export type Marks = Record<Mark, readonly PhotoPoint[]>;

export const NO_MARKS: Marks = {
  coin: [],
  rule: [],
  edge: [],
  bevel: [],
  chip: [],
  spine: [],
  outline: [],
  neck: [],
};

/** What gives the scale, and how far the edge may lie above it (mm). */
export interface Sizes {
  coinMm: number;
  ruleMm: number;
  heightMm: number;
}

/** Lines that the photo itself draws through the taps; null until they are followed. */
export interface TracedLines {
  /** Of the coin: points on its rim. */
  rim: readonly PhotoPoint[] | null;
  edge: readonly PhotoPoint[] | null;
  outline: readonly PhotoPoint[] | null;
}

/** The rim of a coin as the photo itself shows it, or as it was tapped; or a rule. */
type ScaleBy = 'rim seen' | 'rim tapped' | 'rule';

/** What the marks on a photo come to; null for what is not marked yet. */
export interface PhotoMeasures {
  rim: Rim | null;
  /** What its scale comes from. */
  scaleBy: ScaleBy | null;
  edge: PhotoLength | null;
  bevel: PhotoLength | null;
  /** By the bevel's width as it is seen, and the thickness that the tool's record has. */
  angle: { angleDeg: number; sdDeg: number } | null;
  chip: PhotoLength | null;
  /** Where the chip lies, from the tool's heel (mm): the edge was marked from its heel on. */
  chipAtMm: number | null;
  spine: PhotoLength | null;
}

/** A circle goes through so many taps. */
export const RIM_TAPS = 3;
/** A calliper is read to this (mm). */
const CALLIPER_MM = 0.05;

/** What gives the scale: points on a rim, how far across it is, and what that is off by as it is seen. */
export interface PhotoRule {
  scaleBy: ScaleBy;
  rimPoints: readonly PhotoPoint[];
  coinDiameterMm: number;
  rimErrorMm: number;
}

/**
 * A coin where it is marked, else a rule: a length of it lies across a circle, which is seen as straight from above as one
 * by three taps. Null without either.
 */
export function scaleOf(
  marks: Marks,
  seenRim: TracedLines['rim'],
  { coinMm, ruleMm }: Sizes,
): PhotoRule | null {
  if (marks.coin.length >= RIM_TAPS)
    return {
      scaleBy: seenRim ? 'rim seen' : 'rim tapped',
      rimPoints: seenRim ?? marks.coin,
      coinDiameterMm: coinMm,
      rimErrorMm: PRIORS.rimSeenMm.value,
    };
  const [from, to] = marks.rule;
  if (!from || !to) return null;
  const beside = {
    x: (from.x + to.x) / 2 - (to.y - from.y) / 2,
    y: (from.y + to.y) / 2 + (to.x - from.x) / 2,
    offPx: from.offPx,
  };
  const rimPoints = [from, to, beside];
  return { scaleBy: 'rule', rimPoints, coinDiameterMm: ruleMm, rimErrorMm: 0 };
}

const NOTHING: PhotoMeasures = {
  rim: null,
  scaleBy: null,
  edge: null,
  bevel: null,
  angle: null,
  chip: null,
  chipAtMm: null,
  spine: null,
};

export function photoMeasures(input: {
  marks: Marks;
  lines: TracedLines;
  scale: PhotoRule | null;
  heightErrorMm: number;
  zone: Zone;
}): PhotoMeasures {
  const { marks, lines, scale, heightErrorMm, zone } = input;
  if (!scale) return NOTHING;
  const by = { ...scale, heightErrorMm };
  const rim = fitRim({ points: scale.rimPoints });
  const between = ([from, to]: readonly PhotoPoint[]): PhotoLength | null =>
    rim && from && to ? measureOnPhoto({ ...by, from, to }) : null;
  const edge = { ...by, line: edgeLine(lines, marks) };
  const isEdge = rim !== null && edge.line.length >= 2;
  const floor = marks.chip[0];
  const bevel = between(marks.bevel);
  const notch = isEdge && floor ? notchOnPhoto({ ...edge, floor }) : null;
  return {
    rim,
    scaleBy: scale.scaleBy,
    edge: isEdge ? edgeOnPhoto(edge) : null,
    bevel,
    angle: bevel && angleOf(bevel, zone.shoulderThicknessMm),
    chip: notch && notch.depth,
    chipAtMm: notch && zone.startMm + notch.share * (zone.endMm - zone.startMm),
    spine: between(marks.spine),
  };
}

/** The edge as it is followed, or as it is tapped: its ends are off by what their taps are. */
function edgeLine({ edge }: TracedLines, marks: Marks): readonly PhotoPoint[] {
  if (!edge) return marks.edge;
  const ends = { first: marks.edge[0], last: marks.edge.at(-1) };
  return edge.map((point, i) => {
    const tap = i === 0 ? ends.first : i === edge.length - 1 ? ends.last : undefined;
    return tap ? { ...point, offPx: tap.offPx } : point;
  });
}

/** How large a photo shows things, and where its edge lies; null without a coin. */
export function photoScale(
  rim: Rim | null,
  coinDiameterMm: number,
  edge: readonly PhotoPoint[],
): PhotoScale | null {
  if (!rim) return null;
  const [heel, tip] = [edge[0], edge.at(-1)].map((end) => end && { x: end.x, y: end.y });
  const pxPerMm = (2 * Math.sqrt(rim.semiMajor * rim.semiMinor)) / coinDiameterMm;
  return edge.length >= 2
    ? { pxPerMm, heel: heel!, tip: tip! }
    : { pxPerMm, heel: null, tip: null };
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

/** Which measures a tool can have at all; what is not marked fits. */
export function fitting(
  found: Pick<PhotoMeasures, 'edge' | 'spine' | 'chip' | 'chipAtMm'>,
): Record<'edge' | 'spine' | 'chip', boolean> {
  const { edge, spine, chip, chipAtMm } = found;
  return {
    edge: !edge || isToolMeasure('edgeLengthMm', edge.mm),
    spine: !spine || isToolMeasure('spineThicknessMm', spine.mm),
    chip: !chip || isFindingMeasure({ depthMm: chip.mm, atMm: chipAtMm ?? 0 }),
  };
}
