import * as format from '../../ui/format';
import type { Habit, HabitYears, WearOfYears } from '../../core/lab/index';
import { fineMm, mm } from '../../ui/format';
import { counted } from '../../ui/words/counted';

/** What the lab says of an edge over the years. */
export const wearWords = {
  log: 'Your log',
  rack: 'Today',
  fromLog: (day: string) => `since ${format.day(day)}`,
  nothingKnown: 'The log does not tell yet how it was before.',
  ahead: 'Ten years on',
  drawn: 'One side of the edge. Dotted: first. A hairline for each year. Full: last.',
  table: 'The years in figures',
  face: 'face',
  oneIn: '1 mm in',
  shorter: 'shorter',
  now: 'now',
  today: 'today',
  notInTen: 'not in ten years',
  neverThinned: 'not thinned in ten years',
  noRoom: 'A degree lower there is no room between edge and shoulder.',
  pace: (touchUpsPerYear: number, recessionMm: number, isUsual: boolean) =>
    isUsual
      ? `Your log shows no pace yet: counted by a usual ${format.rounded(touchUpsPerYear, 0)} touch-ups a year, each ${format.um(recessionMm)} off the edge.`
      : `By your log: ${format.rounded(touchUpsPerYear, 0)} touch-ups a year, each ${format.um(recessionMm)} off the edge.`,
  stropped: 'Strop more: every second touch-up is left to the strop.',
  banded: 'Narrow bands: every touch-up 3° above the face.',
  line: (faceMm: number, widthMm: number) =>
    `face ${format.mm(faceMm)}, ${format.fineMm(widthMm)} at 1 mm`,
  ends: (thinned: string, steel: string) => `${thinned}; steel for ${steel}`,
  shorterBy: (goneMm: number) => `${format.fineMm(goneMm)} shorter`,
};

export const HABIT_WORDS: Record<Habit, string> = {
  asNow: 'As now',
  stropMore: 'Strop more',
  narrowBands: 'Narrow bands',
  degreeLower: 'A degree lower',
};

/** A number of years in words. */
function yearsLong(years: number): string {
  if (years > 20) return '20 years and more';
  return years < 1
    ? counted.month(Math.max(1, Math.round(12 * years)))
    : counted.year(Math.round(years));
}

/** When an edge has to be thinned, in words. */
function thinWords(thinIn: number | null): string {
  if (thinIn === null) return wearWords.notInTen;
  return thinIn === 0 ? wearWords.now : `in ${yearsLong(thinIn)}`;
}

/** What a habit comes to. */
export function habitEnds({ thinIn, steelYears }: HabitYears): string {
  return wearWords.ends(
    thinIn === null ? wearWords.neverThinned : `thinned ${thinWords(thinIn)}`,
    yearsLong(steelYears),
  );
}

/** Less thickening than this is not felt. */
const NOTABLY_THICKER = 1.03;

/** The years to come in a sentence. */
export function wearTitle({ ahead: { asNow: now } }: WearOfYears, name: string): string {
  const [today, end] = [now.shapes[0]!, now.shapes.at(-1)!];
  if (now.thinIn === 0) return `${name} is due to be thinned: its face is ${mm(today.faceMm)} wide`;
  if (now.thinIn !== null)
    return `As you work now, ${name} has to be thinned in ${yearsLong(now.thinIn)}`;
  const shorter = `As you work now, ${name} is ${mm(end.lostMm)} shorter in ten years`;
  return end.thicknessAt1Mm < NOTABLY_THICKER * today.thicknessAt1Mm
    ? `${shorter}, and hardly thicker`
    : `${shorter}, and ${fineMm(end.thicknessAt1Mm)} thick a millimetre in, not ${fineMm(today.thicknessAt1Mm)}`;
}

/** What another habit would change. */
export function wearCatch({ ahead }: WearOfYears): string {
  const { asNow: now, stropMore: strop, narrowBands: band } = ahead;
  const facet = band.shapes.at(-1)!;
  const first =
    now.thinIn !== null && now.thinIn > 0
      ? `Stropped more, ${thinWords(strop.thinIn)}`
      : `Stropped more, it is ${mm(strop.shapes.at(-1)!.lostMm)} shorter, not ${mm(now.shapes.at(-1)!.lostMm)}`;
  return `${first}. Narrow bands alone leave a facet ${mm(facet.faceMm)} wide, and ${fineMm(facet.thicknessAt1Mm)} a millimetre in.`;
}

export function wearShort({ ahead: { asNow: now } }: WearOfYears): string {
  return now.thinIn === null
    ? `${mm(now.shapes.at(-1)!.lostMm)} shorter in ten`
    : `thin ${thinWords(now.thinIn)}`;
}
