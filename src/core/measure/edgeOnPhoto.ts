import { depthOnPhoto, inCoinsPlane, measureOnPhoto, type PhotoLength } from './measureOnPhoto';
import { fitRim, type PhotoPoint } from './rim';

/** A notch is measured from the edge this far (mm) on both sides of it. */
const BESIDE_MM = 4;

interface OnPhoto {
  rimPoints: readonly PhotoPoint[];
  coinDiameterMm: number;
  heightErrorMm?: number;
  rimErrorMm?: number;
  /** The edge from heel to tip (px): followed on the photo, or its two ends. */
  line: readonly PhotoPoint[];
}

/**
 * How long an edge is along its curve; its ± is that of the straight way between its ends, as much larger as the curve
 * is longer. Null without a rim.
 */
export function edgeOnPhoto(input: OnPhoto): PhotoLength | null {
  const { line, ...by } = input;
  const straight = measureOnPhoto({ ...by, from: line[0]!, to: line.at(-1)! });
  const walked = walkOf(input);
  if (!straight || !walked || straight.mm === 0) return null;
  const mm = walked.at(-1)!;
  return { mm, sdMm: straight.sdMm === null ? null : (straight.sdMm * mm) / straight.mm };
}

/**
 * A notch by the point at its floor: how deep it lies behind the line through the edge on both sides of it, and at which
 * share of the edge from the heel. Null without a rim.
 */
export function notchOnPhoto(
  input: OnPhoto & { floor: PhotoPoint },
): { depth: PhotoLength; share: number } | null {
  const { line, floor, ...by } = input;
  const walked = walkOf(input);
  if (!walked) return null;
  if (line.length === 2) return straightNotch(input, [line[0]!, line[1]!]);
  const far = line.map(({ x, y }) => Math.hypot(x - floor.x, y - floor.y));
  const at = far.indexOf(Math.min(...far));
  const from = walked.findLastIndex((mm) => mm <= walked[at]! - BESIDE_MM);
  const to = walked.findIndex((mm) => mm >= walked[at]! + BESIDE_MM);
  const depth = depthOnPhoto({
    ...by,
    edge: [line[Math.max(0, from)]!, line[to < 0 ? line.length - 1 : to]!],
    floor,
  });
  return depth && { depth, share: walked[at]! / walked.at(-1)! };
}

/** The same on an edge of which only its ends are known. */
function straightNotch(
  { floor, ...by }: OnPhoto & { floor: PhotoPoint },
  [heel, tip]: [PhotoPoint, PhotoPoint],
): { depth: PhotoLength; share: number } | null {
  const depth = depthOnPhoto({ ...by, edge: [heel, tip], floor });
  const [dx, dy] = [tip.x - heel.x, tip.y - heel.y];
  const share = ((floor.x - heel.x) * dx + (floor.y - heel.y) * dy) / (dx * dx + dy * dy);
  return depth && { depth, share: Math.min(1, Math.max(0, share)) };
}

/** How far it is to each point along the edge (mm in the coin's plane). */
function walkOf({ rimPoints, coinDiameterMm, line }: OnPhoto): number[] | null {
  const rim = fitRim({ points: rimPoints });
  if (!rim || line.length < 2) return null;
  let walked = 0;
  const flat = line.map((point) => inCoinsPlane(rim, coinDiameterMm, point));
  return flat.map(({ x, y }, i) => {
    const last = flat[i - 1];
    if (last) walked += Math.hypot(x - last.x, y - last.y);
    return walked;
  });
}
