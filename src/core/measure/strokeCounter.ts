import { median, quantileSorted } from 'd3-array';
import { soundLevels, STEP_SECONDS, type SoundLevel } from './soundLevel';

/** What the ear hears: too little to tell, something that is not strokes yet, or strokes. */
type Hearing = 'nothing' | 'something' | 'strokes';

export interface StrokesHeard {
  strokes: number;
  hearing: Hearing;
  /** Pace of the latest strokes; null where none are heard. */
  perMinute: number | null;
}

/** Floor and peak of the place follow this much of the past. */
const PAST_SECONDS = 8;
const FLOOR = 0.08;
const PEAK = 0.9;
/** Less between them (dB) is nothing to go by. */
const LEAST_RANGE_DB = 6;
/** A stroke rises by the larger of these over the dip before it, and falls by it: dB, and share of the range. */
const RISE_DB = 5;
const RISE_SHARE = 0.4;
const HALF = 0.5;
const STROKE_SECONDS = [0.2, 3] as const;
/** Wind loses more (dB) from 2 to 6 kHz than a stone does. */
const WIND_FALLS_DB = 5;
/** Strokes that run into each other are as many as their length says, where each is short. */
const RUN_ON = 1.55;
const SHORT_SECONDS = 0.75;
/** Lengths and gaps of strokes are alike within this. */
const ALIKE = 2;
const ALIKE_STROKES = 3;
/** After so long without one it begins anew. */
const ANEW_SECONDS = 6;
/** Pace and length are those of the latest so many. */
const LATEST = 7;

interface Stroke {
  atSeconds: number;
  seconds: number;
  count: number;
}

/**
 * Counts strokes on a stone by their sound, as its samples come in. Rises and falls over a floor that follows the
 * place are strokes where at least three are alike; speech, birds and wind are not. What runs together in a fast
 * back-and-forth is counted by how long it is. It never guesses: where it hears nothing, it says so.
 */
export function strokeCounter({ sampleRateHz }: { sampleRateHz: number }): {
  push: (samples: ArrayLike<number>) => void;
  state: () => StrokesHeard;
} {
  const levelsOf = soundLevels(sampleRateHz);
  const past = new Past();
  let step = 0;
  let strokes = 0;
  let dipDb = Infinity;
  let rising: { fromStep: number; topDb: number; fallsDb: number[] } | null = null;
  let run: Stroke[] = [];
  let isCounting = false;

  const heard = (stroke: Stroke): void => {
    const last = run.at(-1);
    if (last && stroke.atSeconds - last.atSeconds > ANEW_SECONDS) anew();
    const found = isCounting ? withCount(stroke, run) : stroke;
    if (!isCounting) {
      run = isLike(found, run) ? [...run, found] : [found];
      if (run.length < ALIKE_STROKES) return;
      isCounting = true;
      strokes += run.reduce((sum, { count }) => sum + count, 0);
      return;
    }
    if (!isLike(found, run)) return;
    run = [...run.slice(1 - LATEST), found];
    strokes += found.count;
  };
  const anew = (): void => {
    run = [];
    isCounting = false;
  };
  const listen = ({ levelDb, fallsDb }: SoundLevel): void => {
    step += 1;
    past.add(levelDb);
    const { floorDb, rangeDb } = past;
    if (rangeDb < LEAST_RANGE_DB) {
      rising = null;
      dipDb = floorDb;
    } else {
      const rise = Math.max(RISE_DB, RISE_SHARE * rangeDb);
      if (!rising) {
        dipDb = Math.min(dipDb, levelDb);
        if (levelDb > dipDb + rise && levelDb > floorDb + HALF * rangeDb)
          rising = { fromStep: step, topDb: levelDb, fallsDb: [fallsDb] };
      } else {
        rising.topDb = Math.max(rising.topDb, levelDb);
        rising.fallsDb.push(fallsDb);
        if (levelDb < rising.topDb - rise) {
          const seconds = (step - rising.fromStep) * STEP_SECONDS;
          const isWind = median(rising.fallsDb)! > WIND_FALLS_DB;
          if (seconds >= STROKE_SECONDS[0] && seconds <= STROKE_SECONDS[1] && !isWind)
            heard({ atSeconds: rising.fromStep * STEP_SECONDS, seconds, count: 1 });
          rising = null;
          dipDb = levelDb;
        }
      }
    }
    const last = run.at(-1);
    if (last && step * STEP_SECONDS - last.atSeconds > ANEW_SECONDS) anew();
  };

  return {
    push: (samples) => levelsOf(samples).forEach(listen),
    state: () => ({
      strokes,
      hearing: past.rangeDb < LEAST_RANGE_DB ? 'nothing' : isCounting ? 'strokes' : 'something',
      perMinute: isCounting ? paceOf(run) : null,
    }),
  };
}

/** How many strokes one rise is: more than one where it is longer than those before, and these are short. */
function withCount(stroke: Stroke, run: readonly Stroke[]): Stroke {
  const usual = median(run, ({ seconds, count }) => seconds / count);
  if (usual === undefined || usual >= SHORT_SECONDS || stroke.seconds <= RUN_ON * usual)
    return stroke;
  return { ...stroke, count: Math.round(stroke.seconds / usual) };
}

/** Whether a stroke is like those before it, in length and in the time since the last one. */
function isLike(stroke: Stroke, run: readonly Stroke[]): boolean {
  const last = run.at(-1);
  if (!last) return true;
  const length = ({ seconds, count }: Stroke): number => seconds / count;
  const usual = median(run, length)!;
  if (!within(length(stroke), usual)) return false;
  const gaps = run
    .slice(1)
    .map(({ atSeconds }, i) => (atSeconds - run[i]!.atSeconds) / run[i]!.count);
  const usualGap = median(gaps);
  if (usualGap === undefined) return true;
  return (stroke.atSeconds - last.atSeconds) / last.count > usualGap / ALIKE;
}

const within = (value: number, usual: number): boolean =>
  value <= ALIKE * usual && value >= usual / ALIKE;

function paceOf(run: readonly Stroke[]): number | null {
  const [first, last] = [run[0]!, run.at(-1)!];
  const strokes = run.slice(0, -1).reduce((sum, { count }) => sum + count, 0);
  const seconds = last.atSeconds - first.atSeconds;
  return seconds > 0 ? (60 * strokes) / seconds : null;
}

/** The levels of the last seconds: their floor, and the range over it. */
class Past {
  private readonly levels: number[] = [];
  private readonly sorted: number[] = [];
  floorDb = 0;
  rangeDb = 0;

  add(levelDb: number): void {
    this.levels.push(levelDb);
    insert(this.sorted, levelDb);
    if (this.levels.length > PAST_SECONDS / STEP_SECONDS) remove(this.sorted, this.levels.shift()!);
    this.floorDb = quantileSorted(this.sorted, FLOOR)!;
    this.rangeDb = quantileSorted(this.sorted, PEAK)! - this.floorDb;
  }
}

function placeOf(sorted: readonly number[], value: number): number {
  let [low, high] = [0, sorted.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (sorted[middle]! < value) low = middle + 1;
    else high = middle;
  }
  return low;
}

function insert(sorted: number[], value: number): void {
  sorted.splice(placeOf(sorted, value), 0, value);
}

function remove(sorted: number[], value: number): void {
  sorted.splice(placeOf(sorted, value), 1);
}
