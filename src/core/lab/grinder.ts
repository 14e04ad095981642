import { cosDeg, sinDeg } from '../trigonometry';
import { positive } from '../check';
import type { GroundSide, Section, SectionPoint } from './section';

// Looked up once: these are called millions of times.
const { hypot, max, min, sqrt } = Math;

/** The foremost point counts as moved from here on (mm): 1 nm. */
export const MOVED_MM = 1e-6;

/**
 * A section under a stone, changed in place: made for thousands of strokes. Every stroke takes a half plane off
 * the outline, parallel to the stone and exactly so deep that the area asked for is gone.
 */
export class Grinder {
  private readonly x: Float64Array;
  private readonly y: Float64Array;
  private count: number;
  private tip: number;
  private readonly tipAtMm: number;
  private removed = 0;
  private readonly hints = { left: 0, right: 0 };

  /** `strokes` is how many it has room for: each adds one point at most. */
  constructor({ points }: Section, strokes: number) {
    this.count = points.length;
    this.x = new Float64Array(points.length + strokes + 1);
    this.y = new Float64Array(points.length + strokes + 1);
    points.forEach(({ xMm, yMm }, i) => {
      this.x[i] = xMm;
      this.y[i] = yMm;
    });
    this.tip = this.count >> 1;
    this.hints.left = this.hints.right = this.tip;
    this.tipAtMm = this.tipMm();
  }

  /** Foremost x (mm). */
  tipMm(): number {
    const { x, count } = this;
    let tip = min(this.tip, count - 1);
    while (tip + 1 < count && x[tip + 1]! < x[tip]!) tip += 1;
    while (tip > 0 && x[tip - 1]! < x[tip]!) tip -= 1;
    this.tip = tip;
    return x[tip]!;
  }

  /** Whether the foremost point has been ground away. */
  isApexReached(): boolean {
    return this.recessionMm() > MOVED_MM;
  }

  /** Area (mm²) taken so far. */
  removedMm2(): number {
    return this.removed;
  }

  /** How far the foremost point has gone back (mm). */
  recessionMm(): number {
    return this.tipMm() - this.tipAtMm;
  }

  /** Thickness (mm) so far behind the foremost point. */
  thicknessMm(depthMm: number): number {
    const atMm = this.tipMm() + depthMm;
    return this.faceAtMm(-1, atMm) - this.faceAtMm(1, atMm);
  }

  private faceAtMm(step: 1 | -1, atMm: number): number {
    const { x, y, count } = this;
    let i = this.tip;
    while (i + step >= 0 && i + step < count && x[i + step]! < atMm) i += step;
    const next = i + step;
    if (next < 0 || next >= count) return y[i]!;
    const run = x[next]! - x[i]!;
    return run > 0 ? y[i]! + ((atMm - x[i]!) / run) * (y[next]! - y[i]!) : y[next]!;
  }

  /** Width (mm) of the worked faces: from the foremost point to where the straight faces behind begin. */
  faceMm(): { left: number; right: number } {
    const { x, y, count } = this;
    const tipMm = this.tipMm();
    const tipY = y[this.tip]!;
    const last = count - 2;
    return {
      left: hypot(x[1]! - tipMm, y[1]! - tipY),
      right: hypot(x[last]! - tipMm, y[last]! - tipY),
    };
  }

  /** The outline as it is now. */
  section(): Section {
    const points: SectionPoint[] = [];
    for (let i = 0; i < this.count; i += 1) points.push({ xMm: this.x[i]!, yMm: this.y[i]! });
    return { points };
  }

  /**
   * One stroke at an angle to the centre plane. From the point that stands highest over the stone it walks
   * outward along both faces, strip by strip; the width is linear in each, so that the depth follows from a
   * quadratic. Throws a `RangeError` where the stone would lie on the face behind the bevel.
   */
  stroke(angleDeg: number, side: GroundSide, areaMm2: number): void {
    positive(areaMm2, 'areaMm2');
    const sign = side === 'left' ? 1 : -1;
    const sin = sinDeg(angleDeg);
    const cos = sign * cosDeg(angleDeg);
    const { x, y, count } = this;
    // Height over the stone is −sin·x + cos·y; the way along it is cosine and sine, positive to the spine.
    let top = min(this.hints[side], count - 1);
    let height = cos * y[top]! - sin * x[top]!;
    for (let way = 1; way >= -1; way -= 2) {
      for (;;) {
        const next = top + way;
        if (next < 0 || next >= count) break;
        const nextHeight = cos * y[next]! - sin * x[next]!;
        if (nextHeight <= height) break;
        top = next;
        height = nextHeight;
      }
    }
    this.cutFrom(top, height, { sin, cos, sign, areaMm2 }, side);
  }

  private cutFrom(
    top: number,
    topHeight: number,
    { sin, cos, sign, areaMm2 }: { sin: number; cos: number; sign: number; areaMm2: number },
    side: GroundSide,
  ): void {
    const { x, y, count } = this;
    const runX = sign * cos;
    const runY = sign * sin;
    let [a, b] = [top, top];
    let height = topHeight;
    let [heightA, heightB] = [topHeight, topHeight];
    let widthMm = 0;
    let leftMm2 = areaMm2;
    for (;;) {
      if (a === 0 || b === count - 1) {
        throw new RangeError('angleDeg must be more than that of the face behind the bevel');
      }
      const nextA = cos * y[a - 1]! - sin * x[a - 1]!;
      const nextB = cos * y[b + 1]! - sin * x[b + 1]!;
      // How fast either end of the strip runs apart as the stone goes deeper.
      const runA = runX * (x[a - 1]! - x[a]!) + runY * (y[a - 1]! - y[a]!);
      const runB = runX * (x[b + 1]! - x[b]!) + runY * (y[b + 1]! - y[b]!);
      const fallA = heightA - nextA;
      const fallB = heightB - nextB;
      const next = max(nextA, nextB);
      const deepMm = height - next;
      if (deepMm > 0) {
        const widens = sign * (runA / fallA - runB / fallB);
        const stripMm2 = deepMm * (widthMm + (widens * deepMm) / 2);
        if (stripMm2 >= leftMm2) {
          const depthMm = (2 * leftMm2) / (widthMm + sqrt(widthMm ** 2 + 2 * widens * leftMm2));
          const atHeight = height - depthMm;
          this.splice(a, b, (heightA - atHeight) / fallA, (heightB - atHeight) / fallB);
          this.removed += areaMm2;
          this.hints[side] = a;
          return;
        }
        leftMm2 -= stripMm2;
        widthMm += widens * deepMm;
        height = next;
      }
      if (nextA >= nextB) {
        // A face that lies flat on the stone is as wide as it is long at once.
        if (!(fallA > 0)) widthMm += sign * runA;
        a -= 1;
        heightA = nextA;
      } else {
        if (!(fallB > 0)) widthMm -= sign * runB;
        b += 1;
        heightB = nextB;
      }
    }
  }

  /** Puts the two ends of a cut in the place of the points from `a` to `b`: shares of the faces next to them. */
  private splice(a: number, b: number, shareA: number, shareB: number): void {
    const { x, y } = this;
    const [xa, ya] = [x[a]! + shareA * (x[a - 1]! - x[a]!), y[a]! + shareA * (y[a - 1]! - y[a]!)];
    const [xb, yb] = [x[b]! + shareB * (x[b + 1]! - x[b]!), y[b]! + shareB * (y[b + 1]! - y[b]!)];
    x.copyWithin(a + 2, b + 1, this.count);
    y.copyWithin(a + 2, b + 1, this.count);
    this.count += 1 - (b - a);
    x[a] = xa;
    y[a] = ya;
    x[a + 1] = xb;
    y[a + 1] = yb;
  }
}
