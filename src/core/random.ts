const { PI, cos, exp, imul, log, sqrt } = Math;
/**
 * Random numbers that hang on a stream alone (mulberry32): the same stream gives the same numbers,
 * whatever came before; streams of different numbers know nothing of each other.
 */
export class Draws {
  private state: number;

  constructor(stream: number) {
    this.state = stream >>> 0;
  }

  /** Even from 0 to 1, never either. */
  even(): number {
    this.state = (this.state + 0x6d2b79f5) >>> 0;
    let mixed = imul(this.state ^ (this.state >>> 15), this.state | 1);
    mixed ^= mixed + imul(mixed ^ (mixed >>> 7), mixed | 61);
    return (((mixed ^ (mixed >>> 14)) >>> 0) + 0.5) / 4_294_967_296;
  }

  /** From the normal distribution. */
  normal(): number {
    return sqrt(-2 * log(this.even())) * cos(2 * PI * this.even());
  }

  /** Log-normal of median 1. */
  spread(sdLn: number): number {
    return exp(sdLn * this.normal());
  }

  /** Exponential of mean 1. */
  exponential(): number {
    return -log(this.even());
  }
}

/** A stream by name (FNV-1a). */
export function namedStream(name: string, seed: number): number {
  let value = (0x811c9dc5 ^ seed) >>> 0;
  for (let i = 0; i < name.length; i += 1) {
    value = imul(value ^ name.charCodeAt(i), 0x01000193);
  }
  return stirred(value);
}

/** The stream of a numbered part of another: of a run, of a day in it, of a job on that day. */
export function partOf(stream: number, part: number): number {
  return stirred(stream ^ imul(part + 1, 0x9e3779b1));
}

/** The last stir of murmur3: numbers that differ in one bit do not run alike. */
function stirred(value: number): number {
  let mixed = imul(value ^ (value >>> 16), 0x85ebca6b);
  mixed = imul(mixed ^ (mixed >>> 13), 0xc2b2ae35);
  return (mixed ^ (mixed >>> 16)) >>> 0;
}
