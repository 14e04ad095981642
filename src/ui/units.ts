import type { Settings } from '../domain/settings';

/** What lengths, masses and forces are shown and entered in; records and sums are metric always. */
export type Units = Settings['units'];

let present: Units = 'metric';

/** The units that every screen speaks in; all of them are drawn anew when they change. */
export function setUnits(units: Units): void {
  present = units;
}

export function isImperial(): boolean {
  return present === 'imperial';
}

export const MM_PER_INCH = 25.4;
export const G_PER_OUNCE = 28.349523125;
export const ML_PER_FLUID_OUNCE = 29.5735;
export const N_PER_POUND = 4.4482216152605;

/** Inches as a ruler has them: whole ones and a fraction in its lowest terms, to the nearest `of`th. */
export function inchFraction(mm: number, of: 16 | 64): string {
  const parts = Math.round((mm / MM_PER_INCH) * of);
  const whole = Math.floor(parts / of);
  let [above, below] = [parts % of, of as number];
  while (above > 0 && above % 2 === 0) [above, below] = [above / 2, below / 2];
  if (above === 0) return `${whole}`;
  return whole === 0 ? `${above}/${below}` : `${whole} ${above}/${below}`;
}

/** A number as it is typed: 4, 4.5, 4,5, 3/8 or 4 3/8; NaN where it is none. */
export function typedNumber(text: string): number {
  const found = /^\s*(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)\s*$/.exec(text);
  if (found) return Number(found[1] ?? 0) + Number(found[2]) / Number(found[3]);
  const plain = text.trim().replace(',', '.');
  return plain === '' ? NaN : Number(plain);
}
