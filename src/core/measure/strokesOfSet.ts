import { mean, median, sum } from 'd3-array';

/** What the sensors say at one moment of a set; what a device does not tell is null. */
export interface HoldReading {
  seconds: number;
  /** Tilt by the level (degrees): shaken by the strokes themselves. */
  deg: number;
  /** Acceleration along the stroke without the earth's pull (m/s²). */
  alongMs2: number | null;
  /** How fast it turns (degrees a second). */
  turnDegPerS: number | null;
}

type StrokeWay = 'out' | 'back' | 'not told';

export interface HeldStroke {
  fromSeconds: number;
  toSeconds: number;
  way: StrokeWay;
  /** Mean angle over where it was zeroed. */
  meanDeg: number;
  /** The same in the four quarters of the stroke. */
  quartersDeg: number[];
}

/** No stroke is over sooner (seconds). */
const SHORTEST_SECONDS = 0.15;
/** The ends of a stroke, where the hand turns, are not part of how it holds. */
const TURN_SHARE = 0.12;
/** A stroke is at least so fast (m/s): what is slower is the sensor's own wandering. */
const MOVES_MS = 0.06;
const OF_USUAL = 0.5;
/** The hand hones from so much of the meant angle on. */
const LIFTED_SHARE = 0.6;
const SMOOTH_SECONDS = 1.5;
/** Nearer than this to where it was zeroed (degrees) it lies. */
const LIES_DEG = 1;
/** What a velocity from a sensor forgets in (seconds): its drift, and not the strokes. */
const FORGET_SECONDS = 2.5;

/**
 * The strokes in what the sensors say, in their order. Directions come from the acceleration along the stroke. Within a
 * stroke the turning is added up; the level is taken over whole pairs of out and back, as one stroke alone shakes it by
 * degrees. Without these, strokes are told apart by the lifts between them, and directions are not told.
 */
export function strokesOfSet(
  readings: readonly HoldReading[],
  zeroDeg: number,
  meantDeg: number,
): HeldStroke[] {
  const risen = risenOver(readings, zeroDeg);
  const isFull = risen.every(
    ({ alongMs2, turnDegPerS }) => alongMs2 !== null && turnDegPerS !== null,
  );
  const told = isFull ? strokesByMotion : strokesByLifts;
  return told(risen, zeroDeg, meantDeg);
}

/**
 * The readings as of a phone that rises with the blade. One whose top points to the edge sinks as the spine is lifted:
 * its tilts are turned about. Which way it moves stays: out is where its top points.
 */
function risenOver(readings: readonly HoldReading[], zeroDeg: number): readonly HoldReading[] {
  if (sum(readings, ({ deg }) => deg - zeroDeg) >= 0) return readings;
  return readings.map((reading) => ({
    ...reading,
    deg: 2 * zeroDeg - reading.deg,
    turnDegPerS: reading.turnDegPerS === null ? null : -reading.turnDegPerS,
  }));
}

/** A stroke's place among the readings: first and past the last. */
interface Span {
  from: number;
  to: number;
  way: StrokeWay;
}

function strokesByMotion(
  readings: readonly HoldReading[],
  zeroDeg: number,
  meantDeg: number,
): HeldStroke[] {
  const level = smoothedLevel(readings);
  const spans = spansOf(readings, level, zeroDeg + LIFTED_SHARE * meantDeg);
  const turnedDeg = turnedSince(readings, level, zeroDeg);
  // What the level says beside the turning; and without what the strokes shake it by.
  const besideDeg = readings.map(({ deg }, i) => deg - turnedDeg[i]!);
  const shaken = shakenPerMs2(readings, besideDeg, spans);
  const levelOver = (from: number, to: number): number =>
    meanIn(readings, from, to, ({ alongMs2 }, i) => besideDeg[i]! - shaken * alongMs2!);
  return spans.map(({ from, to, way }, i) => {
    // Whole pairs on either side of it, as far as there are any.
    const pairs = [spans[i - 1], spans[i + 1]].flatMap((other) =>
      other && (other.to === from || other.from === to)
        ? [levelOver(Math.min(from, other.from), Math.max(to, other.to))]
        : [],
    );
    const offDeg = pairs.length > 0 ? mean(pairs)! : levelOver(from, to);
    return heldStroke(readings, { from, to, way }, (k) => turnedDeg[k]! + offDeg - zeroDeg);
  });
}

/** Where the hand moves one way, by the velocity that its acceleration adds up to, while it is lifted to hone. */
function spansOf(
  readings: readonly HoldReading[],
  level: readonly number[],
  liftedDeg: number,
): Span[] {
  let velocity = 0;
  const velocities = readings.map(({ seconds, alongMs2 }, i) => {
    const dt = i > 0 ? seconds - readings[i - 1]!.seconds : 0;
    velocity = (velocity + alongMs2! * dt) * Math.exp(-dt / FORGET_SECONDS);
    return velocity;
  });
  const spans: (Span & { fastest: number })[] = [];
  let [from, way, fastest] = [0, 0, 0];
  const close = (to: number): void => {
    const lasts = readings[to - 1]!.seconds - readings[from]!.seconds;
    if (way !== 0 && fastest >= MOVES_MS && lasts >= SHORTEST_SECONDS)
      spans.push({ from, to, way: way > 0 ? 'out' : 'back', fastest });
  };
  velocities.forEach((v, i) => {
    const isLifted = level[i]! > liftedDeg;
    const now = isLifted ? Math.sign(v) : 0;
    if (now !== way) {
      if (i > from) close(i);
      [from, way, fastest] = [i, now, 0];
    }
    fastest = Math.max(fastest, Math.abs(v));
  });
  if (readings.length > 0) close(readings.length);
  // What is much slower than the others is a lift, or the sensor’s own wandering.
  const usual = median(spans, (span) => span.fastest) ?? 0;
  return joined(
    spans.filter((span) => span.fastest >= OF_USUAL * usual),
    readings,
  );
}

/** Spans that follow each other with hardly a gap lie end to end: a hand that turns stands still for a moment. */
function joined(spans: readonly Span[], readings: readonly HoldReading[]): Span[] {
  return spans.map(({ from, to, way }, i) => {
    const next = spans[i + 1];
    const gap = next ? readings[next.from]!.seconds - readings[to - 1]!.seconds : Infinity;
    return { from, to: next && gap < SHORTEST_SECONDS ? next.from : to, way };
  });
}

/** The level without what strokes shake it by: its mean over a second and a half around, which holds out and back. */
function smoothedLevel(readings: readonly HoldReading[]): number[] {
  const sums = [0];
  for (const { deg } of readings) sums.push(sums.at(-1)! + deg);
  let [from, to] = [0, 0];
  return readings.map(({ seconds }) => {
    while (readings[from]!.seconds < seconds - SMOOTH_SECONDS / 2) from += 1;
    while (to < readings.length && readings[to]!.seconds <= seconds + SMOOTH_SECONDS / 2) to += 1;
    return (sums[to]! - sums[from]!) / (to - from);
  });
}

/** The turning added up from the first reading on, less what the sensor says while it lies still. */
function turnedSince(
  readings: readonly HoldReading[],
  level: readonly number[],
  zeroDeg: number,
): number[] {
  const still = readings.filter((_, i) => Math.abs(level[i]! - zeroDeg) < LIES_DEG);
  const biasDegPerS = mean(still, ({ turnDegPerS }) => turnDegPerS!) ?? 0;
  let turned = 0;
  return readings.map(({ seconds, turnDegPerS }, i) => {
    if (i > 0) turned += (turnDegPerS! - biasDegPerS) * (seconds - readings[i - 1]!.seconds);
    return turned;
  });
}

/** How far (degrees for each m/s²) acceleration shakes this phone’s level: much for a plain one, little for a clever one. */
function shakenPerMs2(
  readings: readonly HoldReading[],
  besideDeg: readonly number[],
  spans: readonly Span[],
): number {
  let [both, own] = [0, 0];
  for (const { from, to } of spans) {
    const along = meanIn(readings, from, to, ({ alongMs2 }) => alongMs2!);
    const beside = meanIn(readings, from, to, (_, i) => besideDeg[i]!);
    for (let i = from; i < to; i += 1) {
      const ms2 = readings[i]!.alongMs2! - along;
      both += ms2 * (besideDeg[i]! - beside);
      own += ms2 * ms2;
    }
  }
  return own > 0 ? both / own : 0;
}

/** Without motion: times near the meant angle, parted by lifts. */
function strokesByLifts(
  readings: readonly HoldReading[],
  zeroDeg: number,
  meantDeg: number,
): HeldStroke[] {
  const spans: Span[] = [];
  let from: number | null = null;
  readings.forEach(({ deg, seconds }, i) => {
    const isOn = Math.abs(deg - zeroDeg - meantDeg) < Math.max(4, meantDeg / 2);
    if (isOn && from === null) from = i;
    if (from !== null && (!isOn || i === readings.length - 1)) {
      if (seconds - readings[from]!.seconds >= SHORTEST_SECONDS)
        spans.push({ from, to: i, way: 'not told' });
      from = null;
    }
  });
  return spans.map((span) => heldStroke(readings, span, (k) => readings[k]!.deg - zeroDeg));
}

function heldStroke(
  readings: readonly HoldReading[],
  { from, to, way }: Span,
  degAt: (index: number) => number,
): HeldStroke {
  const turn = Math.floor(TURN_SHARE * (to - from));
  const [first, last] = [from + turn, to - turn];
  const quartersDeg = [0, 1, 2, 3].map((quarter) =>
    meanIn(
      readings,
      first + Math.floor((quarter * (last - first)) / 4),
      first + Math.max(1, Math.floor(((quarter + 1) * (last - first)) / 4)),
      (_, i) => degAt(i),
    ),
  );
  return {
    fromSeconds: readings[from]!.seconds,
    toSeconds: readings[to - 1]!.seconds,
    way,
    meanDeg: mean(quartersDeg)!,
    quartersDeg,
  };
}

function meanIn(
  readings: readonly HoldReading[],
  from: number,
  to: number,
  of: (reading: HoldReading, index: number) => number,
): number {
  let total = 0;
  for (let i = from; i < to; i += 1) total += of(readings[i]!, i);
  return total / Math.max(1, to - from);
}
