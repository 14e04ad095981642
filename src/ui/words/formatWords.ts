import { plural } from './plural';

/** What stands beside figures wherever they are said. */
export const formatWords = {
  underOneMinute: 'under 1 min',
  underOne: 'under 1',
  under: (amount: string) => `under ${amount}`,
  ofSteel: (amount: string) => `${amount} of steel`,
  bothWays: (perSide: string, inclusive: string) => `${perSide} per side, ${inclusive} inclusive`,
  fromTo: (from: string, to: string) => `${from} to ${to}`,
  cubicInches: (thousandths: string) => `${thousandths} thousandths of a cubic inch`,
  notInTwentyYears: 'not in twenty years at your pace',
  inMonths: (months: number) => `about ${plural(months, 'month')} at your pace`,
  inYears: (years: number) => `about ${plural(years, 'year')} at your pace`,
  todayAt: (hour: string) => `today at ${hour}`,
  onDay: (day: string) => `on ${day}`,
};
