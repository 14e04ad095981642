import * as format from '../../../ui/format';
import { plural } from '../../../ui/words/plural';

/** What these screens say. */
export const tripBackWords = {
  backWithEdgesNoted: (name: string, edges: number) =>
    `Back from ${name}: ${plural(edges, 'edge')} noted.`,
  theFinestTestItPasses: (edgeName: string) => `${edgeName}: the finest test it passes`,
  moreIsWrong: 'More is wrong: walk the whole edge, head and handle',
  lookedAlongAndSaved: 'looked along and saved',
  notLookedAt: 'not looked at',
  hoursReallyWorked: 'Hours really worked',
  asPlannedWhereYouChange:
    'As planned where you change nothing. The days that you told in their evening are not asked again.',
  aTool: 'a tool',
  whichOfTheseWereUsed: 'Which of these were used?',
  allOfItWasUsed: 'All of it was used.',
  wasNotUsedSoFar: (massG: number) => `${format.grams(massG)} was not used, so far as this says.`,
  backFromATrip: 'Back from a trip',
  tripNotHere: 'This trip is not here any more.',
  chooseAnother: 'Choose another',
  backFrom: (name: string) => `Back from ${name}`,
  itsToolsAreLookedThrough: 'Its tools are looked through when it is over: from its last day on.',
  toTheTrip: 'To the trip',
  wipeAndDryEachEdge:
    'Wipe and dry each edge, look along it, test it once. It teaches how fast your work dulls. What you say is saved as you say it.',
  edgesLookedAt: (count: number, edges: number) => `${count} of ${edges} edges looked at`,
  saveItAll: 'Save it all',
};
