import * as format from '../../../ui/format';
import { plural } from '../../../ui/words/plural';

/** What these screens say. */
export const logAnswersWords = {
  answerAsATable: 'Answer, as a table',
  fewerRows: 'Fewer rows',
  allRows: (rows: number) => `All ${rows} rows`,
  fromAndTheLooksBetween: (entries: number) =>
    `From ${plural(entries, 'touch-up')} and the looks between. Damage counts once however often it was seen; only damage from normal work speaks about the angle.`,
  edge: 'Edge',
  angle: 'Angle',
  since: 'Since',
  touchUps: 'Touch-ups',
  chipsAndRolls: 'Chips and rolls',
  deepest: 'Deepest',
  theAngle: 'The angle',
  perSide: (angleDeg: number) => `${format.deg(angleDeg)} per side`,
  fromWork: (work: number) => `${work} from work`,
  byMisuse: (misuse: number) => `${misuse} by misuse`,
  asItCame: (factory: number) => `${factory} as it came`,
  ofUnknownCause: (unknown: number) => `${unknown} of unknown cause`,
  tooThinGoSteeper: (changeDeg: number) =>
    `too thin: ${format.deg(changeDeg)} steeper, or a micro-bevel`,
  hasRoomCouldGoFlatter: (angleDeg: number) => `has room: could go ${format.deg(angleDeg)} flatter`,
  suitsTheShouldersNeedThinning: 'suits; the shoulders need thinning',
  notToBlameForChip: 'not to blame for the chip',
  suitsSoFar: 'suits so far',
  keepItAndLookOn: 'keep it and look on',
  chippedAtAngle: (edge: string, beforeDeg: number, nowDeg: number) =>
    `${edge} chipped at work at ${format.deg(beforeDeg)} per side, and not since ${format.deg(nowDeg)}.`,
  tooThinForItsWork: (edge: string) => `${edge} is too thin for its work.`,
  everyAngleSuitsItsWork: 'Every angle suits its work so far.',
  fromThatOverEveryTouch: (trips: number) =>
    `From ${plural(trips, 'trip that is', 'trips that are')} over: every touch-up out there is planned with all that was carried, and again without each thing that its plan takes.`,
  thing: 'Thing',
  weight: 'Weight',
  carriedUsed: 'Carried, used',
  saved: 'Saved',
  perHundredGramsAndTrip: 'For each 100 g and trip',
  nothingElseCouldDo: 'Nothing else could do',
  nothingElseCouldDoWhat: (name: string) => `Nothing else could do what ${name} did`,
  earnsItsGramsBest: (name: string) => `${name} earns its grams best`,
  nothingThatWasCarriedSaved: 'Nothing that was carried saved time over the rest',
  wasNeverUsed: (title: string, names: readonly string[]) =>
    `${title}; ${format.listed(names)} was never used.`,
  yourSidesHaveEvenedOut: 'Your sides have evened out',
  sidesNoMoreEven: 'Your sides are no more even than they were',
  strokesOnTheLeft: (verdict: string, shareFirst: string, shareNow: string) =>
    `${verdict}: ${shareFirst} of the strokes on the left at first, ${shareNow} now.`,
  fromLongSteps: (steps: number) =>
    `From ${plural(steps, 'step')} of twenty strokes and more: the older half against the newer.`,
  oneStepStrays: (now: string, first: string) =>
    `One step strays ${now} from a half in the middle, ${first} at first.`,
  youStillFavourTheSide: (lean: string) => `You still favour the ${lean} side.`,
  inkGoneShare: (now: string, first: string) =>
    `Ink was gone to the edge ${now} of the time lately, ${first} at first.`,
  fromInkLooks: (looks: number) =>
    `From ${plural(looks, 'look')} at ink in the guide: the older half against the newer.`,
  mostOftenInkWas: (inkWords: string) => `Where it was not, it was most often ${inkWords}.`,
  edgeLasts: (edge: string, hours: string, task: string) =>
    `${edge} lasts ${hours} of ${task} until it is tired.`,
  whenceEnduranceIsKnown:
    'From looks before and after painted trips, and from hours noted at a touch-up; from two stretches of mostly one task on. From as keen as asked until tired, at an even rate.',
  task: 'Task',
  finish: 'Finish',
  untilTired: 'Until tired',
  stretches: 'Stretches',
  notKnown: 'not known',
  atLeastHours: (hours: string) => `at least ${hours}`,
  noEdgeAsksSooner: 'No edge asks sooner or later than it used to.',
  whenceGapsAreKnown: (entries: number) =>
    `From ${plural(entries, 'entry', 'entries')}. Strops and stones are said from three entries on, thinnings from two; a trend from five on, where chance makes one in one row of ten at most.`,
  between: 'Between',
  daysEachGap: 'Days, each gap',
  usually: 'Usually',
  workBetween: 'Work between',
  trend: 'Trend',
  notSaid: 'not said',
  soonerEachTime: 'sooner each time',
  longerEachTime: 'longer each time',
  sameJobThenAndNow: 'The same job, then and now.',
  plansFirstAgainstLast: (steps: number) =>
    `Plans: the first five of ${plural(steps, 'step')} against the last five.`,
  theSameJobTouchUps:
    'The same job: touch-ups between the same two tests with the same kind of thing, from four on; the older half against the newer.',
  shareOfPlannedStrokes: (first: string, month: string, latest: string) =>
    `Of the planned strokes it took ${first} in ${month}, ${latest} lately.`,
  whichJob: 'Job',
  strokesASideThen: 'Strokes a side, then',
  now: 'Now',
  timeThen: 'Time, then',
  timeNow: 'Now ',
  entries: 'Entries',
  workFromTestToTest: (work: string, before: string, after: string) =>
    `${work}: ${before} to ${after}`,
  losesMostSteel: (edge: string, perYearMm: number, years: string) =>
    `${edge} loses most steel, ${format.rounded(perYearMm, 0)} µm a year; what is left lasts ${years}.`,
  whenceSteelIsKnown: (touchUps: number) =>
    `From ${plural(touchUps, 'touch-up')}: the recession that each rounded apex and each chip needed. An edge is said from three touch-ups on.`,
  eachTouchUp: 'Each touch-up',
  withoutChips: 'Without chips',
  aYear: 'A year',
  left: 'Left',
  thatIs: 'That is',
  longerThanTwentyYears: 'longer than twenty years',
  morePairsKnowTester: (pairs: number) =>
    `${plural(pairs, 'pair')} more of grams and a test, and your own tester is known.`,
  usualTesterUntilTenPairs: (pairs: number, restG: number, eachG: number) =>
    `${plural(pairs, 'pair')} so far. Until ten stand the usual one is taken: ${restG} g and ${eachG} g for each µm to the power of 0.8.`,
  ownTesterAgainstUsual: (ownG: number, usualG: number) =>
    `Your force tester reads ${format.grams(ownG)} where newsprint is just push-cut; the usual one reads ${format.grams(usualG)}.`,
  ownTesterFromPairs: (pairs: number, restG: string, eachG: string) =>
    `From ${plural(pairs, 'pair')} of grams and a test at one place: ${restG} g and ${eachG} g for each µm to the power of 0.8. Every estimate from grams goes by it.`,
  testerChartLegend: 'Rings: your pairs. Thick: your tester. Dotted: the usual one.',
  whatTheLogAnswers: 'What the log answers',
  backToTheLog: 'Back to the log',
  tooLittleYet:
    'Too little is in it yet. From three touch-ups of one edge on it says how long they lie apart; tests before and after each one make the answers better.',
  noneFits: 'none',
  never: 'never',
  fromTo: (firstDay: string, lastDay: string) =>
    `${format.day(firstDay)} to ${format.day(lastDay)}`,
  about: (years: string) => `about ${years}`,
};
