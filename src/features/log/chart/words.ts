import * as format from '../../../ui/format';

/** What these screens say. */
export const logChartWords = {
  markOf: (day: string, work: string, from: string, to: string) =>
    `${format.day(day)}, ${work}: ${from} to ${to}`,
  hookMarkOf: (day: string, work: string) => `${format.day(day)}, ${work}`,
  entriesOf: (name: string) => `Entries of ${name}`,
  asATable: (name: string) => `${name} as a table`,
  rounderThanTargetDays: (edge: string, rounderDays: number, days: number) =>
    `${edge}: rounder than asked ${rounderDays} of ${days} days.`,
  theCourseAsATable: 'The course, as a table',
  day: 'Day',
  work: 'Work',
  before: 'Before',
  after: 'After',
  asked: 'Asked',
  entriesFrom: 'Entries from',
  entriesUntil: 'Entries until',
  whatTheMarksSay: 'What the marks say',
  noTouchUpYet: (names: readonly string[]) => `No touch-up yet: ${format.listed(names)}`,
  fewerTools: 'Fewer tools',
  allTools: (tools: number) => `All ${tools} tools`,
  dottedAskedOfItShaded: 'dotted: asked of it, shaded where rounder',
};
