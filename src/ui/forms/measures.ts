import { figure } from '../format';
import { G_PER_OUNCE, isImperial, MM_PER_INCH, typedNumber } from '../units';

/** What a measured field measures. */
export type Quantity = 'length' | 'mass';

const PER_UNIT: Record<Quantity, number> = { length: MM_PER_INCH, mass: G_PER_OUNCE };
const METRIC: Record<Quantity, string> = { length: 'mm', mass: 'g' };
const IMPERIAL: Record<Quantity, string> = { length: 'in', mass: 'oz' };
/** Decimals that an entry in imperial units is shown with: a hundredth of a millimetre survives. */
const DIGITS: Record<Quantity, number> = { length: 4, mass: 2 };

/** The unit that a measure is typed in. */
export function unitOf(quantity: Quantity): string {
  return (isImperial() ? IMPERIAL : METRIC)[quantity];
}

/** A kept measure as it is typed; empty where there is none. */
export function shown(value: number | null, quantity: Quantity): string {
  if (value === null || Number.isNaN(value)) return '';
  if (!isImperial()) return figure(value);
  return figure(Number((value / PER_UNIT[quantity]).toFixed(DIGITS[quantity])));
}

/** A typed measure as it is kept, in mm or g; NaN where it is no number. */
export function entered(text: string, quantity: Quantity): number {
  const typed = typedNumber(text);
  return isImperial() ? typed * PER_UNIT[quantity] : typed;
}

/** A message about limits in the unit that was typed: "must be at most 200" says 200 of what. */
export function limitWords(message: string, quantity: Quantity): string {
  const unit = unitOf(quantity);
  const inUnit = message.replaceAll(/(?<![\w[.])\d+(?:\.\d+)?(?![\w\]])/g, (number) =>
    shown(Number(number), quantity),
  );
  return inUnit === message && !/\d$/.test(message) ? message : `${inUnit} ${unit}`;
}
