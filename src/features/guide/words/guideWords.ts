import { pieces } from '../../../ui/words/pieces';
import type { ReactNode } from 'react';
import * as format from '../../../ui/format';
import { plural } from '../../../ui/words/plural';

/** What these screens say. */
export const guideWords = {
  facetIsSaved: 'The facet is saved with its stretch.',
  theNewMeasuresAreSaved: 'The new measures are saved.',
  undo: 'Undo',
  finishingTheWorkOn: (name: string) => `finishing the work on ${name}`,
  measuringAfterItsWork: (name: string) => `measuring ${name} after its work`,
  feelForTheBurr: 'Feel for the burr',
  feelForBurrSafely:
    'Draw a fingertip from the spine off the edge, never along it, or a cotton bud that snags. Tap each part where you feel it.',
  itStandsOnTheSide: 'It stands on the side',
  whereItIsFelt: 'Where it is felt',
  notFeltForYet: 'Not felt for yet.',
  alongAllOfItTurn: 'Along all of it: turn over, or go on to the next step.',
  burrNotYetAt: (places: string, owed: number) =>
    `None yet from ${places}: about ${owed} more a side there.`,
  theBurrOff: 'The burr off',
  feelAcrossTheEdge: 'Feel across, from spine to edge, never along it: a wire edge cuts.',
  takenOffBy: 'Taken off by',
  perSide: (steepDeg: number, holdInShort: string) =>
    `${format.deg(steepDeg)} per side. ${holdInShort}`,
  alternate432And:
    'Alternate 4, 3, 2 and 1 a side at the same angle, each round lighter, the last with the tool’s own weight.',
  shearOffBySteepStrokes: (steep: string) =>
    `Two feather-light strokes a side, edge leading, at ${steep}. They keep the tooth of this stone and leave a narrow micro-bevel.`,
  trailingStrokesTakeItOff:
    'Three or four strokes a side, edge trailing, with no more than the tool’s own weight.',
  leaveItStandingTheStrop:
    'Leave it standing: the strop breaks it. If it scores the leather, come back and take it off here.',
  drawTheEdgeOnceAlong:
    'Draw the edge once along its length through soft wood, then two light strokes a side.',
  inkItAndLook: 'Ink it and look',
  inkAndLook: (strokes: number, isToStay: boolean) =>
    `Draw a marker along the bevel up to the edge, take two or three strokes, wipe, and look across the light${isToStay ? ': here it is to stay at the very edge' : ''}. After ${plural(strokes, 'stroke')}, both sides together, the ink is`,
  whereTheInkIs: 'Where the ink is',
  after: (strokes: number, inkWords: string) => `after ${plural(strokes, 'stroke')}: ${inkWords}`,
  goOnWithThisStep: 'Go on with this step',
  beforeYouLeaveThe: (abrasiveName: string) => `Before you leave the ${abrasiveName}`,
  askedOnceAfter: (strokes: number) =>
    `After ${plural(strokes, 'stroke')}, both sides together. Asked once at a step.`,
  askedOnceAtAStep: 'Asked once at a step.',
  allThereNextStep: 'All there: next step',
  leaveItAllTheSame: 'Leave it all the same',
  whatTheFirstStoneLeaves:
    'What the first stone leaves undone no finer one makes good. Three looks:',
  burr: 'Burr',
  allAlong: 'all along',
  notEverywhere: 'not everywhere',
  ink: 'Ink',
  goneToTheEdge: 'gone to the edge',
  leftAtTheEdge: 'left at the edge',
  glint: 'Glint',
  leaveStoneEarly: (done: number, planned: number, abrasiveName: string) =>
    `${done} of ${planned} strokes: leave the ${abrasiveName}?`,
  goOnWithAnotherThing: 'Go on with another thing; the rest is planned anew from the last test',
  minutesThen: (minutes: number, abrasiveName: string) =>
    `${format.minutes(minutes)}, then ${abrasiveName}`,
  thisStep: (abrasiveName: string) => `This step: ${abrasiveName}`,
  shareStrokesBetweenSides: 'Share the strokes between the sides; the count turns over with you',
  countByBeat: 'Count by a beat: each click is a stroke, until you pause',
  motionWithPace: (motion: string, strokes: number) => `${motion}, ${strokes} a minute`,
  sideDoneIsCalledBy: 'Called when a side is done, by',
  leaveThisStepOutBecause: 'Leave this step out, because',
  stepBackTo: (abrasiveName: string) => `Step back to ${abrasiveName}`,
  leftOut: (skipped: string) => `left out: ${skipped}`,
  iCountInA: 'I count in a',
  ofSoManyStrokes: 'of so many strokes',
  thisStepHeading: 'This step',
  byStrokes: 'by strokes',
  byFeelAndClock: 'by feel: a clock, no count',
  testIt: 'Test it',
  theFinestTestItPasses: 'The finest test it passes now',
  wipeItFirstFromSpine: 'Wipe it first, from spine toward edge.',
  itMeetsItsTargetStop: 'It meets its target: stop there.',
  finishHere: 'Finish here',
  apexAbout: (apexRadiusUm: number, low: string, highUm: number) =>
    `About ${format.um(apexRadiusUm)} (${low}–${format.um(highUm)})`,
  apexMeetsTarget: (about: string, targetApexUm: number) =>
    `${about}: it meets its target (${format.um(targetApexUm)}). Stop there.`,
  worseThanBefore: (about: string) =>
    `${about}, worse than before. Ink the edge and look before you go on.`,
  noBetterThanBeforeBeyond: (about: string) =>
    `${about}, no better than before beyond its scatter. Ink the edge and look before you go on.`,
  improvingCarryOn: 'Improving: carry on.',
  carryOn: 'Carry on.',
  apexAgainstTarget: (about: string, targetApexUm: number, verdict: string) =>
    `${about}; target ${format.um(targetApexUm)}. ${verdict}`,
  measuredNowAsPlannedUnless: 'Measured now, as planned unless you say otherwise',
  widthOfTheEdgeBevel: 'Width of the edge bevel',
  angleOfTheCheek: 'Angle of the cheek',
  angleBehindIt: 'Angle behind it',
  thickAtTheShoulder: 'Thick at the shoulder',
  mustExceedFaceAngle: 'must be more than the angle of the faces behind it',
  mustStayUnderEdgeAngle: 'must be less than the angle of the edge',
  finish: 'Finish',
  whatToWatchNextTime: 'What to watch next time (optional)',
  wipeDryAndOil:
    'Wipe and dry it, a thin film of oil, wax or fat on carbon steel, clean hands before food. Keep swarf out of food and eyes.',
  backToTheStrokes: 'Back to the strokes',
  writeItIntoTheLog: 'Write it into the log',
  finestTestAtTheEnd: 'The finest test it passes at the end',
  arcGroundInPart:
    'The arc is ground in part: its measures stay as they were. Measure its angle again before the next touch-up, or go on with the facets that are left.',
  itHasLeftAFacet: (faceWidthMm: number, angleDeg: number) =>
    `It has left a facet ${format.fineMm(faceWidthMm)} wide at ${format.deg(angleDeg)} per side`,
  blendItNextTime: 'Blend it next time',
  keepItAsAMicro: 'Keep it as a micro-bevel',
  theDrawingAndTheNext: 'The drawing and the next plan go by it.',
  stillToBeSeen: 'Still to be seen?',
  findingFromHeel: (finding: string, startMm: number, depthMm: number) =>
    `${format.sentence(finding)} ${format.placeMm(startMm)} from the heel of the stretch${depthMm > 0 ? `, ${format.chipDepth(depthMm)} deep` : ''}`,
  now: (edgeName: string) => `Now ${edgeName}.`,
  wash: 'Wash',
  howToWash: 'brush and rinse; lay it flat to dry',
  dry: 'Dry',
  howToDry: 'from the spine toward the edge',
  wax: 'Wax',
  aThinFilmOfWax: 'a thin film of wax, oil or fat',
  sheath: 'Sheath',
  dryFirstThenIn: 'dry first, then in',
  thenPutItAway: 'Then put it away',
  oneEdge: 'One edge',
  edgesDoneIn: (edges: string, minutes: number) => `${edges} in ${format.minutes(minutes)}:`,
  aToolTakenDown: 'a tool taken down',
  next: (name: string) => `Next: ${name}`,
  toTheRack: 'To the rack',
  careInTheLog: (care: string) => `${format.sentence(care)}: in the log`,
  tiltBehindTheEdge: (tilt: ReactNode, leverMm: number) =>
    pieces`${tilt} ${format.placeMm(leverMm)} behind the edge`,
  toolBraced: ', tool braced',
  coins: (others: string) => `; coins ${others}`,
  countAStrokeSide: (side: string, count: number) => `Count a stroke: ${side} side, ${count}`,
  doneWhen: 'Done when',
  pausedAt: (side: string) => `${side}, paused`,
  sideStandsAt: (other: string) => `${other} side stands at`,
  tapForEachStroke: (placeWords: string) =>
    `${placeWords}Tap anywhere here, or the space bar, for each stroke.`,
  ofAbout: 'of about',
  aSide: (motionWord: string) => `${motionWord} a side`,
  heelToToeOfEach: (passWords: string, passStrokes: number) =>
    `${passWords}, heel to toe, of ${passStrokes} each`,
  thisSideHasItsStrokes: 'This side has its strokes: turn it over.',
  inkItAndLookDo: 'Ink it and look: do the strokes reach the edge?',
  stretchFirst: (strokesPerSide: number, spanMm: string, angleDeg: number) =>
    `First ${strokesPerSide} a side from ${spanMm}, at ${format.deg(angleDeg)} per side. `,
  restOfEdgeNow: (angleDeg: number) =>
    `Now the rest of the edge, at ${format.deg(angleDeg)} per side. `,
  sectionOfEdge: (section: number, sections: number, spanMm: string) =>
    `Section ${section} of ${sections}, ${spanMm}, a little over the next. `,
  setThenTurnOver: (set: number, sets: number, left: number, next: string | null) =>
    `set ${set}${set > sets ? ', past the plan' : ` of ${sets}`}: ${left} more, then turn over${next === null ? '' : `; the next goes ${next}`}`,
  even: ': even',
  moreOnTheSide: (strokes: string, side: string) => `: ${strokes} more on the ${side}`,
  firstFromAsDrawnThen: (spanMm: string, thenDeg: number) =>
    `First from ${spanMm} as drawn; then the rest of the edge at ${format.deg(thenDeg)} per side.`,
  listenAndFeel: 'Listen and feel',
  forceAndLubricant: (force: string, forceN: number, lubricant: string) =>
    `${format.sentence(force)}, about ${format.newtons(forceN)}; ${lubricant}.`,
  bothSidesDoneGoOn: 'Both sides done: go on',
  thisSideDone: 'This side done',
  startTheClock: 'Start the clock',
  mayTestFirst: 'test it first, if you like',
  onlyTimeIsCounted: 'nothing is counted: only the time',
  thenBothSidesAreDone: 'then both sides are done',
  thenTurnItOver: (other: string) => `then turn it over: ${other}`,
  backOne: 'Back one',
  start: 'Start',
  goOn: 'Go on',
  pause: 'Pause',
  test: 'Test',
  look: 'Look',
  onePass: 'One pass',
  turnItOver: 'Turn it over',
  nextStep: 'Next step',
  spine: (name: string) => `${name}, spine`,
  stepOfLadder: (step: number, steps: number, abrasiveName: string, task: string) =>
    `step ${step} of ${steps}, ${abrasiveName}, to ${task}`,
  left: (minutesLeft: string) => `${minutesLeft} left`,
  leave: 'Leave',
  ladderAtStep: (step: number, steps: number) =>
    `Ladder, at step ${step} of ${plural(steps, 'step')}`,
  allGone: 'all gone',
  goneAtTheEdgeOnly: 'gone at the edge only',
  whatInkSays: 'What ink says',
  rightSo: 'right so',
  secondsOfUsual: (seconds: number, lowSeconds: number, highSeconds: number) =>
    `${seconds} seconds of usually ${lowSeconds} to ${highSeconds}`,
  heel: 'heel',
  sideDoneAfter: (side: string, seconds: number) => `${side} done, ${seconds} s`,
  usualSecondsASide: (lowSeconds: number, highSeconds: number) =>
    `usually ${lowSeconds}–${highSeconds} s a side`,
  whyItMayBeStuck: 'Why it may be stuck',
  takesTooLong: 'It takes longer than it should',
  carryOnButton: 'Carry on',
  thereIsNoSuchTouch: 'There is no such touch-up here',
  itMayBeOnAnother: 'It may be on another device, or its tool was taken down.',
  chooseAnEdge: 'Choose an edge',
  whatWasCountedSoFar: 'What was counted so far is saved.',
  doneAndNotSavedYet: 'Done, and not saved yet',
  theEntryOpensAsSoon: 'The entry opens as soon as it is saved: see above what hinders it.',
  setOf: (name: string, strokes: number) => `${format.sentence(name)} of ${strokes}`,
  noGlint: 'none',
  someGlint: 'some',
  fromSpan: (span: string) => `from ${span}`,
  withLubricant: (lubricant: string) => `with ${lubricant}`,
};
