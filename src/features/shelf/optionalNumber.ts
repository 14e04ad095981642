import { typedNumber } from '../../ui/units';

/** What a number field that may stay empty holds: null then. */
export const optionalNumber = {
  setValueAs(value: string | number | null): number | null {
    const number = typeof value === 'string' ? typedNumber(value) : (value ?? NaN);
    return Number.isNaN(number) ? null : number;
  },
};
