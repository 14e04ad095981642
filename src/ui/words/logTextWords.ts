import * as format from '../format';

/** What these screens say. */
export const uiLogTextWords = {
  atTheBench: 'at the bench',
  onTheTrail: 'on the trail',
  work: 'Work',
  writtenDownAfterwards: ', written down afterwards',
  where: 'Where',
  workSinceTheOneBefore: 'Work since the one before',
  before: 'Before',
  after: 'After',
  time: 'Time',
  step: 'Step',
  left: 'Left',
  right: 'Right',
  plannedASide: 'Planned a side',
  leftOut: (skipped: string) => `left out: ${skipped}`,
  noPlan: 'no plan',
  ofAt: (kind: string, depthMm: number, atMm: number) =>
    `${kind} of ${format.chipDepth(depthMm)} at ${format.placeMm(atMm)}`,
  noEntries: 'No entries',
  entries: 'Entries',
  entriesInAll: (entries: number, minutes: number) =>
    `${entries}, ${format.minutes(minutes)} in all`,
  trips: 'Trips',
  whatEachEdgeGot: 'What each edge got',
  edge: 'Edge',
  last: 'Last',
  itPassedThen: 'It passed then',
  everyEntry: 'Every entry',
  day: 'Day',
  withThing: 'With',
  note: 'Note',
  then: ', then ',
  kind: 'Kind',
  log: 'Log',
  looksBetween: 'Looks between',
  seen: 'Seen',
  findingAt: (kind: string, atMm: number) => `${kind} at ${format.placeMm(atMm)}`,
  fromTo: (firstDay: string, lastDay: string) =>
    `${format.day(firstDay)} to ${format.day(lastDay)}`,
};
