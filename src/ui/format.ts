import { format, formatDistanceToNowStrict, parseISO } from 'date-fns';

/** Measures in words, with honest precision. One place, so that every screen says them alike. */

const rounded = (value: number, digits: number): string => value.toFixed(digits);

/** Millimetres: a tenth below 20, whole above. */
export function mm(value: number): string {
  return `${value < 20 ? trim(rounded(value, 1)) : rounded(value, 0)} mm`;
}

/** Hundredths of a millimetre, for faces and thicknesses near the edge. */
export function fineMm(value: number): string {
  return `${rounded(value, 2)} mm`;
}

/** Micrometres: two significant figures below 10, whole above. */
export function um(value: number): string {
  return `${value < 1 ? trim(rounded(value, 2)) : value < 10 ? trim(rounded(value, 1)) : rounded(value, 0)} µm`;
}

export function deg(value: number): string {
  return `${trim(rounded(value, 1))}°`;
}

export function grams(value: number): string {
  return `${rounded(value, 0)} g`;
}

export function newtons(value: number): string {
  return `${rounded(value, value < 10 ? 1 : 0)} N`;
}

/** Minutes, whole from 10 on, halves below. */
export function minutes(value: number): string {
  if (value > 0 && value < 1) return 'under 1 min';
  if (value > 119) return `${rounded(value / 60, 0)} h`;
  return `${value < 10 ? trim((Math.round(value * 2) / 2).toFixed(1)) : rounded(value, 0)} min`;
}

export function ratio(value: number): string {
  return `÷ ${rounded(value, 1)}`;
}

export function plural(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}

/** A day, as on a signpost: 24 Oct 2026. */
export function day(iso: string): string {
  return format(parseISO(iso), 'd MMM yyyy');
}

export function ago(iso: string): string {
  return formatDistanceToNowStrict(parseISO(iso), { addSuffix: true });
}

/** First letter as a capital: identifiers of the domain are written small. */
export function sentence(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** A word of the domain's closed lists as it is said: `base-camp` is "base camp". */
export function spoken(word: string): string {
  return word.replaceAll('-', ' ');
}

function trim(text: string): string {
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
}
