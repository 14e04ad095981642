import { KINDS, type ToolKind } from '../../domain/kinds';
import type { TracedOutline } from '../../domain/tool';
import { inCoinsPlane } from './measureOnPhoto';
import type { PhotoPoint, Rim } from './rim';

/** Points of an outline that lie so near to the line of their neighbours (mm) are left out. */
const COARSE_MM = 0.4;
/** Where nobody said where the wood begins, there is none. */
const NO_HANDLE = 'M0,0';

/**
 * A tool's own silhouette by its outline on a photo: brought into the coin's plane, and hung as all silhouettes are,
 * by its long axis, the edge to the right; axes by the head, blades by the handle. The edge is the shorter way along
 * the outline between heel and tip. Null where the outline is none, or its edge is as long as all the rest.
 */
export function tracedOutline(input: {
  /** Around the tool (px). */
  outline: readonly PhotoPoint[];
  heel: PhotoPoint;
  tip: PhotoPoint;
  /** Two points on the line where the steel meets the handle; null where all is drawn as steel. */
  neck: readonly [PhotoPoint, PhotoPoint] | null;
  rim: Rim;
  coinDiameterMm: number;
  kind: ToolKind;
}): TracedOutline | null {
  const { rim, coinDiameterMm, kind, neck } = input;
  const flat = (point: PhotoPoint): PhotoPoint => inCoinsPlane(rim, coinDiameterMm, point);
  const around = input.outline.map(flat);
  if (around.length < 8) return null;
  const edge = edgeOf(around, flat(input.heel), flat(input.tip));
  if (edge.length < 2) return null;
  const hang = hanging(around, edge, KINDS[kind].shape === 'axe');
  const [whole, cutting] = [around.map(hang), edge.map(hang)];
  const least = { x: Math.min(...xs(whole)), y: Math.min(...ys(whole)) };
  const moved = ({ x, y }: PhotoPoint): PhotoPoint => ({ x: x - least.x, y: y - least.y });
  const drawn = whole.map(moved);
  const middle = moved(cutting[Math.floor(cutting.length / 2)]!);
  const line = neck?.map((point) => moved(hang(flat(point)))) as [PhotoPoint, PhotoPoint] | null;
  const isSteel = line ? sideOf(line, middle) : () => 1;
  const path = (points: readonly PhotoPoint[], end = ''): string =>
    `M${points.map(({ x, y }) => `${tenth(x)},${tenth(y)}`).join('L')}${end}`;
  const closed = (points: readonly PhotoPoint[]): string =>
    points.length < 3 ? NO_HANDLE : path(coarser([...points, points[0]!]).slice(0, -1), 'Z');
  const edgeMm = coarser(cutting.map(moved));
  return {
    blade: closed(clipped(drawn, isSteel)),
    handle: line ? closed(clipped(drawn, (point) => -isSteel(point))) : NO_HANDLE,
    edge: path(edgeMm),
    edgeTopMm: tenth(Math.min(...ys(edgeMm))),
    widthMm: tenth(Math.max(...xs(drawn))),
    lengthMm: tenth(Math.max(...ys(drawn))),
  };
}

const xs = (points: readonly PhotoPoint[]): number[] => points.map(({ x }) => x);
const ys = (points: readonly PhotoPoint[]): number[] => points.map(({ y }) => y);
const tenth = (mm: number): number => Math.max(0, Math.round(10 * mm) / 10);

/** The part of an outline from its heel to its tip: of the two ways around, the shorter. */
function edgeOf(around: readonly PhotoPoint[], heel: PhotoPoint, tip: PhotoPoint): PhotoPoint[] {
  const [from, to] = [nearest(around, heel), nearest(around, tip)];
  const way = (a: number, b: number): PhotoPoint[] => {
    const points: PhotoPoint[] = [];
    for (let i = a; i !== b; i = (i + 1) % around.length) points.push(around[i]!);
    return [...points, around[b]!];
  };
  const [onward, back] = [way(from, to), way(to, from).reverse()];
  return lengthOf(onward) <= lengthOf(back) ? onward : back;
}

function nearest(points: readonly PhotoPoint[], to: PhotoPoint): number {
  const far = points.map(({ x, y }) => Math.hypot(x - to.x, y - to.y));
  return far.indexOf(Math.min(...far));
}

function lengthOf(points: readonly PhotoPoint[]): number {
  return points.reduce(
    (sum, { x, y }, i) =>
      i > 0 ? sum + Math.hypot(x - points[i - 1]!.x, y - points[i - 1]!.y) : 0,
    0,
  );
}

/** How a tool is turned to hang: down along its longest axis, the edge to the right. */
function hanging(around: readonly PhotoPoint[], edge: readonly PhotoPoint[], byHead: boolean) {
  const count = around.length;
  const centre = {
    x: xs(around).reduce((sum, x) => sum + x, 0) / count,
    y: ys(around).reduce((sum, y) => sum + y, 0) / count,
  };
  let [xx, xy, yy] = [0, 0, 0];
  for (const { x, y } of around) {
    xx += (x - centre.x) ** 2;
    xy += (x - centre.x) * (y - centre.y);
    yy += (y - centre.y) ** 2;
  }
  const axis = Math.atan2(2 * xy, xx - yy) / 2;
  const along = { x: Math.cos(axis), y: Math.sin(axis) };
  const [heel, tip, middle] = [edge[0]!, edge.at(-1)!, edge[Math.floor(edge.length / 2)]!];
  // A blade hangs by its handle, tip down; an axe by its head, its haft below the heel.
  const toTip = (tip.x - heel.x) * along.x + (tip.y - heel.y) * along.y;
  const turn = Math.sign(toTip) * (byHead ? -1 : 1) || 1;
  const down = { x: turn * along.x, y: turn * along.y };
  const edgeSide = (middle.x - centre.x) * down.y - (middle.y - centre.y) * down.x;
  const flip = Math.sign(edgeSide) || 1;
  const right = { x: flip * down.y, y: -flip * down.x };
  return ({ x, y }: PhotoPoint): PhotoPoint => ({
    x: x * right.x + y * right.y,
    y: x * down.x + y * down.y,
  });
}

/** Positive on the side of a line on which a point lies. */
function sideOf([a, b]: readonly [PhotoPoint, PhotoPoint], inside: PhotoPoint) {
  const side = ({ x, y }: PhotoPoint): number => (b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x);
  const sign = Math.sign(side(inside)) || 1;
  return (point: PhotoPoint): number => sign * side(point);
}

/** A closed outline cut off along a line (Sutherland and Hodgman): what lies on its positive side stays. */
function clipped(points: readonly PhotoPoint[], side: (point: PhotoPoint) => number): PhotoPoint[] {
  return points.flatMap((b, i) => {
    const a = points.at(i - 1)!;
    const [sa, sb] = [side(a), side(b)];
    const share = sa / (sa - sb);
    const cut = { x: a.x + share * (b.x - a.x), y: a.y + share * (b.y - a.y) };
    if (sa >= 0 !== sb >= 0) return sb >= 0 ? [cut, b] : [cut];
    return sb >= 0 ? [b] : [];
  });
}

/** A line with fewer points, none of those left out further off it than allowed (Douglas and Peucker). */
function coarser(points: readonly PhotoPoint[]): PhotoPoint[] {
  if (points.length < 3) return [...points];
  const [a, b] = [points[0]!, points.at(-1)!];
  const span = Math.hypot(b.x - a.x, b.y - a.y);
  const off = points.map(({ x, y }) =>
    span < 1e-9
      ? Math.hypot(x - a.x, y - a.y)
      : Math.abs((b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x)) / span,
  );
  const most = Math.max(...off);
  if (most <= COARSE_MM) return [a, b];
  const at = off.indexOf(most);
  return [...coarser(points.slice(0, at + 1)).slice(0, -1), ...coarser(points.slice(at))];
}
