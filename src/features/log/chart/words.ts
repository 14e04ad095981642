/** What these screens say. */
export const logChartWords = {
  toWord: (from: string, to: string) => `: ${from} to ${to}`,
  entriesOf: (name: string) => `Entries of ${name}`,
  asATable: (name: string) => `${name} as a table`,
  rounderThanAskedOfDays: (edgeName: string, round: number, round2: number) =>
    `${edgeName}: rounder than asked ${round} of ${round2} days.`,
  theCourseAsATable: 'The course, as a table',
  day: 'Day',
  work: 'Work',
  before: 'Before',
  after: 'After',
  asked: 'Asked',
  entriesFrom: 'Entries from',
  entriesUntil: 'Entries until',
  whatTheMarksSay: 'What the marks say',
  noTouchUpYet: (listed: string) => `No touch-up yet: ${listed}`,
  fewerTools: 'Fewer tools',
  allTools: (length: number) => `All ${length} tools`,
  dottedAskedOfItShaded: 'dotted: asked of it, shaded where rounder',
};
