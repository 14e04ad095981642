/** Days on which dates are easily wrong, each with its zone. Zones are named by rule, not by place. */

export interface StatedDay {
  why: string;
  /** The moment at which a person opens the application, ISO 8601. */
  day: string;
  zone: string;
}

export const DAYS: readonly StatedDay[] = [
  { why: 'leap day, late at night', day: '2028-03-01T07:10:00.000Z', zone: 'PST8PDT' },
  { why: 'trip across New Year', day: '2026-12-28T18:00:00.000Z', zone: 'UTC' },
  { why: 'clocks go back, just after midnight', day: '2027-10-30T23:30:00.000Z', zone: 'WET' },
  { why: 'clocks go forward', day: '2027-03-14T16:00:00.000Z', zone: 'PST8PDT' },
  { why: 'clocks go forward, the other zone', day: '2027-03-28T06:30:00.000Z', zone: 'WET' },
  { why: 'clocks go back, the other zone', day: '2027-11-07T15:00:00.000Z', zone: 'PST8PDT' },
  { why: 'trip across the change of clocks', day: '2027-10-28T09:00:00.000Z', zone: 'WET' },
  { why: 'New Year’s Eve', day: '2026-12-31T20:00:00.000Z', zone: 'WET' },
  { why: 'New Year’s Day', day: '2027-01-01T09:00:00.000Z', zone: 'UTC' },
  { why: 'a day after the sample’s', day: '2026-11-28T08:00:00.000Z', zone: 'UTC' },
  { why: 'a summer day', day: '2027-07-06T12:00:00.000Z', zone: 'WET' },
  { why: 'years later', day: '2031-05-06T10:00:00.000Z', zone: 'PST8PDT' },
];

/** Those of them that every run of the tests visits. */
export const FEW_DAYS = DAYS.slice(0, 4);
