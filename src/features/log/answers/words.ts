import { plural } from '../../../ui/words/plural';

/** What these screens say. */
export const logAnswersWords = {
  answerAsATable: 'Answer, as a table',
  fewerRows: 'Fewer rows',
  allRows: (length: number) => `All ${length} rows`,
  fromAndTheLooksBetween: (entries: number) =>
    `From ${plural(entries, 'touch-up')} and the looks between. Damage counts once however often it was seen; only damage from normal work speaks about the angle.`,
  edge: 'Edge',
  angle: 'Angle',
  since: 'Since',
  touchUps: 'Touch-ups',
  chipsAndRolls: 'Chips and rolls',
  deepest: 'Deepest',
  theAngle: 'The angle',
  perSide: (deg: string) => `${deg} per side`,
  fromWork: (work: number) => `${work} from work`,
  byMisuse: (misuse: number) => `${misuse} by misuse`,
  asItCame: (factory: number) => `${factory} as it came`,
  ofUnknownCause: (unknown: number) => `${unknown} of unknown cause`,
  tooThinSteeperOrA: (deg: string) => `too thin: ${deg} steeper, or a micro-bevel`,
  hasRoomCouldGoFlatter: (deg: string) => `has room: could go ${deg} flatter`,
  suitsTheShouldersNeedThinning: 'suits; the shoulders need thinning',
  notToBlameForThe: 'not to blame for the chip',
  suitsSoFar: 'suits so far',
  keepItAndLookOn: 'keep it and look on',
  chippedAtWorkAtPer: (nameOf: string, deg: string, deg2: string) =>
    `${nameOf} chipped at work at ${deg} per side, and not since ${deg2}.`,
  isTooThinForIts: (nameOf: string) => `${nameOf} is too thin for its work.`,
  everyAngleSuitsItsWork: 'Every angle suits its work so far.',
  fromThatOverEveryTouch: (trips: number) =>
    `From ${plural(trips, 'trip that is', 'trips that are')} over: every touch-up out there is planned with all that was carried, and again without each thing that its plan takes.`,
  thing: 'Thing',
  weight: 'Weight',
  carriedUsed: 'Carried, used',
  saved: 'Saved',
  forEach100GAnd: 'For each 100 g and trip',
  nothingElseCouldDo: 'Nothing else could do',
  nothingElseCouldDoWhat: (name: string) => `Nothing else could do what ${name} did`,
  earnsItsGramsBest: (name: string) => `${name} earns its grams best`,
  nothingThatWasCarriedSaved: 'Nothing that was carried saved time over the rest',
  wasNeverUsed: (title: string, listed: string) => `${title}; ${listed} was never used.`,
  yourSidesHaveEvenedOut: 'Your sides have evened out',
  yourSidesAreNoMore: 'Your sides are no more even than they were',
  ofTheStrokesOnThe: (value: string, percent: string, percent2: string) =>
    `${value}: ${percent} of the strokes on the left at first, ${percent2} now.`,
  fromOfTwentyStrokesAnd: (steps: number) =>
    `From ${plural(steps, 'step')} of twenty strokes and more: the older half against the newer.`,
  oneStepStraysFromA: (percent: string, percent2: string) =>
    `One step strays ${percent} from a half in the middle, ${percent2} at first.`,
  youStillFavourTheSide: (lean: string) => `You still favour the ${lean} side.`,
  inkWasGoneToThe: (percent: string, percent2: string) =>
    `Ink was gone to the edge ${percent} of the time lately, ${percent2} at first.`,
  fromAtInkInThe: (looks: number) =>
    `From ${plural(looks, 'look')} at ink in the guide: the older half against the newer.`,
  whereItWasNotIt: (inkWords: string) => `Where it was not, it was most often ${inkWords}.`,
  lastsOfUntilItIs: (nameOf: string, hours: string, taskName: string) =>
    `${nameOf} lasts ${hours} of ${taskName} until it is tired.`,
  fromLooksBeforeAndAfter:
    'From looks before and after painted trips, and from hours noted at a touch-up; from two stretches of mostly one task on. From as keen as asked until tired, at an even rate.',
  task: 'Task',
  finish: 'Finish',
  untilTired: 'Until tired',
  stretches: 'Stretches',
  notKnown: 'not known',
  atLeast: 'at least ',
  noEdgeAsksSoonerOr: 'No edge asks sooner or later than it used to.',
  fromStropsAndStonesAre: (entries: number) =>
    `From ${plural(entries, 'entry', 'entries')}. Strops and stones are said from three entries on, thinnings from two; a trend from five on, where chance makes one in one row of ten at most.`,
  between: 'Between',
  daysEachGap: 'Days, each gap',
  usually: 'Usually',
  workBetween: 'Work between',
  trend: 'Trend',
  notSaid: 'not said',
  soonerEachTime: 'sooner each time',
  longerEachTime: 'longer each time',
  theSameJobThenAnd: 'The same job, then and now.',
  plansTheFirstFiveOf: (steps: number) =>
    `Plans: the first five of ${plural(steps, 'step')} against the last five.`,
  theSameJobTouchUps:
    'The same job: touch-ups between the same two tests with the same kind of thing, from four on; the older half against the newer.',
  ofThePlannedStrokesIt: (percent: string, month: string, percent2: string) =>
    `Of the planned strokes it took ${percent} in ${month}, ${percent2} lately.`,
  whichJob: 'Job',
  strokesASideThen: 'Strokes a side, then',
  now: 'Now',
  timeThen: 'Time, then',
  now2: 'Now ',
  entries: 'Entries',
  toWord: (workMarkWords: string, testWords: string, testWords2: string) =>
    `${workMarkWords}: ${testWords} to ${testWords2}`,
  losesMostSteelMA: (nameOf: string, rounded: string, yearsWords: string) =>
    `${nameOf} loses most steel, ${rounded} µm a year; what is left lasts ${yearsWords}.`,
  fromTheRecessionThatEach: (touchUps: number) =>
    `From ${plural(touchUps, 'touch-up')}: the recession that each rounded apex and each chip needed. An edge is said from three touch-ups on.`,
  eachTouchUp: 'Each touch-up',
  withoutChips: 'Without chips',
  aYear: 'A year',
  left: 'Left',
  thatIs: 'That is',
  longerThanTwentyYears: 'longer than twenty years',
  moreOfGramsAndA: (value: number) =>
    `${plural(value, 'pair')} more of grams and a test, and your own tester is known.`,
  soFarUntilTenStand: (length: number, restG: number, eachG: number) =>
    `${plural(length, 'pair')} so far. Until ten stand the usual one is taken: ${restG} g and ${eachG} g for each µm to the power of 0.8.`,
  yourForceTesterReadsWhere: (grams: string, grams2: string) =>
    `Your force tester reads ${grams} where newsprint is just push-cut; the usual one reads ${grams2}.`,
  fromOfGramsAndA: (length: number, toFixed: string, toFixed2: string) =>
    `From ${plural(length, 'pair')} of grams and a test at one place: ${toFixed} g and ${toFixed2} g for each µm to the power of 0.8. Every estimate from grams goes by it.`,
  ringsYourPairsThickYour: 'Rings: your pairs. Thick: your tester. Dotted: the usual one.',
  whatTheLogAnswers: 'What the log answers',
  backToTheLog: 'Back to the log',
  tooLittleIsInIt:
    'Too little is in it yet. From three touch-ups of one edge on it says how long they lie apart; tests before and after each one make the answers better.',
  noneFits: 'none',
  never: 'never',
  fromTo: (from: string, to: string) => `${from} to ${to}`,
  about: (years: string) => `about ${years}`,
};
