import { differenceInCalendarDays, intlFormatDistance, parseISO } from 'date-fns';
import { clockNow } from '../domain/clock';
import { formatWords } from './words/formatWords';
import { DATE_LOCALE, DECIMAL, withOwnDecimal } from './locale';
import {
  G_PER_OUNCE,
  inchFraction,
  isImperial,
  ML_PER_FLUID_OUNCE,
  MM_PER_INCH,
  N_PER_POUND,
} from './units';

/** Measures in words, with honest precision. One place, so that every screen says them alike. */

/** A number with so many decimals. */
export function rounded(value: number, digits: number): string {
  return withOwnDecimal(value.toFixed(digits));
}

/** A number as it is, without any decimals that say nothing. */
export function figure(value: number): string {
  return withOwnDecimal(String(value));
}

/** Inches below this (mm) are said in thousandths, as a calliper shows them. */
const RULER_FROM_MM = 1;

/** A length: in tenths of a millimetre below 20, whole above; or in inches as a ruler has them. */
export function mm(value: number): string {
  if (isImperial()) {
    if (value > 0 && value < RULER_FROM_MM) return thousandths(value);
    return `${inchFraction(value, value < 20 ? 64 : 16)} in`;
  }
  return `${value < 20 ? trim(rounded(value, 1)) : rounded(value, 0)} mm`;
}

/** A place along an edge: whole millimetres, or sixteenths of an inch. */
export function placeMm(value: number): string {
  return isImperial() ? `${inchFraction(value, 16)} in` : `${rounded(value, 0)} mm`;
}

/** A stretch along an edge: 62 to 110 mm. */
export function spanMm(fromMm: number, toMm: number): string {
  return formatWords.fromTo(placeMm(fromMm).replace(/ (mm|in)$/, ''), placeMm(toMm));
}

/** Depth of a chip: as finely as an eye or a lens tells it. */
export function chipDepth(depthMm: number): string {
  if (isImperial()) return thousandths(depthMm);
  return `${trim(rounded(depthMm, depthMm < 0.1 ? 3 : 2))} mm`;
}

/** Hundredths of a millimetre, for faces and thicknesses near the edge. */
export function fineMm(value: number): string {
  return isImperial() ? thousandths(value) : `${rounded(value, 2)} mm`;
}

/** Thousandths of a millimetre, for what differs by little. */
export function thinMm(value: number): string {
  return isImperial() ? `${rounded(value / MM_PER_INCH, 4)} in` : `${rounded(value, 3)} mm`;
}

function thousandths(valueMm: number): string {
  return `${rounded(valueMm / MM_PER_INCH, 3)} in`;
}

/** A volume of steel, to two figures. */
export function volume(mm3: number): string {
  const inches = mm3 / MM_PER_INCH ** 3;
  return isImperial()
    ? formatWords.cubicInches(figure(Number((1000 * inches).toPrecision(2))))
    : `${figure(Number(mm3.toPrecision(2)))} mm³`;
}

/** Micrometres: two significant figures below 10, whole above. */
export function um(value: number): string {
  return `${value < 1 ? trim(rounded(value, 2)) : value < 10 ? trim(rounded(value, 1)) : rounded(value, 0)} µm`;
}

/** Water and oil by volume; fluid ounces where those are used. */
export function ml(value: number): string {
  if (isImperial()) return `${figure(Number((value / ML_PER_FLUID_OUNCE).toPrecision(2)))} fl oz`;
  return `${value < 10 ? Math.round(value) : Math.round(value / 5) * 5} ml`;
}

export function deg(value: number): string {
  return `${trim(rounded(value, 1))}°`;
}

export function grams(value: number): string {
  if (!isImperial()) return `${rounded(value, 0)} g`;
  const ounces = value / G_PER_OUNCE;
  if (ounces < 16) return `${rounded(ounces, 1)} oz`;
  const whole = Math.round(ounces);
  return `${Math.floor(whole / 16)} lb ${whole % 16} oz`;
}

export function newtons(value: number): string {
  if (isImperial()) return `${rounded(value / N_PER_POUND, 1)} lbf`;
  return `${rounded(value, value < 10 ? 1 : 0)} N`;
}

/** Minutes, whole from 10 on, halves below. */
export function minutes(value: number): string {
  if (value > 0 && value < 1) return formatWords.underOneMinute;
  if (value > 119) return `${rounded(value / 60, 0)} h`;
  return `${value < 10 ? trim(rounded(Math.round(value * 2) / 2, 1)) : rounded(value, 0)} min`;
}

/** Minutes as one number first, its span after it: 7 min (4–13). */
export function minutesSpan(plan: {
  minutes: number;
  minutesLow: number;
  minutesHigh: number;
}): string {
  const { minutesLow: low, minutesHigh: high } = plan;
  if (high < 1.25) return formatWords.underOneMinute;
  const plain = (value: number): string => minutes(value).replace(/ min$/, '');
  const from = low < 1 ? formatWords.underOne : plain(low);
  const to = plain(high);
  return from === to ? minutes(plan.minutes) : `${minutes(plan.minutes)} (${from}–${to})`;
}

/** A count as one number first, its span after it: 120 (60–240). */
export function countSpan(count: number, low: number, high: number): string {
  return low === high ? `${count}` : `${count} (${low}–${high})`;
}

/** Steel taken off, in grams or in a hair's worth of them. */
export function steel(volumeMm3: number): string {
  const steelG = volumeMm3 * STEEL_G_PER_MM3;
  if (isImperial())
    return steelG < 0.03
      ? formatWords.ofSteel(formatWords.under(`${figure(0.001)} oz`))
      : formatWords.ofSteel(`${figure(Number((steelG / G_PER_OUNCE).toPrecision(2)))} oz`);
  if (steelG < 0.01) return formatWords.ofSteel(formatWords.under(`${figure(0.01)} g`));
  return formatWords.ofSteel(`${steelG < 1 ? rounded(steelG, 2) : rounded(steelG, 1)} g`);
}

/** Density of steel. */
const STEEL_G_PER_MM3 = 0.00785;

/** An angle both ways: 25° per side, 50° inclusive. */
export function angleBothWays(perSideDeg: number): string {
  return formatWords.bothWays(deg(perSideDeg), deg(2 * perSideDeg));
}

/** Years from now in words; far-off ones without a figure. */
export function yearsAhead(years: number): string {
  if (!Number.isFinite(years) || years > 20) return formatWords.notInTwentyYears;
  if (years < 1) return formatWords.inMonths(Math.max(1, Math.round(years * 12)));
  return formatWords.inYears(Math.round(years));
}

export function ratio(value: number): string {
  return `÷ ${rounded(value, 1)}`;
}

/** A factor, or a rate, to two figures: × 1.2, 0.04. */
export function times(value: number): string {
  return figure(Number(value.toPrecision(2)));
}

// A formatter costs more to make than a hundred dates to write.
const DAY = new Intl.DateTimeFormat(DATE_LOCALE, {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
});
const HOUR = new Intl.DateTimeFormat(DATE_LOCALE, { hour: '2-digit', minute: '2-digit' });
const WEEKDAY = new Intl.DateTimeFormat(DATE_LOCALE, { weekday: 'long' });
const SHORT_DAY = new Intl.DateTimeFormat(DATE_LOCALE, { day: 'numeric', month: 'short' });
const SHORT_WEEKDAY = new Intl.DateTimeFormat(DATE_LOCALE, { weekday: 'short' });
const SHORT_MONTH = new Intl.DateTimeFormat(DATE_LOCALE, { month: 'short', year: 'numeric' });
const DAY_AND_MONTH = new Intl.DateTimeFormat(DATE_LOCALE, { day: 'numeric', month: 'long' });

/** A day, as on a signpost: 24 Oct 2026. */
export function day(iso: string): string {
  return DAY.format(parseISO(iso));
}

/** A day within a year: 24 Oct. */
export function shortDay(date: Date | number): string {
  return SHORT_DAY.format(date);
}

/** A day of the week in short: Thu. */
export function shortWeekday(date: Date | number): string {
  return SHORT_WEEKDAY.format(date);
}

/** A month in short: Oct 2026. */
export function shortMonth(date: Date | number): string {
  return SHORT_MONTH.format(date);
}

/** A day of the near future: Friday, or 27 November where that would not be clear. */
export function dayAhead(iso: string, daysAway: number): string {
  return (daysAway < 7 ? WEEKDAY : DAY_AND_MONTH).format(parseISO(iso));
}

/** When something was left: the hour of today, the weekday of this week, the day of any other. */
export function leftWhen(iso: string): string {
  const days = differenceInCalendarDays(clockNow(), iso);
  if (days <= 0) return formatWords.todayAt(HOUR.format(parseISO(iso)));
  return formatWords.onDay(days < 7 ? WEEKDAY.format(parseISO(iso)) : day(iso));
}

export function ago(iso: string): string {
  return intlFormatDistance(parseISO(iso), new Date(), { locale: 'en', numeric: 'auto' });
}

const LIST = new Intl.ListFormat('en');

/** Names in a sentence: Wren, Knap and Tern. */
export function listed(names: readonly string[]): string {
  return LIST.format(names);
}

const EITHER = new Intl.ListFormat('en', { type: 'disjunction' });

/** Words of which one is enough: water or oil. */
export function eitherOf(words: readonly string[]): string {
  return EITHER.format(words);
}

/** First letter as a capital: identifiers of the domain are written small. */
export function sentence(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function trim(text: string): string {
  const [whole, decimals] = text.split(DECIMAL);
  const telling = decimals?.replace(/0+$/, '');
  return telling ? `${whole}${DECIMAL}${telling}` : whole!;
}
